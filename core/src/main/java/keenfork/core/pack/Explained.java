package keenfork.core.pack;

import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Substances;

/// A word for a whole group beside the very one that is meant: "anchovies (fish)", "fish (cod)", "nuts (almonds,
/// cashews)". It says no more than its kinds do, so nothing of the group is left open by it.
final class Explained {
    private static final Pattern ONLY_A_BRACKET = Pattern.compile("\\s*[(\\[]\\s*");
    private static final Pattern UP_TO_A_BRACKET = Pattern.compile("[^,;.()\\[\\]]*[(\\[][\\s\\d.,%]*");
    private static final Pattern CLOSED = Pattern.compile("\\s*[)\\]]");
    /// "nuts (including almonds)" leaves the others open
    private static final Pattern OPEN_ENDED = Tone.pattern("open-ended");

    private Explained() {}

    /// {@return those findings of a text that are words for a group which others beside them explain}
    static List<Finding> of(List<Finding> findings, String text) {
        return findings.stream()
                .filter(f -> findings.stream().anyMatch(kind -> isOf(kind, f) && isBeside(kind, f, text))).toList();
    }

    private static boolean isOf(Finding kind, Finding group) {
        return kind.says() == group.says() && !kind.substance().equals(group.substance())
                && Substances.shipped().isUnder(kind.substance(), group.substance());
    }

    private static boolean isBeside(Finding kind, Finding group, String text) {
        if (kind.end() <= group.start())
            return ONLY_A_BRACKET.matcher(text.substring(kind.end(), group.start())).matches()
                    && CLOSED.matcher(text).region(group.end(), text.length()).lookingAt();
        return group.end() <= kind.start()
                && UP_TO_A_BRACKET.matcher(text.substring(group.end(), kind.start())).matches()
                && !OPEN_ENDED.matcher(text.substring(kind.start(), closing(text, kind.start()))).find();
    }

    private static int closing(String text, int from) {
        var depth = 0;
        for (var at = from; at < text.length(); at++) {
            if (Tone.isOpen(text.charAt(at))) depth++;
            if (Tone.isClose(text.charAt(at)) && depth-- == 0) return at;
        }
        return text.length();
    }
}
