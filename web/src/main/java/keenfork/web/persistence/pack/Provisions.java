package keenfork.web.persistence.pack;

import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import keenfork.core.covers.Provision;
import keenfork.core.food.Price;
import keenfork.core.food.Prices;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to how the kitchen buys its foods, and what of them is there. No mark rests on it.
@Component
@Transactional
public class Provisions {
    private final ProvisionRows rows;
    private final Clock clock;

    /// What is kept of a food.
    ///
    /// @param counted when somebody said so
    /// @param by      who did; may be empty
    public record Counted(Provision provision, Instant counted, String by) {}

    Provisions(ProvisionRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /// {@return what is kept, by the food's name}
    @Transactional(readOnly = true)
    public Map<String, Counted> all() {
        return rows.findAll().stream().collect(Collectors.toMap(r -> r.food,
                r -> new Counted(provision(r), r.countedAt, r.countedBy)));
    }

    /// {@return what the kitchen pays, as far as it said so}
    @Transactional(readOnly = true)
    public Prices prices() {
        var prices = new HashMap<String, Price>();
        for (var row : rows.findAll()) provision(row).price().ifPresent(p -> prices.put(row.food, p));
        return new Prices(prices);
    }

    private static Provision provision(ProvisionRow row) {
        return new Provision(row.packGrams, row.haveGrams, row.supplier,
                Optional.ofNullable(row.priceAmount).map(p -> new Price(p, row.priceGrams)));
    }

    /// Writes down what is paid for a food, and leaves the rest as it is: nobody counted anything.
    public void price(String food, Price price, String by) {
        var row = rows.findById(food).orElseGet(() -> counted(new ProvisionRow(), by));
        row.food = food;
        priced(row, Optional.of(price));
        rows.saveAndFlush(row);
    }

    private ProvisionRow counted(ProvisionRow row, String by) {
        row.countedAt = Instant.now(clock);
        row.countedBy = by;
        return row;
    }

    private static void priced(ProvisionRow row, Optional<Price> price) {
        row.priceAmount = price.map(Price::amount).orElse(null);
        row.priceGrams = price.map(Price::grams).orElse(0);
    }

    /// Writes down how a food is bought and what is there; nothing of it where nothing is said.
    public void keep(String food, Provision provision, String by) {
        if (provision.equals(Provision.NONE)) {
            rows.deleteById(food);
            return;
        }
        var row = rows.findById(food).orElseGet(ProvisionRow::new);
        row.food = food;
        row.packGrams = provision.packGrams();
        row.haveGrams = provision.haveGrams();
        row.supplier = provision.supplier();
        priced(row, provision.price());
        rows.saveAndFlush(counted(row, by));
    }
}
