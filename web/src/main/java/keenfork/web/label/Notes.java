package keenfork.web.label;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.label.Statement;

/// What the cook should know before a label prints.
///
/// @param unknown what is not known, or not known which; a label on packed food waits for it
/// @param open    pairs whose order the weights leave open
/// @param checks  what else is asked
record Notes(List<String> unknown, List<String> open, List<String> checks) {
    private static final int PAIRS_SHOWN = 3;
    private static final int UNKNOWN_SHOWN = 6;

    private static final String NOT_IN_RUN =
            "This dish is not in the run, so what shared kit may leave in it was not looked at. Put it in the run.";

    /// @param unknown   what is not known, in the words of the label's language
    /// @param checks    what else is asked of the label in that language
    /// @param statement the dish, whose list shows where weights leave an order open
    /// @param inRun     whether the dish is in the run
    Notes(List<String> unknown, List<String> checks, Statement statement, boolean inRun) {
        this(unknown, open(statement),
                Stream.concat(inRun ? Stream.empty() : Stream.of(NOT_IN_RUN), checks.stream()).toList());
    }

    /// {@return the first few of what is not known, and how many more there are}
    public List<String> firstUnknown() {
        if (unknown.size() <= UNKNOWN_SHOWN) return unknown;
        return Stream.concat(unknown.stream().limit(UNKNOWN_SHOWN - 1),
                Stream.of("%d more".formatted(unknown.size() - UNKNOWN_SHOWN + 1))).toList();
    }

    private static List<String> open(Statement statement) {
        var pairs = new ArrayList<String>();
        for (var i = 0; i + 1 < statement.ingredients().size(); i++)
            if (statement.ingredients().get(i).open())
                pairs.add(first(statement, i) + " and " + first(statement, i + 1));
        return pairs.size() <= PAIRS_SHOWN ? pairs : pairs.subList(0, PAIRS_SHOWN);
    }

    private static String first(Statement statement, int at) { return statement.ingredients().get(at).name(); }
}
