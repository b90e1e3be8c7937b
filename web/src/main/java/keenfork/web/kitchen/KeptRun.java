package keenfork.web.kitchen;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.food.Words;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.run.Batch;
import keenfork.core.run.BatchSetup;
import keenfork.core.run.Clean;
import keenfork.core.run.Conditions;
import keenfork.core.run.Done;
import keenfork.core.run.Equipment;
import keenfork.core.run.Figures;
import keenfork.core.run.Flow;
import keenfork.core.run.Kit;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Sequencer;
import keenfork.core.swap.Split;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.run.Runs;

/// The run in force with all that it is made with.
///
/// @param kept      the run as it is kept
/// @param equipment the kitchen's kit
/// @param asides    portions that go out without something
/// @param scored    the run scored for the map: strict, whatever school the crew orders its work by, and without the
///                  cleans that were passed over
/// @param done      what is done of it on its day
public record KeptRun(Runs.Kept kept, Equipment equipment, List<SetAsides.Aside> asides, PrepRun scored, Done done) {
    public static final KeptRun NONE =
            new KeptRun(Runs.Kept.NONE, Equipment.USUAL, List.of(), PrepRun.NONE, Done.NOTHING);

    public KeptRun {
        asides = List.copyOf(asides);
    }

    /// @param marks   what is done on the day
    /// @param recipes the recipes by the keys of their dishes
    /// @param facts   what is known without what shared kit leaves
    static KeptRun of(Runs.Kept kept, List<Runs.Marked> marks, Equipment equipment, List<SetAsides.Aside> asides,
            Map<Long, Recipe> recipes, Facts facts) {
        var done = done(marks, recipes);
        var turns = new ArrayList<Runs.Turn>();
        var batches = new ArrayList<Batch>();
        var derived = new LinkedHashMap<Long, Derivation>();
        for (var turn : kept.turns()) {
            var recipe = recipes.get(turn.dish());
            if (recipe != null) derived.put(turn.dish(), Derivation.of(recipe, facts));
        }
        var inRun = new LinkedHashMap<Long, Recipe>();
        derived.forEach((dish, d) -> inRun.put(dish, d.recipe()));
        var portions = portions(kept, inRun);
        // reading a method is pure: the batches are read side by side
        var read = kept.turns().parallelStream().map(turn -> {
            var dish = derived.get(turn.dish());
            return dish == null ? Optional.<Batch>empty() : batch(turn.dish(), dish,
                    portions.getOrDefault(turn.dish(), Batch.portions(dish.recipe())), asides, equipment.figures());
        }).toList();
        for (var i = 0; i < read.size(); i++) {
            if (read.get(i).isEmpty()) continue;
            turns.add(kept.turns().get(i));
            batches.add(read.get(i).get());
        }
        var order = new ArrayList<BatchSetup>();
        for (var batch : Batch.together(batches))
            order.add(done.inTruth(made(batch, turns.get(order.size()), equipment)));
        return new KeptRun(kept, equipment, asides, Sequencer.score(order, Conditions.USUAL.with(equipment)), done);
    }

    private static Done done(List<Runs.Marked> marks, Map<Long, Recipe> recipes) {
        var done = new HashSet<Done.Mark>();
        for (var marked : marks) {
            var mark = marked.mark();
            var recipe = recipes.get(mark.dish());
            if (recipe == null) continue;
            if (!mark.clean()) done.add(new Done.Mark.OfTask(recipe.name(), mark.place(), mark.what()));
            else Kit.named(mark.what())
                    .ifPresent(kit -> done.add(new Done.Mark.OfClean(recipe.name(), kit, mark.place())));
        }
        return new Done(done);
    }

    /// {@return for how many each dish of a run is made, by the dishes' keys: what the crew says, and what goes into
    /// others}
    /// @param recipes the recipes of the run, with the other dishes they use known
    public static Map<Long, Integer> portions(Runs.Kept kept, Map<Long, Recipe> recipes) {
        var set = new HashMap<String, Integer>();
        for (var turn : kept.turns()) {
            var recipe = recipes.get(turn.dish());
            if (recipe != null && turn.portions() > 0) set.put(Words.key(recipe.name()), turn.portions());
        }
        var flow = Flow.portions(recipes.values(), set);
        var portions = new HashMap<Long, Integer>();
        recipes.forEach((dish, recipe) -> portions.put(dish,
                flow.getOrDefault(Words.key(recipe.name()), Batch.portions(recipe))));
        return portions;
    }

    /// {@return the batch of a dish, or empty where nothing says what it goes over}
    /// @param dish     its key
    /// @param plain    what it is without what shared kit leaves
    /// @param people   those it feeds
    /// @param figures  how much the kitchen's kit holds, and how long its hands are on a work
    public static Optional<Batch> batch(long dish, Derivation plain, int people, List<SetAsides.Aside> asides,
            Figures figures) {
        var takeOffs = new ArrayList<Batch.TakeOff>();
        for (var aside : asides)
            if (aside.dish() == dish && aside.kind() == SetAsides.Portions.TAKE_OFF)
                takeOff(aside, plain).ifPresent(takeOffs::add);
        return Batch.of(plain, people, takeOffs, figures);
    }

    private static Optional<Batch.TakeOff> takeOff(SetAsides.Aside aside, Derivation dish) {
        var avoid = Avoidances.of(aside.avoids(), dish.facts().home());
        return Split
                .of(dish,
                        avoid.all())
                .map(s -> new Batch.TakeOff(s.step(),
                        "Take %s off: %s. Into a tub of their own.".formatted(
                                portionsOf(aside.people()),
                                avoid.inWords())));
    }

    private static String portionsOf(int people) {
        return switch (people) {
            case 0 -> "their portions";
            case 1 -> "1 portion";
            default -> people + " portions";
        };
    }

    /// {@return a batch as a kept turn makes it; a piece that is gone, or a use that the dish has no more, is left out}
    public static BatchSetup made(Batch batch, Runs.Turn turn, Equipment equipment) {
        var made = BatchSetup.of(batch.way(turn.way()), equipment);
        for (var id : turn.pieces().values()) {
            var piece = equipment.named(id);
            if (piece.isPresent()) made = made.on(piece.get());
        }
        for (var clean : turn.cleans().entrySet()) {
            var kit = Kit.named(clean.getKey().kit());
            if (kit.isPresent())
                made = made.with(new BatchSetup.Before(kit.get(), clean.getKey().number()),
                        Clean.valueOf(clean.getValue()));
        }
        return made;
    }

    /// {@return a turn as it is kept}
    /// @param dish     the dish's key
    /// @param portions people it feeds; 0 for as many as its recipe says
    /// @param locked   whether it keeps its place
    public static Runs.Turn turn(BatchSetup made, long dish, int portions, boolean locked) {
        var cleans = new HashMap<Runs.Use, String>();
        made.cleans()
                .forEach((before, clean) -> cleans.put(new Runs.Use(before.kit().id(), before.use()), clean.name()));
        var pieces = new HashMap<String, String>();
        made.on().forEach((kit, piece) -> pieces.put(kit.id(), piece.id()));
        return new Runs.Turn(dish, portions, locked, cleans, pieces, made.batch().choice().id());
    }
}
