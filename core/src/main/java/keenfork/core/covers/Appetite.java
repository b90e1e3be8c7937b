package keenfork.core.covers;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import keenfork.core.trace.Derivation;

/// How much people take, which says how many plates of each dish are made. A guest takes so many dishes of a course,
/// and each of those of it that the guest can eat as likely as the others: who can eat few of them takes more of these.
///
/// @param helpings dishes of a course that a guest takes, from 1; 0 for all of them, a plate of each
/// @param spare    per cent that are made beyond that, for second helpings and what goes wrong; 0 or more
public record Appetite(int helpings, int spare) {
    /// a plate of every dish for everyone who can eat it, and nothing more
    public static final Appetite EVERY_DISH = new Appetite(0, 0);
    private static final int WHOLE = 100;
    /// what sums of shares may be off by
    private static final double ALMOST = 1e-9;

    public Appetite {
        if (helpings < 0 || spare < 0) throw new IllegalArgumentException("nobody takes less than nothing");
    }

    /// The plates that are made of a dish as it is, or of a variant of it.
    ///
    /// @param of   the dish of the menu
    /// @param dish what is made
    /// @param many 0 or more
    public record Plates(MenuDish of, Derivation dish, int many) {}

    /// {@return the plates of each dish, its variants behind it, in the order of the menu}
    /// @param rest people beyond the groups, who eat everything
    public List<Plates> plates(List<MenuDish> menu, List<GuestGroup> groups, int rest) {
        var covers = Coverage.of(menu, groups).covers().stream().filter(Cover::isServed).toList();
        // two groups of one name are two
        Map<GuestGroup, Map<String, Integer>> choices = new IdentityHashMap<>();
        for (var c : covers)
            choices.computeIfAbsent(c.group(), _ -> new HashMap<>()).merge(c.dish().course(), 1, Integer::sum);
        var all = new HashMap<String, Integer>();
        for (var dish : menu) all.merge(dish.course(), 1, Integer::sum);
        var plates = new ArrayList<Plates>();
        for (var dish : menu) {
            var theirs = covers.stream().filter(c -> c.dish() == dish).toList();
            var taken = new Taken(theirs, choices);
            plates.add(new Plates(dish, dish.dish(), made(rest * share(all.getOrDefault(dish.course(), 1))
                    + taken.by(c -> c.how() != Cover.How.VARIANT))));
            for (var variant : dish.variants()) {
                var why = new Cover.Why.Variant(variant.recipe().name());
                plates.add(new Plates(dish, variant, made(taken.by(c -> c.why().contains(why)))));
            }
        }
        return plates;
    }

    /// {@return how much of a plate of each of some dishes one guest takes, 0 to 1}
    private double share(int dishes) { return helpings == 0 || helpings >= dishes ? 1 : (double) helpings / dishes; }

    private int made(double eaten) { return (int) Math.ceil(eaten * (WHOLE + spare) / WHOLE - ALMOST); }

    /// those who are served a dish
    private final class Taken {
        private final List<Cover> covers;
        private final Map<GuestGroup, Map<String, Integer>> choices;

        Taken(List<Cover> covers, Map<GuestGroup, Map<String, Integer>> choices) {
            this.covers = covers;
            this.choices = choices;
        }

        double by(Predicate<Cover> which) {
            return covers.stream().filter(which).mapToDouble(c -> c.group().people()
                    * share(choices.getOrDefault(c.group(), Map.of()).getOrDefault(c.dish().course(), 1))).sum();
        }
    }
}
