package keenfork.core.label;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;

/// What a label must say of a dish under a rule book: what is in its list, and what is named below it, how surely.
/// Words are put to it by [Wording].
///
/// @param name        the dish
/// @param ruleBook    the rule book in force
/// @param language    what the names in brackets behind an ingredient are in
/// @param ingredients the list, heaviest first
/// @param said        what is named, by how surely; each thing once, where it is surest
/// @param beside      the keys of what guests take for one of a group that the law does not list
/// @param undecided   lines that say one thing or another: a list names what is in it, so packed food waits for it
/// @param foreign    packs in another language than the label's: packed food waits for a word that has no other
/// @param checks      what is asked before it prints: a name that promises what is not there, a share that is not sure
public record Statement(String name, RuleBook ruleBook, Language language, List<Item> ingredients,
        Map<Certainty, List<Named>> said, List<String> beside, List<String> undecided,
        List<Foreign> foreign, List<String> checks) {
    /// A pack's list that was put into the label's language.
    ///
    /// @param name   what the list calls the product
    /// @param from   the language the pack is printed in
    /// @param unread words that nobody knows the label's word for; they stand as they are printed
    public record Foreign(String name, Language from, List<String> unread) {
        public Foreign {
            unread = List.copyOf(unread);
        }
    }

    /// A stretch of an ingredient's words.
    ///
    /// @param names what it names of the rule book's groups; it is set in bold where it names any
    public record TextRun(String text, List<Named> names) {
        public TextRun {
            names = List.copyOf(names);
        }

        TextRun(String text) { this(text, List.of()); }

        public boolean bold() { return !names.isEmpty(); }
    }

    /// One ingredient of the list.
    ///
    /// @param name    what it is called, without its share and what stands in brackets behind it
    /// @param percent its share, in percent; empty where none is asked for
    /// @param runs    its words
    /// @param open    true where its place against the next one is not sure: weigh these two
    /// @param holds   what stands in its brackets where it is a dish of the kitchen's own
    public record Item(String name, Optional<BigDecimal> percent, List<TextRun> runs, boolean open, List<Item> holds) {
        public Item {
            runs = List.copyOf(runs);
            holds = List.copyOf(holds);
        }

        public String text() {
            return String.join("", runs.stream().map(TextRun::text).toList());
        }
    }

    public Statement {
        ingredients = List.copyOf(ingredients);
        said = levels(said);
        beside = List.copyOf(beside);
        undecided = List.copyOf(undecided);
        foreign = List.copyOf(foreign);
        checks = List.copyOf(checks);
    }

    static Map<Certainty, List<Named>> levels(Map<Certainty, List<Named>> said) {
        var levels = new EnumMap<Certainty, List<Named>>(Certainty.class);
        for (var certainty : Certainty.values())
            levels.put(certainty, List.copyOf(said.getOrDefault(certainty, List.of())));
        return Collections.unmodifiableMap(levels);
    }

    public static Statement compose(Derivation derivation, RuleBook ruleBook) {
        return compose(derivation, ruleBook, Language.english());
    }

    /// {@return what a label must say, with the allergens in its list named in a language}
    public static Statement compose(Derivation derivation, RuleBook ruleBook, Language language) {
        return new Composer(derivation, ruleBook, language).compose();
    }

    /// {@return what is named so surely}
    public List<Named> said(Certainty certainty) { return said.getOrDefault(certainty, List.of()); }

    /// {@return what must be known before packed food goes out: what may be there and nobody can tell, and what is
    /// surely there of which the law wants it said which}
    public List<Named> open() {
        var open = new ArrayList<>(said(Certainty.NOT_KNOWN));
        for (var named : said(Certainty.CONTAINS)) if (named.isOpen(ruleBook) && !open.contains(named)) open.add(named);
        return open;
    }

    /// {@return the same in words, with the lines that leave open which of two things goes in}
    public List<String> waitsFor() {
        var waits = new ArrayList<>(new Wording(ruleBook, Language.english()).names(open()));
        for (var line : undecided) waits.add("which it is in “%s”".formatted(line));
        for (var pack : foreign)
            if (!pack.unread.isEmpty())
                waits.add("what the label calls %s of the %s, which its pack says in another language"
                        .formatted(quoted(pack.unread), pack.name));
        return waits;
    }

    private static String quoted(List<String> words) {
        return String.join(", ", words.stream().map("“%s”"::formatted).toList());
    }

    /// {@return all that a card by the dish says, as text: another text is another card}
    public String onCard() { return name + "\n" + String.join("\n", sentences()); }

    /// {@return all that a tub's label says, as text: the card's, with the list of ingredients}
    public String onTub() { return onCard() + "\n" + String.join(", ", ingredients.stream().map(Item::text).toList()); }

    /// {@return the sentences under the list in English, in order of strength; only those that have something to say}
    public List<String> sentences() {
        var wording = new Wording(ruleBook, Language.english());
        return said.entrySet().stream().flatMap(e -> wording.sentence(e.getKey(), e.getValue()).stream())
                .map(Wording.Sentence::text).toList();
    }
}
