package keenfork.web.label;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.OutOfDate;
import keenfork.web.persistence.Dishes;
import keenfork.web.persistence.Packs;
import keenfork.web.persistence.Runs;
import org.springframework.stereotype.Component;

/// What was changed after a label was printed, of all that the label rests on: the dish and those it uses, their packs, the run, the guests.
@Component
class Causes {
    private static final int SHOWN = 4;
    private final Dishes dishes;
    private final Packs packs;
    private final Runs runs;

    /// One change.
    ///
    /// @param what in words: `the pack “Harissa jar” was read anew`
    /// @param by   who made it; may be empty
    record Cause(Instant when, String what, String by) {}

    Causes(Dishes dishes, Packs packs, Runs runs) {
        this.dishes = dishes;
        this.packs = packs;
        this.runs = runs;
    }

    /// {@return what may have put a label out of date, the oldest first; the newest few where there are many}
    List<Cause> of(Menu menu, OutOfDate old) {
        if (old.difference().isEmpty()) return List.of();
        var since = old.printed().printed();
        var causes = new ArrayList<Cause>();
        for (var dish : behind(menu, old)) {
            for (var v : dishes.versions(dish.id())) if (v.saved().isAfter(since)) causes.add(new Cause(v.saved(), "%s: %s".formatted(dish.name(), v.how()), v.by()));
            for (var pack : packsOf(menu, dish)) for (var v : packs.versions(pack)) if (v.saved().isAfter(since)) causes.add(new Cause(v.saved(), "the pack “%s”: %s".formatted(v.value().label(), v.how()), v.by()));
        }
        if (old.difference().map(d -> d.all().stream().anyMatch(w -> w.contains("shared kit"))).orElse(false))
            for (var change : runs.history()) if (change.made().isAfter(since)) causes.add(new Cause(change.made(), "the run: " + change.how(), change.by()));
        var sorted = causes.stream().distinct().sorted(Comparator.comparing(Cause::when)).toList();
        return sorted.size() <= SHOWN ? sorted : sorted.subList(sorted.size() - SHOWN, sorted.size());
    }

    /// The dish and all that go into it; the whole menu for a guest's card.
    private static List<Menu.Dish> behind(Menu menu, OutOfDate old) {
        if (old.printed().print().guests() != 0) return menu.dishes();
        var found = new ArrayList<Menu.Dish>();
        menu.dish(old.printed().print().dish()).ifPresent(d -> follow(menu, d, found, new HashSet<>()));
        return found;
    }

    private static void follow(Menu menu, Menu.Dish dish, List<Menu.Dish> found, Set<Long> seen) {
        if (!seen.add(dish.id())) return;
        found.add(dish);
        for (var line : dish.derivation().recipe().lines()) if (!line.dish().isEmpty()) menu.dishes().stream().filter(d -> d.name().equalsIgnoreCase(line.dish())).findFirst().ifPresent(d -> follow(menu, d, found, seen));
    }

    private static List<Long> packsOf(Menu menu, Menu.Dish dish) {
        return dish.derivation().recipe().lines().stream().flatMap(l -> menu.packFor(dish.id(), l).stream()).map(p -> p.id()).distinct().toList();
    }
}
