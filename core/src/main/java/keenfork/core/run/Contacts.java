package keenfork.core.run;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import keenfork.core.food.Substance;

/// What travels: between two uses of one piece, what is left after the cleans in between and is not surely there
/// already.
final class Contacts {
    private final List<BatchSetup> order;
    private final Counted counted;

    /// one use of a piece, in its turn
    private record At(int turn, int number, Batch.Use use) {}

    private Contacts(List<BatchSetup> order, Counted counted) {
        this.order = order;
        this.counted = counted;
    }

    /// {@return what reaches each batch of an order}
    static List<List<CrossContact>> of(List<BatchSetup> order, ContactPolicy school, Figures figures) {
        var contacts = new Contacts(order, new Counted(school, figures));
        var carried = new ArrayList<List<CrossContact>>();
        for (var turn = 0; turn < order.size(); turn++) {
            var into = new ArrayList<CrossContact>();
            for (var kit : order.get(turn).batch().kit()) contacts.into(turn, kit, into);
            carried.add(into);
        }
        return carried;
    }

    private void into(int turn, Kit kit, List<CrossContact> carried) {
        var made = order.get(turn);
        var before = new ArrayList<At>();
        for (var i = 0; i <= turn; i++) {
            if (!order.get(i).on().containsKey(kit) || !order.get(i).piece(kit).equals(made.piece(kit))) continue;
            var uses = order.get(i).batch().uses(kit);
            for (var u = 0; u < uses.size(); u++) before.add(new At(i, u, uses.get(u)));
        }
        var own = made.batch().uses(kit).size();
        for (var u = 0; u < own; u++)
            into(before.subList(0, before.size() - own + u), before.get(before.size() - own + u), kit, carried);
    }

    /// Looks back to where the piece was last cleared: what was left since then and is not there, the nearest one
    /// named.
    private void into(List<At> before, At at, Kit kit, List<CrossContact> carried) {
        var to = order.get(at.turn());
        var seen = new LinkedHashSet<Substance>();
        var strongest = to.clean(kit, at.number());
        for (var i = before.size() - 1; i >= 0 && !kit.isClearedBy(strongest); i--) {
            var from = before.get(i);
            for (var s : passes(from.use(), at.use(), to.batch(), from.turn() == at.turn(), strongest, counted))
                if (seen.add(s))
                    carried.add(
                            new CrossContact(order.get(from.turn()).batch(), to.batch(), from.use(), to.piece(kit),
                                    at.number(),
                                    at.use(), s, strongest,
                                    milligram(from.use(), to.batch(), s, strongest, counted.figures)));
            var then = order.get(from.turn()).clean(kit, from.number());
            if (kit.isClearedBy(then) || then.compareTo(strongest) > 0) strongest = then;
        }
    }

    /// how contacts are counted: by a policy, with a kitchen's figures
    record Counted(ContactPolicy policy, Figures figures) {
        static Counted by(Conditions conditions) {
            return new Counted(conditions.school(), conditions.equipment().figures());
        }
    }

    /// {@return what one use leaves that reaches another}
    /// @param own whether both are of one batch: only what comes off can be brought to what stays
    static Set<Substance> passes(Batch.Use left, Batch.Use reached, Batch to, boolean own, Clean clean,
            Counted counted) {
        if (own && !left.canReachOwn(reached)) return Set.of();
        var passed = new LinkedHashSet<Substance>();
        for (var s : left.leaves())
            if (!reached.there().contains(s)
                    && (counted.policy == ContactPolicy.STRICT
                            || reachesDose(s, milligram(left, to, s, clean, counted.figures))))
                passed.add(s);
        return passed;
    }

    private static boolean reachesDose(Substance s, Optional<Range> milligram) {
        var dose = Doses.of(s);
        return milligram.isEmpty() || dose.isEmpty() || milligram.get().high() >= dose.getAsDouble();
    }

    private static Optional<Range> milligram(Batch.Use left, Batch to, Substance s, Clean clean, Figures figures) {
        var kit = left.kit();
        return left.holds().getOrDefault(s, Optional.empty())
                .map(perGram -> figures.of(kit).of(left.thick()).times(figures.of(clean).leaves()).times(perGram))
                .map(lump -> kit.spreads() == Kit.Spreads.LUMP ? lump : lump.dividedBy(to.portions()));
    }
}
