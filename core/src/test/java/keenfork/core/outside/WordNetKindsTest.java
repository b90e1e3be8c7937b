package keenfork.core.outside;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.Set;
import java.util.TreeSet;
import keenfork.core.food.Family;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import net.sf.extjwnl.JWNLException;
import net.sf.extjwnl.data.POS;
import net.sf.extjwnl.data.PointerType;
import net.sf.extjwnl.data.Synset;
import net.sf.extjwnl.dictionary.Dictionary;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What a general dictionary calls a kind of food is in the family of that food. Source: WordNet 3.1 (Princeton
/// University), hypernyms of the senses that are foods and plants.
class WordNetKindsTest {
    private static final Set<String> OF_FOOD = Set.of("noun.food", "noun.plant");
    /// what a kitchen calls by another name, and whoever avoids the one may avoid all the same
    private static final Set<String> MAY = Set.of("biscuit", "cracker", "danish pastry", "meatloaf", "muffin",
            "oatcake",
            "scone", "wafer", "water biscuit", "yorkshire pudding", "couscous", "egg noodle", "noodle", "wonton",
            "frangipane", "mustard", "sprinkles");
    /// what is of its kind for a botanist alone, or by another sense of its name
    private static final Set<String> OF_ANOTHER_SENSE = Set.of("persimmon", "cucumber", "tonka bean", "almond", "olive",
            "black olive", "green olive", "blackberry", "raspberry", "elderberry", "jujube", "chicory");
    private static Dictionary wordnet;

    @BeforeAll
    static void open() throws JWNLException { wordnet = Dictionary.getDefaultResourceInstance(); }

    @ParameterizedTest
    @CsvSource({"mushroom, mushroom", "chilli, chili", "citrus, citrus", "berry, berry", "melon, melon",
            "squash, squash", "legume, legume", "bean, bean", "pea, pea", "bread, bread", "pasta, pasta",
            "noodle, noodle", "pastry, pastry", "wine, wine", "beer, beer", "chocolate, chocolate", "plum, plum",
            "pear, pear", "cherry, cherry", "grape, grape", "potato, potato", "tomato, tomato",
            "cucumber, cucumber", "lettuce, lettuce", "cabbage, crucifer", "root vegetable, root vegetable",
            "stone fruit, stone fruit", "dried fruit, dried fruit", "game, game", "offal, variety meat",
            "sausage, sausage", "olive, olive", "raisin, raisin", "corn, corn", "rice, rice", "mint, mint",
            "coffee, coffee", "vinegar, vinegar", "nightshade, solanaceous vegetable", "sugar, sugar"})
    void a_kind_of_it_is_in_its_family(String family, String above) throws JWNLException {
        var missing = new TreeSet<String>();
        for (var food : Foods.shipped().all()) {
            var least = MAY.contains(food.name()) ? Family.Held.MAY : Family.Held.YES;
            if (isBelow(food, above) && Family.of(family).in(food.name()).compareTo(least) < 0)
                missing.add(food.name());
        }
        missing.removeAll(OF_ANOTHER_SENSE);
        assertThat(missing).isEmpty();
    }

    private static boolean isBelow(Food food, String above) throws JWNLException {
        var word = wordnet.getIndexWord(POS.NOUN, food.name());
        if (word == null || !word.getLemma().equals(food.name())) return false;
        var senses = word.getSenses();
        for (var i = 0; i < senses.size(); i++)
            if (OF_FOOD.contains(senses.get(i).getLexFileName()) && isBelow(senses.get(i), above, new HashSet<>()))
                return true;
        return false;
    }

    private static boolean isBelow(Synset sense, String above, Set<Long> seen) throws JWNLException {
        if (!seen.add(sense.getOffset())) return false;
        for (var next : new ArrayList<>(sense.getTargets(PointerType.HYPERNYM))) {
            var synset = next.getSynset();
            if (synset.containsWord(above) || isBelow(synset, above, seen)) return true;
        }
        return false;
    }
}
