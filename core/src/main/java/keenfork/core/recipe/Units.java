package keenfork.core.recipe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Foods;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import org.jspecify.annotations.Nullable;

/// Units as cooks write them, in a kitchen's convention of volumes: tbsp, T, fl. oz, dessertspoons, a pint, sticks.
final class Units {
    /// a unit that is written as so many of another
    private record Alias(Unit unit, Fraction metric, Fraction us) {
        static Alias of(Unit unit, Fraction times) { return new Alias(unit, times, times); }
    }

    /// a shorter word lies a slip away from too much
    private static final int SHORTEST_SLIP = 4;
    private static final Map<String, Unit> UNITS = units();
    private static final Map<String, Alias> ALIASES = aliases();
    private static final Map<String, String> SAME_NOUNS = Map.ofEntries(Map.entry("pkt", "pack"), Map.entry("pkts", "pack"), Map.entry("pk", "pack"),
            Map.entry("pks", "pack"), Map.entry("packet", "pack"), Map.entry("packets", "pack"), Map.entry("box", "pack"), Map.entry("pouch", "pack"),
            Map.entry("pouches", "pack"), Map.entry("can", "tin"), Map.entry("cans", "tin"), Map.entry("tub", "pot"), Map.entry("tubs", "pot"),
            Map.entry("rib", "stick"), Map.entry("ribs", "stick"), Map.entry("ear", "piece"), Map.entry("ears", "piece"));
    /// spellings of weights and volumes that are long enough to be misspelt
    private static final List<Map.Entry<String, Unit>> MEASURES = UNITS.entrySet().stream().filter(e -> e.getKey().length() >= SHORTEST_SLIP
            && (e.getValue().kind() == Unit.Kind.VOLUME || e.getValue().kind() == Unit.Kind.WEIGHT)).sorted(Map.Entry.comparingByKey()).toList();
    private static final String STARTS = MEASURES.stream().map(e -> e.getKey().substring(0, 1)).distinct().collect(java.util.stream.Collectors.joining());
    private static final Set<String> OUNCE = Set.of("oz", "ounce", "ounces");

    private final Volumes volumes;

    Units(Volumes volumes) {
        this.volumes = volumes;
    }

    private static Map<String, Unit> units() {
        var units = new HashMap<String, Unit>();
        for (var unit : Unit.values()) for (var word : unit.words()) units.put(word, unit);
        return units;
    }

    private static Map<String, Alias> aliases() {
        var aliases = new HashMap<String, Alias>();
        for (var word : List.of("dsp", "dessertspoon", "dessertspoons", "dstsp")) aliases.put(word, Alias.of(Unit.TSP, Fraction.of(2)));
        aliases.put("dl", Alias.of(Unit.ML, Fraction.of(100)));
        aliases.put("cl", Alias.of(Unit.ML, Fraction.of(10)));
        for (var word : List.of("pint", "pints", "pt", "pts")) aliases.put(word, new Alias(Unit.FL_OZ, Fraction.of(20), Fraction.of(16)));
        for (var word : List.of("quart", "quarts", "qt")) aliases.put(word, new Alias(Unit.FL_OZ, Fraction.of(40), Fraction.of(32)));
        return Map.copyOf(aliases);
    }

    /// {@return the unit of exactly that spelling in lower case, or null}
    static @Nullable Unit unit(String word) { return UNITS.get(word); }

    /// A unit as written.
    ///
    /// @param noun  the count noun, `stick` of "sticks"; else the unit's own key
    /// @param times how many of the unit it is: a dessertspoon is two teaspoons
    record Written(Unit unit, String noun, Fraction times) {
        static final Written NONE = new Written(Unit.NONE, Unit.NONE.id(), Fraction.ONE);
    }

    /// The unit at the cursor, taken with the blanks behind it; a count noun with nothing behind it is the food itself ("3 cloves").
    @Nullable Written ahead(Cursor cursor) {
        var start = cursor.at;
        cursor.blanks();
        var word = cursor.word();
        if (word.isEmpty()) return null;
        var after = cursor.at + word.length();
        var found = word.equals("fl") || word.equals("fluid") ? fluidOunce(cursor) : oneWord(cursor, word);
        if (found == null || found.unit.kind() == Unit.Kind.COUNT
                && (cursor.ahead() == 0 || ",;)".indexOf(cursor.ahead()) >= 0 || Foods.shipped().recipeWords().isNameBeyond(cursor.text, after - word.length(), after))) {
            cursor.at = start;
            return null;
        }
        return found;
    }

    private @Nullable Written oneWord(Cursor cursor, String word) {
        // T and t are a tablespoon and a teaspoon where they stand alone
        var found = word.equals("t") ? new Written(cursor.ahead() == 'T' ? Unit.TBSP : Unit.TSP, word, Fraction.ONE) : word.equals("c") ? new Written(Unit.CUP, word, Fraction.ONE) : named(word);
        if (found != null) passUnit(cursor);
        return found;
    }

    private static @Nullable Written fluidOunce(Cursor cursor) {
        passUnit(cursor);
        if (!cursor.take(OUNCE)) return null;
        cursor.mark(".");
        cursor.blanks();
        return new Written(Unit.FL_OZ, Unit.FL_OZ.id(), Fraction.ONE);
    }

    private static void passUnit(Cursor cursor) {
        cursor.pass();
        cursor.mark(".");
        cursor.blanks();
    }

    @Nullable Written named(String word) {
        var unit = UNITS.get(word);
        if (unit == null && !ALIASES.containsKey(word)) unit = slip(word);
        if (unit != null) return new Written(unit, unit.kind() == Unit.Kind.COUNT ? singular(word, unit) : unit.id(), Fraction.ONE);
        var alias = ALIASES.get(word);
        return alias == null ? null : new Written(alias.unit, alias.unit.id(), volumes == Volumes.US ? alias.us : alias.metric);
    }

    /// "tbps" and "tblespoon": the only spoon, cup or weight that lies a slip of the pen away from a word that is no other word.
    private static @Nullable Unit slip(String word) {
        if (word.length() < SHORTEST_SLIP) return null;
        Unit found = null;
        if (STARTS.indexOf(word.charAt(0)) < 0) return null;
        for (var measure : MEASURES) {
            var other = measure.getKey();
            if (other.charAt(0) != word.charAt(0) || Math.abs(other.length() - word.length()) > 1 || !Foods.isSlip(word, other)) continue;
            if (found != null && found != measure.getValue()) return null;
            found = measure.getValue();
        }
        return found != null && Foods.shipped().isNoWord(word) ? found : null;
    }

    /// {@return the first spelling of a count noun, so that "sticks" finds what a stick weighs}
    static String singular(String word, Unit unit) {
        var same = SAME_NOUNS.get(word);
        if (same != null) return same;
        for (var other : unit.words()) if (word.startsWith(other) && word.length() - other.length() <= 2) return other;
        return word;
    }
}
