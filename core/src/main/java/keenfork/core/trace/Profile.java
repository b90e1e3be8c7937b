package keenfork.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// A dish seen under one rule book: its marks in the book's order. A group with nothing found has no mark.
public record Profile(RuleBook ruleBook, List<Mark> marks) {
    private static final Comparator<Evidence> STRONGEST_FIRST = Comparator.comparing(Evidence::certainty).thenComparing(Evidence::assumed);

    public Profile {
        marks = List.copyOf(marks);
    }

    static Profile of(Derivation derivation, RuleBook ruleBook) {
        var groups = ruleBook.groups();
        var found = new ArrayList<@Nullable List<Evidence>>();
        for (var i = 0; i < groups.size(); i++) found.add(null);
        for (var e : derivation.evidence())
            for (var place : ruleBook.placesOf(e.substance())) {
                if (!e.couldBe(place.reach())) continue;
                var threads = found.get(place.at());
                if (threads == null) found.set(place.at(), threads = new ArrayList<>(4));
                // "nuts" surely hold nuts; whether they hold almonds is not known
                threads.add(place.isSure() || e.certainty() != Certainty.CONTAINS ? e : e.withCertainty(Certainty.NOT_KNOWN));
            }
        var marks = new ArrayList<Mark>();
        for (var i = 0; i < groups.size(); i++) {
            var group = groups.get(i);
            var threads = found.get(i);
            if (threads == null) continue;
            var threshold = ruleBook.threshold(group);
            var counted = threshold.isPresent() ? Concentration.judged(threads, derivation.recipe(), threshold.get()) : threads;
            if (!counted.isEmpty()) marks.add(mark(group, counted, ruleBook));
        }
        return new Profile(ruleBook, marks);
    }

    private static Mark mark(Group group, List<Evidence> threads, RuleBook ruleBook) {
        if (threads.size() > 1) threads.sort(STRONGEST_FIRST);
        var strongest = threads.getFirst().certainty();
        var members = new LinkedHashSet<Substance>();
        var assumed = true;
        var comesOff = true;
        for (var e : threads) {
            assumed &= e.certainty() != strongest || e.assumed();
            comesOff &= e.comesOff();
            if (group.names(e.substance())) members.add(group.naming() == Group.Naming.KIND ? e.substance() : ruleBook.member(group, e.substance()).orElseThrow());
        }
        return new Mark(group, strongest, assumed, comesOff, List.copyOf(members), threads);
    }

    public Optional<Mark> mark(Group group) {
        return marks.stream().filter(m -> m.group().equals(group)).findFirst();
    }
}
