package keenfork.core.swap;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.marks;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.statistics.Statistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// The table, and what the planner makes of it on dishes nobody thought of.
class SwapTableTest {
    @Test
    void it_holds_well_over_two_hundred_swaps_each_with_a_role_and_a_source_and_no_two_alike() {
        assertThat(Swaps.shipped().all()).hasSizeGreaterThanOrEqualTo(260).allSatisfy(s -> {
            assertThat(s.source()).as(s.id()).isNotBlank();
            assertThat(s.roles()).as(s.id()).isNotEmpty();
            assertThat(s.with()).as(s.id()).isNotEmpty();
            assertThat(s.replaces()).as("%s: nothing stands in for itself", s.id())
                    .noneMatch(f -> f.name().equals(s.with().getFirst().food().name()));
        });
        assertThat(Swaps.shipped().all()).extracting(Swap::id).doesNotHaveDuplicates();
        var roles =
                Swaps.shipped().all().stream().flatMap(s -> s.roles().keySet().stream()).collect(Collectors.toSet());
        assertThat(roles).as("colour is seldom what somebody avoids").containsExactlyInAnyOrder(
                Stream.of(Role.values()).filter(r -> r != Role.COLOUR).toArray(Role[]::new));
    }

    /// For each of what people avoid most there is something in its place that does not hold it.
    @ParameterizedTest @ValueSource(strings = {"nuts", "peanuts", "sesame", "milk", "eggs", "fish", "gluten",
            "soybeans", "mustard", "celery", "no-alcohol", "no-honey", "crustaceans", "molluscs"})
    void what_is_avoided_most_can_be_replaced(String avoided) {
        var avoidance = Avoidance.parse(avoided, UK).orElseThrow();
        assertThat(Swaps.shipped().all()).anySatisfy(s -> {
            assertThat(s.replaces().stream()
                    .anyMatch(f -> avoidance.against(Derivation.of(aDish("20 g " + f.name()), Facts.none(UK)))
                            == Avoidance.Answer.BREAKS)).isTrue();
            assertThat(s.with().stream()
                    .allMatch(i -> avoidance.against(Derivation.of(aDish("20 g " + i.food().name()), Facts.none(UK)))
                            == Avoidance.Answer.NOTHING)).isTrue();
        });
    }

    /// Each swap's trap is in the data of what goes in: facts of the trade, common practice.
    @ParameterizedTest
    @CsvSource({"miso, gluten", "seaweed, crustaceans", "nori, crustaceans", "almond feta, nuts", "oat milk, gluten",
            "vegan mayonnaise, mustard", "soya yoghurt, soybeans", "vegan cheese, nuts",
            "yeast extract, gluten", "rice cracker, soybeans", "wasabi, mustard", "tapenade, fish"})
    void the_trap_of_a_swap_is_in_the_data(String food, String group) {
        assertThat(marks(UK, "20 g " + food)).as(food).anyMatch(m -> m.startsWith(group + ":"));
    }

    @Provide
    Arbitrary<List<String>> dishes() {
        return Arbitraries
                .of("4 anchovy fillets", "2 egg yolks", "60 g parmesan", "150 ml olive oil", "100 g cashews",
                        "3 tbsp tahini", "200 g feta", "300 g farro", "2 tbsp soy sauce", "1 tbsp Dijon mustard",
                        "2 celery sticks", "2 tbsp honey", "50 g pistachios", "100 g yoghurt", "2 tbsp mayonnaise",
                        "1 tbsp miso", "100 ml white wine", "100 g bread", "50 g butter", "1 tbsp fish sauce",
                        "200 g tofu", "1 lettuce", "100 g prawns")
                .list().ofMinSize(1).ofMaxSize(6).map(l -> List.copyOf(l.stream().distinct().toList()));
    }

    @Provide
    Arbitrary<Set<String>> avoidances() {
        return Arbitraries.of("eggs", "fish", "milk", "nuts", "sesame", "gluten", "soybeans", "mustard", "celery",
                "cashew", "vegan", "no-honey", "no-alcohol", "crustaceans", "milk:recipe", "honey", "vinegar",
                "mayonnaise").set().ofMinSize(1).ofMaxSize(4);
    }

    @Provide
    Arbitrary<List<Fact>> packs() {
        return Arbitraries.of("miso|soya beans, barley, salt", "vegan mayonnaise|rapeseed oil, water, mustard",
                "coconut yoghurt|coconut, cashew", "sunflower seed|sunflower seeds. May contain nuts and sesame.",
                "nutritional yeast|yeast (barley)", "quinoa|quinoa. May contain wheat.", "capers|capers, salt").list()
                .ofMaxSize(3).map(l -> {
                    var facts = new ArrayList<Fact>();
                    for (var pack : l) {
                        var cells = pack.split("\\|");
                        facts.add(new Fact.PackInUse(cells[0], "Pack of " + cells[0],
                                Declaration.read(cells[1], new Law("uk")), "read today", true));
                    }
                    return facts;
                });
    }

    private static List<String> accepted(String recipe, String... avoided) {
        var avoidances = Stream.of(avoided).map(a -> Avoidance.parse(a, UK).orElseThrow()).toList();
        var plans = new SwapPlanner(new Context(Facts.none(UK), UK, Volumes.METRIC), avoidances)
                .plan(read(recipe), 3, Budget.USUAL).best();
        return plans.stream().flatMap(
                p -> new Accepted(recipe, p, avoidances, Facts.none(UK), SwapTableTest::read).asChange().stream())
                .toList();
    }

    private static Recipe read(String text) { return Recipe.read(text, Volumes.METRIC, new Law("uk")); }

    @Test
    void a_plan_is_written_into_the_recipe_and_what_it_leaves_stays_as_it_stood() {
        assertThat(accepted(
                "Dip\nServes 4\n\n- 1 kg chickpeas\n- 200 g tahini\n- 1 lemon\nMethod:\n1. Blend the tahini in.",
                "sesame").getFirst())
                        .startsWith("Dip\nServes 4\n\n- 1 kg chickpeas\n- ")
                        .endsWith("\n- 1 lemon\nMethod:\n1. Stir the lemon juice into the sunflower seed butter.\n"
                                + "2. Blend the sunflower seed butter in.")
                        .doesNotContain("tahini").doesNotContain("(");
        assertThat(accepted("Dressing\n4 tbsp honey or date syrup\n1 lemon", "vegan")).first()
                .isEqualTo("Dressing\n4 tbsp date syrup\n1 lemon");
    }

    @Test
    void a_line_that_stands_nowhere_in_the_text_is_not_guessed() {
        var avoidances = List.of(Avoidance.parse("sesame", UK).orElseThrow());
        var plan = new SwapPlanner(new Context(Facts.none(UK), UK, Volumes.METRIC), avoidances)
                .plan(read("Dip\n200 g tahini"), 1, Budget.USUAL).best().getFirst();
        assertThat(new Accepted("Dip\n300 g tahini", plan, avoidances, Facts.none(UK), SwapTableTest::read).asChange())
                .isEmpty();
    }

    /// Parts that come off and steps, so that plans hold back and take off, too.
    @Provide
    Arbitrary<String> layouts() {
        return Arbitraries.of("A dish\n%s",
                "A dish\nServes 8\nBase:\n500 g rice\n%s\nTopping:\n30 g pistachios\n20 g mint",
                "A dish\nServes 8\n500 g rice\nDressing:\n%s\nTo serve:\n6 slices bread\nMethod:\nSimmer the rice.\n"
                        + "Blend the dressing and pour it over.",
                "A dish\nTopping:\n%s\nBase:\n1 kg potatoes\n10 g salt\n2 lemons\nMethod:\nBoil the potatoes.\n"
                        + "Scatter the topping.");
    }

    /// No plan holds anything avoided, by a derivation of its own, packs and all; nor does the recipe it is written
    /// into, or the variant.
    @Property(tries = 3000)
    void no_plan_ever_brings_what_is_avoided(@ForAll("dishes") List<String> dish, @ForAll("layouts") String layout,
            @ForAll("avoidances") Set<String> avoided, @ForAll("packs") List<Fact> packs) {
        var facts = new Facts(UK, packs);
        var avoidances = avoided.stream().map(a -> Avoidance.parse(a, UK).orElseThrow()).toList();
        var text = layout.formatted(String.join("\n", dish));
        for (var plan : new SwapPlanner(new Context(facts, UK, Volumes.METRIC), avoidances)
                .plan(read(text), 4, Budget.USUAL).best()) {
            holdsNothing(Derivation.of(plan.after().recipe(), facts), avoidances, text + " without " + avoided);
            if (plan.unknown() == 0)
                for (var a : avoidances)
                    assertThat(a.against(plan.after()))
                            .as("%s is said to be known", text).isEqualTo(Avoidance.Answer.NOTHING);
            var accepted = new Accepted(text, plan, avoidances, facts, SwapTableTest::read);
            Statistics.label("written as a variant").collect(accepted.asVariant().isPresent());
            accepted.asVariant()
                    .ifPresent(written -> holdsNothing(Derivation.of(read(written), facts), avoidances, written));
            if (plan.moves().stream().noneMatch(Move::isForSomePlates))
                accepted.asChange()
                        .ifPresent(written -> holdsNothing(Derivation.of(read(written), facts), avoidances, written));
            if (plan.unknown() == 0 && avoided.contains("vegan"))
                assertThat(Diet.named("vegan").orElseThrow().judge(plan.after()).answer().id())
                        .isNotEqualTo("does-not-suit");
        }
        Statistics.label("written as a variant").coverage(c -> c.check(true).percentage(p -> p > 90));
    }

    private static void holdsNothing(Derivation dish, List<Avoidance> avoidances, String text) {
        for (var avoidance : avoidances)
            assertThat(avoidance.against(dish)).as("%s in %s", avoidance.words(), text)
                    .isNotEqualTo(Avoidance.Answer.BREAKS);
    }
}
