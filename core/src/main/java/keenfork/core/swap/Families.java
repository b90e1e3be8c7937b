package keenfork.core.swap;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Table;

/// Foods that a table speaks of together: `any pasta` is every food of that family, any other name the food itself.
final class Families {
    private static final String ANY = "any ";
    private static final Map<String, List<Food>> MEMBERS = Table.read(Families.class, "families.txt", 2).stream()
            .collect(Collectors.toUnmodifiableMap(r -> r.cell(0), r -> r.read(1, Families::named)));

    private Families() {}

    /// Foods and families parted by `;`.
    /// @throws IllegalArgumentException naming what is neither
    static List<Food> foods(String text) {
        var foods = new ArrayList<Food>();
        for (var name : names(text).toList()) {
            if (!name.startsWith(ANY)) foods.add(food(name));
            else foods.addAll(family(name.substring(ANY.length())));
        }
        return foods.stream().distinct().toList();
    }

    /// {@return the keys of the foods of a table's cell, to be looked up in}
    static Set<String> keys(String text) { return foods(text).stream().map(Food::id).collect(Collectors.toSet()); }

    /// {@return what the rows of a table say of each food, by its key: the earlier row counts}
    static <T> Map<String, T> byFood(Stream<Map.Entry<String, T>> rows) {
        var byFood = new HashMap<String, T>();
        rows.forEach(row -> keys(row.getKey()).forEach(id -> byFood.putIfAbsent(id, row.getValue())));
        return Map.copyOf(byFood);
    }

    private static List<Food> named(String text) { return names(text).map(Families::food).toList(); }

    private static Stream<String> names(String text) {
        return Arrays.stream(text.split(";")).map(String::strip).filter(s -> !s.isEmpty());
    }

    private static List<Food> family(String name) {
        var members = MEMBERS.get(name);
        if (members == null) throw new IllegalArgumentException("no family is called “%s”".formatted(name));
        return members;
    }

    /// A food of the reference table.
    /// @throws IllegalArgumentException where none is called that
    static Food food(String name) {
        return Foods.shipped().find(name)
                .orElseThrow(() -> new IllegalArgumentException("no food is called “%s”".formatted(name)));
    }
}
