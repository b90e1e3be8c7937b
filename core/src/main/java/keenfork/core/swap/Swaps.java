package keenfork.core.swap;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Table;

/// A table of swaps: the shipped one, with a kitchen's own and without those it does not use.
public final class Swaps {
    /// what something does in a dish, so that what goes in can do it, too
    public static final List<String> ROLES = List.of("body", "fat", "emulsion", "salt-umami", "acid", "sweet",
            "bulk grain", "crunch", "garnish", "binder");
    private static final int MOST_MINUTES = 7 * 24 * 60;
    private static final BigDecimal MOST_RATIO = BigDecimal.TEN;
    private static final Swaps SHIPPED = new Swaps(Table.read(Swaps.class, "swaps.txt", 9).stream()
            .map(row -> new Swap(row.cell(0), row.read(1, Swaps::foods), row.read(2, Swaps::role),
                    row.read(3, Swaps::ingredients), row.cell(4), row.read(5, Swaps::lead), row.read(6, Swaps::effects),
                    row.read(7, Swaps::closeness), row.cell(8)))
            .toList());
    private final List<Swap> all;
    private final Map<String, List<Swap>> byFood = new HashMap<>();

    private Swaps(List<Swap> all) {
        this.all = List.copyOf(all);
        for (var swap : all)
            for (var food : swap.replaces()) byFood.computeIfAbsent(food.name(), _ -> new ArrayList<>()).add(swap);
    }

    public static Swaps shipped() { return SHIPPED; }

    /// {@return every swap, in table order}
    public List<Swap> all() { return all; }

    /// {@return this table with a kitchen's own swaps; one with a key that is held takes its place}
    public Swaps with(List<Swap> own) {
        var byId = new LinkedHashMap<String, Swap>();
        for (var swap : all) byId.put(swap.id(), swap);
        for (var swap : own) byId.put(swap.id(), swap);
        return new Swaps(List.copyOf(byId.values()));
    }

    /// {@return this table without those that are turned off}
    public Swaps without(Set<String> ids) {
        return ids.isEmpty() ? this : new Swaps(all.stream().filter(s -> !ids.contains(s.id())).toList());
    }

    /// {@return the swaps that can stand in for a food, in table order}
    public List<Swap> replacing(Food food) { return byFood.getOrDefault(food.name(), List.of()); }

    /// Foods of the reference table, parted by `;`.
    /// @throws IllegalArgumentException naming the one that is no food of it
    public static List<Food> foods(String text) {
        var foods =
                Arrays.stream(text.split(";")).map(String::strip).filter(s -> !s.isEmpty()).map(Swaps::food).toList();
        if (foods.isEmpty()) throw new IllegalArgumentException("no food is named");
        return foods;
    }

    /// A role of [#ROLES].
    /// @throws IllegalArgumentException where it is none of them
    public static String role(String text) {
        if (!ROLES.contains(text))
            throw new IllegalArgumentException("“%s” is none of %s".formatted(text, String.join(", ", ROLES)));
        return text;
    }

    /// What goes in, such as `silken tofu 0.8-0.9, olive oil 0.1`: g for each g replaced.
    /// @throws IllegalArgumentException naming what cannot be read
    public static List<Swap.Ingredient> ingredients(String text) {
        var ingredients = Arrays.stream(text.split(",")).map(String::strip).filter(s -> !s.isEmpty())
                .map(Swaps::ingredient).toList();
        if (ingredients.isEmpty()) throw new IllegalArgumentException("nothing goes in");
        return ingredients;
    }

    private static Food food(String name) {
        return Foods.shipped().find(name)
                .orElseThrow(() -> new IllegalArgumentException("no food is called “%s”".formatted(name)));
    }

    private static Swap.Ingredient ingredient(String text) {
        var space = text.lastIndexOf(' ');
        if (space < 0)
            throw new IllegalArgumentException(
                    "“%s” has no weight: say how many g go in for each g replaced, such as “%s 0.9-1.0”".formatted(text,
                            text));
        var limits = text.substring(space + 1).split("-");
        var low = ratio(limits[0], text);
        var high = ratio(limits[limits.length - 1], text);
        if (limits.length > 2 || low.signum() <= 0 || high.compareTo(low) < 0 || high.compareTo(MOST_RATIO) > 0)
            throw new IllegalArgumentException(
                    "“%s”: g for each g replaced rise from over 0 to at most 10, such as 0.9-1.0".formatted(text));
        return new Swap.Ingredient(food(text.substring(0, space).strip()), low, high);
    }

    private static BigDecimal ratio(String text, String all) {
        try {
            return new BigDecimal(text.strip());
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "“%s” ends in no weight: say how many g go in for each g replaced, such as 0.9-1.0".formatted(all),
                    e);
        }
    }

    /// Minutes of lead time, one figure or two: `30` or `30-45`.
    /// @throws IllegalArgumentException where they do not rise from 0, or pass a week
    public static Swap.Lead lead(String text) {
        var limits = text.split("-");
        var low = whole(limits[0]);
        var high = whole(limits[limits.length - 1]);
        if (limits.length > 2 || high > MOST_MINUTES)
            throw new IllegalArgumentException(
                    "“%s” is no lead time in minutes, such as 30-45, a week at most".formatted(text));
        return new Swap.Lead(low, high);
    }

    private static Swap.Effects effects(String text) {
        var e = Arrays.stream(text.split(" ")).mapToInt(Swaps::whole).toArray();
        return new Swap.Effects(e[0], e[1], e[2], e[3], e[4]);
    }

    /// How near it comes, 0 to 1.
    /// @throws IllegalArgumentException where it is no such number
    public static double closeness(String text) {
        try {
            return Double.parseDouble(text.strip());
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("“%s” is not a number".formatted(text), e);
        }
    }

    private static int whole(String text) {
        try {
            return Integer.parseInt(text.strip());
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("“%s” is not a whole number".formatted(text), e);
        }
    }
}
