package keenfork.core.food;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.Kit;
import keenfork.core.measure.Span;
import keenfork.core.trace.Certainty;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class FoodsTest {
    private final Foods foods = Foods.shipped();

    @Test
    void the_table_is_large_enough_for_a_kitchen_and_every_row_names_its_source() {
        assertThat(foods.all().stream().filter(f -> !f.isCompound())).hasSizeGreaterThan(1_600);
        assertThat(foods.all().stream().filter(Food::isCompound)).hasSizeGreaterThan(700);
        assertThat(foods.all()).allSatisfy(f -> assertThat(f.source()).as(f.name())
                .matches("from memory|common practice|protein: IFCT 2017, row [A-Z]\\d{3}; all else: from memory"));
    }

    /// A file with an origin or a substance that is not in the tree does not load, and says where it is wrong.
    @Test
    void every_food_has_an_origin_and_substances_of_the_tree() {
        assertThat(foods.all()).allSatisfy(f -> {
            assertThat(Substances.shipped().all()).as(f.name()).containsAll(f.holds()).containsAll(f.sometimes());
            assertThat(f.holds().stream().filter(f.sometimes()::contains))
                    .as("%s holds and only sometimes holds the same", f.name()).isEmpty();
        });
        var broken = new Table.Row("foods.txt", 7, List.of("x", "zugwort", "-", "nowhere"));
        assertThatThrownBy(() -> broken.read(1, _ -> Substances.shipped().getAll(broken.list(1))))
                .hasMessageContaining("foods.txt, line 7, column 2").hasMessageContaining("zugwort");
        assertThatThrownBy(() -> broken.read(3, c -> Origin.valueOf(c.toUpperCase(java.util.Locale.ROOT))))
                .hasMessageContaining("line 7, column 4");
    }

    /// A contact is estimated in mg of protein: a plain food that some law lists cannot be without a figure.
    @Test
    void every_plain_food_with_an_allergen_has_its_protein() {
        for (var food : foods.all())
            if (!food.isCompound() && food.holds().stream()
                    .anyMatch(s -> !s.id().equals("sulphites")
                            && keenfork.core.regime.RuleBook.all().stream().anyMatch(b -> !b.placesOf(s).isEmpty())))
                assertThat(food.protein()).as(food.name()).isNotNull();
    }

    @Test
    void words_of_four_languages_mean_what_their_english_does() {
        for (var word : List.of("blé noir", "trigo sarraceno", "grano saraceno", "Buchweizen", "lait de coco",
                "Kokosmilch", "leche de coco", "latte di cocco", "beurre de cacao", "noix de muscade",
                "noce moscata", "nuez moscada", "noix de coco")) {
            var matches = foods.packWords().read(word).matches();
            assertThat(matches).as(word).hasSize(1);
            assertThat(matches.getFirst().meaning() instanceof Meaning.OfFood(var food) ? food.holds()
                    : suspects(matches.getFirst().meaning())).as(word)
                            .allMatch(FoodsTest::isInNoLaw);
        }
    }

    @Test
    void a_comma_parts_what_a_blank_would_join() {
        assertThat(foods.recipeWords().read("coconut, milk").matches()).hasSize(2);
        assertThat(foods.recipeWords().read("coconut milk").matches()).hasSize(1);
        assertThat(foods.recipeWords().read("peanut (butter)").matches()).hasSize(2);
    }

    @Test
    void what_is_denied_is_told_from_what_is_free_to_roam() {
        assertThat(Words.isDenied("milk-free", 4)).isTrue();
        assertThat(Words.isDenied("nut free pesto", 3)).isTrue();
        assertThat(Words.isDenied("eggs free range", 4)).isFalse();
        assertThat(Words.isDenied("milk freeze", 4)).isFalse();
        assertThat(Words.isDenied("milk", 4)).isFalse();
    }

    @Test
    void no_name_stands_for_two_foods() {
        var seen = new HashMap<String, String>();
        for (var food : foods.all())
            for (var name : food.names()) {
                var before = seen.putIfAbsent(Words.key(name), food.name());
                assertThat(before == null || before.equals(food.name()))
                        .as("\"%s\" is %s and %s", name, before, food.name()).isTrue();
            }
    }

    /// A food of animal origin that forgot its substance would be a missed allergen.
    @Test
    void origin_and_substances_agree() {
        Map<Origin, List<String>> asks = Map.of(Origin.DAIRY, List.of("milk"), Origin.EGG, List.of("eggs"), Origin.FISH,
                List.of("fish", "crustaceans", "molluscs", "sea-animal"),
                Origin.FLESH, List.of("flesh", "gelatine"), Origin.INSECT, List.of("honey", "insect"));
        var tree = Substances.shipped();
        for (var food : foods.all()) {
            var wanted = asks.get(food.origin());
            if (wanted == null) continue;
            assertThat(food.holds()).as("%s is of %s origin", food.name(), food.origin())
                    .anySatisfy(s -> assertThat(wanted).contains(tree.branch(s).id()));
        }
    }

    @Test
    void densities_are_those_of_food() {
        for (var food : foods.all()) {
            Span density = food.density();
            if (density == null) continue;
            assertThat(density.low().doubleValue()).as(food.name()).isGreaterThanOrEqualTo(0.03);
            assertThat(density.high().doubleValue()).as(food.name()).isLessThanOrEqualTo(1.6);
        }
    }

    /// coconut and chestnut are no group of any law since the FDA guidance of January 2025; Japan's lists buckwheat and
    /// apple as what they are, and not as what they sound like
    private static boolean isInNoLaw(Substance substance) {
        return List.of("buckwheat", "apple").contains(substance.id())
                || keenfork.core.regime.RuleBook.all().stream().allMatch(b -> b.placesOf(substance).isEmpty());
    }

    /// Look-alikes: names that sound like an allergen and hold none (common practice, and the lists' own silence).
    @ParameterizedTest
    @ValueSource(strings = {"coconut milk", "butter beans", "butternut squash", "nutmeg", "water chestnuts",
            "oyster mushrooms", "cream of tartar", "eggplant",
            "butter lettuce", "coconut butter", "cream of coconut", "egg plant", "butter nut squash", "buck wheat",
            "crab apples", "creamed corn", "cauliflower steaks", "chicken of the woods", "rice milk", "hemp milk",
            "pea milk", "water kefir", "apple butter", "gluten-free crackers", "gluten-free wraps", "vegan ricotta",
            "dairy-free butter", "plant-based milk", "whipped coconut cream", "cocoa butter", "buckwheat",
            "rice malt syrup", "rice malt", "tiger nut flour", "water chestnut", "coconut cream", "coconut water",
            "pumpkin seed butter", "sunflower seed butter", "palm oil", "corn tortilla", "rice paper", "chestnut flour",
            "butter beans", "sweetcorn", "corn starch", "king oyster mushroom", "lemongrass", "chestnuts", "coconut",
            "coconut yoghurt", "tiger nuts", "creamed coconut", "buckwheat flour", "rice noodles"})
    void look_alikes_hold_nothing(String name) {
        assertThat(foods.find(name)).as(name).isPresent();
        assertThat(foods.find(name).orElseThrow().holds()).as(name).allMatch(FoodsTest::isInNoLaw);
        assertThat(foods.recipeWords().read(name).matches()).as("nothing else is found in the words").hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"peanut butter,peanuts", "malt vinegar,barley", "almond milk,almond", "oat milk,oats",
            "sesame paste,sesame", "celeriac,celery", "farro,emmer",
            "freekeh,durum", "couscous,durum", "bulgur wheat,wheat", "pearled spelt,spelt", "egg noodles,wheat",
            "nam pla,fish", "panko,wheat", "seitan,wheat", "edamame,soybeans",
            "marinated tofu,soybeans", "pecorino,sheeps-milk", "labneh,cows-milk", "gomasio,sesame",
            "soba noodles,wheat", "king prawns,prawn", "crab sticks,fish", "kecap manis,wheat", "brioche,eggs",
            "taramasalata,fish", "ginger nut,wheat", "mustard greens,mustard", "gnocchi,wheat", "quail's eggs,eggs",
            "lovage,celery", "vermicelli,durum", "fish cakes,fish", "malted milk,barley", "amaretti,almond",
            "halva,sesame", "muhammara,walnut", "romesco,hazelnut", "white sauce,cows-milk", "irish cream,alcohol",
            "shrimp paste,prawn", "lard,pork", "suet,beef", "meringue,eggs", "cod liver oil,fish",
            "wheat germ oil,wheat", "seafood,molluscs", "cream crackers,wheat", "oyster crackers,wheat",
            "cornbread,wheat", "celeriac steaks,celery", "tofu steak,soybeans", "vegan oyster sauce,soybeans",
            "sponge fingers,eggs"})
    void names_that_hide_an_allergen_hold_it(String name, String substance) {
        assertThat(foods.find(name).orElseThrow().holds()).extracting(Substance::id).contains(substance);
    }

    @Test
    void plurals_accents_and_apostrophes_do_not_matter() {
        assertThat(foods.find("Goat’s cheeses")).isPresent();
        assertThat(foods.find("crème fraîche")).isPresent();
        assertThat(foods.find("ANCHOVIES")).isPresent();
        assertThat(foods.find("Bay leaves")).isPresent();
    }

    @Test
    void misspellings_are_proposed_nearest_first_and_never_taken() {
        assertThat(foods.near("tahni")).contains("tahini");
        assertThat(foods.near("chikpeas")).contains("chickpea");
        assertThat(foods.find("tahni")).isEmpty();
        assertThat(foods.near("zzzzzz")).isEmpty();
    }

    @Test
    void words_keep_their_place_in_the_text() {
        var words = Words.of("2 goat's-milk (raw)");
        assertThat(words).extracting(Words.Word::text).containsExactly("2", "goat", "milk", "raw");
        assertThat("2 goat's-milk (raw)".substring(words.get(1).start(), words.get(1).end())).isEqualTo("goat's");
    }

    @Test
    void the_tree_has_one_root_and_knows_its_branches() {
        var tree = Substances.shipped();
        assertThat(tree.all().stream().filter(s -> s.parent().isEmpty())).extracting(Substance::id)
                .containsExactly("anything");
        assertThat(tree.isUnder(tree.get("spelt"), tree.get("gluten"))).isTrue();
        assertThat(tree.isUnder(tree.get("gluten"), tree.get("spelt"))).isFalse();
        assertThat(tree.branch(tree.get("goats-milk")).id()).isEqualTo("milk");
        assertThat(tree.all()).allSatisfy(s -> assertThat(s.source()).isNotBlank());
    }

    /// The same food under its British, American and Australian names (common practice).
    @ParameterizedTest
    @CsvSource({"aubergine,eggplant", "courgette,zucchini", "rocket,arugula", "spring onion,scallion",
            "coriander,cilantro", "prawn,shrimp", "double cream,heavy cream", "double cream,thickened cream",
            "swede,rutabaga", "red pepper,capsicum", "red pepper,bell pepper", "chickpea,garbanzo beans",
            "cornflour,cornstarch", "haricot bean,navy beans", "broad bean,fava beans", "caster sugar,superfine sugar",
            "icing sugar,confectioners' sugar", "wheat flour,all-purpose flour", "self raising flour,self-rising flour",
            "mangetout,snow peas", "cos lettuce,romaine", "chard,silverbeet", "sweet potato,kumara",
            "melon,rockmelon", "papaya,pawpaw", "shallot,eschalots", "cheddar,tasty cheese", "chicory,witlof",
            "green bean,string beans", "sugar snap,snap peas", "beetroot,beet", "minced beef,ground beef",
            "bicarbonate of soda,baking soda", "treacle,molasses", "peanut,groundnut", "rapeseed oil,canola oil",
            "sultana,sultanas", "single cream,half-and-half", "lobster,lobsters", "chinese cabbage,napa cabbage"})
    void british_american_and_australian_names_mean_the_same(String one, String other) {
        assertThat(foods.find(other)).as(other).isPresent().isEqualTo(foods.find(one));
    }

    /// A name in a side table that no food goes by would be a figure nobody finds.
    @Test
    void side_tables_speak_of_foods_that_exist() {
        for (var row : Table.read(Foods.class, "sulphites.txt", 3))
            for (var name : row.list(0)) {
                var food = foods.find(name);
                assertThat(food).as(name).isPresent();
                assertThat(food.orElseThrow().sulphite()).as(name).isNotNull();
                assertThat(java.util.stream.Stream
                        .concat(food.orElseThrow().holds().stream(), food.orElseThrow().sometimes().stream())
                        .map(Substance::id)).as(name).contains("sulphites");
            }
        for (var row : Table.read(keenfork.core.recipe.Recipe.class, "yields.txt", 4))
            for (var name : row.list(0)) if (!name.equals("*")) assertThat(foods.find(name)).as(name).isPresent();
        for (var row : Table.read(Foods.class, "asks.txt", 3))
            assertThat(Substances.shipped().find(row.cell(0))).as(row.cell(0)).isPresent();
    }

    /// Regulation (EC) No 1333/2008, Annex II: E 220 to E 228 are sulphites, E 120 carmine, E 966 lactitol, E 1105
    /// lysozyme of eggs.
    @ParameterizedTest @CsvSource({"220,sulphites", "224,sulphites", "228,sulphites", "120,insect", "966,lactitol",
            "1105,eggs", "426,soybeans", "411,oats"})
    void additives_hold_what_they_are_made_of(int number, String substance) {
        assertThat(foods.additive(number))
                .isEqualTo(new Meaning.OfSubstances(List.of(Substances.shipped().get(substance))));
    }

    @ParameterizedTest @ValueSource(ints = {322, 471, 481, 631, 920, 1442})
    void additives_of_more_than_one_source_ask(int number) {
        assertThat(foods.additive(number)).isInstanceOfSatisfying(Meaning.Vague.class,
                v -> assertThat(v.question()).contains("E"));
    }

    @ParameterizedTest @ValueSource(ints = {300, 330, 385, 415, 450, 1414})
    void other_additives_hold_nothing_that_a_law_lists(int number) {
        assertThat(suspects(foods.additive(number))).as("E%d", number)
                .allMatch(s -> s.id().equals("gluten") || s.id().equals("wheat"));
    }

    @ParameterizedTest @ValueSource(ints = {1, 9999})
    void a_number_that_no_list_has_is_asked_about(int number) {
        assertThat(foods.additive(number)).isInstanceOfSatisfying(Meaning.Vague.class,
                v -> assertThat(v.question()).contains("E" + number));
    }

    private static List<Substance> suspects(Meaning meaning) {
        return meaning instanceof Meaning.Vague(var suspects, var _) ? suspects
                : ((Meaning.OfSubstances) meaning).substances();
    }

    /// What looks like a letter, or hides between letters, does not hide an allergen.
    @ParameterizedTest @CsvSource({"ｍｉｌｋ", "𝗺𝗶𝗹𝗸", "mi\u00ADlk", "mi\u200Blk", "MILK", "mílk"})
    void disguised_letters_are_seen_through(String word) {
        assertThat(foods.find(word).map(Food::name)).as(word).contains("milk");
    }

    /// An additive that holds nothing of the law's lists has no name of theirs, on its own or beside another food.
    @Test
    void an_additive_of_another_language_is_read_beside_a_food() {
        var derived = Kit.derived("2 g gasificante or dried yeast", "5 g Säuerungsmittel");
        assertThat(derived.recipe().lines().getFirst().choices()).hasSize(2);
        assertThat(Kit.groups(derived, Kit.UK, Certainty.CONTAINS)).isEmpty();
        assertThat(new Meaning.OfSubstances(List.of()).name()).isEmpty();
    }
}
