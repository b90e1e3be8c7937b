package keenfork.core.trace;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import keenfork.core.food.Food;
import keenfork.core.food.Table;

/// The question that settles whether a plain food holds what it only sometimes does.
final class Asks {
    private static final Map<String, String> HELD = read();
    /// asked again for every dish, and the same for every dish
    private static final Map<String, List<String>> OF_FOODS = new ConcurrentHashMap<>();

    private Asks() {}

    private static Map<String, String> read() {
        var asks = new LinkedHashMap<String, String>();
        for (var row : Table.read(Food.class, "asks.txt", 3)) asks.put(row.cell(0), row.cell(1));
        return asks;
    }

    /// {@return one question for each thing it may hold that has one of its own; for the rest one to read the pack}
    static List<String> about(Food food) {
        return OF_FOODS.computeIfAbsent(food.name(), _ -> food.sometimes().stream()
                .map(s -> HELD.getOrDefault(s.id(), "Read the pack: what is in the {food}?").replace("{food}",
                        food.name()))
                .distinct().toList());
    }
}
