package keenfork.web.dish;

import com.github.difflib.text.DiffRow;
import com.github.difflib.text.DiffRowGenerator;
import java.util.List;

/// Two texts of a dish side by side, line by line.
///
/// @param rows every line of both, in order
record TextDifference(List<LinePair> rows) {
    private static final DiffRowGenerator LINES =
            DiffRowGenerator.create().showInlineDiffs(false).lineNormalizer(l -> l).build();

    /// a line of the one, a line of the other; `look` is `same`, `changed`, `gone` or `new`
    record LinePair(String before, String after, String look) {}

    static TextDifference of(String before, String after) {
        return new TextDifference(LINES.generateDiffRows(before.lines().toList(), after.lines().toList()).stream()
                .map(r -> new LinePair(r.getOldLine(), r.getNewLine(), look(r.getTag()))).toList());
    }

    private static String look(DiffRow.Tag tag) {
        return switch (tag) {
            case EQUAL -> "same";
            case CHANGE -> "changed";
            case DELETE -> "gone";
            case INSERT -> "new";
        };
    }
}
