package keenfork.core.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Span;
import keenfork.core.measure.Spoons;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import org.jspecify.annotations.Nullable;

/// A recipe for other covers or another batch weight, in amounts a cook can measure out.
///
/// @param factor what everything is multiplied by, over 0
/// @param lines  its lines, in the order of the recipe
public record Scaled(BigDecimal factor, List<Entry> lines) {
    private static final Pattern SERVES =
            Pattern.compile("(?im)^(\\s*(?:" + Grammar.anyOf("serving-head") + ")[:\\s]+)\\d+");
    private static final double SHOWN = 0.05;
    private static final int DIGITS = 6;
    private static final BigDecimal MOST_FACTOR = new BigDecimal(1000);
    private static final String[] EIGHTHS = {"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};

    /// One line, as it is written for the other size.
    ///
    /// @param line     the line as it stands in the recipe
    /// @param text     the line as written for the other size; unchanged where it has no amount, or where `byHand`
    /// @param mass     what should go in, or null where that is not known
    /// @param rounding how far the amount as written is off what should go in, in percent, where that passes 5; else 0
    /// @param byHand   whether the amount stands in words that cannot be written anew: the cook multiplies it
    public record Entry(Line line, String text, @Nullable Mass mass, int rounding, boolean byHand) {}

    public Scaled {
        lines = List.copyOf(lines);
    }

    /// {@return the recipe for so many portions}
    /// @throws IllegalArgumentException when the recipe does not say how many it serves, or `covers` is not 1 or more
    public static Scaled toCovers(Recipe recipe, int covers, Volumes volumes) {
        if (recipe.serves() < 1 || covers < 1)
            throw new IllegalArgumentException(
                    "portions are scaled from 1 or more to 1 or more: %d to %d".formatted(recipe.serves(), covers));
        return of(recipe,
                new Writer(BigDecimal.valueOf(covers).divide(BigDecimal.valueOf(recipe.serves()), DIGITS,
                        RoundingMode.HALF_UP), volumes, true));
    }

    /// {@return the recipe for a batch of so many grams going in}
    /// @throws IllegalArgumentException when nothing in the recipe has a weight, or `grams` is not over 0
    public static Scaled toWeight(Recipe recipe, BigDecimal grams, Volumes volumes) {
        var now = recipe.mass().likelyGrams();
        if (now <= 0 || grams.signum() <= 0)
            throw new IllegalArgumentException(
                    "a batch is scaled from a weight to a weight: %s to %s g".formatted(now, grams));
        return of(recipe, grams.divide(BigDecimal.valueOf(now), DIGITS, RoundingMode.HALF_UP), volumes);
    }

    /// {@return the recipe times a factor}
    /// @throws IllegalArgumentException when the factor is not over 0, or over 1000
    public static Scaled of(Recipe recipe, BigDecimal factor, Volumes volumes) {
        return of(recipe, new Writer(factor, volumes, false));
    }

    private static Scaled of(Recipe recipe, Writer writer) {
        if (writer.factor.signum() <= 0 || writer.factor.compareTo(MOST_FACTOR) > 0)
            throw new IllegalArgumentException("a recipe is multiplied by over 0 to 1000, not by " + writer.factor);
        return new Scaled(writer.factor, recipe.lines().stream().map(writer::entry).toList());
    }

    /// {@return what goes in altogether, as far as it is known}
    public Mass mass() {
        var sum = Mass.NONE;
        for (var line : lines) if (line.mass() != null) sum = sum.plus(line.mass());
        return sum;
    }

    /// {@return the recipe's text with these amounts, and with the portions it then serves}
    public String into(String recipe, int covers) {
        var text = recipe;
        var from = 0;
        for (var entry : lines) {
            var changed = RecipeText.replaced(text, from, entry.line().text(), entry.text());
            if (!changed.isFound()) continue;
            text = changed.text();
            from = changed.at() + 1;
        }
        return covers < 1 ? text : SERVES.matcher(text).replaceFirst("$1" + covers);
    }

    /// Writes amounts anew; each is read back, and what does not read as meant is left to the cook.
    ///
    /// @param isForOthers whether as many more eat of it: what a line says for one of them stays
    private record Writer(BigDecimal factor, Volumes volumes, boolean isForOthers) {
        /// how far a line may read off what it should: spoons and eggs come in steps
        private static final double FARTHEST = 0.5;

        Entry entry(Line line) {
            var mass = line.mass() == null ? null : line.mass().times(new Span(factor, factor, factor));
            if (line.amount() == null || factor.compareTo(BigDecimal.ONE) == 0)
                return new Entry(line, line.text(), mass, 0, false);
            if (PerPerson.is(line.text())) return new Entry(line, line.text(), mass, 0, !isForOthers);
            var reader = new LineReader(volumes);
            for (var candidate : candidates(line.text(), line.amount())) {
                var read = reader.read(candidate);
                if (!read.choices().equals(line.choices()) || !read.dish().equals(line.dish()) || read.amount() == null)
                    continue;
                var off = off(read, line, mass);
                if (Math.abs(off) < FARTHEST)
                    return new Entry(line, candidate, mass,
                            Math.abs(off) > SHOWN ? (int) Math.round(off * 100) : 0, false);
            }
            return new Entry(line, line.text(), mass, 0, true);
        }

        private double off(Line read, Line line, @Nullable Mass mass) {
            if (mass != null && mass.likely() > 0)
                return read.mass() == null ? 1 : (double) read.mass().likely() / mass.likely() - 1;
            var should = value(line.amount()) * factor.doubleValue();
            return should == 0 || read.amount() == null || line.amount() == null
                    || read.amount().unit() != line.amount().unit() ? 0 : value(read.amount()) / should - 1;
        }

        private static double value(@Nullable Amount amount) {
            return amount == null ? 0
                    : (amount.low().decimal().doubleValue() + amount.high().decimal().doubleValue()) / 2;
        }

        private List<String> candidates(String text, Amount amount) {
            var candidates = new ArrayList<String>();
            for (var at = 0; at < text.length(); at++) {
                var start = at == 0 || " (".indexOf(text.charAt(at - 1)) >= 0;
                var number = start ? Numbers.at(text, at) : null;
                if (number == null) continue;
                var unit = unitBehind(text, text.substring(0, number.end()).stripTrailing().length(), amount.unit());
                // a "400 g tin" is not made larger: there are more of them
                if (!isContainer(text.substring(unit.end())))
                    candidates.add(text.substring(0, at) + written(amount, unit) + text.substring(unit.end()));
                break;
            }
            // "400 g tin of chickpeas", "tin of chickpeas": one of them
            candidates.add(number(factor.doubleValue(), 2) + " x " + text);
            return candidates;
        }

        private static boolean isContainer(String rest) {
            var unit = Units.unit(rest.strip().split("\\W", 2)[0].toLowerCase(Locale.ROOT));
            return unit == Unit.TIN || unit == Unit.JAR || unit == Unit.POT;
        }

        /// the word of the unit behind a number, and where what is replaced ends
        private record Word(String word, int end) {}

        private static Word unitBehind(String text, int from, Unit unit) {
            var end = from;
            while (end < text.length() && " -".indexOf(text.charAt(end)) >= 0) end++;
            var until = end;
            while (until < text.length() && Character.isLetter(text.charAt(until))) until++;
            var word = text.substring(end, until);
            return Units.unit(word.toLowerCase(Locale.ROOT)) == unit && unit != Unit.NONE ? new Word(word, until)
                    : new Word("", from);
        }

        private String written(Amount amount, Word unit) {
            var low = amount.low().decimal().doubleValue() * factor.doubleValue();
            var high = amount.high().decimal().doubleValue() * factor.doubleValue();
            return switch (amount.unit()) {
                case G, KG, ML, L -> metric(amount.unit(), low, high);
                case TSP, TBSP, CUP -> low == high ? spoons(low, amount.unit())
                        : range(low, high, 4) + " " + plural(unit.word(), high);
                default ->
                        range(low, high, steps(high)) + (unit.word().isEmpty() ? "" : " " + plural(unit.word(), high));
            };
        }

        private String spoons(double count, Unit unit) {
            return Spoons.of(count * volumes.millilitres(unit).doubleValue(), volumes).replaceFirst(" \\(.*", "");
        }

        private static String metric(Unit unit, double low, double high) {
            var small = unit == Unit.G || unit == Unit.KG ? "g" : "ml";
            var times = unit == Unit.KG || unit == Unit.L ? 1000 : 1;
            var big = small.equals("g") ? "kg" : "l";
            if (low * times >= 1000)
                return span(decimal(low * times / 1000, 2), decimal(high * times / 1000, 2)) + " " + big;
            return span(smallSteps(low * times), smallSteps(high * times)) + " " + small;
        }

        private static String smallSteps(double value) {
            if (value >= 200) return decimal(Math.round(value / 5) * 5, 0);
            return value >= 10 ? decimal(value, 0) : decimal(Math.max(value, 0.1), 1);
        }

        private static String span(String low, String high) { return low.equals(high) ? low : low + "–" + high; }

        private static String decimal(double value, int places) {
            return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP).stripTrailingZeros()
                    .toPlainString();
        }

        /// Whole ones from ten on, halves from three on, quarters below.
        private static int steps(double count) {
            if (count >= 10) return 1;
            return count >= 3 ? 2 : 4;
        }

        private static String range(double low, double high, int steps) {
            return span(number(low, steps), number(high, steps));
        }

        private static String number(double value, int steps) {
            var count = Math.max(1, Math.round(value * steps));
            var part = EIGHTHS[(int) (count % steps) * 8 / steps];
            return count < steps ? part : count / steps + part;
        }

        private static String plural(String word, double count) {
            if (count <= 1 || word.endsWith("s") || word.length() < 3) return word;
            for (var many : List.of(word + "s", word + "es"))
                if (Units.unit(many.toLowerCase(Locale.ROOT)) != null) return many;
            return word;
        }
    }
}
