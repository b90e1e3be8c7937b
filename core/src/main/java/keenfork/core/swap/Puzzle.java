package keenfork.core.swap;

import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What a plan is searched in, in plain figures: one option for each line that offends. Public so that an outside
/// solver can be set the same.
///
/// @param lines  the options of each line, in the order of the recipe
/// @param people how many people each of the guests' groups has; empty where nobody knows who comes
public record Puzzle(List<List<Option>> lines, List<Integer> people) {
    private static final int MILLE = 1000;

    public Puzzle {
        lines = lines.stream().map(List::copyOf).toList();
        people = List.copyOf(people);
    }

    /// A possible move with what it does.
    ///
    /// @param move     the move
    /// @param open     whether something avoided is still not known of what goes in
    /// @param brings   the rule book's groups that it brings in, by their places
    /// @param shutsOut the guests' groups that it shuts out, by their places
    /// @param part     the part that comes off as a whole, where the line stands in one; else an empty string
    public record Option(Move move, boolean open, BitSet brings, BitSet shutsOut, String part) {
        boolean holdsBack() { return move instanceof Move.HoldBack; }

        /// {@return minutes it waits, beside others}
        public int waiting() { return move.lead().waits() ? move.lead().high() : 0; }

        /// {@return minutes of hands-on work, after others}
        public int hands() { return move.lead().waits() ? 0 : move.lead().high(); }

        int lost() { return (int) Math.round((1 - move.closeness()) * MILLE); }
    }

    /// What a plan costs, in the order that counts.
    ///
    /// @param unknown  lines about which something avoided is still not known
    /// @param shutOut  people newly shut out; 0 where nobody knows who comes
    /// @param roles    lines whose role in the dish nothing fills any more
    /// @param changed  lines changed
    /// @param lost     closeness lost, in thousandths, over all lines
    /// @param waiting  minutes of the longest waiting, at most
    /// @param hands    minutes of hands-on work, at most
    /// @param salt     how far the salt moves
    /// @param bringsIn groups brought in, where nobody knows who comes; 0 else
    public record Cost(int unknown, int shutOut, int roles, int changed, int lost, int waiting, int hands, int salt,
            int bringsIn)
            implements Comparable<Cost> {
        public static final Cost NONE = new Cost(0, 0, 0, 0, 0, 0, 0, 0, 0);
        private static final Comparator<Cost> ORDER =
                Comparator.comparingInt(Cost::unknown).thenComparingInt(Cost::shutOut).thenComparingInt(Cost::roles)
                        .thenComparingInt(Cost::bringsIn).thenComparingInt(Cost::changed)
                        .thenComparingInt(Cost::lost).thenComparingInt(Cost::lead).thenComparingInt(Cost::salt);

        @Override
        public int compareTo(Cost other) { return ORDER.compare(this, other); }

        /// {@return minutes before all is ready, at most}
        public int lead() { return waiting + hands; }

        Cost withUnknown(int more) {
            return new Cost(unknown + more, shutOut, roles, changed, lost, waiting, hands, salt, bringsIn);
        }
    }

    /// {@return how many people a set of guests are}
    public int shutOut(BitSet guests) {
        var sum = 0;
        for (var g = guests.nextSetBit(0); g >= 0; g = guests.nextSetBit(g + 1)) sum += people.get(g);
        return sum;
    }

    /// {@return what one option for each line costs together}
    public Cost cost(List<Option> chosen) {
        var brought = new BitSet();
        var guests = new BitSet();
        var cost = Cost.NONE;
        for (var option : chosen) {
            brought.or(option.brings);
            guests.or(option.shutsOut);
            cost = plus(cost, option, brought, guests);
        }
        return cost;
    }

    /// {@return a cost with one more option taken}
    /// @param brought what is brought in with it
    /// @param guests  who is shut out with it
    Cost plus(Cost cost, Option option, BitSet brought, BitSet guests) {
        var move = option.move;
        return new Cost(cost.unknown + (option.open ? 1 : 0), shutOut(guests),
                cost.roles + (move.keepsRole() ? 0 : 1), cost.changed + (move.changes() ? 1 : 0),
                cost.lost + option.lost(),
                Math.max(cost.waiting, option.waiting()), cost.hands + option.hands(), cost.salt + move.saltDrift(),
                people.isEmpty() ? brought.cardinality() : 0);
    }

    /// {@return the same puzzle, where each line that has a move of a kind takes one of that kind; empty where no line
    /// has one}
    Optional<Puzzle> with(Class<? extends Move> kind) {
        var held = lines.stream().map(options -> {
            var of = options.stream().filter(o -> kind.isInstance(o.move())).toList();
            return of.isEmpty() ? options : of;
        }).toList();
        return held.equals(lines) ? Optional.empty() : Optional.of(new Puzzle(held, people));
    }

    /// {@return whether options go together: a part is held back as a whole or not at all}
    public static boolean goTogether(Option one, Option other) {
        return one.part.isEmpty() || !one.part.equals(other.part) || one.holdsBack() == other.holdsBack();
    }
}
