package keenfork.core.recipe;

import java.util.EnumSet;
import java.util.Set;
import keenfork.core.recipe.MeasureWords.Does;

/// Where an amount starts within a list: at a figure, at a number in words, or at a measure alone: "2 carrots, half a
/// leek, handful of walnuts".
final class AmountStart {
    private static final Set<Does> STARTS = EnumSet.of(Does.ARTICLE, Does.SOME, Does.HALF, Does.PART, Does.NUMBER,
            Does.FEW, Does.DOZEN, Does.SIZE, Does.UNCOUNTED);

    private AmountStart() {}

    /// {@return where the words behind the amount start that stands at a place, or -1 where none does}
    static int end(String line, int at) {
        var number = Numbers.at(line, at);
        return number != null ? number.end() : measure(line, at);
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
        return said.unit() != null || STARTS.stream().anyMatch(said::is);
    }
}
