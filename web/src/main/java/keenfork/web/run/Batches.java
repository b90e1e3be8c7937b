package keenfork.web.run;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import keenfork.core.recipe.Recipe;
import keenfork.core.run.Batch;
import keenfork.core.run.BatchSetup;
import keenfork.core.run.Conditions;
import keenfork.core.run.ContactPolicy;
import keenfork.core.run.Day;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Sequencer;
import keenfork.core.run.Told;
import keenfork.core.run.ToldText;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.kitchen.KeptRun;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.Settings;

/// The batches of the menu, with the day they are made in.
///
/// @param menu       the menu they are of
/// @param day        the day of the run
/// @param served     when all is served
/// @param conditions under which orders are found and scored
/// @param plain      what is known without what shared kit leaves
/// @param byDish     the batch of each dish that goes over shared kit, by the dish's key
/// @param turns      the crew's own order, the menu's own where none is kept
/// @param unheard    what was told of the day and does not hold any more; empty where all does
/// @param yours      the crew's own order, scored as it was made: without the cleans that were passed over
record Batches(Menu menu, Settings.RunDay day, LocalDate served, Conditions conditions, Facts plain,
        Map<Long, Batch> byDish, List<Runs.Turn> turns, String unheard, PrepRun yours) {
    /// @param said what the crew says of its day
    static Batches of(Menu menu, Settings.RunDay day, String said) {
        var plain = new Facts(menu.ruleBook(),
                menu.facts().all().stream().filter(f -> !(f instanceof Fact.Contact)).toList());
        var kept = menu.run().kept();
        var inRun = new LinkedHashMap<Long, Recipe>();
        for (var dish : menu.dishes())
            if (kept.id() == 0 || kept.turns().stream().anyMatch(t -> t.dish() == dish.id()))
                inRun.put(dish.id(), dish.derivation().recipe());
        var portions = KeptRun.portions(kept, inRun);
        var byDish = new LinkedHashMap<Long, Batch>();
        for (var dish : menu.dishes())
            KeptRun.batch(dish.id(), Derivation.of(dish.derivation().recipe(), plain),
                    portions.getOrDefault(dish.id(), Batch.portions(dish.derivation().recipe())), menu.run().asides(),
                    menu.run().equipment().figures())
                    .ifPresent(b -> byDish.put(dish.id(), b));
        together(byDish);
        var turns = kept.id() == 0
                ? byDish.keySet().stream().map(id -> new Runs.Turn(id, 0, false, Map.of(), Map.of())).toList()
                : kept.turns().stream().filter(t -> byDish.containsKey(t.dish())).toList();
        turns.forEach(t -> byDish.computeIfPresent(t.dish(), (_, b) -> b.way(t.way())));
        var locked = new HashMap<String, Integer>();
        for (var i = 0; i < turns.size(); i++)
            if (turns.get(i).locked()) locked.put(batch(byDish, turns.get(i)).dish(), i);
        var heard = Heard.of(said, menu, day, turns.stream().map(t -> batch(byDish, t).dish()).toList());
        var minutes = Math.max(1, (int) ChronoUnit.MINUTES.between(day.opens(), day.serve()));
        var conditions =
                Conditions.USUAL.with(menu.run().equipment())
                        .with(day.strict() ? ContactPolicy.STRICT : ContactPolicy.MEASURED)
                        .with(new Day(day.cooks(), minutes)).withLocked(locked).with(heard.told);
        var yours = Sequencer.score(turns.stream()
                .map(t -> menu.run().done().inTruth(made(batch(byDish, t), t, conditions))).toList(), conditions);
        return new Batches(menu, day, day.day() == null ? menu.day() : day.day(), conditions, plain, byDish, turns,
                heard.wrong, yours);
    }

    /// What was told may name a piece or a dish that is gone by now.
    ///
    /// @param wrong what is not understood of it any more; empty where all is
    private record Heard(Told told, String wrong) {
        static Heard of(String said, Menu menu, Settings.RunDay day, List<String> dishes) {
            try {
                return new Heard(ToldText.read(said, menu.run().equipment(), day.cooks(), day.serve(), dishes), "");
            } catch (IllegalArgumentException e) {
                return new Heard(Told.NOTHING,
                        "What was told of the day does not hold any more, and is not counted. " + e.getMessage());
            }
        }
    }

    private static void together(Map<Long, Batch> byDish) {
        var all = Batch.together(List.copyOf(byDish.values())).iterator();
        byDish.replaceAll((_, _) -> all.next());
    }

    private static Batch batch(Map<Long, Batch> byDish, Runs.Turn turn) {
        var batch = byDish.get(turn.dish());
        if (batch == null) throw new IllegalArgumentException("dish %d goes over no shared kit".formatted(turn.dish()));
        return batch.way(turn.way());
    }

    /// {@return the names of dishes of which nothing says what they go over}
    List<String> unsaid() {
        return menu.dishes().stream().filter(d -> !byDish.containsKey(d.id())).map(Menu.Dish::name).toList();
    }

    /// {@return the batches in the crew's order}
    List<Batch> inOrder() { return turns.stream().map(t -> batch(byDish, t)).toList(); }

    /// {@return the crew's own order as it was planned}
    PrepRun planned() { return scored(turns); }

    /// {@return what an order would score}
    PrepRun scored(List<Runs.Turn> order) {
        return Sequencer.score(order.stream().map(t -> made(batch(byDish, t), t, conditions)).toList(), conditions);
    }

    private static BatchSetup made(Batch batch, Runs.Turn turn, Conditions conditions) {
        return KeptRun.made(batch, turn, conditions.equipment());
    }

    /// {@return the key of a batch's dish}
    long id(Batch batch) {
        return byDish.entrySet().stream().filter(e -> e.getValue().dish().equals(batch.dish())).findFirst()
                .map(Map.Entry::getKey).orElse(0L);
    }

    /// {@return a run as it is kept}
    List<Runs.Turn> turns(PrepRun run) {
        var known = new HashMap<Long, Runs.Turn>();
        for (var turn : turns) known.put(turn.dish(), turn);
        var all = new ArrayList<Runs.Turn>();
        for (var made : run.order()) {
            var id = id(made.batch());
            var before = known.get(id);
            all.add(KeptRun.turn(made, id, before == null ? 0 : before.portions(), before != null && before.locked()));
        }
        return all;
    }

    /// {@return a word of the address for a clean}
    static String word(Enum<?> clean) { return clean.name().toLowerCase(Locale.ROOT); }
}
