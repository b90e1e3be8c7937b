package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import keenfork.core.food.Foods;
import keenfork.core.recipe.Line;
import keenfork.core.swap.MethodStep;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Role;
import keenfork.core.trace.Derivation;
import keenfork.format.PlanWords;
import keenfork.web.page.Sign;

/// One plan, before and after.
///
/// @param minds    who minds what it brings in
/// @param changes  the lines it changes
/// @param same     how many lines stay
/// @param bars     what goes in, before and after
/// @param mouth    what changes in the mouth
/// @param balance  how salt and acid were set right
/// @param start    what to start, the longest first
/// @param notice   what a guest will notice
/// @param cost     what the changes cost; empty where nothing is bought for them
/// @param unpriced foods of it that have no price yet
/// @param method   the whole method as changed
/// @param marks    each group that the dish holds before or after
/// @param diets    each diet whose verdict changes
record ChosenView(int number, List<String> bringsIn, String minds, int unknown, List<Change> changes, String same,
        List<MassBar> bars, Mouth mouth, List<String> balance, List<String> start, String notice, String cost,
        List<String> unpriced,
        List<MethodStep> method, List<Turn> marks, List<Turn> diets) {
    private static final double RIBBON = 34;
    private static final double DECADES = 4;
    private static final int MOST_SIGNS = 3;

    /// a line and what takes its place, with the ribbon between them: widths in px by the log of grams
    record Change(String before, String beforeGrams, Role role, List<Sign> signs, String move, List<After> after,
            double left,
            double right) {
        private static final double MIDDLE = 20;

        /// {@return the outline of the ribbon}
        public String ribbon() {
            return String.format(Locale.ROOT, "M0 %1$.1f C38 %1$.1f 38 %2$.1f 76 %2$.1f V%3$.1f C38 %3$.1f 38 %4$.1f "
                    + "0 %4$.1f Z", MIDDLE - left / 2, MIDDLE - right / 2, MIDDLE + right / 2, MIDDLE + left / 2);
        }
    }

    /// what goes in
    record After(String text, List<Sign> signs) {}

    /// something that was so and is so now
    record Turn(String name, String before, String beforeWords, String after, String afterWords) {
        public boolean changed() { return !before.equals(after); }
    }

    static ChosenView of(Derivation before, Plan plan, int number, SwapContext seen) {
        var format = seen.format();
        var changes = plan.moves();
        var same = plan.after().recipe().lines().size() - changes.stream().mapToInt(m -> m.goesIn().size()).sum();
        return new ChosenView(number, PlansView.names(plan.bringsIn()), PlansView.whoMinds(before, plan, seen),
                plan.unknown(), changes.stream().map(m -> change(before, plan, m, seen)).toList(),
                format.count(same, "other line", "other lines") + " as before",
                MassBar.of(before.recipe(), plan, number, format), Mouth.of(before.recipe(), plan),
                PlanWords.balance(plan), PlanWords.prepare(plan), PlanWords.notice(plan),
                PlanWords.cost(plan, seen.ruleBook().money()),
                plan.bill().unpriced().stream().filter(f -> Foods.shipped().find(f).isPresent()).toList(),
                plan.method(), marks(before, plan, seen), diets(before, plan, seen));
    }

    private static List<Turn> marks(Derivation before, Plan plan, SwapContext seen) {
        var was = before.under(seen.ruleBook());
        var is = plan.after().under(seen.ruleBook());
        var turns = new ArrayList<Turn>();
        for (var group : seen.ruleBook().groups()) {
            var one = was.mark(group);
            var other = is.mark(group);
            if (one.isPresent() || other.isPresent())
                turns.add(new Turn(group.name(), seen.format().symbol(one),
                        seen.format().words(one), seen.format().symbol(other), seen.format().full(other)));
        }
        return turns;
    }

    private static List<Turn> diets(Derivation before, Plan plan, SwapContext seen) {
        var turns = new ArrayList<Turn>();
        for (var diet : seen.diets()) {
            var was = diet.judge(before).answer();
            var is = diet.judge(plan.after()).answer();
            if (was != is)
                turns.add(new Turn(diet.name(), seen.format().bowl(was), was.id().replace('-', ' '),
                        seen.format().bowl(is), is.id().replace('-', ' ')));
        }
        return turns;
    }

    private static Change change(Derivation before, Plan plan, Move move, SwapContext seen) {
        var format = seen.format();
        var after = shown(move).stream().map(l -> new After(l.text(), signs(plan.after(), l, seen))).toList();
        var word = switch (move) {
            case Move.Replace _,Move.Choose _ -> "";
            case Move.Inner(_, _, var inner) -> "changed inside: " + PlansView.title(inner);
            case Move.Adjust _ -> "to set it right";
            case Move.ChangePack(_, var pack) -> "from the pack “%s”".formatted(pack.label());
            case Move.LeaveOut _ -> "left out";
            case Move.HoldBack(_, var part) -> "held back with the " + part.toLowerCase();
            case Move.TakeOff(_, var step) -> "not in the portions taken off before step " + (step + 1);
            case Move.ReadPack _ -> "stays, once its pack is read";
        };
        var right = move.goesIn().stream().flatMap(l -> l.weighed().stream()).map(m -> m.likelyGrams()).reduce(0.0,
                Double::sum);
        return new Change(move.line().text(), format.likely(move.line().mass()), plan.roles().of(move.line()),
                signs(before, move.line(), seen), word,
                after, width(move.line().weighed().map(m -> m.likelyGrams()).orElse(0.0)), width(right));
    }

    private static List<Line> shown(Move move) { return move instanceof Move.ReadPack ? List.of() : move.goesIn(); }

    private static double width(double grams) {
        return grams <= 0 ? 2 : Math.clamp(Math.log10(1 + grams) / DECADES * RIBBON, 2, RIBBON);
    }

    /// What a line carries, strongest first.
    private static List<Sign> signs(Derivation dish, Line line, SwapContext seen) {
        var lines = dish.recipe().lines();
        var at = IntStream.range(0, lines.size()).filter(i -> lines.get(i) == line).findFirst();
        if (at.isEmpty()) return List.of();
        var evidence = dish.evidence().stream().filter(e -> e.isOfLine(at.getAsInt())).toList();
        var all = Sign.ofLine(evidence, seen.ruleBook(), seen.format());
        if (all.size() <= MOST_SIGNS) return all;
        var first = new ArrayList<>(all.subList(0, MOST_SIGNS - 1));
        // what does not fit is counted, never left out silently
        first.add(new Sign(all.get(MOST_SIGNS - 1).symbol(), "and %d more".formatted(all.size() - MOST_SIGNS + 1),
                String.join("; ", all.subList(MOST_SIGNS - 1, all.size()).stream().map(Sign::words).toList())));
        return first;
    }
}
