package keenfork.core.pack;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Table;

/// Which stretches of a declaration say that something is in it, may be in it, or is not: told by the phrase before
/// them. What stands in the past (storage, origin, nutrition) names no allergen: it is read past.
enum Tone {
    IN, MAY, NEGATED, PAST;

    /// characters that a negation can take away at most
    private static final int FURTHEST = 600;
    private static final int LETTERS_OF_ANY_CASE =
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS;
    private static final List<Table.Row> HELD = Table.read(Tone.class, "phrases.txt", 4);
    /// the first that fits wins: what denies a promise goes before the promise, a precaution before the place it was
    /// packed in; none begins within a word, and none that denies ends there: "raisin hazelnut" has no "sin" in it
    private static final Pattern PHRASES = Pattern.compile(
            "(?<!\\p{L})(?:(?<unfree>%s)|(?<may>%s)|(?<past>%s)|(?<negated>(?:%s)(?!(?<=\\p{L})\\p{L}))|(?<in>%s))"
                    .formatted(
                            held("unfree"), held("may"), held("past"), held("negated"), held("in")),
            LETTERS_OF_ANY_CASE);
    private static final Pattern BEHIND = Pattern.compile(
            "(?<!\\p{L})(?:(?<not>%s)|%s)".formatted(held("not-behind"), held("may-behind")), LETTERS_OF_ANY_CASE);
    private static final Pattern NOT_RULED_OUT = Pattern.compile(held("not-ruled-out"), LETTERS_OF_ANY_CASE);
    private static final Pattern BOILERPLATE = Pattern.compile(held("boilerplate") + "|" + held("elsewhere"),
            Pattern.CASE_INSENSITIVE);
    /// "Suitable for vegans: no" claims nothing
    private static final Pattern VEGAN =
            Pattern.compile("(?:%s)(?!\\p{L})(?!\\s{0,3}[:|=–—-]\\s{0,3}(?:%s)(?![\\p{L}\\d]))"
                    .formatted(held("claim-vegan"), held("answer-no")), LETTERS_OF_ANY_CASE);
    private static final Pattern SUITED = Pattern.compile("(?iu)\\b(?:" + held("suited") + ")$");
    private static final Pattern UP_TO_A_MARK =
            Pattern.compile("(?:(?!\\s[-–]\\s)[^|•.;:\\n]){1,200}(?=\\s[-–]\\s|[|•.;\\n]|$)");
    /// what turns the answers of a table round
    private static final Pattern TURNS =
            Pattern.compile("(?<!\\p{L})(?:%s)(?!(?<=\\p{L})\\p{L})|%s".formatted(held("negated"), XFree.ONE.pattern()),
                    LETTERS_OF_ANY_CASE);
    /// "not dairy free", "not made in a nut-free bakery": what is denied is the promise
    private static final Pattern NOT = Pattern.compile(
            "(?iu)(?:%s)(?:\\s(?:%s)){0,8}\\s?$".formatted(held("denies-free"), held("denies-free-lead")));
    private static final int LONGEST_NOT = 60;
    /// "no added sugar" promises nothing about what else is in it
    private static final Pattern NOT_A_CLAIM = Pattern.compile("(?i)" + held("no-claim"));
    /// what a maker leaves out of one thing it adds says nothing of the next: "no added sugar, wheat flour"
    private static final Pattern OF_ONE_THING =
            Pattern.compile("(?iu)" + held("of-one-thing"));
    private static final Pattern WITHOUT = Pattern.compile("(?iu)" + held("of-one-or-all"));
    private static final Pattern OR_WORD = Pattern.compile("(?iu)\\s(?:" + held("or-word") + ")\\s");
    private static final Pattern AND_WORD = Pattern.compile("(?iu)\\s(?:" + held("and-word") + ")\\s");
    private static final Pattern EMPTY = Pattern.compile(held("box-empty") + "|[(\\[]N[)\\]]");
    private static final Pattern PLUS = Pattern.compile("(?<![\\p{L}\\d])\\+");
    private static final Pattern MINUS = Pattern.compile("(?<=^|\\s)[-–](?=\\s|$|[;,|/])");
    private static final Set<String> CUT_SHORT = Set.of(held("cut-short").split("\\|"));
    private static final int LONGEST_SHORT = 6;
    private static final Pattern GOES_ON = Pattern.compile(
            "(?iu)\\s*(" + held("goes-on") + "|,|\\s)*\\s*");

    /// {@return whether a text says that something may be there, in any of the ways a precaution stands behind a name}
    static boolean doubts(String text) {
        var said = BEHIND.matcher(text);
        while (said.find()) if (said.group("not") == null) return true;
        return NOT_RULED_OUT.matcher(text).find();
    }

    /// {@return what finds any phrase of a tone}
    static Pattern pattern(String tone) { return Pattern.compile(held(tone), LETTERS_OF_ANY_CASE); }

    static String held(String tone) {
        return String.join("|",
                HELD.stream().filter(r -> r.cell(0).equals(tone)).map(r -> r.cell(2).replace('¦', '|')).toList());
    }

    static boolean claimsVegan(String text) { return VEGAN.matcher(text).find(); }

    /// {@return where a text says nothing of what is in it}
    static BitSet boilerplate(String text) {
        var places = new BitSet(text.length());
        var found = BOILERPLATE.matcher(text);
        while (found.find()) places.set(found.start(), found.end());
        return places;
    }

    /// {@return whether what is denied at a place is a promise that it is not in it at all}
    static boolean isClaim(String text, int at) {
        return !NOT_A_CLAIM.matcher(text.substring(Math.max(0, at - 60), at)).find();
    }

    private record Phrase(Tone tone, boolean unfree, int start, int end) {}

    /// {@return the names of a text that stand in a table, each with what the table says of it}
    static List<AnsweredRows.Row> rows(String text) {
        return Stream.of(AnsweredRows.of(text, TURNS), AskedRows.of(text, TURNS), TickedNames.of(text, TURNS),
                AllergenColumns.of(text), KeyedRows.of(text), CodedKey.of(text)).flatMap(List::stream).toList();
    }

    /// {@return the tone at each character of a declaration}
    /// @param rows of its tables
    static Tone[] along(String text, List<AnsweredRows.Row> rows) {
        var tones = new Tone[text.length()];
        Arrays.fill(tones, IN);
        var unfree = new boolean[text.length()];
        var phrases = phrases(text);
        for (var i = 0; i < phrases.size(); i++) {
            var phrase = phrases.get(i);
            var next = i + 1 < phrases.size() ? phrases.get(i + 1).start : text.length();
            // "Suitable for vegans - soya, water": it says all it says
            var isSaid = phrase.tone == NEGATED && SUITED.matcher(text.substring(phrase.start, phrase.end)).find();
            var to = isSaid ? phrase.end : Math.min(next, reach(text, phrase, next));
            var isHeading = phrase.tone == NEGATED
                    && (isMarked(text, phrase.end, to) || AnsweredRows.isAnswer(text, phrase.start, phrase.end));
            var tone = isHeading ? MAY : phrase.tone;
            for (var at = phrase.tone == NEGATED || phrase.tone == PAST ? phrase.start : phrase.end; at < to; at++) {
                tones[at] = tone;
                unfree[at] = phrase.unfree;
            }
            if (phrase.tone == NEGATED)
                for (var span : Denied.beyond(text, phrase.start, phrase.end, to))
                    Arrays.fill(tones, span.start(), span.end(), IN);
        }
        toneWhatStandsBefore(text, tones);
        denyWhatIsFree(text, tones, unfree);
        var boilerplate = BOILERPLATE.matcher(text);
        while (boilerplate.find()) Arrays.fill(tones, boilerplate.start(), boilerplate.end(), NEGATED);
        rows.forEach(row -> Arrays.fill(tones, row.start(), row.end(), row.tone()));
        doubtWhatIsDenied(text, tones);
        return tones;
    }

    /// "Absent: milk ☐ egg ☑", "Free from: milk + egg -": a heading of a table, whose rows say more than the heading
    private static boolean isMarked(String text, int from, int to) {
        if (EMPTY.matcher(text).region(from, Math.max(from, to)).find()) return true;
        if (from >= text.length() || text.charAt(from) != ':') return false;
        var below = text.substring(from, Math.min(text.length(), from + FURTHEST));
        return PLUS.matcher(below).find() && MINUS.matcher(below).find();
    }

    /// "milk and sesame are used in our bakery": a precaution behind the names, all that the sentence lists, or those
    /// behind its last comma where it lists more than allergens. What is denied so, "nuts are not used on site", is
    /// denied where it lists nothing else.
    private static void toneWhatStandsBefore(String text, Tone[] tones) {
        var said = BEHIND.matcher(text);
        var from = 0;
        while (said.find()) {
            var end = said.start();
            // "nuts: may be present"
            while (end > from && ": ".indexOf(text.charAt(end - 1)) >= 0) end--;
            var start = end;
            while (start > from && !endsSentence(text, start - 1) && ":(".indexOf(text.charAt(start - 1)) < 0
                    && !isSetApart(text, start - 1))
                start--;
            from = said.end();
            var isAll = isListOfAllergens(text.substring(start, end));
            var isDenied = said.group("not") != null;
            // "egg present celery absent": the denial is of the last row alone
            if (isDenied && AnsweredRows.isAnswered(text.substring(start, end))) continue;
            if (!isAll)
                start += isDenied ? end - start : 1 + text.substring(start, end).lastIndexOf(',');
            // "never contains lupin - celery may be present"
            var isApart = isAll && !isDenied && start > 0 && isSetApart(text, start - 1);
            for (var at = start; at < end; at++)
                if (tones[at] == IN || isApart && tones[at] == NEGATED) tones[at] = isDenied ? NEGATED : MAY;
                // "grown in fields where celery may be present"
                else if (tones[at] == PAST && !isDenied) tones[at] = MAY;
        }
    }

    /// "contains milk ** egg handled here", "milk // traces of egg": what marks part is said apart
    private static boolean isSetApart(String text, int at) {
        var c = text.charAt(at);
        if (c == '|' || c == '•' || isDash(text, at)) return true;
        return (c == '*' || c == '/') && at > 0 && (text.charAt(at - 1) == c || c == '*' && text.charAt(at - 1) == ' ');
    }

    private static boolean isDash(String text, int at) {
        var c = text.charAt(at);
        return (c == '-' || c == '–') && at > 0 && text.charAt(at - 1) == ' ' && at + 1 < text.length()
                && text.charAt(at + 1) == ' ';
    }

    /// "no nuts are in it, and we cannot rule out traces": what is denied is doubted in the same breath
    private static void doubtWhatIsDenied(String text, Tone[] tones) {
        var doubt = NOT_RULED_OUT.matcher(text);
        var from = 0;
        while (doubt.find()) {
            // a sentence is gone through once, however often it doubts
            if (doubt.start() < from) continue;
            var before = doubt.start();
            // "without egg; traces are possible"
            while (before > from && "; ".indexOf(text.charAt(before - 1)) >= 0) before--;
            for (var at = before; at > from && !endsSentence(text, at - 1); at--) doubted(tones, at - 1);
            for (from = doubt.end(); from < text.length() && !endsSentence(text, from); from++) doubted(tones, from);
        }
    }

    private static void doubted(Tone[] tones, int at) {
        if (tones[at] == NEGATED) tones[at] = MAY;
    }

    static boolean endsSentence(String text, int at) {
        return text.charAt(at) == ';' || text.charAt(at) == '\n' || isFullStop(text, at);
    }

    private static void denyWhatIsFree(String text, Tone[] tones, boolean[] unfree) {
        var free = XFree.ONE.matcher(text);
        while (free.find()) {
            var start = XFree.start(text, free.start(), free.end());
            var denied =
                    unfree[free.start()] || NOT.matcher(text.substring(Math.max(0, start - LONGEST_NOT), start)).find();
            Arrays.fill(tones, start, free.end(), denied ? MAY : NEGATED);
        }
    }

    private static Tone of(Matcher phrase) {
        if (phrase.group("may") != null) return MAY;
        if (phrase.group("past") != null) return PAST;
        return phrase.group("negated") != null ? NEGATED : IN;
    }

    private static List<Phrase> phrases(String text) {
        var phrases = new ArrayList<Phrase>();
        var matcher = PHRASES.matcher(text);
        while (matcher.find()) {
            var unfree = matcher.group("unfree") != null;
            phrases.add(new Phrase(unfree ? MAY : of(matcher), unfree, matcher.start(), matcher.end()));
        }
        // "produced on a line that contains nuts": the precaution stands, whatever verb follows it in the same sentence
        for (var i = 1; i < phrases.size(); i++) {
            var before = phrases.get(i - 1);
            if (phrases.get(i).tone == IN && before.tone == MAY
                    && phrases.get(i).start <= reach(text, before, phrases.get(i).start)
                    && GOES_ON.matcher(text.substring(before.end, phrases.get(i).start)).matches())
                phrases.set(i, new Phrase(MAY, false, phrases.get(i).start, phrases.get(i).end));
        }
        return phrases;
    }

    /// A precaution holds to the end of its sentence or bracket; a negation, which takes things away, only to the next
    /// comma, or to the end of its sentence where all that follows is a list of allergens joined by "and": "free from
    /// milk, egg and soya".
    /// @param limit where it need not be looked any further; a negation is looked at to the end of its sentence, but
    ///              never reaches further than [#FURTHEST]
    private static int reach(String text, Phrase phrase, int limit) {
        var depth = 0;
        var firstComma = -1;
        var until = phrase.tone == NEGATED ? Math.min(text.length(), phrase.end + FURTHEST) : limit;
        for (var at = phrase.end; at < until; at++) {
            var c = text.charAt(at);
            if (isOpen(c)) depth++;
            if (isClose(c) && --depth < 0) return ended(text, phrase, firstComma, at);
            if (depth > 0) continue;
            if (endsSentence(text, at) && !goesOnBelow(text, phrase, at))
                return ended(text, phrase, firstComma, at);
            if (phrase.tone != NEGATED) continue;
            if ((c == '|' || c == '•' || isDash(text, at)) && !isNamed(text, at + 1))
                return ended(text, phrase, firstComma, at);
            if (c == ',' && firstComma < 0) firstComma = at;
        }
        return ended(text, phrase, firstComma, until);
    }

    /// "Traces: egg; fish; crustacean", and a list with an item on each line below a heading that stands alone on its
    /// own; what is denied so stands behind bullets.
    private static boolean goesOnBelow(String text, Phrase phrase, int at) {
        if (phrase.tone != MAY && phrase.tone != NEGATED) return false;
        var colon = text.indexOf(':', phrase.start, at);
        if (colon < 0 || text.charAt(at) == '\n' && !endsLine(text, colon + 1)) return false;
        var item = (phrase.tone == MAY ? ITEM : BULLETED).matcher(text).region(at + 1, text.length());
        return item.lookingAt() && Allergens.areAllOf(item.group(1));
    }

    /// {@return whether a bar, a dash or a bullet leads to more names of a list, and not to something else}
    private static boolean isNamed(String text, int from) {
        var item = UP_TO_A_MARK.matcher(text).region(from, text.length());
        return item.lookingAt() && Allergens.areAllOf(item.group().strip());
    }

    private static boolean endsLine(String text, int from) {
        var at = from;
        while (at < text.length() && text.charAt(at) == ' ') at++;
        return at < text.length() && text.charAt(at) == '\n';
    }

    private static int ended(String text, Phrase phrase, int firstComma, int end) {
        if (firstComma < 0) return end;
        // "does not contain milk, egg or soya (the lecithin is sunflower)"
        var told = text.substring(phrase.end, end);
        var list = Brackets.blanked(told, Brackets.of(told));
        if (Denied.areNoFoods(list)) return end;
        var said = text.substring(phrase.start, phrase.end);
        // "without soya, egg or milk" leaves out all three; "without nuts, egg" may go on with the egg that is in it
        if (WITHOUT.matcher(said).lookingAt()) return endsInOr(list) && isListOfAllergens(list) ? end : firstComma;
        var isList = !OF_ONE_THING.matcher(said).lookingAt()
                && (isClosed(list) || isOnItsOwn(text, phrase.start)) && isFreeList(list);
        return isList ? end : firstComma;
    }

    /// "dairy, gluten, soya, palm oil": allergens, and what is left out by its kind
    private static boolean isFreeList(String list) {
        var all = isListOfAllergens(list);
        if (all || !isListOfAllergens(list.substring(0, list.indexOf(',')))) return all;
        for (var item : AND_WORD.matcher(list.startsWith(":") ? list.substring(1) : list).replaceAll(",").split(","))
            if (!item.isBlank() && !Denied.areNoFoods(item.strip()) && !Allergens.areAllOf(item)) return false;
        return true;
    }

    /// "milk, egg and soya", or a list behind a colon
    private static boolean isClosed(String list) {
        return list.startsWith(":") || AND_WORD.matcher(list.substring(list.lastIndexOf(',') + 1)).find();
    }

    private static boolean endsInOr(String list) {
        return OR_WORD.matcher(list.substring(list.lastIndexOf(',') + 1)).find();
    }

    /// a sentence of its own behind another: "Water, oats. Free from dairy, soya, nuts."
    static boolean isOnItsOwn(String text, int start) {
        var before = text.substring(0, start).stripTrailing();
        return (before.endsWith(".") || before.endsWith(";")) && before.indexOf(',') >= 0;
    }

    static boolean isListOfAllergens(String list) {
        for (var item : (list.startsWith(":") ? list.substring(1) : list).split(",|" + AND_WORD.pattern()))
            if (!item.isBlank() && !Allergens.areAllOf(item)) return false;
        return true;
    }

    /// what stands between two semicolons, or behind the last one of a sentence
    private static final Pattern ITEM = Pattern.compile("\\s*[-•*·]?\\s*([^,;.\\n()]{1,40})(?=[;.\\n]|$)");
    private static final Pattern BULLETED = Pattern.compile("\\s*[-•*·]\\s*([^,;.\\n()]{1,40})(?=[;.\\n]|$)");
    private static final Pattern HEADING =
            Pattern.compile("(?iu)^\\s*(?:" + held("heading") + ")\\s*:\\s*");

    static Declaration.Stretch list(String text) {
        var heading = HEADING.matcher(text);
        var from = heading.find() ? heading.end() : 0;
        var until = text.length();
        for (var phrase : phrases(text))
            if (phrase.start > from && startsSentence(text, phrase.start)) {
                until = phrase.start;
                break;
            }
        while (until > from && (Character.isWhitespace(text.charAt(until - 1)) || text.charAt(until - 1) == '.'))
            until--;
        return new Declaration.Stretch(from, until);
    }

    private static boolean startsSentence(String text, int at) {
        var before = text.substring(0, at).stripTrailing();
        return before.isEmpty() || before.endsWith(".") || before.endsWith(";")
                || text.substring(before.length(), at).contains("\n");
    }

    static boolean isFullStop(String text, int at) {
        return text.charAt(at) == '.' && (at + 1 == text.length() || !Character.isDigit(text.charAt(at + 1)))
                && !isCutShort(text, at);
    }

    /// "may cont. milk", "Spuren v. Nüssen": the dot of a word that is cut short ends nothing
    private static boolean isCutShort(String text, int dot) {
        var from = dot;
        while (from > 0 && dot - from <= LONGEST_SHORT && Character.isLetter(text.charAt(from - 1))) from--;
        return CUT_SHORT.contains(text.substring(from, dot).toLowerCase(Locale.ROOT));
    }

    static boolean isOpen(char c) { return "([{（［｛【〔".indexOf(c) >= 0; }

    static boolean isClose(char c) { return ")]}）］｝】〕".indexOf(c) >= 0; }
}
