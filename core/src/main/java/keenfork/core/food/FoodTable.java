package keenfork.core.food;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import keenfork.core.measure.Span;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import org.jspecify.annotations.Nullable;

/// Reads the tables of foods and products, a food a row.
final class FoodTable {
    /// a density is known to a tenth of a per mille at best
    private static final int PLACES = 4;
    private static final Map<String, Span> SULPHITES = sulphites();

    private FoodTable() {}

    static List<Food> read(String file, Food.Make make) {
        return Table.read(FoodTable.class, file, 9).stream().map(row -> new Food(row.cell(0), row.list(1), make,
                row.read(2, _ -> Substances.shipped().getAll(row.list(2))),
                row.read(3, _ -> Substances.shipped().getAll(row.list(3))),
                row.read(4, c -> Origin.valueOf(c.toUpperCase(Locale.ROOT))), row.read(5, FoodTable::density),
                row.read(6, FoodTable::counts), row.cell(7).isEmpty() ? null : row.read(7, Span::parse),
                SULPHITES.get(Words.key(row.list(1).getFirst())), row.cell(8))).toList();
    }

    /// A density as g per ml, or as the weight of a US cup or tablespoon: `cup 132-137-145`.
    private static @Nullable Span density(String cell) {
        if (cell.isEmpty()) return null;
        var words = cell.split(" ");
        if (words.length == 1) return Span.parse(cell);
        var unit = switch (words[0]) {
            case "cup" -> Unit.CUP;
            case "tbsp" -> Unit.TBSP;
            default -> null;
        };
        if (unit == null)
            throw new IllegalArgumentException(
                    "a density is g per ml, or the weight of a cup or tbsp, not \"%s\"".formatted(cell));
        return Span.parse(words[1]).times(BigDecimal.ONE.divide(Volumes.US.millilitres(unit), 9, RoundingMode.HALF_UP),
                PLACES);
    }

    private static Map<String, Span> counts(String cell) {
        var counts = new HashMap<String, Span>();
        for (var part : cell.split(";")) {
            if (part.isBlank()) continue;
            var words = part.strip().split(" ");
            if (!words[0].equals("cm") && UnitNames.all().stream().noneMatch(u -> u.word().equals(words[0])))
                throw new IllegalArgumentException("no count noun \"%s\"".formatted(words[0]));
            if (counts.put(words[0], Span.parse(words[1])) != null)
                throw new IllegalArgumentException("\"%s\" stands twice".formatted(words[0]));
        }
        return counts;
    }

    private static Map<String, Span> sulphites() {
        var held = new HashMap<String, Span>();
        for (var row : Table.read(FoodTable.class, "sulphites.txt", 3)) {
            var span = row.read(1, Span::parse);
            for (var name : row.list(0)) held.put(Words.key(name), span);
        }
        return held;
    }
}
