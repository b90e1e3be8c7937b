package keenfork.core.swap;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

/// What a plan is searched in, in plain figures: one option for each line that offends. Public so that an outside
/// solver can be set the same.
///
/// @param lines  the options of each line, in the order of the recipe
/// @param people how many people each of the guests' groups has; empty where nobody knows who comes
public record Puzzle(List<List<Option>> lines, List<Integer> people) {
    private static final int MILLE = 1000;
    /// what the kitchen would rather do counts as so much nearer, in thousandths, but as no nearer than another pack
    /// of the same product (common practice)
    private static final int OUR_WAY = 200;
    private static final int NEAREST = 25;

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
    /// @param money    what it costs more, in hundredths of the kitchen's money; below 0 for less, 0 where not known
    public record Option(Move move, boolean open, BitSet brings, BitSet shutsOut, String part, int money) {
        boolean holdsBack() { return move instanceof Move.HoldBack; }

        /// {@return minutes it waits, beside others}
        public int waiting() { return move.lead().waits() ? move.lead().high() : 0; }

        /// {@return minutes of hands-on work, after others}
        public int hands() { return move.lead().waits() ? 0 : move.lead().high(); }

        private int lost() {
            var lost = (int) Math.round((1 - move.closeness()) * MILLE);
            return move.isPreferred() ? Math.min(lost, Math.max(NEAREST, lost - OUR_WAY)) : lost;
        }

        /// {@return what it costs by itself, but for what it brings in and whom it shuts out}
        Cost cost() {
            return new Cost(open ? 1 : 0, 0, move.keepsRole() ? 0 : 1, move.changes() ? 1 : 0, lost(), waiting(),
                    hands(), money, move.saltDrift(), 0);
        }
    }

    /// What a plan costs, in the order that counts.
    ///
    /// @param unknown  lines about which something avoided is still not known
    /// @param shutOut  people newly shut out; 0 where nobody knows who comes
    /// @param roles    lines whose role in the dish nothing fills any more
    /// @param changed  lines changed
    /// @param lost     closeness lost, in thousandths, over all lines; less where the kitchen would rather do it so
    /// @param waiting  minutes of the longest waiting, at most
    /// @param hands    minutes of hands-on work, at most
    /// @param money    what it costs more, in hundredths of the kitchen's money; below 0 for less
    /// @param salt     how far the salt moves
    /// @param bringsIn groups brought in, where nobody knows who comes; 0 else
    public record Cost(int unknown, int shutOut, int roles, int changed, int lost, int waiting, int hands, int money,
            int salt, int bringsIn)
            implements Comparable<Cost> {
        public static final Cost NONE = new Cost(0, 0, 0, 0, 0, 0, 0, 0, 0, 0);
        /// written out, as a search does little else
        @Override
        public int compareTo(Cost other) {
            if (unknown != other.unknown) return Integer.compare(unknown, other.unknown);
            if (shutOut != other.shutOut) return Integer.compare(shutOut, other.shutOut);
            if (roles != other.roles) return Integer.compare(roles, other.roles);
            if (bringsIn != other.bringsIn) return Integer.compare(bringsIn, other.bringsIn);
            if (changed != other.changed) return Integer.compare(changed, other.changed);
            if (lost != other.lost) return Integer.compare(lost, other.lost);
            if (lead() != other.lead()) return Integer.compare(lead(), other.lead());
            return money == other.money ? Integer.compare(salt, other.salt) : Integer.compare(money, other.money);
        }

        /// {@return minutes before all is ready, at most}
        public int lead() { return waiting + hands; }

        Cost withUnknown(int more) {
            return new Cost(unknown + more, shutOut, roles, changed, lost, waiting, hands, money, salt, bringsIn);
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
            cost = plus(cost, option.cost(), brought, guests);
        }
        return cost;
    }

    /// {@return a cost with one more option taken}
    /// @param own     what it costs by itself
    /// @param brought what is brought in with it
    /// @param guests  who is shut out with it
    Cost plus(Cost cost, Cost own, BitSet brought, BitSet guests) {
        return new Cost(cost.unknown + own.unknown, shutOut(guests), cost.roles + own.roles,
                cost.changed + own.changed, cost.lost + own.lost, Math.max(cost.waiting, own.waiting),
                cost.hands + own.hands, cost.money + own.money, cost.salt + own.salt,
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

    /// {@return the same puzzle without the moves of a kind; empty where a line has no other}
    public Optional<Puzzle> without(Class<? extends Move> kind) {
        return where((_, option) -> !kind.isInstance(option.move()));
    }

    /// {@return the same puzzle with some of its options alone; empty where a line has none of them}
    Optional<Puzzle> where(ByLine counted) {
        var left = new ArrayList<List<Option>>();
        for (var line = 0; line < lines.size(); line++) {
            var at = line;
            left.add(lines.get(line).stream().filter(o -> counted.test(at, o)).toList());
        }
        return left.stream().anyMatch(List::isEmpty) ? Optional.empty() : Optional.of(new Puzzle(left, people));
    }

    /// which options of which line are meant
    interface ByLine {
        boolean test(int line, Option option);
    }

    /// {@return whether options go together: a part is held back as a whole or not at all}
    public static boolean goTogether(Option one, Option other) {
        return one.part.isEmpty() || !one.part.equals(other.part) || one.holdsBack() == other.holdsBack();
    }
}
