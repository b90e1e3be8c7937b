package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// A recipe's text, in which one line is written anew or taken out and every other stays as it stands, bullets and
/// spaces included.
public final class RecipeText {
    private static final Pattern NUMBERED =
            Pattern.compile("(?<before>\\s*)\\d{1,3}(?<behind>[.)/]\\s+)(?<step>.*\\S)\\s*");

    private RecipeText() {}

    /// A text with one line changed.
    ///
    /// @param at the number of that line, from 0; -1 where no line reads like that and nothing was changed
    public record Changed(String text, int at) {
        public boolean isFound() { return at >= 0; }
    }

    /// {@return the text with the first line that reads as `line`, from line number `from` on, written as `with`}
    /// @param line a line or a step as the reader gives it, without its bullet or number
    /// @param with one line or several
    public static Changed replaced(String text, int from, String line, String with) {
        return changed(text, from, line, List.of(with.split("\n")));
    }

    /// {@return the text with those of its numbered lines that read as one of some steps numbered through from 1}
    public static String numbered(String text, Set<String> steps) {
        var lines = new ArrayList<String>();
        var number = 0;
        for (var raw : text.split("\n", -1)) {
            var matcher = NUMBERED.matcher(raw);
            var isStep = matcher.matches() && steps.contains(matcher.group("step"));
            lines.add(isStep ? matcher.group("before") + ++number + matcher.group("behind") + matcher.group("step")
                    : raw);
        }
        return String.join("\n", lines);
    }

    /// {@return the text without the first line that reads as `line`}
    public static Changed removed(String text, String line) { return changed(text, 0, line, List.of()); }

    /// "1 tsp each cumin and coriander" is written as its lines where one of them changes: its words stand in the text
    /// only together.
    private static List<String> apart(String bare, String line, List<String> with) {
        var each = Each.of(bare);
        if (!each.contains(line)) return List.of();
        return each.stream().flatMap(one -> one.equals(line) ? with.stream() : Stream.of(one))
                .toList();
    }

    private static boolean isPiece(String bare, String line) {
        return bare.contains(line) && !bare.equals(line)
                && (Several.of(bare).contains(line) || Told.of(bare).filter(t -> t.lines().contains(line)).isPresent());
    }

    private static Changed changed(String text, int from, String line, List<String> with) {
        var lines = AmountApart.joined(List.of(text.split("\n", -1)));
        var read = Sheet.asList(NumberedSteps.marked(lines));
        for (var at = from; at < lines.size(); at++) {
            var raw = lines.get(at);
            var bare = Bullets.bare(Pasted.plain(read.get(at)));
            // the row of a sheet is written anew as the line it was read as
            var end = bare.equals(line) && !raw.stripTrailing().endsWith(line) ? line : raw.stripTrailing();
            var isWhole = bare.equals(line) && end.endsWith(line);
            var apart = isWhole ? List.<String>of() : apart(bare, line, with);
            if (!isWhole && apart.isEmpty() && !(isPiece(bare, line) && end.contains(line)
                    && !with.isEmpty()))
                continue;
            var changed = new ArrayList<>(lines.subList(0, at));
            // one of several foods on a line, or of a told recipe, is changed where it stands
            if (!apart.isEmpty()) for (var other : apart) changed.add(end.substring(0, end.indexOf(bare)) + other);
            else if (!isWhole)
                changed.add(end.replaceFirst(Pattern.quote(line),
                        Matcher.quoteReplacement(String.join(", ", with))));
            else for (var other : with) changed.add(end.substring(0, end.length() - line.length()) + other);
            changed.addAll(lines.subList(at + 1, lines.size()));
            return new Changed(String.join("\n", changed), at);
        }
        return new Changed(text, -1);
    }
}
