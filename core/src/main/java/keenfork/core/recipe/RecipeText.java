package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;

/// A recipe's text, in which one line is written anew and every other stays as it stands, bullets and spaces included.
final class RecipeText {
    private RecipeText() {}

    /// {@return the text with the first line that reads as `line`, from line number `from` on, written as `with`}
    record Changed(String text, int at) {
        boolean isFound() { return at >= 0; }
    }

    static Changed replaced(String text, int from, String line, String with) {
        var lines = List.of(text.split("\n", -1));
        for (var at = from; at < lines.size(); at++) {
            var raw = lines.get(at);
            var end = raw.stripTrailing();
            if (!LineReader.bare(Pasted.plain(raw)).equals(line) || !end.endsWith(line)) continue;
            var changed = new ArrayList<>(lines);
            changed.set(at, end.substring(0, end.length() - line.length()) + with);
            return new Changed(String.join("\n", changed), at);
        }
        return new Changed(text, -1);
    }
}
