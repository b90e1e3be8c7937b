package keenfork.web.run;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.run.Kit;
import keenfork.core.run.PrepRun;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.Runs;

/// The batches of the menu.
///
/// @param menu   the menu they are of
/// @param byDish the batch of each dish that goes over shared kit, by the dish's key
/// @param ids    the keys, by the dish's name
record Batches(Menu menu, Map<Long, Batch> byDish, Map<String, Long> ids) {
    static Batches of(Menu menu) {
        var plain = new Facts(menu.ruleBook(), menu.facts().all().stream().filter(f -> !(f instanceof Fact.Contact)).toList());
        var byDish = new HashMap<Long, Batch>();
        var ids = new HashMap<String, Long>();
        for (var dish : menu.dishes())
            Batch.of(Derivation.of(dish.derivation().recipe(), plain)).ifPresent(b -> {
                byDish.put(dish.id(), b);
                ids.put(b.dish(), dish.id());
            });
        return new Batches(menu, byDish, ids);
    }

    /// {@return the dishes that go over shared kit, in menu order}
    List<Long> all() { return menu.dishes().stream().map(Menu.Dish::id).filter(byDish::containsKey).toList(); }

    /// {@return the names of dishes of which nothing says what they go over}
    List<String> unsaid() { return menu.dishes().stream().filter(d -> !byDish.containsKey(d.id())).map(Menu.Dish::name).toList(); }

    List<Batch> of(List<Long> dishes) { return dishes.stream().filter(byDish::containsKey).map(byDish::get).toList(); }

    /// {@return the run in force, or the menu's own order unwashed where none is}
    PrepRun yours() { return menu.run().turns().isEmpty() ? unwashed(of(all())) : menu.run(); }

    PrepRun best() { return Sequencer.order(of(all()), School.STRICT); }

    static PrepRun unwashed(List<Batch> order) { return Sequencer.score(order, Collections.nCopies(order.size(), Map.of()), School.STRICT); }

    /// {@return a run as it is kept}
    List<Runs.Turn> turns(PrepRun run) {
        return run.turns().stream().map(t -> new Runs.Turn(ids.getOrDefault(t.batch().dish(), 0L), cleans(t.cleans()))).toList();
    }

    private static Map<String, String> cleans(Map<Kit, Clean> cleans) {
        var words = new HashMap<String, String>();
        cleans.forEach((kit, clean) -> words.put(kit.id(), clean.name()));
        return words;
    }
}
