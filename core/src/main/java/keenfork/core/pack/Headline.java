package keenfork.core.pack;

import java.util.regex.Pattern;

/// The name of a product in front of its list: "Naan bread. Wheat flour, water, …", "Chilli mayonnaise. Ingredients:
/// …".
final class Headline {
    private static final Pattern HEADING = Pattern.compile("(?iu)\\b(?:" + Tone.held("heading") + ")\\s*:");
    /// a name has no more words
    private static final int WORDS = 8;
    /// commas by which a list is known
    private static final int LIST = 3;

    private Headline() {}

    /// {@return where the name ends, 0 where the text begins with none}
    static int end(String text) {
        var heading = HEADING.matcher(text);
        if (heading.find()) return isName(text, heading.start()) ? heading.start() : 0;
        var stop = 0;
        while (stop < text.length() && !Tone.isFullStop(text, stop)) stop++;
        var commas = text.substring(stop).chars().filter(c -> c == ',').count();
        return stop < text.length() && commas >= LIST && isName(text, stop) ? stop : 0;
    }

    private static boolean isName(String text, int end) {
        var name = text.substring(0, end).strip();
        return !name.isEmpty() && name.indexOf('(') < 0 && name.split("\\s+").length <= WORDS
                && name.chars().filter(c -> c == ',').count() < 2;
    }
}
