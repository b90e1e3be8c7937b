package keenfork.core.run;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.food.Substance;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Origin;
import org.jspecify.annotations.Nullable;

/// What of a dish goes over which kit, by what is known of its lines.
final class Uses {
    private static final Pattern THICK = Grammar.wordOf("thick");

    private final Derivation dish;
    private final Recipe recipe;
    private final List<Line> lines;
    /// the part of each line, by their places
    private final List<Integer> partOf;
    /// asked for again at every task
    private final Map<Evidence, Set<Substance>> grouped = new IdentityHashMap<>();

    /// some lines going over some kit
    record Going(Kit kit, Set<Integer> touched, int task) {}

    Uses(Derivation dish, List<Integer> partOf) {
        this.dish = dish;
        recipe = dish.recipe();
        lines = recipe.lines();
        this.partOf = List.copyOf(partOf);
    }

    /// What comes off goes over a kit apart from the rest as long as nothing of the rest joins it.
    /// @param goings what goes over kit on the day, in order
    List<Batch.Use> of(List<Going> goings) {
        var uses = new ArrayList<Batch.Use>();
        var byKit = new LinkedHashMap<Kit, List<Going>>();
        for (var going : goings) byKit.computeIfAbsent(going.kit(), _ -> new ArrayList<>()).add(going);
        byKit.forEach((kit, all) -> {
            var open = new ArrayList<Going>();
            for (var going : all) {
                if (!open.isEmpty() && apart(open.getLast(), going)) {
                    uses.add(use(kit, open));
                    open.clear();
                }
                open.add(going);
            }
            uses.add(use(kit, open));
        });
        return uses;
    }

    private boolean apart(Going one, Going other) {
        var comesOff = comesOff(parts(one.touched()));
        return comesOff != comesOff(parts(other.touched())) || comesOff && !parts(one.touched())
                .equals(parts(other.touched()));
    }

    private static boolean comesOff(List<Part> parts) {
        return !parts.isEmpty() && parts.stream().allMatch(p -> p.kind().comesOff());
    }

    private List<Part> parts(Set<Integer> touched) {
        var parts = new TreeSet<Integer>();
        for (var i : touched) parts.add(partOf.get(i));
        return parts.stream().map(recipe.parts()::get).toList();
    }

    /// {@return what goes over one kind of kit together}
    Batch.Use use(Kit kit, List<Going> goings) {
        var touched = new TreeSet<Integer>();
        for (var going : goings) touched.addAll(going.touched());
        var parts = parts(touched);
        var grams = Math.max(1, touched.stream().flatMap(i -> lines.get(i).weighed().stream()).map(m -> m.likelyGrams())
                .reduce(0.0, Double::sum));
        var holds = new LinkedHashMap<Substance, Optional<Range>>();
        var unsure = new LinkedHashSet<Substance>();
        for (var e : dish.evidence()) {
            // what a step alone names may be on any kit
            if (e.isOfLine() && !isOf(e, touched)) continue;
            var line = e.origin() instanceof Origin.OfLine(_, var at) ? lines.get(at) : null;
            switch (e.certainty()) {
                case CONTAINS -> grouped(e)
                        .forEach(s -> holds.merge(s, protein(line, grams), (a, b) -> a.flatMap(x -> b.map(x::plus))));
                case MAY_CONTAIN, NOT_KNOWN -> unsure.addAll(grouped(e));
                case CONTACT -> {}
            }
        }
        unsure.removeAll(holds.keySet());
        return new Batch.Use(kit, parts.stream().map(Part::name).toList(), comesOff(parts),
                isThick(recipe.name(), parts), holds, unsure, there(touched), moments(goings));
    }

    private SortedMap<Integer, Set<Substance>> moments(List<Going> goings) {
        var moments = new TreeMap<Integer, Set<Substance>>();
        var in = new TreeSet<Integer>();
        for (var going : goings) {
            in.addAll(going.touched());
            var by = new LinkedHashSet<Substance>();
            for (var e : dish.evidence())
                if (e.certainty() != Certainty.CONTACT
                        && (!e.isOfLine() || isOf(e, in)))
                    by.addAll(grouped(e));
            moments.put(going.task(), by);
        }
        return moments;
    }

    private static boolean isThick(String dish, List<Part> parts) {
        return parts.stream().anyMatch(p -> p.kind() == PartKind.BASE || THICK.matcher(p.name()).find())
                || THICK.matcher(dish).find();
    }

    private static boolean isOf(Evidence e, Set<Integer> lines) {
        return e.origin() instanceof Origin.OfLine(_, var line) && lines.contains(line);
    }

    /// What every one of the parts that some lines are of surely holds.
    private Set<Substance> there(Set<Integer> touched) {
        Set<Substance> all = null;
        for (var part : new TreeSet<>(touched.stream().map(partOf::get).toList())) {
            var of = new LinkedHashSet<Substance>();
            for (var e : dish.evidence())
                if (e.certainty() == Certainty.CONTAINS && e.isOfPart(part)) of.addAll(grouped(e));
            if (all == null) all = of;
            else all.retainAll(of);
        }
        return all == null ? Set.of() : all;
    }

    /// {@return the members that the kitchen's rule book lists the evidence under, and those that several others do:
    ///         whoever avoids sesame asks about it under any law, and what one law alone lists is looked for under it
    ///         only}
    private Set<Substance> grouped(Evidence evidence) { return grouped.computeIfAbsent(evidence, this::groups); }

    private Set<Substance> groups(Evidence evidence) {
        var members = new LinkedHashSet<Substance>();
        var home = dish.facts().home();
        for (var book : RuleBook.all())
            for (var group : book.groups())
                // what is declared from some amount on never reaches it by what stays on kit
                if (book.threshold(group).isEmpty() && evidence.couldBeIn(group))
                    book.member(group, evidence.substance())
                            .filter(m -> book == home || RuleBook.isListedBySeveral(m)).ifPresent(members::add);
        return members;
    }

    private static Optional<Range> protein(@Nullable Line line, double grams) {
        if (line == null || line.mass() == null) return Optional.empty();
        var protein = line.food().map(f -> f.protein()).orElse(null);
        if (protein == null) return Optional.empty();
        return Optional.of(new Range(line.mass().lowGrams() / grams * protein.low().doubleValue() * 10, line.mass()
                .highGrams() / grams * protein.high().doubleValue() * 10));
    }
}
