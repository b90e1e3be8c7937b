package keenfork.core.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Prices;
import keenfork.core.recipe.Line;

/// What the changes of a plan cost at this batch size, in the kitchen's own money.
///
/// What is kept off some plates alone is bought all the same, so it changes nothing.
///
/// @param out      what goes out would have cost
/// @param in       what goes in costs
/// @param unpriced what goes out or in and has no price or no weight, by its food's name, each once; where there is
///                 any, neither figure is the whole
public record Bill(double out, double in, List<String> unpriced) {
    static final Bill NOTHING = new Bill(0, 0, List.of());
    /// differences count in hundredths
    private static final int HUNDREDTHS = 100;
    private static final String COOKED = "cooked ";

    public Bill {
        unpriced = List.copyOf(unpriced);
    }

    /// {@return the changes' bill}
    static Bill of(List<Move> moves, Prices prices) {
        return moves.stream().map(m -> of(m, prices)).reduce(NOTHING, Bill::plus);
    }

    private static Bill of(Move move, Prices prices) {
        return switch (move) {
            case Move.HoldBack _,Move.TakeOff _,Move.ReadPack _,Move.ChangePack _ -> NOTHING;
            case Move.Inner(var line, _, var plan) -> share(line, plan, prices);
            case Move.Replace _,Move.Choose _,Move.LeaveOut _,Move.Adjust _ -> {
                var unpriced = new ArrayList<String>();
                var out = sum(List.of(move.line()), prices, unpriced);
                yield new Bill(out, sum(move.goesIn(), prices, unpriced), unpriced);
            }
        };
    }

    /// The part of another dish's batch that goes into this one.
    private static Bill share(Line line, Plan plan, Prices prices) {
        var whole = of(plan.moves(), prices);
        var batch = plan.after().recipe().mass().likelyGrams();
        var taken = line.weighed().map(m -> m.likelyGrams() / batch).orElse(Double.NaN);
        return Double.isFinite(taken) ? new Bill(whole.out * taken, whole.in * taken, whole.unpriced)
                : new Bill(0, 0, List.of(line.dish()));
    }

    private static double sum(List<Line> lines, Prices prices, List<String> unpriced) {
        var sum = 0.0;
        for (var line : lines) {
            var cost = line.weighed().flatMap(m -> line.food().flatMap(f -> cost(f, m.likelyGrams(), prices)));
            if (cost.isEmpty()) unpriced.add(line.food().map(Food::name).orElse(line.text()));
            sum += cost.orElse(0.0);
        }
        return sum;
    }

    /// What is weighed cooked and has no price of its own is bought dry, where the table tells how it is cooked.
    private static Optional<Double> cost(Food food, double grams, Prices prices) {
        var own = prices.of(food, grams);
        if (own.isPresent() || !food.name().startsWith(COOKED)) return own;
        return Foods.shipped().find(food.name().substring(COOKED.length())).flatMap(
                dry -> Cooking.of(dry).flatMap(c -> prices.of(dry, grams / c.yield().likely().doubleValue())));
    }

    private Bill plus(Bill more) {
        return new Bill(out + more.out, in + more.in,
                Stream.concat(unpriced.stream(), more.unpriced.stream()).distinct().toList());
    }

    /// {@return whether every change has its price}
    public boolean isKnown() { return unpriced.isEmpty(); }

    /// {@return what it costs more, in hundredths of the kitchen's money, below 0 for less; 0 where it is not known, as
    /// nothing is claimed of it then}
    int more() { return isKnown() ? (int) Math.round((in - out) * HUNDREDTHS) : 0; }
}
