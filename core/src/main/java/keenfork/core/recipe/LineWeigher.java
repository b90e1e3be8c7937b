package keenfork.core.recipe;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Food;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.OwnWeights;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.measure.Weights;
import keenfork.core.recipe.MeasureReader.Measure;
import org.jspecify.annotations.Nullable;

/// Weighs what a line names: by the amount it says, in a kitchen's convention of volumes and with its own weights.
///
/// @param own what this kitchen found its foods to weigh
record LineWeigher(Volumes volumes, OwnWeights own) {
    /// "drained weight 110 g" is told of what stays in the sieve
    private static final Pattern DRAINED_WEIGHT =
            Pattern.compile("\\bdrained (?:" + Grammar.anyOf("behind-drained") + ")\\b");
    private static final Pattern DRAINED = Pattern.compile("(?<!un)(?<!(?:" + Grammar.anyOf("undrained") + ") )drain");

    /// "chicken breasts, 1 per portion" are counted
    private static final Pattern BY_PORTION =
            Pattern.compile("(?i)[^,;(]*\\b(?:" + Grammar.anyOf("by-portion") + ")\\s*(?:[,;(]|$)");
    private static final String SLICE = "slice";
    /// a smaller bare figure may count something: "2 chutney" is two pots of it
    private static final Fraction LEAST_GRAMS = Fraction.of(10);
    /// "1000 island dressing" is a name
    private static final Fraction MOST_GRAMS = Fraction.of(1000);
    /// who writes a number in front of a food mostly counts it
    private static final Fraction MOST_IN_FRONT = Fraction.of(99);
    private static final int DECIMAL = 5;
    private static final Fraction MOST_COUNTED = Fraction.of(48);
    /// of two, either may be meant
    private static final int SEVERAL = 3;
    private static final Amount ONE = new Amount(Fraction.ONE, Fraction.ONE, Unit.NONE);
    private static final Set<String> NEVER_COUNTED = Set.copyOf(Grammar.list("never-counted"));
    private static final Set<String> BY_HUNDREDS = Set.copyOf(Grammar.list("by-hundreds"));

    /// {@return what a line weighs, or null where that cannot be told}
    @Nullable
    Mass weigh(Measure measure, List<Line.Choice> choices) {
        var amount = measure.amount();
        if (amount == null) return null;
        if (measure.noted() != null) return weighNoted(measure, amount, measure.noted(), choices);
        var each = measure.each();
        if (each != null)
            return weighEach(new Amount(amount.low().times(each.low()), amount.high().times(each.high()), each.unit()),
                    each.unit().id(), BigDecimal.ONE, choices);
        var centimetres = measure.centimetres();
        if (centimetres != null) {
            var one = choices.stream().map(c -> food(c.main())).flatMap(Optional::stream).map(own::of)
                    .map(Food::centimetre).flatMap(Optional::stream).findFirst();
            if (one.isPresent()) return one.get().times(centimetres).grams(amount.low(), amount.high());
        }
        if (!isByPortion(measure)) return weighEach(amount, measure.noun(), measure.size(), choices);
        // "carrot cake 14 portions" are slices of it; how large a portion of chicken is, nobody says
        return choices.stream().allMatch(c -> isMade(c.main())) ? weighEach(amount, SLICE, measure.size(), choices)
                : null;
    }

    /// "12 salmon portions (150 g)": what is noted of several is the weight of each, where as much for all of them is
    /// further from what they usually weigh
    private @Nullable Mass weighNoted(Measure measure, Amount amount, Amount noted, List<Line.Choice> choices) {
        var said = weighEach(noted, Unit.NONE.id(), BigDecimal.ONE, choices);
        var usual = weighEach(amount, measure.noun(), measure.size(), choices);
        var many = amount.low().decimal().doubleValue();
        if (said == null || usual == null || many < SEVERAL || noted.unit().kind() != Unit.Kind.WEIGHT) return said;
        var share = said.likely() / (double) Math.max(1, usual.likely());
        return Math.abs(Math.log(share * many)) < Math.abs(Math.log(share))
                ? said.times(amount.low().decimal(), amount.high().decimal()) : said;
    }

    /// "mayo 500", "120 pine nuts", "mango 400": a bare figure beside what has no piece to count is its grams, and
    /// so is a large one behind what nobody counts by the hundred, as on the sheets of most kitchens (common practice);
    /// "basmati 1.5" and "ham 2.4" are its kilograms.
    Measure inGrams(Measure measure, List<Line.Choice> choices, boolean isBehind) {
        var amount = measure.amount();
        if (amount == null || amount.unit() != Unit.NONE || !measure.noun().equals(Unit.NONE.id())
                || measure.each() != null || measure.noted() != null || isByPortion(measure)
                || choices.isEmpty() || !choices.stream().allMatch(c -> isWeighed(c.main())))
            return measure;
        if (isBehind && (isDecimal(amount.low()) || isMoreThanOne(amount.low())
                && (weigh(measure, choices) == null || choices.stream().allMatch(c -> isMade(c.main())))))
            return in(Unit.KG, measure, amount);
        if (amount.low().compareTo(LEAST_GRAMS) < 0 || !isBehind && amount.high().compareTo(MOST_GRAMS) >= 0)
            return measure;
        var isLarge = amount.low().compareTo(isBehind ? MOST_COUNTED : MOST_IN_FRONT) > 0
                && choices.stream().flatMap(c -> food(c.main()).stream()).noneMatch(this::isCounted);
        if (!isLarge && weigh(measure, choices) != null) return measure;
        return in(Unit.G, measure, amount);
    }

    private static boolean isByPortion(Measure measure) {
        return measure.noun().equals(Unit.NONE.id()) && BY_PORTION.matcher(measure.rest()).lookingAt();
    }

    private static Measure in(Unit unit, Measure measure, Amount amount) {
        return new Measure(new Amount(amount.low(), amount.high(), unit), unit.id(), BigDecimal.ONE, null, null,
                null, measure.pressed(), measure.rest());
    }

    /// a food, or spices and herbs that nobody has named
    private static boolean isWeighed(Meaning meaning) {
        return meaning instanceof Meaning.OfFood || meaning instanceof Meaning.Vague;
    }

    /// "tabbouleh 2.5": nobody has two and a half of what is made
    private static boolean isMade(Meaning meaning) { return food(meaning).filter(Food::isCompound).isPresent(); }

    /// nobody has 2.4 fillets, and somebody may have 2.5
    private static boolean isDecimal(Fraction number) { return number.bottom() % DECIMAL == 0; }

    private static boolean isMoreThanOne(Fraction number) {
        return number.bottom() > 1 && number.compareTo(Fraction.ONE) > 0;
    }

    /// "rolls 120" are so many, and "chicken stock 300" is as many grams, though a cube of it has a weight
    private boolean isCounted(Food food) {
        return !NEVER_COUNTED.contains(food.name()) && (!food.isCompound()
                || own.of(food).weigh(ONE, Unit.NONE.id(), volumes).isPresent())
                && BY_HUNDREDS.stream().anyMatch(n -> food.name().equals(n) || food.name().endsWith(" " + n));
    }

    /// Of several choices the least and the most; juice and zest of one fruit together.
    private @Nullable Mass weighEach(Amount amount, String noun, BigDecimal size, List<Line.Choice> choices) {
        Mass all = null;
        for (var choice : choices) {
            var one = weigh(choice, amount, noun);
            if (one != null) all = all == null ? one : either(all, one);
        }
        if (all == null) return weight(amount);
        return size.equals(BigDecimal.ONE) ? all : all.times(size, size);
    }

    private @Nullable Mass weigh(Line.Choice choice, Amount amount, String noun) {
        if (!(choice.main() instanceof Meaning.OfFood(var food))) return null;
        var main = own.of(food).weigh(amount, noun, volumes).orElse(null);
        if (main == null || amount.unit().kind() != Unit.Kind.COUNT || choice.others().isEmpty()
                || !food.name().endsWith(" juice"))
            return main;
        var zest = food(choice.others().getFirst()).filter(f -> f.name().endsWith(" zest"))
                .flatMap(z -> own.of(z).weigh(amount, noun, volumes));
        return zest.map(main::plus).orElse(main);
    }

    private static Mass either(Mass a, Mass b) {
        var low = Math.min(a.low(), b.low());
        var high = Math.max(a.high(), b.high());
        return new Mass(low, Math.clamp((a.likely() + b.likely()) / 2, low, high), high);
    }

    /// A tin whose size is printed, and that the line says is drained: what goes in is what stays in the sieve.
    static @Nullable Mass drained(@Nullable Mass mass, Measure measure, String lower,
            List<Line.Choice> choices) {
        if (mass == null || measure.each() == null || choices.isEmpty() || DRAINED_WEIGHT.matcher(lower).find())
            return mass;
        var said = lower.indexOf("drain");
        // "not drained", "undrained" and "don't drain" are what the pattern is for
        if (said < 0 || said > 1 && !isFree(lower, said) && !DRAINED.matcher(lower).find()) return mass;
        return food(choices.getFirst().main()).map(f -> Yields.drained(f, mass)).orElse(mass);
    }

    private static boolean isFree(String lower, int at) {
        return lower.charAt(at - 1) == ' ' && ",(d".indexOf(lower.charAt(at - 2)) >= 0;
    }

    static @Nullable Mass weight(Amount amount) {
        if (amount.unit().kind() != Unit.Kind.WEIGHT) return null;
        return Weights.mass(amount);
    }

    private static Optional<Food> food(Meaning meaning) {
        return meaning instanceof Meaning.OfFood(var food) ? Optional.of(food) : Optional.empty();
    }
}
