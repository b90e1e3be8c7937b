package keenfork.core.recipe;

import java.util.regex.Pattern;

/// A text as it was pasted, with line feeds between its lines and nothing else.
final class LineFeeds {
    /// line ends that are no line feed, such as the ones word processors write; a mark of byte order says nothing
    private static final String LINE_ENDS = "\u000B\f\u0085\u2028\u2029";
    /// no combining mark, and no line end but a line feed, stands before it in the table of characters
    private static final char FIRST_MARK = 0x0300;
    private static final Pattern ACCENTS = Pattern.compile("(\\p{M}{4})\\p{M}+");

    private LineFeeds() {}

    /// {@return the text, whose lines end in line feeds alone}
    static String only(String text) {
        if (isOfPlainLines(text)) return text;
        // nobody writes more accents over one letter than a few
        var plain = ACCENTS.matcher(text.replace("\uFEFF", "")).replaceAll("$1");
        for (var end : LINE_ENDS.toCharArray()) plain = plain.replace(end, '\n');
        return plain;
    }

    /// most texts are: a look at each letter spares them the rest
    private static boolean isOfPlainLines(String text) {
        for (var at = 0; at < text.length(); at++) {
            var c = text.charAt(at);
            if (c >= FIRST_MARK || c > '\u007E' && c < '\u00A0' || c == '\u000B' || c == '\f') return false;
        }
        return true;
    }
}
