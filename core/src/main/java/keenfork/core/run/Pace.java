package keenfork.core.run;

import java.util.HashMap;
import java.util.Map;
import keenfork.core.food.Table;

/// How long hands are on a kind of work. What it goes on by itself does not grow with the amount; this does.
///
/// @param begin minutes to begin, 0 or more
/// @param kilo  minutes for each kilogram that goes over it
record Pace(int begin, Range kilo) {
    static final Pace NONE = new Pace(0, Range.NONE);
    private static final Map<String, Pace> HELD = read();

    private static Map<String, Pace> read() {
        var held = new HashMap<String, Pace>();
        for (var row : Table.read(Pace.class, "hands.txt", 4))
            held.put(row.cell(0), new Pace(row.read(1, Integer::parseInt), row.read(2, Range::parse)));
        return Map.copyOf(held);
    }

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
