package keenfork.core.recipe;

import java.math.BigDecimal;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.measure.Fraction;

/// What a line counts for one person, in a dish that says how many it feeds: "hummus 30 g pp", "1 egg per head".
final class PerPerson {
    private static final Pattern FOR_ONE =
            Pattern.compile("(?iU)(?<=[\\s\\d\\p{L}])(?:/\\s?(?:" + Grammar.anyOf("eater-unit") + ")|(?:"
                    + Grammar.anyOf("for-each-eater") + "))(?![\\p{L}\\d])");

    private PerPerson() {}

    /// {@return whether an amount is for one of those who eat}
    static boolean is(String line) { return FOR_ONE.matcher(line).find(); }

    /// {@return a part with what such lines take for everyone}
    /// @param people how many it feeds; 0 where it does not say, and 1 change nothing
    static Part forAll(Part part, int people) {
        if (people < 2 || part.lines().stream().noneMatch(l -> l.amount() != null && is(l.text()))) return part;
        return part.withLines(part.lines().stream().map(l -> is(l.text()) ? forAll(l, people) : l).toList());
    }

    private static Line forAll(Line line, int people) {
        if (line.amount() == null) return line;
        return line.withAmount(line.amount().times(Fraction.of(people)),
                line.mass() == null ? null : line.mass().times(BigDecimal.valueOf(people), BigDecimal.valueOf(people)));
    }
}
