package keenfork.core.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import keenfork.core.regime.Group;

/// What changes about one group of a dish: what its mark was, and what it is now.
///
/// @param group  the group of the rule book
/// @param before what was known before, or empty where nothing was found
/// @param after  what is known now, or empty where nothing is found
public record Difference(Group group, Optional<Mark> before, Optional<Mark> after) {
    /// {@return the groups whose mark changed in kind, in what it rests on, in whether it comes off or in the members
    /// named, in the rule book's order}
    /// @throws IllegalArgumentException when the two were seen under different rule books
    public static List<Difference> between(Profile before, Profile after) {
        if (before.ruleBook() != after.ruleBook())
            throw new IllegalArgumentException(
                    "two profiles of one rule book are compared: %s, %s".formatted(before.ruleBook(),
                            after.ruleBook()));
        var changed = new ArrayList<Difference>();
        for (var group : before.ruleBook().groups()) {
            var one = before.mark(group);
            var other = after.mark(group);
            if (!one.map(Difference::shown).equals(other.map(Difference::shown)))
                changed.add(new Difference(group, one, other));
        }
        return List.copyOf(changed);
    }

    /// what a mark shows of itself; its threads may differ in grams and words without a cook seeing another mark
    private record Shown(Certainty certainty, boolean assumed, boolean comesOff, List<String> members) {}

    private static Shown shown(Mark mark) {
        return new Shown(mark.certainty(), mark.assumed(), mark.comesOff(),
                mark.members().stream().map(m -> m.id()).sorted().toList());
    }

    /// {@return whether the dish now shuts out people it did not shut out before, or may}
    public boolean isWorse() {
        if (after.isEmpty()) return false;
        return before.isEmpty() || after.get().certainty().compareTo(before.get().certainty()) < 0
                || before.get().comesOff() && !after.get().comesOff();
    }
}
