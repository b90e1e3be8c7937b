package keenfork.core.run;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.recipe.Numbers;
import org.jspecify.annotations.Nullable;

/// A time that a step says: "half an hour", "1½ to 2 h", "a couple of minutes".
///
/// @param minutes how long; of a range the longer, seconds rounded up to minutes
/// @param end     where the words behind it begin
record SaidTime(int minutes, int end) {
    private static final Pattern UNIT = Pattern.compile("(?i)[\\s-]*(?:(?<second>" + Grammar.anyOf("second")
            + ")|(?<minute>" + Grammar.anyOf("minute") + ")|(?<hour>" + Grammar.anyOf("hour") + "))\\b");
    private static final Pattern TO = Pattern.compile("\\s*(?:[-–]|\\bto\\b|\\bor\\b)\\s*");
    private static final int SIXTY = 60;
    private static final BigDecimal MOST = new BigDecimal(60_000);

    /// {@return the time at a place of a text, or null where none is said there}
    static @Nullable SaidTime at(String text, int from) {
        var first = one(text, from);
        if (first == null) return null;
        // "45 minutes to an hour": each end with its own unit
        var to = TO.matcher(text).region(first.end, text.length());
        var longer = to.lookingAt() ? one(text, to.end()) : null;
        return longer == null ? first : longer;
    }

    private static @Nullable SaidTime one(String text, int from) {
        var number = Numbers.at(text, from);
        if (number == null) return null;
        var unit = UNIT.matcher(text).region(number.end(), text.length());
        if (!unit.lookingAt()) return null;
        var count = number.high().decimal();
        var seconds = unit.group("second") != null;
        var minutes = unit.group("hour") == null ? count : count.multiply(BigDecimal.valueOf(SIXTY));
        if (seconds) minutes = count.divide(BigDecimal.valueOf(SIXTY), 0, RoundingMode.UP);
        return new SaidTime(minutes.min(MOST).setScale(0, RoundingMode.UP).intValue(), unit.end());
    }

    /// {@return every time that a text says, in order}
    static List<SaidTime> in(String text) {
        var times = new ArrayList<SaidTime>();
        for (var at = 0; at < text.length();) {
            var time = opens(text, at) ? at(text, at) : null;
            if (time != null) times.add(time);
            at = time == null ? at + 1 : time.end;
        }
        return times;
    }

    /// a figure or a word begins here, and goes on from none before
    private static boolean opens(String text, int at) {
        if (text.charAt(at) == ' ') return false;
        if (at == 0) return true;
        var before = text.charAt(at - 1);
        return !Character.isLetterOrDigit(before) && before != '.' && before != '/';
    }
}
