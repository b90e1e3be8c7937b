package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Plans;
import keenfork.web.page.Sign;

/// Two or three plans side by side.
///
/// @param columns the plans
/// @param marks   each group that any of them holds, with its mark in each
record ComparedView(List<Column> columns, List<ComparedDish> marks) {
    /// one plan
    record Column(int number, String title, List<String> moves, String facts, String bringsIn, String shutsOut,
            String unknown, String mouth) {}

    /// one group over all columns
    record ComparedDish(String name, List<Sign> signs) {}

    /// {@return the plans of those numbers, or empty where fewer than two are there}
    static Optional<ComparedView> of(Plans plans, Set<Integer> numbers, SwapContext seen) {
        var there = numbers.stream().filter(n -> n >= 1 && n <= plans.best().size()).toList();
        if (there.size() < 2) return Optional.empty();
        var columns = new ArrayList<Column>();
        for (var number : there) columns.add(column(plans, plans.best().get(number - 1), number, seen));
        var rows = new ArrayList<ComparedDish>();
        for (var group : seen.ruleBook().groups()) {
            var marks = there.stream().map(n -> plans.best().get(n - 1).after().under(seen.ruleBook()).mark(group))
                    .toList();
            if (marks.stream().anyMatch(Optional::isPresent))
                rows.add(new ComparedDish(group.name(),
                        marks.stream().map(m -> new Sign(seen.format().symbol(m), "", seen.format().full(m)))
                                .toList()));
        }
        return Optional.of(new ComparedView(columns, rows));
    }

    private static Column column(Plans plans, Plan plan, int number, SwapContext seen) {
        var format = seen.format();
        var moves = plan.moves().stream().filter(m -> !(m instanceof Move.ReadPack))
                .map(m -> m.line().text() + " → " + instead(m)).toList();
        var mouth = Mouth.of(plans.before().recipe(), plan).rows().stream().filter(Mouth.FoodLevels::whole)
                .flatMap(r -> r.levels().stream()).filter(l -> l.value() != 0)
                .map(l -> l.name().toLowerCase() + " " + l.word()).toList();
        return new Column(number, PlansView.title(plan), moves, PlansView.facts(plan, seen.ruleBook().money(), format),
                format.list(PlansView.names(plan.bringsIn())), PlansView.shutsOut(plan, format),
                plan.unknown() == 0 ? "" : "not all is known of what goes in",
                mouth.isEmpty() ? "the whole dish as before" : format.list(mouth));
    }

    private static String instead(Move move) {
        return switch (move) {
            case Move.LeaveOut _ -> "left out";
            case Move.HoldBack _ -> "held back";
            case Move.TakeOff _ -> "portions taken off before";
            case Move.ChangePack(_, var pack) -> "from “%s”".formatted(pack.label());
            case Move.Replace _,Move.Choose _,Move.Adjust _,Move.ReadPack _,Move.Inner _ ->
                    String.join(", ", move.goesIn().stream().map(l -> l.text()).toList());
        };
    }
}
