package keenfork.core.trace;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.derived;
import static keenfork.core.Kit.groups;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.regime.RuleBook;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is in the foods of the trade under two laws, assumed or certain. Groups: Regulation (EU) No 1169/2011, Annex
/// II, as retained in the UK; and FALCPA with the FASTER Act and the FDA list of 2025. What a food holds: common
/// practice. A dash: nothing is in it.
class FoodsOfTheTradeTest {
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', value = {
            "50 g almonds | nuts | tree-nuts",
            "50 g brazil nuts | nuts | tree-nuts",
            "50 g cashews | nuts | tree-nuts",
            "50 g hazelnuts | nuts | tree-nuts",
            "50 g macadamias | nuts | tree-nuts",
            "50 g pecans | nuts | tree-nuts",
            "50 g pistachios | nuts | tree-nuts",
            "50 g walnuts | nuts | tree-nuts",
            "50 g chestnuts | - | -",
            "50 g desiccated coconut | - | -",
            "50 g peanuts | peanuts | peanuts",
            "2 tbsp peanut butter | peanuts | peanuts",
            "2 tbsp almond butter | nuts | tree-nuts",
            "2 tbsp sunflower seed butter | - | -",
            "1 tbsp walnut oil | nuts | tree-nuts",
            "1 tbsp sesame oil | sesame | sesame",
            "1 tbsp za'atar | sesame | sesame",
            "1 tbsp dukkah | nuts sesame | sesame tree-nuts",
            "100 g hummus | sesame | sesame",
            "200 g pearl barley | gluten | -",
            "200 g rye | gluten | -",
            "200 g oats | gluten | -",
            "200 g semolina | gluten | wheat",
            "200 g pasta | gluten | wheat",
            "200 g egg noodles | eggs gluten | eggs wheat",
            "200 g seitan | gluten | wheat",
            "200 g rice noodles | - | -",
            "200 g quinoa | - | -",
            "200 g millet | - | -",
            "200 g sorghum | - | -",
            "200 g polenta | - | -",
            "200 ml oat milk | gluten | -",
            "200 ml almond milk | nuts | tree-nuts",
            "200 ml soya milk | soybeans | soybeans",
            "200 ml milk | milk | milk",
            "100 g butter | milk | milk",
            "100 g ghee | milk | milk",
            "100 g feta | milk | milk",
            "100 g goat's cheese | milk | milk",
            "100 g ricotta | milk | milk",
            "100 g labneh | milk | milk",
            "100 ml double cream | milk | milk",
            "100 g tofu | soybeans | soybeans",
            "100 g edamame | soybeans | soybeans",
            "2 tbsp soy sauce | gluten soybeans | soybeans wheat",
            "2 tbsp tamari | soybeans | soybeans",
            "2 tsp barley miso | gluten soybeans | soybeans",
            "1 egg | eggs | eggs",
            "2 egg whites | eggs | eggs",
            "2 tbsp mayonnaise | eggs | eggs",
            "1 tbsp Dijon mustard | mustard | -",
            "1 tsp mustard seeds | mustard | -",
            "2 sticks celery | celery | -",
            "1 tsp celery salt | celery | -",
            "1 bunch lovage | celery | -",
            "10 g anchovies | fish | fish",
            "100 g smoked mackerel | fish | fish",
            "1 tbsp fish sauce | fish | fish",
            "10 g bonito flakes | fish | fish",
            "100 g prawns | crustaceans | crustacean-shellfish",
            "100 g crab meat | crustaceans | crustacean-shellfish",
            "100 g squid | molluscs | -",
            "100 g mussels | molluscs | -",
            "1 tbsp oyster sauce | gluten molluscs soybeans | soybeans wheat",
            "50 g lupin flour | lupin | -",
            "100 ml white wine | sulphites | sulfites",
            "1 tbsp malt vinegar | gluten | -",
            "1 tbsp rice vinegar | - | -",
            "200 ml beer | gluten | -",
            "100 g pesto | milk nuts | milk tree-nuts",
            "50 g croutons | gluten | wheat",
            "2 slices bread | gluten | wheat",
            "2 pittas | gluten | wheat",
            "50 g rye crumb | gluten | -",
            "1 tbsp caesar dressing | eggs fish milk | eggs fish milk",
            "100 g tzatziki | milk | milk",
            "1 tbsp gochujang | gluten soybeans | soybeans",
            "20 g furikake | sesame | sesame",
            "50 g granola | gluten | -",
            "1 tbsp honey | - | -",
            "50 g mixed nuts | nuts peanuts | peanuts tree-nuts",
            "1 tsp nutmeg | - | -",
            "1 tsp cream of tartar | - | -",
            "1 aubergine | - | -",
            "100 g oyster mushrooms | - | -",
            "2 tbsp cocoa butter | - | -",
            "200 g chickpeas | - | -",
            "200 g butter beans | - | -",
            "1 tbsp fenugreek | - | -",
            "100 g buckwheat flour | - | -"})
    void hold_what_they_hold(String line, String uk, String us) {
        assertThat(contained(line, UK)).isEqualTo(said(uk));
        assertThat(contained(line, US)).isEqualTo(said(us));
    }

    private static List<String> contained(String line, RuleBook book) {
        return groups(derived(line), book, Certainty.CONTAINS).stream().sorted().toList();
    }

    private static List<String> said(String groups) {
        return groups.equals("-") ? List.of() : List.of(groups.split(" "));
    }
}
