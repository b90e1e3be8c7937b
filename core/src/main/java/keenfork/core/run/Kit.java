package keenfork.core.run;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import keenfork.core.food.Table;

/// A kind of shared kit. A kitchen has one piece of it or several.
///
/// @param id        its key
/// @param name      what the crew calls it
/// @param spreads   how what it keeps reaches the next batch
/// @param endedBy   the clean that alone ends a contact
/// @param minutes   how long that clean takes, 0 or more; the kitchen may hold its own figure for the clean
/// @param residue   what stays on it once it is emptied; the kitchen may hold its own figures
/// @param usual     pieces a kitchen has of it that lists none, 1 or more
/// @param room      kg it holds at once; empty where that is no matter
/// @param heats     whether what goes into it waits there to be done
/// @param blends    whether it works one thing smooth, rather than holding a dish together
public record Kit(String id, String name, Spreads spreads, Clean endedBy, int minutes, Residue residue, int usual,
        OptionalDouble room, boolean heats, boolean blends) {
    private static final List<Kit> ALL = Table.read(Kit.class, "kit.txt", 11).stream()
            .map(r -> new Kit(r.cell(0), r.cell(1), r.read(2, s -> Spreads.valueOf(s.toUpperCase(Locale.ROOT))),
                    r.read(3, s -> Clean.valueOf(s.toUpperCase(Locale.ROOT))), r.read(4, Integer::parseInt),
                    new Residue(r.read(5, Range::parse), r.read(6, Range::parse), r.cell(10)),
                    r.read(7, Integer::parseInt), r.read(8, Kit::room),
                    r.cell(9).equals("heats"), r.cell(9).equals("blends")))
            .toList();

    /// how what stays on kit reaches what is made on it next: over the whole batch, all of it on one plate, or not at
    /// all, where food stands on it in kit of its own
    public enum Spreads { BLENDED, LUMP, NONE }

    private static OptionalDouble room(String cell) {
        return cell.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(Double.parseDouble(cell));
    }

    /// {@return all kit, in the order of the table}
    public static List<Kit> all() { return ALL; }

    public static Optional<Kit> named(String id) { return ALL.stream().filter(k -> k.id.equals(id)).findFirst(); }

    /// {@return whether a clean ends what was on it}
    public boolean isClearedBy(Clean clean) { return clean == Clean.FRESH || clean == endedBy; }

    /// {@return whether what stays on it can reach what comes after}
    public boolean carries() { return spreads != Spreads.NONE; }

    @Override
    public String toString() { return id; }
}
