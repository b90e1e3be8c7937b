package keenfork.core.recipe;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.measure.Volumes;

/// A line of a recipe that says whose cups and spoons it means: "Measures: metric cups".
final class StatedVolumes {
    private static final Pattern STATED = Pattern.compile(
            "(?i)^(?:" + Grammar.anyOf("volumes-head")
                    + ")(?: and (?:cups|spoons))?\\s*[:=]\\s*(?<name>\\p{L}+)(?: (?:cups|measures|spoons))*\\.?$");
    private static final Map<String, Volumes> BY_NAME = byName();
    private static final int LONGEST = 90;

    private StatedVolumes() {}

    private static Map<String, Volumes> byName() {
        var held = new HashMap<String, Volumes>();
        for (var volumes : Volumes.values())
            for (var name : Grammar.list(volumes.name().toLowerCase(Locale.ROOT) + "-volumes")) held.put(name, volumes);
        return Map.copyOf(held);
    }

    /// {@return the first that the lines of a recipe name; empty where they name none}
    static Optional<Volumes> in(List<String> lines) {
        for (var line : lines) {
            var stated = STATED.matcher(line.strip());
            var named = mayBe(line) && stated.matches() ? BY_NAME.get(stated.group("name").toLowerCase(Locale.ROOT))
                    : null;
            if (named != null) return Optional.of(named);
        }
        return Optional.empty();
    }

    /// {@return whether a line says so, in volumes that are known here or not}
    static boolean is(String line) { return mayBe(line) && STATED.matcher(line).matches(); }

    /// spares most lines the pattern
    private static boolean mayBe(String line) {
        return line.length() <= LONGEST && (line.indexOf(':') >= 0 || line.indexOf('=') >= 0);
    }
}
