package keenfork.core.recipe;

import java.util.regex.Pattern;

/// Marks that make words bold or slanted where plain text is shown as a page: "**2 cups** tahini", "_toast_ the seeds".
final class Emphasis {
    private static final Pattern MARKED = Pattern.compile("(?<![\\p{L}\\d*_])(\\*{1,3}|_{1,3}|~~)"
            + "(?=[^\\s*_~])([^*_~]{1,120}?)(?<=[^\\s*_~])\\1(?![\\p{L}\\d*_])");

    private Emphasis() {}

    /// {@return words without the marks around some of them}
    static String without(String words) {
        return words.indexOf('*') < 0 && words.indexOf('_') < 0 && words.indexOf('~') < 0 ? words
                : MARKED.matcher(words).replaceAll("$2");
    }

    /// {@return whether a whole line stands between such marks: it may be a headline}
    static boolean isWhole(String line) {
        var marked = MARKED.matcher(line);
        return marked.lookingAt() && marked.end() >= line.length() - 1;
    }
}
