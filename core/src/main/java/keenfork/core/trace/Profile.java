package keenfork.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;

/// A dish seen under one rule book: its marks in the book's order. A group with nothing found has no mark.
public record Profile(RuleBook ruleBook, List<Mark> marks) {
    public Profile {
        marks = List.copyOf(marks);
    }

    static Profile of(List<Evidence> evidence, RuleBook ruleBook) {
        return new Profile(ruleBook, ruleBook.groups().stream().map(g -> mark(g, evidence, ruleBook)).flatMap(Optional::stream).toList());
    }

    private static Optional<Mark> mark(Group group, List<Evidence> evidence, RuleBook ruleBook) {
        var threads = new ArrayList<Evidence>();
        for (var e : evidence)
            if (ruleBook.member(group, e.substance()).isPresent() && e.couldBeIn(group)) threads.add(e);
        if (threads.isEmpty()) return Optional.empty();
        threads.sort(Comparator.comparing(Evidence::certainty).thenComparing(Evidence::assumed));
        var strongest = threads.getFirst().certainty();
        var members = new LinkedHashSet<Substance>();
        for (var e : threads)
            if (group.names(e.substance())) members.add(group.naming() == Group.Naming.KIND ? e.substance() : ruleBook.member(group, e.substance()).orElseThrow());
        return Optional.of(new Mark(group, strongest, threads.stream().filter(e -> e.certainty() == strongest).allMatch(Evidence::assumed),
                threads.stream().allMatch(Evidence::comesOff), List.copyOf(members), threads));
    }

    public Optional<Mark> mark(Group group) {
        return marks.stream().filter(m -> m.group().equals(group)).findFirst();
    }
}
