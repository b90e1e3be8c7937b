package keenfork.core.recipe;

import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.food.Meaning;
import keenfork.core.measure.Unit;

/// The first line of a recipe that was pasted without its name: "600 g pine nuts". It is the name, for want of another,
/// and goes in as well.
final class NameLine {
    private NameLine() {}

    /// {@return the name read as an ingredient, where it is measured like one; "Hummus 2 kg" may only tell how much is
    /// made, and goes in where it says more than the lines below it}
    static Optional<Line> of(String name, LineReader reader, PartTitle titles) {
        // "Cowboy caviar (makes 3 litres)"
        if (!Numbers.hasFigure(name) || name.indexOf('(') >= 0) return Optional.empty();
        var line = reader.read(name);
        var amount = line.amount();
        if (amount == null || !isMeasured(amount.unit())) return Optional.empty();
        if (line.choices().isEmpty() && !line.isUnread()) return Optional.empty();
        var goesIn = Numbers.at(name, 0) != null || line.choices().stream().noneMatch(NameLine::isMade)
                || titles.saysMore(name);
        return goesIn ? Optional.of(line) : Optional.empty();
    }

    private static boolean isMeasured(Unit unit) { return unit.kind() != Unit.Kind.COUNT; }

    private static boolean isMade(Line.Choice choice) {
        return Stream.concat(Stream.of(choice.main()), choice.others().stream())
                .anyMatch(m -> m instanceof Meaning.OfFood(var food) && food.isCompound());
    }
}
