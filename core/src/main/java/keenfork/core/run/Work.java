package keenfork.core.run;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import keenfork.core.food.Table;

/// What a step's words do, and on which kit.
///
/// @param kit     the kit
/// @param allSoFar whether all that is in by then goes over it, or only what the step names
/// @param minutes hands-on minutes
record Work(Kit kit, boolean allSoFar, int minutes) {
    private static final Map<Pattern, Work> WORDS = read();

    private static Map<Pattern, Work> read() {
        var words = new LinkedHashMap<Pattern, Work>();
        for (var row : Table.read(Work.class, "work.txt", 5)) {
            var kit = row.read(1, id -> Kit.named(id).orElseThrow(() -> new IllegalArgumentException("no kit \"%s\"".formatted(id))));
            words.put(anyOf(row), new Work(kit, row.cell(2).equals("yes"), row.read(3, Integer::parseInt)));
        }
        return words;
    }

    boolean isCutting() { return kit.id().equals("board") || kit.id().equals("mandoline"); }

    /// {@return what finds any of the words of a row's first cell, parted by `;`, where they stand as words of their own}
    static Pattern anyOf(Table.Row row) {
        var any = String.join("|", Arrays.stream(row.cell(0).split(";")).map(String::strip).map(Pattern::quote).toList());
        return Pattern.compile("(?iu)(?<!\\p{L})(?:" + any + ")(?!\\p{L})");
    }

    /// {@return all that a step or a line's preparation does, in the order of the table}
    static List<Work> in(String text) {
        var works = new ArrayList<Work>();
        for (var entry : WORDS.entrySet()) if (entry.getKey().matcher(text).find()) works.add(entry.getValue());
        return works;
    }
}
