package keenfork.core.run;

import java.util.Map;

/// The figures a kitchen reckons with: its own where it holds some, else those of the tables.
///
/// @param residues its own residues, by kind of kit
/// @param effects  what its own cleans leave and take
/// @param rooms    kg that its own kit holds at once, by kind
/// @param paces    how long its own hands are on a work, by the work
public record Figures(Map<Kit, Residue> residues, Map<Clean, Effect> effects, Map<Kit, Double> rooms,
        Map<String, Pace> paces) {
    private static final Kit HANDS = Kit.named("hands").orElseThrow();
    public static final Figures SHIPPED = new Figures(Map.of(), Map.of(), Map.of(), Map.of());

    public Figures {
        residues = Map.copyOf(residues);
        effects = Map.copyOf(effects);
        rooms = Map.copyOf(rooms);
        paces = Map.copyOf(paces);
    }

    public Residue of(Kit kit) { return residues.getOrDefault(kit, kit.residue()); }

    public Effect of(Clean clean) { return effects.getOrDefault(clean, clean.effect()); }

    /// {@return how long hands are on a work of a pace}
    Pace of(Pace usual) { return paces.getOrDefault(usual.act(), usual); }

    /// {@return in how many goes so much goes through a kind of kit, 1 or more}
    /// @param kilos kg of it, 0 or more
    int goes(Kit kit, double kilos) {
        var room = rooms.getOrDefault(kit, kit.room().orElse(Double.POSITIVE_INFINITY));
        // a little over goes in with the rest
        return Math.max(1, (int) Math.ceil(kilos / room - 0.05));
    }

    /// {@return minutes of the clean that alone ends what a kit keeps}
    int clearing(Kit kit) { return minutes(kit, kit.endedBy()); }

    /// {@return minutes in which a cook washes hands and takes a fresh spoon and cloth: those of the hands alone, for
    /// the fresh ones lie at hand}
    int changing() { return clearing(HANDS); }

    /// {@return minutes of a clean of a kind of kit: the kitchen's own for that clean, where it holds one}
    public int minutes(Kit kit, Clean clean) {
        var own = effects.get(clean);
        return own == null && clean == kit.endedBy() ? kit.minutes() : of(clean).minutes();
    }
}
