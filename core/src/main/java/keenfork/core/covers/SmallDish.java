package keenfork.core.covers;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.swap.Context;
import keenfork.core.trace.Derivation;

/// A small dish of its own for people whom no change of the menu feeds: the last resort, of foods the kitchen has
/// wherever it can be.
///
/// @param name   what it is called
/// @param course the course it is added to
/// @param people how many it is for, 1 or more
/// @param groups the groups it is for
/// @param buy    foods of it that no dish of the menu and no pack of the larder is of
/// @param text   the recipe
public record SmallDish(String name, String course, int people, List<GuestGroup> groups, List<String> buy,
        String text) {
    private static final Map<String, Shipped> ALL = shipped();

    public SmallDish {
        groups = List.copyOf(groups);
        buy = List.copyOf(buy);
    }

    private record Portion(int grams, String food) {}

    private record Shipped(String name, List<Portion> portions, String method) {
        String text(int people) {
            return "%s\nServes %d\n%s\nMethod:\n%s".formatted(name, people, portions.stream()
                    .map(p -> "%d g %s".formatted(p.grams * people, p.food)).collect(Collectors.joining("\n")),
                    method.replace(". ", ".\n"));
        }
    }

    private static Map<String, Shipped> shipped() {
        var all = new LinkedHashMap<String, Shipped>();
        for (var block : Table.blocks(SmallDish.class, "small-dishes.txt", Set.of("dish", "in", "make", "from")))
            all.put(block.cell("dish", ""), new Shipped(block.cell("dish", ""),
                    block.read("in", SmallDish::portions), block.cell("make", "")));
        return all;
    }

    private static List<Portion> portions(String text) {
        return Arrays.stream(text.split(";")).map(p -> p.strip().split(" ", 2))
                .map(w -> new Portion(Integer.parseInt(w[0]), w[1])).toList();
    }

    /// {@return the recipe of one of them for so many people; empty where there is none of that name}
    public static Optional<String> text(String name, int people) {
        return Optional.ofNullable(ALL.get(name)).map(s -> s.text(people));
    }

    /// {@return every one of them, for one person}
    static List<Recipe> all(Context context) {
        return ALL.values().stream().map(s -> Recipe.read(s.text(1), context.volumes(), law(context))).toList();
    }

    private static Law law(Context context) { return new Law(context.ruleBook().id()); }

    /// {@return the fewest found that feed who is short, those first that feed most people and that need the fewest
    /// foods to be bought; nothing for whom none of them is wholly clear}
    /// @param menu  the dishes there are
    /// @param least dishes each group must have of a course
    static List<SmallDish> forThose(List<ServePlan.Shortfall> shortOf, List<MenuDish> menu, Context context,
            int least) {
        var chosen = new ArrayList<SmallDish>();
        var names = menu.stream().map(d -> Words.key(d.name())).collect(Collectors.toCollection(HashSet::new));
        var there = there(menu, context);
        for (var course : shortOf.stream().map(ServePlan.Shortfall::course).distinct().toList()) {
            var lacking = new ArrayList<GuestGroup>();
            for (var s : shortOf)
                if (s.course().equals(course)) lacking.addAll(Collections.nCopies(least - s.has(), s.group()));
            for (var best = best(course, lacking, names, there, context); best.isPresent(); best =
                    best(course, lacking, names, there, context)) {
                chosen.add(best.get());
                names.add(Words.key(best.get().name));
                best.get().groups.forEach(lacking::remove);
            }
        }
        return chosen;
    }

    /// @param lacking the groups, each as often as it lacks a dish
    /// @param taken   names of dishes there are
    private static Optional<SmallDish> best(String course, List<GuestGroup> lacking, Set<String> taken,
            Set<String> there, Context context) {
        var hungry = lacking.stream().distinct().toList();
        return ALL.values().stream().filter(s -> !taken.contains(Words.key(s.name)))
                .map(s -> of(s, course, hungry, there, context)).filter(d -> !d.groups.isEmpty())
                .max(Comparator.comparingInt(SmallDish::people)
                        .thenComparing(d -> d.buy().size(), Comparator.reverseOrder()));
    }

    private static SmallDish of(Shipped shipped, String course, List<GuestGroup> hungry, Set<String> there,
            Context context) {
        var recipe = Recipe.read(shipped.text(1), context.volumes(), law(context));
        var made = Derivation.of(recipe, context.facts());
        var eat = hungry.stream().filter(g -> g.isUnderstood() && Eats.of(made, g.avoided()) == Eats.AS_MADE).toList();
        var people = eat.stream().mapToInt(GuestGroup::people).sum();
        return new SmallDish(shipped.name, course, Math.max(1, people), eat,
                recipe.lines().stream().flatMap(l -> l.food().stream()).map(Food::name)
                        .filter(f -> !there.contains(f)).toList(),
                shipped.text(Math.max(1, people)));
    }

    private static Set<String> there(List<MenuDish> menu, Context context) {
        var there = new HashSet<String>();
        for (var dish : menu)
            for (var line : dish.dish().recipe().lines()) line.food().map(Food::name).ifPresent(there::add);
        for (var pack : context.packs()) there.add(pack.food());
        return there;
    }
}
