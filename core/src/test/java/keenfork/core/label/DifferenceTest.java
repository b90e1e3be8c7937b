package keenfork.core.label;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.US;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Objects;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class DifferenceTest {
    private static OnPaper paper(String... lines) { return OnPaper.of(Statement.compose(derived(lines), UK), true); }

    private static OnPaper paper(List<String> in, List<String> may, List<String> contact, List<String> unknown) { return new OnPaper("Dip", "uk", "en", List.of(), in, may, contact, unknown, ""); }

    @Test void the_same_dish_says_the_same() {
        assertThat(Difference.between(paper("1 kg rice", "100 g tahini"), paper("1 kg rice", "100 g tahini")).isNone()).isTrue();
        assertThat(paper("1 kg rice", "100 g tahini").fingerprint()).isEqualTo(paper("1 kg rice", "100 g tahini").fingerprint()).isNotEqualTo(paper("1 kg rice", "100 g almonds").fingerprint());
    }

    @Test void what_came_in_is_missing_and_can_hurt_and_what_went_is_gone() {
        var difference = Difference.between(paper("1 kg rice", "100 g tahini"), paper("1 kg rice", "100 g almonds"));
        assertThat(difference.missing()).containsExactly("Nuts (almond) is in it. The label does not say so.");
        assertThat(difference.gone()).containsExactly("Sesame is not found any more.");
        assertThat(difference.words()).containsExactly("The list of ingredients reads otherwise now.");
        assertThat(difference.canHurt()).isTrue();
    }

    /// The run is asked for the cause of what came by shared kit, and of what went with it.
    @Test void a_contact_that_came_or_went_may_be_explained_by_the_run() {
        var none = paper(List.of(), List.of(), List.of(), List.of());
        var contact = paper(List.of(), List.of(), List.of("sesame"), List.of());
        assertThat(Difference.between(none, contact).byKit()).isTrue();
        assertThat(Difference.between(contact, none).byKit()).isTrue();
        assertThat(Difference.between(contact, contact).byKit()).isFalse();
        assertThat(Difference.between(none, paper(List.of("sesame"), List.of(), List.of(), List.of())).byKit()).isFalse();
    }

    @Test void another_nut_is_another_thing_to_say() {
        assertThat(Difference.between(paper("50 g almonds", "50 g cashews"), paper("50 g almonds", "50 g walnuts")).missing()).containsExactly("Nuts (walnut) is in it. The label does not say so.");
    }

    @Test void more_surely_can_hurt_and_less_surely_does_not() {
        var perhaps = paper(List.of(), List.of("mustard"), List.of(), List.of());
        var surely = paper(List.of("mustard"), List.of(), List.of(), List.of());
        assertThat(Difference.between(perhaps, surely).missing()).containsExactly("Mustard is in it. The label says only that it may be in it, a pack says.");
        assertThat(Difference.between(surely, perhaps).canHurt()).isFalse();
        assertThat(Difference.between(surely, perhaps).gone()).hasSize(1);
        assertThat(Difference.between(paper(List.of(), List.of(), List.of(), List.of("mustard")), paper(List.of(), List.of(), List.of("mustard"), List.of())).canHurt()).as("known to be on the kit, where nothing was known before").isTrue();
    }

    @Test void another_rule_book_is_said() {
        var us = OnPaper.of(Statement.compose(derived("100 g celery"), US), false);
        assertThat(Difference.between(us, OnPaper.of(Statement.compose(derived("100 g celery"), UK), false)).all()).containsExactly("Celery is in it. The label does not say so.", "It follows another rule book now.");
    }

    @Test void a_claim_that_does_not_stand_any_more_can_hurt() {
        var vegan = paper("1 kg rice").claiming(List.of("vegan"));
        assertThat(Difference.between(vegan, paper("1 kg rice")).missing()).containsExactly("It claims “Vegan”. That does not stand any more.");
        assertThat(Difference.between(vegan, vegan).isNone()).isTrue();
        assertThat(vegan.fingerprint()).isNotEqualTo(paper("1 kg rice").fingerprint());
    }

    @Test void what_is_on_paper_can_be_printed_once_more_as_it_was() {
        var paper = paper("300 g couscous", "50 g almonds", "20 g cashews", "100 g tahini");
        assertThat(paper.runs().stream().filter(Statement.Run::bold).map(Statement.Run::text)).containsExactly("wheat", "sesame", "almond", "cashew");
        assertThat(String.join("", paper.runs().stream().map(Statement.Run::text).toList())).isEqualTo("couscous (wheat), tahini (sesame), almond, cashew");
        assertThat(OnPaper.grouped(paper.contains())).containsExactly("cereals containing gluten (wheat)", "nuts (almond, cashew)", "sesame");
    }

    @Test void a_list_stands_for_what_is_in_it_only_where_it_emphasises_all_of_it() {
        assertThat(paper("50 g almonds", "20 g cashews", "100 g tahini").listSaysAll()).isTrue();
        var milk = new OnPaper("Dip", "uk", "en", List.of(), List.of("milk", "nuts (almond)"), List.of(), List.of(), List.of(), "peas, butter (*milk*), almond");
        assertThat(milk.listSaysAll()).as("almond is not in bold").isFalse();
        assertThat(OnPaper.of(Statement.compose(derived("1 kg rice"), UK), false).listSaysAll()).as("no list").isFalse();
    }

    @Test void what_is_no_label_is_turned_down() {
        for (var wrong : List.of("", "Almond dip", "name: Dip\nhello")) assertThatThrownBy(() -> OnPaper.parse(wrong)).isInstanceOf(IllegalArgumentException.class);
    }

    @Provide Arbitrary<OnPaper> papers() {
        var names = Arbitraries.of("milk", "nuts (almond)", "nuts (cashew)", "sesame", "fish (cod)").set().ofMaxSize(3).map(List::copyOf);
        return Combinators.combine(Arbitraries.strings().withChars("Aa é\n:;,()").ofMinLength(1).ofMaxLength(12).map(s -> "x" + s.strip()), names, names, names, names, Arbitraries.of("", "rice, tahini (sesame)")).as((name, in, may, contact, unknown, list) ->
                new OnPaper(name.replaceAll("\\s+", " "), "uk", in.isEmpty() ? "fr" : "en", may.isEmpty() ? List.of("vegan") : List.of(), in, may, contact, unknown, list));
    }

    @Property(tries = 300) void what_is_written_down_is_read_back(@ForAll("papers") OnPaper paper) {
        assertThat(OnPaper.parse(paper.text())).isEqualTo(paper);
    }

    /// No label is held for true on which something is missing: it is the same only where all is said alike.
    @Property(tries = 500) void nothing_that_is_so_is_left_unsaid_without_a_word(@ForAll("papers") OnPaper printed, @ForAll("papers") OnPaper now) {
        var difference = Difference.between(printed, now);
        for (var name : now.named()) {
            var said = printed.level(name);
            if (said == null || said.compareTo(Objects.requireNonNull(now.level(name))) > 0) assertThat(difference.canHurt()).as(name).isTrue();
        }
    }
}
