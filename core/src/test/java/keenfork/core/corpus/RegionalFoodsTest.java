package keenfork.core.corpus;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.derived;
import static keenfork.core.Kit.groups;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.trace.Certainty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/// What is in foods of regional kitchens, under the names they have there, and in made dishes that a line names (common
/// practice; the groups are those of Regulation (EU) No 1169/2011, Annex II, as retained in the UK). None is silent,
/// and none is a word not read.
class RegionalFoodsTest {
    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = {"/corpus/regional.txt", "/corpus/made-dishes.txt"}, delimiter = '|')
    void a_food_is_read_and_not_silent(String name, String expected) {
        var derived = derived("100 g " + name);
        assertThat(derived.recipe().lines().getFirst().words().unread()).isEmpty();
        var marked = derived.under(UK).marks().stream().map(m -> m.group().id()).toList();
        if (expected.equals("-")) assertThat(groups(derived, UK, Certainty.CONTAINS)).isEmpty();
        else assertThat(marked).containsAll(List.of(expected.split(" ")));
    }
}
