package keenfork.core.covers;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.covers.Cover.How;
import keenfork.core.food.Substances;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.swap.Context;
import keenfork.core.swap.Plan;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// Who can eat what, and the least change that feeds everyone: cases of the trade, common practice.
class ServingTest {
    private static final Facts FACTS = Facts.none(UK);

    private static MenuDish dish(Facts facts, String text) {
        return new MenuDish(
                Derivation.of(Recipe.read(text.replace('/', '\n'), Volumes.METRIC, new Law("uk")), facts), "menu",
                List.of());
    }

    private static MenuDish dish(String text) { return dish(FACTS, text); }

    private static GuestGroup group(String name, int people, String avoids) {
        return new GuestGroup(name, people, Avoidances.of(avoids, UK));
    }

    private static List<ServePlan> plans(List<MenuDish> menu, List<GuestGroup> groups, int least) {
        return new Serving(new Context(FACTS, UK, Volumes.METRIC), menu, groups, least).plans(3);
    }

    private static How how(GuestGroup group, MenuDish dish) {
        return Coverage.of(List.of(dish), List.of(group)).covers().getFirst().how();
    }

    @Test
    void a_group_gets_a_dish_as_it_is_peeled_as_a_variant_split_or_not() {
        var vegan = group("Vegan", 4, "vegan");
        assertThat(how(vegan, dish("Slaw/1 kg cabbage/100 ml olive oil"))).isEqualTo(How.AS_SERVED);
        assertThat(how(vegan, dish("Slaw/1 kg cabbage/Topping:/100 g feta"))).isEqualTo(How.PEELED);
        assertThat(how(vegan, dish("Slaw/1 kg cabbage/300 g yoghurt"))).isEqualTo(How.CANNOT);
        assertThat(how(vegan, dish("Slaw/2 kg cabbage/200 g feta/Method:/Shred the cabbage./Fold the feta in.")))
                .isEqualTo(How.SPLIT);
        assertThat(how(group("Celery", 1, "celery"), dish("Slaw/1 kg cabbage/300 g mayonnaise")))
                .isEqualTo(How.CANNOT_SAY);
    }

    /// What is left of a trout salad once the trout is out is not the dish.
    @Test
    void a_plate_without_what_the_dish_is_named_after_is_no_split() {
        assertThat(how(group("Fish", 1, "fish"),
                dish("Trout salad/2 kg barley/300 g trout/Method:/Simmer the barley./Fold the trout in.")))
                        .isEqualTo(How.CANNOT);
    }

    @Test
    void a_group_with_a_word_that_was_refused_is_never_counted_as_fed() {
        var odd = group("Odd", 1, "zugwort");
        assertThat(how(odd, dish("Slaw/1 kg cabbage"))).isEqualTo(How.CANNOT_SAY);
        assertThat(plans(List.of(dish("Slaw/1 kg cabbage")), List.of(odd), 1).getFirst().unfed()).singleElement()
                .satisfies(s -> assertThat(s.group()).isEqualTo(odd));
    }

    /// A dislike of vinegar does not shut a dish to traces; a nut allergy does.
    @Test
    void a_dislike_is_no_allergy() {
        var pack = new Fact.PackInUse("sumac", "Sumac", Declaration.read("sumac. May contain almonds.", new Law("uk")),
                "read", true);
        var dish = dish(new Facts(UK, List.of(pack)), "Slaw/1 kg cabbage/10 g sumac");
        assertThat(how(group("No vinegar", 1, "no vinegar"), dish)).isEqualTo(How.AS_SERVED);
        assertThat(how(group("Nuts", 1, "almonds"), dish)).isEqualTo(How.CANNOT);
        assertThat(how(new GuestGroup("Nuts", 1, Avoidances.of("almonds", UK).recipeOnly()), dish))
                .isEqualTo(How.AS_SERVED);
    }

    /// Vegan plates on cashew, and one guest who avoids cashew: the vegan cream is not of cashews.
    @Test
    void what_feeds_one_group_does_not_shut_out_another() {
        var groups = List.of(group("Vegan", 6, "vegan"), group("Cashew", 1, "cashew"));
        var plan = plans(List.of(dish("Dip/1 kg potatoes/300 g cream cheese")), groups, 1).getFirst();
        assertThat(plan.unfed()).isEmpty();
        assertThat(plan.after().covers()).allMatch(c -> c.isServed());
    }

    @Test
    void a_variant_kept_last_week_feeds_the_vegans_today() {
        var vegan = group("Vegan", 4, "vegan");
        var variant = Derivation.of(Recipe.read("Slaw, vegan\n1 kg cabbage\n300 g soya yoghurt", Volumes.METRIC,
                new Law("uk")),
                new Facts(UK, List.of(new Fact.PackInUse("soya yoghurt", "Soya",
                        Declaration.read("soya beans, water", new Law("uk")), "read", true))));
        var slaw = new MenuDish(dish("Slaw/1 kg cabbage/300 g yoghurt").dish(), "menu", List.of(variant));
        assertThat(how(vegan, slaw)).isEqualTo(How.VARIANT);
        assertThat(plans(List.of(slaw), List.of(vegan), 1).getFirst().changes()).isEmpty();
    }

    @Test
    void a_pregnant_guest_gets_no_raw_yolk_and_no_blue_cheese() {
        var pregnant = group("Pregnant", 1, "pregnant");
        assertThat(how(pregnant, dish("Salad/1 kg pears/200 g blue cheese"))).isIn(How.CANNOT, How.CANNOT_SAY);
        var plan = plans(List.of(dish("Salad/1 kg lettuce/200 g blue cheese")), List.of(pregnant), 1).getFirst();
        assertThat(plan.unfed()).isEmpty();
    }

    /// Bread served beside comes off the coeliac's plate.
    @Test
    void bread_beside_is_held_back_from_a_coeliac_guest() {
        var plan = plans(List.of(dish("Dip/1 kg beetroot/To serve:/10 slices bread")),
                List.of(group("Coeliac", 2, "coeliac")), 1).getFirst();
        assertThat(plan.changes()).singleElement().isInstanceOf(Change.HoldBack.class);
        assertThat(plan.cost().unfed()).isZero();
    }

    /// The tongs of the bread basket were in the leaves: a coeliac guest goes without them, for what the tongs left and
    /// nothing else, and a guest to whom a trace is all right eats them.
    @Test
    void tongs_of_the_bread_basket_shut_the_leaves_to_a_coeliac_guest() {
        var facts = new Facts(UK, List.of(new Fact.Contact("Leaves", "Base",
                List.of(Substances.shipped().get("wheat")), "after Bread basket by the tongs")));
        var leaves = dish(facts, "Leaves/1 kg lettuce/Method:/Serve the leaves with tongs.");
        var coeliac = Coverage.of(List.of(leaves), List.of(group("Coeliac", 2, "coeliac"))).covers().getFirst();
        assertThat(coeliac.how()).isEqualTo(How.CANNOT);
        assertThat(coeliac.why()).allSatisfy(w -> assertThat(w).isInstanceOfSatisfying(Cover.Why.Holds.class,
                h -> assertThat(h.evidence().certainty()).isEqualTo(Certainty.CONTACT)));
        assertThat(how(group("Mild", 1, "gluten (traces ok)"), leaves)).isEqualTo(How.AS_SERVED);
    }

    @Test
    void a_group_nobody_can_feed_is_named_and_the_others_are_fed() {
        var menu = List.of(dish("Roast/2 kg lamb/100 ml olive oil"), dish("Slaw/1 kg cabbage/300 g yoghurt"));
        var plan = plans(menu, List.of(group("Vegan", 3, "vegan"), group("Milk", 2, "milk")), 2).getFirst();
        assertThat(plan.unfed()).singleElement().satisfies(s -> {
            assertThat(s.group().name()).isEqualTo("Vegan");
            assertThat(s.has()).isEqualTo(1);
        });
        assertThat(plan.proved()).isTrue();
        assertThat(plan.bound()).isEqualTo(3);
        assertThat(plan.small()).as("the last resort, for them alone").singleElement().satisfies(s -> {
            assertThat(s.groups()).extracting(GuestGroup::name).containsExactly("Vegan");
            assertThat(s.text()).contains("Serves 3");
        });
    }

    /// What is proposed is eaten as it is by all it is for, whatever they avoid, and nobody is fed by it unread.
    @Property(tries = 40)
    void a_small_dish_is_eaten_by_those_it_is_for(@ForAll("words") Set<String> words) {
        var groups = words.stream().map(w -> group(w, 1 + w.length(), w)).toList();
        var plan = plans(List.of(dish("Roast/2 kg lamb/500 g white fish/300 g bread/300 g yoghurt/100 g walnuts")),
                groups, 2).getFirst();
        for (var small : plan.small())
            for (var g : small.groups())
                assertThat(Eats.of(Derivation.of(Recipe.read(small.text(), Volumes.METRIC, new Law("uk")), FACTS),
                        g.avoided())).as("%s for %s", small.name(), g.name()).isEqualTo(Eats.AS_MADE);
    }

    /// All of them are read without a question, hold nothing of the fourteen groups and feed a vegan: that is what
    /// they are for. Foods that the kitchen has come first.
    @Test
    void small_dishes_hold_nothing_the_law_lists_and_are_read_in_full() {
        var context = new Context(FACTS, UK, Volumes.METRIC);
        var all = SmallDish.all(context);
        assertThat(all).hasSizeGreaterThan(12);
        for (var recipe : all) {
            var made = Derivation.of(recipe, FACTS);
            assertThat(made.under(UK).marks()).as(recipe.name()).isEmpty();
            assertThat(recipe.lines()).as(recipe.name()).allMatch(l -> l.food().isPresent() && l.mass() != null);
            assertThat(Eats.of(made, Avoidances.of("vegan", UK))).as(recipe.name()).isEqualTo(Eats.AS_MADE);
            assertThat(keenfork.core.run.Batch.of(made)).as(recipe.name())
                    .hasValueSatisfying(b -> assertThat(b.asks()).isEmpty());
        }
        var there = plans(List.of(dish("Roast/1 kg carrots/1 kg lamb/10 g cumin seed/50 ml olive oil")),
                List.of(group("Vegan", 2, "vegan")), 1).getFirst();
        assertThat(there.small()).allMatch(s -> s.buy().isEmpty());
    }

    /// A variant is a second batch: its minutes and washes count, and so one that takes less work comes before.
    @Test
    void the_work_of_a_second_batch_counts() {
        var menu = List.of(dish("Slaw/1 kg cabbage/300 g yoghurt/Method:/Shred the cabbage./Blend the yoghurt."));
        var groups = List.of(group("Milk", 2, "milk"));
        var serving = new Serving(new Context(FACTS, UK, Volumes.METRIC), menu, groups, 1,
                (_, people) -> new Effort.Extra(10 * people, 3));
        var variants = serving.puzzles().getFirst().dishes().getFirst().stream().flatMap(o -> o.changes().stream())
                .filter(Change.MakeVariant.class::isInstance).toList();
        assertThat(variants).isNotEmpty().allSatisfy(v -> {
            assertThat(v.washes()).isEqualTo(3);
            assertThat(v.minutes()).isGreaterThanOrEqualTo(20);
        });
    }

    @Test
    void three_plans_differ() {
        var plans = plans(List.of(dish("Dip/1 kg potatoes/300 g yoghurt"), dish("Slaw/1 kg cabbage/200 g creme "
                + "fraiche")),
                List.of(group("Milk", 2, "milk")), 1);
        assertThat(plans).hasSize(3);
        assertThat(plans.stream().map(p -> p.changes().toString()).distinct()).hasSize(3);
        assertThat(plans.stream().map(ServePlan::cost).toList()).isSorted();
    }

    @Provide
    Arbitrary<List<String>> menus() {
        return Arbitraries.of("Slaw/1 kg cabbage/200 g yoghurt", "Dip/1 kg chickpeas/200 g tahini",
                "Grain/500 g farro/Topping:/80 g walnuts", "Plate/1 kg potatoes/200 g feta/Method:/Boil the potatoes./"
                        + "Crumble the feta over.",
                "Pesto/100 g basil/60 g pine nuts/80 g parmesan/200 ml olive oil", "Leaves/1 kg lettuce",
                "Salad/1 kg penne/300 g mayonnaise/200 g tuna", "Bread/To serve:/10 slices bread/Base:/1 kg tomatoes")
                .list().ofMinSize(1).ofMaxSize(4).uniqueElements();
    }

    @Provide
    Arbitrary<Set<String>> words() {
        return Arbitraries.of("vegan", "coeliac", "nuts", "sesame", "milk", "eggs", "fish", "cashew", "no vinegar",
                "milk, gluten").set().ofMinSize(1).ofMaxSize(4);
    }

    /// Whoever a plan says is fed gets so many dishes when everything is derived afresh; and what it costs is the least
    /// of all there is.
    @Property(tries = 60)
    void a_plan_keeps_its_word_and_is_the_cheapest(@ForAll("menus") List<String> texts,
            @ForAll("words") Set<String> words) {
        var menu = texts.stream().map(ServingTest::dish).toList();
        var groups = words.stream().map(w -> group(w, 1 + w.length(), w)).toList();
        var serving = new Serving(new Context(FACTS, UK, Volumes.METRIC), menu, groups, 1);
        var plan = serving.plans(1).getFirst();
        for (var group : groups) {
            var isShort = plan.unfed().stream().anyMatch(s -> s.group().equals(group));
            var plates = menu.stream().filter(d -> eats(group, d, plan)).count();
            assertThat(plates > 0).as("%s of %s by %s", group.name(), texts, plan.changes()).isEqualTo(!isShort);
        }
        var puzzle = serving.puzzles().getFirst();
        assertThat(plan.cost()).isEqualTo(cheapest(puzzle));
    }

    private static boolean eats(GuestGroup group, MenuDish dish, ServePlan plan) {
        var changes = plan.changes().stream().filter(c -> c.dish().equals(dish)).toList();
        var plates = new ArrayList<Recipe>();
        var base = dish.dish().recipe();
        if (changes.stream().noneMatch(Change.SwapForAll.class::isInstance)) plates.add(base);
        for (var change : changes)
            plates.addAll(switch (change) {
                case Change.HoldBack(_, var parts) -> List.of(base.withParts(
                        p -> p.withLines(parts.contains(p.name()) ? List.of() : p.lines())));
                case Change.SplitOff(_, var step) -> List.of(new Recipe(base.name(), base.serves(), base.makes(),
                        List.of(base.parts().getFirst().withLines(before(base, step))),
                        base.steps().subList(0, step - 1)));
                case Change.SwapForAll(_, var swap) -> plate(swap);
                case Change.MakeVariant(_, var swap, _) -> plate(swap);
            });
        return plates.stream().anyMatch(p -> Eats.of(Derivation.of(p, FACTS), group.avoided()) == Eats.AS_MADE);
    }

    private static List<Recipe> plate(Plan plan) { return List.of(plan.after().recipe()); }

    private static List<keenfork.core.recipe.Line> before(Recipe recipe, int step) {
        var at = keenfork.core.recipe.EntrySteps.of(recipe).steps();
        return IntStream.range(0, at.size()).filter(i -> at.get(i) < step - 1).mapToObj(recipe.lines()::get).toList();
    }

    private static CoverPuzzle.Cost cheapest(CoverPuzzle puzzle) {
        Stream<List<CoverPuzzle.Option>> all = Stream.of(List.of());
        for (var options : puzzle.dishes())
            all = all.toList().stream().flatMap(chosen -> options.stream().map(o -> {
                var more = new ArrayList<>(chosen);
                more.add(o);
                return (List<CoverPuzzle.Option>) more;
            }));
        return all.map(puzzle::cost).min(java.util.Comparator.naturalOrder()).orElseThrow();
    }
}
