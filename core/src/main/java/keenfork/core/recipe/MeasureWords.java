package keenfork.core.recipe;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import keenfork.core.food.Table;
import keenfork.core.food.UnitNames;
import keenfork.core.food.UnitNames.UnitName;
import keenfork.core.food.WordTable;
import keenfork.core.measure.Fraction;
import org.jspecify.annotations.Nullable;

/// The words that may stand around an amount, and the names of units: what each does there, from `measure-words.txt`
/// and the table of units.
final class MeasureWords {
    /// What a word may do around an amount; one word may do several things.
    enum Does {
        ARTICLE, OF, EACH, TO, PLUS, AND, OR, THE, SOME, FROM, ALTOGETHER, HEDGE, LIMIT, UNCOUNTED, SIZE, SHORT_SIZE,
        LENGTH, LENGTH_NOUN, PART, PARTS, HALF, BEHIND_HALF, BEFORE_LIMIT, NUMBER, FEW, DOZEN, OUNCE, JUICE, ZEST,
        BESIDE_JUICE, BEFORE_JUICE, HUNDRED, POINT, NOUGHT;

        long bit() { return 1L << ordinal(); }
    }

    /// A word of the tables.
    ///
    /// @param does   a bit for each thing it does
    /// @param figure the number it stands for; 1 where it stands for none
    /// @param most   the largest it may stand for: 5 of "a few"
    /// @param factor the size factor or the centimetres it stands for; 1 where it stands for none
    /// @param unit   the unit it names, or null
    record Said(long does, Fraction figure, Fraction most, BigDecimal factor, @Nullable UnitName unit) {
        boolean is(Does what) { return (does & what.bit()) != 0; }
    }

    static final Said NOTHING = new Said(0, Fraction.ONE, Fraction.ONE, BigDecimal.ONE, null);
    private static final List<Said> SAID = new ArrayList<>();
    private static final WordTable WORDS = new WordTable();

    static {
        var all = new HashMap<String, Said>();
        for (var row : Table.read(MeasureWords.class, "measure-words.txt", 4)) {
            var does = row.read(1, _ -> row.list(1).stream()
                    .mapToLong(k -> Does.valueOf(k.toUpperCase(Locale.ROOT).replace('-', '_')).bit()).sum());
            all.put(row.cell(0), new Said(does, row.read(2, c -> fraction(c.split("-")[0])),
                    row.read(2, c -> fraction(c.substring(c.indexOf('-') + 1))), row.read(2, MeasureWords::factor),
                    null));
        }
        for (var name : UnitNames.all())
            all.merge(name.word(), new Said(0, Fraction.ONE, Fraction.ONE, BigDecimal.ONE, name),
                    (a, b) -> new Said(a.does, a.figure, a.most, a.factor, b.unit));
        for (Map.Entry<String, Said> one : all.entrySet()) {
            WORDS.add(one.getKey(), SAID.size());
            SAID.add(one.getValue());
        }
    }

    private MeasureWords() {}

    private static Fraction fraction(String cell) {
        return cell.isEmpty() || cell.contains(".") ? Fraction.ONE : Fraction.read(cell);
    }

    private static BigDecimal factor(String cell) {
        return cell.isEmpty() || cell.contains("/") || cell.contains("-") ? BigDecimal.ONE : new BigDecimal(cell);
    }

    /// {@return what the word between two places of a text is said for}
    ///
    /// @param hash the word's, as [WordTable#hash] makes it
    static Said at(String text, int start, int end, int hash) {
        var number = WORDS.find(text, start, end, hash);
        return number == WordTable.NONE ? NOTHING : SAID.get(number);
    }
}
