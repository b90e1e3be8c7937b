package keenfork.core.swap;

import static keenfork.core.Kit.UK;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import keenfork.core.Kit;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.trace.Facts;

/// Dishes from six kitchens of the world, and what a cook would put in the place of what must be out, written down
/// before the planner was asked: common practice.
public final class SwapCases {
    private SwapCases() {}

    /// One question: a dish, what must be out of it, and what would do for each line that matters.
    record Case(String name, Recipe recipe, List<Avoidance> avoid, List<Wanted> wanted) {
        Plans plans() {
            return new SwapPlanner(new Context(Facts.none(UK), UK, Volumes.METRIC), avoid).plan(recipe, 5,
                    Budget.USUAL);
        }

        boolean isGood(Plan plan) { return wanted.stream().allMatch(w -> w.isMet(plan)); }

        @Override
        public String toString() { return name; }
    }

    /// a line by one of its words, and what would do for it
    record Wanted(String line, List<String> any) {
        boolean isMet(Plan plan) {
            return plan.moves().stream().filter(m -> m.line().text().toLowerCase(Locale.ROOT).contains(line))
                    .anyMatch(m -> any.stream().anyMatch(w -> is(m, w)));
        }

        private static boolean is(Move move, String wanted) {
            return switch (wanted) {
                case "left out" -> move instanceof Move.LeaveOut;
                case "held back" -> move instanceof Move.HoldBack;
                case "taken off" -> move instanceof Move.TakeOff;
                case "read the pack" -> move instanceof Move.ReadPack;
                default -> move instanceof Move.Replace(_, var with, _, _)
                        && with.stream().anyMatch(l -> l.text().contains(wanted)
                                || l.food().filter(f -> f.name().equals(wanted)).isPresent());
            };
        }
    }

    /// How well the plans for some questions are those a cook would make.
    ///
    /// @param questions how many there are
    /// @param among     of how many a good plan stands among the five
    /// @param first     of how many it stands first
    /// @param steps     steps of all their plans
    /// @param toWrite   those of them that are left to the cook
    public record Score(int questions, int among, int first, int steps, int toWrite) {}

    /// {@return the score of a file of questions}
    public static Score measure(String file) {
        var cases = of(file);
        var among = 0;
        var first = 0;
        var steps = new ArrayList<MethodStep>();
        for (var asked : cases) {
            var best = asked.plans().best();
            if (best.stream().anyMatch(asked::isGood)) among++;
            if (best.stream().limit(1).anyMatch(asked::isGood)) first++;
            for (var plan : best) steps.addAll(plan.method());
        }
        return new Score(cases.size(), among, first, steps.size(),
                (int) steps.stream().filter(MethodStep::write).count());
    }

    static List<Case> of(String file) {
        return Kit.blocks("/corpus/" + file).flatMap(b -> dish(b.lines().toList()).stream()).toList();
    }

    private static List<Case> dish(List<String> lines) {
        var recipe =
                Recipe.read(lines.stream().filter(l -> !l.startsWith("without ")).collect(Collectors.joining("\n")),
                        Volumes.METRIC, new Law("uk"));
        return lines.stream().filter(l -> l.startsWith("without ")).map(l -> aCase(recipe, l)).toList();
    }

    private static Case aCase(Recipe recipe, String line) {
        var cells = List.of(line.substring("without ".length()).split("\\|"));
        var avoid = Arrays.stream(cells.getFirst().split(",")).flatMap(w -> Avoidances.of(w.strip(), UK).all().stream())
                .toList();
        var wanted = cells.stream().skip(1).map(c -> c.split(":"))
                .map(c -> new Wanted(c[0].strip(), Arrays.stream(c[1].split(",")).map(String::strip).toList()))
                .toList();
        return new Case(recipe.name() + ", " + line, recipe, avoid, wanted);
    }
}
