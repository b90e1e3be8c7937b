package keenfork.core.recipe;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Table;

/// "20 wooden skewers, soaked", "baking parchment": a line of a list that puts nothing in.
final class Things {
    private static final Pattern WORDS = Pattern.compile(Table.read(Things.class, "things.txt", 2).stream()
            .flatMap(r -> List.of(r.cell(0).split(";")).stream()).map(w -> Pattern.quote(w.strip()))
            .collect(Collectors.joining("|", "(?i)\\b(?:", ")\\b")));
    /// a longer line tells of more
    private static final int LONGEST = 60;

    private Things() {}

    /// {@return whether a line names such things alone: no food but water, and no word that nobody knows}
    static boolean isOnly(String line) {
        if (line.length() > LONGEST) return false;
        var thing = WORDS.matcher(line);
        if (!thing.find()) return false;
        var rest = Foods.shipped().phrase(thing.replaceAll(","));
        return rest.matches().stream()
                .allMatch(m -> m.meaning() instanceof Meaning.OfFood(var food) && food.name().equals("water"))
                && rest.unknown().stream().allMatch(u -> Foods.shipped().isInedible(u.word().word()));
    }
}
