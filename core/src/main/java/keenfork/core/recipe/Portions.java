package keenfork.core.recipe;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.measure.Span;

/// How many a recipe feeds that does not say: its weight by what a plate takes of such a dish (common practice). A
/// proposal, to be asked about.
///
/// @param low    portions where plates are large, 1 or more
/// @param likely portions of the usual size
/// @param high   portions where plates are small
public record Portions(int low, int likely, int high) {
    private static final String ANY = "*";
    private static final Map<String, Span> OF_A_PLATE = read();

    private static Map<String, Span> read() {
        var held = new LinkedHashMap<String, Span>();
        for (var row : Table.read(Portions.class, "portions.txt", 3))
            held.put(row.cell(0).equals(ANY) ? ANY : Words.key(row.cell(0)), row.read(1, Span::parse));
        return held;
    }

    /// {@return the portions proposed, or empty where the recipe says what it makes or nothing in it has a weight}
    public static Optional<Portions> proposed(Recipe recipe) {
        if (recipe.serves() > 0 || !recipe.makes().isEmpty() || recipe.mass().likely() <= 0) return Optional.empty();
        var grams = recipe.mass().likelyGrams();
        var plate = Objects.requireNonNull(OF_A_PLATE.get(word(recipe.name())), "a row for any dish");
        return Optional
                .of(new Portions(count(grams, plate.high()), count(grams, plate.likely()), count(grams, plate.low())));
    }

    /// the last such word: a pesto dressing is a dressing; behind "with" stands what goes with it
    private static String word(String name) {
        var last = ANY;
        for (var word : Words.key(name).split(" (?:with|and|in|on) ", 2)[0].split(" "))
            if (OF_A_PLATE.containsKey(word)) last = word;
        return last;
    }

    private static int count(double grams, BigDecimal plate) {
        return Math.max(1, (int) Math.round(grams / plate.doubleValue()));
    }
}
