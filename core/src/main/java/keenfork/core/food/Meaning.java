package keenfork.core.food;

import java.util.List;

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

    /// an entry of the reference table
    record OfFood(Food food) implements Meaning {}

    /// a word of the law itself: "nuts", "shellfish", "gluten"
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
