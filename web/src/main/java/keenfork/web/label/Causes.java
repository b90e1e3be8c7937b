package keenfork.web.label;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.label.Difference;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.OutOfDate;
import keenfork.web.persistence.Edit;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.pack.Packs;
import keenfork.web.persistence.run.Runs;
import org.springframework.stereotype.Component;

/// What was changed after a label was printed, of all that the label rests on: the dish and those it uses, their packs,
/// the run, the guests.
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

    /// {@return for each label what may have put it out of date, the oldest first; the newest few where there are many}
    List<List<Cause>> of(Menu menu, List<OutOfDate> old) {
        var since = old.stream().filter(o -> o.difference().isPresent()).map(o -> o.printed().printed())
                .min(Comparator.naturalOrder());
        if (since.isEmpty()) return old.stream().map(_ -> List.<Cause>of()).toList();
        var edits = dishes.since(since.get()).stream().collect(Collectors.groupingBy(Edit::of));
        var reads = packs.since(since.get()).stream().collect(Collectors.groupingBy(Edit::of));
        var turns = runs.history();
        return old.stream().map(o -> o.difference().isEmpty() ? List.<Cause>of() : of(menu, o, edits, reads, turns))
                .toList();
    }

    private static List<Cause> of(Menu menu, OutOfDate old, Map<Long, List<Edit>> edits, Map<Long, List<Edit>> reads,
            List<Runs.Change> turns) {
        var since = old.printed().printed();
        var causes = new ArrayList<Cause>();
        for (var dish : behind(menu, old)) {
            for (var e : edits.getOrDefault(dish.id(), List.of()))
                causes.add(new Cause(e.when(), "%s: %s".formatted(e.name(), e.how()), e.by()));
            for (var pack : packsOf(menu, dish))
                for (var e : reads.getOrDefault(pack, List.of()))
                    causes.add(new Cause(e.when(), "the pack “%s”: %s".formatted(e.name(), e.how()), e.by()));
        }
        if (old.difference().map(Difference::byKit).orElse(false))
            for (var t : turns) causes.add(new Cause(t.made(), "the run: " + t.how(), t.by()));
        var sorted = causes.stream().filter(c -> c.when.isAfter(since)).distinct()
                .sorted(Comparator.comparing(Cause::when)).toList();
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
        for (var line : dish.derivation().recipe().lines())
            if (!line.dish().isEmpty())
                menu.dishes().stream().filter(d -> d.name().equalsIgnoreCase(line.dish()))
                        .findFirst().ifPresent(d -> follow(menu, d, found, seen));
    }

    private static List<Long> packsOf(Menu menu, Menu.Dish dish) {
        return dish.derivation().recipe().lines().stream().flatMap(l -> menu.packFor(dish.id(), l).stream())
                .map(p -> p.id()).distinct().toList();
    }
}
