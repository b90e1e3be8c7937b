package keenfork.core.run;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Words;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScheduleTest {
    private static Batch batch(String text) {
        return Batch.of(Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")), Facts.none(UK))).orElseThrow();
    }

    private static Schedule schedule(int cooks, String... texts) {
        return schedule(new Day(cooks, 600), texts);
    }

    private static Schedule schedule(Day day, String... texts) {
        return Sequencer.washed(Stream.of(texts).map(ScheduleTest::batch).toList(), Conditions.USUAL.with(day))
                .schedule();
    }

    /// Times of the trade, common practice; what a step says itself goes before.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {"Simmer the barley 35 min, drain and cool. | 35", "Simmer 10–15 min. | 15",
            "Roast 1 hour at 200 °C. | 60", "Toast, simmer 15 min, fluff, cool 10 min. | 25", "Roast the carrots. | 40",
            "Chill. | 60", "When cool, crumble the feta over. | 0", "Slice the cucumbers. | 0", "Soak overnight. | 0",
            "Dress no more than an hour before serving. | 0",
            "Leave for half an hour. | 30", "Stir in the rest of the oil. | 0", "Set aside. | 0"})
    void a_step_waits_as_long_as_it_says_or_as_usual(String step, int minutes) {
        assertThat(Waits.of(step)).isEqualTo(minutes);
    }

    /// Words of the trade, common practice.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|',
            value = {"Soak the beans overnight. | DAY_BEFORE", "Dress while still warm. | WARM",
                    "When completely cool, fold in the cheese. | COOL", "Once cold, slice. | COOL",
                    "Dress the leaves just before serving. | FRESH", "Scatter when serving. | FRESH",
                    "Chill at once. | AT_ONCE", "Scatter the herbs at the very end. | FRESH",
                    "Fry last, so they stay crisp. | FRESH"})
    void a_step_says_what_time_it_needs(String step, Window.When kind) {
        assertThat(Window.said(step)).containsExactly(Window.usual(kind));
    }

    @Test
    void while_one_thing_simmers_the_cook_does_another() {
        var schedule = schedule(1, "Salad\n1 kg rice\nMethod:\nSimmer the rice 40 min.",
                "Slaw\n1 kg cabbage\nMethod:\nShred the cabbage.");
        assertThat(schedule.minutes()).isEqualTo(45);
        assertThat(schedule.placed()).extracting(Schedule.Placed::dish).containsExactly("Salad", "Slaw");
        assertThat(schedule.placed().getLast().until()).as("all is as late as it may be").isEqualTo(45);
    }

    @Test
    void a_day_that_is_too_short_says_by_how_much_and_what_it_hangs_on() {
        var texts = new String[] {"Pea dip\n1 kg peas\nMethod:\nBlend smooth.",
                "Nut cream\n1 kg almonds\nMethod:\nBlend smooth."};
        assertThat(schedule(new Day(2, 30), texts).late()).isZero();
        var late = schedule(new Day(2, 10), texts);
        assertThat(late.late()).isEqualTo(4);
        assertThat(late.blocks()).contains("the blender: 7 min");
        var soup =
                schedule(new Day(2, 30), "Soup\n1 kg peas\nMethod:\nSimmer the peas 30 min.\nBlend the peas smooth.");
        assertThat(soup.blocks()).containsExactly("the steps of Soup, one after the other: 42 min");
        assertThat(schedule(new Day(1, 30), "A\n1 kg peas\nMethod:\nBlend.", "B\n1 kg peas\nMethod:\nSlice.").blocks())
                .as("one pair of hands").contains("the cooks' hands: 7 min");
    }

    @Test
    void a_soak_is_laid_on_the_day_before_and_takes_no_time_of_the_day() {
        var schedule = schedule(2,
                "Hummus\n1 kg chickpeas\nMethod:\nSoak the chickpeas overnight.\nSimmer 60 min.\nBlend smooth.");
        assertThat(schedule.placed().getFirst().kind()).isEqualTo(Schedule.Slot.DAY_BEFORE);
        assertThat(schedule.minutes()).isEqualTo(5 + 60 + 7);
        var line = schedule(2, "Hummus\n1 kg chickpeas, soaked overnight\nMethod:\nSimmer 60 min.");
        assertThat(line.dayBefore()).as("a line says so, too").singleElement()
                .satisfies(p -> assertThat(p.what()).isEqualTo("Hummus: Lay on: 1 kg chickpeas, soaked overnight"));
    }

    @Test
    void a_soak_missed_the_day_before_is_said_at_once() {
        var schedule = schedule(2, "Hummus\n1 kg chickpeas\nMethod:\nSoak the chickpeas overnight.\nSimmer 60 min.");
        var friday = LocalDate.of(2026, 11, 27);
        var soak = schedule.dayBefore().getFirst().what();
        assertThat(schedule.missed(friday, friday.minusDays(1), Set.of())).as("there is time").isEmpty();
        assertThat(schedule.missed(friday, friday, Set.of())).extracting(Schedule.Placed::what).containsExactly(soak);
        assertThat(schedule.missed(friday, friday, Set.of(soak))).isEmpty();
    }

    @Test
    void a_wash_takes_the_piece_and_a_pair_of_hands_before_the_batch() {
        var schedule = schedule(1, "Almond cream\n200 g almonds\nMethod:\nBlend smooth.",
                "Pea dip\n1 kg peas\nMethod:\nBlend smooth.");
        assertThat(schedule.placed()).extracting(p -> p.kind().name() + " " + p.from() + "–" + p.until())
                .containsExactly("TASK 0–4", "CLEAN 4–12", "TASK 12–19");
        assertThat(schedule.placed().get(1).what()).isEqualTo("blender washed, before Pea dip");
    }

    @Test
    void the_dressing_comes_before_the_salad_and_parts_wait_for_nothing_else() {
        var tasks = batch(
                "Salad\nBase:\n1 kg barley\n2 carrots, sliced\nDressing:\n100 g tahini\n1 lemon\nMethod:\n"
                        + "Simmer the barley 35 min.\nBlend the dressing.\nToss everything.")
                                .tasks();
        assertThat(tasks).extracting(Task::text).containsExactly("Cut: 2 carrots, sliced", "Simmer the barley 35 min.",
                "Blend the dressing.", "Toss everything.");
        assertThat(tasks.get(2).after()).as("the dressing waits for no barley").isEmpty();
        assertThat(tasks.get(3).after()).containsExactly(1, 2);
    }

    @Test
    void cheese_goes_in_once_it_is_cool_and_a_dressing_that_comes_too_late_is_said() {
        var cool = schedule(1,
                "Salad\n1 kg barley\n200 g feta\nMethod:\nSimmer the barley 35 min.\n"
                        + "When cool, crumble the feta over the barley.");
        assertThat(cool.placed().getLast().from() - cool.placed().getFirst().until()).as("what is hot cools for 20 min")
                .isEqualTo(20);
        assertThat(schedule(1,
                "Salad\n1 kg barley\n1 lemon\nMethod:\nSimmer the barley 35 min.\n"
                        + "Dress the barley with the lemon while still warm.")
                                .remarks()).isEmpty();
        var late = schedule(1,
                "Salad\n1 kg barley\n1 cabbage\n1 lemon\nMethod:\nSimmer the barley 35 min.\n"
                        + "Roast the cabbage 2 hours.\nDress the barley and the cabbage with the lemon while still "
                        + "warm.",
                "Leaves\n1 lettuce\nMethod:\nTear the lettuce just before serving.\nChill 90 min.");
        assertThat(late.remarks()).anySatisfy(r -> assertThat(r).contains("Leaves stands 1 h 32 min"));
    }

    @Test
    void amounts_are_those_for_the_people_it_is_made_for() {
        var dish = Derivation.of(Recipe.read(
                "Salad\nServes 10\n1 kg barley\n3 carrots, sliced\nMethod:\nSimmer the barley.\nStir in the carrots.",
                Volumes.METRIC, new Law("uk")), Facts.none(UK));
        var tasks = Batch.of(dish, 30, List.of(), Figures.SHIPPED).orElseThrow().tasks();
        assertThat(tasks.get(0).text()).isEqualTo("Cut: 9 carrots, sliced");
        assertThat(tasks.get(1).takes()).containsExactly("3 kg barley");
        assertThat(tasks.get(2).takes()).containsExactly("9 carrots, sliced");
        assertThat(Batch.of(dish, 10, List.of(), Figures.SHIPPED).orElseThrow().tasks().get(1).takes())
                .containsExactly("1 kg barley");
    }

    @Test
    void portions_are_taken_off_before_the_nuts_go_in() {
        var dish = Derivation.of(Recipe.read(
                "Salad\nServes 10\n1 kg barley\n200 g walnuts\nMethod:\nSimmer the barley.\nStir in the walnuts.",
                Volumes.METRIC, new Law("uk")), Facts.none(UK));
        var tasks = Batch.of(dish, 20, List.of(new Batch.TakeOff(1, "Take 3 portions off")), Figures.SHIPPED)
                .orElseThrow().tasks();
        assertThat(tasks).extracting(Task::text).containsExactly("Simmer the barley.", "Take 3 portions off",
                "Stir in the walnuts.");
        assertThat(tasks.get(1).after()).containsExactly(0);
        assertThat(tasks.get(2).after()).containsExactly(1);
    }

    @Test
    void an_oven_has_so_much_room_and_leaves_nothing_on_what_comes_next() {
        var roast = "\n1 kg carrots\nMethod:\nRoast 60 min.";
        var trays = new Equipment(Stream.of("a", "b", "c")
                .map(t -> new Piece(t, Kit.named("tray").orElseThrow(), "tray " + t, Set.of())).toList(),
                Figures.SHIPPED);
        var batches = Stream.of("A", "B", "C").map(n -> batch(n + roast)).toList();
        var three = Sequencer.washed(batches, Conditions.USUAL.with(trays).with(new Day(3, 600))).schedule();
        assertThat(three.minutes()).as("two shelves: the third tray waits").isEqualTo(130);
        assertThat(batches.getFirst().kit()).extracting(Kit::id).containsExactly("tray");
    }

    @Provide
    Arbitrary<List<String>> menus() {
        var step = Arbitraries.of("Simmer the rice 20 min.", "Blend the tahini.", "Slice the carrots.",
                "Toss everything.", "Scatter the almonds.", "Roast the carrots 30 min.", "Soak the rice overnight.",
                "Deep-fry the carrots.", "Chill.",
                "Dress the rice while still warm.", "Chill at once.", "Scatter the almonds just before serving.",
                "When cool, toss with the tahini.");
        var lines = Arbitraries
                .of("500 g rice", "100 g tahini", "300 g carrots", "50 g almonds", "200 g feta", "100 g walnuts").set()
                .ofMinSize(2).ofMaxSize(4);
        return Combinators.combine(lines, step.list().ofMinSize(1).ofMaxSize(5))
                .as((in, steps) -> "\n" + String.join("\n", in) + "\nMethod:\n" + String.join("\n", steps)).list()
                .ofMinSize(1).ofMaxSize(7)
                .map(texts -> {
                    var named = new ArrayList<String>();
                    for (var i = 0; i < texts.size(); i++) named.add("Dish " + i + texts.get(i));
                    return List.copyOf(named);
                });
    }

    @Property(tries = 1000)
    void nothing_and_nobody_is_booked_twice(@ForAll("menus") List<String> menu,
            @ForAll @IntRange(min = 1, max = 4) int cooks, @ForAll boolean two) {
        var batches = menu.stream().flatMap(
                t -> Batch.of(Derivation.of(Recipe.read(t, Volumes.METRIC, new Law("uk")), Facts.none(UK))).stream())
                .toList();
        var boards = new Equipment(List.of(new Piece("one", Kit.named("pan").orElseThrow(), "one", Set.of()),
                new Piece("other", Kit.named("pan").orElseThrow(), "other", Set.of())), Figures.SHIPPED);
        var run = Sequencer.washed(batches,
                Conditions.USUAL.with(new Day(cooks, 600)).with(two ? boards : Equipment.USUAL));
        var schedule = run.schedule();
        var day = schedule.onTheDay();
        assertThat(day).allSatisfy(p -> {
            assertThat(p.from()).isNotNegative();
            assertThat(p.until()).isLessThanOrEqualTo(schedule.minutes());
        });
        for (var a : day)
            for (var b : day) {
                if (a == b) continue;
                if (a.cook() == b.cook())
                    assertThat(a.hands() <= b.from() || b.hands() <= a.from()).as("hands: %s, %s", a, b).isTrue();
                for (var piece : a.on()) {
                    if (!b.on().contains(piece)) continue;
                    assertThat(a.until() <= b.from() || b.until() <= a.from()).as("kit: %s, %s", a, b).isTrue();
                    if (a.turn() < b.turn() && piece.kit().carries() && !isFresh(run, a))
                        assertThat(a.until()).as("batches keep their order on a piece").isLessThanOrEqualTo(b.from());
                }
            }
        for (var turn = 0; turn < run.turns().size(); turn++) {
            var at = turn;
            var batch = run.turns().get(at).batch();
            var tasks = day.stream().filter(p -> p.turn() == at && p.kind() == Schedule.Slot.TASK).toList();
            for (var p : tasks)
                for (var before : tasks)
                    if (batch.tasks().get(p.task()).after().contains(before.task()))
                        assertThat(p.from()).as("one after the other").isGreaterThanOrEqualTo(before.until());
            assertThat(tasks).hasSize((int) batch.tasks().stream().filter(t -> !t.isDayBefore()).count());
            assertThat(day.stream().filter(p -> p.turn() == at && p.kind() == Schedule.Slot.CLEAN).count())
                    .as("every clean is laid out").isEqualTo(run.turns().get(at).made().cleans().size());
        }
    }

    private static boolean isFresh(PrepRun run, Schedule.Placed p) {
        return p.kind() == Schedule.Slot.TASK && run.turns().get(p.turn()).batch().tasks().get(p.task()).isFresh();
    }

    /// Looked at as it lies on the clock, whatever the order says: between two uses of a piece that the first would
    /// reach there is a clean that ends it.
    @Property(tries = 1000)
    void nothing_travels_on_the_clock_of_a_washed_order(@ForAll("menus") List<String> menu,
            @ForAll @IntRange(min = 1, max = 3) int cooks) {
        var batches = menu.stream().flatMap(
                t -> Batch.of(Derivation.of(Recipe.read(t, Volumes.METRIC, new Law("uk")), Facts.none(UK))).stream())
                .toList();
        var run = Sequencer.washed(batches, Conditions.USUAL.with(new Day(cooks, 600)));
        for (var piece : run.pieces()) {
            var there = run.schedule().onTheDay().stream().filter(p -> p.on().contains(piece)).toList();
            for (var b = 0; b < there.size(); b++)
                for (var a = b - 1; a >= 0 && there.get(a).kind() == Schedule.Slot.TASK; a--) {
                    if (there.get(b).kind() == Schedule.Slot.CLEAN || there.get(a).turn() == there.get(b).turn())
                        continue;
                    for (var left : uses(run, there.get(a), piece))
                        for (var reached : uses(run, there.get(b), piece))
                            assertThat(Contacts.passes(left, reached, run.turns().get(there.get(b).turn()).batch(),
                                    false, Clean.NONE, Contacts.Counted.by(Conditions.USUAL)))
                                            .as("%s to %s on the %s", there.get(a).what(), there.get(b).what(),
                                                    piece.name())
                                            .isEmpty();
                }
        }
    }

    private static List<Batch.Use> uses(PrepRun run, Schedule.Placed p, Piece piece) {
        return run.turns().get(p.turn()).batch().uses(piece.kit()).stream()
                .filter(u -> u.moments().containsKey(p.task())).toList();
    }

    /// Common practice: leaves dressed early wilt, a dressing that has gone cold does not go into the grain.
    @Test
    void finishing_is_done_at_service_and_warm_things_are_dressed_warm() {
        var schedule = schedule(1,
                "Leaves\n1 lettuce\n1 lemon\nMethod:\nTear the lettuce.\nToss with the lemon just before serving.",
                "Roots\n5 kg carrots\nMethod:\nSlice the carrots.\nRoast the carrots 60 min.\nToss in a bowl.");
        var toss = schedule.placed().stream().filter(p -> p.text().startsWith("Toss with")).findFirst().orElseThrow();
        assertThat(schedule.minutes() - toss.until()).as("the first batch is finished among those that come after")
                .isLessThanOrEqualTo(30);
        assertThat(schedule.remarks()).isEmpty();
        var warm = schedule(1,
                "Salad\n1 kg barley\n1 lemon\nMethod:\nSimmer the barley 35 min.\n"
                        + "Dress the barley with the lemon while still warm.\nLeave for 10 min.",
                "Slaw\n6 kg cabbage\nMethod:\nShred the cabbage.");
        assertThat(warm.remarks()).isEmpty();
        assertThat(schedule(1, "Rice\n1 kg rice\nMethod:\nSimmer the rice 15 min.\nChill at once.").remarks())
                .isEmpty();
    }

    /// Common practice.
    @Test
    void hands_follow_the_amount_and_what_a_pan_does_not_hold_goes_in_so_many_goes() {
        assertThat(batch("Spice\n¼ tsp nutmeg, grated\n1 kg rice\nMethod:\nSimmer the rice 15 min.").tasks().getFirst()
                .hands()).as("a little nutmeg").isEqualTo(1);
        var small = batch("Salad\nServes 4\n1 kg carrots\nMethod:\nSlice the carrots.\nRoast the carrots 30 min.");
        var large = Batch.of(Derivation
                .of(Recipe.read("Salad\nServes 4\n1 kg carrots\nMethod:\nSlice the carrots.\nRoast the carrots 30 min.",
                        Volumes.METRIC, new Law("uk")), Facts.none(UK)),
                48, List.of(), Figures.SHIPPED).orElseThrow();
        assertThat(small.tasks().get(0).hands()).isBetween(4, 9);
        assertThat(large.tasks().get(0).hands()).as("12 kg on a board").isBetween(37, 97);
        assertThat(small.tasks().get(1).goes()).isEqualTo(1);
        assertThat(large.tasks().get(1).goes()).as("12 kg on trays that hold 6").isEqualTo(2);
        assertThat(large.tasks().get(1).waits()).as("one after the other").isEqualTo(60);
        assertThat(batch("Dip\n6 kg beans\nMethod:\nBlend smooth, then chill 2 hours.").tasks().getFirst().waits())
                .as("chilling takes no longer").isEqualTo(120);
    }

    /// A kitchen's own goes before the tables: a big jug, and a crew that is quick with a knife.
    @Test
    void a_kitchens_own_kit_and_hands_are_reckoned_with() {
        var dish = Derivation.of(Recipe.read("Dip\nServes 4\n2 kg cooked chickpeas\n1 kg onions\nMethod:\n"
                + "Slice the onions.\nBlend the chickpeas in a blender until smooth.", Volumes.METRIC, new Law("uk")),
                Facts.none(UK));
        var own = new Figures(Map.of(), Map.of(), Map.of(Kit.named("blender").orElseThrow(), 4.0),
                Map.of("cut", new Pace("cut", 0, new Range(2, 2), "timed here")));
        var usual = Batch.of(dish, 4, List.of(), Figures.SHIPPED).orElseThrow().tasks();
        var ours = Batch.of(dish, 4, List.of(), own).orElseThrow().tasks();
        assertThat(usual.getFirst().hands()).as("a kilogram, 3 to 8 minutes and one to begin").isBetween(4, 9);
        assertThat(ours.getFirst().hands()).isEqualTo(2);
        assertThat(usual.getLast().goes()).as("3 kg in a jug of 1.5").isEqualTo(2);
        assertThat(ours.getLast().goes()).isEqualTo(1);
    }

    /// What the crew says of its day goes before: a cook who leaves, a piece that is taken, one dish before another.
    @Test
    void a_cook_leaves_an_oven_is_taken_and_one_dish_goes_first() {
        var roast = batch("Roots\n1 kg carrots\nMethod:\nRoast the carrots 60 min.");
        var slaw = batch("Slaw\n1 kg cabbage\nMethod:\nShred the cabbage.");
        var day = Conditions.USUAL.with(new Day(1, 600));
        var gone =
                Sequencer
                        .washed(List.of(slaw),
                                day.with(new Told(Map.of(0, List.of(new Told.Span(-150, 0))), Map.of(), List.of())))
                        .schedule();
        assertThat(gone.onTheDay()).singleElement()
                .satisfies(p -> assertThat(gone.minutes() - p.hands()).isEqualTo(150));
        var tray = new Told(Map.of(), Map.of("tray", List.of(new Told.Span(-60, 0))), List.of());
        var taken = Sequencer.washed(List.of(roast), day.with(tray)).schedule();
        assertThat(taken.minutes() - taken.placed().getFirst().until()).isEqualTo(60);
        var first = Sequencer.order(List.of(slaw, roast),
                day.with(new Told(Map.of(), Map.of(), List.of(new Told.Order("Roots", "Slaw")))));
        assertThat(first.turns()).extracting(t -> t.batch().dish()).containsExactly("Roots", "Slaw");
        var placed = first.schedule().placed();
        assertThat(placed.get(1).from()).isGreaterThanOrEqualTo(placed.get(0).until());
        assertThat(first.schedule().remarks()).isEmpty();
    }

    /// The check values of the trade, common practice; a table that falls outside one is looked at.
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {"Bake the croutons at 200 °C. | 8 | 12",
            "Toast the sesame in a dry pan. | 1 | 3", "Simmer the farro until tender. | 45 | 60",
            "Cook the spelt. | 45 | 60", "Simmer the pearled farro. | 20 | 30",
            "Pour over hot water and leave the bulgur. | 15 | 30", "Soak the fine bulgur in the lemon juice. | 15 | 30",
            "Cook the soaked chickpeas under pressure. | 20 | 25", "Roast the halved aubergines. | 40 | 50",
            "Soak the cashews in cold water. | 240 | 1440", "Soak the cashews in just-boiled water. | 10 | 30",
            "Soak the walnuts. | 120 | 1440", "Drain the soaked seeds. | 15 | 15",
            "Massage the kale with salt. | 5 | 15",
            "Simmer the lentils. | 15 | 20", "Cook the quinoa. | 12 | 20", "Boil the pasta. | 8 | 12"})
    void the_usual_times_are_those_of_the_trade(String step, int low, int high) {
        assertThat(Waits.of(step)).isBetween(low, high);
    }

    /// Portions reach what is used: a salad for 45 needs a dressing for 45, and of a dressing for more something is
    /// left.
    @Test
    void portions_flow_down_through_what_is_used() {
        var dressing = Recipe.read("Tahini dressing\nServes 10\n200 g tahini\n50 g lemon juice\nMethod:\nWhisk.",
                Volumes.METRIC, new Law("uk"));
        var salad = Recipe.read("Grain salad\nServes 9\n1 kg rice\n225 g @Tahini dressing\nMethod:\nToss everything.",
                Volumes.METRIC, new Law("uk"));
        assertThat(Flow.portions(List.of(dressing, salad), Map.of())).as("its own ten are enough for nine")
                .containsEntry("tahini dressing", 10);
        var flow = Flow.portions(List.of(dressing, salad), Map.of("grain salad", 45));
        assertThat(flow).containsEntry("grain salad", 45).as("1125 g at 25 g a portion")
                .containsEntry("tahini dressing", 45);
        var facts = new Facts(UK, List.of(new Fact.OtherDish(dressing), new Fact.OtherDish(salad)));
        var batches = Stream.of(dressing, salad)
                .map(r -> Batch.of(Derivation.of(r, facts), flow.get(Words.key(r.name())), List.of(), Figures.SHIPPED)
                        .orElseThrow())
                .toList();
        assertThat(Sequencer.washed(batches, Conditions.USUAL).stocks()).singleElement().satisfies(s -> {
            assertThat(s.used()).isEqualTo(1125);
            assertThat(s.isShort()).isFalse();
        });
        var few = Stream.of(dressing, salad)
                .map(r -> Batch.of(Derivation.of(r, facts), r == dressing ? 10 : 45, List.of(), Figures.SHIPPED)
                        .orElseThrow())
                .toList();
        assertThat(Sequencer.washed(few, Conditions.USUAL).schedule().remarks())
                .contains("Tahini dressing: 250 g is made for 10, and 1.13 kg goes into other dishes. Make it for 45.");
    }
}
