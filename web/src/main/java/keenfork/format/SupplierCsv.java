package keenfork.format;

import keenfork.core.kitchen.SupplierTable;

/// A supplier's table of products as text: its cells stand between tabs, bars, semicolons or commas, whichever of them
/// makes a table that names products and what is in them.
public final class SupplierCsv {
    /// rows taken at once: each is looked at by the cook before it is kept
    public static final int MOST_ROWS = 500;
    private static final char[] BETWEEN = {'\t', '|', ';', ','};

    private SupplierCsv() {}

    /// {@return the products of a table, in its order}
    /// @throws PackCsv.Unreadable when no row names its columns, or there are too many products
    public static SupplierTable read(String text) throws PackCsv.Unreadable {
        var plain = text.replace("\uFEFF", "");
        for (var between : BETWEEN) {
            if (plain.indexOf(between) < 0) continue;
            var rows = CsvRows.rows(plain, between);
            if (rows.size() > PackCsv.MOST_ROWS)
                throw new PackCsv.Unreadable("It has more than %,d rows. Cut it in two.".formatted(PackCsv.MOST_ROWS));
            var table = SupplierTable
                    .read(rows.stream().map(r -> new SupplierTable.Cells(r.line(), r.cells())).toList());
            if (table.isPresent()) return notTooLong(table.get());
        }
        throw new PackCsv.Unreadable(
                "No line of it names its columns. One must name the products and what is in them, such as "
                        + "“Product, Ingredients, Allergens” or “Product, Gluten, Milk, Egg”; or else: "
                        + String.join(", ", PackCsv.HEAD) + ".");
    }

    private static SupplierTable notTooLong(SupplierTable table) throws PackCsv.Unreadable {
        if (table.products().size() <= MOST_ROWS) return table;
        throw new PackCsv.Unreadable(
                "It has more than %,d products. Keep the rows of what you buy.".formatted(MOST_ROWS));
    }
}
