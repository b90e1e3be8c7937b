package keenfork.core.swap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;

/// Which lines of a dish each food word of its steps means: the lines of that very food, or else those it is a common
/// word for, "the cheese" for feta and "the nuts" for walnuts.
final class NamedLines {
    private static final Map<String, Set<String>> HEADS = Table.read(NamedLines.class, "heads.txt", 2).stream().collect(
            HashMap::new, (m, r) -> m.put(Families.food(r.cell(0)).id(), r.read(1, Families::keys)), Map::putAll);
    private final List<List<Sentence>> steps;
    private final Map<Sentence.Named, List<Line>> meant = new IdentityHashMap<>();

    private NamedLines(Recipe recipe) {
        steps = recipe.steps().stream().map(Sentence::of).toList();
        for (var step : steps)
            for (var sentence : step) for (var food : sentence.foods()) meant.put(food, meant(food, recipe));
    }

    static NamedLines of(Recipe recipe) { return new NamedLines(recipe); }

    /// {@return each step in its sentences}
    List<List<Sentence>> steps() { return steps; }

    /// {@return the lines a food word of a sentence means; empty where it means none of them}
    List<Line> meant(Sentence.Named food) { return meant.getOrDefault(food, List.of()); }

    /// {@return the sentences that name a line}
    List<Sentence> sentences(Line line) {
        var found = new ArrayList<Sentence>();
        for (var step : steps)
            for (var sentence : step)
                if (sentence.foods().stream().anyMatch(f -> meant(f).stream().anyMatch(l -> l == line)))
                    found.add(sentence);
        return found;
    }

    private static List<Line> meant(Sentence.Named food, Recipe recipe) {
        var lines = recipe.lines();
        return switch (food.match().meaning()) {
            case Meaning.OfFood(var named) -> meant(named, food.match().text(), recipe);
            case Meaning.OfSubstances(var substances) ->
                    lines.stream().filter(l -> foods(l).anyMatch(f -> holds(f, substances))).toList();
            case Meaning.Vague _ -> List.of();
        };
    }

    private static List<Line> meant(Food named, String word, Recipe recipe) {
        var lines = recipe.lines();
        var exact = lines.stream().filter(l -> foods(l).anyMatch(named::equals)).toList();
        if (!exact.isEmpty()) return exact;
        var heads = HEADS.getOrDefault(named.id(), Set.of());
        var alike = lines.stream().filter(l -> foods(l).anyMatch(f -> heads.contains(f.id())) || endsWith(l, word))
                .toList();
        return isMoreOfPart(word, recipe, alike) ? List.of() : alike;
    }

    /// "Blend the dressing" means all of that part, and not the caesar dressing in it; a cheese that is a part by
    /// itself is what it says.
    private static boolean isMoreOfPart(String word, Recipe recipe, List<Line> alike) {
        var key = Words.key(word);
        return recipe.parts().stream()
                .filter(p -> key.equals(Words.key(p.name())) || key.equals(Words.key(p.kind().word())))
                .anyMatch(p -> p.lines().stream().anyMatch(l -> alike.stream().noneMatch(a -> a == l)));
    }

    /// "the beans" for white beans: the last word of the line's food, or of the name it was read as
    private static boolean endsWith(Line line, String word) {
        var key = " " + Words.key(word);
        return line.food().filter(f -> (" " + Words.key(f.name())).endsWith(key)).isPresent();
    }

    private static boolean holds(Food food, List<Substance> substances) {
        var tree = Substances.shipped();
        return food.holds().stream().anyMatch(h -> substances.stream().anyMatch(s -> tree.isUnder(h, s)));
    }

    /// {@return all foods a line names}
    static Stream<Food> foods(Line line) {
        return line.choices().stream().flatMap(c -> Stream.concat(Stream.of(c.main()), c.others().stream()))
                .flatMap(m -> m instanceof Meaning.OfFood(var food) ? Stream.of(food) : Stream.empty());
    }
}
