package keenfork.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/// Against the vocabulary of schema.org/Recipe: name, recipeYield, recipeIngredient, recipeInstructions (text,
/// HowToStep, HowToSection).
class JsonLdRecipeTest {
    private static final String CAME =
            """
            {"@context": "https://schema.org", "@type": "Recipe", "name": "Bean dip", "recipeYield": ["6", "6 \
            portions"], "author": {"@type": "Person", "name": "The crew"},
             "recipeIngredient": ["400 g white beans", "3 tbsp tahini"], "prepTime": "PT15M", "nutrition": \
            {"calories": "240 kcal"},
             "recipeInstructions": [{"@type": "HowToSection", "name": "First", "itemListElement": [{"@type": \
            "HowToStep", "text": "Blend smooth.", "image": "x.png"}]}, "Chill."]}""";

    private static JsonNode json(String text) { return new ObjectMapper().readTree(text); }

    @Test
    void what_came_goes_out_again_untouched() throws Exception {
        var imported = JsonLdRecipe.read(CAME);
        assertThat(json(JsonLdRecipe.write(imported.text(), imported.original()))).isEqualTo(json(CAME));
    }

    @Test
    void a_change_in_the_text_changes_only_what_it_is_about() throws Exception {
        var imported = JsonLdRecipe.read(CAME);
        var out = json(
                JsonLdRecipe.write(imported.text().replace("3 tbsp tahini", "4 tbsp tahini"), imported.original()));
        assertThat(out.get("recipeIngredient").get(1).asString()).isEqualTo("4 tbsp tahini");
        for (var kept : new String[] {"author", "prepTime", "nutrition", "recipeYield", "recipeInstructions"})
            assertThat(out.get(kept)).as(kept).isEqualTo(json(CAME).get(kept));
    }

    @ParameterizedTest
    @ValueSource(strings = {"Dip\nServes 4\nBase:\n400 g beans\nMethod:\nBlend.",
            "Bowl\nServes 12\nBase:\n1 kg rice\nDressing:\n1 jar harissa\npack[us]: peppers, salt\n"
                    + "100 g @Tahini dressing\nBeside:\n6 flatbreads\nMethod:\nCook the rice.\nToss.",
            "Odd\nMakes 4 tubs\n• ½ cup tahini\n\nTo serve:\nsalt, to taste", "Bare\n1 egg"})
    void a_text_comes_back_word_for_word(String text) throws Exception {
        var written = JsonLdRecipe.write(text, "");
        assertThat(JsonLdRecipe.read(written).text()).isEqualTo(text);
        assertThat(json(written).get("@type").asString()).isEqualTo("Recipe");
    }

    @Test
    void parts_and_packs_come_back_as_they_were_read() throws Exception {
        var text = "Bowl\nServes 2\nBase:\n200 g rice\nDressing:\n1 jar harissa\npack: peppers, celery seed";
        var back = Recipe.read(JsonLdRecipe.read(JsonLdRecipe.write(text, "")).text(), Volumes.METRIC, new Law("uk"));
        assertThat(back.parts()).extracting(Part::name).containsExactly("Base", "Dressing");
        assertThat(back.lines().getLast().declaration()).isPresent();
    }

    @Test
    void ingredients_changed_elsewhere_win_over_the_text_kept_beside_them() throws Exception {
        var text = "Bowl\nDressing:\n3 tbsp tahini\npack: sesame";
        var elsewhere = JsonLdRecipe.write(text, "").replace("\"3 tbsp tahini\"", "\"3 tbsp peanut butter\"");
        assertThat(JsonLdRecipe.read(elsewhere).text()).contains("peanut butter").doesNotContain("tahini");
    }

    @Test
    void pages_that_wrap_the_recipe_are_opened() throws Exception {
        assertThat(JsonLdRecipe
                .read("{\"@context\": \"https://schema.org\", \"@graph\": [{\"@type\": \"WebPage\"}, " + CAME + "]}")
                .text()).startsWith("Bean dip");
        assertThat(JsonLdRecipe.read("{\"@type\": \"WebPage\", \"mainEntity\": " + CAME + "}").text())
                .startsWith("Bean dip");
        assertThatThrownBy(() -> JsonLdRecipe.read("[".repeat(400) + "]".repeat(400)))
                .isInstanceOf(RecipeFile.Unreadable.class);
        assertThatThrownBy(() -> JsonLdRecipe.read("[".repeat(40_000))).isInstanceOf(RecipeFile.Unreadable.class)
                .hasMessageContaining("not JSON");
        assertThatThrownBy(() -> JsonLdRecipe.read("{\"@type\": \"Recipe\", \"name\": \"No list\"}"))
                .hasMessageContaining("recipeIngredient");
    }
}
