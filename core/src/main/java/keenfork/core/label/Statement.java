package keenfork.core.label;

import java.util.List;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;

/// What a label must say of a dish, in the words of a rule book.
///
/// @param name        the dish
/// @param ruleBook    the rule book in force
/// @param ingredients the list, heaviest first
/// @param contains    names of what is in it, without the phrase around them
/// @param may         what packs say may be in it
/// @param contact     what shared kit may have left
/// @param unknown     what is not known
/// @param beside      what guests take for one of a group that the law does not list
/// @param checks      what is asked before it prints: a name that promises what is not there, a share that is not sure
/// @param language what the names in brackets behind an ingredient are in; the names below the list are kept in English
public record Statement(String name, RuleBook ruleBook, List<Item> ingredients, List<String> contains, List<String> may, List<String> contact, List<String> unknown, List<String> beside, List<String> checks, Language language) {
    /// A stretch of an ingredient's words.
    ///
    /// @param bold true where it names an allergen
    public record Run(String text, boolean bold) {}

    /// One ingredient of the list.
    ///
    /// @param runs  its words
    /// @param open  true where its place against the next one is not sure: weigh these two
    public record Item(List<Run> runs, boolean open) {
        public Item {
            runs = List.copyOf(runs);
        }

        public String text() {
            return String.join("", runs.stream().map(Run::text).toList());
        }
    }

    public Statement {
        ingredients = List.copyOf(ingredients);
        contains = List.copyOf(contains);
        may = List.copyOf(may);
        contact = List.copyOf(contact);
        unknown = List.copyOf(unknown);
        beside = List.copyOf(beside);
        checks = List.copyOf(checks);
    }

    public static Statement compose(Derivation derivation, RuleBook ruleBook) { return compose(derivation, ruleBook, Language.english()); }

    /// {@return what a label must say, with the allergens in its list named in a language}
    public static Statement compose(Derivation derivation, RuleBook ruleBook, Language language) { return new Composer(derivation, ruleBook, language).compose(); }

    /// {@return all that a card by the dish says, as text: another text is another card}
    public String onCard() { return name + "\n" + String.join("\n", sentences()); }

    /// {@return all that a tub's label says, as text: the card's, with the list of ingredients}
    public String onTub() { return onCard() + "\n" + String.join(", ", ingredients.stream().map(Item::text).toList()); }

    /// {@return the sentences under the list, in order of strength; only those that have something to say}
    public List<String> sentences() {
        record Said(String key, List<String> names) {}
        return List.of(new Said("contains", contains), new Said("may", may), new Said("contact", contact), new Said("unknown", unknown)).stream()
                .filter(s -> !s.names.isEmpty()).map(s -> ruleBook.word(s.key).replace("{list}", String.join(", ", s.names))).toList();
    }
}
