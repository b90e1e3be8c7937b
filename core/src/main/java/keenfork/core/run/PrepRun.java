package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.search.Proof;
import keenfork.core.trace.Fact;
import org.jspecify.annotations.Nullable;

/// An order of batches over shared kit, scored.
public final class PrepRun {
    public static final PrepRun NONE = new PrepRun(List.of(), Conditions.USUAL, new Proof.Best(0), 0);

    /// One batch in its turn.
    ///
    /// @param carried what reached it
    public record Turn(BatchSetup made, List<CrossContact> carried) {
        public Turn {
            carried = List.copyOf(carried);
        }

        public Batch batch() { return made.batch(); }
    }

    private final List<Turn> turns;
    private final Conditions conditions;
    private final Proof proof;
    private final int least;
    /// laid out when first asked for, and never again: a page asks for it six times
    private volatile @Nullable Schedule schedule;

    /// @param turns      the batches in order
    /// @param conditions under which it is scored
    /// @param proof      what the order is worth; a given order is worth what it scores
    /// @param least      minutes of washing that no order of these batches does without, if nothing is to travel; 0
    ///                   where that was not asked, as for a given order
    public PrepRun(List<Turn> turns, Conditions conditions, Proof proof, int least) {
        this.turns = List.copyOf(turns);
        this.conditions = conditions;
        this.proof = proof;
        this.least = least;
    }

    /// {@return the batches in order}
    public List<Turn> turns() { return turns; }

    /// {@return under which it is scored}
    public Conditions conditions() { return conditions; }

    /// {@return what the order is worth; a given order is worth what it scores}
    public Proof proof() { return proof; }

    /// {@return minutes of washing that no order of these batches does without, if nothing is to travel; 0 where that
    /// was not asked}
    public int least() { return least; }

    public List<CrossContact> carried() {
        return turns.stream().flatMap(t -> t.carried().stream()).toList();
    }

    /// {@return hand-overs: each substance to each use by each piece counted once}
    public int contacts() { return carried().size(); }

    /// {@return full washes, and fresh oil or water}
    public int washes() {
        var washes = 0;
        for (var turn : turns)
            for (var entry : turn.made.cleans().entrySet())
                if (entry.getKey().kit().isClearedBy(entry.getValue())) washes++;
        return washes;
    }

    /// {@return minutes of cleaning, of whatever strength}
    public int washing() {
        var minutes = 0;
        for (var turn : turns)
            for (var entry : turn.made.cleans().entrySet())
                minutes += conditions.equipment().figures().minutes(entry.getKey().kit(), entry.getValue());
        return minutes;
    }

    /// {@return hands-on minutes of the day, cleaning among them}
    public int minutes() { return washing() + turns.stream().map(t -> t.batch().minutes()).reduce(0, Integer::sum); }

    /// How long what should be fresh stands: for each such batch the hands-on minutes of the batches made after it.
    public int stale() { return stale(turns.stream().map(Turn::batch).toList()); }

    static int stale(List<Batch> order) {
        var after = 0;
        var stale = 0;
        for (var batch : order.reversed()) {
            if (batch.isFresh()) stale += after;
            after += batch.minutes();
        }
        return stale;
    }

    /// {@return what the order is worth, in words; where it is not proved, how far from the best it can be at most}
    public String worth() {
        var open = notKnown();
        return switch (proof) {
            case Proof.Best _ when !open.isEmpty() -> open + " No order does better by what is read.";
            case Proof.Best _ -> proof.inWords();
            case Proof.Stopped _ when !open.isEmpty() ->
                    "%s Best found so far, by what is read. It washes for %d min; no order does with less than %d."
                            .formatted(open, washing(), least);
            case Proof.Stopped _ when washing() == least ->
                    "No order washes less. That nothing fresh could be made later is not proved.";
            case Proof.Stopped _ -> "%s It washes for %d min; no order does with less than %d."
                    .formatted(proof.inWords(), washing(), least);
        };
    }

    /// {@return what is not known of how its batches are made, batch by batch}
    public List<Ask> asks() { return turns.stream().flatMap(t -> t.batch().asks().stream()).toList(); }

    /// {@return for each batch that goes into others how much is made and how much goes in; one of which a weight is
    /// not known is left out}
    public List<Stock> stocks() {
        var stocks = new ArrayList<Stock>();
        for (var turn : turns) {
            var batch = turn.batch();
            var used = turns.stream().flatMap(other -> other.batch().needs().entrySet().stream())
                    .filter(need -> Precedence.isSame(need.getKey(), batch.dish()))
                    .mapToDouble(need -> need.getValue().grams().orElse(0)).sum();
            if (used > 0 && batch.grams() > 0)
                stocks.add(new Stock(batch.dish(), batch.portions(), batch.grams(), used));
        }
        return stocks;
    }

    /// {@return in words what it takes where a step allows either of two kits}
    public List<String> choices() {
        return turns.stream().flatMap(t -> t.batch().choice().taken().stream()
                .map(c -> "%s: %s".formatted(t.batch().dish(), c.inWords()))).toList();
    }

    private String notKnown() {
        var steps = asks().stream().filter(a -> a.kind() == Ask.Unknown.STEP_NOT_READ).count();
        var dishes = asks().stream().filter(a -> a.kind() == Ask.Unknown.NO_METHOD).count();
        var said = new ArrayList<String>();
        if (steps > 0) said.add(steps == 1 ? "1 step is not understood" : steps + " steps are not understood");
        if (dishes > 0)
            said.add(dishes == 1 ? "1 dish has no method, and its kit is assumed"
                    : dishes + " dishes have no method, and their kit is assumed");
        return said.isEmpty() ? "" : String.join(", and ", said) + ".";
    }

    public List<Fact.Contact> facts() {
        return carried().stream().flatMap(c -> c.facts().stream()).toList();
    }

    /// {@return the pieces that any batch goes over, in the order of the kitchen's list}
    public List<Piece> pieces() {
        Set<Piece> used = turns.stream().flatMap(t -> t.made.on().values().stream()).collect(Collectors.toSet());
        return conditions.equipment().pieces().stream().filter(used::contains).toList();
    }

    /// {@return how its batches are made, in order}
    public List<BatchSetup> order() { return turns.stream().map(Turn::made).toList(); }

    /// {@return in how many goes something of the day is done; 1 for a clean}
    public int goes(Schedule.Placed placed) {
        return placed.task() < 0 ? 1 : turns.get(placed.turn()).batch().tasks().get(placed.task()).goes();
    }

    /// {@return this laid out in time}
    public Schedule schedule() {
        var laid = schedule;
        if (laid == null) {
            laid = Schedule.of(this);
            schedule = laid;
        }
        return laid;
    }

    /// {@return where a batch goes over a piece that is kept from something in it, in words}
    public List<String> against() {
        var said = new ArrayList<String>();
        for (var turn : turns)
            for (var kit : turn.made.against())
                said.add("%s goes over the %s, which is kept from something in it."
                        .formatted(turn.batch().dish(), turn.made.piece(kit).name()));
        return said;
    }
}
