package keenfork.web.kitchen;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Words;
import keenfork.core.kitchen.Larder;
import keenfork.core.recipe.Line;
import org.jspecify.annotations.Nullable;

/// What uses what on a menu, found once, when somebody first asks: which lines take a pack, which dishes use a dish.
public final class Uses {
    private final Larder larder;
    private final List<Menu.Dish> menu;
    private volatile @Nullable Found found;

    /// @param lines  those that take a pack, by its key
    /// @param dishes those that use a dish, by its name, and by their keys
    private record Found(Map<Long, List<Menu.LineUse>> lines, Map<String, Map<Long, Menu.Dish>> dishes) {}

    private Uses(Larder larder, List<Menu.Dish> menu) {
        this.larder = larder;
        this.menu = menu;
    }

    /// {@return what the dishes of a menu use, by the packs that speak}
    public static Uses of(Larder larder, List<Menu.Dish> dishes) { return new Uses(larder, List.copyOf(dishes)); }

    /// two who ask at once may both find it, and find the same
    private Found found() {
        var known = found;
        if (known != null) return known;
        var anew = new Found(new HashMap<>(), new HashMap<>());
        for (var dish : menu)
            for (var line : dish.derivation().recipe().lines()) add(anew, dish, line);
        found = anew;
        return anew;
    }

    private void add(Found found, Menu.Dish dish, Line line) {
        if (!line.dish().isEmpty()) {
            found.dishes.computeIfAbsent(Words.key(line.dish()), _ -> new LinkedHashMap<>()).put(dish.id(), dish);
        } else if (line.pack() == null) {
            larder.packFor(dish.id(), line).ifPresent(p -> found.lines.computeIfAbsent(p, _ -> new ArrayList<>())
                    .add(new Menu.LineUse(dish, line, larder.isLinked(dish.id(), line))));
        }
    }

    List<Menu.LineUse> lines(long pack) { return List.copyOf(found().lines.getOrDefault(pack, List.of())); }

    List<Menu.Dish> dishes(String name) {
        return List.copyOf(found().dishes.getOrDefault(Words.key(name), Map.of()).values());
    }
}
