package keenfork.core.food;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Lexicon.Match;

/// Words that in the plural name another food than in the singular: "goats" on a caterer's list is cheese, and "goat"
/// meat.
final class InPlural {
    private static final Map<String, Meaning> HELD = read(Where.ANY);
    private static final Map<String, Meaning> ALONE = read(Where.ALONE);
    private static final Pattern ANY_ALONE = Pattern.compile("(?iU)\\b(?:" + String.join("|", ALONE.keySet()) + ")\\b");

    /// where such a word names its food: anywhere, or only where no other food is named
    private enum Where { ANY, ALONE }

    private InPlural() {}

    private static Map<String, Meaning> read(Where where) {
        var held = new HashMap<String, Meaning>();
        for (var row : Table.read(InPlural.class, "in-plural.txt", 4)) {
            var food = row.read(1, c -> Foods.shipped().find(c)
                    .orElseThrow(() -> new IllegalStateException("no food is called “%s”".formatted(c))));
            var said = row.read(2, c -> Where.valueOf(c.toUpperCase(Locale.ROOT)));
            if (said == where) for (var word : row.list(0)) held.put(word, new Meaning.OfFood(food));
        }
        return Map.copyOf(held);
    }

    /// {@return the matches, with what their words mean in the plural}
    static List<Match> foods(List<Match> matches) {
        for (var match : matches) if (isHeld(match)) return matches.stream().map(InPlural::food).toList();
        return matches;
    }

    /// {@return the food that a word names which names one only where no other is named}
    static Optional<Match> alone(String text) {
        var found = ANY_ALONE.matcher(text);
        if (!found.find()) return Optional.empty();
        return Optional.ofNullable(ALONE.get(found.group().toLowerCase(Locale.ROOT)))
                .map(meaning -> new Match(found.group(), meaning, found.start(), found.end()));
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
