package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import keenfork.core.food.OwnWeights;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;

/// A dish as written, read into parts, lines and steps.
///
/// @param name     the dish's name
/// @param serves   portions, or 0 where none are written
/// @param makes    what it makes where that is no number of portions, as written; else an empty string
/// @param parts    its parts in order; a part without a line is left out
/// @param steps    its steps in order
/// @param mentions the plain foods that its steps name
/// @param suggested what is only said of it, in the recipe's own words: what could be eaten with it, or that it has no
///                  nuts. No part of it, and of no statement
public record Recipe(String name, int serves, String makes, List<Part> parts, List<String> steps,
        List<Mention> mentions, List<String> suggested) {
    public Recipe {
        parts = List.copyOf(parts);
        steps = List.copyOf(steps);
        mentions = List.copyOf(mentions);
        suggested = List.copyOf(suggested);
    }

    public Recipe(String name, int serves, String makes, List<Part> parts, List<String> steps,
            List<Mention> mentions) {
        this(name, serves, makes, parts, steps, mentions, List.of());
    }

    public Recipe(String name, int serves, String makes, List<Part> parts, List<String> steps) {
        this(name, serves, makes, parts, steps, Mention.in(steps));
    }

    /// Reads any text: what cannot be read is kept as a line that may hold anything.
    ///
    /// @param text    the recipe, the dish's name on its first line
    /// @param volumes the kitchen's convention for spoons and cups
    /// @param home    the law that packs written in the recipe were printed under, unless they say otherwise
    public static Recipe read(String text, Volumes volumes, Law home) {
        return read(text, volumes, home, OwnWeights.NONE);
    }

    /// The same in a kitchen that weighed some of its foods itself.
    public static Recipe read(String text, Volumes volumes, Law home, OwnWeights own) {
        return new RecipeReader(volumes, home, own).read(text);
    }

    /// {@return this dish with other parts and steps}
    public Recipe with(List<Part> others, List<String> changed) {
        return new Recipe(name, serves, makes, others, changed, Mention.in(changed), suggested);
    }

    public List<Line> lines() {
        return parts.stream().flatMap(p -> p.lines().stream()).toList();
    }

    /// {@return what is known to go in; lines without a weight are left out}
    public Mass mass() {
        var sum = Mass.NONE;
        for (var part : parts) sum = sum.plus(part.mass());
        return sum;
    }

    /// {@return this dish with each part changed; a part left without lines goes}
    public Recipe withParts(UnaryOperator<Part> change) {
        return new Recipe(name, serves, makes, parts.stream().map(change).filter(p -> !p.lines().isEmpty()).toList(),
                steps, mentions, suggested);
    }
}
