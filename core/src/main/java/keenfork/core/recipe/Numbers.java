package keenfork.core.recipe;

import java.util.Map;
import keenfork.core.measure.Fraction;
import keenfork.core.recipe.MeasureWords.Does;
import keenfork.core.recipe.MeasureWords.Said;
import org.jspecify.annotations.Nullable;

/// Numbers as cooks write and say them: 2, 1.5, 0,75, 1/2, 1 1/2, 1-1/2, 2½, one and a half, two hundred and fifty,
/// half a dozen, a couple of, and ranges of them.
public final class Numbers {
    private static final String GRADE = "00";
    private static final Map<Character, Fraction> GLYPHS = Map.ofEntries(Map.entry('½', new Fraction(1, 2)),
            Map.entry('⅓', new Fraction(1, 3)),
            Map.entry('⅔', new Fraction(2, 3)), Map.entry('¼', new Fraction(1, 4)), Map.entry('¾', new Fraction(3, 4)),
            Map.entry('⅕', new Fraction(1, 5)), Map.entry('⅖', new Fraction(2, 5)), Map.entry('⅗', new Fraction(3, 5)),
            Map.entry('⅘', new Fraction(4, 5)), Map.entry('⅙', new Fraction(1, 6)), Map.entry('⅚', new Fraction(5, 6)),
            Map.entry('⅛', new Fraction(1, 8)), Map.entry('⅜', new Fraction(3, 8)), Map.entry('⅝', new Fraction(5, 8)),
            Map.entry('⅞', new Fraction(7, 8)));
    /// nobody measures in smaller parts than sixteenths
    private static final long MOST_PARTS = 15;
    private static final Fraction HALF = new Fraction(1, 2);
    /// no larger number is meant
    static final long MOST = 1_000_000;

    private Numbers() {}

    /// {@return whether a figure stands anywhere in a text}
    static boolean hasFigure(String text) {
        for (var i = 0; i < text.length(); i++) if (text.charAt(i) >= '0' && text.charAt(i) <= '9') return true;
        return false;
    }

    /// A number or a range.
    ///
    /// @param low  the least it may be, 0 or more
    /// @param high the most
    /// @param end where the words after it start
    public record Found(Fraction low, Fraction high, int end) {}

    private record Range(Fraction low, Fraction high) {
        static Range of(Fraction one) { return new Range(one, one); }
    }

    /// {@return the number or range at a place of a text, or null where there is none}
    public static @Nullable Found at(String text, int from) {
        var cursor = new Cursor(text, from);
        hedges(cursor);
        var low = one(cursor);
        if (low == null) return null;
        var back = cursor.blanks();
        var isJoined = cursor.mark("-–—") || cursor.take(Does.TO, Does.OR)
                || cursor.is(Does.AND) && text.regionMatches(true, from, "between", 0, 7) && cursor.take(Does.AND);
        var high = isJoined ? second(cursor) : null;
        if (high == null) {
            cursor.at = back;
            cursor.blanks();
            return dozens(low.low, low.high, cursor);
        }
        cursor.blanks();
        // a range told downwards ("3-2 spoons") is the same range
        return dozens(low.low.compareTo(high.low) <= 0 ? low.low : high.low,
                low.high.compareTo(high.high) >= 0 ? low.high : high.high, cursor);
    }

    private static @Nullable Range second(Cursor cursor) {
        cursor.blanks();
        return one(cursor);
    }

    private static void hedges(Cursor cursor) {
        if (cursor.isDigit()) return;
        while (true) {
            if (cursor.mark("~≈") || cursor.take(Does.HEDGE)) {
                cursor.mark(".");
            } else if (cursor.is(Does.BEFORE_LIMIT)) {
                var back = cursor.at;
                cursor.pass();
                cursor.blanks();
                if (!cursor.take(Does.LIMIT)) {
                    cursor.at = back;
                    return;
                }
            } else {
                return;
            }
            cursor.blanks();
        }
    }

    /// One number, or a word for a few; null, with the cursor where it was, where none is ahead.
    private static @Nullable Range one(Cursor cursor) {
        var start = cursor.at;
        var found = any(cursor);
        if (found == null) cursor.at = start;
        return found;
    }

    private static @Nullable Range any(Cursor cursor) {
        if (cursor.isDigit()) return isGrade(cursor) ? null : digits(cursor);
        if (cursor.ahead() == '.') return decimals(cursor);
        return Character.isLetter(cursor.ahead()) ? words(cursor) : glyph(cursor);
    }

    /// "2 dozen eggs" are 24, "1-2 dozen" 12 to 24
    private static Found dozens(Fraction low, Fraction high, Cursor cursor) {
        var each = cursor.said().figure();
        // "2 thousand island" is a dressing
        if (!cursor.take(Does.DOZEN) && !(cursor.is(Does.NUMBER) && cursor.take(Does.HUNDRED)))
            return new Found(low, high, cursor.at);
        cursor.blanks();
        return new Found(low.times(each), high.times(each), cursor.at);
    }

    /// "1 kg 00" is of a grade of flour, and no figure
    private static boolean isGrade(Cursor cursor) {
        return cursor.text.startsWith(GRADE, cursor.at) && cursor.at + GRADE.length() == cursor.text.length()
                || cursor.text.startsWith(GRADE + " ", cursor.at);
    }

    private static @Nullable Range glyph(Cursor cursor) {
        var glyph = cursor.ahead() < 128 ? null : GLYPHS.get(cursor.ahead());
        if (glyph == null) return null;
        cursor.at++;
        return Range.of(glyph);
    }

    private static @Nullable Range decimals(Cursor cursor) {
        var fraction = decimalPlaces(cursor);
        return fraction == null ? null : Range.of(fraction);
    }

    /// The digits behind a point or comma, as many as four of them counted.
    private static @Nullable Fraction decimalPlaces(Cursor cursor) {
        if (cursor.at + 1 >= cursor.text.length() || !isDigitAt(cursor, 1)) return null;
        cursor.at++;
        long top = 0;
        long bottom = 1;
        for (; cursor.isDigit(); cursor.at++)
            if (bottom < 10_000) {
                top = top * 10 + cursor.ahead() - '0';
                bottom *= 10;
            }
        return new Fraction(top, bottom);
    }

    private static @Nullable Range digits(Cursor cursor) {
        var start = cursor.at;
        var whole = integer(cursor);
        // 1,200 is over a thousand, 0,750 is not
        while (cursor.ahead() == ',' && cursor.at - start <= 3 && whole > 0 && isDigitAt(cursor, 1)
                && isDigitAt(cursor, 2) && isDigitAt(cursor, 3) && !isDigitAt(cursor, 4)) {
            cursor.at++;
            whole = Math.min(MOST, whole * 1000 + integer(cursor));
        }
        if ((cursor.ahead() == '.' || cursor.ahead() == ',') && isDigitAt(cursor, 1)) {
            var places = decimalPlaces(cursor);
            return places == null ? null : Range.of(Fraction.of(whole).plus(places));
        }
        // "1 /2 tsp": a blank slipped in before the stroke
        if (cursor.ahead() == ' ' && isAt(cursor, 1, '/') && isDigitAt(cursor, 2)) cursor.at++;
        if (cursor.ahead() == '/' || cursor.ahead() == '⁄') {
            if (!isDigitAt(cursor, 1)) return Range.of(Fraction.of(whole));
            cursor.at++;
            var bottom = integer(cursor);
            // "16/20 prawns" are so many to the pound, "80/20 mince" is how fat it is
            return bottom == 0 || whole > MOST_PARTS ? null : Range.of(new Fraction(whole, bottom));
        }
        var part = partBehind(cursor);
        return Range.of(part == null ? Fraction.of(whole) : Fraction.of(whole).plus(part));
    }

    /// The fraction of a mixed number: 1½, 1 ½, 1 1/2, 1-1/2, 1 and 1/2.
    private static @Nullable Fraction partBehind(Cursor cursor) {
        var back = cursor.at;
        if (!cursor.mark("-")) {
            cursor.blanks();
            if (cursor.mark("&") || cursor.take(Does.AND)) {
                cursor.blanks();
                if (cursor.take(Does.ARTICLE) && isHalf(cursor)) return HALF;
            }
        }
        var glyph = cursor.ahead() < 128 ? null : GLYPHS.get(cursor.ahead());
        if (glyph != null) {
            cursor.at++;
            return glyph;
        }
        var top = cursor.isDigit() ? integer(cursor) : 0;
        if (top > 0 && cursor.mark("/⁄") && cursor.isDigit()) {
            var bottom = integer(cursor);
            // "1-2/3" could be a range, too; a fraction below one that follows a whole is a mixed number
            if (bottom > top) return new Fraction(top, bottom);
        }
        cursor.at = back;
        return null;
    }

    private static boolean isHalf(Cursor cursor) {
        return cursor.take(Does.HALF);
    }

    private static boolean isAt(Cursor cursor, int ahead, char mark) {
        return cursor.at + ahead < cursor.text.length() && cursor.text.charAt(cursor.at + ahead) == mark;
    }

    private static boolean isDigitAt(Cursor cursor, int ahead) {
        var at = cursor.at + ahead;
        return at < cursor.text.length() && cursor.text.charAt(at) >= '0' && cursor.text.charAt(at) <= '9';
    }

    private static long integer(Cursor cursor) {
        long number = 0;
        for (; cursor.isDigit(); cursor.at++) number = Math.min(MOST, number * 10 + cursor.ahead() - '0');
        return number;
    }

    private static @Nullable Range words(Cursor cursor) {
        var said = cursor.said();
        var after = cursor.at + cursor.wordLength();
        if (after < cursor.text.length() && Character.isDigit(cursor.text.charAt(after))) return null;
        cursor.pass();
        if (cursor.ahead() == '\'' || cursor.ahead() == '-' && !SpelledNumber.isTens(said, cursor)) return null;
        cursor.blanks();
        if (said.is(Does.HALF)) return half(cursor);
        if (said.is(Does.PART)) {
            ofA(cursor);
            return Range.of(said.figure());
        }
        if (said.is(Does.FEW)) {
            cursor.take(Does.OF);
            return new Range(said.figure(), said.most());
        }
        if (said.is(Does.DOZEN)) return Range.of(andAHalf(cursor, said.figure()));
        if (said.is(Does.ARTICLE) && !said.is(Does.THE)) return article(cursor);
        return said.is(Does.NUMBER) ? cardinal(SpelledNumber.behind(said, cursor), cursor) : pointed(said, cursor);
    }

    /// "zero point five"
    private static @Nullable Range pointed(Said said, Cursor cursor) {
        if (!said.is(Does.NOUGHT)) return null;
        var places = SpelledNumber.places(cursor);
        return places == null ? null : Range.of(places);
    }

    /// "a dozen and a half"
    private static Fraction andAHalf(Cursor cursor, Fraction many) {
        var back = cursor.at;
        if (cursor.take(Does.AND) && cursor.take(Does.ARTICLE) && isHalf(cursor)) return many.plus(many.times(HALF));
        cursor.at = back;
        return many;
    }

    private static void ofA(Cursor cursor) {
        if (cursor.take(Does.OF)) cursor.take(Does.ARTICLE);
    }

    private static @Nullable Range half(Cursor cursor) {
        // "half-fat milk", "half and half"
        if (cursor.is(Does.BEHIND_HALF) || cursor.is(Does.AND)) return null;
        cursor.take(Does.OF);
        cursor.take(Does.ARTICLE);
        var many = cursor.said().figure();
        return Range.of(cursor.take(Does.DOZEN) ? HALF.times(many) : HALF);
    }

    private static @Nullable Range article(Cursor cursor) {
        var said = cursor.said();
        if (said.is(Does.HALF) || said.is(Does.PART) || said.is(Does.FEW) || said.is(Does.DOZEN)) return words(cursor);
        if (said.is(Does.HUNDRED) && said.is(Does.NUMBER)) return words(cursor);
        return said.is(Does.UNCOUNTED) || cursor.at >= cursor.text.length() ? null : Range.of(Fraction.ONE);
    }

    private static @Nullable Range cardinal(long number, Cursor cursor) {
        var places = SpelledNumber.places(cursor);
        if (places != null) return Range.of(Fraction.of(number).plus(places));
        var each = cursor.said().figure();
        if (cursor.take(Does.DOZEN)) return Range.of(each.times(Fraction.of(number)));
        if (cursor.take(Does.PART, Does.PARTS)) {
            ofA(cursor);
            return Range.of(each.times(Fraction.of(number)));
        }
        var back = cursor.at;
        if (cursor.take(Does.AND)) {
            var parts = cursor.is(Does.NUMBER) ? cursor.said().figure() : Fraction.ONE;
            var isPart = cursor.take(Does.ARTICLE, Does.NUMBER);
            var part = cursor.said().figure().times(parts);
            if (isPart && cursor.take(Does.PART, Does.PARTS)) return Range.of(Fraction.of(number).plus(part));
        }
        cursor.at = back;
        return Range.of(Fraction.of(number));
    }
}
