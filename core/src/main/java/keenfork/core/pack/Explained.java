package keenfork.core.pack;

import java.util.ArrayList;
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

    /// what stands further off explains nothing, in characters
    private static final int BESIDE = 200;

    /// {@return those findings of a text that are words for a group which others beside them explain}
    /// @param findings in the order of the text
    static List<Finding> of(List<Finding> findings, String text) {
        var explained = new ArrayList<Finding>();
        for (var i = 0; i < findings.size(); i++) if (isExplained(i, findings, text)) explained.add(findings.get(i));
        return explained;
    }

    private static boolean isExplained(int at, List<Finding> findings, String text) {
        var group = findings.get(at);
        for (var i = at + 1; i < findings.size() && findings.get(i).start() - group.end() < BESIDE; i++)
            if (explains(findings.get(i), group, text)) return true;
        for (var i = at - 1; i >= 0 && group.start() - findings.get(i).start() < BESIDE; i--)
            if (explains(findings.get(i), group, text)) return true;
        return false;
    }

    private static boolean explains(Finding kind, Finding group, String text) {
        return isOf(kind, group) && isBeside(kind, group, text);
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
