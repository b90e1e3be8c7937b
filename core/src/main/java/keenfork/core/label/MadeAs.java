package keenfork.core.label;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Words;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;

/// What a dish is made of, packs and shared kit included, as a mark: another mark is another dish to a laboratory. It
/// is made of foods, weights and substances and not of words, so that a label that is worded otherwise changes nothing.
public final class MadeAs {
    private MadeAs() {}

    /// {@return the mark of a dish as it is known now}
    public static String of(Derivation dish) {
        var parts = new ArrayList<>(lines(dish, new HashSet<>()));
        var said = Statement.compose(dish, RuleBook.uk()).said();
        for (var certainty : Certainty.values())
            parts.add(certainty + " " + said.getOrDefault(certainty, List.of()).stream()
                    .map(n -> n.group() + ":" + n.member()).sorted().collect(Collectors.joining(" ")));
        return OnPaper.fingerprint(String.join("\n", parts));
    }

    /// @param opened dishes whose lines stand here already: one that uses itself is not opened again
    private static List<String> lines(Derivation dish, Set<String> opened) {
        var all = new ArrayList<String>();
        opened.add(Words.key(dish.recipe().name()));
        for (var line : dish.recipe().lines()) {
            var foods = ListName.of(line).stream().map(ListName::key).collect(Collectors.joining(" + "));
            var pack = dish.pack(line);
            all.add("%s | %s | %s".formatted(foods, line.weighed().map(m -> m.likelyGrams() + " g").orElse("-"),
                    pack == null ? "" : pack.text().replaceAll("\\s+", " ")));
            var other = dish.other(line).filter(o -> !opened.contains(Words.key(o.recipe().name())));
            other.ifPresent(o -> all.addAll(lines(o, opened)));
        }
        return all;
    }
}
