package keenfork.core.covers;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.covers.Cover.How;
import keenfork.core.covers.Cover.Why;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Line;
import keenfork.core.swap.Split;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Peel;

/// Who can eat what of a menu: each group with each dish.
///
/// @param covers groups in their order, and for each of them the dishes in theirs
public record Coverage(List<Cover> covers) {
    public Coverage {
        covers = List.copyOf(covers);
    }

    /// {@return who of some groups can eat what of a menu, as it is kept at this moment}
    public static Coverage of(List<MenuDish> menu, List<GuestGroup> groups) {
        var covers = new ArrayList<Cover>();
        for (var group : groups) for (var dish : menu) covers.add(cover(group, dish));
        return new Coverage(covers);
    }

    /// {@return the dishes of a group}
    public List<Cover> of(GuestGroup group) { return covers.stream().filter(c -> c.group().equals(group)).toList(); }

    static Cover cover(GuestGroup group, MenuDish dish) {
        var eats = Eats.of(dish.dish(), group.avoided());
        if (eats == Eats.AS_MADE) return new Cover(group, dish, How.AS_SERVED, List.of());
        if (!group.isUnderstood()) {
            var words = new Why.NotUnderstood(group.avoided().unread());
            return eats == Eats.GOES_WITHOUT ? new Cover(group, dish, How.CANNOT, against(group, dish.dish()))
                    : new Cover(group, dish, How.CANNOT_SAY, List.of(words));
        }
        if (eats == Eats.HELD_BACK)
            return new Cover(group, dish, How.PEELED, List.of(without(dish)), dish.hasPlates(false, group));
        for (var variant : dish.variants())
            if (Eats.of(variant, group.avoided()) == Eats.AS_MADE)
                return new Cover(group, dish, How.VARIANT, List.of(new Why.Variant(variant.recipe().name())));
        var split = Split.of(dish.dish(), group.avoid()).filter(s -> s.isStillIt(dish.dish().recipe()));
        if (split.isPresent())
            return new Cover(group, dish, How.SPLIT, List.of(before(split.get())), dish.hasPlates(true, group));
        return new Cover(group, dish, eats == Eats.GOES_WITHOUT ? How.CANNOT : How.CANNOT_SAY,
                against(group, dish.dish()));
    }

    private static Why without(MenuDish dish) {
        var recipe = dish.dish().recipe();
        var left = Peel.NO_TOPPING.of(recipe).parts();
        return new Why.Without(recipe.parts().stream().filter(p -> !left.contains(p)).map(p -> p.name()).toList());
    }

    private static Why before(Split split) {
        return new Why.Before(split.step() + 1, split.without().stream().map(l -> l.text()).toList());
    }

    /// {@return the evidence that does the worst to what they avoid}
    private static List<Why> against(GuestGroup group, Derivation dish) {
        var breaks = against(group, dish, Avoidance.Answer.BREAKS);
        return breaks.isEmpty() ? against(group, dish, Avoidance.Answer.OPEN) : breaks;
    }

    private static List<Why> against(GuestGroup group, Derivation dish, Avoidance.Answer answer) {
        var why = new ArrayList<Why>();
        for (var avoidance : group.avoid()) {
            dish.evidence().stream().filter(e -> avoidance.against(e) == answer)
                    .forEach(e -> why.add(new Why.Holds(avoidance, e)));
            dish.recipe().lines().stream().filter(l -> avoidance.named(dish, l) == answer).map(Line::text)
                    .forEach(l -> why.add(answer == Avoidance.Answer.BREAKS ? new Why.IsCalled(avoidance, l)
                            : new Why.MayHold(avoidance, l)));
        }
        return why;
    }
}
