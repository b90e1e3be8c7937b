package keenfork.core.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Plurals;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Line;
import keenfork.core.swap.SwapCases.Case;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// A hundred and twenty questions as a cook asks them, a third of which was not looked at while the planner was made.
class SwapCasesTest {
    private static final double AMONG = 0.95;
    private static final double FIRST = 0.75;
    private static final Pattern GRAMS = Pattern.compile("^(?<n>[\\d.]+) (?<unit>kg|g) .*");

    static List<Case> cases() {
        var all = new ArrayList<>(SwapCases.of("swap-cases.txt"));
        all.addAll(SwapCases.of("swap-cases-aside.txt"));
        return all;
    }

    @Test
    void a_good_plan_stands_among_the_five_and_mostly_first() {
        var cases = cases();
        assertThat(cases).hasSizeGreaterThanOrEqualTo(120);
        var without = cases.stream().filter(c -> c.plans().best().stream().noneMatch(c::isGood)).toList();
        assertThat(without.size()).as("no good plan for %s", without)
                .isLessThan((int) (cases.size() * (1 - AMONG)) + 1);
        var first = SwapCases.measure("swap-cases.txt").first() + SwapCases.measure("swap-cases-aside.txt").first();
        assertThat(first).isGreaterThanOrEqualTo((int) Math.ceil(cases.size() * FIRST));
    }

    @ParameterizedTest @MethodSource("cases")
    void nothing_avoided_is_left_in_or_brought_in_unsaid(Case asked) {
        assertThat(asked.plans().best()).isNotEmpty().allSatisfy(plan -> {
            assertThat(plan.moves()).as("a plan has moves").isNotEmpty();
            for (var a : asked.avoid()) {
                assertThat(a.against(plan.after())).isNotEqualTo(Avoidance.Answer.BREAKS);
                if (plan.unknown() == 0) assertThat(a.against(plan.after())).isEqualTo(Avoidance.Answer.NOTHING);
            }
        });
    }

    /// Whole grams under 20, fives under 500, tens above: what a kitchen's scale shows.
    @ParameterizedTest @MethodSource("cases")
    void every_measure_is_one_a_kitchen_has(Case asked) {
        for (var plan : asked.plans().best())
            for (var move : plan.moves())
                if (!(move instanceof Move.ReadPack)) for (var line : move.goesIn()) measured(line);
    }

    private static void measured(Line line) {
        var weight = GRAMS.matcher(line.text());
        if (!weight.matches()) return;
        var grams = Math.round(Double.parseDouble(weight.group("n")) * (weight.group("unit").equals("kg") ? 1000 : 1));
        var middle = grams < 500 ? 5 : 10;
        assertThat(grams % (grams < 20 ? 1 : middle)).as(line.text()).isZero();
        if (line.text().contains("(")) assertThat(grams).as("no spoons of %s", line.text()).isLessThanOrEqualTo(250);
    }

    /// A step that the plan wrote names nothing that is out, and every verb it took over from the recipe stays one.
    @ParameterizedTest @MethodSource("cases")
    void the_method_names_only_what_is_in_and_whatever_stays(Case asked) {
        var named = NamedLines.of(asked.recipe());
        for (var plan : asked.plans().best()) {
            var out = plan.moves().stream().filter(m -> m instanceof Move.Replace || m instanceof Move.LeaveOut)
                    .map(Move::line).toList();
            var stays = asked.recipe().lines().stream().filter(l -> out.stream().noneMatch(o -> o == l)).toList();
            var method = String.join("\n", plan.method().stream().map(MethodStep::text).toList());
            for (var line : stays)
                if (!named.sentences(line).isEmpty())
                    assertThat(names(method, line)).as("%s is named in%n%s", line.text(), method).isTrue();
            for (var step : plan.method())
                if (step.changed() && !step.write())
                    for (var line : out) namesNot(step.text(), line, plan);
            for (var line : goesIn(plan))
                assertThat(names(method, line) || plan.method().stream().anyMatch(MethodStep::write)
                        || plan.method().isEmpty()).as("%s is named in%n%s", line.text(), method).isTrue();
        }
    }

    private static List<Line> goesIn(Plan plan) {
        return plan.moves().stream().filter(Move.Replace.class::isInstance).flatMap(m -> m.goesIn().stream()).toList();
    }

    private static boolean names(String method, Line line) {
        return line.food().isEmpty() || OwnStep.names(method, line.food().get())
                || NamedLines.foods(line).flatMap(f -> f.names().stream()).anyMatch(n -> says(method, n))
                || Stream.of("ingredients", "everything", "dressing", "sauce", "base", "herbs", "leaves", "oil")
                        .anyMatch(w -> says(method, w));
    }

    private static void namesNot(String step, Line line, Plan plan) {
        var food = line.food().orElseThrow();
        var goes = goesIn(plan).stream().flatMap(l -> NamedLines.foods(l)).toList();
        for (var sentence : Sentence.of(step))
            for (var word : sentence.foods())
                if (word.match().meaning() instanceof keenfork.core.food.Meaning.OfFood(var said) && said.equals(food))
                    assertThat(goes.contains(food) || stays(plan, food)).as("%s in “%s”", Plurals.of(food), step)
                            .isTrue();
    }

    private static boolean stays(Plan plan, keenfork.core.food.Food food) {
        return plan.after().recipe().lines().stream().flatMap(NamedLines::foods).anyMatch(food::equals);
    }

    private static boolean says(String text, String word) {
        return (" " + text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}]+", " ") + " ").contains(" " + word + " ");
    }
}
