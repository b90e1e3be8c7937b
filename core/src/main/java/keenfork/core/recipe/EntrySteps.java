package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.Remembered;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;
import org.jspecify.annotations.Nullable;

/// At which step each line goes in: the first that names its food, its part or all that is left. Too early is harmless,
/// too late would hide an allergen: so what no step names counts from the start.
///
/// @param steps for each line of the recipe the step it goes in at, from 0; [#START] where no step names it,
///              [Recipe#steps]' size where it goes on when the dish goes out
public record EntrySteps(List<Integer> steps) {
    /// "everything but the cheese", "all except the nuts and the seeds": what is named there stays out of that step
    private static final Pattern BUT = Pattern.compile(
            "(?i)\\b(?:everything|all(?: (?:of|the|other) [\\p{L} ]{0,30}?)?|the rest|remaining [\\p{L} "
                    + "]{0,20}?)\\s+(?<but>(?:" + Grammar.anyOf("except") + ")\\s+[^.,;:()]*?)(?=$|[.,;:()]|\\s+(?:"
                    + Grammar.anyOf("except-end")
                    + ")\\b)");
    /// counted in before the first step
    public static final int START = -1;
    /// letters from which a word of a name tells it apart well enough
    private static final int TELLING = 4;
    private static final Pattern ALL = Grammar.wordOf("everything");

    public EntrySteps {
        steps = List.copyOf(steps);
    }

    public static EntrySteps of(Recipe recipe) {
        var named = recipe.steps().stream().map(Step::of).toList();
        var steps = new ArrayList<Integer>();
        for (var part : recipe.parts()) {
            var wholes = named.stream().map(s -> s.takesWhole(part)).toList();
            for (var line : part.lines()) steps.add(first(line, part, named, wholes));
        }
        return new EntrySteps(steps);
    }

    /// {@return the lines that go in with the first step or before it; each by itself, not by what it says}
    public static Set<Line> first(Recipe recipe) {
        Set<Line> first = Collections.newSetFromMap(new IdentityHashMap<>());
        var steps = of(recipe).steps;
        for (var i = 0; i < steps.size(); i++) if (steps.get(i) <= 0) first.add(recipe.lines().get(i));
        return first;
    }

    private static Set<Integer> takenBy(Step step, Recipe recipe) {
        var lines = new TreeSet<Integer>();
        var at = 0;
        for (var part : recipe.parts()) {
            var isWhole = step.takesWhole(part);
            for (var line : part.lines()) {
                if (step.takes(line, part, isWhole)) lines.add(at);
                at++;
            }
        }
        return lines;
    }

    /// {@return for each step the lines it names, by their places in the recipe}
    public static List<Set<Integer>> namedBy(Recipe recipe) {
        var named = new ArrayList<Set<Integer>>();
        for (var text : recipe.steps()) {
            var step = Step.of(text);
            named.add(takenBy(step, recipe));
        }
        return named;
    }

    /// @param wholes which of the steps take the whole part
    private static int first(Line line, Part part, List<Step> steps, List<Boolean> wholes) {
        for (var i = 0; i < steps.size(); i++) if (steps.get(i).takes(line, part, wholes.get(i))) return i;
        return part.kind().comesOff() ? steps.size() : START;
    }

    /// A step with what it names.
    ///
    /// @param but what it says stays out; null where it says nothing of the kind
    private record Step(Set<String> words, Set<Food> foods, List<Substance> substances, boolean takesAll,
            @Nullable Step but) {
        private static final Remembered<Step> READ = new Remembered<>(Step::read);

        static Step of(String text) { return READ.of(text); }

        private static Step read(String text) {
            var but = BUT.matcher(text);
            if (!but.find()) return read(text, null);
            return read(text.substring(0, but.start("but")) + text.substring(but.end("but")),
                    read(but.group("but"), null));
        }

        private static Step read(String text, @Nullable Step but) {
            var words = new HashSet<String>();
            for (var word : Words.of(text)) words.add(Words.key(word.text()));
            var matches = Foods.shipped().recipeWords().read(text).matches();
            var foods = matches.stream().map(m -> m.meaning()).filter(Meaning.OfFood.class::isInstance)
                    .map(m -> ((Meaning.OfFood) m).food()).collect(Collectors.toSet());
            var substances = matches.stream().flatMap(m -> named(m.meaning()).stream()).toList();
            return new Step(words, foods, substances, ALL.matcher(text).find(), but);
        }

        /// "the nuts", and what "the spices" may be
        private static List<Substance> named(Meaning meaning) {
            return switch (meaning) {
                case Meaning.OfFood _ -> List.of();
                case Meaning.OfSubstances(var substances) -> substances;
                case Meaning.Vague(var suspects, _) -> suspects;
            };
        }

        /// {@return whether it takes all of a part, but for what it says stays out}
        boolean takesWhole(Part part) { return takesAll || names(part.name()) || names(part.kind().word()); }

        boolean takes(Line line, Part part, boolean isWhole) {
            if (but != null && but.takes(line, part, but.takesWhole(part))) return false;
            if (isWhole) return true;
            if (!line.dish().isEmpty() && names(line.dish())) return true;
            for (var choice : line.choices()) {
                if (takes(choice.main())) return true;
                for (var other : choice.others()) if (takes(other)) return true;
            }
            return line.choices().isEmpty() && Words.of(line.text()).stream()
                    .anyMatch(w -> w.text().length() >= TELLING && words.contains(Words.key(w.text())));
        }

        private boolean takes(Meaning meaning) {
            return switch (meaning) {
                case Meaning.OfFood(var food) ->
                        foods.contains(food) || names(Tells.of(food))
                                || food.holds().stream().anyMatch(this::names)
                                || food.sometimes().stream().anyMatch(this::names);
                case Meaning.OfSubstances(var held) -> held.stream().anyMatch(this::names);
                case Meaning.Vague _ -> true;
            };
        }

        /// {@return whether the step says the last word of a name: "beans" for white beans}
        private boolean names(String name) {
            return words.contains(last(name));
        }

        private boolean names(Tells tells) {
            for (var word : tells.words) if (words.contains(word)) return true;
            return false;
        }

        private boolean names(Substance held) {
            return substances.stream()
                    .anyMatch(s -> Substances.shipped().isUnder(held, s) || Substances.shipped().isUnder(s, held));
        }
    }

    /// The words by which a step names a food: any longer word of its first name ("spices" for a spice mix), the last
    /// word of each other. Kept for each food of the table, as every step of every dish asks for them.
    private record Tells(Set<String> words) {
        private static final Map<String, Tells> ALL = new ConcurrentHashMap<>();

        static Tells of(Food food) { return ALL.computeIfAbsent(food.name(), _ -> new Tells(words(food))); }

        private static Set<String> words(Food food) {
            var words = new TreeSet<String>();
            for (var word : Words.key(food.name().toLowerCase(Locale.ROOT)).split(" "))
                if (word.length() >= TELLING) words.add(word);
            for (var name : food.names()) words.add(last(name));
            return words;
        }
    }

    private static String last(String name) {
        var own = Words.key(name.toLowerCase(Locale.ROOT));
        return own.substring(own.lastIndexOf(' ') + 1);
    }
}
