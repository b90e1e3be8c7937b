package keenfork.format;

import java.util.HashMap;
import java.util.List;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Price;
import keenfork.core.food.Prices;
import org.apache.commons.csv.CSVRecord;

/// What a kitchen pays, as a table: `food, price, for`. The last is a weight such as `400 g`; a kilogram where it is
/// empty.
public final class PriceCsv {
    private PriceCsv() {}

    /// Thrown when a text is no such table; its message is one line for the cook.
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String message) {
            super(message);
        }
    }

    /// {@return the prices of a table whose first line names its columns}
    /// @throws Unreadable when a column is missing, a food is not in the table of foods, or a price cannot be read
    public static Prices read(String text) throws Unreadable {
        var prices = new HashMap<String, Price>();
        for (var row : rows(text)) prices.put(food(row).name(), price(row));
        return new Prices(prices);
    }

    private static List<CSVRecord> rows(String text) throws Unreadable {
        try {
            return CsvRows.of(text, List.of("food", "price"), "food, price and for", PackCsv.MOST_ROWS);
        } catch (CsvRows.NoTable e) {
            throw new Unreadable(String.valueOf(e.getMessage()));
        }
    }

    private static Food food(CSVRecord row) throws Unreadable {
        var name = CsvRows.cell(row, "food");
        var found = Foods.shipped().find(name);
        if (found.isPresent()) return found.get();
        throw new Unreadable("line %d: no food “%s” in the table%s".formatted(row.getRecordNumber() + 1, name,
                Foods.shipped().near(name).stream().findFirst().map(n -> "; did you mean " + n + "?").orElse("")));
    }

    private static Price price(CSVRecord row) throws Unreadable {
        var weight = CsvRows.cell(row, "for");
        var amount = CsvRows.cell(row, "price");
        return TypedPrice.read(amount, weight).orElseThrow(() -> new Unreadable(
                "line %d: a price is an amount such as 8.40, for a weight such as 400 g or 1 kg, not “%s” for “%s”"
                        .formatted(row.getRecordNumber() + 1, amount, weight)));
    }
}
