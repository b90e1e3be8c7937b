package keenfork.web.covers;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import keenfork.core.covers.Cover;
import keenfork.core.covers.Coverage;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.MenuDish;
import keenfork.core.trace.Derivation;
import keenfork.web.kitchen.Menu;

/// How many plates are made of what: one portion of each dish for everyone who can eat it, and so much more or less;
/// where nobody knows who comes, as many as each recipe says.
///
/// @param per    portions made for each hundred who can eat a dish, from 1
/// @param dishes the dishes and their variants, course by course; some of which no plate is made
record PlatesToMake(int per, List<OfDish> dishes) {
    private static final int USUAL = 100;
    private static final int MOST = 300;

    /// @param id     the dish's key
    /// @param plates 0 or more
    record OfDish(long id, Derivation dish, int plates) {
        public String name() { return dish.recipe().name(); }
    }

    /// {@return the portions for each hundred as somebody typed them; the usual ones for what is no number}
    static int per(String typed) {
        return typed.strip().matches("\\d{1,3}") ? Math.clamp(Integer.parseInt(typed.strip()), 1, MOST) : USUAL;
    }

    static PlatesToMake of(Menu menu, CoversKitchen covers, int per) {
        var groups = covers.groups(menu);
        var isOpen = covers.comes() + groups.size() == 0;
        var rest = covers.rest(groups);
        Map<Derivation, Long> ids = new IdentityHashMap<>();
        for (var dish : menu.dishes()) ids.put(dish.derivation(), dish.id());
        var plates = new ArrayList<OfDish>();
        for (var served : covers.dishes(menu)) {
            var dish = served.dish();
            var made = isOpen ? Stream.of(new Plates(dish.dish(), Math.max(1, dish.dish().recipe().serves())))
                    : plates(dish, groups, rest, per);
            made.forEach(p -> plates.add(new OfDish(ids.getOrDefault(p.of, served.id()), p.of, p.many)));
        }
        return new PlatesToMake(per, plates);
    }

    private record Plates(Derivation of, int many) {}

    /// {@return the dish as it is and its variants, each for those who eat that one}
    private static Stream<Plates> plates(MenuDish dish, List<GuestGroup> groups, int rest, int per) {
        var served = Coverage.of(List.of(dish), groups).covers().stream().filter(Cover::isServed).toList();
        var asItIs = rest + people(served.stream().filter(c -> c.how() != Cover.How.VARIANT));
        return Stream.concat(Stream.of(new Plates(dish.dish(), portions(asItIs, per))),
                dish.variants().stream().map(v -> new Plates(v, portions(people(served.stream()
                        .filter(c -> c.why().contains(new Cover.Why.Variant(v.recipe().name())))), per))));
    }

    private static int people(Stream<Cover> covers) { return covers.mapToInt(c -> c.group().people()).sum(); }

    private static int portions(int eat, int per) {
        return new BigDecimal(eat).multiply(new BigDecimal(per)).divide(new BigDecimal(100), RoundingMode.CEILING)
                .intValue();
    }
}
