package keenfork.core.trace;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;

/// Something that guests take for a member of a group and the law does not list: pine nuts, in a dish whose nut column
/// is empty. It stands beside the law's list, so that nobody takes the silence for an answer.
///
/// @param group     the group it would be looked for under
/// @param substance what it is
/// @param certainty the strongest of the threads
/// @param threads   the evidence, strongest first
public record Beside(Group group, Substance substance, Certainty certainty, List<Evidence> threads) {
    public Beside {
        threads = List.copyOf(threads);
    }

    /// {@return it as a mark of its group, which counts nowhere as one}
    Mark mark() {
        return new Mark(group, certainty, threads.getFirst().assumed(), threads.stream().allMatch(Evidence::comesOff),
                List.of(substance), threads);
    }

    static List<Beside> of(Derivation derivation, RuleBook ruleBook) {
        // most dishes hold nothing of the kind, and of those that do only a thread or two are about it
        List<Evidence> about = List.of();
        for (var e : derivation.evidence()) {
            if (!ruleBook.isBeside(e.substance())) continue;
            if (about.isEmpty()) about = new ArrayList<>();
            about.add(e);
        }
        if (about.isEmpty()) return List.of();
        var found = new ArrayList<Beside>();
        for (var group : ruleBook.groups())
            for (var substance : ruleBook.beside(group)) {
                var threads = about.stream().filter(e -> Substances.shipped().isUnder(e.substance(), substance))
                        .sorted(Comparator.comparing(Evidence::certainty)).toList();
                if (!threads.isEmpty())
                    found.add(new Beside(group, substance, threads.getFirst().certainty(), threads));
            }
        return found;
    }
}
