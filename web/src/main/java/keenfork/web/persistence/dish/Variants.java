package keenfork.web.persistence.dish;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to dishes that were made from another one for people who avoid something.
@Component
@Transactional
public class Variants {
    private final VariantRows rows;
    private final DishVersionRows versions;
    private final Clock clock;

    /// A variant of a dish.
    ///
    /// @param dish     the variant's key
    /// @param original the key of the dish it was made from
    /// @param number   the version of the original that it was made from, or was last held against
    /// @param newest   the newest version of the original
    /// @param avoids   what it is without, in words of the command line
    /// @param made     when it was made
    /// @param by       who made it, or an empty string
    public record Variant(long dish, long original, int number, int newest, String avoids, Instant made, String by) {
        /// {@return whether the original was changed since}
        public boolean asks() { return newest > number; }
    }

    Variants(VariantRows rows, DishVersionRows versions, Clock clock) {
        this.rows = rows;
        this.versions = versions;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Variant> all() {
        return rows.findAllByOrderByDishId().stream().map(this::variant).toList();
    }

    @Transactional(readOnly = true)
    public Optional<Variant> find(long dish) { return rows.findById(dish).map(this::variant); }

    /// Notes that a dish was made from the newest version of another, or made from it anew.
    public void keep(long dish, long original, String avoids, String by) {
        var row = rows.findById(dish).orElseGet(VariantRow::new);
        row.dishId = dish;
        row.originalId = original;
        row.originalNumber = versions.lastNumber(original);
        row.avoids = avoids;
        row.madeAt = Instant.now(clock);
        row.madeBy = by;
        rows.saveAndFlush(row);
    }

    /// The variant stays as it is, though its original was changed.
    public void settle(long dish) {
        rows.findById(dish).ifPresent(row -> {
            row.originalNumber = versions.lastNumber(row.originalId);
            rows.saveAndFlush(row);
        });
    }

    /// The dish goes its own way.
    public void unlink(long dish) { rows.findById(dish).ifPresent(rows::delete); }

    private Variant variant(VariantRow row) {
        return new Variant(row.dishId, row.originalId, row.originalNumber, versions.lastNumber(row.originalId),
                row.avoids, row.madeAt, row.madeBy);
    }
}
