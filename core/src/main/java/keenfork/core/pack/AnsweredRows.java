package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The table of a supplier's specification: each allergen with an answer behind it, "Milk: yes; Egg: no; Soya: may
/// contain". A row says what its answer says, whatever stands beside it.
///
/// Nothing is taken away by a single row (a claim with its answer, "vegan: no", is a row, too), nor by a cross that
/// stands beside no tick, nor below a heading that turns the answers round ("free from").
final class AnsweredRows {
    private static final String IN = Tone.held("answer-in");
    private static final String MAY = Tone.held("answer-may");
    private static final String NEGATED = Tone.held("answer-no");
    private static final String TICK = Tone.held("answer-tick");
    private static final String CROSS = Tone.held("answer-cross");
    /// begins with a word, so that no run of blanks or letters is gone through again for each of them
    private static final String NAME =
            "(?<!\\p{L})(?<name>\\p{L}(?:(?!\\s[-/]\\s)[^.;,\\n•|:=–—\\t✓✔✗✘]){1,58}?)";
    /// "Nuts (almond, hazelnut): no", "Nuts (please specify): no"
    private static final String MORE = "(?<more>\\s?\\([^()\\n]{1,80}\\))?";
    /// a blank alone parts a name from its answer where the answer ends the row, "Gluten Y, Fish N", or is a capital
    /// before the next name, "Gluten Y Egg N Nuts M"; or the answer stands in brackets, "Milk (yes)", "Egg [N]"; behind
    /// a bar the next name may follow right behind it, with its bar and answer: "Milk | Yes Peanut | No"
    private static final String BETWEEN = """
            (?:\\s{0,3}[:=\\t]\\s{0,3}\
            |(?:[^\\S\\n]{0,3}[|–—][^\\S\\n]{0,3}|[^\\S\\n]{1,3}-[^\\S\\n]{1,3}|[^\\S\\n]{2,9}\
            |[^\\S\\n]{0,3}\\.{2,90}[^\\S\\n]{0,3})\
            (?=(?:%1$s|%2$s|%3$s|%4$s|\\+)(?:\\s?(?:[,;.|/\\n(]|$)|\\s[-–]\\s|\\s(?:%5$s)(?!\\p{L})))\
            |(?:\\s|-(?!free(?! from)))(?!\\d)(?=(?:%1$s|%2$s|%3$s)\\s?(?:[,;.|/\\n]|$))\
            |\\s(?=(?:%4$s)\\s?(?:[,;.|/\\n]|$))\
            |[^\\S\\n](?=(?-i:[YNMC])[^\\S\\n]{1,3}(?-i:\\p{Lu}|\\())\
            |[^\\S\\n]{0,3}\\|[^\\S\\n]{0,3}(?=(?:%1$s|%2$s|%3$s)[^\\S\\n]\\p{L}[^|\\n]{1,60}\\|\\s{0,3}\
            (?:%1$s|%2$s|%3$s)(?!\\p{L}))\
            |[^\\S\\n]?[(\\[](?=(?:%1$s|%2$s|%3$s)[)\\]]))""".formatted(MAY, IN, NEGATED, Tone.held("answer-box"),
            Tone.held("back-word"));
    private static final Pattern ROW = Pattern.compile("(?iu)" + NAME + MORE + BETWEEN
            + "(?:(?<may>%s)|(?<in>%s)|(?<no>%s)|(?<tick>%s)|(?<cross>%s))".formatted(MAY, IN, NEGATED, TICK, CROSS)
            + "(?![\\p{L}\\d])");
    private static final Pattern ONLY_MAY = Pattern.compile("(?iu)\\s?\\((?:%s)(?![\\p{L}\\d])".formatted(MAY));
    private static final Pattern PLACE = Tone.pattern("answer-place");
    /// "Coeliac: yes" is fit for them
    private static final Pattern CLAIM = Pattern.compile("(?iu)(?:%s)\\s*".formatted(Tone.held("answer-claim")));
    /// "May contain milk: yes" tells of a trace, "contains milk: no" of the recipe
    private static final Pattern LEAD = Pattern.compile(
            "(?iu)(?:(?<may>%s)|%s)\\s(?!$)".formatted(Tone.held("answer-lead-may"), Tone.held("answer-lead-in")));
    /// "egg present milk": more than one row, whose answers nobody told apart
    private static final Pattern ANSWERED = Pattern.compile(
            "(?iu)(?<!\\p{L})(?:%s|%s|%s)\\s+(?!(?:%s))\\p{L}".formatted(Tone.held("answer-word"),
                    Tone.held("word-ticked"), Tone.held("word-empty"), Tone.held("answer-place")));
    private static final Pattern ANSWER = Pattern.compile(
            "(?iu)[:|=–—\\t-]\\s{0,3}(?:%s|%s|%s|%s|%s)(?![\\p{L}\\d])".formatted(MAY, IN, NEGATED, TICK, CROSS));
    private static final Pattern NEXT = Pattern.compile(
            "(?iu)\\s[^:|=\\t;,\\n]{1,60}[:|=\\t]\\s{0,3}(?:%s|%s|%s|%s|%s)(?![\\p{L}\\d])"
                    .formatted(MAY, IN, NEGATED, TICK, CROSS));
    private static final Pattern DASH =
            Pattern.compile("(?:\\s{0,3}[:|=\\t])?\\s{0,3}[-–](?![\\t -]*[\\p{L}\\d✗✘☐\\[])");
    private static final Pattern SUITS = Tone.pattern("suits");
    /// "Suitable for: nut allergy no": what it does not suit may be in it
    private static final Pattern HEADS_SUITED =
            Pattern.compile("(?iu)(?<!\\p{L})(?:%s)(?:\\W|(?<!\\p{L})(?:%s)(?!\\p{L}))*$"
                    .formatted(Tone.held("suits"), Tone.held("suits-lead")));
    private static final Pattern LEADS_ON =
            Pattern.compile("(?iu)(?:(?<!\\p{L})(?:%s)(?!\\p{L})|[^\\p{L}])*".formatted(Tone.held("turns-lead")));
    private static final Pattern LEGEND = Tone.pattern("legend");
    /// so many rows make a table
    private static final int TABLE = 2;
    private static final Pattern REST = Pattern.compile(
            "(?iu)(?:(?!\\s/\\s|\\s{2})[^,;.|\\n]){0,60}(?:(?:,|\\s/)\\s*(?:%s|%s)\\b[^,;.|\\n]{0,60})?"
                    .formatted(Tone.held("but-word"), Tone.held("back-word")));

    /// @param start     of the allergen's name
    /// @param end       of it, exclusive
    /// @param isPromise whether a no says that none is in it: below a heading of traces it does not
    record Row(Tone tone, int start, int end, boolean isPromise) {
        Row(Tone tone, int start, int end) { this(tone, start, end, true); }
    }

    private AnsweredRows() {}

    /// {@return the rows of a text, in its order; none where it has no table}
    /// @param turns finds what turns answers round
    static List<Row> of(String text, Pattern turns) {
        var rows = new ArrayList<Row>();
        var turned = new ArrayList<Row>();
        var ticks = false;
        var claims = 0;
        var crosses = new ArrayList<Row>();
        // the words of an answer name nothing
        var answers = new ArrayList<Row>();
        var found = ROW.matcher(text);
        while (found.find()) {
            var start = found.start("name");
            var end = found.group("more") == null ? found.end("name") : found.end("more");
            var lead = LEAD.matcher(text).region(start, found.end("name"));
            var isMay = lead.lookingAt() && lead.group("may") != null;
            if (lead.lookingAt()) start = lead.end();
            var name = text.substring(start, found.end("name"));
            var isClaim = CLAIM.matcher(name).matches();
            if (isClaim || turns.matcher(name).find()) {
                claims++;
                if (found.group("no") != null || isCross(found)) turned.add(new Row(Tone.MAY, start, end));
                else if (isClaim && found.group("in") != null) turned.add(new Row(Tone.NEGATED, start, end));
            } else if (Allergens.areAllOf(name.strip()) && !AskedRows.asksOut(name) && !isAnswered(name)) {
                answers.add(new Row(Tone.NEGATED, end, found.end()));
                ticks |= !isCross(found) && found.group("no") == null;
                if (isCross(found))
                    crosses.add(new Row(TakenBack.hasNote(text, found.end()) ? Tone.MAY : Tone.NEGATED, start, end));
                else rows.add(new Row(inPlace(name, isMay, tone(text, found)), start, end));
            }
        }
        if (ticks) rows.addAll(crosses);
        else rows.addAll(markedByX(text, crosses));
        if (rows.size() + claims < TABLE) rows.clear();
        // "Free from: gluten Y, dairy N": what is not kept out may be in it
        if (isTurnedRound(text, rows, turns)) rows.replaceAll(AnsweredRows::turned);
        if (!rows.isEmpty()) rows.addAll(answers);
        rows.addAll(turned);
        return rows;
    }

    /// "Fish x, egg -": where dashes stand beside crosses, the crosses are the marks
    private static List<Row> markedByX(String text, List<Row> crosses) {
        var dashed = crosses.stream().filter(r -> DASH.matcher(text).region(r.end, text.length()).lookingAt()).toList();
        if (dashed.isEmpty() || dashed.size() == crosses.size()) return List.of();
        return crosses.stream().map(r -> dashed.contains(r) ? r : new Row(Tone.IN, r.start, r.end)).toList();
    }

    /// {@return what a row says below "free from": a yes keeps it out, and a no may let it in}
    static Row turned(Row row) {
        return new Row(row.tone == Tone.IN ? Tone.NEGATED : Tone.MAY, row.start, row.end);
    }

    /// "Nuts in factory: yes" says nothing surer than that they may be in it
    private static Tone inPlace(String name, boolean isMay, Tone tone) {
        return tone == Tone.IN && (isMay || PLACE.matcher(name).find()) ? Tone.MAY : tone;
    }

    /// {@return what a name says by itself beside its answer: "may contain nuts: yes" is no surer}
    static Tone inName(String name, Tone tone) {
        var lead = LEAD.matcher(name);
        return inPlace(name, lead.lookingAt() && lead.group("may") != null, tone);
    }

    private static Tone tone(String text, Matcher row) {
        // "Eggs - No, but handled in factory"
        if (row.group("no") != null)
            return TakenBack.is(row.group("no"), rest(text, row.end())) || TakenBack.hasNote(text, row.end())
                    ? Tone.MAY : Tone.NEGATED;
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

    /// {@return whether words that deny are the answer of a row, with the next row right behind: "free from" in
    /// "Egg: free from SO2: contains"}
    static boolean isAnswer(String text, int start, int end) {
        var before = start;
        while (before > 0 && text.charAt(before - 1) == ' ') before--;
        return before > 0 && ":|=\t".indexOf(text.charAt(before - 1)) >= 0
                && NEXT.matcher(text).region(end, text.length()).lookingAt();
    }

    /// {@return whether an answer stands within words, with another name behind it}
    static boolean isAnswered(String words) { return ANSWERED.matcher(words).find(); }

    /// {@return whether only what leads on stands between a heading and its table: "of these allergens:"}
    static boolean leadsOn(String text, int from, int to) {
        return LEADS_ON.matcher(text).region(from, to).matches();
    }

    /// "Free from the following:" turns what follows; "made without preservatives", "suitable for vegetarians" and
    /// "molluscs free" say all they say
    private static boolean endsTurned(String heading, Pattern turns) {
        var turned = turns.matcher(heading);
        var ends = false;
        while (turned.find())
            ends = !SUITS.matcher(turned.group()).lookingAt() && !XFree.isOfAllergen(turned.group())
                    && LEADS_ON.matcher(heading).region(turned.end(), heading.length()).matches();
        return ends;
    }

    private static boolean isTurnedRound(String text, List<Row> rows, Pattern turns) {
        return isTurnedRound(text, rows.stream().mapToInt(Row::start).min().orElse(0), turns);
    }

    /// "Free from: milk yes, egg no"; a legend names both answers, "contains (Y), does not contain (N)"
    static boolean isTurnedRound(String text, int first, Pattern turns) {
        var sentence = first;
        while (sentence > 0 && !Tone.isFullStop(text, sentence - 1) && first - sentence < 80) sentence--;
        // "Suitable for vegans: no" is a row of its own, and heads nothing
        var answered = ANSWER.matcher(text).region(sentence, first);
        while (answered.find()) sentence = answered.end();
        var heading = text.substring(sentence, first);
        return HEADS_SUITED.matcher(heading).find() || endsTurned(heading, turns) && !LEGEND.matcher(heading).find();
    }
}
