package keenfork.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.food.Table;
import org.jspecify.annotations.Nullable;

/// When a task must be done, as its step says it.
///
/// @param kind  what the time is counted from
/// @param least fewest minutes, 0 or more
/// @param most  most minutes; [#OPEN] where there is no end
public record Window(When kind, int least, int most) {
    public static final int OPEN = Integer.MAX_VALUE;
    private static final List<WindowWords> ROWS = read();
    /// "no more than an hour before serving", "at most 2 hours ahead"
    private static final Pattern NO_MORE_THAN =
            Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("no-more-than") + ") ");
    private static final Pattern AHEAD = Pattern.compile("(?i) (?:" + Grammar.anyOf("ahead") + ")");

    /// What the time is counted from.
    public enum When {
        /// laid on the day before
        DAY_BEFORE,
        /// right after what it needs
        AT_ONCE,
        /// before what it needs has gone cold
        WARM,
        /// only once what it needs has gone cold
        COOL,
        /// as late as may be before all is ready
        FRESH
    }

    private record WindowWords(Phrases words, Window window) {}

    public Window {
        if (least < 0 || most < least)
            throw new IllegalArgumentException("a window opens before it shuts: %d, %d".formatted(least, most));
    }

    private static List<WindowWords> read() {
        var rows = new ArrayList<WindowWords>();
        for (var row : Table.read(Window.class, "windows.txt", 5)) {
            var most = row.cell(3).isEmpty() ? OPEN : row.read(3, Integer::parseInt);
            var kind = row.read(0, s -> When.valueOf(s.toUpperCase(Locale.ROOT).replace('-', '_')));
            rows.add(new WindowWords(anyOf(row), new Window(kind, row.read(2, Integer::parseInt), most)));
        }
        return List.copyOf(rows);
    }

    private static Phrases anyOf(Table.Row row) {
        return Phrases.inOrder(Arrays.stream(row.cell(1).split(";")).map(String::strip).toList());
    }

    /// {@return what a kind usually asks for}
    public static Window usual(When kind) {
        return ROWS.stream().map(WindowWords::window).filter(w -> w.kind == kind).findFirst().orElseThrow();
    }

    /// {@return what a step says of its time, in the order of the table}
    static List<Window> said(String text) {
        var plain = text.replace('’', '\'');
        var said = new ArrayList<Window>();
        for (var row : ROWS) if (row.words.isIn(plain)) said.add(row.window);
        var ahead = ahead(plain);
        if (ahead != null) {
            said.removeIf(w -> w.kind == When.FRESH);
            said.add(new Window(When.FRESH, 0, ahead.minutes));
        }
        return said;
    }

    /// The longest time ahead of service, and where its words stand.
    private record Ahead(int minutes, int start, int end) {}

    private static @Nullable Ahead ahead(String text) {
        var opening = NO_MORE_THAN.matcher(text);
        while (opening.find()) {
            var time = SaidTime.at(text, opening.end());
            if (time == null) continue;
            var end = AHEAD.matcher(text).region(time.end(), text.length());
            if (end.lookingAt()) return new Ahead(time.minutes(), opening.start(), end.end());
        }
        return null;
    }

    /// {@return a step's words without those that say when: how long it goes on is told by the rest}
    static String withoutTimes(String text) {
        var left = text;
        for (var ahead = ahead(left); ahead != null; ahead = ahead(left))
            left = left.substring(0, ahead.start) + left.substring(ahead.end);
        for (var row : ROWS) if (row.window.kind == When.COOL) left = row.words.replacedIn(left, "");
        return left;
    }
}
