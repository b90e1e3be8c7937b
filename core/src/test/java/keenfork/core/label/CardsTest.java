package keenfork.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Counter cards of dishes with their packs, word for word under each rule book, as an officer would have them.
class CardsTest {
    record Card(String dish, String text, String book, String says) {
        @Override
        public String toString() { return dish + ", " + book; }
    }

    static Stream<Card> cards() {
        return Stream.of("cards.txt", "cards-aside.txt", "cards-last.txt").flatMap(CardsTest::cards);
    }

    private static Stream<Card> cards(String file) {
        return Kit.blocks("/keenfork/core/label/" + file).flatMap(block -> {
            var lines = block.lines().toList();
            var text = lines.stream().filter(l -> !l.contains(" | ")).collect(Collectors.joining("\n"));
            return lines.stream().filter(l -> l.contains(" | ")).flatMap(line -> {
                var at = line.indexOf(" | ");
                return Arrays.stream(line.substring(0, at).split(", "))
                        .map(book -> new Card(lines.getFirst(), text, book, line.substring(at + 3)));
            });
        });
    }

    @ParameterizedTest(name = "{0}") @MethodSource("cards")
    void a_card_says_what_the_law_wants(Card card) {
        var book = RuleBook.named(card.book).orElseThrow();
        var dish = Derivation.of(Recipe.read(card.text, Volumes.METRIC, new Law("uk")), Facts.none(book));
        assertThat(PrintedStatement.of(Statement.compose(dish, book), false).text())
                .isEqualTo(card.dish + ". " + card.says);
    }
}
