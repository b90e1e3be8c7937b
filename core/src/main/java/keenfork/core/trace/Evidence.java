package keenfork.core.trace;

import java.util.List;
import keenfork.core.food.Substance;
import keenfork.core.measure.Mass;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// One reason why a substance is, may be or could be in a dish.
///
/// @param substance what
/// @param certainty how surely
/// @param assumed   true where it rests on a pack that is not read
/// @param origin    where in the dish it comes from
/// @param trail     from the dish down to what holds the substance; words are made of it, nothing is read from it
/// @param comesOff  true where it is in a part that can be left off
/// @param named     the law that would have made the maker name it, so that a vague word hides nothing of that law's
///                  groups; or null
/// @param amount    how much of the substance itself goes in, or null where no figure is held
public record Evidence(Substance substance, Certainty certainty, boolean assumed, Origin origin, Trail trail,
        boolean comesOff, @Nullable RuleBook named, @Nullable Mass amount) {
    Evidence withCertainty(Certainty other) {
        return new Evidence(substance, other, assumed, origin, trail, comesOff, named, amount);
    }

    /// {@return the same about a substance above its own}
    Evidence of(Substance above) {
        return new Evidence(above, certainty, assumed, origin, trail, comesOff, named, amount);
    }

    /// {@return the knots of its thread, from the dish down to the substance}
    public List<Link> path() {
        return trail.linksTo(new Link(Link.Place.SUBSTANCE, substance.name(), null, substance.source()));
    }

    /// {@return whether this could be one of the given substances, which a maker's law did not make it name}
    public boolean couldBe(List<Substance> reach) {
        if (named == null) return true;
        for (var s : reach) if (!named.covers(s)) return true;
        return false;
    }

    /// {@return whether this could be something of a group, which a maker's law did not make it name}
    public boolean couldBeIn(Group group) {
        return named == null || couldBe(group.reach(substance));
    }

    /// {@return whether a maker's law would have made it name this}
    public boolean isBoundByLaw() { return named != null; }

    /// {@return whether it was found in a pack's own declaration}
    boolean isDeclared() {
        for (Trail at = trail; at != null; at = at.above()) if (at.link().kind() == Link.Place.PACK) return true;
        return false;
    }

    /// {@return whether a food of the table or a pack stands on its way: a pack settles it}
    boolean isOfProduct() {
        for (Trail at = trail; at != null; at = at.above())
            if (at.link().kind() == Link.Place.PACK || at.link().kind() == Link.Place.FOOD) return true;
        return false;
    }

    /// {@return the words of the line or step it comes from; of the dish where it comes from no line}
    public String line() {
        var links = path();
        return links.get(Math.min(2, links.size() - 1)).text();
    }

    /// {@return whether it comes from a line of the dish itself; what shared kit brings, or a step alone names, does
    /// not}
    public boolean isOfLine() { return origin instanceof Origin.OfLine; }

    /// {@return whether it comes from a line of the dish}
    /// @param at the line's place among all lines of the recipe, from 0
    public boolean isOfLine(int at) { return origin instanceof Origin.OfLine(_, var line) && line == at; }

    /// {@return whether it comes from a line of a part of the dish, or from kit that reached it}
    /// @param at the part's place, from 0
    public boolean isOfPart(int at) {
        return switch (origin) {
            case Origin.OfLine(var part, _) -> part == at;
            case Origin.OfKit(var part) -> part == at;
            case Origin.OfStep _,Origin.OfDish _ -> false;
        };
    }

    /// {@return the words of its path from the line on}
    public String because() {
        var words = path().stream().map(Link::text).toList();
        return String.join(", ", words.subList(Math.min(2, words.size() - 1), words.size()));
    }
}
