package keenfork.core.label;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.food.Substances;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

class StatementTest {
    private static List<String> bold(Statement statement) {
        return statement.ingredients().stream().flatMap(i -> i.runs().stream()).filter(Statement.Run::bold).map(Statement.Run::text).toList();
    }

    /// Regulation (EU) No 1169/2011, Article 18 (1): descending order of weight, as recorded at the time of use.
    @Test void ingredients_stand_by_falling_weight() {
        var statement = Statement.compose(derived("20 g salt", "1 kg chickpeas", "3 tbsp tahini", "200 g olive oil"), UK);
        assertThat(statement.ingredients()).extracting(Statement.Item::text).containsExactly("chickpea", "olive oil", "tahini (sesame)", "salt");
    }

    /// Article 21 (1) (b): the name of the substance is set off from the rest of the list.
    @Test void allergens_are_bold_by_name() {
        var statement = Statement.compose(derived("300 g couscous", "100 g feta", "50 g almonds", "1 egg", "10 g anchovies"), UK);
        assertThat(bold(statement)).containsExactlyInAnyOrder("wheat", "milk", "almond", "egg", "fish");
    }

    @Test void a_read_pack_opens_up_into_its_list_with_its_allergens_bold() {
        var statement = Statement.compose(derived("1 jar harissa", "pack: Ingredients: peppers, spice mix (caraway, celery seed). May contain mustard."), UK);
        assertThat(statement.ingredients().getFirst().text()).isEqualTo("harissa (peppers, spice mix (caraway, celery seed))");
        assertThat(bold(statement)).containsExactly("celery seed");
        assertThat(statement.may()).containsExactly("mustard");
    }

    @Test void each_rule_book_speaks_in_its_own_words() {
        assertThat(Statement.compose(derived("50 g pine nuts", "10 g anchovies"), US).sentences()).containsExactly("Contains: fish (anchovy), tree nuts (pine nut).");
        assertThat(Statement.compose(derived("50 g hazelnuts", "100 g farro"), UK).sentences()).containsExactly("Contains: cereals containing gluten (wheat), nuts (hazelnut).");
    }

    @Test void contact_and_not_known_are_said_plainly() {
        var facts = new Facts(UK, List.of(new Fact.Contact("A dish", "Base", List.of(Substances.shipped().get("almond")), "after pesto on the blender, not washed")));
        var statement = Statement.compose(Derivation.of(aDish("1 lettuce", "2 tbsp chilli oil"), facts), UK);
        assertThat(statement.sentences()).containsExactly("Made with shared kit that held: nuts (almond).", "Not known: peanut, sesame, soya. Ask us before you eat this.");
    }

    @Test void another_nut_that_a_pack_warns_of_is_said_beside_the_one_that_is_in_it() {
        var statement = Statement.compose(derived("50 g almonds", "pack: almonds. May contain cashews and almonds."), UK);
        assertThat(statement.contains()).containsExactly("nuts (almond)");
        assertThat(statement.may()).containsExactly("nuts (cashew)");
    }

    @Test void a_member_that_is_not_known_is_said_beside_the_one_that_is_in_it() {
        var statement = Statement.compose(derived("50 g almonds", "1 slice of bread", "2 tbsp harissa"), UK);
        assertThat(statement.contains()).containsExactly("cereals containing gluten (wheat)", "nuts (almond)");
        assertThat(statement.unknown()).contains("nuts").anyMatch(u -> u.startsWith("cereals containing gluten"));
        assertThat(Statement.compose(derived("1 cup zugwort"), US).unknown()).contains("fish", "tree nuts").noneMatch(u -> u.contains("anything"));
    }

    @Test void an_order_that_the_ranges_leave_open_is_marked() {
        var statement = Statement.compose(derived("1 bunch parsley", "4 lemons", "60 g mint", "2 kg rice"), UK);
        assertThat(statement.ingredients()).filteredOn(i -> i.text().equals("rice")).noneMatch(Statement.Item::open);
        assertThat(statement.ingredients()).filteredOn(i -> i.text().equals("parsley")).allMatch(Statement.Item::open);
    }
}
