package keenfork.core.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.food.Substance;
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

    /// {@return the substances that groups and substances on the list name; a diet or a food names none}
    public List<Substance> substances() {
        return all.stream().flatMap(a -> switch (a) {
            case Avoidance.OfGroup(var _, var group, var _) -> group.members().stream();
            case Avoidance.OfSubstance(var substance, var _) -> Stream.of(substance);
            case Avoidance.OfDiet _, Avoidance.OfFood _ -> Stream.<Substance>empty();
        }).distinct().toList();
    }

    /// {@return what such a dish is, in words: `vegan, without sesame, nuts`}
    public String inWords() {
        var diets = all.stream().filter(Avoidance.OfDiet.class::isInstance).map(a -> said(((Avoidance.OfDiet) a).diet())).toList();
        var out = all.stream().filter(a -> !(a instanceof Avoidance.OfDiet)).map(Avoidance::words).toList();
        return String.join(", ", Stream.concat(diets.stream(), out.isEmpty() ? Stream.of() : Stream.of("without " + String.join(", ", out))).toList());
    }

    private static String said(Diet diet) { return diet.id().equals("pregnancy") ? "for pregnant guests" : diet.name().toLowerCase(); }
}
