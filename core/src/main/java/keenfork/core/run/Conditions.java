package keenfork.core.run;

import java.util.Map;
import keenfork.core.search.Budget;
import keenfork.core.search.Watch;

/// Under which a run is ordered and scored.
///
/// @param locked batches that keep their place, by dish and place from 0
/// @param budget how long to look for a better order
/// @param watch  who is told how far it is, and may stop it
/// @param told   what the crew says of the day
public record Conditions(Equipment equipment, ContactPolicy school, Day day, Map<String, Integer> locked, Budget budget,
        Watch watch, Told told) {
    public static final Conditions USUAL = new Conditions(Equipment.USUAL, ContactPolicy.STRICT, Day.USUAL, Map.of(),
            new Budget(1_000_000), Watch.NOBODY, Told.NOTHING);

    public Conditions {
        locked = Map.copyOf(locked);
    }

    public Conditions with(Equipment other) { return new Conditions(other, school, day, locked, budget, watch, told); }

    public Conditions with(ContactPolicy other) {
        return new Conditions(equipment, other, day, locked, budget, watch, told);
    }

    public Conditions with(Day other) { return new Conditions(equipment, school, other, locked, budget, watch, told); }

    public Conditions with(Budget other) { return new Conditions(equipment, school, day, locked, other, watch, told); }

    public Conditions with(Watch other) { return new Conditions(equipment, school, day, locked, budget, other, told); }

    public Conditions with(Told other) { return new Conditions(equipment, school, day, locked, budget, watch, other); }

    public Conditions withLocked(Map<String, Integer> places) {
        return new Conditions(equipment, school, day, places, budget, watch, told);
    }
}
