package keenfork.core.recipe;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.WordSet;
import keenfork.core.food.Words;

/// A name told in two halves: the food before the comma, its state behind it.
final class State {
    private static final int LONGEST = 2;
    /// "eggs, yolks only": what is left of one
    private static final Set<String> PARTS_OF_ONE = Grammar.words("egg-part");
    /// words that stand first or last in a name of several: only these are tried
    private static final WordSet HALVES = new WordSet(halves());

    /// the keys of the foods of which some state is a row of its own
    private static final Set<String> CHANGING = changing();

    private State() {}

    private static Set<String> changing() {
        var found = new HashSet<String>();
        for (var words : names())
            for (var cut = words.indexOf(' '); cut > 0; cut = words.indexOf(' ', cut + 1))
                for (var half : List.of(words.substring(cut + 1), words.substring(0, cut)))
                    Foods.shipped().find(half).ifPresent(f -> found.add(f.id()));
        return found;
    }

    /// {@return the keys of all names of plain foods}
    private static List<String> names() {
        return Foods.shipped().all().stream().filter(f -> !f.isCompound()).flatMap(f -> f.names().stream())
                .map(Words::key).toList();
    }

    private static Set<String> halves() {
        var found = new HashSet<String>();
        for (var name : names()) {
            var words = name.split(" ");
            if (words.length < 2) continue;
            // how it is cut makes no other food of it, but for what is ground
            for (var half : List.of(words[0], words[words.length - 1]))
                if ((!Foods.isCut(half) || half.equals("ground")) && !isFood(half)) found.add(half);
        }
        return Set.copyOf(found);
    }

    /// the bread of "cheese and onion bread" makes no bread cheese, nor the water of coconut water water spinach
    private static boolean isFood(String word) {
        return !PARTS_OF_ONE.contains(word) && Foods.shipped().find(word).isPresent();
    }

    /// {@return the plain food that a food is in the state that some words tell, where that is another entry of the
    /// table}
    ///
    /// @param text the phrase
    /// @param from where what stands behind the comma begins
    static Optional<Food> of(Food food, String text, int from) {
        if (food.isCompound() || !CHANGING.contains(food.id()) || !HALVES.isIn(text, from)) return Optional.empty();
        var words = Words.of(text.substring(from));
        var name = Words.key(food.name());
        for (var length = LONGEST; length > 0; length--)
            for (var at = 0; at + length <= words.size(); at++) {
                if (!HALVES.contains(words.get(at).text()) || at > 0 && words.get(at - 1).text().equals("not"))
                    continue;
                var state = length == 1 ? words.get(at).text() : words.get(at).text() + " " + words.get(at + 1).text();
                var found = other(food, state + " " + name)
                        .or(() -> PARTS_OF_ONE.contains(state) ? other(food, name + " " + state) : Optional.empty());
                if (found.isPresent()) return found;
            }
        return Optional.empty();
    }

    private static Optional<Food> other(Food food, String name) {
        return Foods.shipped().meaning(name)
                .filter(m -> m instanceof Meaning.OfFood(var other) && !other.isCompound() && !other.equals(food)
                        && other.origin() == food.origin())
                .map(m -> ((Meaning.OfFood) m).food());
    }
}
