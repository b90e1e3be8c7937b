package keenfork.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import keenfork.core.recipe.EntrySteps;
import keenfork.core.regime.RuleBook;

/// When something of a group goes into a dish, and with it the last moment a portion can be taken off without it.
///
/// @param mark the group's mark
/// @param step the step at which the first of it goes in, from 0; [EntrySteps#START] where it may be in from the start;
///             the number of steps where it goes on when the dish goes out
public record EntryStep(Mark mark, int step) {
    /// {@return a lane for each group found, the earliest first, groups of one step in the rule book's order; none
    /// where the recipe has no step}
    public static List<EntryStep> of(Derivation derivation, RuleBook ruleBook) {
        var recipe = derivation.recipe();
        if (recipe.steps().isEmpty()) return List.of();
        var going = EntrySteps.of(recipe);
        var lanes = new ArrayList<EntryStep>();
        for (var mark : derivation.under(ruleBook).marks())
            lanes.add(
                    new EntryStep(mark,
                            mark.threads().stream().mapToInt(e -> step(e, going)).min().orElse(EntrySteps.START)));
        lanes.sort(Comparator.comparingInt(EntryStep::step));
        return List.copyOf(lanes);
    }

    /// {@return whether a portion can be taken off before any of it is in: it is not in from the start or with the
    /// first step}
    public boolean hasLastMoment() { return step > 0; }

    private static int step(Evidence evidence, EntrySteps going) {
        return switch (evidence.origin()) {
            case Origin.OfLine(_, var line) -> going.steps().get(line);
            case Origin.OfStep(var step) -> step;
            // what shared kit brings is there before the first line goes in
            case Origin.OfKit _,Origin.OfDish _ -> EntrySteps.START;
        };
    }
}
