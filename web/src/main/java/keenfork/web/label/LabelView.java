package keenfork.web.label;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import keenfork.core.label.Statement;

/// A label as it will print, and what the cook should know before it does.
///
/// @param said  each sentence of the card: its shape, its phrase and its names
/// @param open  pairs whose order the weights leave open
record LabelView(String name, String kitchen, String day, Statement statement, List<Said> said, List<String> open, boolean blocked) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);
    private static final int PAIRS_SHOWN = 3;
    /// height of the small letters of the text face, as a share of its size (496 of 1000 units, from the font file)
    private static final double X_HEIGHT = 0.496;
    private static final double MILLIMETRES_IN_A_POINT = 25.4 / 72;

    /// one sentence: "Contains: " and its names
    record Said(String symbol, String phrase, String names, String after) {}

    static LabelView of(Statement statement, String kitchen, LocalDate day) {
        var said = new ArrayList<Said>();
        add(said, "m-in", statement, "contains", statement.contains());
        add(said, "m-may", statement, "may", statement.may());
        add(said, "m-contact", statement, "contact", statement.contact());
        add(said, "m-unknown", statement, "unknown", statement.unknown());
        return new LabelView(statement.name(), kitchen, DAY.format(day), statement, said, open(statement), !statement.unknown().isEmpty());
    }

    /// {@return the type size whose small letters stand as high as the rule book asks, in points; never under 8.5}
    public String points() {
        var leastMillimetres = Double.parseDouble(statement.ruleBook().word("least-x-height-mm"));
        return String.format(Locale.ROOT, "%.1f", Math.max(8.5, leastMillimetres / X_HEIGHT / MILLIMETRES_IN_A_POINT + 0.05));
    }

    private static void add(List<Said> said, String symbol, Statement statement, String key, List<String> names) {
        if (names.isEmpty()) return;
        var around = statement.ruleBook().word(key).split("\\{list}", -1);
        said.add(new Said(symbol, around[0].strip(), String.join(", ", names), around[1]));
    }

    private static List<String> open(Statement statement) {
        var pairs = new ArrayList<String>();
        for (var i = 0; i + 1 < statement.ingredients().size(); i++)
            if (statement.ingredients().get(i).open()) pairs.add(first(statement, i) + " and " + first(statement, i + 1));
        return pairs.size() <= PAIRS_SHOWN ? pairs : pairs.subList(0, PAIRS_SHOWN);
    }

    private static String first(Statement statement, int at) {
        return statement.ingredients().get(at).text().replaceFirst(" \\(.*", "");
    }
}
