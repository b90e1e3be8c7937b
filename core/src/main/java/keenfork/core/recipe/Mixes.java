package keenfork.core.recipe;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.Table;

/// "Mixed grains (freekeh, farro, wild rice)": a mix is what its brackets list, where they leave nothing open.
final class Mixes {
    private static final Set<String> HELD = Table.read(Mixes.class, "mixes.txt", 2).stream().map(r -> r.cell(0))
            .collect(Collectors.toUnmodifiableSet());
    private static final Pattern OPEN_ENDED = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("open-ended") + ")\\b");
    /// so many foods are a mix
    private static final int SEVERAL = 2;

    private Mixes() {}

    /// {@return the foods of a phrase; without the mix where its brackets say what is in it}
    static List<Match> opened(String phrase, List<Match> matches) {
        if (matches.size() <= SEVERAL || !isMix(matches.getFirst().meaning())) return matches;
        var mix = matches.getFirst();
        var open = phrase.indexOf('(', mix.end());
        var close = phrase.indexOf(')', open + 1);
        if (open < 0 || close < 0 || !phrase.substring(mix.end(), open).isBlank()) return matches;
        var inside = matches.stream().filter(m -> m.start() > open && m.end() <= close).count();
        return inside < SEVERAL || OPEN_ENDED.matcher(phrase.substring(open, close)).find() ? matches
                : matches.subList(1, matches.size());
    }

    private static boolean isMix(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> HELD.contains(food.name());
            case Meaning.Vague _ -> true;
            case Meaning.OfSubstances _ -> false;
        };
    }
}
