package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/// Steps whose numbers have no mark behind them: "1 Toast the almonds." over "2 Blitz all but the oil." counts no
/// almonds.
final class NumberedSteps {
    private static final Pattern NUMBERED = Pattern.compile("\\s*(?<number>\\d{1,2})\\s+(?<said>\\p{L}.*\\S)\\s*");
    private static final Pattern WITHIN =
            Pattern.compile("(?<=[.!;,\\p{L}])\\s+(?<number>\\d{1,2})[/.)]\\s+(?=\\p{Lu})");
    private static final int FEWEST = 2;

    private NumberedSteps() {}

    /// {@return the lines of a recipe with a full stop behind the number of each such step; as many as before}
    static List<String> marked(List<String> written) {
        List<String> marked = null;
        for (var at = 0; at < written.size(); at++) {
            var end = runEnd(written, at);
            if (!isTold(said(written.subList(at, end)))) continue;
            if (marked == null) marked = new ArrayList<>(written);
            for (; at < end; at++)
                marked.set(at, NUMBERED.matcher(written.get(at)).replaceFirst("${number}. ${said}"));
        }
        return marked == null ? written : marked;
    }

    /// {@return the steps of a line that numbers them, "Blend. 2) Season. 3) Serve."; the line alone where it does not}
    ///
    /// @param line without the first number
    static List<String> parted(String line) {
        var parts = new ArrayList<String>();
        var from = 0;
        for (var number = WITHIN.matcher(line); number.find();) {
            if (Integer.parseInt(number.group("number")) != parts.size() + 2) continue;
            parts.add(line.substring(from, number.start()).strip());
            from = number.end();
        }
        parts.add(line.substring(from));
        return parts;
    }

    /// {@return the end of the lines from one on that are numbered through from 1, blank ones among them}
    private static int runEnd(List<String> written, int from) {
        var next = 1;
        var end = from;
        for (var at = from; at < written.size(); at++) {
            var numbered = NUMBERED.matcher(written.get(at));
            if (numbered.matches() && numbered.group("number").equals(String.valueOf(next))) {
                next++;
                end = at + 1;
            } else if (end == from || !written.get(at).isBlank()) break;
        }
        return end;
    }

    private static List<String> said(List<String> lines) {
        return lines.stream().map(NUMBERED::matcher).filter(m -> m.matches()).map(m -> m.group("said")).toList();
    }

    private static boolean isTold(List<String> said) {
        if (said.size() < FEWEST) return false;
        var told = said.stream().filter(s -> StepLine.is(s, true, true)).count();
        return told * 2 > said.size() && said.stream().filter(s -> s.endsWith(".")).count() >= FEWEST;
    }
}
