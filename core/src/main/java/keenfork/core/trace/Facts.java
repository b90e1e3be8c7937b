package keenfork.core.trace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Words;
import keenfork.core.pack.Declaration;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// All facts in force, found by what they are about.
public final class Facts {
    private final RuleBook home;
    private final List<Fact> all;
    private final Map<String, Fact.PackInUse> packs;
    private final Map<DishLine, Optional<Fact.PackInUse>> byLine;
    private final Map<String, List<Fact.Contact>> contacts;
    private final Map<String, Recipe> dishes;
    private final Map<String, Recipe> byName;
    /// what [#linked] found, by the dish's name
    private final Map<String, Recipe> linked;
    private final Set<String> lastWords;

    private record DishLine(String dish, String line) {}

    /// @param home the kitchen's own rule book
    /// @param all  packs, contacts and other dishes, in the order they were recorded; of two packs for one food the
    ///             later one is in use
    public Facts(RuleBook home, List<Fact> all) {
        this.home = home;
        this.all = List.copyOf(all);
        packs = new HashMap<>();
        byLine = new HashMap<>();
        contacts = new HashMap<>();
        dishes = new HashMap<>();
        byName = new HashMap<>();
        linked = new ConcurrentHashMap<>();
        lastWords = new HashSet<>();
        for (var fact : this.all) switch (fact) {
            case Fact.PackInUse pack -> packs.put(pack.food(), pack);
            case Fact.LineUses uses ->
                    byLine.put(new DishLine(Words.key(uses.dish()), uses.line()), Optional.ofNullable(uses.pack()));
            case Fact.Contact contact -> contacts.computeIfAbsent(contact.dish(), _ -> new ArrayList<>()).add(contact);
            case Fact.OtherDish(var recipe) -> {
                dishes.putIfAbsent(Words.key(recipe.name()), recipe);
                byName.putIfAbsent(recipe.name(), recipe);
                lastWords.add(recipe.name().substring(recipe.name().lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT));
            }
        }
    }

    /// What shared kit leaves besides; all else is as it was, and is not looked through again.
    private Facts(Facts before, List<Fact.Contact> more) {
        home = before.home;
        all = Stream.concat(before.all.stream(), more.stream()).toList();
        packs = before.packs;
        byLine = before.byLine;
        dishes = before.dishes;
        byName = before.byName;
        linked = before.linked;
        lastWords = before.lastWords;
        contacts = new HashMap<>();
        before.contacts.forEach((dish, known) -> contacts.put(dish, new ArrayList<>(known)));
        for (var contact : more) contacts.computeIfAbsent(contact.dish(), _ -> new ArrayList<>()).add(contact);
    }

    /// {@return these, and what shared kit leaves besides}
    public Facts with(List<Fact.Contact> more) { return new Facts(this, more); }

    public static Facts none(RuleBook home) {
        return new Facts(home, List.of());
    }

    public RuleBook home() { return home; }

    public List<Fact> all() { return all; }

    /// {@return the pack in use for a line of a dish: the one it is linked to, or the one for its food}
    public Optional<Fact.PackInUse> pack(String dish, Line line) {
        var linked = byLine.isEmpty() ? null : byLine.get(new DishLine(Words.key(dish), line.text()));
        return linked != null ? linked : line.food().map(f -> packs.get(f.name()));
    }

    boolean isLinked(String dish, Line line) {
        return !byLine.isEmpty() && byLine.containsKey(new DishLine(Words.key(dish), line.text()));
    }

    List<Fact.Contact> contacts(String dish, String part) {
        var ofDish = contacts.get(dish);
        return ofDish == null ? List.of() : ofDish.stream().filter(c -> c.part().equals(part)).toList();
    }

    /// {@return the recipe with each line that names another dish of the kitchen read as that dish: "300 g Tahini
    /// dressing"}
    Recipe linked(Recipe recipe) {
        if (dishes.isEmpty()) return recipe;
        // a dressing that goes into forty salads is looked through once; what follows from these facts never changes
        return byName.get(recipe.name()) == recipe ? linked.computeIfAbsent(recipe.name(), _ -> withDishes(recipe))
                : withDishes(recipe);
    }

    private Recipe withDishes(Recipe recipe) {
        var changed = false;
        for (var part : recipe.parts()) for (var line : part.lines()) changed |= named(recipe, line) != null;
        if (!changed) return recipe;
        return recipe.withParts(p -> p.withLines(p.lines().stream().map(l -> {
            var name = named(recipe, l);
            return name == null ? l : l.asDish(name);
        }).toList()));
    }

    private @Nullable String named(Recipe recipe, Line line) {
        if (!line.dish().isEmpty() || line.pack() != null || line.amount() == null && line.text().indexOf(' ') < 0)
            return null;
        var text = line.text();
        var end = 0;
        while (end < text.length() && ",(;".indexOf(text.charAt(end)) < 0) end++;
        // most lines end in no word that ends a dish's name: one look settles it
        var head = text.substring(0, end).strip();
        if (!lastWords.contains(head.substring(head.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT))) return null;
        var words = Words.key(head);
        for (var at = 0; at >= 0; at = words.indexOf(' ', at) + 1) {
            var found = dishes.get(words.substring(at));
            if (found != null && !found.name().equals(recipe.name()) && !isPlainFood(found.name())
                    && !names(words.substring(0, at)))
                return found.name();
            if (words.indexOf(' ', at) < 0) break;
        }
        return null;
    }

    /// a dish called "Rice" does not take every line of rice
    private static boolean isPlainFood(String name) {
        return Foods.shipped().find(name).filter(f -> !f.isCompound()).isPresent();
    }

    /// an amount and talk before the name, and no food
    private static boolean names(String before) {
        return !before.isEmpty() && !Foods.shipped().recipeWords().read(before).matches().isEmpty();
    }

    Optional<Recipe> dish(String name) { return Optional.ofNullable(dishes.get(Words.key(name))); }

    @Override
    public String toString() { return home + " " + all; }
}
