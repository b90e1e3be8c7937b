package keenfork.web.covers;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import keenfork.core.food.Words;
import keenfork.core.recipe.Recipe;
import keenfork.core.run.Batch;
import keenfork.core.run.Flow;
import keenfork.web.kitchen.KeptRun;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.run.Runs;

/// The run in force, made for some plates: what is eaten is in it for as many as eat it, what goes into that for as
/// much as goes in, and a dish of the covers that nobody eats is out of it.
final class PlatesRun {
    private final Menu menu;
    private final Map<String, Long> byName = new HashMap<>();
    /// plates of each dish of the covers
    private final Map<Long, Integer> plates = new LinkedHashMap<>();
    /// what is made: a dish stands behind those that go into it
    private final Set<Long> made = new LinkedHashSet<>();
    private final Map<Long, Recipe> recipes = new LinkedHashMap<>();
    private final Map<String, Integer> portions;

    PlatesRun(Menu menu, PlatesToMake plates) {
        this.menu = menu;
        for (var dish : menu.dishes()) byName.putIfAbsent(Words.key(dish.name()), dish.id());
        for (var dish : plates.dishes()) this.plates.merge(dish.id(), dish.plates(), Integer::sum);
        this.plates.forEach((dish, many) -> {
            if (many > 0) make(dish);
        });
        for (var id : made) menu.dish(id).ifPresent(d -> recipes.put(id, d.derivation().recipe()));
        var eaten = new HashMap<String, Integer>();
        recipes.forEach((id, recipe) -> {
            if (isEaten(id)) eaten.put(Words.key(recipe.name()), many(id));
        });
        portions = Flow.portionsFor(recipes.values(), eaten);
    }

    private int many(long dish) { return plates.getOrDefault(dish, 0); }

    private boolean isEaten(long dish) { return many(dish) > 0; }

    private int portions(long dish) {
        var recipe = recipes.get(dish);
        return recipe == null ? 0 : portions.getOrDefault(Words.key(recipe.name()), 0);
    }

    private void make(long id) {
        // dishes that use each other in a ring end where they began
        if (!made.add(id)) return;
        menu.dish(id).stream().flatMap(d -> d.derivation().recipe().lines().stream())
                .map(l -> byName.get(Words.key(l.dish()))).filter(Objects::nonNull).distinct().forEach(this::make);
        made.remove(id);
        made.add(id);
    }

    /// what only goes into others is made for as much as they take, whatever becomes of them
    private int said(long dish) { return isEaten(dish) ? portions(dish) : 0; }

    /// {@return the turns: those of the run in force in their order, and what is new at its end}
    List<Runs.Turn> turns() {
        var left = new LinkedHashSet<>(made);
        var turns = new ArrayList<Runs.Turn>();
        for (var turn : menu.run().kept().turns())
            if (left.remove(turn.dish()))
                turns.add(new Runs.Turn(turn.dish(), said(turn.dish()), turn.locked(), turn.cleans(), turn.pieces(),
                        turn.way()));
            else if (!plates.containsKey(turn.dish())) turns.add(turn);
        left.forEach(dish -> turns.add(new Runs.Turn(dish, said(dish), false, Map.of(), Map.of())));
        return turns;
    }

    /// {@return the batches of all that is made}
    List<Batch> batches() {
        return recipes.keySet().stream().flatMap(id -> menu.dish(id).stream())
                .flatMap(d -> KeptRun.batch(d.id(), d.derivation(), Math.max(1, portions(d.id())),
                        menu.run().asides(), menu.run().equipment().figures()).stream())
                .toList();
    }
}
