package keenfork.core.food;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/// Words that stand for each other inside longer names: "eggplant lasagne" is what "aubergine lasagne" is.
final class Synonyms {
    private final Map<String, List<String>> others = new HashMap<>();

    /// The words of the shipped table.
    ///
    /// @param shortForms those that are names by themselves, each with its word: one that is none is taken for its word
    ///                   where it is read
    Synonyms(Map<String, String> shortForms) {
        shortForms.forEach((shortly, full) -> put(full, shortly));
        for (var row : Table.read(Synonyms.class, "synonyms.txt", 3)) {
            var same = Stream.concat(Stream.of(row.cell(0)), row.list(1).stream()).map(Words::key).toList();
            for (var word : same) same.stream().filter(w -> !w.equals(word)).forEach(w -> put(word, w));
        }
    }

    private void put(String word, String other) { others.computeIfAbsent(word, _ -> new ArrayList<>()).add(other); }

    /// {@return a name of several words with one of them told by another that means the same, each way once}
    List<String> of(String name) {
        var words = List.of(Words.key(name).split(" "));
        var told = new ArrayList<String>();
        for (var at = 0; at < words.size(); at++)
            for (var other : others.getOrDefault(words.get(at), List.of())) {
                var changed = new ArrayList<>(words);
                changed.set(at, other);
                told.add(String.join(" ", changed));
            }
        return told;
    }
}
