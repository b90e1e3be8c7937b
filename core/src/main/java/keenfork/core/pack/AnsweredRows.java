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
    /// "Nuts (please specify): no"
    private static final String ASKED = "(?:\\s?\\((?:%s)\\))?".formatted(Tone.held("answer-asked"));
    /// begins with a word, so that no run of blanks or letters is gone through again for each of them
    private static final String NAME = "(?<!\\p{L})(?<name>\\p{L}(?:(?!\\s-\\s)[^.;,\\n•|:=–—\\t✓✔✗✘]){1,58}?)";
    /// a blank alone parts a name from its answer where the answer ends the row, "Gluten Y, Fish N", or is a capital
    /// before the next name, "Gluten Y Egg N Nuts M"; or the answer stands in brackets, "Milk (yes)", "Egg [N]"
    private static final String BETWEEN =
            "(?:\\s{0,3}[:|=–—\\t]\\s{0,3}|\\s{1,3}-\\s{1,3}|\\s{2,9}|\\s(?=\\p{L}{1,9}\\s?(?:[,;.|/\\n]|$))"
                    + "|\\s(?=(?-i:[YNMC])\\s{1,3}(?-i:\\p{Lu}|\\())"
                    + "|\\s?[(\\[](?=(?:%s|%s|%s)[)\\]]))".formatted(MAY, IN, NEGATED);
    private static final Pattern ROW = Pattern.compile("(?iu)" + NAME + ASKED + BETWEEN
            + "(?:(?<may>%s)|(?<in>%s)|(?<no>%s)|(?<tick>%s)|(?<cross>%s))".formatted(MAY, IN, NEGATED, TICK, CROSS)
            + "(?![\\p{L}\\d])");
    private static final Pattern ONLY_MAY = Pattern.compile("(?iu)\\s?\\((?:%s)(?![\\p{L}\\d])".formatted(MAY));
    private static final Pattern PLACE = Tone.pattern("answer-place");
    /// "Coeliac: yes" is fit for them
    private static final Pattern CLAIM = Pattern.compile("(?iu)(?:%s)\\s*".formatted(Tone.held("answer-claim")));
    /// "May contain milk: yes" tells of a trace, "contains milk: no" of the recipe
    private static final Pattern LEAD = Pattern.compile(
            "(?iu)(?:(?<may>%s)|%s)\\s(?!$)".formatted(Tone.held("answer-lead-may"), Tone.held("answer-lead-in")));
    private static final Pattern ANSWER = Pattern.compile("(?iu)[:|=–—\\t-]\\s{0,3}(?:%s|%s|%s|%s|%s)(?![\\p{L}\\d])"
            .formatted(MAY, IN, NEGATED, TICK, CROSS));
    private static final Pattern LEGEND = Tone.pattern("legend");
    /// so many rows make a table
    private static final int TABLE = 2;
    private static final Pattern REST = Pattern.compile(
            "(?iu)[^,;.\\n]{0,60}(?:,\\s*(?:%s)\\b[^,;.\\n]{0,60})?".formatted(Tone.held("but-word")));

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
        var claims = 0;
        var crosses = new ArrayList<Row>();
        var found = ROW.matcher(text);
        while (found.find()) {
            var start = found.start("name");
            var end = found.end("name");
            var lead = LEAD.matcher(text).region(start, end);
            var isMay = lead.lookingAt() && lead.group("may") != null;
            if (lead.lookingAt()) start = lead.end();
            var name = text.substring(start, end);
            if (turns.matcher(name).find() || CLAIM.matcher(name).matches()) {
                claims++;
                if (found.group("no") != null || isCross(found)) turned.add(new Row(Tone.MAY, start, end));
                else if (found.group("in") != null) turned.add(new Row(Tone.NEGATED, start, end));
            } else if (Allergens.areAllOf(name.strip()) && !AskedRows.asksOut(name)) {
                ticks |= found.group("tick") != null || found.group("in") != null;
                if (isCross(found)) crosses.add(new Row(Tone.NEGATED, start, end));
                else rows.add(new Row(inPlace(name, isMay, tone(text, found)), start, end));
            }
        }
        if (ticks) rows.addAll(crosses);
        if (rows.size() + claims < TABLE) rows.clear();
        // "Free from: gluten Y, dairy N": what is not kept out may be in it
        if (isTurnedRound(text, rows, turns)) rows.replaceAll(AnsweredRows::turned);
        rows.addAll(turned);
        return rows;
    }

    private static Row turned(Row row) {
        return new Row(row.tone == Tone.IN ? Tone.NEGATED : Tone.MAY, row.start, row.end);
    }

    /// "Nuts in factory: yes" says nothing surer than that they may be in it
    private static Tone inPlace(String name, boolean isMay, Tone tone) {
        return tone == Tone.IN && (isMay || PLACE.matcher(name).find()) ? Tone.MAY : tone;
    }

    private static Tone tone(String text, Matcher row) {
        // "Eggs - No, but handled in factory"
        if (row.group("no") != null) return Tone.doubts(rest(text, row.end())) ? Tone.MAY : Tone.NEGATED;
        // "Eggs: yes (on site)"
        return row.group("may") != null || ONLY_MAY.matcher(text).region(row.end(), text.length()).lookingAt()
                ? Tone.MAY : Tone.IN;
    }

    /// {@return what stands behind an answer in its row: a comma begins the next one, but before a "but"}
    private static String rest(String text, int from) {
        var rest = REST.matcher(text).region(from, text.length());
        return rest.lookingAt() ? rest.group() : "";
    }

    private static boolean isCross(Matcher row) {
        return row.group("cross") != null;
    }

    /// "Free from: milk yes, egg no"; a legend names both answers, "contains (Y), does not contain (N)"
    private static boolean isTurnedRound(String text, List<Row> rows, Pattern turns) {
        var first = rows.stream().mapToInt(Row::start).min().orElse(0);
        var sentence = first;
        while (sentence > 0 && !Tone.isFullStop(text, sentence - 1) && first - sentence < 80) sentence--;
        // "Suitable for vegans: no" is a row of its own, and heads nothing
        var answered = ANSWER.matcher(text).region(sentence, first);
        while (answered.find()) sentence = answered.end();
        var heading = text.substring(sentence, first);
        return turns.matcher(heading).find() && !LEGEND.matcher(heading).find();
    }
}
