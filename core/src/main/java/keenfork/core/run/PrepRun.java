package keenfork.core.run;

import java.util.List;
import keenfork.core.search.Proof;
import keenfork.core.trace.Fact;

/// An order of batches on one blender, scored.
///
/// @param turns  the batches in order
/// @param school whose contacts are flagged
/// @param proof  what the order is worth; a given order is worth what it scores
public record PrepRun(List<Turn> turns, School school, Proof proof) {
    /// One batch in its turn.
    ///
    /// @param clean   what is done to the blender before it
    /// @param from    minutes from the start of the run until it starts
    /// @param until   minutes from the start of the run until it ends
    /// @param carried what reached it
    public record Turn(Batch batch, Clean clean, int from, int until, List<Carried> carried) {
        public Turn {
            carried = List.copyOf(carried);
        }
    }

    public PrepRun {
        turns = List.copyOf(turns);
    }

    public List<Carried> carried() {
        return turns.stream().flatMap(t -> t.carried().stream()).toList();
    }

    /// {@return hand-overs, each substance to each batch counted once}
    public int contacts() { return carried().size(); }

    public int washes() {
        return (int) turns.stream().filter(t -> t.clean() == Clean.WASH).count();
    }

    /// {@return minutes from the first batch's start to the last one's end}
    public int minutes() { return turns.isEmpty() ? 0 : turns.getLast().until(); }

    public List<Fact.Contact> facts() {
        return carried().stream().map(Carried::fact).toList();
    }
}
