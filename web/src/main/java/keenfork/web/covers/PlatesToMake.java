package keenfork.web.covers;

import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.covers.Appetite;
import keenfork.core.covers.MenuDish;
import keenfork.core.trace.Derivation;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.kitchen.Menu;

/// How many plates are made of what: as many of each dish as those who can eat it take; where nobody knows who comes,
/// as many as each recipe says.
///
/// @param dishes the dishes and their variants, course by course; some of which no plate is made
record PlatesToMake(List<OfDish> dishes) {
    /// @param id     the dish's key
    /// @param plates 0 or more
    record OfDish(long id, Derivation dish, int plates) {
        public String name() { return dish.recipe().name(); }
    }

    static PlatesToMake of(Menu menu, EventMenu covers) {
        var groups = covers.groups(menu);
        var served = covers.dishes(menu);
        Map<Derivation, Long> ids = new IdentityHashMap<>();
        for (var dish : menu.dishes()) ids.put(dish.derivation(), dish.id());
        Map<MenuDish, Long> originals = new IdentityHashMap<>();
        for (var dish : served) originals.put(dish.dish(), dish.id());
        var dishes = served.stream().map(EventMenu.Served::dish).toList();
        var isOpen = covers.comes() + groups.size() == 0;
        var plates = isOpen ? dishes.stream()
                .map(d -> new Appetite.Plates(d, d.dish(), Math.max(1, d.dish().recipe().serves()))).toList()
                : covers.appetite().plates(dishes, groups, covers.rest(groups));
        return new PlatesToMake(plates.stream().map(p -> new OfDish(
                ids.getOrDefault(p.dish(), originals.getOrDefault(p.of(), 0L)), p.dish(), p.many()))
                .toList());
    }
}
