package keenfork.web.kitchen;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Words;
import keenfork.core.kitchen.Larder;
import keenfork.core.recipe.Line;

/// What uses what on a menu, found once: which lines take a pack, which dishes use a dish.
public final class Uses {
    private final Map<Long, List<Menu.LineUse>> lines = new HashMap<>();
    private final Map<String, Map<Long, Menu.Dish>> dishes = new HashMap<>();

    private Uses() {}

    /// {@return what the dishes of a menu use, by the packs that speak}
    public static Uses of(Larder larder, List<Menu.Dish> dishes) {
        var uses = new Uses();
        for (var dish : dishes)
            for (var line : dish.derivation().recipe().lines()) uses.add(larder, dish, line);
        return uses;
    }

    private void add(Larder larder, Menu.Dish dish, Line line) {
        if (!line.dish().isEmpty()) {
            dishes.computeIfAbsent(Words.key(line.dish()), _ -> new LinkedHashMap<>()).put(dish.id(), dish);
        } else if (line.pack() == null) {
            larder.packFor(dish.id(), line).ifPresent(p -> lines.computeIfAbsent(p, _ -> new ArrayList<>())
                    .add(new Menu.LineUse(dish, line, larder.isLinked(dish.id(), line))));
        }
    }

    List<Menu.LineUse> lines(long pack) { return List.copyOf(lines.getOrDefault(pack, List.of())); }

    List<Menu.Dish> dishes(String name) { return List.copyOf(dishes.getOrDefault(Words.key(name), Map.of()).values()); }
}
