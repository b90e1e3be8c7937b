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
    /// behind the mix: in brackets, or behind a dash or colon up to the end
    private static final Pattern LIST =
            Pattern.compile("\\s*(?:\\((?<list>[^()]*)\\)|(?:\\s[-–—]|:)\\s(?<rest>[^()]*)$)");
    private static final Pattern JOINTS =
            Pattern.compile("(?i)(?:[\\s,;/&+%\\d.]|\\b(?:" + Grammar.anyOf("food-joint") + "|"
                    + Grammar.anyOf("mix-share") + ")\\b)*");
    /// so many foods are a mix
    private static final int SEVERAL = 2;

    private Mixes() {}

    /// {@return the foods of a phrase; without the mix where its brackets say what is in it}
    static List<Match> opened(String phrase, List<Match> matches) {
        if (matches.size() <= SEVERAL || !isMix(matches.getFirst().meaning())) return matches;
        var mix = matches.getFirst();
        var list = LIST.matcher(phrase).region(mix.end(), phrase.length());
        if (!list.lookingAt()) return matches;
        var named = list.group("list") != null ? "list" : "rest";
        var from = list.start(named);
        var until = list.end(named);
        var inside = matches.stream().filter(m -> m.start() >= from && m.end() <= until).toList();
        return inside.size() < SEVERAL || OPEN_ENDED.matcher(list.group(named)).find()
                || !areListed(phrase, inside, from, until) ? matches : matches.subList(1, matches.size());
    }

    /// "(tossed in oil and salt)" lists nothing of the mix
    private static boolean areListed(String phrase, List<Match> inside, int from, int until) {
        var at = from;
        for (var match : inside) {
            if (!JOINTS.matcher(phrase.substring(at, match.start())).matches()) return false;
            at = match.end();
        }
        return JOINTS.matcher(phrase.substring(at, until)).matches();
    }

    private static boolean isMix(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> HELD.contains(food.name());
            case Meaning.Vague _ -> true;
            case Meaning.OfSubstances _ -> false;
        };
    }
}
