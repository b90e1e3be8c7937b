package keenfork.core.recipe;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Words;

/// What something can be made of in a kitchen, by the words that name it: a slaw of cabbage, of carrot or of fennel.
///
/// @param words each by its key; none where it can be made of anything
public record Materials(Set<String> words) {
    public Materials {
        words = Set.copyOf(words);
    }

    /// @param words as a table writes them
    public static Materials of(List<String> words) {
        return new Materials(words.stream().map(Words::key).collect(Collectors.toSet()));
    }

    /// {@return whether a line of a recipe names one of them}
    public boolean areListedIn(Recipe recipe) { return recipe.lines().stream().anyMatch(this::areIn); }

    private boolean areIn(Line line) {
        return areIn(line.text()) || areIn(line.dish()) || line.food().map(Food::name).filter(this::areIn).isPresent();
    }

    private boolean areIn(String text) { return keys(text).anyMatch(words::contains); }

    /// {@return whether a step names one of them, beside what is made of it: the flour of "a roux with the flour"}
    ///
    /// @param made the key of what is made
    public boolean areSaidIn(String step, String made) {
        var own = Set.of(made.split(" "));
        return keys(step).anyMatch(w -> words.contains(w) && !own.contains(w));
    }

    private static Stream<String> keys(String text) { return Arrays.stream(Words.key(text).split(" ")); }
}
