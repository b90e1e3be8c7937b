package keenfork.web.kitchen;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Packs;
import keenfork.web.persistence.Stored;

/// What uses what on a menu, found once: which pack is taken for a food or a line, which lines take a pack, which
/// dishes use a dish.
final class Uses {
    private final Map<String, Stored<PackText>> byFood = new HashMap<>();
    private final Map<Place, Stored<PackText>> byLine = new HashMap<>();
    private final Map<Long, List<Menu.LineUse>> lines = new HashMap<>();
    private final Map<String, List<Menu.Dish>> dishes = new HashMap<>();

    private record Place(long dish, String line) {}

    private Uses() {}

    static Uses of(LocalDate day, List<Menu.Dish> dishes, List<Stored<PackText>> packs, List<Packs.LineLink> links) {
        var uses = new Uses();
        for (var pack : packs) if (!pack.value().spare()) uses.byFood.put(pack.value().food(), pack);
        for (var pack : packs) if (day.equals(pack.value().standsInOn())) uses.byFood.put(pack.value().food(), pack);
        for (var link : links)
            packs.stream().filter(p -> p.id() == link.pack()).findFirst()
                    .ifPresent(p -> uses.byLine.put(new Place(link.dish(), link.line()), p));
        for (var dish : dishes)
            for (var line : dish.derivation().recipe().lines()) uses.add(dish, line);
        return uses;
    }

    private void add(Menu.Dish dish, Line line) {
        if (!line.dish().isEmpty()) {
            var users = dishes.computeIfAbsent(Words.key(line.dish()), _ -> new ArrayList<>());
            if (!users.contains(dish)) users.add(dish);
        } else if (line.pack() == null) {
            pack(dish.id(), line).ifPresent(p -> lines.computeIfAbsent(p.id(), _ -> new ArrayList<>())
                    .add(new Menu.LineUse(dish, line, isLinked(dish.id(), line))));
        }
    }

    boolean isLinked(long dish, Line line) { return byLine.containsKey(new Place(dish, line.text())); }

    Optional<Stored<PackText>> pack(String food) { return Optional.ofNullable(byFood.get(food)); }

    Optional<Stored<PackText>> pack(long dish, Line line) {
        var linked = byLine.get(new Place(dish, line.text()));
        return linked != null ? Optional.of(linked) : line.food().flatMap(f -> pack(f.name()));
    }

    List<Menu.LineUse> lines(long pack) { return List.copyOf(lines.getOrDefault(pack, List.of())); }

    List<Menu.Dish> dishes(String name) { return List.copyOf(dishes.getOrDefault(Words.key(name), List.of())); }
}
