package keenfork.core.recipe;

import java.util.List;
import keenfork.core.food.Foods;

/// Who wrote a recipe that came as a letter: "Ann Weaver", "Head Chef", "Ropewalk Canteen" below "Thanks,".
final class Signature {
    /// lines of it: who, what they are, and where
    private static final int MOST = 4;

    private Signature() {}

    /// {@return the number of the line from which on nothing stands but a signature; how many there are where none
    /// does}
    static int from(List<String> written) {
        var names = 0;
        for (var at = written.size() - 1; at >= 0 && names <= MOST; at--) {
            var line = Pasted.plain(written.get(at));
            if (CardNote.isSignOff(line)) return at + 1;
            if (line.isEmpty()) continue;
            if (!Character.isUpperCase(line.charAt(0)) || Numbers.hasFigure(line)
                    || Foods.shipped().recipeWords().isNamedIn(line))
                break;
            names++;
        }
        return written.size();
    }
}
