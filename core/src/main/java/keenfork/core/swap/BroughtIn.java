package keenfork.core.swap;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Profile;

/// Something a plan brings into a dish that was not there before, or not as surely.
///
/// @param group     the group of the rule book
/// @param members   what is new of it; empty where only a word for the whole branch was found
/// @param certainty how surely it is in the changed dish
public record BroughtIn(Group group, List<Substance> members, Certainty certainty) {
    public BroughtIn {
        members = List.copyOf(members);
    }

    /// {@return what a changed dish holds more surely than before, in the rule book's order}
    ///
    /// A nut that joins others counts: who eats almonds may not eat cashews.
    static List<BroughtIn> between(Profile before, Profile after) {
        var brought = new ArrayList<BroughtIn>();
        for (var mark : after.marks()) {
            var members = mark.members().stream().filter(m -> isNew(mark.group(), m, before, after)).toList();
            var had = before.mark(mark.group());
            if (had.isEmpty() || mark.certainty().compareTo(had.get().certainty()) < 0 || !members.isEmpty())
                brought.add(new BroughtIn(mark.group(), members, mark.certainty()));
        }
        return brought;
    }

    private static boolean isNew(Group group, Substance member, Profile before, Profile after) {
        var now = after.member(group, member).map(m -> m.certainty()).orElse(Certainty.NOT_KNOWN);
        if (now == Certainty.NOT_KNOWN) return false;
        return before.member(group, member).filter(m -> m.certainty().compareTo(now) <= 0).isEmpty();
    }
}
