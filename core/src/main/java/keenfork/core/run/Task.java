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
/// @param text      what is done, in the recipe's own words
/// @param kit       the kit it goes over
/// @param hands     hands-on minutes, 1 or more
/// @param waits     minutes it goes on by itself afterwards, on its kit, 0 or more
/// @param dayBefore true for what is laid on the day before
public record Task(String text, List<Kit> kit, int hands, int waits, boolean dayBefore) {
    private static final int USUAL_HANDS = 3;
    private static final Pattern TIME = Pattern.compile("(?i)(\\d+)(?:\\s*(?:-|–|to)\\s*(\\d+))?\\s*(min(?:ute)?s?|h(?:(?:ou)?rs?)?)\\b");
    private static final Pattern DAY_BEFORE = Pattern.compile("(?i)\\bovernight\\b|\\b(?:day|night) before\\b");
    private static final Map<Pattern, Integer> WAITS = usual();

    public Task {
        kit = List.copyOf(kit);
        if (hands < 1 || waits < 0) throw new IllegalArgumentException("a task takes hands for a minute or more: %d, %d".formatted(hands, waits));
    }

    private static Map<Pattern, Integer> usual() {
        var waits = new LinkedHashMap<Pattern, Integer>();
        for (var row : Table.read(Task.class, "waits.txt", 3)) waits.put(Work.anyOf(row), row.read(1, Integer::parseInt));
        return waits;
    }

    /// {@return the work of a step: its kit, the hands it takes, and the time it says it takes; the usual one where it says none}
    static Task of(String text) {
        var works = Work.in(text);
        var hands = works.stream().map(Work::minutes).reduce(0, Integer::sum);
        var before = DAY_BEFORE.matcher(text).find();
        return new Task(text, works.stream().map(Work::kit).distinct().toList(), Math.max(USUAL_HANDS, hands), before ? 0 : waits(text), before);
    }

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
