package keenfork.web.covers;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.covers.Provision;
import keenfork.core.covers.Shopping;
import keenfork.core.regime.Group;
import keenfork.format.PlanWords;
import keenfork.web.page.Format;
import keenfork.web.persistence.pack.Provisions;

/// What must be there, by who sells it, as shown.
///
/// @param taken    how much the guests take
/// @param plates   how many plates it is for
/// @param sellers  what is bought from whom; what nobody said a seller of comes last
/// @param pay      what all of it costs, as far as prices are known; empty where none is
/// @param unscaled dishes that do not say for how many they are, in words; empty for none
record ShoppingView(TakenView taken, List<Made> plates, List<Seller> sellers, String pay, String unscaled) {
    /// how many plates are made of a dish
    record Made(long id, String name, int plates) {}

    /// @param name who sells it; empty where nobody said
    record Seller(String name, List<Item> items) {
        /// {@return its heading}
        public String head() { return name.isEmpty() ? "From anywhere" : "From " + name; }
    }

    /// A line of the list.
    ///
    /// @param buy     what is bought, in words; empty where nobody said how it is sold or what is there
    /// @param there   what is there and since when somebody said so; empty for nothing
    /// @param pay     what that costs; empty where nobody said
    /// @param enough  whether that is enough
    /// @param more    whether some of it has no weight
    /// @param holds   the groups it brings, in words
    /// @param typed   what its form holds
    record Item(String food, String grams, String range, String buy, String pay, String there, boolean enough,
            boolean more,
            String holds, boolean packToRead, String dishes, ShoppingForm typed) {}

    static ShoppingView of(PlatesToMake plates, Shopping shopping, Map<String, Provisions.Counted> kept,
            TakenView taken, String money, Format format) {
        var bySeller = shopping.needs().stream().map(n -> provision(n, kept).supplier()).distinct()
                .sorted(Comparator.comparing(String::isEmpty).thenComparing(Comparator.naturalOrder())).toList();
        return new ShoppingView(taken,
                plates.dishes().stream().map(d -> new Made(d.id(), d.name(), d.plates())).toList(),
                bySeller.stream().map(s -> new Seller(s,
                        shopping.needs().stream().filter(n -> provision(n, kept).supplier().equals(s))
                                .map(n -> item(n, kept, money, format)).toList()))
                        .toList(),
                pay(shopping, kept, money, format), format.list(shopping.unscaled()));
    }

    static Provision provision(Shopping.Need need, Map<String, Provisions.Counted> kept) {
        var counted = kept.get(need.food());
        return counted == null ? Provision.NONE : counted.provision();
    }

    private static Optional<Double> pay(Shopping.Need need, Map<String, Provisions.Counted> kept) {
        var provision = provision(need, kept);
        return need.mass().likely() == 0 ? Optional.empty() : provision.pay(provision.buying(need));
    }

    private static String pay(Shopping shopping, Map<String, Provisions.Counted> kept, String money, Format format) {
        var paid = shopping.needs().stream().flatMap(n -> pay(n, kept).stream()).toList();
        var open = shopping.needs().size() - paid.size();
        if (paid.isEmpty()) return "";
        return "%s to pay%s.".formatted(PlanWords.paid(paid.stream().mapToDouble(Double::doubleValue).sum(), money),
                open == 0 ? "" : ", and %s without a price".formatted(format.count(open, "food", "foods")));
    }

    private static Item item(Shopping.Need need, Map<String, Provisions.Counted> kept, String money, Format format) {
        var provision = provision(need, kept);
        var counted = kept.get(need.food());
        var nothing = need.mass().likely() == 0;
        var there = provision.haveGrams() == 0 || counted == null ? ""
                : "%s there, %s".formatted(Format.grams(provision.haveGrams()), format.moment(counted.counted()));
        return new Item(need.food(), nothing ? "" : format.likely(need.mass()),
                nothing ? "" : format.range(need.mass()),
                nothing || counted == null ? "" : buy(provision, provision.buying(need), format),
                pay(need, kept).map(p -> PlanWords.paid(p, money)).orElse(""), there,
                !nothing && provision.buying(need).isThere(), !need.isWhole(),
                format.list(need.holds().stream().map(Group::label).toList()), need.packToRead(),
                format.list(need.dishes()), ShoppingForm.of(need.food(), provision));
    }

    private static String buy(Provision provision, Provision.Buying buying, Format format) {
        var shortBy = buying.shortBy() == 0 ? "" : "; it may be %s short".formatted(Format.grams(buying.shortBy()));
        if (buying.isThere()) return "enough is there" + shortBy;
        var what = buying.packs() == 0 ? Format.grams(buying.grams())
                : "%s of %s".formatted(format.count(buying.packs(), "pack", "packs"),
                        Format.grams(provision.packGrams()));
        // by weight, what is short is the range beside it
        return buying.packs() == 0 ? what : what + shortBy;
    }
}
