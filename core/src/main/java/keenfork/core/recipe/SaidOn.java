package keenfork.core.recipe;

import keenfork.core.measure.Amount;
import keenfork.core.recipe.MeasureWords.Does;

/// What is said on behind a unit and makes more of an amount. Where nothing is, the cursor stays.
final class SaidOn {
    private SaidOn() {}

    /// "a pound and a half", "a cup and a quarter of oats".
    static Amount andAPart(Cursor cursor, Amount amount) {
        var start = cursor.at;
        if (cursor.take(Does.PLUS, Does.AND) && cursor.take(Does.ARTICLE)) {
            if (cursor.is(Does.PART)) {
                var part = cursor.said().figure();
                cursor.pass();
                cursor.blanks();
                return new Amount(amount.low().plus(part), amount.high().plus(part), amount.unit());
            }
        }
        cursor.at = start;
        return amount;
    }

    /// "a clove or two of garlic".
    static Amount orMore(Cursor cursor, Amount amount) {
        var start = cursor.at;
        if (cursor.take(Does.OR)) {
            var other = Numbers.at(cursor.text, cursor.at);
            if (other != null && other.high().compareTo(amount.high()) > 0) {
                cursor.at = other.end();
                if (cursor.ahead() == 0 || cursor.is(Does.OF))
                    return new Amount(amount.low(), other.high(), amount.unit());
            }
        }
        cursor.at = start;
        return amount;
    }
}
