package keenfork.core.label;

import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;

/// Something that a label names: a group of its rule book, or one of it.
///
/// @param group  the group's key in the rule book; on a label that was printed before keys were kept, and says
///               something that no group of the book is called, those words
/// @param member the key of the substance; empty where the book names the group as a whole, and where nobody knows
///               which of it is meant
public record Named(String group, String member) {
    /// {@return how a rule book has a substance of one of its groups named}
    static Named of(Group group, Substance substance, RuleBook ruleBook) {
        return new Named(group.id(), member(group, substance, ruleBook).map(Substance::id).orElse(""));
    }

    private static Optional<Substance> member(Group group, Substance substance, RuleBook ruleBook) {
        if (!group.names(substance)) return Optional.empty();
        return switch (group.naming()) {
            case GROUP -> Optional.empty();
            case MEMBER -> ruleBook.member(group, substance);
            // "fish" is no kind of fish
            case KIND -> Optional.of(substance).filter(s -> !group.members().contains(s));
        };
    }

    /// {@return whether the law wants it known which of the group it is, and nobody knows}
    boolean isOpen(RuleBook ruleBook) {
        return member.isEmpty() && ruleBook.group(group).filter(g -> g.naming() != Group.Naming.GROUP).isPresent();
    }

    Optional<Substance> substance() { return member.isEmpty() ? Optional.empty() : Substances.shipped().find(member); }
}
