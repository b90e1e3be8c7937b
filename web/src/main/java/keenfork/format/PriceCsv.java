package keenfork.format;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Price;
import keenfork.core.food.Prices;
import org.apache.commons.csv.CSVFormat;
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
        var plain = text.replace("\uFEFF", "").strip();
        var format = CSVFormat.DEFAULT.builder().setDelimiter(PackCsv.delimiter(plain.lines().findFirst().orElse("")))
                .setHeader().setSkipHeaderRecord(true).setIgnoreEmptyLines(true).setIgnoreHeaderCase(true)
                .setTrim(true).get();
        try (var parser = format.parse(new StringReader(plain))) {
            var missing = List.of("food", "price").stream()
                    .filter(c -> parser.getHeaderNames().stream().noneMatch(c::equalsIgnoreCase)).toList();
            if (!missing.isEmpty())
                throw new Unreadable("its first line must name the columns food, price and for; missing: "
                        + String.join(", ", missing));
            var prices = new HashMap<String, Price>();
            for (var row : parser) prices.put(food(row).name(), price(row));
            return new Prices(Map.copyOf(prices));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (UncheckedIOException | IllegalArgumentException | IllegalStateException e) {
            throw new Unreadable("it is no table of cells between commas: " + e.getMessage());
        }
    }

    private static Food food(CSVRecord row) throws Unreadable {
        var name = PackCsv.bare(row.get("food"));
        var found = Foods.shipped().find(name);
        if (found.isPresent()) return found.get();
        throw new Unreadable("line %d: no food “%s” in the table%s".formatted(row.getRecordNumber() + 1, name,
                Foods.shipped().near(name).stream().findFirst().map(n -> "; did you mean " + n + "?").orElse("")));
    }

    private static Price price(CSVRecord row) throws Unreadable {
        var weight = row.isMapped("for") && row.isSet("for") ? row.get("for") : "";
        return TypedPrice.read(row.get("price"), weight).orElseThrow(() -> new Unreadable(
                "line %d: a price is an amount such as 8.40, for a weight such as 400 g or 1 kg, not “%s” for “%s”"
                        .formatted(row.getRecordNumber() + 1, row.get("price"), weight)));
    }
}
