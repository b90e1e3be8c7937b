package keenfork.core.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;

/// A dish seen under one rule book: its marks in the book's order. A group with nothing found has no mark.
///
/// @param beside what stands beside the law's list
public record Profile(RuleBook ruleBook, List<Mark> marks, List<Beside> beside) {
    public Profile {
        marks = List.copyOf(marks);
        beside = List.copyOf(beside);
    }

    /// What is found of one group while the evidence is gone through: sorted only where it did not come in order.
    private static final class Gathered {
        private static final int WEAKEST = Certainty.values().length * 2 - 1;
        private Evidence[] threads = new Evidence[6];
        private int size;
        private final List<Substance> members = new ArrayList<>(4);
        private boolean ordered = true;
        private int last;

        void add(Evidence evidence, RuleBook.Place place) {
            // "nuts" surely hold nuts; whether they hold almonds is not known
            var counted = place.isSure() || evidence.certainty() != Certainty.CONTAINS ? evidence
                    : evidence.withCertainty(Certainty.NOT_KNOWN);
            if (size == threads.length) threads = Arrays.copyOf(threads, size * 2);
            threads[size++] = counted;
            var weakness = weakness(counted);
            ordered &= weakness >= last;
            last = weakness;
            var said = place.said();
            if (said != null && !isSaid(said)) members.add(said);
        }

        /// A group has a handful of members in a dish: a look at each is cheaper than a set.
        private boolean isSaid(Substance member) {
            for (var i = 0; i < members.size(); i++) if (members.get(i) == member) return true;
            return false;
        }

        List<Evidence> threads() { return List.of(Arrays.copyOf(threads, size)); }

        Mark mark(Group group, List<Evidence> judged) {
            return sorted(group, List.of(strongestFirst(judged.toArray(Evidence[]::new), judged.size())));
        }

        Mark mark(Group group) {
            return sorted(group, ordered ? threads() : List.of(strongestFirst(threads, size)));
        }

        private Mark sorted(Group group, List<Evidence> sorted) {
            var strongest = sorted.getFirst().certainty();
            var assumed = true;
            var comesOff = true;
            for (var e : sorted) {
                assumed &= e.certainty() != strongest || e.assumed();
                comesOff &= e.comesOff();
            }
            return new Mark(group, strongest, assumed, comesOff, members, sorted);
        }

        /// Few certainties and many threads: counted, then put in place, which keeps the order within each certainty.
        private static Evidence[] strongestFirst(Evidence[] threads, int size) {
            var from = new int[WEAKEST + 2];
            for (var i = 0; i < size; i++) from[weakness(threads[i]) + 1]++;
            for (var i = 0; i <= WEAKEST; i++) from[i + 1] += from[i];
            var sorted = new Evidence[size];
            for (var i = 0; i < size; i++) sorted[from[weakness(threads[i])]++] = threads[i];
            return sorted;
        }

        private static int weakness(Evidence evidence) {
            return evidence.certainty().ordinal() * 2 + (evidence.assumed() ? 1 : 0);
        }
    }

    static Profile of(Derivation derivation, RuleBook ruleBook) {
        var groups = ruleBook.groups();
        var found = new Gathered[groups.size()];
        for (var e : derivation.evidence())
            for (var place : ruleBook.placesOf(e.substance())) {
                if (!e.couldBe(place.reach())) continue;
                var of = found[place.at()];
                if (of == null) found[place.at()] = of = new Gathered();
                of.add(e, place);
            }
        var marks = new ArrayList<Mark>();
        for (var i = 0; i < groups.size(); i++) {
            var of = found[i];
            if (of == null) continue;
            var group = groups.get(i);
            var threshold = ruleBook.threshold(group);
            if (threshold.isEmpty()) {
                marks.add(of.mark(group));
                continue;
            }
            var judged = Concentration.judged(of.threads(), derivation.goesIn(), threshold.get());
            if (!judged.isEmpty()) marks.add(of.mark(group, judged));
        }
        return new Profile(ruleBook, marks, Beside.of(derivation, ruleBook));
    }

    /// {@return the mark of one member that the law lists for a group; a word for the whole branch ("nuts") leaves each
    /// of its members not known}
    public Optional<Mark> member(Group group, Substance member) {
        var tree = Substances.shipped();
        var found = new Gathered();
        for (var e : mark(group).map(Mark::threads).orElse(List.of())) {
            var isSo = tree.isUnder(e.substance(), member);
            if (!isSo && !(tree.isUnder(member, e.substance()) && e.couldBe(List.of(member)))) continue;
            found.add(e, new RuleBook.Place(group, 0, member, List.of(member), isSo ? member : null, isSo));
        }
        return found.size == 0 ? Optional.empty() : Optional.of(found.mark(group));
    }

    /// {@return the mark of something beside the law's list, as the map shows it in a column of its own}
    public Optional<Mark> beside(Group group, Substance substance) {
        return beside.stream().filter(b -> b.group().equals(group) && b.substance().equals(substance)).findFirst()
                .map(Beside::mark);
    }

    public Optional<Mark> mark(Group group) {
        return marks.stream().filter(m -> m.group().equals(group)).findFirst();
    }
}
