package keenfork.paper;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.label.Statement.TextRun;

/// A stretch of a list of ingredients within which no line ends: "(milk)" stays together, though its word is in bold
/// and its brackets are not.
///
/// @param runs its text, bold and not
public record Unbroken(List<TextRun> runs) {
    public Unbroken {
        runs = List.copyOf(runs);
    }

    /// {@return whether it has to be kept together by hand; words of one face part at their blanks}
    public boolean isKept() { return runs.size() > 1; }

    /// {@return a list cut at its blanks; words of one face that follow each other stay one stretch}
    static List<Unbroken> of(List<TextRun> list) {
        var all = new ArrayList<Unbroken>();
        var word = new ArrayList<TextRun>();
        for (var run : list) {
            var pieces = run.text().split("[ \\n\\t]", -1);
            for (var i = 0; i < pieces.length; i++) {
                if (i > 0) end(word, all);
                if (!pieces[i].isEmpty()) word.add(new TextRun(pieces[i], run.names()));
            }
        }
        end(word, all);
        return all;
    }

    private static void end(List<TextRun> word, List<Unbroken> all) {
        if (word.isEmpty()) return;
        var last = all.isEmpty() ? null : all.getLast();
        if (word.size() == 1 && last != null && !last.isKept()
                && last.runs.getFirst().names().equals(word.getFirst().names()))
            all.set(all.size() - 1, new Unbroken(List.of(new TextRun(
                    last.runs.getFirst().text() + " " + word.getFirst().text(), word.getFirst().names()))));
        else all.add(new Unbroken(word));
        word.clear();
    }
}
