package keenfork.web.swap;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import keenfork.core.swap.Swap;
import keenfork.web.kitchen.Menu;

/// The dishes of a menu that a swap can be tried on, the first few by the menu's order.
final class Tries {
    private static final int MOST = 3;
    private final Map<String, List<Use>> byFood = new HashMap<>();

    /// A food as a dish first uses it; `place` counts dishes in the menu's order, `line` the dish's lines, from 0.
    private record Use(Menu.Dish dish, int place, int line, String food) {
        OnDish link() {
            return new OnDish(dish.name(),
                    "/swaps?dish=%d&avoid=%s".formatted(dish.id(), URLEncoder.encode(food, StandardCharsets.UTF_8)));
        }
    }

    /// A dish a swap can be tried on: planned without the food that it replaces.
    record OnDish(String name, String link) {}

    private Tries() {}

    static Tries on(Menu menu) {
        var tries = new Tries();
        for (var i = 0; i < menu.dishes().size(); i++) tries.take(menu.dishes().get(i), i);
        return tries;
    }

    private void take(Menu.Dish dish, int place) {
        var lines = dish.derivation().recipe().lines();
        var seen = new HashSet<String>();
        for (var i = 0; i < lines.size(); i++) {
            var food = lines.get(i).food();
            if (food.isEmpty() || !seen.add(food.get().name())) continue;
            var uses = byFood.computeIfAbsent(food.get().name(), _ -> new ArrayList<>());
            if (uses.size() < MOST) uses.add(new Use(dish, place, i, food.get().name()));
        }
    }

    /// {@return dishes with a line that the swap replaces, each by the first such line}
    List<OnDish> of(Swap swap) {
        var first = new HashMap<Integer, Use>();
        for (var food : swap.replaces())
            for (var use : byFood.getOrDefault(food.name(), List.of()))
                first.merge(use.place, use, (a, b) -> a.line <= b.line ? a : b);
        return first.values().stream().sorted(Comparator.comparingInt(Use::place)).limit(MOST).map(Use::link).toList();
    }
}
