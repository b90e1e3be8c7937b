package keenfork.core.trace;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/// A group that is declared only from so many mg in 1 kg: sulphites, from 10. The amounts of all lines are summed and
/// set against the dish.
final class Concentration {
    /// a dish may boil down to two thirds of what went in (common practice), which makes what is left stronger
    private static final double BOILED_DOWN = 2 / 3.0;

    private Concentration() {}

    /// The threads of the group as the threshold leaves them: as they are where the low end reaches it, or a pack
    /// declares it; otherwise what the tables hold is not known. Only where nothing surely holds it, and even the high
    /// end of what may be there stays below, are there none.
    static List<Evidence> judged(List<Evidence> threads, DishWeight dish, BigDecimal milligramsInKilogram) {
        var low = 0.0;
        var high = 0.0;
        for (var e : threads) {
            if (e.amount() == null) return unsure(threads);
            if (e.certainty() == Certainty.CONTAINS) low += e.amount().lowGrams();
            high += e.amount().highGrams();
        }
        var lightest = dish.mass().lowGrams() * BOILED_DOWN;
        var share = milligramsInKilogram.doubleValue() / 1e6;
        if (high < share * lightest && threads.stream().allMatch(e -> e.certainty() == Certainty.NOT_KNOWN))
            return List.of();
        return dish.isAll() && low >= share * dish.mass().highGrams() ? threads : unsure(threads);
    }

    private static List<Evidence> unsure(List<Evidence> threads) {
        var unsure = new ArrayList<Evidence>();
        for (var e : threads)
            unsure
                    .add(e.certainty() == Certainty.CONTAINS && !e.isDeclared() ? e.withCertainty(Certainty.NOT_KNOWN)
                            : e);
        return unsure;
    }
}
