package keenfork.core.swap;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.measure.Mass;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.EntrySteps;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.Recipe;
import keenfork.core.swap.Puzzle.Option;

/// All the moves there are for one line, the best of its kind first, and those that were turned down.
final class Options {
    private static final BitSet NOBODY = new BitSet();
    private final Recipe recipe;
    private final Context context;
    private final Inside inside;
    private final Judge judge;
    private final Roles roles;
    private final List<Integer> going;
    private final List<Line> lines;
    private final List<Plans.Rejected> rejected = new ArrayList<>();

    Options(Recipe recipe, Inside inside, Judge judge, Roles roles) {
        this.recipe = recipe;
        this.inside = inside;
        this.context = inside.context();
        this.judge = judge;
        this.roles = roles;
        this.going = recipe.steps().isEmpty() ? List.of() : EntrySteps.of(recipe).steps();
        this.lines = recipe.lines();
    }

    List<Plans.Rejected> rejected() { return rejected; }

    /// {@return the moves for a line that offends}
    List<Option> of(Part part, Line line, Avoidance.Answer answer) {
        var options = new ArrayList<Option>();
        for (var choice : line.choices().size() > 1 ? line.choices() : List.<Line.Choice>of())
            consider(new Move.Choose(line, line.withChoice(chosenText(line, choice), choice)), part, options);
        for (var move : inside.moves(line)) consider(move, part, options);
        line.food().ifPresent(food -> {
            for (var pack : context.packs())
                if (pack.food().equals(food.name()) && line.choices().size() == 1)
                    consider(new Move.ChangePack(line, pack), part, options);
            var role = roles.of(line);
            for (var swap : fitting(food, role))
                consider(new Move.Replace(line, Written.instead(line, swap, oil(part), context.volumes()), swap, role),
                        part, options);
        });
        if (part.kind().comesOff()) options.add(free(new Move.HoldBack(line, part.name()), part));
        else if (answer != Avoidance.Answer.OPEN || line.food().filter(Food::isCompound).isEmpty()) {
            // a product of which only the pack is not read is read first, and not left out
            if (Leaving.isFine(recipe, part, line, roles) || options.isEmpty() && Leaving.isSmall(part, line))
                options.add(free(new Move.LeaveOut(line), part));
            var step = step(line);
            if (step > 0 && !Leaving.isNamed(recipe, part, line)) options.add(free(new Move.TakeOff(line, step), part));
        }
        if (answer == Avoidance.Answer.OPEN)
            options.add(new Option(new Move.ReadPack(line), true, NOBODY, NOBODY, heldPart(part), 0));
        return options;
    }

    /// The swaps that can do what the line does, nearest first; all there are where none can.
    private List<Swap> fitting(Food food, Role role) {
        var all = context.swaps().replacing(food).stream()
                .sorted(Comparator.comparingDouble((Swap s) -> s.closeness(role)).reversed()).toList();
        var fitting = all.stream().filter(s -> s.fits(role)).toList();
        return fitting.isEmpty() ? all : fitting;
    }

    private static Mass oil(Part part) {
        var sum = Mass.NONE;
        for (var line : part.lines())
            if (line.mass() != null && line.food().filter(Roles::isOil).isPresent()) sum = sum.plus(line.mass());
        return sum;
    }

    private Option free(Move move, Part part) {
        return new Option(move, false, NOBODY, NOBODY, heldPart(part), money(move));
    }

    private int money(Move move) { return Bill.of(List.of(move), context.prices()).more(); }

    private static String heldPart(Part part) { return part.kind().comesOff() ? part.name() : ""; }

    private int step(Line line) {
        for (var i = 0; i < going.size(); i++) if (lines.get(i) == line) return going.get(i);
        return EntrySteps.START;
    }

    private static String chosenText(Line line, Line.Choice choice) {
        var number = line.text()
                .replaceFirst("(?i)^((?:[\\d½⅓⅔¼¾⅛./–-]+\\s*)*(?:tbsp|tsp|cups?|g|kg|ml|l|oz|lb)?)\\b.*", "$1").strip();
        return (number + " " + choice.main().name().orElse("the other")).strip();
    }

    private void consider(Move move, Part part, List<Option> options) {
        var into = move.goesIn();
        if (!(move instanceof Move.ChangePack) && options.stream().anyMatch(o -> foods(o.move()).equals(foods(move))))
            return;
        var verdict = move instanceof Move.Replace ? judge.ofFoods(into) : judge.of(into);
        if (verdict.answer() == Avoidance.Answer.BREAKS)
            rejected.add(new Plans.Rejected(move.line(), name(move), verdict.because(), verdict.certainty()));
        else options.add(new Option(move, verdict.answer() == Avoidance.Answer.OPEN, verdict.brings(),
                verdict.shutsOut(), heldPart(part), money(move)));
    }

    private static String name(Move move) {
        if (move instanceof Move.ChangePack(_, var pack)) return "the pack “%s”".formatted(pack.label());
        var first = move.goesIn().getFirst();
        return first.food().map(Food::name).orElse(first.text());
    }

    private static List<String> foods(Move move) {
        return move.goesIn().stream().map(l -> l.food().map(Food::name).orElse(l.text())).toList();
    }
}
