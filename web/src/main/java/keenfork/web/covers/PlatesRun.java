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

    PlatesRun(Menu menu, PlatesToMake plates) {
        this.menu = menu;
        for (var dish : menu.dishes()) byName.putIfAbsent(Words.key(dish.name()), dish.id());
        for (var dish : plates.dishes()) this.plates.merge(dish.id(), dish.plates(), Integer::sum);
        this.plates.forEach((dish, many) -> {
            if (many > 0) make(dish);
        });
    }

    private void make(long id) {
        // dishes that use each other in a ring end where they began
        if (!made.add(id)) return;
        menu.dish(id).stream().flatMap(d -> d.derivation().recipe().lines().stream())
                .map(l -> byName.get(Words.key(l.dish()))).filter(Objects::nonNull).distinct().forEach(this::make);
        made.remove(id);
        made.add(id);
    }

    private Runs.Turn anew(long dish) {
        return new Runs.Turn(dish, plates.getOrDefault(dish, 0), false, Map.of(), Map.of());
    }

    /// {@return the turns: those of the run in force in their order, and what is new at its end}
    List<Runs.Turn> turns() {
        var left = new LinkedHashSet<>(made);
        var turns = new ArrayList<Runs.Turn>();
        for (var turn : menu.run().kept().turns())
            if (left.remove(turn.dish()) || !plates.containsKey(turn.dish()))
                turns.add(new Runs.Turn(turn.dish(), plates.getOrDefault(turn.dish(), 0), turn.locked(), turn.cleans(),
                        turn.pieces(), turn.way()));
        left.forEach(dish -> turns.add(anew(dish)));
        return turns;
    }

    /// {@return the batches of all that is made}
    List<Batch> batches() {
        var recipes = new LinkedHashMap<Long, Recipe>();
        for (var id : made) menu.dish(id).ifPresent(d -> recipes.put(id, d.derivation().recipe()));
        var portions = KeptRun.portions(new Runs.Kept(0, made.stream().map(this::anew).toList()), recipes);
        return recipes.keySet().stream().flatMap(id -> menu.dish(id).stream())
                .flatMap(d -> KeptRun.batch(d.id(), d.derivation(), portions.getOrDefault(d.id(), 1),
                        menu.run().asides(), menu.run().equipment().figures()).stream())
                .toList();
    }
}
