package keenfork.core.run;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import keenfork.core.food.Table;

/// A piece of shared kit, of which the kitchen has one.
///
/// @param id        its key
/// @param name      what the crew calls it
/// @param spreads   how what it keeps reaches the next batch
/// @param endedBy   the clean that alone ends a contact
/// @param thick     g left on it by a dip or pesto once it is emptied
/// @param pourable  g left on it by a dressing
/// @param source    where the figures come from
public record Kit(String id, String name, Spreads spreads, Clean endedBy, Range thick, Range pourable, String source) {
    private static final List<Kit> ALL = Table.read(Kit.class, "kit.txt", 7).stream().map(r -> new Kit(r.cell(0), r.cell(1), r.read(2, s -> Spreads.valueOf(s.toUpperCase(Locale.ROOT))),
            r.read(3, s -> Clean.valueOf(s.toUpperCase(Locale.ROOT))), r.read(4, Range::parse), r.read(5, Range::parse), r.cell(6))).toList();

    /// how what stays on kit reaches what is made on it next: over the whole batch, or all of it on one plate
    public enum Spreads { BLENDED, LUMP }

    /// {@return all kit, in the order of the table}
    public static List<Kit> all() { return ALL; }

    public static Optional<Kit> named(String id) { return ALL.stream().filter(k -> k.id.equals(id)).findFirst(); }

    /// {@return whether a clean ends what was on it}
    public boolean isClearedBy(Clean clean) { return clean == Clean.FRESH || clean == endedBy; }

    /// {@return whether it works one thing smooth, rather than holding a dish together}
    boolean blends() { return id.equals("blender") || id.equals("processor"); }

    Range residue(boolean isThick) { return isThick ? thick : pourable; }

    @Override public String toString() { return id; }
}
