package keenfork.core.run;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import keenfork.core.food.Table;

/// How long hands are on a kind of work. What it goes on by itself does not grow with the amount; this does.
///
/// @param act    the kind of work; empty for none
/// @param begin  minutes to begin, 0 or more
/// @param kilo   minutes for each kilogram that goes over it
/// @param source where the figures are from
public record Pace(String act, int begin, Range kilo, String source) {
    static final Pace NONE = new Pace("", 0, Range.NONE, "");
    private static final Map<String, Pace> HELD = read();

    public Pace {
        if (begin < 0) throw new IllegalArgumentException("work takes no less than no minutes: %d".formatted(begin));
    }

    private static Map<String, Pace> read() {
        var held = new LinkedHashMap<String, Pace>();
        for (var row : Table.read(Pace.class, "hands.txt", 4))
            held.put(row.cell(0), new Pace(row.cell(0), row.read(1, Integer::parseInt), row.read(2, Range::parse),
                    row.cell(3)));
        return Collections.unmodifiableMap(held);
    }

    /// {@return the pace of each kind of work, in the order of the table}
    public static Collection<Pace> all() { return HELD.values(); }

    /// {@return the pace of a kind of work}
    /// @throws IllegalArgumentException where none is held
    static Pace of(String act) {
        var pace = HELD.get(act);
        if (pace == null) throw new IllegalArgumentException("no minutes for the work \"%s\"".formatted(act));
        return pace;
    }

    /// {@return minutes for so much, in the middle of what is usual}
    /// @param kilos kg that go over it, 0 or more
    double minutes(double kilos) { return begin + kilos * (kilo.low() + kilo.high()) / 2; }

    /// {@return the slower of two, for a usual kilogram}
    Pace orSlower(Pace other) { return other.minutes(1) > minutes(1) ? other : this; }
}
