package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;

/// The outermost brackets of a text, whatever stands within them; one that nobody closes goes to the end.
final class Brackets {
    private Brackets() {}

    /// A bracket.
    ///
    /// @param start  of the sign that opens it
    /// @param end    behind the sign that closes it
    /// @param inside behind the sign that opens it
    /// @param to     the end of what stands in it
    record Bracket(int start, int end, int inside, int to) {}

    /// {@return the brackets of a text, in their order}
    static List<Bracket> of(String text) {
        var found = new ArrayList<Bracket>();
        var depth = 0;
        var opened = 0;
        for (var at = 0; at < text.length(); at++) {
            if (Tone.isOpen(text.charAt(at)) && depth++ == 0) opened = at;
            if (Tone.isClose(text.charAt(at)) && depth > 0 && --depth == 0)
                found.add(new Bracket(opened, at + 1, opened + 1, at));
        }
        if (depth > 0) found.add(new Bracket(opened, text.length(), opened + 1, text.length()));
        return found;
    }

    /// {@return a text with blanks in the place of its brackets}
    static String blanked(String text, List<Bracket> brackets) {
        var outside = new StringBuilder(text);
        for (var bracket : brackets)
            for (var at = bracket.start; at < bracket.end; at++) outside.setCharAt(at, ' ');
        return outside.toString();
    }
}
