package keenfork.core.recipe;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.measure.Weights;
import keenfork.core.recipe.MeasureWords.Does;
import keenfork.core.recipe.Units.Written;
import org.jspecify.annotations.Nullable;

/// Reads how much a line says, in front of the food or behind it: "2 x 400 g tins", "1 lb 2 oz", "juice of 1½ lemons",
/// "butter 50 g".
final class MeasureReader {
    /// How much a line says.
    ///
    /// @param amount      number and unit, or null where none is written
    /// @param noun        the count noun as written, `stick` of "1 stick butter"; else the unit's own key
    /// @param size        what a size word does to one: large 1.35
    /// @param each        what one tin or pack of it holds, or null
    /// @param noted       the weight of all of it, said beside another measure, or null
    /// @param centimetres the length of a piece, or null
    /// @param pressed     whether its juice or zest is meant
    /// @param rest        the words that are left
    record Measure(@Nullable Amount amount, String noun, BigDecimal size, @Nullable Amount each, @Nullable Amount noted,
            @Nullable BigDecimal centimetres,
            Set<JuiceOrZest> pressed, String rest) {
        Measure withRest(String words) {
            return words.equals(rest) ? this
                    : new Measure(amount, noun, size, each, noted, centimetres, pressed, words);
        }
    }

    private static final Pattern OR_MORE = Pattern.compile("(?i)\\s+or\\s+(?<more>" + Grammar.anyOf("more-of") + ")$");

    private static final Set<Unit> SPOONS = Set.of(Unit.TSP, Unit.TBSP, Unit.CUP);
    private static final Set<Unit> BY_ITSELF = Set.of(Unit.KG, Unit.L, Unit.LB);
    private static final Fraction HUNDRED = Fraction.of(100);
    private static final Fraction THOUSAND = Fraction.of(1000);
    private static final Map<Unit, Smaller> SMALLER =
            Map.of(Unit.LB, new Smaller(Unit.OZ, Fraction.ONE, Fraction.of(16)), Unit.KG,
                    new Smaller(Unit.G, HUNDRED, THOUSAND), Unit.L, new Smaller(Unit.ML, HUNDRED, THOUSAND));
    private static final Pattern HAS_FIGURE = Pattern.compile("\\d");

    private final Volumes volumes;
    private final Units units;
    private final AmountBehind behind;
    private final NotedWeight noted;

    MeasureReader(Volumes volumes) {
        this.volumes = volumes;
        this.units = new Units(volumes);
        this.behind = new AmountBehind(this, units);
        this.noted = new NotedWeight(this);
    }

    Measure read(String written) {
        var text = written;
        var wider = written.contains(" or ") ? orMoreBehind(written) : null;
        if (wider != null) return wider;
        var cursor = new Cursor(text, 0);
        var pressed = JuiceOrZest.ahead(cursor);
        var number = Numbers.at(text, cursor.at);
        // "25% salmon" is a share of the whole
        if (number != null && text.startsWith("%", number.end()))
            return measure(null, pressed, text.substring(number.end() + 1).strip());
        // "five spice" is no number of spices, nor is "5 spice"
        if (number == null || Foods.shipped().recipeWords().isNameBeyond(text, cursor.at, number.end()))
            return pressed.isEmpty() ? unnumbered(text) : measure(Amount.of(1, Unit.NONE), pressed, afterOf(cursor));
        cursor.at = number.end();
        return numbered(cursor, number, pressed);
    }

    /// "1 clove garlic or 2"
    private @Nullable Measure orMoreBehind(String written) {
        var more = OR_MORE.matcher(written);
        if (!more.find()) return null;
        var read = read(written.substring(0, more.start()));
        var high = Numbers.at(written, more.start("more"));
        var amount = read.amount;
        if (amount == null || high == null || high.high().compareTo(amount.high()) <= 0) return null;
        return new Measure(new Amount(amount.low(), high.high(), amount.unit()), read.noun, read.size,
                read.each, read.noted, read.centimetres, read.pressed, read.rest);
    }

    static Measure measure(@Nullable Amount amount, Set<JuiceOrZest> pressed, String rest) {
        return new Measure(amount, amount == null ? Unit.NONE.id() : amount.unit().id(), BigDecimal.ONE, null, null,
                null, pressed, rest);
    }

    private static String afterOf(Cursor cursor) {
        if (cursor.take(Does.OF)) cursor.take(Does.ARTICLE);
        return cursor.rest();
    }

    // --- a number in front -------------------------------------------------------------------------------------------

    private Measure numbered(Cursor cursor, Numbers.Found number, Set<JuiceOrZest> pressed) {
        cursor.take(Does.EACH);
        // "½ a jar"
        if (number.high().compareTo(Fraction.ONE) < 0) cursor.take(Does.ARTICLE);
        var length = length(cursor, number);
        if (length != null) return length;
        var times = cursor.at;
        if (cursor.mark("x×X")) cursor.blanks();
        var each = each(cursor);
        if (each != null) return contained(cursor, number, each, pressed);
        var all = cursor.at == times ? null : times(cursor, number);
        if (all != null) return measure(all, pressed, behind(cursor));
        if (cursor.at == times || !isCounted(cursor)) cursor.at = times;
        var size = sizes(cursor);
        var bracket = bracketed(cursor);
        if (bracket != null) {
            sizes(cursor);
            var container = units.ahead(cursor);
            if (container != null && container.unit().kind() == Unit.Kind.COUNT)
                return with(amount(number, container), container.noun(), Inside.each(bracket), pressed, cursor);
            return with(amount(number, Written.NONE), Written.NONE.noun(), Inside.all(bracket), pressed, cursor);
        }
        var dash = cursor.at;
        // "8-oz can water chestnuts"
        if (cursor.mark("-") && !cursor.isWord()) cursor.at = dash;
        var unit = units.ahead(cursor);
        if (unit == null) cursor.at = dash;
        if (unit == null)
            return with(amount(number, Written.NONE), Written.NONE.noun(), Inside.none(size), pressed, cursor);
        var amount = amount(number, unit);
        amount = wider(cursor, amount, unit);
        amount = added(cursor, SaidOn.andAPart(cursor, SaidOn.orMore(cursor, amount)));
        skipOther(cursor);
        if (unit.unit().kind() == Unit.Kind.WEIGHT) size = BigDecimal.ONE;
        var rest = behind(cursor);
        return noted.with(new Measure(amount, unit.noun(), size, null, null, null, pressed, rest));
    }

    /// What is told of what counted things hold.
    ///
    /// @param size how large each is, 1 for as usual
    /// @param each how much is in each, or null
    /// @param all  how much is in all of them, or null
    private record Inside(BigDecimal size, @Nullable Amount each, @Nullable Amount all) {
        static Inside none(BigDecimal size) { return new Inside(size, null, null); }

        static Inside each(@Nullable Amount each) { return new Inside(BigDecimal.ONE, each, null); }

        static Inside all(Amount all) { return new Inside(BigDecimal.ONE, null, all); }
    }

    private Measure with(Amount amount, String noun, Inside inside, Set<JuiceOrZest> pressed, Cursor cursor) {
        var rest = behind(cursor);
        return noted.with(new Measure(amount, noun, inside.size, inside.each, inside.all, null, pressed, rest));
    }

    Amount amount(Numbers.Found number, Written unit) {
        return new Amount(number.low().times(unit.times()), number.high().times(unit.times()), unit.unit());
    }

    /// "a 2 cm piece of", "5cm", "1 (2-inch) piece": a length is one piece, whatever its number.
    private static @Nullable Measure length(Cursor cursor, Numbers.Found number) {
        // a letter that starts no length, and no number either: most foods
        if (cursor.ahead() != '(' && !cursor.isDigit() && cursor.ahead() != '-' && !cursor.is(Does.LENGTH)) return null;
        var start = cursor.at;
        cursor.mark("(");
        var inner = Numbers.at(cursor.text, cursor.at);
        if (inner != null) cursor.at = inner.end();
        cursor.mark("-");
        cursor.blanks();
        var isIn = cursor.wordLength() == 2 && cursor.initial() == 'i';
        var one = cursor.factor();
        if (!cursor.is(Does.LENGTH)) {
            cursor.at = start;
            return null;
        }
        cursor.pass();
        cursor.mark(")");
        cursor.mark("-");
        cursor.blanks();
        if (isIn && !cursor.is(Does.LENGTH_NOUN)) {
            cursor.at = start;
            return null;
        }
        cursor.take(Does.LENGTH_NOUN);
        var each = (inner == null ? number : inner).high().decimal();
        var centimetres = each.multiply(one);
        var count = inner == null ? Amount.of(1, Unit.PIECE) : new Amount(number.low(), number.high(), Unit.PIECE);
        return new Measure(count, Unit.PIECE.id(), BigDecimal.ONE, null, null, centimetres, Set.of(), behind(cursor));
    }

    /// "400 g" or "15-ounce" before a tin, jar or pack; else null, with the cursor where it was.
    private @Nullable Amount each(Cursor cursor) {
        if (!cursor.isDigit() && cursor.ahead() < 128 && !cursor.is(Does.NUMBER)) return null;
        var start = cursor.at;
        var each = weight(cursor);
        if (each != null) {
            skipOther(cursor);
            sizes(cursor);
            var container = cursor.at;
            var unit = units.ahead(cursor);
            cursor.at = container;
            if (unit != null && unit.unit().kind() == Unit.Kind.COUNT) return each;
        }
        cursor.at = start;
        return null;
    }

    /// "2 x 250 g butter": as much in all; else null, with the cursor where it was
    private @Nullable Amount times(Cursor cursor, Numbers.Found number) {
        var start = cursor.at;
        var one = weight(cursor);
        if (one != null)
            return new Amount(number.low().times(one.low()), number.high().times(one.high()), one.unit());
        cursor.at = start;
        return null;
    }

    /// "1 x tin butter beans": a count noun right behind the times
    private boolean isCounted(Cursor cursor) {
        var start = cursor.at;
        var unit = units.ahead(cursor);
        cursor.at = start;
        return unit != null && unit.unit().kind() == Unit.Kind.COUNT;
    }

    private Measure contained(Cursor cursor, Numbers.Found number, Amount each, Set<JuiceOrZest> pressed) {
        var unit = units.ahead(cursor);
        var container = unit == null ? Written.NONE : unit;
        return with(amount(number, container), container.noun(), Inside.each(each), pressed, cursor);
    }

    /// A weight or volume in brackets right behind the number: "1 (400 g) tin".
    private @Nullable Amount bracketed(Cursor cursor) {
        if (cursor.ahead() != '(' && cursor.ahead() != '[') return null;
        var start = cursor.at;
        if (cursor.mark("([")) {
            var weight = weight(cursor);
            skipOther(cursor);
            if (weight != null && cursor.mark(")]")) {
                cursor.blanks();
                return weight;
            }
        }
        cursor.at = start;
        return null;
    }

    /// A number with a unit of weight or volume at the cursor, taken; else null.
    @Nullable
    Amount weight(Cursor cursor) {
        var number = Numbers.at(cursor.text, cursor.at);
        if (number == null) return null;
        cursor.at = number.end();
        cursor.mark("-");
        var unit = units.ahead(cursor);
        if (unit == null || unit.unit().kind() != Unit.Kind.WEIGHT && unit.unit().kind() != Unit.Kind.VOLUME)
            return null;
        return amount(number, unit);
    }

    /// Size words at the cursor, taken: what they do to one of the food. "thumb-sized" says no figure, and a
    /// walnut-sized knob holds no walnut.
    static BigDecimal sizes(Cursor cursor) {
        var size = BigDecimal.ONE;
        while (true) {
            var start = cursor.at;
            var said = cursor.said();
            var isSize = said.is(Does.SIZE) || said.is(Does.SHORT_SIZE);
            cursor.pass();
            if (start != cursor.at && cursor.text.startsWith("-size", cursor.at)) {
                cursor.at++;
                cursor.pass();
            } else if (!isSize) {
                cursor.at = start;
                return size;
            }
            // "Red onion, 1 large, chopped": a size word may end what is said
            if (said.is(Does.SHORT_SIZE)) cursor.mark(".");
            if (!cursor.mark("- ") && cursor.ahead() != 0 && ",;)".indexOf(cursor.ahead()) < 0) {
                cursor.at = start;
                return size;
            }
            cursor.blanks();
            if (isSize) size = size.multiply(said.factor());
        }
    }

    /// "100g-150g kale": the unit is said twice.
    Amount wider(Cursor cursor, Amount amount, Written unit) {
        var start = cursor.at;
        if (cursor.mark("-–—") || cursor.take(Does.TO)) {
            cursor.blanks();
            var other = Numbers.at(cursor.text, cursor.at);
            if (other != null && other.high().compareTo(amount.high()) > 0) {
                cursor.at = other.end();
                var again = units.ahead(cursor);
                if (again != null && again.unit() == unit.unit())
                    return new Amount(amount.low(), other.high().times(again.times()), amount.unit());
            }
        }
        cursor.at = start;
        return amount;
    }

    /// "1 tbsp + 1 tsp" and "2 lb 4 oz": both together, in the first unit.
    Amount added(Cursor cursor, Amount amount) {
        var start = cursor.at;
        var joined = cursor.mark("+") || cursor.take(Does.PLUS, Does.AND);
        cursor.blanks();
        var other = joined || cursor.isDigit() ? weight(cursor) : null;
        if (other != null && other.unit().kind() == amount.unit().kind() && (joined || other.unit() != amount.unit())) {
            var share = share(other.unit(), amount.unit());
            return new Amount(amount.low().plus(other.low().times(share)),
                    amount.high().plus(other.high().times(share)), amount.unit());
        }
        cursor.at = start;
        return withSmaller(cursor, amount);
    }

    /// "2lb4 mince", "mince 2lb 8", "one kilo two hundred of lamb": the smaller unit has no name
    private Amount withSmaller(Cursor cursor, Amount larger) {
        var start = cursor.at;
        var smaller = SMALLER.get(larger.unit());
        var many = smaller == null || !cursor.isDigit() && !cursor.is(Does.NUMBER) ? null
                : Numbers.at(cursor.text, cursor.at);
        if (smaller == null || many == null || !smaller.isSaid(many.high()) || !isParted(cursor.text, many.end()))
            return larger;
        cursor.at = many.end();
        if (cursor.take(Does.OF)) cursor.blanks();
        var all = many.high().times(share(smaller.unit, larger.unit()));
        return new Amount(larger.low().plus(all), larger.high().plus(all), larger.unit());
    }

    private static boolean isParted(String text, int end) {
        return end == text.length() || text.charAt(end - 1) == ' ';
    }

    /// A unit that is left out behind a larger one.
    ///
    /// @param least how many of it are told so, at least: a kilo five is no kilo and five grams
    /// @param end   as many are the larger unit
    private record Smaller(Unit unit, Fraction least, Fraction end) {
        boolean isSaid(Fraction many) { return many.compareTo(least) >= 0 && many.compareTo(end) < 0; }
    }

    private Fraction share(Unit of, Unit in) {
        var ratio = of.kind() == Unit.Kind.WEIGHT ? Weights.grams(of).divide(Weights.grams(in), MathContext.DECIMAL64)
                : volumes.millilitres(of).divide(volumes.millilitres(in), MathContext.DECIMAL64);
        return new Fraction(ratio.movePointRight(6).setScale(0, RoundingMode.HALF_UP).longValueExact(), 1_000_000);
    }

    /// "200g/7oz": the same again in another unit is passed over.
    void skipOther(Cursor cursor) {
        var start = cursor.at;
        if (cursor.mark("/")) {
            cursor.blanks();
            if (weight(cursor) != null) {
                // "1kg/2lb 4oz": the other may be said in two units
                if (cursor.isDigit()) weight(cursor);
                return;
            }
        }
        cursor.at = start;
    }

    private static String behind(Cursor cursor) {
        cursor.blanks();
        cursor.take(Does.EACH);
        return afterOf(cursor);
    }

    // --- no number in front ------------------------------------------------------------------------------------------

    /// "pinch of salt" and "flour 200 g": a unit without a number, or the amount behind the food.
    /// "pint milk", "lb butter": one of what is sold so; nobody means a gram
    private static boolean isByItself(Written unit) {
        return BY_ITSELF.contains(unit.unit()) || !unit.times().equals(Fraction.ONE);
    }

    private static Amount one(Written unit) { return Amount.of(1, unit.unit()).times(unit.times()); }

    private Measure unnumbered(String text) {
        var cursor = new Cursor(text, 0);
        cursor.take(Does.THE, Does.SOME);
        var size = sizes(cursor);
        var start = cursor.at;
        var unit = units.ahead(cursor);
        if (unit != null && unit.unit().kind() == Unit.Kind.COUNT && Character.isLetterOrDigit(cursor.ahead())) {
            cursor.take(Does.EACH);
            var each = Character.isDigit(cursor.ahead()) ? weight(cursor) : null;
            if (each != null) cursor.blanks();
            // "cloves 50 g": the count noun is the food itself
            if (cursor.ahead() != 0)
                return noted.with(new Measure(one(unit), unit.noun(), size, each, null, null,
                        Set.of(), afterOf(cursor)));
        }
        // "tbsp dijon": one
        if (unit != null && SPOONS.contains(unit.unit()) && Character.isLetter(cursor.ahead())
                && !Foods.shipped().recipeWords().isNameBeyond(text, start, cursor.at))
            return new Measure(one(unit), unit.noun(), size, null, null, null, Set.of(),
                    afterOf(cursor));
        if (unit != null && isByItself(unit) && Character.isLetter(cursor.ahead()) && !HAS_FIGURE.matcher(text).find()
                && !Foods.shipped().recipeWords().isNameBeyond(text, start, cursor.at))
            return measure(one(unit), Set.of(), afterOf(cursor));
        cursor.at = start;
        var found = behind.read(text);
        return found != null ? noted.with(found) : measure(null, Set.of(), text);
    }
}
