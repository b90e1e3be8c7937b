package keenfork.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class GuestCardTest {
    private static final List<String> MENU = List.of("Dip", "Slaw", "Soup");

    /// @param answers for each dish of the menu: e eats, w without, a asks, g goes, - not on it
    private static GuestCard card(String answers) {
        var lists = List.of(new ArrayList<String>(), new ArrayList<String>(), new ArrayList<String>(),
                new ArrayList<String>());
        for (var i = 0; i < MENU.size(); i++)
            if (answers.charAt(i) != '-') lists.get("ewag".indexOf(answers.charAt(i))).add(MENU.get(i));
        return new GuestCard("Table 4", "uk", "sesame", lists.get(0), lists.get(1), lists.get(2), lists.get(3));
    }

    @Test
    void a_dish_they_must_not_eat_any_more_can_hurt() {
        var difference = GuestCard.between(card("eea"), card("ega"));
        assertThat(difference.missing()).containsExactly("Slaw: they go without now. The card says: they eat it.");
        assertThat(difference.canHurt()).isTrue();
        assertThat(GuestCard.between(card("eeg"), card("eee")).canHurt()).as("one more for them").isFalse();
        assertThat(GuestCard.between(card("ee-"), card("eee")).gone())
                .containsExactly("Soup: they eat it. It was not on the menu.");
        assertThat(GuestCard.between(card("eee"), card("ee-")).gone())
                .containsExactly("Soup is not on the menu any more.");
    }

    @Test
    void a_card_for_people_who_avoid_something_else_is_wrong() {
        var other = new GuestCard("Table 4", "uk", "sesame, nuts", List.of("Dip"), List.of(), List.of(), List.of());
        assertThat(GuestCard
                .between(new GuestCard("Table 4", "uk", "sesame", List.of("Dip"), List.of(), List.of(), List.of()),
                        other)
                .canHurt()).isTrue();
    }

    @Provide
    Arbitrary<String> answers() { return Arbitraries.strings().withChars("ewag-").ofLength(3); }

    @Property
    void no_two_cards_that_differ_pass_for_the_same(@ForAll("answers") String printed, @ForAll("answers") String now) {
        assertThat(GuestCard.between(card(printed), card(now)).isNone()).isEqualTo(printed.equals(now));
        assertThat(card(printed).fingerprint().equals(card(now).fingerprint())).isEqualTo(printed.equals(now));
    }
}
