package keenfork.core.pack;

import java.util.List;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;

/// Words that name allergens and nothing else, such as the items of "free from milk, egg and soya".
public final class Allergens {
    private static final List<Substance> ALL = Table.read(Allergens.class, "allergens.txt", 2).stream()
            .map(r -> r.read(0, Substances.shipped()::get)).toList();

    private Allergens() {}

    /// {@return what is meant by all allergens, as the law of the European Union lists them}
    static List<Substance> all() { return ALL; }

    /// {@return whether every word of an item belongs to the name of something that holds a substance of the tree}
    public static boolean areAllOf(String item) {
        var reading = Foods.shipped().packWords().read(item);
        if (reading.matches().isEmpty() || !reading.unread().isEmpty()) return false;
        for (var match : reading.matches())
            if (!(match.meaning() instanceof Meaning.OfSubstances(var s) && !s.isEmpty())
                    && !(match.meaning() instanceof Meaning.OfFood(var food) && !food.holds().isEmpty())
                    && !(match.meaning() instanceof Meaning.Vague))
                return false;
        return true;
    }

    /// {@return whether an item is the name of an allergen, or of a plain food that is one, and no made dish that holds
    /// some: "egg", "prawns", and not "egg noodles"}
    public static boolean areNamed(String item) {
        return areAllOf(item) && Foods.shipped().packWords().read(item).matches().stream()
                .noneMatch(m -> m.meaning() instanceof Meaning.OfFood(var food) && food.isCompound());
    }
}
