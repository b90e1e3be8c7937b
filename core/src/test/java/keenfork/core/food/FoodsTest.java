package keenfork.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.measure.Span;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FoodsTest {
    private final Foods foods = Foods.shipped();

    @Test void the_table_is_large_enough_for_a_kitchen_and_every_row_names_its_source() {
        assertThat(foods.all().stream().filter(f -> !f.isCompound())).hasSizeGreaterThan(180);
        assertThat(foods.all().stream().filter(Food::isCompound)).hasSizeGreaterThan(25);
        assertThat(foods.all()).allSatisfy(f -> assertThat(f.source()).as(f.name()).matches("from memory|common practice|protein: IFCT 2017, row [A-Z]\\d{3}; the rest from memory"));
    }

    @Test void no_name_stands_for_two_foods() {
        var seen = new HashMap<String, String>();
        for (var food : foods.all())
            for (var name : food.names()) {
                var before = seen.putIfAbsent(Words.key(name), food.name());
                assertThat(before == null || before.equals(food.name())).as("\"%s\" is %s and %s", name, before, food.name()).isTrue();
            }
    }

    /// A food of animal origin that forgot its substance would be a missed allergen.
    @Test void origin_and_substances_agree() {
        Map<Origin, List<String>> asks = Map.of(Origin.DAIRY, List.of("milk"), Origin.EGG, List.of("eggs"), Origin.FISH, List.of("fish", "crustaceans", "molluscs"),
                Origin.FLESH, List.of("flesh", "gelatine"), Origin.INSECT, List.of("honey", "insect"));
        var tree = Substances.shipped();
        for (var food : foods.all()) {
            var wanted = asks.get(food.origin());
            if (wanted == null) continue;
            assertThat(food.holds()).as("%s is of %s origin", food.name(), food.origin()).anySatisfy(s -> assertThat(wanted).contains(tree.branch(s).id()));
        }
    }

    @Test void densities_are_those_of_food() {
        for (var food : foods.all()) {
            Span density = food.density();
            if (density == null) continue;
            assertThat(density.low().doubleValue()).as(food.name()).isGreaterThanOrEqualTo(0.03);
            assertThat(density.high().doubleValue()).as(food.name()).isLessThanOrEqualTo(1.6);
        }
    }

    /// Look-alikes: names that sound like an allergen and hold none (common practice, and the lists' own silence).
    @ParameterizedTest
    @ValueSource(strings = {"coconut milk", "butter beans", "butternut squash", "nutmeg", "water chestnuts", "oyster mushrooms", "cream of tartar", "eggplant",
            "cocoa butter", "buckwheat", "rice malt syrup", "chestnuts", "coconut", "coconut yoghurt", "tiger nuts", "creamed coconut", "buckwheat flour", "rice noodles"})
    void look_alikes_hold_nothing(String name) {
        assertThat(foods.find(name)).as(name).isPresent();
        assertThat(foods.find(name).orElseThrow().holds()).as(name).isEmpty();
        assertThat(foods.recipeWords().read(name).matches()).as("nothing else is found in the words").hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"peanut butter,peanuts", "malt vinegar,barley", "almond milk,almond", "oat milk,oats", "sesame paste,sesame", "celeriac,celery", "farro,emmer",
            "freekeh,durum", "couscous,durum", "bulgur wheat,wheat", "pearled spelt,spelt", "egg noodles,wheat", "nam pla,fish", "panko,wheat", "seitan,wheat", "edamame,soybeans",
            "marinated tofu,soybeans", "pecorino,sheeps-milk", "labneh,cows-milk", "gomasio,sesame", "soba noodles,wheat", "king prawns,prawn", "crab sticks,fish", "kecap manis,wheat", "brioche,eggs", "taramasalata,fish"})
    void names_that_hide_an_allergen_hold_it(String name, String substance) {
        assertThat(foods.find(name).orElseThrow().holds()).extracting(Substance::id).contains(substance);
    }

    @Test void plurals_accents_and_apostrophes_do_not_matter() {
        assertThat(foods.find("Goat’s cheeses")).isPresent();
        assertThat(foods.find("crème fraîche")).isPresent();
        assertThat(foods.find("ANCHOVIES")).isPresent();
        assertThat(foods.find("Bay leaves")).isPresent();
    }

    @Test void misspellings_are_proposed_nearest_first_and_never_taken() {
        assertThat(foods.near("tahni")).contains("tahini");
        assertThat(foods.near("chikpeas")).contains("chickpea");
        assertThat(foods.find("tahni")).isEmpty();
        assertThat(foods.near("zzzzzz")).isEmpty();
    }

    @Test void words_keep_their_place_in_the_text() {
        var words = Words.of("2 goat's-milk (raw)");
        assertThat(words).extracting(Words.Word::text).containsExactly("2", "goat", "milk", "raw");
        assertThat("2 goat's-milk (raw)".substring(words.get(1).start(), words.get(1).end())).isEqualTo("goat's");
    }

    @Test void the_tree_has_one_root_and_knows_its_branches() {
        var tree = Substances.shipped();
        assertThat(tree.all().stream().filter(s -> s.parent().isEmpty())).extracting(Substance::id).containsExactly("anything");
        assertThat(tree.isUnder(tree.get("spelt"), tree.get("gluten"))).isTrue();
        assertThat(tree.isUnder(tree.get("gluten"), tree.get("spelt"))).isFalse();
        assertThat(tree.branch(tree.get("goats-milk")).id()).isEqualTo("milk");
        assertThat(tree.all()).allSatisfy(s -> assertThat(s.source()).isNotBlank());
    }
}
