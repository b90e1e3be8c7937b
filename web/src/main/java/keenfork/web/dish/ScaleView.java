package keenfork.web.dish;

import java.math.RoundingMode;
import java.util.List;
import keenfork.core.measure.Spoons;
import keenfork.core.measure.Unit;
import keenfork.core.recipe.Scaled;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import org.jspecify.annotations.Nullable;

/// A dish for other covers or another batch weight, as a page.
///
/// @param now   the dish as it stands
/// @param wish  what is asked for, as typed
/// @param wrong what is wrong with that; empty where nothing is
/// @param then  the dish as asked for, or null
record ScaleView(Now now, ScaleController.Wish wish, String wrong, @Nullable Then then) {
    /// the dish as it stands
    ///
    /// @param serves people it is written for; 0 where it does not say
    /// @param weight grams that go in, in words
    record Now(long id, String name, int serves, String weight) {
        public String facts() { return (serves > 0 ? serves + " covers · " : "") + weight + " going in"; }

        /// {@return what stands in the empty field of covers}
        public String hint() { return serves > 0 ? String.valueOf(serves) : "no covers written"; }
    }

    /// the dish as asked for
    ///
    /// @param factor how many times it is made, such as `1.25`
    record Then(String factor, String total, String range, List<ScaledLine> lines) {
        static Then of(Scaled scaled, Menu menu, Format format) {
            var factor = scaled.factor().stripTrailingZeros();
            return new Then(factor.setScale(Math.clamp(factor.scale(), 0, MOST_DIGITS), RoundingMode.HALF_UP)
                    .toPlainString(), format.likely(scaled.mass()), format.range(scaled.mass()),
                    scaled.lines().stream().map(e -> ScaledLine.of(e, menu, format)).toList());
        }
    }

    /// a line for the other size
    record ScaledLine(String was, String is, String grams, String range, String spoons, String rounding,
            boolean byHand) {
        static ScaledLine of(Scaled.Entry entry, Menu menu, Format format) {
            return new ScaledLine(entry.line().text(), entry.text(), format.likely(entry.mass()),
                    format.range(entry.mass()), inSpoons(entry, menu),
                    entry.rounding() == 0 ? "" : "%+d %%".formatted(entry.rounding()), entry.byHand());
        }
    }

    private static final int MOST_DIGITS = 3;
    private static final double LEAST_SPOON = 0.6;
    private static final int MOST_CUPS = 4;

    /// What a weight is in spoons and cups, for a food whose spoon is known and that is no more than a few cups.
    private static String inSpoons(Scaled.Entry entry, Menu menu) {
        var food = entry.line().food().map(menu.stock().own()::of).orElse(null);
        var amount = entry.line().amount();
        if (food == null || food.density() == null || amount == null || amount.unit().kind() != Unit.Kind.WEIGHT
                || entry.mass() == null)
            return "";
        var millilitres = entry.mass().likelyGrams() / food.density().likely().doubleValue();
        return millilitres < LEAST_SPOON || millilitres > MOST_CUPS * menu.volumes().millilitres(Unit.CUP).doubleValue()
                ? "" : Spoons.of(millilitres, menu.volumes());
    }
}
