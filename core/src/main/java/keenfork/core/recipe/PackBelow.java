package keenfork.core.recipe;

import java.util.regex.Pattern;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import org.jspecify.annotations.Nullable;

/// What stands on the packs of a line, written below it: "Pack (uk): wheat flour, sesame", on one line or several.
final class PackBelow {
    private static final Pattern PACK =
            Pattern.compile("(?i)^pack\\s?(?:[\\[(](?<law>\\p{L}*)[\\])])?\\s*:\\s*(?<text>.*)$");
    private final Law home;
    private final StringBuilder text = new StringBuilder();
    /// under which law they are declared; null where there is none
    private @Nullable Law law;

    PackBelow(Law home) {
        this.home = home;
    }

    /// {@return whether a line is one of them; it is kept until all are read}
    boolean takes(String line) {
        if (!line.regionMatches(true, 0, "pack", 0, 4)) return false;
        var pack = PACK.matcher(line);
        if (!pack.matches()) return false;
        var named = pack.group("law");
        var said = named == null ? home : law(named);
        if (law == null) law = said;
        // where the laws of two declarations differ, neither is relied on
        else if (!law.equals(said)) law = Law.UNKNOWN;
        text.append(text.isEmpty() ? "" : "\n").append(pack.group("text"));
        return true;
    }

    boolean isEmpty() { return law == null; }

    /// {@return all that was taken as one declaration; it is empty again}
    Declaration read() {
        var read = Declaration.read(text.toString(), law == null ? home : law);
        law = null;
        text.setLength(0);
        return read;
    }

    private static Law law(String named) {
        return named.equalsIgnoreCase("unknown") || named.isBlank() ? Law.UNKNOWN : new Law(named.toLowerCase());
    }
}
