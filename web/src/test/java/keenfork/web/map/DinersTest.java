package keenfork.web.map;

import static keenfork.web.ADish.derived;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import keenfork.core.covers.Eats;
import keenfork.core.people.Avoidance;
import keenfork.core.regime.RuleBook;
import keenfork.web.persistence.guest.Events;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;

class DinersTest {
    private static final List<RuleBook> BOOKS = RuleBook.all();

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"egg + sesame | eggs, sesame", "Egg, Sesame and milk | eggs, sesame, milk",
                    "Gluten cereals | gluten cereals", "vegan; honey | not vegan, honey",
                    "cashew & pistachio | cashew, pistachio"})
    void what_is_avoided_is_read_as_people_say_it(String typed, String words) {
        assertThat(Diners.avoiding("", typed, RuleBook.uk()).avoided()).extracting(Avoidance::words)
                .containsExactly(words.split(", "));
    }

    /// Nobody may be shown as eating a dish while a word of what they avoid is not understood.
    @Test
    void a_word_that_is_not_read_shows_no_dish_as_eaten() {
        var diners = Diners.avoiding("Table 6", "sesame, zugwort", RuleBook.uk());
        assertThat(diners.unread()).containsExactly("zugwort");
        assertThat(diners.eat(derived("Salad\n1 lettuce"))).isEqualTo(Eats.CANNOT_SAY);
        assertThat(diners.eat(derived("Dip\n3 tbsp tahini"))).isEqualTo(Eats.GOES_WITHOUT);
        assertThat(Diners.avoiding("", "zugwort", RuleBook.uk()).isEveryone()).isFalse();
    }

    /// A list in an address was cut at 300 letters, and what stood behind was eaten.
    @Test
    void the_last_word_of_a_long_list_counts() {
        var asked = new MapQuery(null, null, null, null, null, null, "no celery, ".repeat(40) + "sesame", null);
        assertThat(Diners.of(asked, List.of(), RuleBook.uk()).eat(derived("Dip\n3 tbsp tahini")))
                .isEqualTo(Eats.GOES_WITHOUT);
    }

    /// A group kept under one rule book is asked for under another: what it avoids must not get lost on the way.
    @ParameterizedTest @FieldSource("BOOKS")
    void people_are_kept_safe_from_another_books_words(RuleBook book) {
        for (var avoids : List.of("gluten", "eggs", "nuts", "peanuts", "milk", "fish", "sesame", "celery", "sulphites",
                "vegan", "pregnancy")) {
            var diners = Diners.of(new MapQuery(null, null, null, null, null, 1L, null, null),
                    List.of(new Events.Guests(1, "They", 2, avoids)), book);
            assertThat(diners.avoided().size() + diners.unread().size()).as("%s under %s", avoids, book).isEqualTo(1);
            assertThat(diners.eat(derived(
                    "Bread salad\n1 loaf bread\n2 eggs\n50 g almonds\n50 g peanuts\n50 g feta\n1 tin tuna\n"
                            + "3 tbsp tahini\n1 celery stick\n50 g dried apricots\n100 g brie")))
                                    .as("%s under %s", avoids, book).isNotIn(Eats.AS_MADE, Eats.HELD_BACK);
        }
    }
}
