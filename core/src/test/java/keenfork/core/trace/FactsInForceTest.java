package keenfork.core.trace;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.derived;
import static keenfork.core.Kit.marks;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import keenfork.core.food.OwnWeights;
import keenfork.core.food.Substances;
import keenfork.core.measure.Span;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import org.junit.jupiter.api.Test;

/// What a change of the facts changes on the map, and what a kitchen says for itself.
class FactsInForceTest {
    private static Fact.PackInUse pack(String food, String declaration, boolean inDate) {
        return new Fact.PackInUse(food, "The " + food, Declaration.read(declaration, new Law("uk")), "read today",
                inDate);
    }

    private static Facts linked(String line, String declaration, boolean inDate) {
        return new Facts(UK, List.of(new Fact.LineUses("A dish", line, pack("anything", declaration, inDate))));
    }

    @Test
    void a_pack_linked_to_a_line_says_what_its_words_did_not() {
        var derivation = Derivation.of(aDish("2 tbsp zugwort"),
                linked("2 tbsp zugwort", "soya beans, salt. May contain sesame.", true));
        assertThat(marks(derivation, UK)).containsExactly("sesame:may-contain", "soybeans:contains");
        assertThat(derivation.questions()).isEmpty();
    }

    /// "300 g Tahini dressing" is the kitchen's own, and "rice" is rice, whatever a dish is called.
    @Test
    void a_line_that_names_another_dish_brings_what_is_in_it() {
        var facts = new Facts(UK, Stream.of("Tahini dressing\n3 tbsp tahini", "Rice\n1 kg rice\n200 g almonds")
                .map(t -> Recipe.read(t, Volumes.METRIC, new Law("uk"))).<Fact>map(Fact.OtherDish::new).toList());
        assertThat(marks(Derivation.of(aDish("300 g Tahini dressing"), facts), UK)).containsExactly("sesame:contains");
        assertThat(Derivation.of(aDish("300 g tahini dressing, thinned"), facts).recipe().lines().getFirst().dish())
                .isEqualTo("Tahini dressing");
        assertThat(marks(Derivation.of(aDish("1 kg rice"), facts), UK)).as("no almonds").isEmpty();
        assertThat(Derivation.of(aDish("200 g feta tahini dressing"), facts).recipe().lines().getFirst().dish())
                .as("something stands before it").isEmpty();
    }

    @Test
    void a_linked_pack_that_is_long_due_only_adds() {
        var derivation = Derivation.of(aDish("2 tbsp zugwort"), linked("2 tbsp zugwort", "soya beans, salt.", false));
        assertThat(marks(derivation, UK)).contains("soybeans:contains", "celery:not-known").hasSize(14);
    }

    @Test
    void a_link_holds_for_the_line_as_written_and_its_dish_only() {
        assertThat(marks(Derivation.of(aDish("3 tbsp zugwort"), linked("2 tbsp zugwort", "soya beans.", true)), UK))
                .contains("celery:not-known");
    }

    @Test
    void a_linked_pack_goes_before_the_one_for_the_food() {
        var facts = new Facts(UK, List.of(pack("miso", "soya beans, barley, salt", true),
                new Fact.LineUses("A dish", "2 tbsp miso", pack("miso", "soya beans, rice, salt", true))));
        assertThat(marks(Derivation.of(aDish("2 tbsp miso"), facts), UK)).containsExactly("soybeans:contains");
        assertThat(marks(Derivation.of(aDish("3 tbsp miso"), facts), UK)).containsExactly("gluten:contains",
                "soybeans:contains");
    }

    /// The usual pack says nothing about another one.
    @Test
    void a_line_linked_to_an_unread_pack_is_not_answered_by_the_usual_one() {
        var facts = new Facts(UK, List.of(pack("miso", "soya beans, rice, salt", true),
                new Fact.LineUses("A dish", "2 tbsp miso", null)));
        assertThat(marks(Derivation.of(aDish("2 tbsp miso"), facts), UK)).isEqualTo(marks(UK, "2 tbsp miso"))
                .contains("gluten:not-known");
    }

    @Test
    void a_difference_is_told_by_group_with_what_was_and_what_is() {
        var before = derived("2 tbsp tahini", "50 g feta").under(UK);
        var after = derived("2 tbsp tahini", "100 g almonds", "Topping:", "50 g feta").under(UK);
        var found = Difference.between(before, after);
        assertThat(found).extracting(d -> d.group().id()).containsExactly("milk", "nuts");
        assertThat(found.getFirst().isWorse()).as("milk comes off now").isFalse();
        assertThat(found.getLast().isWorse()).isTrue();
        assertThat(found.getLast().before()).isEmpty();
        assertThat(Difference.between(before, before)).isEmpty();
        assertThat(Difference.between(after, before)).extracting(Difference::isWorse).containsExactly(true, false);
        assertThatThrownBy(() -> Difference.between(before, derived("1 egg").under(US)))
                .hasMessageContaining("one rule book");
    }

    @Test
    void another_nut_is_a_difference_too() {
        assertThat(Difference.between(derived("100 g almonds").under(UK), derived("100 g walnuts").under(UK)))
                .hasSize(1);
    }

    @Test
    void a_group_opened_into_its_members_tells_each_apart() {
        var nuts = UK.group("nuts").orElseThrow();
        var almond = Substances.shipped().find("almond").orElseThrow();
        var walnut = Substances.shipped().find("walnut").orElseThrow();
        var one = derived("100 g almonds").under(UK);
        assertThat(one.member(nuts, almond).orElseThrow().certainty()).isEqualTo(Certainty.CONTAINS);
        assertThat(one.member(nuts, walnut)).isEmpty();
        assertThat(derived("100 g mixed nuts").under(UK).member(nuts, walnut).orElseThrow().certainty())
                .as("nuts may be walnuts").isEqualTo(Certainty.NOT_KNOWN);
        assertThat(derived("1 tbsp zugwort").under(UK).member(nuts, walnut).orElseThrow().certainty())
                .isEqualTo(Certainty.NOT_KNOWN);
    }

    /// No mark of a group may be lost when the group is opened.
    @Test
    void what_a_group_carries_is_carried_by_a_member() {
        for (var lines : List.of("100 g almonds", "100 g mixed nuts", "200 g rye bread", "2 tbsp zugwort",
                "1 tbsp pesto", "200 g oats"))
            for (var mark : derived(lines).under(UK).marks())
                assertThat(mark.group().members().stream()
                        .flatMap(m -> derived(lines).under(UK).member(mark.group(), m).stream()))
                                .as("%s, %s", lines, mark.group()).isNotEmpty();
    }

    @Test
    void a_kitchen_weighs_its_own_bunch() {
        var own = new OwnWeights(
                Map.of("mint", Map.of("bunch", Span.parse("20-25-30"), OwnWeights.MILLILITRE, Span.parse("0.2"))));
        var ours = Recipe.read("A dish\n2 bunches mint\n1 cup mint\n1 bunch dill", Volumes.METRIC, new Law("uk"), own)
                .lines();
        assertThat(ours.getFirst().weighed().orElseThrow().likelyGrams()).isEqualTo(50);
        assertThat(ours.get(1).weighed().orElseThrow().likelyGrams()).isEqualTo(50);
        assertThat(ours.getLast().mass()).isEqualTo(aDish("1 bunch dill").lines().getFirst().mass());
    }
}
