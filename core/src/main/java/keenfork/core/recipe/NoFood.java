package keenfork.core.recipe;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Table;

/// "A pastry brush", "walnut-sized", "fish out": what is called after a food and puts none in.
final class NoFood {
    private static final Pattern WORDS = Pattern.compile(Table.read(NoFood.class, "no-food.txt", 2).stream()
            .flatMap(r -> List.of(r.cell(0).split(";")).stream()).map(w -> Pattern.quote(w.strip()))
            .collect(Collectors.joining("|", "(?i)(?<!\\p{L})(?:", ")\\b")));

    private NoFood() {}

    /// {@return a step of the same length, with blanks where it names no food}
    static String blanked(String step) {
        return WORDS.matcher(step).replaceAll(m -> " ".repeat(m.end() - m.start()));
    }
}
