package keenfork.core.swap;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Plurals;
import keenfork.core.food.Remembered;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;

/// The step that a swap brings: how what goes in is made ready, and every companion named.
public final class OwnStep {
    private static final Set<String> SEASONS = Families.keys("any salt; any citrus juice; any vinegar");

    private static final Remembered<Said> SAID = new Remembered<>(Said::of);

    private OwnStep() {}

    /// {@return the step, in the words of a method; empty where what goes in goes in as it is}
    /// @param liquid the recipe's own water or stock that the food it replaces was cooked in; empty where it has none
    /// @param cools  whether the recipe lets it cool before it goes on
    public static String of(Move.Replace move, String liquid, boolean cools) {
        var main = move.with().getFirst();
        var cooking = main.food().flatMap(Cooking::of);
        var made = move.swap().make().isEmpty() ? cooking.map(c -> c.step(main.mass(), liquid, cools)).orElse("")
                : sentence(move.swap().make());
        var left = move.with().stream().skip(made.isEmpty() ? 1 : 0).flatMap(l -> l.food().stream())
                .filter(f -> !names(made, f)).toList();
        return (made + " " + adds(main, left)).strip();
    }

    private static String adds(Line main, List<Food> left) {
        if (left.isEmpty()) return "";
        var seasons = left.stream().allMatch(f -> SEASONS.contains(f.id()));
        var names = left.stream().map(f -> "the " + Plurals.of(f)).distinct().collect(Collectors.joining(" and "));
        var to = main.food().map(Plurals::of).orElse(main.text());
        return seasons ? "Season the %s with %s.".formatted(to, names) : "Stir %s into the %s.".formatted(names, to);
    }

    private static String sentence(String make) {
        return make.endsWith(".") ? make : make + ".";
    }

    /// {@return whether some words name a food, be it by the last word of its name}
    static boolean names(String words, Food food) {
        if (words.isEmpty()) return false;
        var said = SAID.of(words);
        if (said.foods.contains(food)) return true;
        var key = Words.key(food.name());
        return said.words.contains(key.substring(key.lastIndexOf(' ') + 1));
    }

    /// The foods that some words name, and each of them in its one form.
    private record Said(Set<Food> foods, Set<String> words) {
        static Said of(String text) {
            var foods = new HashSet<Food>();
            for (var match : Foods.shipped().recipeWords().read(text).matches())
                if (match.meaning() instanceof Meaning.OfFood(var food)) foods.add(food);
            return new Said(foods,
                    Words.of(text).stream().map(w -> Words.key(w.text())).collect(Collectors.toSet()));
        }
    }

    /// {@return the verb it opens with}
    static Optional<Verb> opens(String step) {
        var end = step.indexOf(' ');
        return end < 0 ? Optional.empty() : Verb.of(step.substring(0, end));
    }
}
