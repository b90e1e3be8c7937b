package keenfork.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import keenfork.core.kitchen.SupplierTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SupplierCsvTest {
    @ParameterizedTest @ValueSource(strings = {"Product,Ingredients,Allergens\nTahini,\"sesame, salt\",sesame",
            "Product;Ingredients;Allergens\nTahini;sesame, salt;sesame",
            "A list, of ours; and yours\n\nProduct\tIngredients\tAllergens\nTahini\tsesame, salt\tsesame",
            "| Product | Ingredients | Allergens |\n|---|---|---|\n| Tahini | sesame, salt | sesame |",
            "\uFEFFProduct,Ingredients,Allergens\r\nTahini,\"sesame, salt\",sesame\r\n"})
    void cells_stand_between_whatever_makes_a_table(String text) throws PackCsv.Unreadable {
        assertThat(SupplierCsv.read(text).products()).singleElement().satisfies(p -> {
            assertThat(p.label()).isEqualTo("Tahini");
            assertThat(p.declaration()).isEqualTo("Ingredients: sesame, salt\nAllergens: sesame");
            assertThat(p.line()).isEqualTo(text.strip().lines().count());
        });
    }

    @Test
    void what_names_no_columns_is_refused_with_those_it_may_have() {
        assertThatThrownBy(() -> SupplierCsv.read("tahini, sesame\nnaan, wheat"))
                .hasMessageContaining("Product, Ingredients, Allergens").hasMessageContaining("declaration");
        assertThatThrownBy(() -> SupplierCsv.read("")).isInstanceOf(PackCsv.Unreadable.class);
        var many = "Product,Gluten,Milk\n" + "Naan,Y,Y\n".repeat(SupplierCsv.MOST_ROWS + 1);
        assertThatThrownBy(() -> SupplierCsv.read(many)).hasMessageContaining("500 products");
        var endless = "Product,Gluten,Milk\n" + ",Y,Y\n".repeat(PackCsv.MOST_ROWS + 1);
        assertThatThrownBy(() -> SupplierCsv.read(endless)).hasMessageContaining("5,000 rows");
    }

    /// A cell that was shielded from being a formula is bare again.
    @Test
    void a_shield_is_no_part_of_a_cell() throws PackCsv.Unreadable {
        assertThat(SupplierCsv.read("Product,Gluten,Egg\nTahini,'-,'+").products())
                .extracting(SupplierTable.Product::declaration).containsExactly("Gluten: -\nEgg: +");
    }
}
