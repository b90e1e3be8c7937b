package keenfork.core.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Guests;
import keenfork.core.recipe.EntrySteps;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.search.Proof;
import keenfork.core.swap.Puzzle.Option;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Origin;
import org.jspecify.annotations.Nullable;

/// Plans the least change that lets a dish pass every avoidance. Each replacement is derived like a line of the recipe,
/// packs and all, and so is each whole plan.
public final class SwapPlanner {
    private final Context context;
    /// dishes that use dishes that use dishes are looked into so deep
    private static final int DEEPEST = 2;
    private final List<Avoidance> avoid;
    private final int depth;

    public SwapPlanner(Context context, List<Avoidance> avoid) { this(context, avoid, DEEPEST); }

    SwapPlanner(Context context, List<Avoidance> avoid, int depth) {
        this.context = context;
        this.avoid = List.copyOf(avoid);
        this.depth = depth;
    }

    /// What is asked for one dish: its puzzle, and what was found on the way to it.
    private record Asked(Recipe recipe, Facts facts, NamedLines named, Derivation before, Judge judge, Roles roles,
            Puzzle puzzle, Set<Line> first,
            List<Plans.Rejected> rejected, List<Plans.Blocked> blocked, boolean needed) {
        Recipe with(List<Move> moves) { return Changed.of(recipe, named, moves); }
    }

    /// as many plans are ranked for each one shown, so that those shown can differ
    private static final int RANKED = 4;
    /// how many plans are found by their lines for each that is kept
    private static final int LIKELY = 3;
    /// nodes a search opens while a dish is derived: a budget is one of time, too
    private static final int DERIVING = 1_000;
    /// nodes for a plan of a kind that is shown beside the best
    private static final long BESIDE = 40_000;

    /// {@return the `most` best plans for a dish, what was turned down, and what blocks it}
    public Plans plan(Recipe recipe, int most, Budget budget) {
        var asked = ask(recipe);
        if (!asked.blocked.isEmpty() || asked.puzzle.lines().isEmpty())
            return new Plans(asked.before, List.of(), asked.rejected, asked.blocked, asked.needed, new Proof.Best(0));
        var found = different(asked, most, budget);
        var plans = found.best.stream().map(f -> plan(asked, f)).toList();
        var blocked = plans.isEmpty()
                ? List.of(new Plans.Blocked(recipe.name(), "no plan leaves a dish of it that is clear as a whole",
                        "read what is not known first, or cook another dish for them"))
                : asked.blocked;
        return new Plans(asked.before, plans, asked.rejected, blocked, true, found.proof);
    }

    /// {@return the best plan, whatever else could be shown beside it: for those who plan over many dishes; empty where
    /// none is needed or possible}
    public Optional<Plan> best(Recipe recipe, Budget budget) {
        var asked = ask(recipe);
        if (!asked.blocked.isEmpty() || asked.puzzle.lines().isEmpty()) return Optional.empty();
        return search(asked, asked.puzzle, 1, budget).best.stream().findFirst().map(f -> plan(asked, f));
    }

    /// Plans that differ are chosen among the best by their lines; only those that were chosen are looked at as whole
    /// dishes, and where all of them hold, no other could have taken their place.
    private Searched different(Asked asked, int most, Budget budget) {
        var whole = new WholeDish(asked);
        var likely = new PlanSearch(asked.puzzle, most * RANKED, budget, whole.byLines());
        likely.run();
        var chosen = shown(asked, likely.best(), most, budget);
        if (!chosen.isEmpty() && chosen.stream().allMatch(p -> !likely.best().contains(p)
                || whole.unknown(p.options()) == 0))
            return new Searched(chosen, likely.proof());
        var search = search(asked, asked.puzzle, most * RANKED, budget);
        return new Searched(shown(asked, search.best, most, budget), search.proof);
    }

    /// the best plans, best first, and how sure it is that none is better
    private record Searched(List<PlanSearch.RankedPlan> best, Proof proof) {}

    /// To look at a plan as a whole takes as long as hundreds of steps of the search: so the best by their lines are
    /// found first, and then looked at, best first, until no other can be better. Only where too many of them must not
    /// be kept is each looked at as it is found.
    private Searched search(Asked asked, Puzzle puzzle, int most, Budget budget) {
        var whole = new WholeDish(asked);
        var likely = new PlanSearch(puzzle, most * LIKELY, budget, whole.byLines());
        likely.run();
        var kept = new ArrayList<PlanSearch.RankedPlan>();
        for (var plan : likely.best()) {
            if (kept.size() == most && plan.cost().compareTo(kept.getLast().cost()) >= 0)
                return new Searched(kept, likely.proof());
            var unknown = whole.unknown(plan.options());
            if (unknown == PlanSearch.NEVER) continue;
            kept.add(new PlanSearch.RankedPlan(plan.cost().withUnknown(unknown), plan.options()));
            kept.sort(Comparator.comparing(PlanSearch.RankedPlan::cost));
            if (kept.size() > most) kept.removeLast();
        }
        if (likely.best().size() < most * LIKELY) return new Searched(kept, likely.proof());
        var each = new PlanSearch(puzzle, most, budget, whole);
        each.run();
        return new Searched(each.best(), each.proof());
    }

    /// What is said of a plan as a whole.
    private final class WholeDish implements PlanSearch.Whole {
        private final Asked asked;
        private final double half;
        private final Set<Line> first;

        WholeDish(Asked asked) {
            this.asked = asked;
            this.half = asked.recipe.mass().likelyGrams() / 2;
            this.first = asked.first;
        }

        @Override
        public int unknown(List<Option> plan) { return unknownBeyondLines(asked, moves(plan)); }

        /// Portions that lack more than half of the dish are none of it.
        @Override
        public boolean canBecomeOne(List<Option> begun) {
            var off = 0.0;
            for (var option : begun)
                if (option.move() instanceof Move.TakeOff(var line, _))
                    off += line.mass() == null ? 0 : line.mass().likelyGrams();
            return off <= half;
        }

        /// Without portions taken off, and by the first line they are taken off for: none can be taken off before what
        /// is not known goes in first of all.
        @Override
        public List<Puzzle> cases(Puzzle puzzle) {
            var cases = new ArrayList<Puzzle>();
            puzzle.where((_, option) -> !isTakeOff(option)).ifPresent(cases::add);
            for (var line = 0; line < puzzle.lines().size(); line++) {
                var at = line;
                puzzle.where((other, option) -> (other > at || isTakeOff(option) == (other == at))
                        && !(option.open() && first.contains(option.move().line()))).ifPresent(cases::add);
            }
            return cases;
        }

        @Override
        public int effort() { return DERIVING; }

        /// {@return the same, but for what only the whole dish tells}
        PlanSearch.Whole byLines() {
            return new PlanSearch.Whole() {
                @Override
                public int unknown(List<Option> plan) { return 0; }

                @Override
                public boolean canBecomeOne(List<Option> begun) { return WholeDish.this.canBecomeOne(begun); }

                @Override
                public List<Puzzle> cases(Puzzle puzzle) { return WholeDish.this.cases(puzzle); }
            };
        }
    }

    /// Those that differ; among them, where there is one, a plan that holds a part back, which is the least work, and
    /// one that reads the packs that may settle it, which costs nothing but a look.
    private List<PlanSearch.RankedPlan> shown(Asked asked, List<PlanSearch.RankedPlan> ranked, int most,
            Budget budget) {
        var holds = best(asked, Move.HoldBack.class, budget);
        var reads = best(asked, Move.ReadPack.class, budget);
        // where nothing is surely wrong, the pack is read before anything is changed
        var first = reads.filter(p -> moves(p.options()).stream().allMatch(SwapPlanner::isPackRead));
        if (most == 1 && first.isPresent()) return List.of(first.get());
        var also = Stream.concat(holds.stream(), reads.stream()).limit(Math.max(0, most - 1)).toList();
        var others = ranked.stream().filter(p -> also.stream().noneMatch(a -> isSame(a, p))).toList();
        var shown = new ArrayList<>(Spread.of(others, most - also.size()));
        shown.addAll(also);
        shown.sort(Comparator.comparing(PlanSearch.RankedPlan::cost));
        first.filter(shown::contains).ifPresent(p -> {
            shown.remove(p);
            shown.addFirst(p);
        });
        return shown;
    }

    private static boolean isSame(PlanSearch.RankedPlan one, PlanSearch.RankedPlan other) {
        return moves(one.options()).equals(moves(other.options()));
    }

    private Optional<PlanSearch.RankedPlan> best(Asked asked, Class<? extends Move> kind, Budget budget) {
        // shown beside the others: a good one is enough
        var few = new Budget(Math.min(budget.nodes(), BESIDE));
        return asked.puzzle.with(kind).flatMap(p -> search(asked, p, 1, few).best.stream().findFirst());
    }

    /// {@return the puzzle a plan for a dish is searched in: for an outside solver}
    public Puzzle puzzle(Recipe recipe) { return ask(recipe).puzzle; }

    /// {@return the costs of the best answers to a puzzle, best first, with no dish to derive: to be held against an
    /// outside solver's}
    public static List<Puzzle.Cost> best(Puzzle puzzle, int most, Budget budget) {
        var search = new PlanSearch(puzzle, most, budget, _ -> 0);
        search.run();
        return search.best().stream().map(PlanSearch.RankedPlan::cost).toList();
    }

    /// {@return the moves of the best answer to a puzzle, with no dish to derive; empty where it has none}
    public static List<Move> bestMoves(Puzzle puzzle, Budget budget) {
        var search = new PlanSearch(puzzle, 1, budget, _ -> 0);
        search.run();
        return search.best().stream().findFirst().map(p -> moves(p.options())).orElse(List.of());
    }

    private Asked ask(Recipe written) {
        var before = Derivation.of(written, context.facts());
        // with each line that uses another dish read as that dish
        var recipe = before.recipe();
        var inside = Inside.of(recipe, context, avoid, depth);
        var facts = inside.context().facts();
        var judge = new Judge(recipe, inside.context(), avoid, before);
        var named = NamedLines.of(recipe);
        var roles = Roles.of(recipe, named, context.roles());
        var options = new Options(recipe, inside, judge, roles);
        var choices = new ArrayList<List<Option>>();
        var gone = new ArrayList<Move>();
        var blocked = new ArrayList<Plans.Blocked>();
        for (var part : recipe.parts())
            for (var line : part.lines()) {
                var verdict = judge.of(List.of(line));
                if (verdict.answer() == Avoidance.Answer.NOTHING) continue;
                gone.add(new Move.LeaveOut(line));
                var from = options.rejected().size();
                var of = options.of(part, line, verdict.answer());
                if (of.isEmpty())
                    blocked.add(new Plans.Blocked(line.text(), verdict.because(),
                            nearest(options.rejected().subList(from, options.rejected().size()))));
                else choices.add(of);
            }
        var left = Derivation.of(Changed.of(recipe, named, gone), facts);
        blockedBeyondLines(gone.isEmpty() ? before : left, gone.isEmpty(), blocked);
        return new Asked(recipe, facts, named, before, judge, roles,
                new Puzzle(choices, context.guests().stream().map(Guests::people).toList()), EntrySteps.first(recipe),
                List.copyOf(options.rejected()), blocked, !gone.isEmpty() || !blocked.isEmpty());
    }

    private static String nearest(List<Plans.Rejected> turnedDown) {
        return turnedDown.isEmpty() ? "no swap for it is in the table"
                : "nearest: %s, but it %s".formatted(turnedDown.getFirst().with(), turnedDown.getFirst().because());
    }

    /// What is left once every line that offends is out is no line's to mend: what shared kit brought, and what only a
    /// step names.
    private void blockedBeyondLines(Derivation left, boolean alone, List<Plans.Blocked> blocked) {
        if (left.recipe().lines().isEmpty()) return;
        for (var e : left.evidence())
            for (var a : avoid) {
                if (a.against(e) == Avoidance.Answer.NOTHING || e.isOfLine()) continue;
                if (e.certainty() == Certainty.CONTACT)
                    blocked.add(new Plans.Blocked(e.path().get(1).text(),
                            Judge.reason(e, a), "wash the kit first, or change the order of the run: " + e.because()));
                // beside lines that can be mended it makes each plan not known, no more
                else if (alone)
                    blocked.add(new Plans.Blocked(e.line(), Judge.reason(e, a), (e.origin() instanceof Origin.OfDish
                            ? "the name says it" : "a step names it")
                            + " and no line does: write down whether it is in the dish"));
            }
    }

    private static List<Move> moves(List<Option> options) { return options.stream().map(Option::move).toList(); }

    /// A plan is derived as a whole before it is kept: nothing avoided may be left in it, from whatever side it comes.
    private int unknownBeyondLines(Asked asked, List<Move> moves) {
        var after = asked.with(moves);
        if (after.lines().isEmpty() || takesOff(moves) && split(asked, moves) == null) return PlanSearch.NEVER;
        var derived = Derivation.of(after, asked.facts);
        var unknown = 0;
        for (var a : avoid)
            switch (a.against(derived)) {
            case BREAKS -> { return PlanSearch.NEVER; }
            case OPEN -> unknown =
                    derived.evidence().stream().anyMatch(e -> !e.isOfLine() && a.against(e) == Avoidance.Answer.OPEN)
                            ? 1 : unknown;
            case NOTHING -> {}
            }
        return unknown;
    }

    /// of a plain food no pack tells how it is eaten: an egg yolk may be raw
    private static boolean isPackRead(Move move) {
        return move instanceof Move.ReadPack(var line) && line.food().filter(f -> !f.isCompound()).isEmpty();
    }

    private static boolean isTakeOff(Option option) { return option.move() instanceof Move.TakeOff; }

    private static boolean takesOff(List<Move> moves) {
        return moves.stream().anyMatch(Move.TakeOff.class::isInstance);
    }

    /// Where portions are taken off once the other moves are made; null where something avoided would be in before.
    private @Nullable Split split(Asked asked, List<Move> moves) {
        var others = moves.stream().filter(m -> !(m instanceof Move.TakeOff)).toList();
        var dish = asked.with(others);
        return Split.of(Derivation.of(dish, asked.facts), avoid).filter(s -> s.isStillIt(asked.recipe)).orElse(null);
    }

    private Plan plan(Asked asked, PlanSearch.RankedPlan found) {
        var chosen = moves(found.options());
        var right = Balance.set(asked.recipe, chosen, context.volumes(), line -> isClear(asked.judge, line));
        var all = Liquid.adjusted(asked.named, right.moves(), context.volumes());
        var after = Derivation.of(asked.with(all), asked.facts);
        var bringsIn = BroughtIn.between(asked.before.under(context.ruleBook()), after.under(context.ruleBook()));
        var lead = Swap.Lead.all(all.stream().map(Move::lead).toList());
        var split = takesOff(chosen) ? split(asked, all) : null;
        return new Plan(all, bringsIn, asked.judge.newlyShutOutOf(after), found.cost(), lead, closeness(chosen),
                right.balances(), split, Method.of(asked.named, all, split), asked.roles,
                Bill.of(all, context.prices()),
                after);
    }

    private static double closeness(List<Move> moves) {
        var changes = moves.stream().filter(Move::changes).toList();
        return changes.isEmpty() ? 1 : changes.stream().collect(Collectors.averagingDouble(Move::closeness));
    }

    private static boolean isClear(Judge judge, Line line) {
        var verdict = judge.of(List.of(line));
        return verdict.answer() == Avoidance.Answer.NOTHING && verdict.brings().isEmpty()
                && verdict.shutsOut().isEmpty();
    }
}
