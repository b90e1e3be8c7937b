package keenfork.core.kitchen;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.corpus.Corpus;
import keenfork.core.kitchen.SupplierTable.Cells;
import keenfork.core.kitchen.SupplierTable.Product;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Mark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/// Tables as suppliers send them.
class SupplierTableTest {
    private static List<Cells> rows(String... lines) {
        var rows = new ArrayList<Cells>();
        for (var line : lines) rows.add(new Cells(rows.size() + 1, Arrays.asList(line.split("¦", -1))));
        return rows;
    }

    private static SupplierTable read(String... lines) { return SupplierTable.read(rows(lines)).orElseThrow(); }

    /// The tables of the corpus: each product, the food it is used for, and what its dish carries.
    @ParameterizedTest @MethodSource("tables")
    void a_table_is_read_as_its_supplier_meant_it(List<String> lines, List<String> products) {
        var read = SupplierTable.read(rows(lines.toArray(String[]::new)));
        assertThat(read.map(SupplierTable::products).orElse(List.of())).extracting(SupplierTableTest::told)
                .containsExactlyElementsOf(products);
    }

    static Stream<Arguments> tables() {
        return Arrays.stream(String.join("\n", Corpus.lines("supplier-tables.txt")).split("\n====\n")).map(b -> {
            var lines = b.lines().filter(l -> !l.startsWith("# ")).toList();
            return Arguments.of(lines.stream().filter(l -> !l.startsWith("=>")).toList(),
                    lines.stream().filter(l -> l.startsWith("=>")).map(l -> l.substring(2).strip()).toList());
        });
    }

    private static String told(Product product) {
        // salt holds nothing of any rule book: what a product says whose name no food has
        var food = product.food().isEmpty() ? "salt" : product.food();
        var recipe = Kit.aDish("1 kg " + food);
        var facts = product.declaration().isEmpty() ? List.<Fact>of()
                : List.<Fact>of(new Fact.PackInUse(food, "pack",
                        Declaration.read(product.declaration(), new Law("uk")), "read today", true));
        var marks = Derivation.of(recipe, new Facts(UK, facts)).under(UK).marks().stream().map(SupplierTableTest::mark)
                .collect(Collectors.joining(" "));
        return "%s | %s | %s".formatted(product.label(), product.food(),
                product.declaration().isEmpty() ? "unread" : marks).replace("|  |", "| |").strip();
    }

    private static String mark(Mark mark) {
        var sign = switch (mark.certainty()) {
            case CONTAINS -> "";
            case MAY_CONTAIN, CONTACT -> "?";
            case NOT_KNOWN -> "??";
        };
        return sign + mark.group().id();
    }

    @Test
    void every_word_of_a_product_is_kept_but_what_tells_nothing_of_it() {
        var read = read("Product ¦ Pack size ¦ EAN ¦ Ingredients ¦ Notes ¦ ",
                "Dukkah ¦ 6 x 1 kg ¦ 2000300 ¦ hazelnuts, salt ¦ "
                        + "same line as milk powder ¦ packed with peanuts");
        assertThat(read.products()).containsExactly(new Product(2, "Dukkah", "dukkah", "2000300",
                "Ingredients: hazelnuts, salt\nNotes: same line as milk powder\npacked with peanuts"));
    }

    @Test
    void what_names_no_product_is_told() {
        var read = read("Allergen list, Quayside", "Product ¦ Gluten ¦ Milk", "FROZEN ¦ ¦", "Naan ¦ Y ¦ Y",
                "Page 2 of 3",
                "* made on one line ¦ ¦");
        assertThat(read.products()).extracting(Product::label).containsExactly("Naan");
        assertThat(read.passedOver()).containsExactly("Allergen list, Quayside", "FROZEN", "Page 2 of 3",
                "* made on one line");
    }

    @Test
    void the_key_of_its_signs_goes_with_every_product_wherever_it_stands() {
        var key = "A = present, B = may contain, C = absent";
        var head = "Product ¦ Gluten ¦ Milk ¦ Egg";
        var rows = List.of("Naan ¦ A ¦ B ¦ C", "Bagel ¦ A ¦ C ¦ B");
        assertThat(read(key, head, rows.get(0), rows.get(1)).products())
                .isEqualTo(read(head, key, rows.get(0), rows.get(1)).products().stream()
                        .map(p -> new Product(p.line(), p.label(), p.food(), p.barCode(), p.declaration())).toList());
        assertThat(read(head, rows.get(0), rows.get(1), key).products()).extracting(SupplierTableTest::told)
                .containsExactly("Naan | naan | gluten ?milk", "Bagel | bagel | gluten ?eggs");
    }

    @Test
    void a_sign_before_its_name_loses_no_product() {
        assertThat(read("Product ¦ Gluten ¦ Milk", "*NEW* Naan ¦ Y ¦ N", "(V) Hummus ¦ N ¦ N").products())
                .extracting(Product::declaration).containsExactly("Gluten: Y\nMilk: N", "Gluten: N\nMilk: N");
    }

    /// What is cut over two rows, as cells are that were merged, goes on.
    @Test
    void a_row_without_a_name_goes_on_with_the_product_above_it() {
        var read = read("Product ¦ Ingredients", "Dukkah ¦ hazelnuts,", " ¦ sesame, salt", "Naan ¦ wheat");
        assertThat(read.products()).extracting(Product::declaration)
                .containsExactly("Ingredients: hazelnuts,\nIngredients: sesame, salt", "Ingredients: wheat");
    }

    @Test
    void a_table_that_tells_nothing_of_what_is_in_it_is_none() {
        assertThat(SupplierTable.read(rows("Product ¦ Qty ¦ Price", "Tahini ¦ 6 ¦ 5.20"))).isEmpty();
        assertThat(SupplierTable.read(rows("Milk ¦ Egg ¦ Nuts", "Y ¦ N ¦ N"))).isEmpty();
        assertThat(SupplierTable.read(List.of())).isEmpty();
    }

    /// Each heading of the list, as a spreadsheet may have it: in capitals, with a remark in brackets.
    @ParameterizedTest @MethodSource("headings")
    void a_column_that_tells_nothing_of_a_product_is_passed_over_and_no_other(String heading, String kind) {
        var said = SupplierTable.read(rows("Item ¦ Allergens ¦ " + heading.toUpperCase(Locale.ROOT) + " (see over)",
                "Naan ¦ wheat ¦ milk 7")).orElseThrow().products().getFirst();
        assertThat(said.declaration().contains("milk 7")).as("whether it is read")
                .isEqualTo(kind.equals("list") || kind.equals("says"));
        assertThat(said.label()).isEqualTo(kind.equals("name") ? "Naan milk 7" : "Naan");
        assertThat(said.barCode()).isEqualTo(kind.equals("bar-code") ? "milk 7" : "");
    }

    static Stream<Arguments> headings() {
        var others = new HashSet<String>();
        return Kit.rows("/keenfork/core/kitchen/table-columns.txt", "\\|").filter(c -> !c.getFirst().startsWith("#"))
                .flatMap(c -> Arrays.stream(c.getFirst().split(",")).map(String::strip).filter(others::add)
                        .map(w -> Arguments.of(w, c.get(1).strip())));
    }
}
