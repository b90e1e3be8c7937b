package keenfork.core.recipe;

import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Grammar;
import keenfork.core.food.Table;
import keenfork.core.pack.AllergenStatement;

/// Text as it is pasted from web pages and documents, brought to plain text on one line.
final class Pasted {
    private static final Pattern ENTITY = Pattern.compile("&(#\\d{1,6}|#x[0-9a-fA-F]{1,5}|\\p{Alnum}{2,8});");
    private static final Map<String, String> NAMED = Table.read(Pasted.class, "entities.txt", 2).stream()
            .collect(Collectors.toUnmodifiableMap(r -> r.cell(0), r -> r.cell(1).equals("blank") ? " " : r.cell(1)));

    /// "1/ Rinse the beans": the number of a step, and no half of anything
    private static final Pattern ORDINAL = Pattern.compile("^(\\d{1,2})/\\s+(?=\\p{L})");
    private static final Pattern RULE = Pattern.compile("[|:\\s–—_=*~+-]+");
    /// a shorter one may be a bullet or a dash
    private static final int SHORTEST_RULE = 3;
    private static final Pattern ROW = Pattern.compile("\\|.*\\|");
    private static final Pattern COLUMN = Pattern.compile("(?i)(?:" + Grammar.anyOf("column") + ")\\.?");

    /// what stands over the columns of a sheet, without a frame
    private static final Pattern COLUMNS =
            Pattern.compile("(?i)(?:" + Grammar.anyOf("column") + ")(?:[\\s,;|]+(?:" + Grammar.anyOf("column") + "))+");
    /// "Total £9.60", below a column of prices
    private static final Pattern SUM =
            Pattern.compile("(?i)(?:" + Grammar.anyOf("sum") + ")\\s*[:=]?\\s*[£$€₹]\\s?\\d[\\d.,]{0,9}");
    private static final Pattern BLANKS = Pattern.compile("\\t+\\s*|\\s{2,}");
    private static final Pattern FIGURE = Pattern.compile("\\d{1,5}(?:\\.\\d{1,3})?");

    private static final String DATE = "\\d{1,2}[/.]\\d{1,2}(?:[/.]\\d{2,4})?";
    private static final String TIME = "\\d{1,2}:\\d{2}(?::\\d{2})?(?: ?[ap]m)?";
    /// "[12/03, 09:14] Maz: 2 kg basil": when it was sent and by whom
    private static final Pattern SENT =
            Pattern.compile("(?i)^(?:\\[?" + DATE + ",? " + TIME + "\\]?|\\[" + TIME + "(?:,? " + DATE
                    + ")?\\])(?: -)? [^:]{1,30}: (?=\\S)");
    /// "\"2 cups flour\"," of a page's data, and the brackets around all of them
    private static final Pattern QUOTED = Pattern.compile("^\"([^\"]*\\d[^\"]*)\",?$");
    private static final Pattern BRACKETS = Pattern.compile("[\\[\\]{}(),;]+");

    /// the head of a mail: "From: Sam", and "Re: Thursday's pie", which is what it is about
    private static final Pattern MAIL = Pattern.compile("(?i)^(?:(?:" + Grammar.anyOf("mail-head") + ")|(?<about>"
            + Grammar.anyOf("mail-about") + ")): ");
    private static final int LONGEST_HEAD = 80;
    /// "4 | Lime juice | 80": the number of a row
    private static final Pattern NUMBERED_ROW = Pattern.compile("^\\d{1,3} ?\\| ?(?=\\p{L}[^|]*\\|)");

    private static final Pattern TIGHT = Pattern.compile("(?<=[\\p{L})])[,;](?=[\\p{L}\\d½¼¾])|(?<=\\p{L}):(?=\\d)");

    private Pasted() {}

    /// {@return the text with entities decoded, and every run of blanks of any kind as one}
    static String plain(String written) {
        var plain = unquoted(unsent(isPlain(written) ? written : blanksAsOne(withAllergensApart(written))));
        // a whole line in bold may be a headline
        if (Numbers.hasFigure(plain) || !Emphasis.isWhole(plain)) plain = Emphasis.without(plain);
        if (plain.isEmpty()) return plain;
        if (Character.isDigit(plain.charAt(0)) && plain.indexOf('|') > 0)
            return ofBars(NUMBERED_ROW.matcher(plain).replaceFirst(""));
        if (Character.isDigit(plain.charAt(0)))
            return plain.lastIndexOf('/', 2) > 0 ? ORDINAL.matcher(plain).replaceFirst("$1. ") : plain;
        if (isDrawn(plain.charAt(0))) return undrawn(plain);
        if (COLUMNS.matcher(plain).matches() || Character.isDigit(plain.charAt(plain.length() - 1)) && SUM
                .matcher(plain).matches())
            return "";
        return spaced(ofColumns(plain));
    }

    /// "Slaw:1ltr mayo,250ml vinegar,salt" as it is typed in a hurry, with its blanks
    private static String spaced(String line) {
        return line.indexOf(',') < 0 && line.indexOf(':') < 0 ? line : TIGHT.matcher(line).replaceAll("$0 ");
    }

    private static String unsent(String line) {
        var head = line.length() > LONGEST_HEAD || line.indexOf(": ") < 2 ? null : MAIL.matcher(line);
        if (head != null && head.lookingAt()) return head.group("about") == null ? "" : line.substring(head.end());
        return line.indexOf(": ") > 0 && (line.charAt(0) == '[' || Character.isDigit(line.charAt(0)))
                ? SENT.matcher(line).replaceFirst("") : line;
    }

    private static String unquoted(String line) {
        if (line.isEmpty() || Character.isLetterOrDigit(line.charAt(0))) return line;
        if (BRACKETS.matcher(line).matches()) return "";
        return line.charAt(0) == '"' ? QUOTED.matcher(line).replaceFirst("$1") : line;
    }

    /// "kale,2,kg" of a sheet is "kale 2 kg", and so is "kale | 2 | kg".
    private static String ofColumns(String line) {
        if (line.indexOf('|') > 0) return ofBars(line);
        var first = line.indexOf(',');
        var last = line.lastIndexOf(',');
        if (first <= 0 || last == first || line.indexOf(',', first + 1) != last) return line;
        var amount = line.substring(first + 1, last).strip();
        var unit = line.substring(last + 1).strip();
        return FIGURE.matcher(amount).matches() && Units.unit(unit.toLowerCase(Locale.ROOT)) != null
                ? line.substring(0, first) + " " + amount + " " + unit : line;
    }

    /// "Egg noodles    1 kg    gluten, egg": a column of allergens, behind a name and an amount
    private static String withAllergensApart(String written) {
        if (written.indexOf('\t') < 0 && !written.contains("  ")) return written;
        return withStated(BLANKS.split(written.strip())).orElse(written);
    }

    /// {@return a row whose last cell states its allergens, or that it has none, on one line; empty for any other row}
    private static Optional<String> withStated(String[] cells) {
        if (cells.length < 3 || cells[0].isEmpty() || cells[1].isEmpty() || !Character.isLetter(cells[0].charAt(0))
                || !Character.isDigit(cells[1].charAt(0)))
            return Optional.empty();
        var last = cells[cells.length - 1];
        var row = String.join(" ", Arrays.copyOf(cells, cells.length - 1));
        if (Stated.isNone(last)) return Optional.of(row);
        return AllergenStatement.isListOf(last) ? Optional.of(row + " (contains " + last + ")") : Optional.empty();
    }

    private static String ofBars(String line) {
        var cells = line.split("\\s*\\|\\s*");
        var stated = withStated(cells);
        if (stated.isPresent()) return stated.get();
        return cells.length > 1 && !cells[0].isEmpty() && !cells[1].isEmpty() && Character.isDigit(cells[1].charAt(0))
                && !Character.isDigit(cells[0].charAt(0)) ? String.join(" ", cells) : line;
    }

    private static boolean isDrawn(char c) { return "|-–—_=*~+".indexOf(c) >= 0; }

    /// Rules and the frames of tables: "-----" is nothing, "| Ricotta | 500 g |" is "Ricotta 500 g".
    private static String undrawn(String line) {
        if (line.length() >= SHORTEST_RULE && RULE.matcher(line).matches()) return "";
        if (!ROW.matcher(line).matches()) return line;
        var cells = Arrays.stream(line.split("\\|")).map(String::strip).filter(c -> !c.isEmpty()).toList();
        return cells.stream().allMatch(c -> COLUMN.matcher(c).matches()) ? "" : String.join(" ", cells);
    }

    private static String blanksAsOne(String written) {
        var text = written.indexOf('&') < 0 ? written
                : ENTITY.matcher(written).replaceAll(m -> java.util.regex.Matcher.quoteReplacement(decoded(m)));
        var plain = new StringBuilder(text.length());
        for (var i = 0; i < text.length(); i++) {
            var c = text.charAt(i);
            if (!isBlank(c)) plain.append(c);
            else if (!plain.isEmpty() && plain.charAt(plain.length() - 1) != ' ') plain.append(' ');
        }
        return plain.toString().strip();
    }

    private static boolean isPlain(String text) {
        for (var i = 0; i < text.length(); i++) {
            var c = text.charAt(i);
            if (c < ' ' || c == '&' || c > 127 && isBlank(c)
                    || c == ' ' && (i == 0 || i + 1 == text.length() || text.charAt(i + 1) == ' '))
                return false;
        }
        return true;
    }

    private static boolean isBlank(char c) {
        return c == ' ' || c == '\t' || c == '\n' || c == '\r'
                || c > 127 && (Character.isSpaceChar(c) || Character.isWhitespace(c));
    }

    private static String decoded(MatchResult entity) {
        var name = entity.group(1);
        if (!name.startsWith("#")) return NAMED.getOrDefault(name, entity.group());
        var code =
                name.startsWith("#x") ? Integer.parseInt(name.substring(2), 16) : Integer.parseInt(name.substring(1));
        return Character.isValidCodePoint(code) && !Character.isISOControl(code) ? Character.toString(code) : " ";
    }
}
