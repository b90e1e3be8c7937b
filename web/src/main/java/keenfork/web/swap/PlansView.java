package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import keenfork.core.food.Food;
import keenfork.core.recipe.Line;
import keenfork.core.regime.RuleBook;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Plans;
import keenfork.core.swap.Swap;
import keenfork.core.trace.Mark;
import keenfork.web.page.Format;
import org.jspecify.annotations.Nullable;

/// The planner's answer as shown: plans to choose from, the chosen one before and after, and what was turned down.
record PlansView(String dish, List<Choice> choices, @Nullable Chosen chosen, List<Rejected> rejected, List<Plans.Blocked> blocked, boolean needed, String proof) {
    private static final double SCALE = 34;

    /// a plan in the list
    record Choice(int number, String title, String facts, List<String> bringsIn, boolean unknown, boolean on) {}

    /// the chosen plan
    record Chosen(int number, List<String> bringsIn, List<Change> changes, String same, List<Effect> effects, List<String> start, List<Sign> after, int unknown) {}

    /// a line and what takes its place, with the ribbon between them: widths in px by the log of grams
    record Change(String before, String beforeGrams, String move, List<After> after, double left, double right) {}

    /// what goes in
    record After(String food, String text, String grams) {}

    /// what a swap changes, -2 to 2, in the order body, salt, acid, sweet, crunch
    record Effect(String food, List<Level> levels) {}

    /// one level with its word
    record Level(String name, int value, String word, int x) {}

    /// a replacement turned down
    record Rejected(String symbol, String with, String line, String because) {
        static Rejected of(Plans.Rejected r, Format format) {
            return new Rejected(format.symbol(r.certainty(), false), r.with(), r.line().text(), r.because());
        }
    }

    /// a mark of the changed dish
    record Sign(String symbol, String name, String words) {}

    static PlansView of(Plans plans, RuleBook ruleBook, int wanted, Format format) {
        var best = plans.best();
        var on = Math.clamp(wanted, 1, Math.max(1, best.size()));
        var choices = new ArrayList<Choice>();
        for (var i = 0; i < best.size(); i++) choices.add(choice(best.get(i), i + 1, i + 1 == on, format));
        return new PlansView(plans.before().recipe().name(), choices, best.isEmpty() ? null : chosen(best.get(on - 1), on, ruleBook, format), plans.rejected().stream().map(r -> Rejected.of(r, format)).toList(),
                plans.blocked(), plans.needed(), plans.proof().inWords());
    }

    private static Choice choice(Plan plan, int number, boolean on, Format format) {
        var title = String.join(", ", plan.changes().stream().map(PlansView::title).toList());
        var lines = plan.changes().size();
        var facts = format.count(lines, "line", "lines") + " · close " + Math.round(plan.closeness() * 100) + " of 100 · ready in " + format.minutes(plan.lead().low(), plan.lead().high());
        return new Choice(number, title.isEmpty() ? "Keep it, read the packs first" : title, facts, plan.bringsIn().stream().map(b -> b.group().name().toLowerCase()).toList(), plan.unknown() > 0, on);
    }

    private static String title(Move move) {
        return switch (move) {
            case Move.Replace(_, var with, _) -> food(with.getFirst());
            case Move.Choose(_, var with) -> food(with);
            case Move.LeaveOut(var line) -> "no " + food(line);
            case Move.HoldBack(var line, _) -> food(line) + " held back";
            case Move.TakeOff(var line, _) -> "portions without " + food(line);
            case Move.ChangePack(_, var pack) -> pack.label();
            case Move.Adjust(_, var with) -> with.text();
            case Move.Keep(var line) -> food(line) + " as it is";
        };
    }

    private static Chosen chosen(Plan plan, int number, RuleBook ruleBook, Format format) {
        var changes = plan.changes();
        var same = plan.after().recipe().lines().size() - changes.stream().mapToInt(m -> m.goesIn().size()).sum();
        var effects = changes.stream().filter(Move.Replace.class::isInstance).map(Move.Replace.class::cast).map(PlansView::effect).toList();
        var start = changes.stream().filter(Move.Replace.class::isInstance).map(Move.Replace.class::cast)
                .map(m -> food(m.with().getFirst()) + ": " + m.swap().preparation() + ", " + format.minutes(m.swap().lead().low(), m.swap().lead().high())).toList();
        var after = plan.after().under(ruleBook).marks().stream().map(m -> sign(m, format)).toList();
        return new Chosen(number, plan.bringsIn().stream().map(b -> b.group().name().toLowerCase()).toList(), changes.stream().map(m -> change(m, format)).toList(),
                format.count(same, "other line", "other lines") + " as before", effects, start, after, plan.unknown());
    }

    private static Sign sign(Mark mark, Format format) {
        return new Sign(format.symbol(Optional.of(mark)), mark.group().name(), format.words(Optional.of(mark)));
    }

    private static Change change(Move move, Format format) {
        var after = move.goesIn().stream().map(l -> new After(food(l), l.text(), format.likely(l.mass()))).toList();
        var word = switch (move) {
            case Move.Replace _, Move.Choose _, Move.Adjust _ -> "";
            case Move.ChangePack(_, var pack) -> "from the pack “%s”".formatted(pack.label());
            case Move.TakeOff _ -> "not in the portions taken off";
            case Move.LeaveOut _ -> "left out";
            case Move.HoldBack(_, var part) -> "held back with the " + part.toLowerCase();
            case Move.Keep _ -> "kept";
        };
        var right = move.goesIn().stream().map(Line::mass).filter(m -> m != null).mapToDouble(m -> m.likelyGrams()).sum();
        return new Change(move.line().text(), format.likely(move.line().mass()), word, after, width(move.line().weighed().map(m -> m.likelyGrams()).orElse(0.0)), width(right));
    }

    private static double width(double grams) {
        return grams <= 0 ? 2 : Math.clamp(Math.log10(1 + grams) / 4 * SCALE, 2, SCALE);
    }

    private static Effect effect(Move.Replace move) {
        Swap.Effects e = move.swap().effects();
        return new Effect(food(move.with().getFirst()), List.of(level("Body", e.body(), "thinner", "fuller"), level("Salt", e.salt(), "less", "more"),
                level("Acid", e.acid(), "softer", "sharper"), level("Sweet", e.sweet(), "less", "more"), level("Crunch", e.crunch(), "softer", "more")));
    }

    private static Level level(String name, int value, String less, String more) {
        return new Level(name, value, value == 0 ? "as before" : (Math.abs(value) > 1 ? "much " : "") + (value < 0 ? less : more), 32 + value * 13);
    }

    private static String food(Line line) {
        return line.food().map(Food::name).orElse(line.text());
    }
}
