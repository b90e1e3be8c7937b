package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The table of a supplier's specification: each allergen with an answer behind it, "Milk: yes; Egg: no; Soya: may
/// contain". A row says what its answer says, whatever stands beside it.
///
/// Nothing is taken away by a single row, nor by a cross that stands beside no tick, nor below a heading that turns the
/// answers round ("free from").
final class AnsweredRows {
    private static final String IN = Tone.held("answer-in");
    private static final String MAY = Tone.held("answer-may");
    private static final String NEGATED = Tone.held("answer-no");
    private static final String TICK = Tone.held("answer-tick");
    private static final String CROSS = Tone.held("answer-cross");
    private static final String NAME = "(?<name>[^.;,\\n•|:=–—\\t✓✔✗✘]{2,60}?)";
    private static final Pattern ROW = Pattern.compile("(?iu)" + NAME
            + "(?:\\s*[:|=–—\\t]\\s*|\\s+-\\s+|\\s{2,})(?:(?<may>%s)|(?<in>%s)|(?<no>%s)|(?<tick>%s)|(?<cross>%s))"
                    .formatted(MAY, IN, NEGATED, TICK, CROSS)
            + "(?![\\p{L}\\d])|" + NAME.replace("name", "ticked")
            + "\\s?(?:(?<ticked2>%s)|(?<crossed2>%s))(?![\\p{L}\\d])".formatted("[✓✔]", "[✗✘]"));
    /// so many rows make a table
    private static final int TABLE = 2;

    /// @param start of the allergen's name
    /// @param end   of it, exclusive
    record Row(Tone tone, int start, int end) {}

    private AnsweredRows() {}

    /// {@return the rows of a text, in its order; none where it has no table}
    /// @param turns finds what turns answers round
    static List<Row> of(String text, Pattern turns) {
        var rows = new ArrayList<Row>();
        var turned = new ArrayList<Row>();
        var ticks = false;
        var crosses = new ArrayList<Row>();
        var found = ROW.matcher(text);
        while (found.find()) {
            var group = found.group("name") != null ? "name" : "ticked";
            var start = found.start(group);
            var end = found.end(group);
            var name = text.substring(start, end);
            if (turns.matcher(name).find()) {
                if (found.group("no") != null || isCross(found)) turned.add(new Row(Tone.MAY, start, end));
            } else if (Allergens.areAllOf(name.strip())) {
                ticks |= found.group("tick") != null || found.group("ticked2") != null || found.group("in") != null;
                if (isCross(found)) crosses.add(new Row(Tone.NEGATED, start, end));
                else rows.add(new Row(tone(found), start, end));
            }
        }
        if (ticks) rows.addAll(crosses);
        if (rows.size() < TABLE || isTurnedRound(text, rows, turns)) rows.clear();
        rows.addAll(turned);
        return rows;
    }

    private static Tone tone(Matcher row) {
        if (row.group("no") != null) return Tone.NEGATED;
        return row.group("may") != null ? Tone.MAY : Tone.IN;
    }

    private static boolean isCross(Matcher row) {
        return row.group("cross") != null || row.group("crossed2") != null;
    }

    /// "Free from: milk yes, egg no"
    private static boolean isTurnedRound(String text, List<Row> rows, Pattern turns) {
        var first = rows.stream().mapToInt(Row::start).min().orElse(0);
        var sentence = first;
        while (sentence > 0 && !Tone.isFullStop(text, sentence - 1) && first - sentence < 80) sentence--;
        return turns.matcher(text.substring(sentence, first)).find();
    }
}
