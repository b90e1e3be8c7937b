package keenfork.web.persistence.pack;

import java.time.Clock;
import java.time.Instant;
import java.util.Map;
import java.util.stream.Collectors;
import keenfork.core.covers.Provision;
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
                r -> new Counted(new Provision(r.packGrams, r.haveGrams, r.supplier), r.countedAt, r.countedBy)));
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
        row.countedAt = Instant.now(clock);
        row.countedBy = by;
        rows.saveAndFlush(row);
    }
}
