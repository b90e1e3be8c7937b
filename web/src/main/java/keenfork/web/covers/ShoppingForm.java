package keenfork.web.covers;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import keenfork.core.covers.Provision;
import keenfork.core.food.Price;
import keenfork.format.TypedPrice;
import keenfork.format.TypedWeight;
import keenfork.web.page.Format;
import org.jspecify.annotations.Nullable;

/// How a food is bought and what of it is there, as it is typed.
///
/// @param pack  what a pack of it holds, such as `400 g`; empty where it is sold by weight
/// @param have  what is there; empty for nothing
/// @param price what is paid for the weight of `per`, such as `8.40`; empty where nobody says
/// @param per   the weight the price is for; empty for a kilogram
record ShoppingForm(String food, String pack, String have, String supplier, String price, String per) {
    private static final int LONGEST = 60;
    private static final int LONGEST_FOOD = 200;
    private static final BigDecimal MOST_GRAMS = new BigDecimal(10_000_000);

    ShoppingForm(@Nullable String food, @Nullable String pack, @Nullable String have, @Nullable String supplier,
            @Nullable String price, @Nullable String per) {
        this.food = plain(food);
        this.pack = plain(pack);
        this.have = plain(have);
        this.supplier = plain(supplier);
        this.price = plain(price);
        this.per = plain(per);
    }

    static ShoppingForm of(String food, Provision kept) {
        return new ShoppingForm(food, typed(kept.packGrams()), typed(kept.haveGrams()), kept.supplier(),
                kept.price().map(p -> p.amount().toPlainString()).orElse(""),
                kept.price().map(p -> typed(p.grams())).orElse(""));
    }

    private static String plain(@Nullable String typed) { return typed == null ? "" : typed.strip(); }

    private static String typed(int grams) { return grams == 0 ? "" : Format.grams(grams); }

    /// {@return what is wrong with it in the cook's words, or an empty string}
    String wrong() {
        if (food.isEmpty() || food.length() > LONGEST_FOOD) return "Say of which food.";
        if (grams(pack).isEmpty() || grams(have).isEmpty())
            return wrong(
                    "say weights such as 400 g or 2.5 kg, not “%s”".formatted(grams(pack).isEmpty() ? pack : have));
        if (supplier.length() > LONGEST) return wrong("keep the supplier under %d letters".formatted(LONGEST));
        return price.isEmpty() || paid().isPresent() ? ""
                : wrong("say a price such as 8.40, for a weight such as 1 kg or 400 g, not “%s” for “%s”"
                        .formatted(price, per));
    }

    private String wrong(String words) { return "%s: %s. Nothing was changed.".formatted(food, words); }

    /// {@return what is said, where nothing is wrong with it}
    Provision provision() {
        return new Provision(grams(pack).orElse(0), grams(have).orElse(0), supplier, paid());
    }

    private Optional<Price> paid() { return TypedPrice.read(price, per); }

    /// {@return whole grams; 0 where nothing is typed, empty where it is no weight}
    private static Optional<Integer> grams(String typed) {
        if (typed.isEmpty()) return Optional.of(0);
        return TypedWeight.grams(typed).filter(g -> g.compareTo(MOST_GRAMS) <= 0)
                .map(g -> g.setScale(0, RoundingMode.HALF_UP).intValueExact());
    }
}
