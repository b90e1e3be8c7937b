package keenfork.core.recipe;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Grammar;
import keenfork.core.pack.AllergenStatement;

/// Letters behind the lines of a recipe that stand for allergens, with a key below or above: "Feta 400 g (M)", "M =
/// milk".
///
/// @param key   the line that explains them; empty where none does
/// @param names what each sign stands for, by the sign in lower case
record Signs(String key, Map<String, String> names) {
    private static final Signs NONE = new Signs("", Map.of());
    private static final String PAIR = "\\(?\\p{L}{1,3}\\)?\\s*(?:=|:|[-–—])\\s*\\p{L}[\\p{L} ]{1,30}";
    private static final Pattern KEY = Pattern.compile("(?i)^(?:(?:" + Grammar.anyOf("key-head") + ")\\s*[:–-]?\\s*)?"
            + PAIR + "(?:\\s*[,;|/·•]\\s*" + PAIR + ")+\\.?$");
    private static final Pattern PARTS = Pattern.compile("\\s*[,;|/·•.]\\s*");
    private static final Pattern HEAD = Pattern.compile("(?i)^(?:" + Grammar.anyOf("key-head") + ")\\s*[:–-]?\\s*");
    private static final Pattern SIGN = Pattern.compile("\\(?(?<sign>\\p{L}{1,3})\\)?\\s*(?:=|:|[-–—])\\s*(?<name>.+)");
    private static final Pattern BRACKET = Pattern.compile("[(\\[](?<signs>[^()\\[\\]]{1,30})[)\\]]");

    Signs {
        names = Map.copyOf(names);
    }

    /// {@return the signs that a recipe explains and uses; none where it has no key}
    static Signs of(List<String> written) {
        return written.stream().map(String::strip).filter(Signs::isExplaining).map(Signs::read)
                .filter(s -> HEAD.matcher(s.key).lookingAt() || written.stream().anyMatch(l -> !s.spelt(l).equals(l)))
                .findFirst().orElse(NONE);
    }

    /// {@return whether a line is the key itself, which puts nothing in}
    boolean isKey(String line) { return !key.isEmpty() && line.strip().equals(key); }

    private static boolean isExplaining(String line) {
        return (line.indexOf('=') > 0 || line.indexOf(':') > 0 || line.indexOf('-') > 0 || line.indexOf('–') > 0)
                && KEY.matcher(line).matches()
                && read(line).names.values().stream().allMatch(AllergenStatement::isListOf);
    }

    private static Signs read(String key) {
        var names = new HashMap<String, String>();
        for (var part : PARTS.split(HEAD.matcher(key.strip()).replaceFirst(""))) {
            var sign = SIGN.matcher(part.strip());
            if (sign.matches()) names.put(sign.group("sign").toLowerCase(Locale.ROOT), sign.group("name").strip());
        }
        return new Signs(key, names);
    }

    /// {@return a line with the signs of its brackets spelt out: "Feta (contains milk)"}
    String spelt(String line) {
        if (names.isEmpty()) return line;
        return BRACKET.matcher(line).replaceAll(bracket -> {
            var signs = Arrays.stream(bracket.group(1).split("[,;/ +&]+")).filter(s -> !s.isBlank()).toList();
            var meant =
                    signs.stream().map(s -> names.get(s.toLowerCase(Locale.ROOT))).filter(Objects::nonNull).toList();
            return Matcher.quoteReplacement(meant.size() < signs.size() || meant.isEmpty()
                    ? bracket.group() : meant.stream().collect(Collectors.joining(", ", "(contains ", ")")));
        });
    }
}
