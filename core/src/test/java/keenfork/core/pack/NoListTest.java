package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.Kit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What people type where a declaration should stand: common practice.
class NoListTest {
    @ParameterizedTest
    @ValueSource(strings = {"see label", "as per supplier", "n/a", "TBC", "none", "no allergens", "-", "see box",
            "12 x 250 g", "keep refrigerated", "Best before 12/12/26", "photo taken", "use by Friday", "vegan",
            "gluten free",
            "contains no allergens", "allergens: none", "allergen free", "ask Jan", "yes", "ok", "checked", "lost",
            "supplier says ok", "not here yet", "Mayonnaise", "mayo", "Real mayonnaise"})
    void what_names_no_ingredient_clears_nothing(String typed) {
        var marks = Kit.marks(Kit.UK, "200 g mayonnaise", "pack: " + typed);
        assertThat(marks).contains("eggs:contains:assumed").anyMatch(m -> m.startsWith("mustard:not-known"));
        assertThat(Kit.derived("200 g mayonnaise", "pack: " + typed).questions()).isNotEmpty();
    }

    @Test
    void a_precaution_alone_is_told_and_clears_nothing() {
        assertThat(Kit.marks(Kit.UK, "200 g mayonnaise", "pack: May contain nuts."))
                .contains("eggs:contains:assumed", "nuts:may-contain");
    }

    @Test
    void a_pack_of_one_food_is_a_list() {
        assertThat(Kit.derived("200 g dried apricots", "pack: apricots").questions()).isEmpty();
        assertThat(Kit.marks(Kit.UK, "200 g mayonnaise", "pack: rapeseed oil, water, starch, salt")).isEmpty();
    }

    @Test
    void what_is_packed_at_the_end_of_a_method_is_no_pack() {
        for (var step : new String[] {"Pack: tubs, label and date.", "Pack: into tubs of 200 g.",
                "Pack: dates on top."})
            assertThat(Kit.marks(Kit.UK, "500 g fennel", "300 g mayonnaise", "Method:", "Mix all.", step)).as(step)
                    .contains("eggs:contains:assumed");
        assertThat(Kit.marks(Kit.UK, "500 g fennel", "300 g mayonnaise", "Mix all.", "Adjust: lemon, salt, chilli.",
                "Pack: tubs, label and date.")).contains("eggs:contains:assumed");
    }

    @ParameterizedTest @ValueSource(strings = {"pack[us]: ", "Pack (US): ", "pack [us] : ", "PACK(us): "})
    void the_law_of_a_pack_stands_in_either_bracket(String head) {
        var dish = Kit.aDish("300 g mayonnaise", head + "oil, egg, salt");
        assertThat(dish.lines()).singleElement().satisfies(
                l -> assertThat(l.declaration().orElseThrow().law()).isEqualTo(new Law("us")));
    }
}
