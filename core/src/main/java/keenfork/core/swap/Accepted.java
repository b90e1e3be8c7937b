package keenfork.core.swap;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import keenfork.core.food.Substance;
import keenfork.core.food.Words;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Mention;
import keenfork.core.recipe.Recipe;
import keenfork.core.recipe.RecipeText;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Origin;

/// A plan written into a recipe's text: the lines it changes, and the steps that name them.
public final class Accepted {
    /// before a step that the cook must write
    public static final String TO_WRITE = "Write anew: ";
    /// before what is not in a dish that is called after it
    private static final String NOT_IN = "No ";
    private final String text;
    private final Plan plan;
    private final List<Avoidance> avoid;
    private final Facts facts;
    private final Function<String, Recipe> read;

    /// @param text  the recipe the plan was made for, as written
    /// @param plan  one of the plans for it
    /// @param avoid what the plan was made for
    /// @param facts the facts in force
    /// @param read  how this kitchen reads a recipe
    public Accepted(String text, Plan plan, List<Avoidance> avoid, Facts facts, Function<String, Recipe> read) {
        this.text = text;
        this.plan = plan;
        this.avoid = List.copyOf(avoid);
        this.facts = facts;
        this.read = read;
    }

    /// {@return the recipe changed for everyone; what is held back or taken off for some plates stays written}
    ///
    /// Empty where a line of the plan stands nowhere in the text, or where the text, read afresh, would still hold
    /// something avoided.
    public Optional<String> asChange() {
        return written(plan.moves().stream().filter(m -> !m.isForSomePlates()).toList(), List.of());
    }

    /// {@return a recipe for these people alone, without what is held back or taken off for them; empty as above}
    public Optional<String> asVariant() {
        var recipe = read.apply(text);
        var moves = new ArrayList<Move>();
        for (var move : sameIn(recipe, plan.moves()))
            moves.add(move.isForSomePlates() ? new Move.LeaveOut(move.line()) : move);
        for (var line : Changed.besides(recipe, sameIn(recipe, plan.moves()))) moves.add(new Move.LeaveOut(line));
        // a heading with nothing under it would be read as a line
        return written(moves, Changed.held(plan.moves()).stream().map(part -> part + ":").toList());
    }

    private Optional<String> written(List<Move> moves, List<String> headings) {
        var changed = text;
        for (var move : moves) {
            if (move.goesIn().equals(List.of(move.line())) || move instanceof Move.ChangePack) continue;
            var next = written(changed, move);
            if (!next.isFound()) return Optional.empty();
            changed = next.text();
        }
        for (var heading : headings) changed = RecipeText.removed(changed, heading).text();
        changed = withDenials(withSteps(changed, moves));
        return isSo(read.apply(changed)) ? Optional.of(changed) : Optional.empty();
    }

    /// "Walnut dip" without walnuts keeps its name, and says so in a line.
    private String withDenials(String changed) {
        var before = read.apply(text);
        var after = read.apply(changed);
        var asked = askedByName(after);
        asked.removeAll(askedByName(before));
        var denials = after.mentions().stream().filter(Mention::isOfName)
                .filter(m -> m.substances().stream().anyMatch(asked::contains)
                        || isInLines(before, m.words()) && !isInLines(after, m.words()))
                .map(m -> "\n" + NOT_IN + m.words()).distinct().collect(Collectors.joining());
        return denials.isEmpty() ? changed : changed.stripTrailing() + denials;
    }

    private Set<Substance> askedByName(Recipe recipe) {
        return Derivation.of(recipe, facts(recipe.name())).evidence().stream()
                .filter(e -> e.origin() instanceof Origin.OfDish).map(e -> e.substance())
                .collect(Collectors.toCollection(HashSet::new));
    }

    private static boolean isInLines(Recipe recipe, String words) {
        return recipe.lines().stream().anyMatch(l -> (" " + Words.key(l.text()) + " ").contains(" " + words + " "));
    }

    /// A step that the plan could not write says so, and names nothing that is out.
    private String withSteps(String lines, List<Move> moves) {
        var changed = lines;
        var recipe = read.apply(text);
        var steps = Method.of(NamedLines.of(recipe), sameIn(recipe, moves), null);
        for (var i = 0; i < recipe.steps().size(); i++) {
            var at = i;
            var written = recipe.steps().get(i);
            var now = steps.stream().filter(s -> s.of() == at)
                    .map(s -> s.write() ? TO_WRITE + s.plain() : s.plain()).toList();
            if (now.isEmpty()) changed = RecipeText.removed(changed, written).text();
            else if (!now.equals(List.of(written)))
                changed = RecipeText.replaced(changed, 0, written, String.join("\n", now)).text();
        }
        return RecipeText.numbered(changed, Set.copyOf(read.apply(changed).steps()));
    }

    private static RecipeText.Changed written(String text, Move move) {
        return move.goesIn().isEmpty() ? RecipeText.removed(text, move.line().text())
                : RecipeText.replaced(text, 0, move.line().text(),
                        move.goesIn().stream().map(l -> plain(move, l)).collect(Collectors.joining("\n")));
    }

    /// "594 g sunflower seed butter (2¼ cups)": the spoons are for the eye
    private static String plain(Move move, Line line) {
        return move instanceof Move.Choose || move instanceof Move.Inner ? line.text()
                : line.text().replaceFirst(" \\(.*", "");
    }

    /// Moves are found by their very lines: those of the recipe as it is read here.
    private static List<Move> sameIn(Recipe recipe, List<Move> moves) {
        var left = new ArrayList<>(recipe.lines());
        var same = new ArrayList<Move>();
        for (var move : moves) {
            var line = left.stream().filter(l -> l.text().equals(move.line().text())).findFirst().orElse(move.line());
            left.removeIf(l -> l == line);
            same.add(switch (move) {
                case Move.Replace(_, var with, var swap, var role) -> new Move.Replace(line, with, swap, role);
                case Move.Choose(_, var with) -> new Move.Choose(line, with);
                case Move.ChangePack(_, var pack) -> new Move.ChangePack(line, pack);
                case Move.LeaveOut _ -> new Move.LeaveOut(line);
                case Move.HoldBack(_, var part) -> new Move.HoldBack(line, part);
                case Move.TakeOff(_, var step) -> new Move.TakeOff(line, step);
                case Move.ReadPack _ -> new Move.ReadPack(line);
                case Move.Inner(_, var with, var inner) -> new Move.Inner(line, with, inner);
                case Move.Adjust(_, var with) -> new Move.Adjust(line, with);
            });
        }
        return same;
    }

    /// The text as it would be kept, on the plates of those the plan is for: nothing avoided is in it, and no other
    /// line was touched.
    private boolean isSo(Recipe after) {
        var held = Changed.held(plan.moves());
        var off = plan.moves().stream().filter(Move.TakeOff.class::isInstance).map(m -> m.line().text()).toList();
        var served = after.withParts(p -> p.withLines(held.contains(p.name()) ? List.of()
                : p.lines().stream().filter(l -> !off.contains(l.text())).toList()));
        var derived = Derivation.of(served, facts(after.name()));
        if (avoid.stream().anyMatch(a -> a.against(derived) == Avoidance.Answer.BREAKS)) return false;
        return served.lines().size() == plan.after().recipe().lines().size();
    }

    private Facts facts(String dish) {
        var links = new ArrayList<Fact>();
        for (var move : plan.moves())
            if (move instanceof Move.ChangePack(var line, var pack))
                links.add(new Fact.LineUses(dish, line.text(), pack));
        if (links.isEmpty()) return facts;
        var all = new ArrayList<>(facts.all());
        all.addAll(links);
        return new Facts(facts.home(), all);
    }
}
