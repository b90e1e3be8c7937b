package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/// Allergens with a tick, a cross or a box beside each, "✓ milk ✗ egg" or "Milk [x] Egg [ ]": all marks stand in front
/// of their names, or all behind them, and the text on both ends of the row tells which.
///
/// An empty box or a cross takes a name away only where another name of its row has a tick. Where nobody can tell
/// which name a mark belongs to, the row is left to be read as any text is: all that it names is in it.
final class TickedNames {
    private static final Pattern MARK = Pattern.compile("(?iu)(?:(?<ticked>%s)|(?<empty>%s)|(?<doubted>%s)"
            .formatted(Tone.held("box-ticked"), Tone.held("box-empty"), Tone.held("box-doubted"))
            + "|(?<![\\p{L}\\d])[(\\[]?(?:(?<yes>%s|(?-i:Y))|(?<no>%s|(?-i:N))|(?<may>(?:%s)(?!\\s?:)|(?-i:MC?)))"
                    .formatted(Tone.held("word-ticked"), Tone.held("word-empty"), Tone.held("word-doubted"))
            + "(?![\\p{L}\\d])[)\\]]?)");
    private static final Pattern OF_TRACES = Pattern.compile(
            "(?iu)(?<!\\p{L})(?:%s|%s)(?!\\p{L})".formatted(Tone.held("column-may"), Tone.held("answer-place")));
    private static final String PARTS = ",;:|=•–—-\t ";
    private static final String AROUND = PARTS + "/";
    /// "seeds - may contain / crustacea" and "nuts C milk" are more than one row
    private static final Pattern INNER = Pattern.compile("\\s[-–—/]\\s|(?<!\\p{L})\\p{Lu}(?!\\p{L})");
    private static final String ENDS = ".\n()";
    private static final Pattern IN_BRACKETS = Pattern.compile("\\s?\\([^()\\n]{0,60}\\)");
    /// no name of an allergen is longer, with what stands in brackets
    private static final int LONGEST = 120;

    /// words may be a sentence: so many of them with names between are a table
    private static final int TABLE_OF_WORDS = 3;

    private record Sign(Tone tone, int start, int end, boolean isWord) {}

    private record Name(int start, int end) {}

    /// @param names what their signs say of them; none where nobody can tell which sign is whose
    private record Found(List<AnsweredRows.Row> names, List<Sign> signs) {
        int start() { return Math.min(signs.getFirst().start, names.getFirst().start()); }

        /// {@return the words that answer: they name nothing}
        List<AnsweredRows.Row> words() {
            return signs.stream().filter(s -> s.isWord)
                    .map(s -> new AnsweredRows.Row(Tone.NEGATED, s.start, s.end)).toList();
        }
    }

    private TickedNames() {}

    /// {@return the names of a text that have such marks, in its order}
    /// @param turns finds what turns answers round
    static List<AnsweredRows.Row> of(String text, Pattern turns) {
        var rows = new ArrayList<AnsweredRows.Row>();
        for (var found : found(text)) {
            if (found.names.isEmpty()) continue;
            rows.addAll(turned(text, found, turns));
            rows.addAll(found.words());
        }
        return rows;
    }

    /// "Nut free ✗", and all that stands below "free from"
    private static List<AnsweredRows.Row> turned(String text, Found found, Pattern turns) {
        var first = found.names.getFirst();
        // "Free from nuts ✓ milk ✗": the heading stands in the first name; "nut free site" heads nothing
        var inName = turns.matcher(text).region(first.start(), first.end());
        var areTurned = inName.lookingAt() && inName.end() < first.end() && !XFree.ONE.matcher(inName.group()).find()
                || AnsweredRows.isTurnedRound(text, found.start(), turns);
        return found.names.stream().map(
                r -> areTurned || turns.matcher(text.substring(r.start(), r.end())).find() ? AnsweredRows.turned(r)
                        : r)
                .toList();
    }

    private static List<Found> found(String text) {
        var signs = MARK.matcher(text).results()
                .map(m -> new Sign(tone(m), m.start(), m.end(),
                        m.group("yes") != null || m.group("no") != null || m.group("may") != null))
                .toList();
        var rows = new ArrayList<Found>();
        for (int first = 0, last; first < signs.size(); first = last + 1) {
            last = first;
            while (last + 1 < signs.size() && !answersLine(text, signs.get(last))
                    && isName(text, between(text, signs.get(last), signs.get(last + 1))))
                last++;
            // no name reaches over another sign
            var from = first == 0 ? 0 : signs.get(first - 1).end;
            var to = last + 1 == signs.size() ? text.length() : signs.get(last + 1).start;
            var run = signs.subList(first, last + 1);
            rows.add(new Found(row(text, run, from, to), run));
        }
        return rows;
    }

    /// "GMO free: yes" and a line end: the answer is of its own line, and of nothing on the next one
    private static boolean answersLine(String text, Sign sign) {
        if (!sign.isWord || !text.startsWith("\n", sign.end)) return false;
        var at = sign.start;
        while (at > 0 && text.charAt(at - 1) == ' ') at--;
        return at > 0 && text.charAt(at - 1) == ':';
    }

    private static Tone tone(MatchResult sign) {
        if (sign.group("ticked") != null || sign.group("yes") != null) return Tone.IN;
        return sign.group("doubted") != null || sign.group("may") != null ? Tone.MAY : Tone.NEGATED;
    }

    /// "☒ milk" and "☐ egg" may stand on a line each
    private static Name between(String text, Sign a, Sign b) {
        var name = trimmed(text, a.end, b.start);
        var start = name.start;
        var end = name.end;
        if (end > start && text.charAt(end - 1) == '\n') end--;
        else if (start < end && text.charAt(start) == '\n') start++;
        return trimmed(text, start, end);
    }

    private static List<AnsweredRows.Row> row(String text, List<Sign> signs, int from, int to) {
        if (signs.size() < (signs.stream().anyMatch(Sign::isWord) ? TABLE_OF_WORDS : 2)
                || signs.stream().noneMatch(s -> s.tone == Tone.IN))
            return List.of();
        var before = before(text, from, signs.getFirst().start);
        var after = after(text, signs.getLast().end, to);
        var leads = isName(text, after);
        if (leads == isName(text, before)) return List.of();
        var names = new ArrayList<Name>();
        if (!leads) names.add(before);
        for (var i = 1; i < signs.size(); i++) names.add(between(text, signs.get(i - 1), signs.get(i)));
        if (leads) names.add(after);
        var ofTraces = isOfTraces(text, Math.min(signs.getFirst().start, names.getFirst().start));
        var rows = new ArrayList<AnsweredRows.Row>();
        for (var i = 0; i < signs.size(); i++) {
            var sign = signs.get(i);
            var name = names.get(i);
            var isLast = !leads && i == signs.size() - 1;
            var isDoubted = ofTraces ? sign.tone == Tone.IN
                    : sign.tone == Tone.NEGATED && (isTakenBack(text, sign, isLast)
                            || !leads && !isLast && isTakenBack(text, names.get(i + 1))
                            || IN_BRACKETS.matcher(text).region(name.start, name.end).results()
                                    .anyMatch(more -> TakenBack.is("", more.group())));
            var tone = isDoubted ? Tone.MAY : AnsweredRows.inName(text.substring(name.start, name.end), sign.tone);
            rows.add(new AnsweredRows.Row(tone, name.start, name.end, !ofTraces));
        }
        return rows;
    }

    /// "Fish ✗ (on site)", "Fish no but handled": what stands behind a mark before the next name, or the end of the row
    private static boolean isTakenBack(String text, Sign sign, boolean isLast) {
        if (TakenBack.hasNote(text, sign.end)) return true;
        var more = IN_BRACKETS.matcher(text).region(sign.end, text.length());
        var end = more.lookingAt() ? more.end() : sign.end;
        while (isLast && end < text.length() && end - sign.end < LONGEST && !Tone.endsSentence(text, end)) end++;
        return TakenBack.is(text.substring(sign.start, sign.end), text.substring(sign.end, end));
    }

    /// "Fish no but handled egg yes": so far it was the next name
    private static boolean isTakenBack(String text, Name next) {
        return TakenBack.is("", IN_BRACKETS.matcher(text.substring(next.start, next.end)).replaceAll(""));
    }

    /// "Shared equipment: ☒ egg ☐ nuts" tells of traces, and its empty boxes say nothing of the recipe
    private static boolean isOfTraces(String text, int first) {
        var from = first;
        while (from > 0 && first - from < LONGEST && ",|/•".indexOf(text.charAt(from - 1)) < 0
                && !Tone.endsSentence(text, from - 1))
            from--;
        var heading = OF_TRACES.matcher(text).region(from, first);
        var leads = false;
        while (!leads && heading.find()) leads = AnsweredRows.leadsOn(text, heading.end(), first);
        return leads;
    }

    private static Name before(String text, int from, int end) {
        var start = trimmed(text, from, end).end;
        // "Nuts (almond, hazelnut) [x]": what stands in brackets belongs to the name before them
        if (start > from && text.charAt(start - 1) == ')')
            start = Math.max(from, text.substring(from, start).lastIndexOf('(') + from);
        while (start > from && !ends(text.charAt(start - 1))) start--;
        return trimmed(text, start, end);
    }

    private static Name after(String text, int start, int to) {
        var end = trimmed(text, start, to).start;
        while (end < to && !ends(text.charAt(end))) end++;
        if (end < to && text.charAt(end) == '(' && text.indexOf(')', end) >= 0)
            end = Math.min(to, text.indexOf(')', end) + 1);
        return trimmed(text, start, end);
    }

    private static boolean ends(char c) { return c != ' ' && (PARTS.indexOf(c) >= 0 || ENDS.indexOf(c) >= 0); }

    private static Name trimmed(String text, int start, int end) {
        while (start < end && AROUND.indexOf(text.charAt(start)) >= 0) start++;
        while (end > start && AROUND.indexOf(text.charAt(end - 1)) >= 0) end--;
        return new Name(start, end);
    }

    private static boolean isName(String text, Name name) {
        if (name.end - name.start > LONGEST) return false;
        var words = IN_BRACKETS.matcher(text.substring(name.start, name.end)).replaceAll("");
        return !INNER.matcher(words).find() && words.chars().noneMatch(c -> c != '-' && ends((char) c))
                && Allergens.areAllOf(words);
    }
}
