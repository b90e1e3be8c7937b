package keenfork.core.covers;

import java.util.Optional;
import keenfork.core.food.Price;

/// How a kitchen buys a food, and what of it is there.
///
/// @param packGrams g in a pack as it is sold; 0 where it is sold by weight, or nobody said
/// @param haveGrams g that were there when somebody looked; 0 for none
/// @param supplier  who sells it; empty where nobody said
/// @param price     what is paid for it; empty where nobody said
public record Provision(int packGrams, int haveGrams, String supplier, Optional<Price> price) {
    /// nothing is said of a food
    public static final Provision NONE = new Provision(0, 0, "", Optional.empty());

    public Provision {
        if (packGrams < 0 || haveGrams < 0) throw new IllegalArgumentException("less than nothing");
    }

    /// What is bought.
    ///
    /// @param grams g that are still to be there, 0 where enough is
    /// @param packs whole packs of them; 0 where it is sold by weight
    /// @param shortBy g that may be wanting all the same, where what is needed is a range; 0 for none
    public record Buying(long grams, int packs, long shortBy) {
        /// {@return whether what is there is enough}
        public boolean isThere() { return grams == 0; }
    }

    /// {@return what is bought of a food, by what is likely needed}
    public Buying buying(Shopping.Need need) {
        var likely = whole(need.mass().likelyGrams());
        var grams = Math.max(0, likely - haveGrams);
        var packs = packGrams == 0 ? 0 : (int) ((grams + packGrams - 1) / packGrams);
        var bought = packGrams == 0 ? grams : (long) packs * packGrams;
        return new Buying(grams, packs, Math.max(0, whole(need.mass().highGrams()) - haveGrams - bought));
    }

    /// {@return what is paid for what is bought; empty where nobody said}
    public Optional<Double> pay(Buying buying) {
        var grams = buying.packs == 0 ? buying.grams : (long) buying.packs * packGrams;
        return price.map(p -> p.of(grams));
    }

    private static long whole(double grams) { return Math.round(grams); }
}
