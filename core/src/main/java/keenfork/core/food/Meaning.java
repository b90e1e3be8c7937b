package keenfork.core.food;

import java.util.List;
import java.util.Optional;

/// What a run of words stands for.
public sealed interface Meaning {
    /// {@return what it surely holds; nothing where the word hides that}
    default List<Substance> holds() {
        return switch (this) {
            case OfFood(var food) -> food.holds();
            case OfSubstances(var substances) -> substances;
            case Vague _ -> List.of();
        };
    }

    /// {@return what it is called; none for words that hide what is in them, and for an additive that holds nothing of
    /// the law's lists}
    default Optional<String> name() {
        return switch (this) {
            case OfFood(var food) -> Optional.of(food.name());
            case OfSubstances(var substances) -> substances.stream().findFirst().map(Substance::name);
            case Vague _ -> Optional.empty();
        };
    }

    /// an entry of the reference table
    record OfFood(Food food) implements Meaning {}

    /// a word of the law itself: "nuts", "shellfish", "gluten"; without substances an additive that holds none
    record OfSubstances(List<Substance> substances) implements Meaning {
        public OfSubstances {
            substances = List.copyOf(substances);
        }
    }

    /// a word that hides what is in it: "spices", "flavouring"
    ///
    /// @param suspects what such a word has stood for
    /// @param question what to ask the supplier
    record Vague(List<Substance> suspects, String question) implements Meaning {
        public Vague {
            suspects = List.copyOf(suspects);
        }
    }
}
