package keenfork.core.label;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import keenfork.core.food.Table;
import keenfork.core.pack.Declaration;

/// The list of ingredients of a pack, put word for word into a label's language; an ingredient with a word that has no
/// row stands as it is printed and is told. Regulation (EU) No 1169/2011, Article 15: a list is in a language that its
/// readers understand.
///
/// @param from   the language the pack is printed in, as far as the table can tell; the label's where it is the same
/// @param to     the label's language
/// @param pieces the list from its first letter to its last
/// @param unread ingredients with a word without a row, each once, as printed; none where the languages are the same
record PackList(Language from, Language to, List<Piece> pieces, List<String> unread) {
    /// A stretch of the list.
    ///
    /// @param start  its first letter in the pack's text, from 0
    /// @param end    its last letter there, exclusive
    /// @param text   what the label says for it
    /// @param isWord false for signs and numbers between words
    record Piece(int start, int end, String text, boolean isWord) {}

    private static final String FILE = "pack-lists.txt";
    /// the languages of the table, by their keys: its first row
    private static final List<String> COLUMNS = columns();
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{M}\\d]+");
    /// what may stand between two words of one name
    private static final Pattern JOINT = Pattern.compile("\\s+|['’-]");
    private static final Pattern BORDER = Pattern.compile("[^\\s'’/&+-]");
    private static final Pattern HAS_DIGIT = Pattern.compile(".*\\d.*");
    private static final Map<Language, Map<String, List<String>>> HELD = read();
    private static final int MOST_WORDS = HELD.values().stream().flatMap(m -> m.keySet().stream())
            .mapToInt(k -> k.split(" ").length).max().orElseThrow();

    PackList {
        pieces = List.copyOf(pieces);
        unread = List.copyOf(unread);
    }

    private static List<String> columns() {
        var first = Table.lines(PackList.class, FILE).stream().filter(l -> !l.isSilent()).findFirst().orElseThrow();
        var cells = List.of(first.text().split("\\s*\\|\\s*"));
        return cells.subList(0, cells.size() - 1);
    }

    /// {@return by language, the rows by each of their forms there}
    private static Map<Language, Map<String, List<String>>> read() {
        var held = new HashMap<Language, Map<String, List<String>>>();
        for (var row : Table.read(PackList.class, FILE, COLUMNS.size() + 1).stream().skip(1).toList()) {
            var written = IntStream.range(0, COLUMNS.size()).mapToObj(c -> row.list(c).getFirst()).toList();
            for (var c = 0; c < COLUMNS.size(); c++)
                take(row, c, written, held.computeIfAbsent(Language.named(COLUMNS.get(c)).orElseThrow(),
                        _ -> new HashMap<>()));
        }
        return held;
    }

    private static void take(Table.Row row, int column, List<String> written, Map<String, List<String>> rows) {
        row.read(column, _ -> {
            for (var form : row.list(column))
                if (rows.put(key(form), written) != null)
                    throw new IllegalArgumentException("“%s” stands in two rows".formatted(form));
            return column;
        });
    }

    private static String key(String words) {
        return WORD.matcher(words.toLowerCase(Locale.ROOT)).results().map(r -> r.group())
                .collect(Collectors.joining(" "));
    }

    /// {@return the list of a pack as a label in a language says it}
    static PackList of(Declaration pack, Language to) {
        var list = pack.list();
        var text = pack.text().substring(0, list.until());
        var words = WORD.matcher(text).region(list.from(), text.length()).results().map(r -> new Piece(r.start(),
                r.end(), r.group(), true)).toList();
        var from = language(text, words, to);
        if (from == to || !COLUMNS.contains(to.id()))
            return new PackList(to, to, List.of(new Piece(list.from(), list.until(), text.substring(list.from()),
                    false)), List.of());
        var unread = new LinkedHashSet<String>();
        var pieces = new ArrayList<Piece>();
        var at = list.from();
        for (var item : items(text, words)) {
            for (var name : names(text, item, from, to, unread)) {
                if (name.start > at) pieces.add(between(text, at, name.start, to));
                pieces.add(name);
                at = name.end;
            }
        }
        if (at < list.until()) pieces.add(between(text, at, list.until(), to));
        return new PackList(from, to, pieces, List.copyOf(unread));
    }

    /// {@return the words of each ingredient: between commas, colons and brackets}
    private static List<List<Piece>> items(String text, List<Piece> words) {
        var items = new ArrayList<List<Piece>>();
        for (var i = 0; i < words.size(); i++) {
            if (i == 0 || BORDER.matcher(text.substring(words.get(i - 1).end, words.get(i).start)).find())
                items.add(new ArrayList<>());
            items.getLast().add(words.get(i));
        }
        return items;
    }

    /// {@return what a language calls an English name, and the name itself where no row tells}
    static String called(String name, Language language) {
        return isKnown(name, language) && !language.isEnglish()
                ? HELD.getOrDefault(Language.english(), Map.of()).getOrDefault(key(name), List.of())
                        .get(COLUMNS.indexOf(language.id()))
                : name;
    }

    /// {@return whether a language has a word for an English name}
    static boolean isKnown(String name, Language language) {
        return language.isEnglish() || COLUMNS.contains(language.id())
                && HELD.getOrDefault(Language.english(), Map.of()).containsKey(key(name));
    }

    /// {@return whether two words of a language are forms of one}
    static boolean isSame(String one, String other, Language language) {
        var rows = HELD.getOrDefault(language, Map.of());
        var row = rows.get(key(one));
        return row != null && row.equals(rows.get(key(other)));
    }

    /// {@return the language most letters of the words are known in; the label's own where none has more}
    private static Language language(String text, List<Piece> words, Language to) {
        var best = to;
        var most = known(text, words, to);
        for (var language : HELD.keySet().stream().sorted((a, b) -> a.id().compareTo(b.id())).toList()) {
            var known = known(text, words, language);
            if (known > most) {
                most = known;
                best = language;
            }
        }
        return best;
    }

    private static int known(String text, List<Piece> words, Language language) {
        var known = 0;
        for (var i = 0; i < words.size();) {
            var until = longest(text, words, i, HELD.getOrDefault(language, Map.of()).keySet());
            if (until > i) known += words.get(until - 1).end - words.get(i).start;
            i = Math.max(until, i + 1);
        }
        return known;
    }

    /// {@return the place behind the longest name that begins at a word; the word's own place where none does}
    private static int longest(String text, List<Piece> words, int at, Set<String> names) {
        var until = at;
        var key = new StringBuilder();
        for (var i = at; i < Math.min(words.size(), at + MOST_WORDS); i++) {
            if (i > at && !JOINT.matcher(text.substring(words.get(i - 1).end, words.get(i).start)).matches()) break;
            key.append(i > at ? " " : "").append(words.get(i).text.toLowerCase(Locale.ROOT));
            if (names.contains(key.toString())) until = i + 1;
        }
        return until;
    }

    /// {@return an ingredient in the label's words; as it is printed where one of its words has no row: half of a name
    /// would say something else}
    private static List<Piece> names(String text, List<Piece> item, Language from, Language to, Set<String> unread) {
        var rows = HELD.getOrDefault(from, Map.of());
        var column = COLUMNS.indexOf(to.id());
        var names = new ArrayList<Piece>();
        for (var i = 0; i < item.size();) {
            var word = item.get(i);
            var until = longest(text, item, i, rows.keySet());
            var end = item.get(Math.max(i, until - 1)).end;
            if (until > i)
                names.add(new Piece(word.start, end,
                        rows.getOrDefault(key(text.substring(word.start, end)), List.of()).get(column), true));
            else if (isSameEverywhere(word)) names.add(word);
            else return List.of(asPrinted(text, item, unread));
            i = Math.max(until, i + 1);
        }
        return names;
    }

    /// a number, a unit, an E number
    private static boolean isSameEverywhere(Piece word) {
        return word.text.length() == 1 || HAS_DIGIT.matcher(word.text).matches();
    }

    private static Piece asPrinted(String text, List<Piece> item, Set<String> unread) {
        var printed = text.substring(item.getFirst().start, item.getLast().end);
        unread.add(printed);
        return new Piece(item.getFirst().start, item.getLast().end, printed, true);
    }

    /// Signs and numbers as the label's language has them: English has a point where the others have a comma, French a
    /// blank before a colon. What joined two words of one name elsewhere is a blank between two names.
    private static Piece between(String text, int start, int end, Language to) {
        var printed = text.substring(start, end);
        var isDecimal = printed.length() == 1 && start > 0 && Character.isDigit(text.charAt(start - 1))
                && end < text.length() && Character.isDigit(text.charAt(end));
        if (isDecimal) return new Piece(start, end, to.isEnglish() ? "." : ",", false);
        return new Piece(start, end, printed.replaceAll("['’]", " ").replaceAll("\\s*:", colon(to)), false);
    }

    static String colon(Language language) { return language.id().equals("fr") ? " :" : ":"; }
}
