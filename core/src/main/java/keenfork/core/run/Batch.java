package keenfork.core.run;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Stream;
import keenfork.core.food.Substance;
import keenfork.core.recipe.Portions;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;

/// One making of one dish: what of it goes over which shared kit, and the work it takes.
///
/// @param dish     the dish
/// @param portions people it feeds, 1 or more
/// @param uses     what goes over kit, in the order it does; a kind of kit more than once where what comes off goes
///                 over it apart from the rest
/// @param tasks    the work
/// @param needs    the other dishes that go into it
/// @param asks     what is not known of how it is made
/// @param grams    what it weighs as far as that is known; 0 where nothing of it is
/// @param choice   what it makes of steps that allow either of two kits
public record Batch(String dish, int portions, List<Use> uses, List<Task> tasks, Map<String, Need> needs,
        List<Ask> asks, double grams, KitChoice choice) {
    private static final int USUAL_PORTIONS = 4;

    public Batch {
        if (portions < 1) throw new IllegalArgumentException("a batch feeds someone, not %d".formatted(portions));
        uses = List.copyOf(uses);
        tasks = List.copyOf(tasks);
        needs = Collections.unmodifiableMap(new LinkedHashMap<>(needs));
        asks = List.copyOf(asks);
    }

    /// A batch of which everything is known, and that no other goes into.
    public Batch(String dish, int portions, List<Use> uses, List<Task> tasks) {
        this(dish, portions, uses, tasks, Map.of(), List.of(), 0, KitChoice.NONE);
    }

    /// Another dish that goes in.
    ///
    /// @param task  the first task that uses it, by its place; as many as there are tasks where it only goes on when
    ///              all is ready
    /// @param grams how much of it; empty where that is not said
    public record Need(int task, OptionalDouble grams) {
        Need and(Need other) {
            return new Need(Math.min(task, other.task),
                    grams.isEmpty() || other.grams.isEmpty() ? OptionalDouble.empty()
                            : OptionalDouble.of(grams.getAsDouble() + other.grams.getAsDouble()));
        }
    }

    /// What goes over one kind of kit at one stage.
    ///
    /// @param parts    the parts of the dish that something left on the kit would reach
    /// @param comesOff whether a portion can go out without all of them
    /// @param thick    true for a dip or pesto, false for what pours
    /// @param holds    what surely goes over it that some rule book groups, with mg of protein in each gram; empty
    ///                 where that is not known
    /// @param unsure   what a pack says may be in it, or what is not known: it travels like what is certain, and never
    ///                 counts as being there already
    /// @param there    what is surely in all the parts it reaches: that cannot be brought to them
    /// @param moments  what of that is in by each of the tasks that go over the kit, by their places in the batch; the
    ///                 last of them has it all
    public record Use(Kit kit, List<String> parts, boolean comesOff, boolean thick,
            Map<Substance, Optional<Range>> holds, Set<Substance> unsure, Set<Substance> there,
            SortedMap<Integer, Set<Substance>> moments) {
        public Use {
            if (moments.isEmpty())
                throw new IllegalArgumentException("a use of the %s is of some task".formatted(kit.name()));
            moments = Collections.unmodifiableSortedMap(new TreeMap<>(moments));
            parts = List.copyOf(parts);
            holds = Collections.unmodifiableMap(new LinkedHashMap<>(holds));
            unsure = Collections.unmodifiableSet(new LinkedHashSet<>(unsure));
            there = Collections.unmodifiableSet(new LinkedHashSet<>(there));
        }

        /// A use of one task.
        public Use(Kit kit, List<String> parts, boolean comesOff, boolean thick, Map<Substance, Optional<Range>> holds,
                Set<Substance> unsure, Set<Substance> there, int task) {
            this(kit, parts, comesOff, thick, holds, unsure, there, new TreeMap<>(Map.of(task, holds.keySet())));
        }

        /// {@return the same over another kit, as what may be on it: where it goes is not known}
        Use maybeOver(Kit other) {
            var all = new LinkedHashSet<>(unsure);
            all.addAll(holds.keySet());
            return new Use(other, parts, comesOff, thick, Map.of(), all, there, moments);
        }

        /// {@return the first task that needs it so, by its place in the batch}
        public int task() { return moments.firstKey(); }

        /// {@return what of it has gone over the kit once a task is done}
        public Set<Substance> by(int task) {
            var before = moments.headMap(task + 1);
            return before.isEmpty() ? Set.of() : Optional.ofNullable(before.get(before.lastKey())).orElse(Set.of());
        }

        /// {@return all it leaves on the kit}
        public Set<Substance> leaves() {
            var all = new LinkedHashSet<>(holds.keySet());
            all.addAll(unsure);
            return all;
        }

        /// {@return whether what this leaves can part from its own dish, and the later use is of what stays}
        boolean canReachOwn(Use later) { return comesOff && !parts.containsAll(later.parts); }
    }

    /// Portions taken off before a step, so that they go without what comes then.
    ///
    /// @param step the step, from 0
    /// @param text what is done, in words
    public record TakeOff(int step, String text) {}

    /// {@return the batch of a dish, or empty where no step and no line says what it goes over}
    /// @param dish the dish as it is without what shared kit leaves: that is counted by looking back
    public static Optional<Batch> of(Derivation dish) {
        return of(dish, portions(dish.recipe()), List.of(), Figures.SHIPPED);
    }

    /// {@return the people a recipe feeds; those its weight would feed where it does not say, 4 where it has none}
    public static int portions(Recipe recipe) {
        return recipe.serves() > 0 ? recipe.serves() : Portions.proposed(recipe).map(Portions::likely)
                .orElse(USUAL_PORTIONS);
    }

    /// {@return the batch of a dish for some people}
    /// @param portions people it feeds, 1 or more
    /// @param takeOffs portions taken off on the way
    /// @param figures  how much the kitchen's kit holds, and how long its hands are on a work
    public static Optional<Batch> of(Derivation dish, int portions, List<TakeOff> takeOffs, Figures figures) {
        return BatchReader.of(dish, portions, takeOffs, figures);
    }

    /// {@return batches that are made on one day: what a step that is not understood may go over is all the kit that
    /// any of them uses}
    public static List<Batch> together(List<Batch> batches) {
        var kit = batches.stream()
                .flatMap(b -> Stream.concat(Stream.of(b), b.choice.ways().stream()).flatMap(w -> w.kit().stream()))
                .distinct().toList();
        return batches.stream().map(b -> b.over(kit).with(b.choice.ways().stream().map(w -> w.over(kit)).toList()))
                .toList();
    }

    private Batch over(List<Kit> kit) {
        var unread = asks.stream().filter(a -> a.kind() == Ask.Unknown.STEP_NOT_READ).toList();
        if (unread.isEmpty()) return this;
        var all = new ArrayList<>(uses);
        var worked = new ArrayList<>(tasks);
        for (var ask : unread)
            for (var other : kit) {
                if (all.stream().anyMatch(u -> u.kit == other)) continue;
                all.add(ask.over().maybeOver(other));
                worked.set(ask.over().task(), worked.get(ask.over().task()).alsoOn(other));
            }
        return new Batch(dish, portions, all, worked, needs, asks, grams, choice);
    }

    /// {@return the same with the ways it can be made}
    Batch with(List<Batch> ways) {
        return new Batch(dish, portions, uses, tasks, needs, asks, grams, new KitChoice(choice.taken(), ways));
    }

    /// {@return this by a way of choosing its kit, with the other ways still known; as it is where it has no such way}
    /// @param id as [KitChoice#id] gives it
    public Batch way(String id) {
        return choice.ways().stream().filter(w -> w.choice.id().equals(id)).findFirst().map(w -> w.with(choice.ways()))
                .orElse(this);
    }

    /// {@return the uses of a kind of kit, in order}
    public List<Use> uses(Kit kit) { return uses.stream().filter(u -> u.kit == kit).toList(); }

    /// {@return the kinds of kit whose leavings matter, in order of first use}
    public List<Kit> kit() { return uses.stream().map(Use::kit).distinct().toList(); }

    /// {@return hands-on minutes of the day}
    public int minutes() {
        return tasks.stream().filter(t -> !t.isDayBefore()).map(Task::hands).reduce(0, Integer::sum);
    }

    /// {@return whether some of it should be made as late as may be}
    public boolean isFresh() { return tasks.stream().anyMatch(Task::isFresh); }

    /// {@return whether nothing in it is kept from a piece}
    public boolean mayGoOn(Piece piece) { return uses(piece.kit()).stream().noneMatch(piece::isKeptFrom); }

    /// {@return everything that surely or perhaps goes over some kit}
    public Set<Substance> leaves() {
        var all = new LinkedHashSet<Substance>();
        for (var use : uses) all.addAll(use.leaves());
        return all;
    }

    @Override
    public String toString() { return dish; }
}
