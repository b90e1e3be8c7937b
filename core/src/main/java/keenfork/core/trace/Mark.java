package keenfork.core.trace;

import java.util.List;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;

/// What is known of one group in one dish. The strongest certainty is shown; every thread is kept.
///
/// @param group     the group of the rule book
/// @param certainty the strongest of the threads
/// @param assumed   true where every strongest thread rests on a pack that is not read
/// @param comesOff  true where every thread is in a topping or beside
/// @param members   what the law names, in the order found; empty where only a word for the whole branch was found
/// @param threads   the evidence, strongest first, at least one
public record Mark(Group group, Certainty certainty, boolean assumed, boolean comesOff, List<Substance> members,
        List<Evidence> threads) {
    public Mark {
        members = List.copyOf(members);
        threads = List.copyOf(threads);
    }

    /// {@return whether it is not known for want of a pack alone: a product or a food was read, and what is on its pack
    /// was not. A word that nobody could read is something else}
    public boolean isPackToRead() {
        return certainty == Certainty.NOT_KNOWN
                && threads.stream().allMatch(t -> t.certainty() != Certainty.NOT_KNOWN || t.isOfProduct());
    }
}
