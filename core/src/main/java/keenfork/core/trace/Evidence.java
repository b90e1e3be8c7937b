package keenfork.core.trace;

import java.util.List;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// One reason why a substance is, may be or could be in a dish.
///
/// @param substance what
/// @param certainty how surely
/// @param assumed   true where it rests on a pack that is not read
/// @param path      from the dish down to the substance
/// @param comesOff  true where it is in a part that can be left off
/// @param named     the law that would have made the maker name it, so that a vague word hides nothing of that law's groups; or null
public record Evidence(Substance substance, Certainty certainty, boolean assumed, List<Link> path, boolean comesOff, @Nullable RuleBook named) {
    public Evidence {
        path = List.copyOf(path);
    }

    Evidence withCertainty(Certainty other) {
        return new Evidence(substance, other, assumed, path, comesOff, named);
    }

    /// {@return whether this could be one of the given substances, which a maker's law did not make it name}
    public boolean couldBe(List<Substance> reach) {
        return named == null || reach.stream().anyMatch(s -> !named.covers(s));
    }

    /// {@return whether this could be something of a group, which a maker's law did not make it name}
    public boolean couldBeIn(Group group) {
        return named == null || couldBe(group.reach(substance));
    }

    /// {@return the words of its path from the line on}
    public String because() {
        var words = path.stream().map(Link::text).toList();
        return String.join(", ", words.subList(Math.min(2, words.size() - 1), words.size()));
    }
}
