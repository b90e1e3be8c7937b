package keenfork.core.recipe;

import static keenfork.core.Kit.aLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Names as store lists turn them round (common practice: "sauce, soy" stands with the sauces).
class InvertedTest {
    private static final Set<String> DONE_AT_HOME = Set.of("fried", "cooked");
    /// read by its own rule: "juice of 2 lemons"
    private static final String PRESSED = "juice";

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"Sauce, soy 50 ml|soy sauce", "1 l Milk, oat|oat milk", "Flour, rice 100 g|rice flour",
                    "Butter, peanut 200 g|peanut butter", "Oil, veg. 500 ml|vegetable oil",
                    "500 ml oil, olive|olive oil",
                    "2 tins beans, kidney, drained|kidney bean", "Cream, sour 200 g|soured cream",
                    "stock, chicken 1 l|chicken stock",
                    "Noodles, rice 1 kg|rice noodle", "Cheese, goat (soft) 200 g|goat's cheese",
                    "milk (oat) 200 ml|oat milk", "200 g flour (rice)|rice flour", "1 kg salmon (smoked)|smoked salmon",
                    "2 l stock (veg)|vegetable stock"})
    void a_measured_name_is_put_straight(String text, String food) {
        var choice = aLine(text).choices().getFirst();
        assertThat(choice.main()).isInstanceOfSatisfying(Meaning.OfFood.class,
                m -> assertThat(m.food().name()).isEqualTo(food));
        assertThat(choice.others()).isEmpty();
    }

    /// two foods, one behind the other, or a thing that is made of the first
    @ParameterizedTest
    @ValueSource(
            strings = {"200 ml milk, coconut, sugar", "2 l cream, coconut, lime", "500 g butter, garlic",
                    "milk, oat"})
    void what_may_be_two_foods_loses_neither(String text) {
        assertThat(held(text)).extracting(Substance::id).anyMatch(id -> id.endsWith("milk"));
    }

    @ParameterizedTest @ValueSource(strings = {"100 g %s, %s", "%s, %s", "100 g %s (%s)", "%s (%s)"})
    void no_name_loses_what_it_holds_by_being_turned_round(String form) {
        var amount = form.startsWith("100 g ") ? "100 g " : "";
        var turned = 0;
        var lost = new ArrayList<String>();
        for (var food : Foods.shipped().all()) {
            var words = List.of(food.name().split(" "));
            // what a cook does to a thing at home is no name behind a comma
            if (words.size() < 2 || DONE_AT_HOME.contains(words.getFirst())) continue;
            if (words.getLast().equals(PRESSED)) continue;
            // without an amount, a food before the comma may stand for itself
            if (amount.isEmpty() && Foods.shipped().find(words.getLast()).isPresent()) continue;
            var line =
                    form.formatted(words.getLast(), String.join(" ", words.subList(0, words.size() - 1)));
            turned++;
            if (!aLine(line).isUnread() && !held(line).containsAll(held(amount + food.name()))) lost.add(line);
        }
        assertThat(turned).isGreaterThan(500);
        assertThat(lost).isEmpty();
    }

    private static Set<Substance> held(String text) {
        var held = new HashSet<Substance>();
        for (var choice : aLine(text).choices())
            Stream.concat(Stream.of(choice.main()), choice.others().stream()).forEach(m -> held.addAll(held(m)));
        return held;
    }

    private static List<Substance> held(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(Food food) -> food.holds();
            case Meaning.OfSubstances(var substances) -> substances;
            case Meaning.Vague(var suspects, _) -> suspects;
            default -> List.of();
        };
    }
}
