package keenfork.core.corpus;

import java.util.ArrayList;
import java.util.List;

/// What the reader made of some texts of a corpus, beside what their gold asks for.
public final class CorpusScore {
    public int texts;
    /// what must be there and is not marked at all
    public int misses;
    /// what must be there and is marked, only less surely
    public int weak;
    /// entries that should be empty and are not
    public int falseAlarms;
    public int empties;
    public int lines;
    public int linesRight;
    /// questions that no pack settles
    public int questions;
    public int mostQuestions;
    public int packQuestions;
    /// bought products that ask for nothing
    public int silentProducts;
    public int products;
    /// words of people taken for nothing at all
    public int takenForNothing;
    public int understood;
    public final List<String> faults = new ArrayList<>();

    void fault(String kind, String text, String detail) {
        faults.add(
                "%-9s %s   <- %s".formatted(kind, detail, text.length() > 140 ? text.substring(0, 140) + "…" : text));
    }

    public double falseAlarmShare() { return empties == 0 ? 0 : 100.0 * falseAlarms / empties; }

    public double linesShare() { return lines == 0 ? 100 : 100.0 * linesRight / lines; }

    public double understoodShare() { return texts == 0 ? 100 : 100.0 * understood / texts; }
}
