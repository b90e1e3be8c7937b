package keenfork.core.recipe;

import java.util.List;
import java.util.regex.Pattern;

/// What stands before the words of a line and says nothing: bullets, tick boxes, numbers of a list, pictures.
final class Bullets {
    private static final String BULLETS = ">-–—*•·▪◦‣▢☐☑✓✔+➢➤►→●○■□";
    /// a letter in brackets, or a small number as the Romans wrote it
    private static final Pattern LETTERED = Pattern.compile("(?i)(?:\\(?[a-h]\\)|\\(?(?:i{1,3}|iv|vi{0,3}|ix|x)\\)"
            + "|(?:i{1,3}|iv|vi{1,3}|ix)\\.) ");
    /// a bullet of a word processor, as pasted
    private static final Pattern ROUND = Pattern.compile("[oO]\\s+(?=\\d)");
    /// asks for a picture in colour
    private static final int VARIATION = 0xFE0F;
    /// makes one picture of two
    private static final int JOINER = 0x200D;

    private Bullets() {}

    /// {@return a line of plain text without bullet, tick box or list number}
    static String bare(String text) {
        var at = behindBullet(text);
        var digits = at;
        while (digits < text.length() && digits - at < 3 && Character.isDigit(text.charAt(digits))) digits++;
        if (digits > at && digits + 1 < text.length() && ".)".indexOf(text.charAt(digits)) >= 0
                && text.charAt(digits + 1) == ' ')
            at = digits + 1;
        else at = behindLetter(text, at);
        return text.substring(at).strip();
    }

    /// "B) Pasta pesto: ..." of a list of dishes, "(a) 200 g tahini", "ii. 3 lemons"
    private static int behindLetter(String text, int from) {
        var letters = LETTERED.matcher(text).region(from, text.length());
        return letters.lookingAt() ? letters.end() : from;
    }

    /// {@return a line without bullet or tick box; a number stays}
    static String withoutBullet(String text) { return text.substring(behindBullet(text)).strip(); }

    static boolean isBulleted(String text) {
        return ROUND.matcher(text).lookingAt() || !Character.isLetterOrDigit(text.charAt(0))
                && (BULLETS.indexOf(text.charAt(0)) >= 0 || text.charAt(0) == '[' || isPicture(text.codePointAt(0)));
    }

    /// {@return a title without the pictures before it; all of it where it is nothing else}
    static String withoutPictures(String text) {
        var at = 0;
        while (at < text.length() && (isPicture(text.codePointAt(at)) || text.charAt(at) == ' '))
            at += Character.charCount(text.codePointAt(at));
        return at == text.length() ? text : text.substring(at);
    }

    /// a tick, a hand, a leaf: whatever a phone offers in the place of a bullet
    private static boolean isPicture(int c) {
        var kind = Character.getType(c);
        return kind == Character.OTHER_SYMBOL || kind == Character.MODIFIER_SYMBOL || Character.isEmojiModifier(c)
                || c == VARIATION || c == JOINER;
    }

    private static int behindBullet(String text) {
        if (text.isEmpty()) return 0;
        if (text.startsWith("o ") || text.startsWith("O ")) {
            var round = ROUND.matcher(text);
            return round.lookingAt() ? round.end() : 0;
        }
        if (Character.isLetterOrDigit(text.charAt(0))) return 0;
        var at = 0;
        while (at < text.length() && (BULLETS.indexOf(text.charAt(at)) >= 0 || isPicture(text.codePointAt(at))))
            at += Character.charCount(text.codePointAt(at));
        return text.startsWith("[ ]", at) || text.startsWith("[x]", at) ? at + 3 : at;
    }

    /// {@return whether a line without a bullet stands right over one that has one and is set in}
    static boolean isOver(List<String> written, int at) {
        if (at + 1 >= written.size() || written.get(at).isBlank()) return false;
        var next = written.get(at + 1);
        var text = next.strip();
        return !text.isEmpty() && Character.isWhitespace(next.charAt(0)) && isBulleted(text)
                && !isBulleted(written.get(at).strip());
    }
}
