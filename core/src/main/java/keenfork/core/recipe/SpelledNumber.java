package keenfork.core.recipe;

import keenfork.core.measure.Fraction;
import keenfork.core.recipe.MeasureWords.Does;
import keenfork.core.recipe.MeasureWords.Said;
import org.jspecify.annotations.Nullable;

/// Numbers of several words, as they are dictated: twenty five, thirty-two, two hundred and fifty, three point two.
final class SpelledNumber {
    private static final long TEN = 10;
    private static final long TWENTY = 20;
    private static final long HUNDRED = 100;
    private static final long THOUSAND = 1000;
    /// no more decimals are counted
    private static final long MOST_PLACES = 10_000;

    private SpelledNumber() {}

    /// {@return the whole number whose first word was just passed}
    ///
    /// @param said what that word is said for
    static long behind(Said said, Cursor cursor) {
        long all = 0;
        var part = said.is(Does.HUNDRED)
                ? said.figure().top() + tail(cursor) : withUnits(said, cursor);
        while (cursor.is(Does.HUNDRED)) {
            var each = cursor.said().figure().top();
            cursor.take(Does.HUNDRED);
            if (each >= THOUSAND) all += Math.min(Numbers.MOST, part * each);
            part = each >= THOUSAND ? tail(cursor) : Math.min(Numbers.MOST, part * each) + tail(cursor);
        }
        return Math.min(Numbers.MOST, all + part);
    }

    /// {@return whether a word just passed is of the tens, with a unit joined behind it: thirty-two}
    static boolean isTens(Said said, Cursor cursor) {
        if (!said.is(Does.NUMBER) || !isRoundTens(said)) return false;
        var back = cursor.at;
        cursor.at++;
        var joined = isUnit(cursor);
        cursor.at = back;
        return joined;
    }

    /// {@return the decimals behind "point", the cursor behind them; null, without moving, where there are none}
    static @Nullable Fraction places(Cursor cursor) {
        var back = cursor.at;
        if (!cursor.take(Does.POINT)) return null;
        long top = 0;
        long bottom = 1;
        while (isUnit(cursor) || cursor.is(Does.NOUGHT)) {
            if (bottom < MOST_PLACES) {
                top = top * TEN + (cursor.is(Does.NOUGHT) ? 0 : cursor.said().figure().top());
                bottom *= TEN;
            }
            cursor.pass();
            cursor.blanks();
        }
        if (bottom > 1) return new Fraction(top, bottom);
        cursor.at = back;
        return null;
    }

    /// what stands behind the hundreds: "and fifty", "twenty five"; a figure below ten needs the and: "a hundred five
    /// spice buns" are a hundred
    private static long tail(Cursor cursor) {
        var back = cursor.at;
        var isJoined = cursor.take(Does.AND);
        var said = cursor.said();
        if (said.is(Does.NUMBER) && !said.is(Does.HUNDRED)) {
            cursor.pass();
            var part = withUnits(said, cursor);
            if (isJoined || part >= TEN || cursor.is(Does.HUNDRED)) return part;
        }
        cursor.at = back;
        return 0;
    }

    private static long withUnits(Said said, Cursor cursor) {
        if (cursor.ahead() == '-' && !isTens(said, cursor)) return said.figure().top();
        var back = cursor.at;
        cursor.mark("-");
        cursor.blanks();
        if (isRoundTens(said) && isUnit(cursor)) {
            var units = cursor.said().figure().top();
            cursor.pass();
            cursor.blanks();
            return said.figure().top() + units;
        }
        cursor.at = back;
        cursor.blanks();
        return said.figure().top();
    }

    private static boolean isRoundTens(Said said) {
        return said.figure().top() >= TWENTY && said.figure().top() < HUNDRED && said.figure().top() % TEN == 0;
    }

    /// "thirty two-egg omelettes" are thirty
    private static boolean isUnit(Cursor cursor) {
        var behind = cursor.at + cursor.wordLength();
        return cursor.is(Does.NUMBER) && cursor.said().figure().top() < TEN
                && (behind >= cursor.text.length() || cursor.text.charAt(behind) != '-');
    }
}
