package keenfork.core.run;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import keenfork.core.food.Words;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Volumes;
import keenfork.core.recipe.EntrySteps;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.recipe.Scaled;
import keenfork.core.recipe.Shares;
import keenfork.core.trace.Derivation;

/// Reads a batch from what a dish's lines and steps say.
final class BatchReader {
    private static final double GRAMS = 1000;
    /// minutes of work of which nothing is known
    private static final int USUAL_HANDS = 10;
    /// minutes of a step that takes no kit
    private static final int SHORTEST_STEP = 2;
    /// kg of a line whose weight is not known
    private static final double UNWEIGHED = 0.1;

    private final Derivation dish;
    private final Recipe recipe;
    private final List<Line> lines;
    /// the lines in amounts for so many people
    private final List<String> said;
    private final int portions;
    /// for each step the lines it takes only some of
    private final List<Map<Integer, Fraction>> shares;
    /// kg of each line for so many people
    private final List<Double> kilos;
    private final double times;
    private final Map<Integer, String> words;
    private final Figures figures;
    /// the part of each line, by their places
    private final List<Integer> partOf = new ArrayList<>();
    private final Uses uses;
    /// for each step the lines it names
    private final List<Set<Integer>> named;
    /// for each line the step it goes in at
    private final List<Integer> going;
    private final List<Task> tasks = new ArrayList<>();
    private final List<Uses.Going> goings = new ArrayList<>();
    /// for each part the tasks that have to be done before it is worked on again
    private final Map<Integer, Set<Integer>> last = new HashMap<>();

    /// the task of each step
    private final List<Integer> taskOf = new ArrayList<>();
    private final List<Open> open = new ArrayList<>();

    /// what is not known, with the lines it is about
    private record Open(Ask.Unknown kind, String step, List<Kit> kit, Set<Integer> touched, int task) {}

    /// @param words steps that are read in other words than the recipe's: with one of two kits alone
    private BatchReader(Derivation dish, int portions, Map<Integer, String> words, Figures figures) {
        this.dish = dish;
        this.words = Map.copyOf(words);
        this.figures = figures;
        recipe = dish.recipe();
        lines = recipe.lines();
        said = said(recipe, portions, Fraction.ONE);
        shares = Shares.of(recipe).of();
        this.portions = portions;
        times = Flow.times(recipe, portions);
        kilos = lines.stream().map(l -> times * l.weighed().map(m -> m.likelyGrams() / GRAMS).orElse(UNWEIGHED))
                .toList();
        for (var p = 0; p < recipe.parts().size(); p++)
            for (var i = 0; i < recipe.parts().get(p).lines()
                    .size(); i++)
                partOf.add(p);
        uses = new Uses(dish, partOf);
        named = EntrySteps.namedBy(recipe);
        going = EntrySteps.of(recipe).steps();
    }

    /// most choices of kit in one dish that are followed; at a further one it may go over both
    private static final int CHOICES = 2;

    static Optional<Batch> of(Derivation dish, int portions, List<Batch.TakeOff> takeOffs, Figures figures) {
        var steps = dish.recipe().steps();
        var choices = new TreeMap<Integer, Either>();
        for (var i = 0; i < steps.size() && choices.size() < CHOICES; i++) {
            var at = i;
            Either.of(steps.get(i)).ifPresent(e -> choices.put(at, e));
        }
        // where nobody has chosen, it may go over both
        var both = new HashMap<Integer, String>();
        choices.forEach((step, e) -> both.put(step, e.one() + ". " + e.other()));
        var either = new BatchReader(dish, portions, both, figures).read(takeOffs, List.of());
        return choices.isEmpty() ? either : either.map(e -> e.with(ways(dish, portions, takeOffs, choices, figures)));
    }

    private static List<Batch> ways(Derivation dish, int portions, List<Batch.TakeOff> takeOffs,
            SortedMap<Integer, Either> choices, Figures figures) {
        var ways = new ArrayList<Batch>();
        for (var way = 0; way < 1 << choices.size(); way++) {
            var words = new HashMap<Integer, String>();
            var taken = new ArrayList<KitChoice.Taken>();
            var bit = way;
            for (var choice : choices.entrySet()) {
                var isFirst = (bit & 1) == 0;
                bit >>= 1;
                words.put(choice.getKey(), choice.getValue().way(isFirst));
                taken.add(
                        new KitChoice.Taken(dish.recipe().steps().get(choice.getKey()), choice.getValue().own(isFirst),
                                choice.getValue().own(!isFirst)));
            }
            new BatchReader(dish, portions, words, figures).read(takeOffs, taken).ifPresent(ways::add);
        }
        return ways;
    }

    private Optional<Batch> read(List<Batch.TakeOff> takeOffs, List<KitChoice.Taken> taken) {
        prepare();
        steps(takeOffs);
        if (recipe.steps().isEmpty() && !lines.isEmpty()) withoutMethod();
        // what stood in kit overnight is washed in the morning: it is no use of the day
        var ofTheDay = uses.of(goings.stream().filter(g -> !tasks.get(g.task()).isDayBefore()).toList());
        return goings.isEmpty() ? Optional.empty()
                : Optional.of(new Batch(recipe.name(), portions, ofTheDay, tasks, needs(), asks(),
                        recipe.mass().likelyGrams() * times, new KitChoice(taken, List.of())));
    }

    /// Where the recipe does not say how many it serves, its amounts stand; one in words is left to the cook to
    /// multiply.
    /// @param share of each line
    private static List<String> said(Recipe recipe, int portions, Fraction share) {
        var isScaled = Flow.isScaled(recipe, portions);
        if (!isScaled && share.equals(Fraction.ONE)) return recipe.lines().stream().map(Line::text).toList();
        var factor = isScaled ? Scaled.toCovers(recipe, portions, Volumes.METRIC).factor() : BigDecimal.ONE;
        var scaled = Scaled.of(recipe, factor.multiply(share.decimal()), Volumes.METRIC);
        return scaled.lines().stream()
                .map(e -> e.byHand() ? "%s (times %s)".formatted(e.text(), scaled.factor().round(new MathContext(3))
                        .stripTrailingZeros().toPlainString()) : e.text())
                .toList();
    }

    /// What stands beside a step: the lines that go in at it, and of a line that it takes only some of, that much.
    private List<String> takes(int step) {
        var takes = new ArrayList<String>();
        for (var i = 0; i < lines.size(); i++) {
            var share = shares.get(step).get(i);
            if (share != null) takes.add(said(recipe, portions, share).get(i));
            else if (going.get(i) == step || step == 0 && going.get(i) == EntrySteps.START) takes.add(said.get(i));
        }
        return takes;
    }

    private double kilos(Set<Integer> touched) { return touched.stream().mapToDouble(kilos::get).sum(); }

    /// A task with its minutes: hands-on ones grow with what goes over the kit, what goes on by itself only where the
    /// kit does not hold it at once.
    private Task task(String text, List<String> takes, List<Work> works, ToDoubleFunction<Work> kilos,
            List<Integer> after) {
        var hands = works.isEmpty() ? SHORTEST_STEP : (int) Math.round(minutes(works, kilos));
        var goes = works.stream().mapToInt(w -> figures.goes(w.kit(), kilos.applyAsDouble(w))).max().orElse(1);
        var heated =
                works.stream().filter(w -> w.kit().heats()).mapToInt(w -> figures.goes(w.kit(), kilos.applyAsDouble(w)))
                        .max().orElse(1);
        var windows = Window.said(text);
        var isBefore = windows.stream().anyMatch(w -> w.kind() == Window.When.DAY_BEFORE);
        return new Task(text, takes, kits(works), Math.max(1, hands), isBefore ? 0 : waits(text, heated), goes, after,
                windows);
    }

    /// @param heated in how many goes what heats is done
    private static int waits(String text, int heated) {
        return Waits.of(text, sentence -> Work.in(sentence).stream().anyMatch(w -> w.kit().heats()) ? heated : 1);
    }

    /// "Shave the fennel, cut the apples": what is cut in one step is cut once, at the slower pace.
    private double minutes(List<Work> works, ToDoubleFunction<Work> kilos) {
        var cutting = works.stream().filter(Work::isCutting)
                .mapToDouble(w -> figures.of(w.pace()).minutes(kilos.applyAsDouble(w)))
                .max().orElse(0);
        return cutting + works.stream().filter(w -> !w.isCutting())
                .mapToDouble(w -> figures.of(w.pace()).minutes(kilos.applyAsDouble(w))).sum();
    }

    /// {@return what a line says is done to it and no step does: "5 kg beetroot, roasted and peeled" is told twice
    /// where a step roasts it}
    private List<Work> untold(int line) {
        var told = new ArrayList<Kit>();
        for (var step = 0; step < named.size(); step++)
            if (named.get(step).contains(line) && namesItself(line, step))
                for (var work : Work.in(recipe.steps().get(step))) told.add(work.kit());
        return Work.in(lines.get(line).preparation()).stream().filter(w -> !told.contains(w.kit())).toList();
    }

    /// "Toss everything" takes every line and names none.
    private boolean namesItself(int line, int step) {
        var words = Words.of(recipe.steps().get(step)).stream().map(Words.Word::text).toList();
        return lines.get(line).food().stream().flatMap(f -> f.names().stream()).anyMatch(n -> {
            var name = Words.key(n);
            return words.contains(name.substring(name.lastIndexOf(' ') + 1));
        });
    }

    /// What the lines say is done beforehand: cut on the board, soaked the day before.
    private void prepare() {
        for (var p = 0; p < recipe.parts().size(); p++) {
            var cut = new TreeSet<Integer>();
            for (var i = 0; i < lines.size(); i++) {
                if (partOf.get(i) != p) continue;
                if (isDayBefore(i)) layOn(i);
                else if (untold(i).stream().anyMatch(Work::isCutting)) cut.add(i);
            }
            beforehand(p);
            if (!cut.isEmpty()) cut(p, cut);
        }
    }

    /// What a line says is laid on the day before.
    private void layOn(int line) {
        var works = Work.in("soak; " + lines.get(line).text());
        var task = task("Lay on: " + said.get(line), List.of(), works, _ -> kilos(Set.of(line)), List.of());
        add(new Task(task.text(), task.takes(), task.kit(), task.hands(), 0, task.goes(), List.of(),
                List.of(Window.usual(Window.When.DAY_BEFORE))), works, Set.of(line));
    }

    private boolean isDayBefore(int line) {
        return Window.said(lines.get(line).text()).stream().anyMatch(w -> w.kind() == Window.When.DAY_BEFORE);
    }

    /// Each line that is cut takes its own time, though all of a part are cut together.
    private void cut(int part, Set<Integer> cut) {
        var works = new ArrayList<Work>();
        var minutes = 0.0;
        for (var i : cut)
            for (var work : untold(i)) {
                if (!work.isCutting()) continue;
                goings.add(new Uses.Going(work.kit(), Set.of(i), tasks.size()));
                works.add(work);
                minutes += figures.of(work.pace()).minutes(kilos.get(i));
            }
        var text = "Cut: " + String.join("; ", cut.stream().map(said::get).toList());
        add(new Task(text, kits(works), Math.max(1, (int) Math.round(minutes)), 0, before(Set.of(part))), List.of(),
                cut);
    }

    /// What a line says is done to it that is no cutting, "walnuts, toasted": a task of its own, so that its kit is
    /// booked and its wash is laid.
    private void beforehand(int part) {
        for (var i = 0; i < lines.size(); i++) {
            if (partOf.get(i) != part || isDayBefore(i)) continue;
            var works = untold(i).stream().filter(w -> !w.isCutting()).toList();
            if (works.stream().noneMatch(w -> w.kit().carries())) continue;
            var line = Set.of(i);
            add(task("First: " + said.get(i), List.of(), works, _ -> kilos(line), List.of()), works, line);
        }
    }

    private static List<Kit> kits(List<Work> works) { return works.stream().map(Work::kit).distinct().toList(); }

    private void steps(List<Batch.TakeOff> takeOffs) {
        for (var step = 0; step < recipe.steps().size(); step++) {
            var text = recipe.steps().get(step);
            var all = Set.copyOf(range(recipe.parts().size()));
            for (var off : takeOffs) if (off.step() == step) takeOff(off.text(), all, inBy(step - 1));
            var read = words.getOrDefault(step, text);
            var works = Work.in(read);
            var touched = new TreeSet<Integer>();
            for (var work : works) touched.addAll(touched(work, step));
            if (works.isEmpty()) touched.addAll(named.get(step));
            var parts = new TreeSet<Integer>();
            for (var i : touched) parts.add(partOf.get(i));
            for (var work : works)
                if (work.kit().carries())
                    goings.add(new Uses.Going(work.kit(),
                            touched(work, step), tasks.size()));
            // what names nothing comes after everything before it
            var on = parts.isEmpty() ? all : parts;
            var at = step;
            taskOf.add(tasks.size());
            var isRead = Work.isRead(read);
            if (!isRead) notRead(text, inBy(step));
            var task = task(text, takes(step), works, w -> kilos(touched(w, at)), before(on));
            tasks.add(isRead ? task : new Task(task.text(), task.takes(), Assumed.kit(recipe), USUAL_HANDS,
                    task.waits(), 1, task.after(), task.windows()));
            for (var p : on) last.put(p, Set.of(tasks.size() - 1));
        }
    }

    /// No method: the dish goes over what one of its kind usually does, and somebody is asked.
    private void withoutMethod() {
        var kit = Assumed.kit(recipe);
        var all = Set.copyOf(range(lines.size()));
        var parts = Set.copyOf(range(recipe.parts().size()));
        for (var one : kit) goings.add(new Uses.Going(one, all, tasks.size()));
        open.add(new Open(Ask.Unknown.NO_METHOD, "", kit, all, tasks.size()));
        tasks.add(new Task("Make it: no method is written", kit, USUAL_HANDS, 0, before(parts)).taking(said));
    }

    /// A step that is not understood goes over what the dish's kind usually does, as far as anybody knows;
    /// [Batch#together] adds the kit of the others.
    private void notRead(String text, Set<Integer> in) {
        var kit = Assumed.kit(recipe);
        var touched = in.isEmpty() ? Set.copyOf(range(lines.size())) : in;
        for (var one : kit) goings.add(new Uses.Going(one, touched, tasks.size()));
        open.add(new Open(Ask.Unknown.STEP_NOT_READ, text, kit, touched, tasks.size()));
    }

    private List<Ask> asks() {
        return open.stream().map(o -> new Ask(o.kind, o.step, o.kit,
                uses.use(o.kit.getFirst(), List.of(new Uses.Going(o.kit.getFirst(), o.touched, o.task))))).toList();
    }

    /// For each other dish that goes in the first task that uses it, and how much goes in.
    private Map<String, Batch.Need> needs() {
        var needs = new LinkedHashMap<String, Batch.Need>();
        for (var i = 0; i < lines.size(); i++) {
            if (lines.get(i).dish().isEmpty()) continue;
            var step = Math.max(0, going.get(i));
            var atEnd = recipe.steps().isEmpty() ? 0 : tasks.size();
            var task = step < taskOf.size() ? taskOf.get(step) : atEnd;
            var grams = lines.get(i).weighed().map(m -> OptionalDouble.of(m.likelyGrams() * times))
                    .orElse(OptionalDouble.empty());
            needs.merge(lines.get(i).dish(), new Batch.Need(task, grams), Batch.Need::and);
        }
        return needs;
    }

    private void takeOff(String text, Set<Integer> all, Set<Integer> in) {
        var works = Work.in("spoon");
        add(task(text, List.of(), works, _ -> kilos(in), before(all)), works, in);
        for (var p : all) last.put(p, Set.of(tasks.size() - 1));
    }

    private static List<Integer> range(int size) {
        var all = new ArrayList<Integer>();
        for (var i = 0; i < size; i++) all.add(i);
        return all;
    }

    private void add(Task task, List<Work> works, Set<Integer> touched) {
        for (var work : works) if (work.kit().carries()) goings.add(new Uses.Going(work.kit(), touched, tasks.size()));
        tasks.add(task);
        for (var i : touched) last.merge(partOf.get(i), Set.of(tasks.size() - 1), BatchReader::joined);
    }

    private static Set<Integer> joined(Set<Integer> a, Set<Integer> b) {
        var all = new TreeSet<>(a);
        all.addAll(b);
        return all;
    }

    private List<Integer> before(Set<Integer> parts) {
        var tasks = new TreeSet<Integer>();
        for (var p : parts) tasks.addAll(last.getOrDefault(p, Set.of()));
        return List.copyOf(tasks);
    }

    private Set<Integer> inBy(int step) {
        var in = new TreeSet<Integer>();
        for (var i = 0; i < going.size(); i++) if (going.get(i) <= step) in.add(i);
        return in;
    }

    /// What a step puts over its kit: all that is in by then, or what it names; where it names nothing, all that is in
    /// counts.
    private Set<Integer> touched(Work work, int step) {
        var names = named.get(step);
        var touched = new TreeSet<>(names);
        if (work.allSoFar() && !(work.kit().blends() && isOfOnePart(step))
                || names.isEmpty())
            touched.addAll(inBy(step));
        // too much on a kit is harmless
        return touched.isEmpty() ? Set.copyOf(range(lines.size())) : touched;
    }

    /// "Blend the dressing" is about that part's lines, whatever stands on the hob by then.
    private boolean isOfOnePart(int step) {
        var words = Words.of(recipe.steps().get(step)).stream().map(Words.Word::text).toList();
        return recipe.parts().size() > 1 && recipe.parts().stream()
                .anyMatch(p -> words.contains(Words.key(p.name())) || words.contains(Words.key(p.kind().word())));
    }
}
