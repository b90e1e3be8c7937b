package keenfork.core.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import keenfork.core.regime.RuleBook;

/// All that people avoid, read from their words.
///
/// @param all    what they avoid
/// @param unread words that name nothing to avoid: as long as there are any, nobody can say that such people eat a dish
public record Avoidances(List<Avoidance> all, List<String> unread) {
    public static final Avoidances NONE = new Avoidances(List.of(), List.of());

    public Avoidances {
        all = List.copyOf(all);
        unread = List.copyOf(unread);
    }

    /// Reads a list: "eggs, sesame", "egg + vegan", "nuts and milk:recipe".
    public static Avoidances of(String list, RuleBook ruleBook) {
        var all = new ArrayList<Avoidance>();
        var unread = new ArrayList<String>();
        for (var word : list.split("\\s*(?:[,;+&\\n]|\\band\\b)\\s*")) {
            if (word.isBlank()) continue;
            var one = grouped(word, ruleBook).or(() -> Avoidance.parse(word, ruleBook));
            if (one.isEmpty()) unread.add(word.strip());
            else if (!all.contains(one.get())) all.add(one.get());
        }
        return new Avoidances(all, unread);
    }

    /// A group called by its name on screens, or by one letter more or less: "egg", "Gluten cereals".
    private static Optional<Avoidance> grouped(String word, RuleBook ruleBook) {
        var plain = word.strip().toLowerCase();
        return ruleBook.groups().stream().filter(g -> g.name().equalsIgnoreCase(plain) || g.id().equals(plain + "s") || (g.id() + "s").equals(plain) || g.label().equalsIgnoreCase(plain))
                .findFirst().map(g -> new Avoidance.OfGroup(ruleBook, g, Avoidance.Strictness.TRACE));
    }

    public boolean isEmpty() { return all.isEmpty() && unread.isEmpty(); }

    /// {@return what is avoided, in words}
    public List<String> words() { return all.stream().map(Avoidance::words).toList(); }
}
