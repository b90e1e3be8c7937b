package keenfork.core.recipe;

import java.math.BigDecimal;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Unit;
import keenfork.core.recipe.MeasureReader.Measure;
import keenfork.core.recipe.MeasureWords.Does;
import org.jspecify.annotations.Nullable;

/// A weight in brackets among the words of a line: "1 ball mozzarella (125 g)", "basil, 1 large bunch (100 g)".
final class NotedWeight {
    private final MeasureReader ahead;

    NotedWeight(MeasureReader ahead) {
        this.ahead = ahead;
    }

    private record Noted(Amount amount, boolean each, String rest) {}

    /// {@return a measure with what is noted beside it; as it is where nothing is, or where that says nothing new}
    Measure with(Measure read) {
        var amount = read.amount();
        var noted = amount == null || read.each() != null || read.noted() != null ? null : in(read.rest(), amount);
        if (amount == null || noted == null) return read;
        var isEach = noted.each || isContainer(amount.unit());
        return new Measure(amount, read.noun(), BigDecimal.ONE, isEach ? noted.amount : null,
                isEach ? null : noted.amount, read.centimetres(), read.pressed(), noted.rest);
    }

    private static boolean isContainer(Unit unit) { return unit == Unit.TIN || unit == Unit.JAR || unit == Unit.POT; }

    /// Beside a weight it says nothing new.
    private @Nullable Noted in(String rest, Amount amount) {
        for (var open = rest.indexOf('('); open >= 0; open = rest.indexOf('(', open + 1)) {
            var cursor = new Cursor(rest, open + 1);
            cursor.blanks();
            var weight = ahead.weight(cursor);
            if (weight == null) continue;
            ahead.skipOther(cursor);
            var each = cursor.take(Does.EACH);
            cursor.take(Does.ALTOGETHER);
            if (!cursor.mark(")")) continue;
            var without = (rest.substring(0, open) + rest.substring(cursor.at)).replace("  ", " ").strip();
            if (amount.unit().kind() == Unit.Kind.WEIGHT || amount.unit().kind() == weight.unit().kind()) return null;
            return new Noted(weight, each, without);
        }
        return null;
    }
}
