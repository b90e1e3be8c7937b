package keenfork.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import keenfork.core.Kit;
import keenfork.core.food.Food;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/// The same list in every layout that kitchens write (common practice): each food is read, with its amount, and nothing
/// else is.
class AnyLayoutTest {
    private static final List<String> FOODS = List.of("butter", "plain flour", "caster sugar", "egg yolks",
            "whole milk",
            "olive oil", "onions", "celery", "salmon fillet", "prawns", "tahini", "walnuts", "almonds", "parmesan",
            "feta",
            "soy sauce", "honey", "basil", "chickpeas", "couscous", "spinach", "mayonnaise", "double cream", "salt",
            "peanut butter", "sesame seeds", "pine nuts", "mussels", "anchovies", "fish sauce", "tofu", "beetroot");
    private static final List<Integer> GRAMS = List.of(5, 20, 25, 75, 120, 150, 200, 250, 400, 500, 1000);
    private static final List<String> TITLES = List.of("Green bowl", "House salad", "Lantern supper grain bowl",
            "GRAIN BOWL (serves 10)", "1. Staff lunch", "## Tues special", "Recipe: Picnic bowl");
    private static final List<String> ABOVE = List.of("", "\nServes 10", "\nYield: 2 kg", "\nPage 12\nRef: SAL/012",
            "\nPrep 20 min, cook 1 hr", "\nUpdated 3/4/25 by Ann\nGP 72%", "\n\nIngredients\n", "\nYou need:");
    private static final List<String> BELOW =
            List.of("", "\nTotal 3 kg", "\n\nMethod\n1. Mix everything.\n2. Serve cold.",
                    "\n1 Mix everything together.\n2 Taste, then chill.", "\n\nStore below 5°C\nShelf life 3 days",
                    "\n\nThanks,\nAnn Weaver\nHead Chef", "\n\nMix everything well and chill.");
    private static final List<String> UNITS = List.of("%sg", "%s g", "%s grams", "%sgr", "%s g.");
    private static final List<BiFunction<List<String>, List<String>, String>> LAYOUTS = List.of(
            rows("%2$s %1$s"), rows("- %2$s %1$s"), rows("• %2$s %1$s"), rows("☐ %2$s %1$s"), rows("o %2$s %1$s"),
            rows("%1$s - %2$s"), rows("%1$s: %2$s"), rows("%1$s %2$s"), rows("%1$s\t%2$s"), rows("%1$s | %2$s"),
            rows("%1$s ........ %2$s"), rows("(%2$s) %1$s"), rows("%1$s (%2$s)"), rows("%2$s\n%1$s"),
            rows("%1$s\n%2$s"),
            rows("%2$s %1$s, to finish"), rows("%2$s cold %1$s - see note"), rows("| %1$s | %2$s |"));

    private final Random random;

    AnyLayoutTest() {
        random = new Random();
    }

    private static BiFunction<List<String>, List<String>, String> rows(String form) {
        return (foods, amounts) -> IntStream.range(0, foods.size())
                .mapToObj(at -> form.formatted(foods.get(at), amounts.get(at))).collect(Collectors.joining("\n"));
    }

    @Property(tries = 1000)
    void each_food_is_read_with_its_amount_and_nothing_else(@ForAll long seed) {
        random.setSeed(seed);
        var foods = new ArrayList<>(FOODS);
        Collections.shuffle(foods, random);
        var listed = foods.subList(0, 3 + random.nextInt(5));
        var grams = listed.stream().map(f -> any(GRAMS)).toList();
        var amounts = grams.stream().map(g -> any(UNITS).formatted(g)).toList();
        var list = any(LAYOUTS).apply(listed, amounts);
        var text = any(TITLES) + any(ABOVE) + "\n" + (random.nextInt(8) == 0 ? list.toUpperCase(Locale.ROOT) : list)
                + any(BELOW);
        var recipe = read(text);
        assertThat(
                recipe.lines().stream().collect(Collectors.toMap(AnyLayoutTest::food, AnyLayoutTest::grams, Long::sum)))
                        .as(text).isEqualTo(IntStream.range(0, listed.size()).boxed().collect(Collectors.toMap(
                                at -> food(read("A dish\n100 g " + listed.get(at)).lines().getFirst()),
                                at -> (long) grams.get(at), Long::sum, HashMap::new)));
        assertThat(Derivation.of(recipe, Facts.none(Kit.UK)).questions()).as(text)
                .noneMatch(q -> q.ask().contains("What is"));
    }

    @Test
    void numbers_of_a_list_on_lines_of_their_own_are_no_amounts() {
        assertThat(read("A dish\n1\nbutter\n2\nplain flour\n3\ntahini").lines().stream().filter(l -> l.mass() != null))
                .isEmpty();
        assertThat(read("A dish\n2\nonions\n3\neggs").lines()).hasSize(2).allMatch(l -> l.amount() != null);
    }

    private <T> T any(List<T> of) { return of.get(random.nextInt(of.size())); }

    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    private static String food(Line line) { return line.food().map(Food::name).orElse("nothing: " + line.text()); }

    private static long grams(Line line) {
        var mass = line.mass();
        return mass == null ? -1 : Math.round(mass.likelyGrams());
    }
}
