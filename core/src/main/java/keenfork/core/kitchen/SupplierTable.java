package keenfork.core.kitchen;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.pack.Allergens;
import org.jspecify.annotations.Nullable;

/// A supplier's table of products: each with its list of ingredients, its allergens, or an answer for each of them. It
/// says what it says in the supplier's own words; a [declaration][Product#declaration] is made of them for each
/// product, and read as any pack is.
///
/// @param products   the rows that name one, in the order of the table
/// @param passedOver rows that are neither the head, nor a product, nor the key of its signs
public record SupplierTable(List<Product> products, List<String> passedOver) {
    /// A row of a table, or what was pasted as one.
    ///
    /// @param line the line of the text it ends on, from 1
    public record Cells(long line, List<String> cells) {
        public Cells {
            cells = cells.stream().map(String::strip).toList();
        }

        private String cell(int at) { return at < cells.size() ? cells.get(at) : ""; }

        private boolean isBlank() { return cells.stream().allMatch(String::isEmpty); }

        private String written() {
            return cells.stream().filter(c -> !c.isEmpty()).collect(Collectors.joining(" "));
        }
    }

    /// A product of the table.
    ///
    /// @param line        the line of the text it ends on, from 1
    /// @param label       what its supplier calls it
    /// @param food        the food of the reference table that its name says, or an empty string
    /// @param barCode     its bar code, or an empty string
    /// @param declaration what the table says of it, a line for each column; empty where it says nothing
    public record Product(long line, String label, String food, String barCode, String declaration) {}

    /// a head stands within so many rows of the top
    private static final int TOP = 20;
    /// a longer key is none: it would go with every product
    private static final int LONGEST_KEY = 1_000;

    public SupplierTable {
        products = List.copyOf(products);
        passedOver = List.copyOf(passedOver);
    }

    /// {@return what a table says of its products; empty where no row of it names its columns}
    public static Optional<SupplierTable> read(List<Cells> rows) {
        var filled = rows.stream().filter(r -> !r.isBlank()).toList();
        var turned = turned(filled);
        // "Item | Egg noodles | Milk rolls" over "Celery | no | yes": products stand across, whatever their names hold
        if (turned.isPresent() && filled.stream().limit(TOP).noneMatch(r -> answersIn(r.cells) >= TableHead.SIDE))
            return ofHead(turned.get());
        var upright = ofHead(filled);
        return upright.isPresent() || turned.isEmpty() ? upright : ofHead(turned.get());
    }

    private static long answersIn(List<String> cells) {
        return cells.stream().skip(1).filter(c -> Allergens.areNamed(TableHead.plain(c))).count();
    }

    private static Optional<SupplierTable> ofHead(List<Cells> rows) {
        for (var i = 0; i < Math.min(TOP, rows.size()); i++) {
            var head = head(rows, i);
            if (head != null) return Optional.of(below(head, rows, i));
        }
        return Optional.empty();
    }

    private static @Nullable TableHead head(List<Cells> rows, int at) {
        return TableHead.of(rows.get(at).cells, at == 0 ? List.of() : rows.get(at - 1).cells);
    }

    /// {@return the products below a head; another head below it names the columns of what follows}
    private static SupplierTable below(TableHead first, List<Cells> rows, int at) {
        var key = new ArrayList<String>();
        var passedOver = new ArrayList<String>();
        for (var row : rows.subList(0, at)) (isKey(row, first) && key.isEmpty() ? key : passedOver).add(row.written());
        var products = new ArrayList<Product>();
        var head = first;
        for (var i = at + 1; i < rows.size(); i++) {
            var row = rows.get(i);
            var next = head(rows, i);
            if (next != null) head = next;
            else if (isKey(row, head) && String.join("\n", key).length() < LONGEST_KEY) key.add(row.written());
            else if (!isRule(row) && !take(head, row, products)) passedOver.add(row.written());
        }
        var signs = String.join("\n", key);
        return new SupplierTable(products.stream().map(p -> p.declaration.isEmpty() ? p : goneOn(p, signs)).toList(),
                passedOver);
    }

    /// {@return whether a row names a product, or goes on with the one above it}
    private static boolean take(TableHead head, Cells row, List<Product> products) {
        var product = product(head, row);
        if (product != null) return products.add(product);
        var more = said(head, row);
        if (!label(head, row).isEmpty() || more.isEmpty() || products.isEmpty()) return false;
        products.addLast(goneOn(products.removeLast(), more));
        return true;
    }

    /// {@return whether a row explains the signs of a table, "Y = yes, M = may contain", and names no product}
    private static boolean isKey(Cells row, TableHead head) {
        if (row.written().length() > LONGEST_KEY) return false;
        return row.written().indexOf('=') > 0 && said(head, row).isEmpty()
                || row.cells.stream().filter(c -> !c.isEmpty()).allMatch(c -> c.indexOf('=') > 0);
    }

    /// the line below the head of a table that is drawn with bars
    private static boolean isRule(Cells row) {
        return row.written().chars().allMatch(c -> "-:= ".indexOf(c) >= 0);
    }

    /// a name that is cut over several rows goes on below itself
    private static Product goneOn(Product product, String more) {
        return new Product(product.line, product.label, product.food, product.barCode,
                (product.declaration + "\n" + more).strip());
    }

    /// {@return the product of a row; null where it names none, or stands alone and is no food: "FROZEN", "* may vary"}
    private static @Nullable Product product(TableHead head, Cells row) {
        var label = label(head, row);
        if (label.isEmpty()) return null;
        var food = PackedFood.of(label);
        var declaration = said(head, row);
        var isFootnote = !Character.isLetterOrDigit(label.codePointAt(0));
        if (declaration.isEmpty() && (food.isEmpty() || isFootnote)) return null;
        return new Product(row.line, label, food, cells(head, row, TableHead.Kind.BAR_CODE)
                .filter(c -> c.chars().anyMatch(Character::isDigit)).findFirst().orElse(""), declaration);
    }

    private static String label(TableHead head, Cells row) {
        var names = cells(head, row, TableHead.Kind.NAME).toList();
        var worded = names.stream().filter(c -> c.codePoints().anyMatch(Character::isLetter)).distinct()
                .collect(Collectors.joining(" "));
        return worded.isEmpty() ? String.join(" ", names) : worded;
    }

    private static Stream<String> cells(TableHead head, Cells row, TableHead.Kind kind) {
        return IntStream.range(0, head.kinds().size()).filter(i -> head.kinds().get(i) == kind).mapToObj(row::cell)
                .filter(c -> !c.isEmpty());
    }

    /// {@return what the columns say of a product, its list of ingredients first; cells beyond the head are kept, too}
    private static String said(TableHead head, Cells row) {
        var list = IntStream.range(0, head.kinds().size()).filter(i -> head.kinds().get(i) == TableHead.Kind.LIST);
        var others = IntStream.range(0, Math.max(head.kinds().size(), row.cells.size()))
                .filter(i -> i >= head.kinds().size() || head.kinds().get(i) == TableHead.Kind.KEPT);
        return IntStream.concat(list, others).filter(i -> !row.cell(i).isEmpty())
                .mapToObj(i -> head.said(i, row.cell(i))).collect(Collectors.joining("\n"));
    }

    /// {@return the rows of a table whose products stand across, one below the other, its key in front; empty where it
    /// is no such table}
    private static Optional<List<Cells>> turned(List<Cells> rows) {
        var top = IntStream.range(0, rows.size()).filter(i -> isSide(rows.get(i))).findFirst().orElse(0);
        if (top == 0 || rows.stream().filter(SupplierTable::isSide).count() < TableHead.SIDE) return Optional.empty();
        var names = namesAbove(rows, top);
        var side = rows.stream().skip(names + 1L).takeWhile(r -> !isRule(r)).filter(r -> isSide(r) || !isAlone(r))
                .toList();
        var products = rows.get(names);
        var turned = new ArrayList<>(rows.stream().filter(r -> isAlone(r) && r.written().indexOf('=') > 0).toList());
        turned.add(new Cells(products.line,
                Stream.concat(Stream.of(TableHead.ANY_NAME), side.stream().map(r -> r.cell(0))).toList()));
        for (var column = 1; column < products.cells.size(); column++) {
            var at = column;
            turned.add(new Cells(products.line, Stream.concat(Stream.of(products.cell(at)),
                    side.stream().map(r -> r.cell(at))).toList()));
        }
        return Optional.of(turned);
    }

    private static boolean isSide(Cells row) {
        return row.cells.size() > 1 && Allergens.areNamed(TableHead.plain(row.cell(0)));
    }

    private static boolean isAlone(Cells row) { return row.cells.stream().skip(1).allMatch(String::isEmpty); }

    /// {@return where the names of the products stand: the row that says so, or has nothing over the allergens, or the
    /// last that is no list}
    private static int namesAbove(List<Cells> rows, int top) {
        var above = IntStream.range(0, top).map(i -> top - 1 - i).filter(i -> !isAlone(rows.get(i))).boxed().toList();
        return Stream.<Predicate<Cells>>of(r -> TableHead.kind(r.cell(0)) == TableHead.Kind.NAME,
                r -> r.cell(0).isEmpty(), r -> TableHead.kind(r.cell(0)) == TableHead.Kind.KEPT)
                .flatMap(is -> above.stream().filter(i -> is.test(rows.get(i))).limit(1)).findFirst().orElse(top - 1);
    }
}
