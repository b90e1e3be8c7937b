package keenfork.core.label;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import keenfork.core.food.Table;
import keenfork.core.regime.RuleBook;

/// The words of a label in one language. Languages are data: adding one is adding a file, and its name to
/// `languages/index.txt`. What a language has no word for stays in English: nothing is left out.
public final class Language {
    private static final List<Language> ALL =
            Table.names(Language.class, "languages/index.txt").stream().map(Language::new).toList();

    private final Map<String, String> phrases = new HashMap<>();
    private final Map<String, String> words = new HashMap<>();

    private Language(String id) {
        for (var row : Table.lines(Language.class, "languages/" + id + ".txt")) {
            if (row.isSilent()) continue;
            var line = row.text();
            var cells = Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
            var equals = line.indexOf(" = ");
            if (cells.size() == 4 && cells.getFirst().equals("word")) words.put(cells.get(1), cells.get(2));
            else if (equals > 0) phrases.put(line.substring(0, equals).strip(), line.substring(equals + 3).strip());
            else throw new IllegalStateException(
                    "%s.txt, line %d: neither a phrase nor a word".formatted(id, row.number()));
        }
    }

    /// {@return every language that is shipped, English first}
    public static List<Language> all() { return ALL; }

    public static Language english() { return ALL.getFirst(); }

    public static Optional<Language> named(String id) {
        return ALL.stream().filter(l -> l.id().equalsIgnoreCase(id.strip())).findFirst();
    }

    /// {@return its key: `fr`}
    public String id() { return phrase("id"); }

    /// {@return what its speakers call it}
    public String name() { return phrase("name"); }

    /// {@return what English calls it}
    public String inEnglish() { return locale().getDisplayLanguage(Locale.ENGLISH); }

    /// {@return whether it is the language the words are written in}
    public boolean isEnglish() { return this == english(); }

    /// {@return whether it has the words of a rule book's groups: some are spoken where few rule books are in force}
    public boolean isSpokenUnder(RuleBook ruleBook) {
        var books = phrases.get("books");
        return books == null || Arrays.asList(books.split(",\\s*")).contains(ruleBook.id());
    }

    public Locale locale() { return Locale.forLanguageTag(phrase("tag")); }

    /// {@return a phrase of its own: `ingredients`, `made`, `batch`, `keep`, `ask`, `none`}
    /// @throws IllegalStateException when its file has none
    public String phrase(String key) {
        var text = phrases.get(key);
        if (text == null)
            throw new IllegalStateException(
                    "%s.txt has no line \"%s = …\"".formatted(phrases.getOrDefault("id", "language"), key));
        return text;
    }

    /// {@return how a sentence is worded: `contains`, `may`, `contact`, `unknown` or `beside`, with `{list}` in it.
    /// English is worded by the rule book}
    public String sentence(String key, RuleBook ruleBook) {
        return phrases.containsKey(key) ? phrases.get(key) : ruleBook.word(key);
    }

    /// {@return whether it has a word of its own, so that what English calls it need not stand there}
    public boolean has(String english) { return this == english() || words.containsKey(english); }

    /// {@return a group, a food or a claim in this language; the English word where it has none}
    public String word(String english) { return words.getOrDefault(english, english); }

    @Override
    public String toString() { return name(); }
}
