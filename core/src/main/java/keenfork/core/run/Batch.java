package keenfork.core.run;

import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Substance;
import keenfork.core.food.Words;
import keenfork.core.recipe.GoingIn;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import org.jspecify.annotations.Nullable;

/// One making of one dish: what of it goes over which shared kit.
///
/// @param dish     the dish
/// @param portions people it feeds, 1 or more
/// @param minutes  hands-on minutes
/// @param uses     each kit it goes over, once, in the order of its first use
/// @param tasks    the work in its order, each after the one before
public record Batch(String dish, int portions, int minutes, List<Use> uses, List<Task> tasks) {
    private static final Pattern THICK = Pattern.compile("(?i)\\b(?:dip|pesto|hummus|pur[eé]e|sauce|spread|cream|paste)\\b");
    private static final int USUAL_PORTIONS = 4;

    public Batch {
        uses = List.copyOf(uses);
        tasks = List.copyOf(tasks);
    }

    /// A batch of one task.
    Batch(String dish, int portions, int minutes, List<Use> uses) {
        this(dish, portions, minutes, uses, List.of(new Task("Make it", uses.stream().map(Use::kit).toList(), minutes, 0, false)));
    }

    /// What goes over one piece of kit.
    ///
    /// @param parts  the parts of the dish that something left on the kit would reach
    /// @param thick  true for a dip or pesto, false for what pours
    /// @param holds  what surely goes over it that some rule book groups, with mg of protein in each gram; null where that is not known
    /// @param unsure what a pack says may be in it, or what is not known: it travels like what is certain, and never counts as being there already
    /// @param there  what is surely in all the parts it reaches: that cannot be brought to them
    public record Use(Kit kit, List<String> parts, boolean thick, Map<Substance, Optional<Range>> holds, Set<Substance> unsure, Set<Substance> there) {
        public Use {
            parts = List.copyOf(parts);
            holds = Collections.unmodifiableMap(new LinkedHashMap<>(holds));
            unsure = Collections.unmodifiableSet(new LinkedHashSet<>(unsure));
            there = Collections.unmodifiableSet(new LinkedHashSet<>(there));
        }

        /// {@return all it leaves on the kit}
        public Set<Substance> leaves() {
            var all = new LinkedHashSet<>(holds.keySet());
            all.addAll(unsure);
            return all;
        }
    }

    public Optional<Use> use(Kit kit) { return uses.stream().filter(u -> u.kit == kit).findFirst(); }

    /// {@return everything that surely goes over some kit}
    public Set<Substance> holds() {
        var all = new LinkedHashSet<Substance>();
        for (var use : uses) all.addAll(use.holds.keySet());
        return all;
    }

    /// {@return everything that may go over some kit, and is not surely there}
    public Set<Substance> unsure() {
        var all = new LinkedHashSet<Substance>();
        for (var use : uses) all.addAll(use.unsure);
        all.removeAll(holds());
        return all;
    }

    /// {@return the batch of a dish, or empty where no step and no line says what it goes over}
    /// @param dish the dish as it is without what shared kit leaves: that is counted by looking back
    public static Optional<Batch> of(Derivation dish) {
        var recipe = dish.recipe();
        var over = new LinkedHashMap<Kit, Set<Integer>>();
        var tasks = new ArrayList<Task>();
        var lines = recipe.lines();
        var prepared = new ArrayList<String>();
        for (var i = 0; i < lines.size(); i++)
            for (var work : Work.in(lines.get(i).preparation())) {
                over.computeIfAbsent(work.kit(), _ -> new LinkedHashSet<>()).add(i);
                if (work.kit().id().equals("board") || work.kit().id().equals("mandoline")) prepared.add(lines.get(i).text());
            }
        if (!prepared.isEmpty()) tasks.add(Task.of("Cut: " + String.join("; ", prepared)));
        var named = GoingIn.namedBy(recipe);
        var going = GoingIn.of(recipe).steps();
        for (var step = 0; step < recipe.steps().size(); step++) {
            for (var work : Work.in(recipe.steps().get(step)))
                over.computeIfAbsent(work.kit(), _ -> new LinkedHashSet<>()).addAll(touched(work, isOfOnePart(recipe, step), step, named.get(step), going));
            tasks.add(Task.of(recipe.steps().get(step)));
        }
        if (over.isEmpty()) return Optional.empty();
        var uses = new ArrayList<Use>();
        for (var entry : over.entrySet()) uses.add(use(dish, entry.getKey(), entry.getValue()));
        var minutes = tasks.stream().map(Task::hands).reduce(0, Integer::sum);
        return Optional.of(new Batch(recipe.name(), Math.max(1, recipe.serves() == 0 ? USUAL_PORTIONS : recipe.serves()), Math.max(1, minutes), uses, tasks));
    }

    /// What a step puts over its kit: all that is in by then, or what it names; where it names nothing, all that is in counts.
    private static Set<Integer> touched(Work work, boolean ofOnePart, int step, Set<Integer> named, List<Integer> going) {
        var touched = new LinkedHashSet<>(named);
        if (work.allSoFar() && !(work.kit().blends() && ofOnePart) || named.isEmpty()) for (var i = 0; i < going.size(); i++) if (going.get(i) <= step) touched.add(i);
        return touched;
    }

    /// "Blend the dressing" is about that part's lines, whatever stands on the hob by then.
    private static boolean isOfOnePart(Recipe recipe, int step) {
        var words = Words.of(recipe.steps().get(step)).stream().map(Words.Word::text).toList();
        return recipe.parts().size() > 1 && recipe.parts().stream().anyMatch(p -> words.contains(Words.key(p.name())) || words.contains(Words.key(p.kind().word())));
    }

    private static Use use(Derivation dish, Kit kit, Set<Integer> touched) {
        var lines = dish.recipe().lines();
        var over = Collections.<Line>newSetFromMap(new IdentityHashMap<>());
        for (var i : touched) over.add(lines.get(i));
        var parts = dish.recipe().parts().stream().filter(p -> p.lines().stream().anyMatch(over::contains)).toList();
        var grams = Math.max(1, over.stream().flatMap(l -> l.weighed().stream()).map(m -> m.likelyGrams()).reduce(0.0, Double::sum));
        var holds = new LinkedHashMap<Substance, Optional<Range>>();
        var unsure = new LinkedHashSet<Substance>();
        for (var e : dish.evidence()) {
            var line = lineOf(e, parts, over);
            // what a step alone names may be on any kit
            if (line == null && e.isOfLine()) continue;
            switch (e.certainty()) {
                case CONTAINS -> grouped(e).forEach(s -> holds.merge(s, protein(line, grams), (a, b) -> a.flatMap(x -> b.map(x::plus))));
                case MAY_CONTAIN, NOT_KNOWN -> unsure.addAll(grouped(e));
                case CONTACT -> { }
            }
        }
        unsure.removeAll(holds.keySet());
        return new Use(kit, parts.stream().map(Part::name).toList(), isThick(dish.recipe().name(), parts), holds, unsure, there(dish, parts));
    }

    private static boolean isThick(String dish, List<Part> parts) {
        return parts.stream().anyMatch(p -> p.kind() == PartKind.BASE || THICK.matcher(p.name()).find()) || THICK.matcher(dish).find();
    }

    private static @Nullable Line lineOf(Evidence e, List<Part> parts, Set<Line> over) {
        for (var part : parts) for (var line : part.lines()) if (over.contains(line) && e.isOf(part, line)) return line;
        return null;
    }

    /// What every one of the parts surely holds.
    private static Set<Substance> there(Derivation dish, List<Part> parts) {
        Set<Substance> all = null;
        for (var part : parts) {
            var of = new LinkedHashSet<Substance>();
            for (var e : dish.evidence())
                if (e.certainty() == Certainty.CONTAINS && part.lines().stream().anyMatch(l -> e.isOf(part, l))) of.addAll(grouped(e));
            if (all == null) all = of;
            else all.retainAll(of);
        }
        return all == null ? Set.of() : all;
    }

    /// {@return the members that any rule book lists the evidence under}
    private static Set<Substance> grouped(Evidence evidence) {
        var members = new LinkedHashSet<Substance>();
        for (var book : RuleBook.all())
            for (var group : book.groups()) if (evidence.couldBeIn(group)) book.member(group, evidence.substance()).ifPresent(members::add);
        return members;
    }

    private static Optional<Range> protein(@Nullable Line line, double grams) {
        if (line == null || line.mass() == null) return Optional.empty();
        var protein = line.food().map(f -> f.protein()).orElse(null);
        if (protein == null) return Optional.empty();
        return Optional.of(new Range(line.mass().lowGrams() / grams * protein.low().doubleValue() * 10, line.mass().highGrams() / grams * protein.high().doubleValue() * 10));
    }
}
