package keenfork.core.swap;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.people.Avoidance;
import keenfork.core.recipe.EntrySteps;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.Recipe;
import keenfork.core.swap.Puzzle.Option;

/// All the moves there are for one line, the best of its kind first, and those that were turned down.
final class Options {
    private static final double SMALL_SHARE = 0.1;
    private static final BitSet NOBODY = new BitSet();
    private final Recipe recipe;
    private final Context context;
    private final Judge judge;
    private final List<Integer> going;
    private final List<Line> lines;
    private final List<Plans.Rejected> rejected = new ArrayList<>();

    Options(Recipe recipe, Context context, Judge judge) {
        this.recipe = recipe;
        this.context = context;
        this.judge = judge;
        this.going = recipe.steps().isEmpty() ? List.of() : EntrySteps.of(recipe).steps();
        this.lines = recipe.lines();
    }

    List<Plans.Rejected> rejected() { return rejected; }

    /// {@return the moves for a line that offends}
    List<Option> of(Part part, Line line, Avoidance.Answer answer) {
        var options = new ArrayList<Option>();
        for (var choice : line.choices().size() > 1 ? line.choices() : List.<Line.Choice>of())
            consider(new Move.Choose(line, line.withChoice(chosenText(line, choice), choice)), part, options);
        line.food().ifPresent(food -> {
            for (var pack : context.packs())
                if (pack.food().equals(food.name()) && line.choices().size() == 1)
                    consider(new Move.ChangePack(line, pack), part, options);
            context.swaps().replacing(food).stream().sorted(Comparator.comparingDouble(Swap::closeness).reversed())
                    .forEach(s -> consider(new Move.Replace(line, Written.instead(line, s, context.volumes()), s), part,
                            options));
        });
        if (part.kind().comesOff()) options.add(free(new Move.HoldBack(line, part.name()), part));
        else {
            if (isSmall(line)) options.add(free(new Move.LeaveOut(line), part));
            var step = step(line);
            if (step > 0) options.add(free(new Move.TakeOff(line, step), part));
        }
        if (answer == Avoidance.Answer.OPEN)
            options.add(new Option(new Move.Keep(line), true, NOBODY, NOBODY, heldPart(part)));
        return options;
    }

    private static Option free(Move move, Part part) { return new Option(move, false, NOBODY, NOBODY, heldPart(part)); }

    private static String heldPart(Part part) { return part.kind().comesOff() ? part.name() : ""; }

    private int step(Line line) {
        for (var i = 0; i < going.size(); i++) if (lines.get(i) == line) return going.get(i);
        return EntrySteps.START;
    }

    /// A tenth of the dish or less, or what the recipe itself leaves to the cook.
    private boolean isSmall(Line line) {
        var mass = line.mass();
        return line.optional() || line.toTaste()
                || mass != null && mass.likely() < recipe.mass().likely() * SMALL_SHARE;
    }

    private static String chosenText(Line line, Line.Choice choice) {
        var number = line.text()
                .replaceFirst("(?i)^((?:[\\d½⅓⅔¼¾⅛./–-]+\\s*)*(?:tbsp|tsp|cups?|g|kg|ml|l|oz|lb)?)\\b.*", "$1").strip();
        return (number + " " + name(choice.main())).strip();
    }

    private static String name(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> food.name();
            case Meaning.OfSubstances(var substances) -> substances.getFirst().name();
            case Meaning.Vague _ -> "the other";
        };
    }

    private void consider(Move move, Part part, List<Option> options) {
        var into = move.goesIn();
        if (!(move instanceof Move.ChangePack) && options.stream().anyMatch(o -> foods(o.move()).equals(foods(move))))
            return;
        var verdict = move instanceof Move.Replace ? judge.ofFoods(into) : judge.of(into);
        if (verdict.answer() == Avoidance.Answer.BREAKS)
            rejected.add(new Plans.Rejected(move.line(), name(move), verdict.because(), verdict.certainty()));
        else options.add(new Option(move, verdict.answer() == Avoidance.Answer.OPEN, verdict.brings(),
                verdict.shutsOut(), heldPart(part)));
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
