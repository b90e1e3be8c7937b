package keenfork.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
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

    static List<Card> cards() throws IOException {
        try (var in = Objects.requireNonNull(CardsTest.class.getResourceAsStream("cards.txt"))) {
            var all = new ArrayList<Card>();
            for (var block : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("(?m)^== ")) {
                if (block.startsWith("#")) continue;
                var lines = block.lines().toList();
                var text = String.join("\n", lines.stream().filter(l -> !l.contains(" | ")).toList());
                for (var line : lines)
                    if (line.contains(" | "))
                        for (var book : line.substring(0, line.indexOf(" | ")).split(", "))
                            all.add(new Card(lines.getFirst(), text, book, line.substring(line.indexOf(" | ") + 3)));
            }
            return all;
        }
    }

    @ParameterizedTest(name = "{0}") @MethodSource("cards")
    void a_card_says_what_the_law_wants(Card card) {
        var book = RuleBook.named(card.book).orElseThrow();
        var dish = Derivation.of(Recipe.read(card.text, Volumes.METRIC, new Law("uk")), Facts.none(book));
        assertThat(PrintedStatement.of(Statement.compose(dish, book), false).text())
                .isEqualTo(card.dish + ". " + card.says);
    }
}
