package keenfork.core.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.search.Proof;
import keenfork.core.trace.Fact;

/// An order of batches over shared kit, scored.
///
/// @param turns  the batches in order
/// @param school whose contacts are flagged
/// @param proof  what the order is worth; a given order is worth what it scores
/// @param least  minutes of washing that no order of these batches does without, if nothing is to travel; 0 where that was not asked, as for a given order
public record PrepRun(List<Turn> turns, School school, Proof proof, int least) {
    public static final PrepRun NONE = new PrepRun(List.of(), School.STRICT, new Proof.Best(0), 0);

    /// One batch in its turn.
    ///
    /// @param cleans  what is done to each kit before it goes over it; a kit that is not named is not cleaned
    /// @param from    minutes from the start of the run until it starts, cleans done
    /// @param until   minutes from the start of the run until it ends
    /// @param carried what reached it
    public record Turn(Batch batch, Map<Kit, Clean> cleans, int from, int until, List<Carried> carried) {
        public Turn {
            cleans = Map.copyOf(cleans);
            carried = List.copyOf(carried);
        }

        /// {@return what is done to a kit before this batch}
        public Clean clean(Kit kit) { return cleans.getOrDefault(kit, Clean.NONE); }
    }

    public PrepRun {
        turns = List.copyOf(turns);
    }

    public List<Carried> carried() {
        return turns.stream().flatMap(t -> t.carried().stream()).toList();
    }

    /// {@return hand-overs: each substance to each batch by each kit counted once}
    public int contacts() { return carried().size(); }

    /// {@return full washes, and fresh oil or water}
    public int washes() {
        var washes = 0;
        for (var turn : turns) for (var entry : turn.cleans.entrySet()) if (entry.getKey().isClearedBy(entry.getValue())) washes++;
        return washes;
    }

    /// {@return minutes of cleaning, of whatever strength}
    public int washing() {
        var minutes = 0;
        for (var turn : turns) for (var clean : turn.cleans.values()) minutes += clean.minutes();
        return minutes;
    }

    /// {@return what the order is worth, in words; where it is not proved, how far from the best it can be at most}
    public String worth() {
        return switch (proof) {
            case Proof.Best _ -> proof.inWords();
            case Proof.Stopped _ -> "%s It washes for %d min; no order does with less than %d.".formatted(proof.inWords(), washing(), least);
        };
    }

    /// {@return hands-on minutes from the first batch's start to the last one's end}
    public int minutes() { return turns.isEmpty() ? 0 : turns.getLast().until(); }

    public List<Fact.Contact> facts() {
        return carried().stream().flatMap(c -> c.facts().stream()).toList();
    }

    /// {@return the kit that any batch goes over, in the order of the table}
    public List<Kit> kit() {
        return Kit.all().stream().filter(k -> turns.stream().anyMatch(t -> t.batch.use(k).isPresent())).toList();
    }

    /// {@return for each kit what is done to it before each batch that goes over it}
    public List<Map<Kit, Clean>> cleans() {
        var cleans = new ArrayList<Map<Kit, Clean>>();
        for (var turn : turns) cleans.add(new LinkedHashMap<>(turn.cleans));
        return cleans;
    }
}
