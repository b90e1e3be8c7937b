package keenfork.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// No word around the name of a food hides what it holds: every name of the tables beside another food, and behind a
/// word of talk.
class NeverLostTest {
    private static final Foods FOODS = Foods.shipped();
    /// which are a food in some places only
    private static final Set<String> TWO_SIDED = Table.read(TwoSided.class, "two-sided.txt", 3).stream()
            .map(r -> r.cell(0)).collect(Collectors.toUnmodifiableSet());
    /// the groups of the laws and flesh, as `substances.txt` holds them
    private static final List<Substance> GROUPS = Stream
            .of("gluten", "crustaceans", "eggs", "fish", "peanuts", "soybeans", "milk", "tree-nut", "celery", "mustard",
                    "sesame", "lupin", "molluscs", "flesh")
            .map(id -> Substances.shipped().all().stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow())
            .toList();

    /// What stands behind the bar is work or a part there, and no food: "roll with potatoes", "potatoes, seeds out"; a
    /// sweet crisp is named in the plural.
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "potatoes with %s | seed, sweet, crisp",
            "potatoes and %s | ''",
            "potatoes + %s | ''",
            "potatoes topped with %s | seed, sweet, crisp",
            "potatoes served with %s | seed, sweet, crisp",
            "%s and potatoes | ''",
            "%s with potatoes | mash, toast, roll, wrap, spread, sweet, rub, dip, glaze, crisp, batter",
            "fresh %s | ''",
            "leftover %s | ''",
            "chopped %s | ''",
            "dried %s | ''",
            "good quality %s | ''",
            "%s from the freezer | ''",
            "%s to serve | ''"})
    void what_a_name_holds_is_held_wherever_it_stands(String form, String works) {
        var exempt = Set.of(works.split(", "));
        var lost = new TreeSet<String>();
        for (var food : FOODS.all())
            for (var name : food.names())
                if (!exempt.contains(name) && !held(form.formatted(name)).containsAll(held(name))) lost.add(name);
        assertThat(lost).isEmpty();
    }

    /// "Almond & milk" is no almond milk: what a name of two foods says is said of both where a sign parts them.
    @ParameterizedTest
    @ValueSource(strings = {"%s & %s", "%s and %s", "%s + %s", "%s &%s", "%s&%s", "%s * %s", "%s · %s", "%s → %s",
            "%s > %s", "%s... %s", "%s! %s", "%s (%s)"})
    void two_foods_that_a_sign_parts_are_both_held(String form) {
        var lost = new TreeSet<String>();
        for (var food : FOODS.all())
            for (var name : food.names()) {
                var words = name.split(" ");
                // "mustard and cress" is salad cress, which may be grown with mustard
                if (words.length != 2 || FOODS.find(words[0]).isEmpty() || FOODS.find(words[1]).isEmpty()
                        || TWO_SIDED.contains(Words.key(words[0])) || TWO_SIDED.contains(Words.key(words[1]))
                        || name.equals("mustard cress"))
                    continue;
                var both = held(form.formatted(words[0], words[1]));
                if (!both.containsAll(held(words[0])) || !both.containsAll(held(words[1]))) lost.add(name);
            }
        assertThat(lost).isEmpty();
    }

    private static Set<Substance> held(String text) {
        var held = new HashSet<Substance>();
        for (var match : FOODS.phrase(text).matches())
            for (var substance : of(match.meaning()))
                for (var group : GROUPS)
                    if (Substances.shipped().isUnder(substance, group)) held.add(group);
        return held;
    }

    private static List<Substance> of(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> Stream.concat(food.holds().stream(), food.sometimes().stream()).toList();
            case Meaning.OfSubstances(var substances) -> substances;
            case Meaning.Vague(var suspects, var _) -> suspects;
        };
    }
}
