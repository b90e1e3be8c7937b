package keenfork.core.recipe;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.measure.Weights;
import org.jspecify.annotations.Nullable;

/// Reads one ingredient line: how much, of what unit, and every food its words name.
final class LineReader {
    /// longest line whose words are read; the rest of a longer one cannot be known
    private static final int LONGEST = 500;
    private static final Pattern BULLET = Pattern.compile("^(?:[-–—*•·▪◦‣☐✓+]+\\s*|\\d{1,3}[.)]\\s+)");
    private static final Pattern PRESSED = Pattern.compile("(?i)^(?:the\\s+)?(?:finely\\s+)?(?:grated\\s+)?(?<what>juice|zest|rind)(?:\\s+and\\s+(?:zest|juice|rind))?\\s+of\\s+");
    private static final Pattern JUICED = Pattern.compile("(?i)\\b(?:juiced|juice)\\b");
    private static final Pattern CITRUS = Pattern.compile("(?i)\\b(lemon|lime|orange)s?\\b(?!\\s+(?:juice|zest|rind|leaf|leaves))");
    private static final Pattern SHARED_TAIL = Pattern.compile("(?i)\\b(lemon|lime|orange|almond|oat|soya|soy|cashew|olive|sunflower|rapeseed|walnut|sesame|wine|cider|rice)s? or (\\p{L}+ ?\\p{L}*?) (juice|zest|milk|oil|vinegar|butter|yoghurt|cream)\\b");
    private static final Pattern TO_TASTE = Pattern.compile("(?i)\\bto taste\\b|\\bas needed\\b|\\bto season\\b");
    private static final Pattern UNIT = Pattern.compile("(?i)^(fl\\.?\\s?oz|\\p{L}+)\\.?(?=$|[^\\p{L}])\\s*");
    private static final Pattern MODIFIER = Pattern.compile("(?i)^(heaped|heaping|level|rounded|scant|generous|good|big|small|large|medium|medium-sized|little|thick|thin|fat|fresh|ripe)\\s+");
    private static final Pattern SIZE = Pattern.compile("(?i)^\\(?\\s*(?<amount>[\\d.,½¼¾/ ]+)\\s*-?\\s*(?<unit>g|kg|ml|l|oz|lb)\\s*\\)?[\\s-]+(?=(?:tins?|cans?|jars?|pots?|packs?|packets?|bottles?|cartons?|tubs?|tubes?|bags?|blocks?)\\b)");
    /// "a 2 cm piece of ginger": a length is one piece, whatever its number
    private static final Pattern LENGTH = Pattern.compile("(?i)^(?:\\d+(?:\\s?[-–]\\s?\\d+)?\\s*)?-?(?:cm|centimetres?|inch(?:es)?|mm)\\b[\\s-]*(?:(?:piece|knob|stick|chunk|thumb|length)s?\\b\\s*)?(?:of\\s+)?");
    private static final Pattern TRAILING = Pattern.compile("(?i)^(?<food>.*?)[\\s,:–-]+(?<amount>(?:about )?[\\d½⅓⅔¼¾⅛][\\d.,/½⅓⅔¼¾⅛ –-]*\\s*(?:kg|g|ml|l|tsp|tbsp|cups?|oz|lb|teaspoons?|tablespoons?)\\.?|an? (?:good |small |big |large )?(?:pinch|handful|drizzle|splash|glug|bunch|sprig|squeeze|dash))$");
    private static final Pattern HEAD_END = Pattern.compile("(?i)[,(;]| with | in | for | from | and | & ");
    private static final Pattern OR = Pattern.compile("(?i)\\s+or\\s+|\\s*/\\s*(?=\\p{L})");
    private static final Map<String, BigDecimal> SIZES = Map.of("small", new BigDecimal("0.7"), "little", new BigDecimal("0.7"), "large", new BigDecimal("1.35"),
            "big", new BigDecimal("1.35"), "fat", new BigDecimal("1.35"), "heaped", new BigDecimal("1.3"), "heaping", new BigDecimal("1.3"), "scant", new BigDecimal("0.9"), "generous", new BigDecimal("1.1"));
    private static final Map<String, Unit> UNITS = units();

    private final Volumes volumes;

    LineReader(Volumes volumes) {
        this.volumes = volumes;
    }

    private static Map<String, Unit> units() {
        var units = new HashMap<String, Unit>();
        for (var unit : Unit.values()) for (var word : unit.words()) units.put(word, unit);
        return units;
    }

    /// {@return the line without bullet or list number}
    static String bare(String written) {
        return BULLET.matcher(written.strip()).replaceFirst("").replaceAll("[\\s\\u00a0]+", " ").strip();
    }

    Line read(String written) {
        var bare = bare(written);
        var text = bare.length() > LONGEST ? bare.substring(0, LONGEST) : bare;
        var unread = new ArrayList<String>();
        if (bare.length() > LONGEST) unread.add("…" + bare.substring(bare.length() - 20));
        var at = text.indexOf('@');
        if (at >= 0 && at < 20) {
            var measure = measure(text.substring(0, at).strip() + " ");
            var mass = measure.amount == null ? null : weight(measure.amount);
            return new Line(bare, measure.amount, false, List.of(), List.of(), text.substring(at + 1).strip(), mass, null);
        }
        var toTaste = TO_TASTE.matcher(text).find();
        var measure = measure(text);
        var phrase = measure.rest;
        if (measure.pressed.isEmpty() && JUICED.matcher(phrase).find() && CITRUS.matcher(phrase).lookingAt())
            phrase = CITRUS.matcher(phrase).replaceFirst("$1 juice");
        if (!measure.pressed.isEmpty()) phrase = CITRUS.matcher(phrase).replaceAll("$1 " + measure.pressed);
        phrase = SHARED_TAIL.matcher(phrase).replaceAll("$1 $3 or $2 $3");
        var choices = choices(phrase, unread);
        var amount = counted(measure.amount, phrase);
        return new Line(bare, amount, toTaste, choices, unread, "", amount == null ? null : weigh(measure, amount, choices), null);
    }

    /// What a line starts with, and the words that are left.
    private record Measure(@Nullable Amount amount, BigDecimal size, @Nullable Amount each, String pressed, String rest) {}

    private Measure measure(String text) {
        var pressedMatch = PRESSED.matcher(text);
        var pressed = "";
        var rest = text;
        if (pressedMatch.find()) {
            pressed = pressedMatch.group("what").toLowerCase(Locale.ROOT).replace("rind", "zest");
            rest = text.substring(pressedMatch.end());
        }
        var number = Numbers.at(rest);
        if (number == null) return pressed.isEmpty() ? unnumbered(rest) : new Measure(Amount.of(1, Unit.NONE), BigDecimal.ONE, null, pressed, rest);
        var after = rest.substring(number.length());
        var length = LENGTH.matcher(after);
        if (length.find()) return new Measure(Amount.of(1, Unit.PIECE), BigDecimal.ONE, null, pressed, after.substring(length.end()));
        if (after.matches("(?i)^[x×]\\s*\\d.*")) after = after.substring(1).strip();
        var size = SIZE.matcher(after);
        if (size.find()) {
            var each = Numbers.at(size.group("amount").strip());
            if (each != null) {
                var eachAmount = new Amount(each.low(), each.high(), unit(size.group("unit")));
                var container = unitAt(after.substring(size.end()));
                return new Measure(new Amount(number.low(), number.high(), container.unit), BigDecimal.ONE, eachAmount, pressed, container.rest);
            }
        }
        var sized = BigDecimal.ONE;
        for (var modifier = MODIFIER.matcher(after); modifier.find(); modifier = MODIFIER.matcher(after)) {
            sized = sized.multiply(SIZES.getOrDefault(modifier.group(1).toLowerCase(Locale.ROOT), BigDecimal.ONE));
            after = after.substring(modifier.end());
        }
        var unit = unitAt(after);
        if (unit.unit.kind() == Unit.Kind.WEIGHT) sized = BigDecimal.ONE;
        return new Measure(new Amount(number.low(), number.high(), unit.unit), sized, null, pressed, unit.rest);
    }

    /// "pinch of salt" and "flour 200 g": a unit without a number, or the amount after the food.
    private Measure unnumbered(String text) {
        var modifier = MODIFIER.matcher(text);
        var start = modifier.find() ? text.substring(modifier.end()) : text;
        var unit = unitAt(start);
        if (unit.unit != Unit.NONE && unit.unit.kind() == Unit.Kind.COUNT && !unit.rest.isBlank())
            return new Measure(Amount.of(1, unit.unit), BigDecimal.ONE, null, "", unit.rest);
        var trailing = TRAILING.matcher(text);
        if (trailing.matches()) {
            var back = measure(trailing.group("amount") + " of it");
            if (back.amount != null && back.rest.equals("it")) return new Measure(back.amount, BigDecimal.ONE, null, "", trailing.group("food"));
        }
        return new Measure(null, BigDecimal.ONE, null, "", text);
    }

    private record UnitAt(Unit unit, String rest) {}

    /// The unit a text starts with; a count noun with nothing behind it is the food itself ("3 cloves").
    private static UnitAt unitAt(String text) {
        var matcher = UNIT.matcher(text);
        if (!matcher.find()) return new UnitAt(Unit.NONE, text);
        var found = UNITS.get(matcher.group(1).toLowerCase(Locale.ROOT).replaceAll("[.\\s]", ""));
        if (found == null) return new UnitAt(Unit.NONE, text);
        var rest = text.substring(matcher.end()).replaceFirst("(?i)^of (?:the )?", "");
        if (found.kind() == Unit.Kind.COUNT && rest.isBlank()) return new UnitAt(Unit.NONE, text);
        return new UnitAt(found, rest);
    }

    private static Unit unit(String word) {
        return UNITS.getOrDefault(word.toLowerCase(Locale.ROOT), Unit.NONE);
    }

    /// "6 garlic cloves": the count noun stands behind the food.
    private static @Nullable Amount counted(@Nullable Amount amount, String phrase) {
        if (amount == null || amount.unit() != Unit.NONE) return amount;
        var head = HEAD_END.split(phrase, 2)[0].strip();
        var last = head.substring(head.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT);
        var unit = UNITS.get(last);
        return unit == null || unit.kind() != Unit.Kind.COUNT || head.equalsIgnoreCase(last) ? amount : new Amount(amount.low(), amount.high(), unit);
    }

    /// Every food the words name. "or" parts choices; words that are neither food nor kitchen talk are left unread.
    private List<Line.Choice> choices(String phrase, List<String> unread) {
        var choices = new ArrayList<Line.Choice>();
        for (var alternative : OR.split(phrase)) {
            var reading = Foods.shipped().recipeWords().read(alternative);
            unread.addAll(reading.unread());
            if (!reading.matches().isEmpty()) choices.add(choice(alternative, reading.matches()));
        }
        return choices;
    }

    /// The food that is weighed is the last one named before a comma, "with" or "in": "olive oil mayonnaise", "bread, brushed with butter".
    private static Line.Choice choice(String phrase, List<Match> matches) {
        var main = matches.getFirst();
        for (var match : matches.subList(1, matches.size())) {
            if (HEAD_END.matcher(phrase.substring(main.end(), match.start())).find()) break;
            main = match;
        }
        var chosen = main;
        return new Line.Choice(main.meaning(), matches.stream().filter(m -> m != chosen).map(Match::meaning).distinct().toList());
    }

    private @Nullable Mass weigh(Measure measure, Amount amount, List<Line.Choice> choices) {
        if (measure.each != null) {
            var total = new Amount(amount.low().times(measure.each.low()), amount.high().times(measure.each.high()), measure.each.unit());
            return weighEach(total, BigDecimal.ONE, choices);
        }
        return weighEach(amount, measure.size, choices);
    }

    private @Nullable Mass weighEach(Amount amount, BigDecimal size, List<Line.Choice> choices) {
        var weights = choices.stream().map(c -> food(c.main())).flatMap(Optional::stream)
                .map(f -> f.weigh(amount, volumes)).flatMap(Optional::stream).map(m -> m.times(size, size)).toList();
        if (weights.isEmpty()) return weight(amount);
        return weights.stream().reduce((a, b) -> new Mass(Math.min(a.low(), b.low()), Math.clamp((a.likely() + b.likely()) / 2, Math.min(a.low(), b.low()), Math.max(a.high(), b.high())), Math.max(a.high(), b.high())))
                .orElseThrow();
    }

    private static @Nullable Mass weight(Amount amount) {
        if (amount.unit().kind() != Unit.Kind.WEIGHT) return null;
        var grams = Weights.grams(amount.unit());
        return Mass.ofGrams(amount.low().decimal().multiply(grams), amount.low().plus(amount.high()).times(new Fraction(1, 2)).decimal().multiply(grams),
                amount.high().decimal().multiply(grams));
    }

    private static Optional<Food> food(Meaning meaning) {
        return meaning instanceof Meaning.OfFood(var food) ? Optional.of(food) : Optional.empty();
    }
}
