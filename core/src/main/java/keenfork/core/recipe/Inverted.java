package keenfork.core.recipe;

import java.util.HashSet;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substances;
import keenfork.core.food.UnitNames;
import org.jspecify.annotations.Nullable;

/// A name turned round, as store lists write it so that the kinds of one thing stand together: "sauce, soy", "milk,
/// oat", "beans, kidney, drained", "milk (oat)".
final class Inverted {
    /// longer than the first half of any name
    private static final int LONGEST = 24;
    /// "onions, fried" are fried here, and no crisp thing out of a tub
    private static final Set<String> BY_COOKS = Grammar.words("by-cooks");

    /// "tomatoes 4 beef", "beans 2 tins kidney", "cream 500 double"
    private static final Pattern KIND_LAST = Pattern.compile(
            "(?iU)(?<food>\\p{L}[\\p{L} ]{1,24}) (?<amount>\\d{1,4}(?:[.,]\\d{1,2})?(?:\\s?(?:"
                    + UnitNames.any()
                    + "))?) (?<kind>\\p{L}{2,24})");

    private static final Pattern TWO =
            Pattern.compile("(?U)(?<thing>\\p{L}{3,24})(?:\\s[-–—])?\\s(?<kind>\\p{L}{3,24})");

    private Inverted() {}

    /// {@return two words that are a name the other way round, "burgers beef", "pesto - basil", as that name, with the
    /// kind behind it where the name holds less; as they are where they are a name already, or where the first is a
    /// plain food that holds what the name does not}
    static String turned(String words) {
        var two = TWO.matcher(words);
        if (!two.matches()) return words;
        var thing = two.group("thing");
        var kind = two.group("kind");
        var named = food(kind + " " + thing);
        var second = food(kind);
        if (named == null || second == null || food(thing + " " + kind) != null || BY_COOKS.contains(kind)
                || isDone(kind))
            return words;
        var first = food(thing);
        if (covers(named, second) && (first == null || covers(named, first))) return kind + " " + thing;
        return first == null || first.isCompound() ? kind + " " + thing + ", " + kind : words;
    }

    /// {@return a line whose amount parts the name of its food from its kind, with the kind in front; as it is where
    /// they are no name together}
    static String kindFirst(String line) {
        if (line.isEmpty() || !Character.isLetter(line.charAt(0)) || line.chars().noneMatch(Character::isDigit))
            return line;
        var last = KIND_LAST.matcher(line);
        return last.matches() && food(last.group("kind") + " " + last.group("food")) != null
                ? last.replaceFirst("${kind} ${food} ${amount}") : line;
    }

    /// {@return the words of a line with the name put straight; as they are where none is turned round, or where they
    /// may name two foods: "butter, garlic"}
    /// @param isMeasured whether an amount stands with them: without one, a comma rather parts two foods, and nothing
    ///                   may be lost by taking them for one
    static String straight(String words, boolean isMeasured) {
        var mark = end(words, 0);
        var comma = mark > 0 && words.charAt(mark - 1) == ' ' ? mark - 1 : mark;
        if (comma < 2 || mark == words.length() || words.lastIndexOf(' ', comma - 1) >= 0) return words;
        var behind = end(words, mark + 1);
        var kind = words.substring(mark + 1, behind).strip().replaceFirst("\\.$", "");
        // "milk (oat)"
        var isBracket = words.charAt(mark) == '(';
        if (isBracket && (behind == words.length() || words.charAt(behind) != ')')) return words;
        var end = isBracket ? behind + 1 : behind;
        if (kind.isEmpty() || kind.length() > LONGEST || BY_COOKS.contains(kind)) return words;
        var whole = kind + " " + words.substring(0, comma);
        var named = food(whole);
        if (named == null) return words;
        var plain = food(words.substring(0, comma));
        // the "finger" of "finger, fish" is no food
        if (plain == null) return whole + words.substring(end);
        var isSafe = isMeasured || holds(named, plain) && holds(named, food(kind));
        return isSafe && isOne(named, plain, kind, words.substring(end)) ? whole + words.substring(end) : words;
    }

    private static @Nullable Food food(String words) {
        return Foods.shipped().meaning(words).orElse(null) instanceof Meaning.OfFood(var food) ? food : null;
    }

    private static boolean holds(Food named, @Nullable Food other) {
        return other == null || named.holds().containsAll(other.holds());
    }

    /// @param rest what follows the two halves
    /// as [#holds], and the flesh of a burger is the beef, too
    private static boolean covers(Food named, Food other) {
        return other.holds().stream()
                .allMatch(s -> named.holds().stream().anyMatch(h -> Substances.shipped().isUnder(s, h)));
    }

    private static boolean isOne(Food named, Food plain, String kind, String rest) {
        // "milk, coconut, sugar": nothing is lost where each is read for itself
        if (!named.holds().containsAll(plain.holds())) return !Foods.shipped().recipeWords().isNamedIn(rest);
        var second = food(kind);
        var held = new HashSet<>(plain.holds());
        if (second != null) held.addAll(second.holds());
        if (!held.containsAll(named.holds())) return true;
        // "onions, pickled" are pickled here, and "butter, garlic" may be both
        return !isDone(kind) && (second == null || plain.isCompound() || !named.isCompound()
                || plain.holds().isEmpty());
    }

    private static boolean isDone(String kind) {
        var last = kind.substring(kind.lastIndexOf(' ') + 1);
        return Foods.isCut(last) || last.endsWith("ed");
    }

    private static int end(String words, int from) {
        for (var at = from; at < words.length(); at++) if (",;()".indexOf(words.charAt(at)) >= 0) return at;
        return words.length();
    }
}
