package keenfork.core.recipe;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.aLine;
import static keenfork.core.Kit.derived;
import static keenfork.core.Kit.groups;
import static keenfork.core.Kit.marks;
import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.food.Food;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Question;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/// Bought things that are called after two of the foods they hold (common practice): one product, one pack to read, and
/// nothing that the name makes sure of is lost.
class CalledAfterTest {
    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/corpus/called-after.txt", delimiter = '|')
    void the_product_is_weighed_and_asked_about_once(String line, String food, String group) {
        assertThat(aLine(line).food().map(Food::name)).contains(food);
        assertThat(derived(line).questions()).extracting(Question::ask)
                .containsExactly("Read the pack: what is in the " + food + "?");
        if (!group.equals("-")) assertThat(groups(derived(line), UK, Certainty.CONTAINS)).contains(group);
    }

    @ParameterizedTest
    @CsvSource({"cheese and crackers, cheese", "mash & steak pie, mashed potato", "custard and apple crumble, custard",
            "ham and mustard mayo, ham", "cream & apple pie, double cream", "prawns with leek and potato soup, prawn"})
    void what_only_stands_beside_it_is_weighed_by_itself(String line, String food) {
        assertThat(aLine(line).food().map(Food::name)).contains(food);
    }

    @Test
    void its_pack_replaces_what_its_name_said() {
        var read = derived("cheese & onion pasty", "Pack (uk): wheat flour, onion, cheese (milk), rapeseed oil, salt");
        assertThat(marks(read, UK)).containsExactlyInAnyOrder("gluten:contains", "milk:contains");
        assertThat(read.questions()).isEmpty();
    }

    @Test
    void what_its_pack_does_not_name_is_no_part_of_it() {
        var read = derived("prawn & potato pasty", "Pack (uk): wheat flour, potato, rapeseed oil, salt");
        assertThat(groups(read, UK, Certainty.CONTAINS)).contains("gluten", "crustaceans");
    }

    @Test
    void twelve_of_them_weigh_as_twelve_of_the_product() {
        var pies = aLine("chicken & mushroom pie x12").mass();
        assertThat(pies).isEqualTo(aLine("12 pies").mass());
        assertThat(aLine("ham & mushroom pizza slices 20").mass()).isEqualTo(aLine("20 slices pizza").mass());
        assertThat(aLine("leek & potato soup 5 l").mass()).isEqualTo(aLine("soup 5 l").mass());
    }
}
