package keenfork.core.swap;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Spoons;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.search.Budget;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Profile;

/// Plans the least change that lets a dish pass every avoidance. Each replacement is derived like a line of the recipe, packs and all.
public final class SwapPlanner {
    private static final double SMALL_SHARE = 0.1;
    /// nobody measures more than this by the cup
    private static final int MOST_CUPS = 8;
    private final Facts facts;
    private final RuleBook ruleBook;
    private final Volumes volumes;
    private final List<Avoidance> avoid;
    private final List<Plans.Rejected> rejected = new ArrayList<>();
    private final List<Plans.Blocked> blocked = new ArrayList<>();

    public SwapPlanner(Facts facts, RuleBook ruleBook, Volumes volumes, List<Avoidance> avoid) {
        this.facts = facts;
        this.ruleBook = ruleBook;
        this.volumes = volumes;
        this.avoid = List.copyOf(avoid);
    }

    /// A possible move with what it does.
    record Option(Move move, Set<Group> bringsIn, boolean open) {}

    /// {@return the `most` best plans for a dish, what was turned down, and what blocks it}
    public Plans plan(Recipe recipe, int most, Budget budget) {
        rejected.clear();
        blocked.clear();
        var before = Derivation.of(recipe, facts);
        var had = before.under(ruleBook);
        var choices = new ArrayList<List<Option>>();
        for (var part : recipe.parts())
            for (var line : part.lines()) {
                var answer = answer(List.of(line));
                if (answer == Avoidance.Answer.NOTHING) continue;
                var options = options(recipe, part, line, answer, had);
                if (options.isEmpty()) blocked.add(new Plans.Blocked(line.text(), because(List.of(line)), nearest(line)));
                choices.add(options);
            }
        blockedByContact(before);
        var search = new PlanSearch(choices, most, budget);
        if (blocked.isEmpty() && !choices.isEmpty()) search.run();
        var plans = search.best().stream().map(moves -> plan(recipe, moves)).toList();
        return new Plans(before, plans, rejected, blocked, !choices.isEmpty() || !blocked.isEmpty(), search.proof());
    }

    private Plan plan(Recipe recipe, List<Option> options) {
        var moves = options.stream().map(Option::move).toList();
        var groups = new LinkedHashSet<Group>();
        options.forEach(o -> groups.addAll(o.bringsIn));
        var after = Derivation.of(Changed.of(recipe, moves), facts);
        var lead = moves.stream().map(Move::lead).reduce(Swap.Lead.NONE, Swap.Lead::beside);
        return new Plan(moves, ruleBook.groups().stream().filter(groups::contains).toList(), (int) options.stream().filter(Option::open).count(), lead,
                moves.stream().filter(Move::changes).mapToDouble(Move::closeness).average().orElse(1), after);
    }

    private List<Option> options(Recipe recipe, Part part, Line line, Avoidance.Answer answer, Profile had) {
        var options = new ArrayList<Option>();
        for (var choice : line.choices().size() > 1 ? line.choices() : List.<Line.Choice>of()) {
            var chosen = line.withChoice(chosenText(line, choice), choice);
            consider(new Move.Choose(line, chosen), had, options);
        }
        line.food().ifPresent(food -> Swaps.replacing(food).stream().sorted(Comparator.comparingDouble(Swap::closeness).reversed()).forEach(s -> consider(new Move.Replace(line, with(line, s), s), had, options)));
        if (part.kind().comesOff()) options.add(new Option(new Move.HoldBack(line, part.name()), Set.of(), false));
        else if (isSmall(recipe, line)) options.add(new Option(new Move.LeaveOut(line), Set.of(), false));
        if (answer == Avoidance.Answer.OPEN) options.add(new Option(new Move.Keep(line), Set.of(), true));
        return options;
    }

    private static String chosenText(Line line, Line.Choice choice) {
        var number = line.text().replaceFirst("(?i)^((?:[\\d½⅓⅔¼¾⅛./–-]+\\s*)*(?:tbsp|tsp|cups?|g|kg|ml|l|oz|lb)?)\\b.*", "$1").strip();
        return (number + " " + name(choice.main())).strip();
    }

    private static String name(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> food.name();
            case Meaning.OfSubstances(var substances) -> substances.getFirst().name();
            case Meaning.Vague _ -> "the other";
        };
    }

    private void consider(Move move, Profile had, List<Option> options) {
        var into = move.goesIn();
        if (options.stream().anyMatch(o -> foods(o.move()).equals(foods(move)))) return;
        switch (answer(into)) {
            case BREAKS -> rejected.add(new Plans.Rejected(move.line(), into.getFirst().food().map(Food::name).orElse(into.getFirst().text()), because(into), certainty(into)));
            case OPEN -> options.add(new Option(move, bringsIn(into, had), true));
            case NOTHING -> options.add(new Option(move, bringsIn(into, had), false));
        }
    }

    private static List<String> foods(Move move) {
        return move.goesIn().stream().map(l -> l.food().map(Food::name).orElse(l.text())).toList();
    }

    private Certainty certainty(List<Line> lines) {
        return derived(lines).evidence().stream().filter(e -> avoid.stream().anyMatch(a -> a.against(e) == Avoidance.Answer.BREAKS))
                .map(Evidence::certainty).min(Comparator.naturalOrder()).orElse(Certainty.CONTAINS);
    }

    private static boolean isSmall(Recipe recipe, Line line) {
        var mass = line.mass();
        return mass != null && mass.likely() < recipe.mass().likely() * SMALL_SHARE;
    }

    /// What the lines hold that the dish did not hold as surely before: a soya that was only not known is brought in, too.
    private Set<Group> bringsIn(List<Line> lines, Profile had) {
        var groups = new LinkedHashSet<Group>();
        for (var mark : derived(lines).under(ruleBook).marks())
            if (had.mark(mark.group()).map(Mark::certainty).filter(before -> before.compareTo(mark.certainty()) <= 0).isEmpty()) groups.add(mark.group());
        return groups;
    }

    /// Lines on their own, without what shared kit left: that is the run's to mend, not a swap's.
    private Derivation derived(List<Line> lines) {
        var noContacts = new Facts(facts.home(), facts.all().stream().filter(f -> !(f instanceof Fact.Contact)).toList());
        return Derivation.of(new Recipe("these lines", 0, "", List.of(new Part("Base", PartKind.BASE, lines)), List.of()), noContacts);
    }

    private Avoidance.Answer answer(List<Line> lines) {
        var worst = Avoidance.Answer.NOTHING;
        for (var e : derived(lines).evidence()) for (var a : avoid) worst = worse(worst, a.against(e));
        for (var line : lines) for (var a : avoid) if (a.isNamedIn(line)) worst = Avoidance.Answer.BREAKS;
        return worst;
    }

    private static Avoidance.Answer worse(Avoidance.Answer one, Avoidance.Answer other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    private String because(List<Line> lines) {
        var reasons = new LinkedHashSet<String>();
        for (var a : avoid) {
            for (var e : derived(lines).evidence())
                if (a.against(e) == Avoidance.Answer.BREAKS) reasons.add(reason(e, a));
            for (var line : lines) if (a.isNamedIn(line)) reasons.add("it is %s, which is avoided".formatted(a.words()));
        }
        return String.join("; ", reasons);
    }

    private static String reason(Evidence e, Avoidance a) {
        var how = switch (e.certainty()) {
            case CONTAINS -> e.assumed() ? "holds %s, assumed until the pack is read" : "holds %s";
            case MAY_CONTAIN -> "pack says may: %s";
            case CONTACT -> "contact with %s";
            case NOT_KNOWN -> "not known: %s";
        };
        var said = how.formatted(e.substance().name());
        return said.contains(a.words()) ? said : said + " (" + a.words() + ")";
    }

    private String nearest(Line line) {
        var turnedDown = rejected.stream().filter(r -> r.line() == line).toList();
        return turnedDown.isEmpty() ? "no swap for it is in the table" : "nearest: %s, but it %s".formatted(turnedDown.getFirst().with(), turnedDown.getFirst().because());
    }

    private void blockedByContact(Derivation before) {
        for (var e : before.evidence())
            for (var a : avoid)
                if (e.certainty() == Certainty.CONTACT && a.against(e) == Avoidance.Answer.BREAKS)
                    blocked.add(new Plans.Blocked(e.path().get(1).text(), reason(e, a), "wash the kit first, or change the order of the run: " + e.because()));
    }

    private List<Line> with(Line line, Swap swap) {
        return swap.with().stream().map(i -> line(line, i)).toList();
    }

    private Line line(Line replaced, Swap.Ingredient ingredient) {
        var food = ingredient.food();
        var choice = new Line.Choice(new Meaning.OfFood(food), List.of());
        if (replaced.mass() == null) return Line.of(food.name(), null, choice, null);
        var mass = replaced.mass().times(ingredient.low(), ingredient.high());
        var amount = new Amount(tenths(mass.low()), tenths(mass.high()), Unit.G);
        return Line.of(words(food, mass), amount, choice, mass);
    }

    private static Fraction tenths(long micrograms) {
        return new Fraction(Math.round(micrograms / 1e5), 10);
    }

    private String words(Food food, Mass mass) {
        var likely = mass.likelyGrams();
        var grams = String.format(Locale.ROOT, likely >= 1000 ? "%.2f kg" : likely >= 10 ? "%.0f g" : "%.1f g", likely >= 1000 ? likely / 1000 : likely);
        var density = food.density();
        var millilitres = density == null ? 0 : mass.likelyGrams() / density.likely().doubleValue();
        var spooned = density != null && millilitres <= MOST_CUPS * volumes.millilitres(Unit.CUP).doubleValue();
        return !spooned ? "%s %s".formatted(grams, food.name()) : "%s %s (%s)".formatted(grams, food.name(), Spoons.of(millilitres, volumes));
    }
}
