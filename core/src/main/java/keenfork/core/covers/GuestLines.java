package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/// The lines of a list of guests, without what only numbers or counts them: bullets, "1.", "60 - 5 of them vegan".
final class GuestLines {
    private static final Pattern LINES = Pattern.compile("[\\n;]+");
    private static final Pattern NUMBERED = Pattern.compile("(?<=^|\\s)(?<number>\\d{1,3})[.)]\\s+(?=\\p{Lu})");
    private static final Pattern BULLET = Pattern.compile("^(?:[-•*·–—+]\\s*|\\d{1,3}[.)]\\s+)");
    /// "60 - 5 of them vegan": of so many
    private static final Pattern TOTAL = Pattern.compile("(?i)^\\d{1,5}(?:\\s+(?:" + GuestWords.ANY_OF_PEOPLE
            + "))?\\s*[-–—:]\\s+(?=\\d)");
    private static final int FEWEST_NUMBERED = 2;

    private GuestLines() {}

    static List<String> of(String list) {
        return LINES.splitAsStream(list).flatMap(GuestLines::numbered).map(GuestLines::bare).toList();
    }

    /// "Diets: 1. Ann (vegan) 2. Bo (no nuts)" in one line: each by themselves
    private static Stream<String> numbered(String line) {
        var starts = new ArrayList<Integer>();
        var number = NUMBERED.matcher(line);
        while (number.find())
            if (Integer.parseInt(number.group("number")) == starts.size() + 1) starts.add(number.start("number"));
        if (starts.size() < FEWEST_NUMBERED) return Stream.of(line);
        var parts = new ArrayList<String>();
        parts.add(line.substring(0, starts.getFirst()));
        for (var at = 0; at < starts.size(); at++)
            parts.add(line.substring(starts.get(at), at + 1 < starts.size() ? starts.get(at + 1) : line.length()));
        return parts.stream().filter(p -> !p.isBlank());
    }

    private static String bare(String line) {
        return TOTAL.matcher(BULLET.matcher(line.strip()).replaceFirst("").strip()).replaceFirst("");
    }
}
