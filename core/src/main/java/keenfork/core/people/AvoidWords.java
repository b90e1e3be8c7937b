package keenfork.core.people;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Family;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import org.jspecify.annotations.Nullable;

/// What the tables know of the words in which people say what they avoid: what is meant, and what is only said around
/// it.
final class AvoidWords {
    static final String ASK = "ask:";
    static final String FOOD = "food:";
    /// kinds of phrases that open what is said next
    private static final Set<String> HEADS = Set.of("except", "eats", "all-but");
    private static final Map<String, List<String>> MEANT = readMeant();
    private static final Map<String, String> TALK = readTalk();

    private AvoidWords() {}

    private static Map<String, List<String>> readMeant() {
        var held = new HashMap<String, List<String>>();
        for (var row : Table.read(AvoidWords.class, "avoid-words.txt", 3)) {
            var meaning = row.cell(1).startsWith(ASK) ? List.of(row.cell(1)) : row.list(1);
            for (var words : row.list(0)) held.put(Words.key(words), meaning);
        }
        for (var word : Family.known()) held.putIfAbsent(word, List.of(FOOD + word));
        return Map.copyOf(held);
    }

    private static Map<String, String> readTalk() {
        var held = new HashMap<String, String>();
        for (var row : Table.read(AvoidWords.class, "avoid-talk.txt", 3))
            if (!HEADS.contains(row.cell(1))) held.put(Words.key(row.cell(0)), row.cell(1));
        return Map.copyOf(held);
    }

    /// {@return what some words mean, by their key: substances, diets, foods or a question; none where no list knows
    /// them}
    static List<String> meant(String key) { return MEANT.getOrDefault(key, List.of()); }

    /// {@return the keys of all words that mean something, in order}
    static List<String> known() { return MEANT.keySet().stream().sorted().toList(); }

    /// {@return the kind of talk that some words are, by their key; null where they are none}
    static @Nullable String talk(String key) { return TALK.get(key); }

    /// {@return what finds a phrase of a kind, as the inside of a regular expression}
    static String heads(String kind) {
        return Table.read(AvoidWords.class, "avoid-talk.txt", 3).stream().filter(r -> r.cell(1).equals(kind))
                .map(r -> r.cell(0)).collect(Collectors.joining("|", "(?:", ")\\b"));
    }
}
