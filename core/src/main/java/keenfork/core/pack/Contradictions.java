package keenfork.core.pack;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;

/// Where a declaration says two things at once. Nothing is taken away for it: the worse reading stands. Each claim is
/// told once, with all that stands against it.
final class Contradictions {
    private Contradictions() {}

    /// {@return the contradictions of a declaration, in words}
    /// @param findings what it holds or may hold
    /// @param denied   what it says it is free from, each with its words
    static List<String> of(String text, List<Finding> findings, Map<Substance, String> denied) {
        var tree = Substances.shipped();
        var in = findings.stream().filter(f -> f.says() == Finding.Says.IN).toList();
        var found = new ArrayList<String>();
        if (Tone.claimsVegan(text))
            against("vegan", text, in.stream().filter(f -> DeclarationReader.isOf(f, tree.ofAnimals())))
                    .ifPresent(found::add);
        denied.forEach((claimed, words) -> against("it is free from " + words, text, in.stream()
                // gluten-free oats are what the law calls them (Regulation (EU) No 828/2014)
                .filter(f -> tree.isUnder(f.substance(), claimed) && !f.substance().id().equals("oats")))
                        .ifPresent(found::add));
        return found.stream().distinct().toList();
    }

    private static Optional<String> against(String claim, String text, Stream<Finding> holds) {
        var said = holds.map(f -> text.substring(f.start(), f.end()))
                .collect(Collectors.toMap(Words::key, w -> w, (first, _) -> first, LinkedHashMap::new));
        if (said.isEmpty()) return Optional.empty();
        var words = List.copyOf(said.values());
        var last = words.size() - 1;
        return Optional.of("It says %s, and it holds %s.".formatted(claim, last == 0 ? words.getFirst()
                : String.join(", ", words.subList(0, last)) + " and " + words.getLast()));
    }
}
