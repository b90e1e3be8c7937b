package keenfork.web.label;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import keenfork.core.label.OnPaper;
import keenfork.core.label.Statement;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// A label as it prints.
///
/// @param day  the day the food was made
/// @param keep the day it keeps until, in words; empty where the label carries none
/// @param said each sentence: its shape, its phrase and its names
/// @param list the list of ingredients in stretches, bold and not
record LabelView(String name, RuleBook ruleBook, String kitchen, String day, String keep, List<Said> said, List<Statement.Run> list) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);
    private static final double LEAST_POINTS = 8.5;
    /// height of the small letters of the text face, as a share of its size (496 of 1000 units, from the font file)
    private static final double X_HEIGHT = 0.496;
    private static final double MILLIMETRES_IN_A_POINT = 25.4 / 72;

    /// one sentence: "Contains: " and its names
    record Said(String symbol, String phrase, String names, String after) {}

    /// @param ruleBook the rule book the label follows
    static LabelView of(OnPaper paper, RuleBook ruleBook, String kitchen, LocalDate day, @Nullable LocalDate keepBy) {
        var said = new ArrayList<Said>();
        add(said, "m-in", ruleBook, "contains", paper.contains());
        add(said, "m-may", ruleBook, "may", paper.may());
        add(said, "m-contact", ruleBook, "contact", paper.contact());
        add(said, "m-unknown", ruleBook, "unknown", paper.unknown());
        return new LabelView(paper.name(), ruleBook, kitchen, DAY.format(day), keepBy == null ? "" : "Keep by %s, below 5 °C.".formatted(DAY.format(keepBy)), said, paper.runs());
    }

    /// {@return the type size whose small letters stand as high as the rule book asks, in points; never under 8.5}
    public String points() { return String.format(Locale.ROOT, "%.1f", size()); }

    private double size() { return Math.max(LEAST_POINTS, least() / X_HEIGHT / MILLIMETRES_IN_A_POINT + 0.05); }

    private double least() { return Double.parseDouble(ruleBook.word("least-x-height-mm")); }

    /// {@return how high the small print stands, beside what the rule book asks}
    public String height() { return String.format(Locale.ROOT, "Small print stands %.1f mm high; the rule book asks %s.", size() * X_HEIGHT * MILLIMETRES_IN_A_POINT, ruleBook.word("least-x-height-mm")); }

    private static void add(List<Said> said, String symbol, RuleBook ruleBook, String key, List<String> names) {
        if (names.isEmpty()) return;
        var around = ruleBook.word(key).split("\\{list}", -1);
        said.add(new Said(symbol, around[0].strip(), String.join(", ", OnPaper.grouped(names)), around[1]));
    }
}
