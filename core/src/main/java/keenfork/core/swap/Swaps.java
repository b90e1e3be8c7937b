package keenfork.core.swap;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Table;

/// The swap table that is shipped.
public final class Swaps {
    private static final List<Swap> ALL = Table.read(Swaps.class, "swaps.txt", 9).stream().map(row -> new Swap(row.cell(0),
            row.read(1, c -> Arrays.stream(c.split(";")).map(Swaps::food).toList()), row.cell(2),
            row.read(3, _ -> row.list(3).stream().map(Swaps::ingredient).toList()), row.cell(4), row.read(5, Swaps::lead), row.read(6, Swaps::effects),
            row.read(7, Double::parseDouble), row.cell(8))).toList();

    private Swaps() {}

    public static List<Swap> all() { return ALL; }

    /// {@return the swaps that can stand in for a food, in table order}
    static List<Swap> replacing(Food food) {
        return ALL.stream().filter(s -> s.replaces().stream().anyMatch(f -> f.name().equals(food.name()))).toList();
    }

    private static Food food(String name) {
        return Foods.shipped().find(name).orElseThrow(() -> new IllegalArgumentException("no food \"%s\" in the table".formatted(name.strip())));
    }

    private static Swap.Ingredient ingredient(String text) {
        var space = text.lastIndexOf(' ');
        var limits = text.substring(space + 1).split("-");
        return new Swap.Ingredient(food(text.substring(0, space)), new BigDecimal(limits[0]), new BigDecimal(limits[limits.length - 1]));
    }

    private static Swap.Lead lead(String text) {
        var limits = text.split("-");
        return new Swap.Lead(Integer.parseInt(limits[0]), Integer.parseInt(limits[limits.length - 1]));
    }

    private static Swap.Effects effects(String text) {
        var e = Arrays.stream(text.split(" ")).mapToInt(Integer::parseInt).toArray();
        return new Swap.Effects(e[0], e[1], e[2], e[3], e[4]);
    }
}
