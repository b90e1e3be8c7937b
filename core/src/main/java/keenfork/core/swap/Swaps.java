package keenfork.core.swap;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Table;

/// A table of swaps: the shipped one, with a kitchen's own and without those it does not use.
public final class Swaps {
    private static final int MOST_MINUTES = 7 * 24 * 60;
    private static final BigDecimal MOST_RATIO = BigDecimal.TEN;
    private static final String BY_OIL = " by oil";
    private static final String COOKED = " (cooked)";
    private static final Set<String> KEYS =
            Set.of("swap", "for", "as", "in", "make", "becomes", "lead", "effects", "school", "note", "from");
    private static final Swaps SHIPPED =
            new Swaps(Table.blocks(Swaps.class, "swaps.txt", KEYS).stream().map(Swaps::swap).toList());
    private final List<Swap> all;
    private final Map<String, List<Swap>> byFood = new HashMap<>();

    private Swaps(List<Swap> all) {
        this.all = List.copyOf(all);
        for (var swap : all)
            for (var food : swap.replaces()) byFood.computeIfAbsent(food.id(), _ -> new ArrayList<>()).add(swap);
    }

    public static Swaps shipped() { return SHIPPED; }

    private static Swap swap(Table.Block block) {
        var with = block.read("in", Swaps::ingredients);
        // a family is replaced by no member of itself
        var replaces = block.read("for", Swaps::foods).stream().filter(f -> !f.equals(with.getFirst().food())).toList();
        return new Swap(block.cell("swap", ""), replaces, block.read("as", Swaps::roles), with, block.cell("make", ""),
                block.read("becomes", Verb::texture),
                block.read("lead", Swaps::lead), block.read("effects", Swaps::effects), block.cell("school", ""),
                block.cell("note", ""), block.cell("from", "common practice"), false);
    }

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

    /// {@return this table as a kitchen uses it that prefers a school of creams: those of it go before the others
    /// wherever the rest is alike}
    public Swaps preferring(CreamSchool school) {
        return new Swaps(all.stream().map(s -> school.holds(s) ? s.liked() : s).toList());
    }

    /// {@return this table as a kitchen uses it that would rather do some things its own way: cooks differ, and where
    /// the rest is alike theirs goes before the others}
    public Swaps liking(Set<String> ids) {
        if (ids.isEmpty()) return this;
        return new Swaps(all.stream().map(s -> ids.contains(s.id()) ? s.liked() : s).toList());
    }

    /// {@return the swaps that can stand in for a food, in table order}
    public List<Swap> replacing(Food food) { return byFood.getOrDefault(food.id(), List.of()); }

    /// Foods of the reference table and families, parted by `;`: `feta; any hard cheese`.
    /// @throws IllegalArgumentException naming the one that is neither
    public static List<Food> foods(String text) {
        var foods = Families.foods(text);
        if (foods.isEmpty()) throw new IllegalArgumentException("no food is named");
        return foods;
    }

    /// What a swap does and how near it comes, such as `body 0.8, garnish 0.7`.
    /// @throws IllegalArgumentException naming what is no role, or no number from 0 to 1
    public static Map<Role, Double> roles(String text) {
        var roles = new EnumMap<Role, Double>(Role.class);
        for (var one : parts(text).toList()) {
            var space = one.lastIndexOf(' ');
            roles.put(Role.of(space < 0 ? one : one.substring(0, space)), closeness(one.substring(space + 1)));
        }
        if (roles.isEmpty()) throw new IllegalArgumentException("no role is named");
        return roles;
    }

    /// What goes in, such as `silken tofu 0.8-0.9, olive oil 0.1`: g for each g replaced. `by oil` behind it makes it g
    /// for each g of oil in the part, `(cooked)` behind the name says how it is weighed.
    /// @throws IllegalArgumentException naming what cannot be read
    public static List<Swap.Ingredient> ingredients(String text) {
        var ingredients = parts(text).map(Swaps::ingredient).toList();
        if (ingredients.isEmpty()) throw new IllegalArgumentException("nothing goes in");
        return ingredients;
    }

    private static Stream<String> parts(String text) {
        return Arrays.stream(text.split(",")).map(String::strip).filter(s -> !s.isEmpty());
    }

    private static Swap.Ingredient ingredient(String written) {
        var byOil = written.endsWith(BY_OIL);
        var text = byOil ? written.substring(0, written.length() - BY_OIL.length()) : written;
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
        var name = text.substring(0, space).strip();
        return new Swap.Ingredient(Families.food(name.replace(COOKED, "")), name.endsWith(COOKED), low, high,
                byOil ? Swap.By.OIL : Swap.By.WEIGHT);
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

    /// Minutes of lead time, one figure or two: `30` or `30-45`; none where nothing is said.
    /// @throws IllegalArgumentException where they do not rise from 0, or pass a week
    public static Swap.Lead lead(String text) {
        if (text.isBlank()) return Swap.Lead.NONE;
        var limits = text.split("-");
        var low = whole(limits[0]);
        var high = whole(limits[limits.length - 1]);
        if (limits.length > 2 || high > MOST_MINUTES)
            throw new IllegalArgumentException(
                    "“%s” is no lead time in minutes, such as 30-45, a week at most".formatted(text));
        return new Swap.Lead(low, high);
    }

    /// Effects by name, such as `body +1, crunch -1`; none where nothing is said.
    /// @throws IllegalArgumentException naming what is no effect
    public static Swap.Effects effects(String text) {
        var by = new HashMap<String, Integer>();
        for (var one : parts(text).toList()) {
            var space = one.indexOf(' ');
            var name = space < 0 ? one : one.substring(0, space);
            if (!Set.of("body", "salt", "acid", "sweet", "crunch").contains(name))
                throw new IllegalArgumentException("“%s” is none of body, salt, acid, sweet, crunch".formatted(name));
            by.put(name, whole(one.substring(space + 1)));
        }
        return new Swap.Effects(by.getOrDefault("body", 0), by.getOrDefault("salt", 0), by.getOrDefault("acid", 0),
                by.getOrDefault("sweet", 0), by.getOrDefault("crunch", 0));
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
