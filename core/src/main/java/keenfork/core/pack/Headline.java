package keenfork.core.pack;

import java.util.regex.Pattern;

/// The name of a product in front of its list: "Naan bread. Wheat flour, water, …", "Beef stew: beef, carrots, water",
/// "Chilli mayonnaise. Ingredients: …".
final class Headline {
    private static final Pattern HEADING = Pattern.compile("(?iu)\\b(?:" + Tone.held("heading") + ")\\s*:");
    /// a name has no more words
    private static final int WORDS = 8;
    /// commas by which a list is known
    private static final int LIST = 3;
    /// and behind a colon
    private static final int SHORT_LIST = 2;

    private Headline() {}

    /// {@return where the name ends, 0 where the text begins with none}
    static int end(String text) {
        var heading = HEADING.matcher(text);
        if (heading.find()) return isName(text, heading.start()) ? heading.start() : 0;
        var stop = 0;
        while (stop < text.length() && !Tone.isFullStop(text, stop)) stop++;
        var colon = text.substring(0, stop).indexOf(':');
        // "Beef stew: beef, carrots, water"
        if (colon > 0 && commas(text, colon) >= SHORT_LIST && isName(text, colon)) return colon;
        if (stop < text.length() && commas(text, stop) >= LIST && isName(text, stop)) return stop;
        // "Fresh ravioli; pasta 55 % (...), filling 45 % (...)"
        var mark = text.indexOf(';');
        return mark > 0 && mark == text.lastIndexOf(';') && commas(text, mark) >= LIST && isName(text, mark) ? mark : 0;
    }

    private static long commas(String text, int from) {
        return text.substring(from).chars().filter(c -> c == ',').count();
    }

    private static boolean isName(String text, int end) {
        var name = text.substring(0, end).strip();
        return !name.isEmpty() && name.indexOf('(') < 0 && name.split("\\s+").length <= WORDS
                && name.chars().filter(c -> c == ',').count() < 2;
    }
}
