package keenfork.core.recipe;

import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.recipe.MeasureWords.Does;

/// Where an amount starts within a list: at a figure, at a number in words, or at a measure alone: "2 carrots, half a
/// leek, handful of walnuts".
final class AmountStart {
    /// a bit for each thing that a word does at the start of an amount
    private static final long STARTS = Stream.of(Does.ARTICLE, Does.SOME, Does.HALF, Does.PART, Does.NUMBER, Does.FEW,
            Does.DOZEN, Does.SIZE, Does.UNCOUNTED).mapToLong(Does::bit).sum();
    private static final Pattern WORD = Pattern.compile("[^\\p{L}]+");
    private static final Set<String> MORE = Grammar.words("more-for");
    /// behind these stands what the food before is in, with, or for
    private static final Set<String> ASIDE = Grammar.words("turns-aside");
    private static final Set<String> TAKEN_OF = Grammar.words("taken-of");

    private AmountStart() {}

    /// {@return where the words behind the amount start that stands at a place, or -1 where none does}
    static int end(String line, int at) {
        var number = Numbers.at(line, at);
        return number != null ? Math.max(number.end(), measure(line, number.end())) : measure(line, at);
    }

    /// {@return whether what an amount in words stands before is a food of its own, and no more of the one before it:
    /// not "slices toasted in butter", "a good one in oil", "2 extra to glaze", nor "2 leeks, half of the leeks"}
    /// @param before the food before it, with its amount
    /// @param piece  begins with an amount
    static boolean isOwn(String before, String piece) {
        var end = end(piece, 0);
        if (end < 0) return true;
        var head = piece.substring(end);
        if (isMore(head)) return false;
        if (!Character.isLetter(piece.charAt(0))) return true;
        var named = Foods.shipped().recipeWords().read(head).matches();
        var lead = named.isEmpty() ? head : head.substring(0, named.getFirst().start());
        if (WORD.splitAsStream(lead).anyMatch(w -> ASIDE.contains(w) || TAKEN_OF.contains(w)))
            return false;
        return named.isEmpty() || Foods.shipped().recipeWords().read(before).matches().stream()
                .noneMatch(m -> m.meaning().equals(named.getFirst().meaning()));
    }

    /// "2 extra for glazing", but not "2 tbsp extra virgin olive oil"
    private static boolean isMore(String head) {
        var words = WORD.split(head.strip());
        var next = MORE.contains(words[0]) ? 1 : 0;
        return next == words.length || ASIDE.contains(words[next]);
    }

    /// "a handful of", "small bunch", "some", "a sprinkle of"; a size alone counts nothing: "large carrot"
    private static int measure(String line, int at) {
        var cursor = new Cursor(line, at);
        if (!Character.isLetter(cursor.ahead())) return -1;
        var isSome = cursor.take(Does.SOME);
        var isSized = true;
        while (isSized) isSized = cursor.take(Does.SIZE);
        if (!isSome) cursor.take(Does.ARTICLE);
        if (cursor.said().unit() == null && !cursor.is(Does.UNCOUNTED)) return isSome ? cursor.at : -1;
        cursor.pass();
        cursor.blanks();
        cursor.take(Does.OF);
        return cursor.at;
    }

    /// {@return whether a figure, a number, or a word of a measure stands at a place; quick, for most words are none}
    static boolean mayBe(String line, int at) {
        var c = line.charAt(at);
        if (c >= '0' && c <= '9' || "½⅓⅔¼¾".indexOf(c) >= 0) return true;
        if (!Character.isLetter(c)) return false;
        var said = new Cursor(line, at).said();
        return said.unit() != null || (said.does() & STARTS) != 0;
    }
}
