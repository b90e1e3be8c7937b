package keenfork.core.recipe;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.UnitNames;
import keenfork.core.food.UnitNames.UnitName;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import org.jspecify.annotations.Nullable;

/// Units as cooks write them, in a kitchen's convention of volumes: tbsp, T, fl. oz, dessertspoons, a pint, sticks.
final class Units {
    /// what goes on behind the first of two initials
    private static final Pattern INITIALS = Pattern.compile("\\.\\p{L}(?!\\p{L})");
    /// a shorter word lies a slip away from too much
    private static final int SHORTEST_SLIP = 4;
    private static final Map<String, UnitName> NAMES = UnitNames.all().stream()
            .collect(Collectors.toMap(UnitName::word, n -> n));
    /// spellings of weights and volumes that are long enough to be misspelt
    private static final List<UnitName> MEASURES = UnitNames.all().stream()
            .filter(n -> n.word().length() >= SHORTEST_SLIP
                    && (n.unit().kind() == Unit.Kind.VOLUME || n.unit().kind() == Unit.Kind.WEIGHT))
            .sorted(Comparator.comparing(UnitName::word)).toList();
    private static final String STARTS = MEASURES.stream().map(n -> n.word().substring(0, 1)).distinct()
            .collect(Collectors.joining());

    private static final Written TABLESPOON = new Written(Unit.TBSP, Unit.TBSP.id(), Fraction.ONE);
    private static final Written TEASPOON = new Written(Unit.TSP, Unit.TSP.id(), Fraction.ONE);
    private static final Written POUND = new Written(Unit.LB, Unit.LB.id(), Fraction.ONE);
    private static final Written CUP = new Written(Unit.CUP, Unit.CUP.id(), Fraction.ONE);

    private final Volumes volumes;

    Units(Volumes volumes) {
        this.volumes = volumes;
    }

    /// {@return the unit of exactly that spelling in lower case, or null}
    static @Nullable Unit unit(String word) {
        var name = NAMES.get(word);
        return name == null ? null : name.unit();
    }

    /// A unit as written.
    ///
    /// @param noun  the count noun, `stick` of "sticks"; else the unit's own key
    /// @param times how many of the unit it is: a dessertspoon is two teaspoons
    record Written(Unit unit, String noun, Fraction times) {
        static final Written NONE = new Written(Unit.NONE, Unit.NONE.id(), Fraction.ONE);
    }

    /// The unit at the cursor, taken with the blanks behind it; a count noun with nothing behind it is the food itself
    /// ("3 cloves").
    @Nullable
    Written ahead(Cursor cursor) {
        var start = cursor.at;
        // "1# rotini": pounds
        if (cursor.ahead() == '#' && cursor.at > 0 && Character.isDigit(cursor.text.charAt(cursor.at - 1))
                && cursor.mark("#")) {
            cursor.blanks();
            return POUND;
        }
        cursor.blanks();
        if (!cursor.isWord()) {
            cursor.at = start;
            return null;
        }
        var from = cursor.at;
        var after = from + cursor.wordLength();
        var found = cursor.initial() == 'f' && isFluid(cursor.word()) ? fluidOunce(cursor) : oneWord(cursor);
        // "36 k.p." are king prawns
        if (found == null || cursor.text.startsWith(".", after) && after + 1 < cursor.text.length()
                && Character.isLetter(cursor.text.charAt(after + 1))
                || found.unit.kind() == Unit.Kind.COUNT
                        && (cursor.ahead() == 0 || ",;)".indexOf(cursor.ahead()) >= 0 || Foods.shipped().recipeWords()
                                .isNameBeyond(cursor.text, from, after))) {
            cursor.at = start;
            return null;
        }
        return found;
    }

    private static boolean isFluid(String word) { return word.equals("fl") || word.equals("fluid"); }

    private @Nullable Written oneWord(Cursor cursor) {
        // T and t are a tablespoon and a teaspoon where they stand alone, c is a cup
        var letter = cursor.wordLength() == 1 ? letter(cursor) : null;
        var found = letter == null ? named(cursor) : letter;
        if (found != null) passUnit(cursor);
        return found;
    }

    /// {@return the unit a single letter stands for, or null where it stands for none}
    private static @Nullable Written letter(Cursor cursor) {
        if (cursor.initial() == 'c') return CUP;
        if (cursor.initial() != 't') return null;
        return cursor.ahead() == 'T' ? TABLESPOON : TEASPOON;
    }

    private static @Nullable Written fluidOunce(Cursor cursor) {
        passUnit(cursor);
        if (!cursor.take(MeasureWords.Does.OUNCE)) return null;
        cursor.mark(".");
        cursor.blanks();
        return new Written(Unit.FL_OZ, Unit.FL_OZ.id(), Fraction.ONE);
    }

    private static void passUnit(Cursor cursor) {
        cursor.pass();
        cursor.mark(".");
        cursor.blanks();
    }

    /// {@return the unit that the word at the cursor names, or is a slip of the pen away from, or null; the cursor
    /// stays}
    @Nullable
    Written named(Cursor cursor) {
        var name = cursor.said().unit();
        if (name != null)
            return new Written(name.unit(), name.noun(),
                    volumes == Volumes.US ? name.us() : name.metric());
        if (cursor.wordLength() < SHORTEST_SLIP || STARTS.indexOf(cursor.initial()) < 0 || Foods.shipped().recipeWords()
                .isWordAt(cursor.text, cursor.at))
            return null;
        var unit = slip(cursor.word());
        return unit == null ? null : new Written(unit, unit.id(), Fraction.ONE);
    }

    /// "tbps" and "tblespoon": the only spoon, cup or weight that lies a slip of the pen away from a word that is no
    /// other word.
    private static @Nullable Unit slip(String word) {
        Unit found = null;
        for (var measure : MEASURES) {
            var other = measure.word();
            if (other.charAt(0) != word.charAt(0) || Math.abs(other.length() - word.length()) > 1
                    || !Foods.isSlip(word, other))
                continue;
            if (found != null && found != measure.unit()) return null;
            found = measure.unit();
        }
        return found != null && Foods.shipped().isNoWord(word) ? found : null;
    }

    /// {@return the noun by which a food's own weights know a count noun, so that "sticks" finds what a stick weighs}
    static String singular(String word) {
        var name = NAMES.get(word);
        return name == null ? word : name.noun();
    }
}
