package keenfork.core.swap;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Span;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.EntrySteps;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import org.jspecify.annotations.Nullable;

/// Portions taken off before something avoided goes in, and finished first.
///
/// @param step    the step before which they are taken off, from 1 (the second); everything before it is clear of what
///                is avoided
/// @param clear   what is in by then
/// @param portion what one portion of it weighs, or null where the recipe does not say how many it serves
/// @param without the lines the portions go without
/// @param still   lines that go in later and are not avoided: they go into both
/// @param movable lines without which it would be a later step: they are only scattered, folded or stirred in, so that
///                they can wait for the end
/// @param further the step it would be then; the same as `step` where nothing can wait
public record Split(int step, Mass clear, @Nullable Mass portion, List<Line> without, List<Line> still,
        List<Line> movable, int further) {
    private static final double HALF = 0.5;
    private static final Pattern CAN_WAIT =
            Pattern.compile("(?i)^(?:" + Grammar.anyOf("can-wait") + ")\\b");

    public Split {
        without = List.copyOf(without);
        still = List.copyOf(still);
        movable = List.copyOf(movable);
    }

    /// {@return where portions can be taken off, or empty where nothing is avoided, no step is written, or something
    /// avoided may be in from the start}
    public static Optional<Split> of(Derivation dish, List<Avoidance> avoid) {
        var recipe = dish.recipe();
        var going = EntrySteps.of(recipe).steps();
        var offending = offending(dish, avoid);
        if (recipe.steps().isEmpty() || offending.isEmpty() || elsewhere(dish, avoid)) return Optional.empty();
        var lines = recipe.lines();
        var step = first(lines, going, offending, Set.of());
        var movable = movable(lines, going, offending, recipe.steps());
        var further = movable.isEmpty() ? step : first(lines, going, offending, movable);
        if (step <= 0) return Optional.empty();
        var clear = Mass.NONE;
        var still = new ArrayList<Line>();
        for (var i = 0; i < lines.size(); i++) {
            var line = lines.get(i);
            if (going.get(i) < step) clear = line.mass() == null ? clear : clear.plus(line.mass());
            else if (!offending.contains(line)) still.add(line);
        }
        return Optional.of(new Split(step, clear, portion(clear, recipe.serves()),
                lines.stream().filter(offending::contains).toList(), still,
                lines.stream().filter(movable::contains).toList(), further));
    }

    /// {@return whether what is taken off is still the dish: at least half of it, and with what it is named after}
    public boolean isStillIt(Recipe recipe) {
        var gone = Mass.NONE;
        for (var line : without) if (line.mass() != null) gone = gone.plus(line.mass());
        return gone.likelyGrams() <= recipe.mass().likelyGrams() * HALF
                && recipe.parts().stream().noneMatch(p -> p.lines().stream()
                        .anyMatch(l -> without.contains(l) && Leaving.isNamed(recipe, p, l)));
    }

    private static @Nullable Mass portion(Mass clear, int serves) {
        if (serves < 1) return null;
        var one = BigDecimal.ONE.divide(BigDecimal.valueOf(serves), MathContext.DECIMAL64);
        return clear.times(new Span(one, one, one));
    }

    private static int first(List<Line> lines, List<Integer> going, Set<Line> offending, Set<Line> but) {
        var first = Integer.MAX_VALUE;
        for (var i = 0; i < lines.size(); i++)
            if (offending.contains(lines.get(i)) && !but.contains(lines.get(i))) first = Math.min(first, going.get(i));
        return first == Integer.MAX_VALUE ? Collections.max(going) + 1 : first;
    }

    private static Set<Line> movable(List<Line> lines, List<Integer> going, Set<Line> offending, List<String> steps) {
        Set<Line> movable = identities();
        for (var i = 0; i < lines.size(); i++) {
            var at = going.get(i);
            if (offending.contains(lines.get(i)) && at >= 0 && at < steps.size() - 1
                    && CAN_WAIT.matcher(steps.get(at)).find())
                movable.add(lines.get(i));
        }
        return movable;
    }

    private static Set<Line> offending(Derivation dish, List<Avoidance> avoid) {
        Set<Line> offending = identities();
        var lines = dish.recipe().lines();
        for (var i = 0; i < lines.size(); i++) {
            var at = i;
            var line = lines.get(i);
            var named = avoid.stream().anyMatch(a -> a.named(dish, line) != Avoidance.Answer.NOTHING);
            if (named || dish.evidence().stream().anyMatch(e -> e.isOfLine(at) && touches(e, avoid)))
                offending.add(line);
        }
        return offending;
    }

    private static Set<Line> identities() { return Collections.newSetFromMap(new IdentityHashMap<>()); }

    private static boolean touches(Evidence evidence, List<Avoidance> avoid) {
        return avoid.stream().anyMatch(a -> a.against(evidence) != Avoidance.Answer.NOTHING);
    }

    /// What shared kit brings, or a step alone names, is in no line and so in every portion.
    private static boolean elsewhere(Derivation dish, List<Avoidance> avoid) {
        return dish.evidence().stream().filter(e -> !e.isOfLine()).anyMatch(e -> touches(e, avoid));
    }
}
