package keenfork.core.regime;

import java.util.List;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;

/// A group of substances that a rule book makes a kitchen declare.
///
/// @param id      its key on the command line, such as `gluten`
/// @param name    its word on screens, such as `Gluten cereals`
/// @param label   its word on a label
/// @param members the substances the law lists
/// @param naming  how its members are named on a label
/// @param major   false for what is declared but stands outside the law's list of major allergens
/// @param source  the clause
public record Group(String id, String name, String label, List<Substance> members, Naming naming, boolean major,
        String source) {
    /// how members are named: one word for all, the listed member, or the very kind of fish, nut or shellfish
    public enum Naming { GROUP, MEMBER, KIND }

    public Group {
        members = List.copyOf(members);
    }

    /// {@return the member a substance falls under, the substance itself where it stands for a branch that holds
    /// members ("nuts"), or empty}
    Optional<Substance> member(Substance substance) {
        var tree = Substances.shipped();
        for (var m : members) if (tree.isUnder(substance, m)) return Optional.of(m);
        for (var m : members) if (tree.isUnder(m, substance)) return Optional.of(substance);
        return Optional.empty();
    }

    /// {@return whether a substance is a listed member or a kind of one, not a word for a branch that holds members}
    public boolean names(Substance substance) {
        return members.stream().anyMatch(m -> Substances.shipped().isUnder(substance, m));
    }

    /// {@return the listed substances that something under `substance` could be}
    public List<Substance> reach(Substance substance) {
        var tree = Substances.shipped();
        for (var m : members) if (tree.isUnder(substance, m)) return List.of(substance);
        return members.stream().filter(m -> tree.isUnder(m, substance)).toList();
    }
}
