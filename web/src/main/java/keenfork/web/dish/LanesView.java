package keenfork.web.dish;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.EntryStep;
import keenfork.web.page.Format;

/// The steps with a lane for each group: dotted until it goes in, solid after; and the last moments to take a portion
/// off.
///
/// @param lanes the groups drawn
/// @param rows  steps and last moments in order
/// @param more  groups found beyond those drawn, in words
record LanesView(List<Head> lanes, List<StepRow> rows, String more) {
    private static final int MOST = 7;

    /// the head of a lane
    record Head(String name, String symbol) {}

    /// A step, or a last moment where `number` is 0.
    ///
    /// @param cells for each lane `before`, `now`, `after` or `none`
    record StepRow(int number, String text, List<String> cells, String without) {
        public boolean isFork() { return number == 0; }
    }

    static LanesView of(Derivation derivation, RuleBook ruleBook, Format format) {
        var recipe = derivation.recipe();
        var all = EntryStep.of(derivation, ruleBook);
        // what comes in late is what a portion can be taken off before; those lanes are drawn first
        var shown = all.size() <= MOST ? all : all.subList(all.size() - MOST, all.size());
        var rest = all.subList(0, all.size() - shown.size()).stream().map(l -> l.mark().group().name().toLowerCase())
                .toList();
        var rows = new ArrayList<StepRow>();
        for (var step = 0; step <= recipe.steps().size(); step++) {
            addLastMoment(all, shown, step, rows, format);
            if (step < recipe.steps().size())
                rows.add(new StepRow(step + 1, recipe.steps().get(step), cells(shown, step), ""));
            else if (all.stream().anyMatch(l -> l.step() == recipe.steps().size()))
                rows.add(new StepRow(recipe.steps().size() + 1, goesOn(recipe), cells(shown, step), ""));
        }
        return new LanesView(
                shown.stream()
                        .map(l -> new Head(l.mark().group().name(),
                                format.symbol(l.mark().certainty(), l.mark().assumed())))
                        .toList(),
                rows,
                rest.isEmpty() ? "" : "In from the start, too: " + format.list(rest) + ".");
    }

    private static String goesOn(Recipe recipe) {
        var late = recipe.parts().stream().filter(p -> p.kind().comesOff()).map(p -> p.name().toLowerCase()).distinct()
                .toList();
        return "It goes out" + (late.isEmpty() ? "." : ", with: " + String.join(", ", late) + ".");
    }

    private static void addLastMoment(List<EntryStep> all, List<EntryStep> shown, int step, List<StepRow> rows,
            Format format) {
        var going = all.stream().filter(l -> l.hasLastMoment() && l.step() == step)
                .map(l -> l.mark().group().name().toLowerCase()).toList();
        if (going.isEmpty()) return;
        rows.add(new StepRow(0, "",
                shown.stream().map(lane -> look(lane.step(), step, "fork")).toList(),
                format.list(going)));
    }

    private static List<String> cells(List<EntryStep> lanes, int step) {
        return lanes.stream()
                .map(l -> l.step() < 0 && step == 0 ? "now" : look(l.step(), step, "now")).toList();
    }

    /// @param here how it looks at the step itself
    private static String look(int goesIn, int step, String here) {
        if (goesIn == step) return here;
        return goesIn < step ? "after" : "before";
    }
}
