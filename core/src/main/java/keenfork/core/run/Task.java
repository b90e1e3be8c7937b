package keenfork.core.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import keenfork.core.food.Table;

/// One piece of work of a batch.
///
/// @param text  what is done, in the recipe's own words
/// @param takes what goes in with it, in amounts for the people it is made for
/// @param kit   the kinds of kit it goes over
/// @param hands hands-on minutes, 1 or more
/// @param waits minutes it goes on by itself afterwards, on its kit, 0 or more
/// @param after the tasks that must be done before, by their places in the batch
/// @param when  what is said of its time
public record Task(String text, List<String> takes, List<Kit> kit, int hands, int waits, List<Integer> after, When when) {
    private static final int USUAL_HANDS = 3;
    private static final Pattern TIME = Pattern.compile("(?i)(\\d+)(?:\\s*(?:-|–|to)\\s*(\\d+))?\\s*(min(?:ute)?s?|h(?:(?:ou)?rs?)?)\\b");
    private static final Map<Pattern, Integer> WAITS = usual();

    /// What is said of a task's time. Words of the trade, common practice.
    public enum When {
        /// whenever its kit and its hands are free
        ANY(""),
        /// laid on the day before
        DAY_BEFORE("\\bovernight\\b|\\b(?:day|night) before\\b"),
        /// before what it needs has gone cold
        WARM("\\b(?:while|still) (?:still )?(?:warm|hot)\\b"),
        /// only once what it needs has gone cold
        COOL("\\b(?:when|once|until|after it is) (?:it is |they are |all is |completely |quite )?(?:cool|cold|cooled)\\b"),
        /// as late as may be
        FRESH("\\b(?:just|right) before (?:it|they|serving|service|the door)\\b|\\bat the last (?:minute|moment)\\b|\\bto order\\b|\\bserve at once\\b|\\bat once, serve\\b|\\bwhen (?:you )?serv\\w+\\b");

        private final Pattern words;

        When(String words) { this.words = Pattern.compile("(?i)" + words); }

        static When said(String text) {
            for (var when : new When[] {DAY_BEFORE, WARM, COOL, FRESH}) if (when.words.matcher(text).find()) return when;
            return ANY;
        }
    }

    public Task {
        takes = List.copyOf(takes);
        kit = List.copyOf(kit);
        after = List.copyOf(after);
        if (hands < 1 || waits < 0) throw new IllegalArgumentException("a task takes hands for a minute or more: %d, %d".formatted(hands, waits));
    }

    public Task(String text, List<Kit> kit, int hands, int waits, List<Integer> after, When when) { this(text, List.of(), kit, hands, waits, after, when); }

    private static Map<Pattern, Integer> usual() {
        var waits = new LinkedHashMap<Pattern, Integer>();
        for (var row : Table.read(Task.class, "waits.txt", 3)) waits.put(Work.anyOf(row), row.read(1, Integer::parseInt));
        return waits;
    }

    /// {@return the work of a step: its kit, the hands it takes, and the time it says it takes; the usual one where it says none}
    static Task of(String text, List<Integer> after) { return of(text, List.of(), after); }

    static Task of(String text, List<String> takes, List<Integer> after) {
        var works = Work.in(text);
        var hands = works.stream().map(Work::minutes).reduce(0, Integer::sum);
        var when = When.said(text);
        return new Task(text, takes, works.stream().map(Work::kit).distinct().toList(), Math.max(USUAL_HANDS, hands), when == When.DAY_BEFORE ? 0 : waits(when == When.COOL ? when.words.matcher(text).replaceAll("") : text), after, when);
    }

    /// {@return the same over one more kind of kit}
    Task alsoOn(Kit other) {
        if (kit.contains(other)) return this;
        var all = new ArrayList<>(kit);
        all.add(other);
        return new Task(text, takes, all, hands, waits, after, when);
    }

    public boolean isDayBefore() { return when == When.DAY_BEFORE; }

    /// All times a step names, added up: "simmer 15 min, fluff, cool 10 min". Of a range the longer counts.
    private static int waits(String text) {
        var said = new ArrayList<Integer>();
        var times = TIME.matcher(text);
        while (times.find()) {
            var figure = Math.min(1000, Integer.parseInt(shortened(times.group(2) == null ? times.group(1) : times.group(2))));
            said.add(times.group(3).toLowerCase(Locale.ROOT).startsWith("h") ? figure * 60 : figure);
        }
        if (!said.isEmpty()) return said.stream().reduce(0, Integer::sum);
        return WAITS.entrySet().stream().filter(w -> w.getKey().matcher(text).find()).map(Map.Entry::getValue).reduce(0, Integer::max);
    }

    private static String shortened(String digits) { return digits.length() > 4 ? "1000" : digits; }
}
