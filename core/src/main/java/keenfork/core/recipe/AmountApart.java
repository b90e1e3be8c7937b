package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;

/// A table whose cells were pasted each on a line of its own: "400 g" over "salmon fillet", or the other way round, all
/// through a block of lines.
final class AmountApart {
    private static final Pattern AMOUNT = Pattern.compile("[\\d½⅓⅔¼¾][\\d½⅓⅔¼¾.,/ –-]{0,12}(?:(?U)\\p{L}{1,11}\\.?)?");
    /// so many pairs make a table
    private static final int FEWEST = 2;
    private static final int LONGEST_NAME = 60;

    private AmountApart() {}

    /// {@return the lines of a recipe with each such pair as one; the same lines where there is none}
    static List<String> joined(List<String> written) {
        if (written.stream().filter(AmountApart::isAmount).count() < FEWEST) return written;
        var lines = new ArrayList<String>();
        var isTitled = false;
        for (var at = 0; at < written.size();) {
            var pairs = isTitled ? pairs(written, at) : 0;
            isTitled = isTitled || !written.get(at).isBlank();
            for (var pair = 0; pair < pairs; pair++, at += 2) {
                var first = written.get(at).strip();
                var second = written.get(at + 1).strip();
                lines.add(isAmount(first) ? first + " " + second : second + " " + first);
            }
            if (pairs == 0) lines.add(written.get(at++));
        }
        return lines;
    }

    /// {@return how many pairs in the same order begin at a line; 0 where those are too few}
    private static int pairs(List<String> written, int from) {
        var isAmountFirst = isAmount(written.get(from));
        var pairs = 0;
        var at = from;
        for (; at + 1 < written.size(); at += 2) {
            var amount = written.get(isAmountFirst ? at : at + 1);
            var name = written.get(isAmountFirst ? at + 1 : at);
            if (!isAmount(amount) || !isName(name)) break;
            pairs++;
        }
        // one more name than amounts: the first is a heading, or one has no amount
        var isUneven = at < written.size() && (isAmountFirst ? isAmount(written.get(at)) : isName(written.get(at)));
        var firstAmount = isAmountFirst ? from : from + 1;
        return pairs < FEWEST || isUneven || isNumbered(written, firstAmount, pairs) ? 0 : pairs;
    }

    /// "1" over "butter", "2" over "flour": the numbers of a list, and no amounts
    private static boolean isNumbered(List<String> written, int from, int pairs) {
        for (var pair = 0; pair < pairs; pair++)
            if (!written.get(from + 2 * pair).strip().replaceFirst("[.)]$", "").equals(String.valueOf(pair + 1)))
                return false;
        return true;
    }

    private static boolean isAmount(String line) {
        var text = line.strip();
        if (!AMOUNT.matcher(text).matches()) return false;
        var number = Numbers.at(text, 0);
        if (number == null) return false;
        var rest = text.substring(number.end()).strip();
        return rest.isEmpty() || Units.unit(rest.replaceFirst("\\.$", "").toLowerCase(Locale.ROOT)) != null;
    }

    private static boolean isName(String line) {
        var text = line.strip();
        return !text.isEmpty() && text.length() <= LONGEST_NAME && !Numbers.hasFigure(text)
                && Foods.shipped().recipeWords().isNamedIn(text);
    }
}
