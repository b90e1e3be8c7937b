package keenfork.core.recipe;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Words;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Unit;
import keenfork.core.recipe.MeasureReader.Measure;
import keenfork.core.recipe.MeasureWords.Does;
import keenfork.core.recipe.Units.Written;
import org.jspecify.annotations.Nullable;

/// Reads an amount that stands behind its food: "butter 50 g", "eggs x 3", "basil 2kg picked", "parsley, small
/// handful".
final class AmountBehind {
    private static final Set<Unit> HANDS = Set.of(Unit.HANDFUL, Unit.PINCH, Unit.DRIZZLE, Unit.BUNCH, Unit.SPRIG,
            Unit.TIN, Unit.JAR);
    /// "dill 3 bunches picked" counts them, and nobody counts hundreds of anything in the middle of a line
    private static final Fraction MOST_COUNTED = Fraction.of(48);

    /// "see book p 41"
    private static final Pattern PAGE =
            Pattern.compile("(?i)(?<!\\p{L})(?:" + Grammar.anyOf("page-of") + ")\\.?\\s?$");
    private static final Pattern EACH = Pattern.compile("(?i)(?:" + Grammar.anyOf("each") + ")\\.?");

    private static final Pattern TIMES = Pattern.compile("(?i)\\s*[x×]\\s?(?<count>[1-9]\\d{0,2})(?![\\p{L}\\d.,])");
    private static final Pattern TIMES_OF = Pattern.compile("(?i)\\s?[x×]\\s?" + PackSizes.EACH);
    private static final Pattern TIMES_SIGN = Pattern.compile("(?i)\\p{L} [x×]\\s?$");
    private static final Pattern TIMES_BEFORE =
            Pattern.compile("(?i)(?<=[\\s,:-])(?<count>[1-9]\\d{0,2})\\s?[x×]\\s?$");

    /// "lemon juice (2 lemons)": how many were squeezed
    private static final Pattern JUICED = Pattern.compile("(?i)(?:" + Grammar.anyOf("squeezed-from") + ") \\($");
    /// "panko 150 toasted in butter", "pears 12 poached in wine"
    private static final Pattern DONE = Pattern.compile("(?iU)\\p{L}{3,}ed\\b");
    private static final Pattern WIDE = Pattern.compile("(?i)\\s?(?:" + Grammar.anyOf("width") + ")\\b(?=.*\\d)");
    private static final Fraction MOST_ROUND = Fraction.of(5000);
    private static final int ROUND = 5;
    private static final Fraction LEAST_WEIGHED = Fraction.of(50);
    private static final int MOST_DONE = 2;
    /// "almonds flkd toasted to garnish 150"
    private static final int MOST_MEANT = 4;
    private static final Set<String> PREPOSITION = Grammar.words("preposition");
    private static final Set<String> TOLD_APART = Grammar.words("told-apart");
    private static final Pattern BRACKET_AT_END = Pattern.compile("\\s*\\([^()]{1,60}\\)\\s*$");

    private final MeasureReader ahead;
    private final Units units;

    AmountBehind(MeasureReader ahead, Units units) {
        this.ahead = ahead;
        this.units = units;
    }

    /// The amount behind the food: "butter 50g", "eggs x 3", "lemons (2)", "Red onion, 1 large, finely chopped", "lemon
    /// juice (from 1 lemon)".
    @Nullable
    Measure read(String text) {
        var amount = amount(text);
        if (amount == null) amount = unitBehindComma(text);
        return amount != null ? amount : unitAtEnd(text);
    }

    private @Nullable Measure amount(String text) {
        for (var at = 1; at < text.length(); at++) {
            var before = text.charAt(at - 1);
            if (Character.isLetterOrDigit(before) || ".½¼¾/".indexOf(before) >= 0) continue;
            if (PAGE.matcher(text.substring(0, at)).find()) continue;
            var separated = isSeparated(text, at);
            if (!Character.isDigit(text.charAt(at)) && "½¼¾⅓⅔⅛.".indexOf(text.charAt(at)) < 0
                    && !(Character.isLetter(text.charAt(at)) && (separated || isNumberInWords(text, at))))
                continue;
            var number = Numbers.at(text, at);
            // "rice sticks 5mm 4kg" are as wide as that
            if (number == null || number.high().top() == 0 || WIDE.matcher(text.substring(number.end())).lookingAt())
                continue;
            // "toms, chopped 2 x 2.5 kg": the times are told with what there is of it
            if (TIMES_OF.matcher(text.substring(number.end())).lookingAt()) continue;
            var found = behind(text, at, number, separated);
            var isWord = !separated && Character.isLetter(text.charAt(at));
            if (found != null && (!isWord || !found.noun().equals(Unit.NONE.id()) || number.end() == text.length()))
                return found;
        }
        return null;
    }

    /// "tahini half a kilo", "chickpeas two tins", "eggs a dozen": before a unit, or where it ends the line
    private static boolean isNumberInWords(String text, int at) {
        var cursor = new Cursor(text, at);
        if (cursor.is(Does.ARTICLE)) {
            cursor.pass();
            cursor.blanks();
        }
        return cursor.is(Does.NUMBER) || cursor.is(Does.PART) || cursor.is(Does.HALF) || cursor.is(Does.FEW)
                || cursor.is(Does.DOZEN);
    }

    /// "butter 300 cold": grams as kitchens weigh them
    private static boolean isRound(Fraction number) {
        return number.compareTo(MOST_ROUND) <= 0 && number.bottom() == 1 && number.top() % ROUND == 0;
    }

    private static boolean isWeighed(@Nullable Written unit) {
        return unit != null && unit.unit().kind() != Unit.Kind.COUNT;
    }

    /// "prawns 1 kg x 2": how many times; one where nothing says so
    private static Fraction times(Cursor cursor) {
        var times = TIMES.matcher(cursor.rest());
        if (!times.lookingAt()) return Fraction.ONE;
        cursor.at += times.end();
        return Fraction.of(Long.parseLong(times.group("count")));
    }

    /// "pine kernels, small handful", "tzatziki, a good dollop": a count noun behind the food that ends what is said.
    private @Nullable Measure unitBehindComma(String text) {
        for (var comma = mark(text, 0); comma > 0; comma = mark(text, comma + 1)) {
            var cursor = new Cursor(text, comma + 1);
            cursor.blanks();
            cursor.take(Does.ARTICLE);
            var size = MeasureReader.sizes(cursor);
            var unit = cursor.isWord() ? units.named(cursor) : null;
            if (unit == null || unit.unit().kind() != Unit.Kind.COUNT || !HANDS.contains(unit.unit())) continue;
            cursor.pass();
            cursor.blanks();
            var isEach = EACH.matcher(cursor.rest()).matches();
            if (cursor.ahead() != 0 && cursor.ahead() != ',' && !isEach) continue;
            return new Measure(Amount.of(1, unit.unit()), unit.noun(), size, null, null, null, Set.of(),
                    text.substring(0, comma).stripTrailing() + (isEach ? "" : cursor.rest()));
        }
        return null;
    }

    /// a comma, or a dash amid blanks: "salt - pinch"
    private static int mark(String text, int from) {
        for (var at = from; at < text.length(); at++)
            if (text.charAt(at) == ',' || "-–—".indexOf(text.charAt(at)) >= 0 && at > 0 && text.charAt(at - 1) == ' '
                    && text.startsWith(" ", at + 1))
                return at;
        return -1;
    }

    private @Nullable Measure behind(String text, int at, Numbers.Found number, boolean separated) {
        var inBracket = text.lastIndexOf('(', at) > text.lastIndexOf(')', at);
        var cursor = new Cursor(text, number.end());
        var size = MeasureReader.sizes(cursor);
        var unit = unitEnding(cursor);
        var amount = ahead.amount(number, unit == null ? Written.NONE : unit);
        if (unit != null) amount = ahead.added(cursor, SaidOn.andAPart(cursor, ahead.wider(cursor, amount, unit)));
        ahead.skipOther(cursor);
        cursor.blanks();
        var from = JUICED.matcher(text.substring(0, at)).find() ? at - 1 : text.lastIndexOf("(from", at);
        if (unit == null && inBracket && from >= 0) {
            var close = text.indexOf(')', at);
            return close < 0 ? null : MeasureReader.measure(amount, Set.of(), text.substring(0, from).strip());
        }
        if (unit != null && cursor.take(Does.EACH)) cursor.mark(".");
        amount = isWeighed(unit) ? amount.times(times(cursor)) : amount;
        cursor.blanks();
        // "eggs x6 free range": nothing else is meant by that
        var ends = cursor.ahead() == 0 || ",;()+".indexOf(cursor.ahead()) >= 0
                || unit == null && TIMES_SIGN.matcher(text.substring(0, at)).find();
        // "basil 2kg picked", "dill 1 bunch picked", "carrots 3": an amount or a last number, right behind a food
        var isFew = number.high().compareTo(MOST_COUNTED) <= 0 || unit == null && isRound(number.high());
        var isWeighed = isWeighed(unit);
        // "tinned tomatoes 6 x 2.5 kg"
        var times = TIMES_BEFORE.matcher(text).region(0, at);
        var isTimes = isWeighed && times.find();
        if (isTimes) amount = amount.times(Fraction.of(Long.parseLong(times.group("count"))));
        var before = text.substring(0, isTimes ? times.start() : at);
        // "tofu, firm 400 g crumbled": talk between the food and its weight
        var isPlain = unit == null && isRound(number.high()) && number.high().compareTo(LEAST_WEIGHED) >= 0;
        var isRightBehind = !separated
                && (isWeighed && endsInTalk(before)
                        || (unit == null ? ends || isFew && (isHow(before, cursor.rest())
                                || DONE.matcher(cursor.rest()).lookingAt()) : isFew)
                                && (endsInFood(before) || unit == null && endsInDone(before, isPlain)));
        if (!isRightBehind && (!ends && !(unit != null && separated) || unit == null && !separated)) return null;
        var food = before.replaceFirst("(?i)(?:[\\s,:(×–—-]|(?<=[\\s(])x)+(?:about |approx\\.? )?$", "")
                .strip();
        if (food.isEmpty()) return null;
        var tail = cursor.rest();
        if (inBracket) tail = tail.replaceFirst("\\)", "");
        return new Measure(amount, unit == null ? Unit.NONE.id() : unit.noun(), unit != null && unit.unit()
                .kind() == Unit.Kind.WEIGHT ? BigDecimal.ONE : size, null, null, null,
                Set.of(), isDone(food, tail) ? food + ", " + tail.strip() : (food + " " + tail).strip());
    }

    /// "almonds 300 g toast": the last word is what is done, where behind a comma it would name no food
    private static boolean isDone(String food, String tail) {
        var bare = tail.strip();
        if (bare.isEmpty() || !bare.chars().allMatch(Character::isLetter)) return false;
        return Foods.shipped().phrase(food + ", " + bare).matches().size() < Foods.shipped().phrase(food + " " + bare)
                .matches().size();
    }

    /// "raisins small handful", "spring onion bunch", "chickpeas tin": a count noun without a number that ends the
    /// line.
    private @Nullable Measure unitAtEnd(String text) {
        var last = text.lastIndexOf(' ');
        if (last < 0) return null;
        var unit = Units.unit(text.substring(last + 1).toLowerCase(Locale.ROOT));
        if (unit == null || !HANDS.contains(unit) || isInName(text, last)) return null;
        for (var from = last; from > 0; from = text.lastIndexOf(' ', from - 1)) {
            var cursor = new Cursor(text, from + 1);
            var size = MeasureReader.sizes(cursor);
            if (cursor.at != last + 1) return null;
            if (endsInFood(text.substring(0, from)))
                return new Measure(Amount.of(1, unit), Units.singular(text.substring(last + 1)
                        .toLowerCase(Locale.ROOT)), size, null, null, null, Set.of(), text.substring(0, from));
        }
        return null;
    }

    /// "homemade cinnamon swirl": the last word is one of a food's name
    private static boolean isInName(String text, int last) {
        for (var from = last; from > 0; from = text.lastIndexOf(' ', from - 1)) {
            var start = text.lastIndexOf(' ', from - 1) + 1;
            if (Foods.shipped().find(text.substring(start)).isPresent()) return true;
        }
        return false;
    }

    /// "onion 6 grated", "almonds 300 toast": only what is done to them stands behind
    private static boolean isHow(String food, String rest) { return isTalk(rest) || isDone(food.strip(), rest); }

    private static boolean isTalk(String rest) {
        return !rest.isEmpty() && Character.isLetter(rest.charAt(0))
                && Foods.shipped().recipeWords().isOnlyTalk(rest);
    }

    private static boolean endsInFood(String words) {
        var bare = words.stripTrailing();
        var named = bare.endsWith(")") ? BRACKET_AT_END.matcher(bare).replaceFirst("").stripTrailing() : bare;
        if (Foods.shipped().isShortForm(named.substring(named.lastIndexOf(' ') + 1))
                || Foods.shipped().alone(named).isPresent())
            return true;
        // "lem juice 60", a slip away from its name
        return endsIn(named, Foods.shipped().recipeWords().read(named).matches())
                || endsIn(named, Foods.shipped().phrase(named).matches());
    }

    private static boolean endsIn(String words, List<Match> matches) {
        return !matches.isEmpty() && matches.getLast().end() == words.length();
    }

    /// "mozz grated 800", "eggs hb 20", "flour for thickening 200": a few words of how, or of what for, behind the
    /// food; not "pitta for table 4", nor "soup for 80"
    ///
    /// @param isPlain whether the number can be nothing but grams
    private static boolean endsInDone(String words, boolean isPlain) {
        var read = Foods.shipped().recipeWords().read(words);
        // "almonds flkd 150", "chicken brst 25": words without their vowels are talk, too
        if (read.matches().isEmpty()
                || !read.unread().isEmpty() && !Foods.shipped().phrase(words).unknown().isEmpty())
            return false;
        var behind = Words.of(words.substring(read.matches().getLast().end()));
        if (behind.isEmpty() || behind.size() > (isPlain ? MOST_MEANT : MOST_DONE)
                || behind.stream().anyMatch(w -> TOLD_APART.contains(w.text())))
            return false;
        return isPlain ? !PREPOSITION.contains(behind.getLast().text())
                : behind.stream().noneMatch(w -> PREPOSITION.contains(w.text()));
    }

    /// {@return whether nothing but talk stands behind the last food}
    private static boolean endsInTalk(String words) {
        var read = Foods.shipped().recipeWords().read(words);
        return !read.matches().isEmpty() && read.unread().isEmpty();
    }

    /// A unit behind the food may end the line: "chickpeas x 2 tins".
    private @Nullable Written unitEnding(Cursor cursor) {
        var unit = units.ahead(cursor);
        if (unit != null) return unit;
        var start = cursor.at;
        cursor.blanks();
        var found = cursor.isWord() ? units.named(cursor) : null;
        if (found == null) {
            cursor.at = start;
            return null;
        }
        cursor.pass();
        return found;
    }

    private static boolean isSeparated(String text, int at) {
        var i = at - 1;
        while (i >= 0 && text.charAt(i) == ' ') i--;
        if (i < 0) return false;
        var c = text.charAt(i);
        return ",:;(–—-×".indexOf(c) >= 0 || (c == 'x' || c == 'X') && i > 0 && " (".indexOf(text.charAt(i - 1)) >= 0;
    }
}
