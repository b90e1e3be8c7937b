package keenfork.core.covers;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.measure.Mass;
import keenfork.core.recipe.Line;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;

/// What must be there to make a menu: every food of every dish, the dishes that are used in it opened up.
///
/// @param needs    by name
/// @param unscaled dishes whose recipe does not say for how many it is: they stand once, as written
public record Shopping(List<Need> needs, List<String> unscaled) {
    /// A food.
    ///
    /// @param food       its name
    /// @param mass       how much of it; nothing where no line of it has a weight
    /// @param isWhole    false where a line of it has no weight: "salt, to taste"
    /// @param dishes     what it is for
    /// @param holds      the groups of the rule book that it holds, or may by its pack; what is not known its pack
    ///                   tells
    /// @param packToRead whether its pack is to be read
    public record Need(String food, Mass mass, boolean isWhole, List<String> dishes, List<Group> holds,
            boolean packToRead) {}

    /// A dish, and the plates that are made of it.
    ///
    /// @param plates 0 or more
    public record Made(Derivation dish, int plates) {}

    public Shopping {
        needs = List.copyOf(needs);
        unscaled = List.copyOf(unscaled);
    }

    /// {@return what some dishes need; of a dish of which no plate is made, nothing}
    public static Shopping of(List<Made> menu, RuleBook book) {
        var basket = new Basket(book);
        var unscaled = new ArrayList<String>();
        for (var made : menu) {
            var serves = made.dish.recipe().serves();
            if (made.plates == 0) continue;
            if (serves < 1) unscaled.add(made.dish.recipe().name());
            basket.add(made.dish, serves < 1 ? BigDecimal.ONE : new BigDecimal(made.plates)
                    .divide(new BigDecimal(serves), MathContext.DECIMAL64), made.dish.recipe().name());
        }
        return new Shopping(basket.needs(), unscaled);
    }

    /// what is gathered
    private static final class Basket {
        private static final int DEEPEST = 16;
        private final RuleBook book;
        private final Map<String, Bought> bought = new LinkedHashMap<>();
        private final Set<String> open = new HashSet<>();

        private static final class Bought {
            private Mass mass = Mass.NONE;
            private boolean isWhole = true;
            private boolean packToRead;
            private final Set<String> dishes = new LinkedHashSet<>();
            private final Set<Group> holds = new LinkedHashSet<>();
        }

        Basket(RuleBook book) {
            this.book = book;
        }

        void add(Derivation dish, BigDecimal times, String forDish) {
            if (open.size() >= DEEPEST || !open.add(dish.recipe().name())) return;
            var lines = dish.recipe().lines();
            for (var at = 0; at < lines.size(); at++) {
                var line = lines.get(at);
                var other = dish.other(line);
                if (other.isPresent()) add(other.get(), times.multiply(share(line, other.get())), forDish);
                else put(dish, at, times, forDish);
            }
            open.remove(dish.recipe().name());
        }

        /// {@return how often a dish is made for a line that uses it; a line without a weight takes all of it}
        private static BigDecimal share(Line line, Derivation used) {
            var all = used.recipe().mass().likely();
            return line.mass() == null || all == 0 ? BigDecimal.ONE
                    : new BigDecimal(line.mass().likely()).divide(new BigDecimal(all), MathContext.DECIMAL64);
        }

        private void put(Derivation dish, int at, BigDecimal times, String forDish) {
            var line = dish.recipe().lines().get(at);
            var name = line.food().map(f -> f.name()).orElse(line.dish().isEmpty() ? line.text() : line.dish());
            // nobody buys it
            if (name.equals("water")) return;
            var one = bought.computeIfAbsent(name, _ -> new Bought());
            if (line.mass() == null) one.isWhole = false;
            else one.mass = one.mass.plus(line.mass().times(times, times));
            one.packToRead |= line.isUnread() || dish.pack(line) == null && line.food().map(f -> f.isCompound())
                    .orElse(true);
            one.dishes.add(forDish);
            for (var e : dish.evidence())
                if (e.isOfLine(at) && (e.certainty() == Certainty.CONTAINS || e.certainty() == Certainty.MAY_CONTAIN))
                    one.holds.addAll(groups(e));
        }

        private List<Group> groups(Evidence evidence) {
            return book.placesOf(evidence.substance()).stream().map(RuleBook.Place::group)
                    .toList();
        }

        List<Need> needs() {
            return bought.entrySet().stream().map(e -> new Need(e.getKey(), e.getValue().mass, e.getValue().isWhole,
                    List.copyOf(e.getValue().dishes),
                    book.groups().stream().filter(e.getValue().holds::contains).toList(), e.getValue().packToRead))
                    .sorted(Comparator.comparing(Need::food)).toList();
        }
    }
}
