package keenfork.core.recipe;

import java.util.Arrays;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.PhrasePattern;
import keenfork.core.food.Table;

/// "20 wooden skewers, soaked", "baking parchment": a line of a list that puts nothing in.
final class Things {
    private static final PhrasePattern NAMES = new PhrasePattern(Table.read(Things.class, "things.txt", 2).stream()
            .flatMap(r -> Arrays.stream(r.cell(0).split(";"))).map(String::strip).toList(), "");
    /// a longer line tells of more
    private static final int LONGEST = 60;

    private Things() {}

    /// {@return whether a line names such things alone: no food but water, and no word that nobody knows}
    static boolean isOnly(String line) {
        if (line.length() > LONGEST || !NAMES.isIn(line)) return false;
        var rest = Foods.shipped().phrase(NAMES.replaced(line, ","));
        return rest.matches().stream()
                .allMatch(m -> m.meaning() instanceof Meaning.OfFood(var food) && food.name().equals("water"))
                && rest.unknown().stream().allMatch(u -> Foods.shipped().isInedible(u.word().word()));
    }
}
