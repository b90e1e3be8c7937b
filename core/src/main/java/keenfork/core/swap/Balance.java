package keenfork.core.swap;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import keenfork.core.food.Food;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Volumes;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;

/// Salt or acid of the lines that a plan changes, before and after, and what sets it right.
///
/// @param taste  which of the two
/// @param before how much the changed lines brought
/// @param swapped how much they bring once swapped
/// @param after  how much they bring once it is set right
/// @param advice what the cook does by tongue where no line could be changed; else an empty string
public record Balance(Taste taste, Mass before, Mass swapped, Mass after, String advice) {
    /// g in each kg of the dish from which a tongue notices (common practice)
    private static final double NOTICED = 0.001;
    private static final double HUNDRED = 100;
    private static final double HALF = 0.5;
    /// g of it in the lines that change, under which it is not worth a word
    private static final double LEAST = 0.5;
    /// a line is written anew for a tenth of it or more, less is for the tongue (common practice)
    private static final double WORTH_IT = 0.1;
    private static final double MOST_ACID = 0.03;

    /// A plan's moves with what sets them right.
    record Right(List<Move> moves, List<Balance> balances) {}

    /// {@return the moves, with lines of salt and acid made more or less, or added, where the plan shifts them so far
    /// that a tongue notices}
    /// @param isClear whether a line may go in: it holds nothing avoided and brings in nothing
    static Right set(Recipe recipe, List<Move> moves, Volumes volumes, Predicate<Line> isClear) {
        var right = new ArrayList<>(moves);
        var balances = new ArrayList<Balance>();
        for (var taste : Taste.values()) one(taste, recipe, right, volumes, isClear).ifPresent(balances::add);
        return new Right(List.copyOf(right), balances);
    }

    private static Optional<Balance> one(Taste taste, Recipe recipe, List<Move> moves, Volumes volumes,
            Predicate<Line> isClear) {
        var shifting = moves.stream().filter(m -> m instanceof Move.Replace || m instanceof Move.LeaveOut).toList();
        // where one figure is not known nothing is claimed
        if (!shifting.stream().allMatch(m -> taste.isKnown(m.line()) && m.goesIn().stream().allMatch(taste::isKnown)))
            return Optional.empty();
        var before = sum(taste, shifting.stream().map(Move::line).toList());
        var swapped = sum(taste, shifting.stream().flatMap(m -> m.goesIn().stream()).toList());
        var gap = before.likelyGrams() - swapped.likelyGrams();
        if (Math.abs(gap) < NOTICED * recipe.mass().likelyGrams())
            return Math.max(before.likelyGrams(), swapped.likelyGrams()) < LEAST
                    ? Optional.empty() : Optional.of(new Balance(taste, before, swapped, swapped, ""));
        var by = recipe.lines().stream().filter(l -> sets(taste, l) && moves.stream().noneMatch(m -> m.line() == l))
                .max(Comparator.comparing(l -> l.mass() == null ? -1L : l.mass().likely()));
        if (by.isPresent() && by.get().mass() != null)
            return Optional.of(adjusted(shift(taste, gap, before, swapped, shifting), by.get(), moves, volumes));
        if (gap < 0) {
            var stronger = taste == Taste.SALT ? "saltier" : "sharper";
            return Optional.of(new Balance(taste, before, swapped, swapped,
                    by.map(l -> "Taste before you add the %s.".formatted(l.food().map(Food::name).orElse("rest")))
                            .orElse("It comes out %s than it was.".formatted(stronger))));
        }
        return Optional.of(added(shift(taste, gap, before, swapped, shifting), moves, volumes, isClear));
    }

    /// A food that is hardly more than salt, or an acid by its spoon.
    private static boolean sets(Taste taste, Line line) {
        var least = taste == Taste.SALT ? 90 : 3;
        return line.choices().size() == 1 && line.unread().isEmpty()
                && line.food().filter(f -> taste.in(f).likely().doubleValue() >= least).isPresent();
    }

    /// What some moves shift.
    ///
    /// @param gap    g that are lacking of it; less than 0 where there is more
    /// @param before how much there was of it in the lines that change
    /// @param swapped how much there is of it in what takes their place
    /// @param most   g of what sets it right that may go in at most
    private record Shift(Taste taste, double gap, Mass before, Mass swapped, double most) {}

    /// Salt is set right by half, the rest is for the tongue; a souring never weighs over 3 % of the lines it is for.
    private static Shift shift(Taste taste, double gap, Mass before, Mass swapped, List<Move> shifting) {
        var changed = shifting.stream().mapToDouble(m -> m.line().weighed().map(Mass::likelyGrams).orElse(0.0)).sum();
        return taste == Taste.SALT ? new Shift(taste, gap * HALF, before, swapped, Double.MAX_VALUE)
                : new Shift(taste, gap, before, swapped, changed * MOST_ACID);
    }

    private static Balance adjusted(Shift shift, Line line, List<Move> moves, Volumes volumes) {
        var food = line.food().orElseThrow();
        var has = line.weighed().orElseThrow();
        var share = shift.taste.in(food).likely().doubleValue() / HUNDRED;
        // half of it stays: it carries taste of its own
        var wanted = Math.max(has.likelyGrams() / 2,
                has.likelyGrams() + Math.min(shift.gap / share, shift.most));
        if (Math.abs(wanted - has.likelyGrams()) < has.likelyGrams() * WORTH_IT
                || Written.rounded(wanted) == Written.rounded(has.likelyGrams()))
            return new Balance(shift.taste, shift.before, shift.swapped, shift.swapped, "Taste before it goes out.");
        var with = Written.line(food, has.times(factor(wanted / has.likelyGrams()), factor(wanted / has.likelyGrams())),
                volumes);
        moves.add(new Move.Adjust(line, with));
        var after = shift.swapped.likelyGrams() + (wanted - has.likelyGrams()) * share;
        return new Balance(shift.taste, shift.before, shift.swapped, grams(after), rest(shift, after));
    }

    private static String rest(Shift shift, double after) {
        return Math.abs(after - shift.before.likelyGrams()) < 0.01 * Math.max(1, shift.before.likelyGrams()) ? ""
                : "The rest is for your tongue.";
    }

    private static Balance added(Shift shift, List<Move> moves, Volumes volumes, Predicate<Line> isClear) {
        var taste = shift.taste;
        var share = taste.in(taste.usual()).likely().doubleValue() / HUNDRED;
        var grams = Math.min(shift.gap / share, shift.most);
        var line = Written.line(taste.usual(), grams(grams), volumes);
        var at = -1;
        for (var i = 0; i < moves.size(); i++)
            if (moves.get(i) instanceof Move.Replace
                    && (at < 0 || lacks(taste, moves.get(i)) > lacks(taste, moves.get(at))))
                at = i;
        if (at < 0 || !isClear.test(line))
            return new Balance(taste, shift.before, shift.swapped, shift.swapped,
                    "It lacks %s: season by tongue.".formatted(taste.word().toLowerCase()));
        var replace = (Move.Replace) moves.get(at);
        var with = new ArrayList<>(replace.with());
        // one line of salt is enough: what the swap brings anyway is made more
        var same = with.stream().filter(l -> l.food().equals(line.food()) && l.mass() != null).findFirst();
        if (same.isPresent())
            with.set(with.indexOf(same.get()), Written.line(taste.usual(),
                    same.get().weighed().orElseThrow().plus(line.weighed().orElseThrow()), volumes));
        else with.add(line);
        moves.set(at, new Move.Replace(replace.line(), with, replace.swap(), replace.role()));
        var after = shift.swapped.likelyGrams() + grams * share;
        return new Balance(taste, shift.before, shift.swapped, grams(after), rest(shift, after));
    }

    private static double lacks(Taste taste, Move move) {
        return taste.in(move.line()).likelyGrams() - sum(taste, move.goesIn()).likelyGrams();
    }

    private static Mass sum(Taste taste, List<Line> lines) {
        var sum = Mass.NONE;
        for (var line : lines) sum = sum.plus(taste.in(line));
        return sum;
    }

    private static BigDecimal factor(double factor) { return BigDecimal.valueOf(factor); }

    private static Mass grams(double grams) {
        var exact = BigDecimal.valueOf(Math.max(0, grams));
        return Mass.ofGrams(exact, exact, exact);
    }
}
