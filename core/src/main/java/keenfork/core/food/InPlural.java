package keenfork.core.food;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import keenfork.core.food.Lexicon.Match;

/// Words that in the plural name another food than in the singular: "goats" on a caterer's list is cheese, and "goat"
/// meat.
final class InPlural {
    private static final Map<String, Meaning> HELD = read();

    private InPlural() {}

    private static Map<String, Meaning> read() {
        var held = new HashMap<String, Meaning>();
        for (var row : Table.read(InPlural.class, "in-plural.txt", 3)) {
            var food = row.read(1, c -> Foods.shipped().find(c)
                    .orElseThrow(() -> new IllegalStateException("no food is called “%s”".formatted(c))));
            for (var word : row.list(0)) held.put(word, new Meaning.OfFood(food));
        }
        return Map.copyOf(held);
    }

    /// {@return the matches, with what their words mean in the plural}
    static List<Match> foods(List<Match> matches) {
        for (var match : matches) if (isHeld(match)) return matches.stream().map(InPlural::food).toList();
        return matches;
    }

    private static boolean isHeld(Match match) {
        return match.text().endsWith("s") && HELD.containsKey(match.text().toLowerCase(Locale.ROOT));
    }

    private static Match food(Match match) {
        var meaning = HELD.get(match.text().toLowerCase(Locale.ROOT));
        return meaning == null ? match
                : new Match(match.text(), meaning, match.start(), match.end(), match.taken());
    }
}
