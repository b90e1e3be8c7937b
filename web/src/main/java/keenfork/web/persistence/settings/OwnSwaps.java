package keenfork.web.persistence.settings;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the kitchen's own swaps, to those of the shipped table that it does not use, and
/// to those it would rather do than others.
@Component
@Transactional
public class OwnSwaps {
    /// what the id of an own swap begins with
    private static final String OWN = "own-";
    private final OwnSwapRows rows;
    private final SwapOffRows offRows;
    private final SwapLikedRows likedRows;
    private final Clock clock;

    /// A swap as the kitchen wrote it.
    ///
    /// @param id          its key; 0 for one that is not kept yet
    /// @param replaces    foods, parted by `;`
    /// @param role        what it does in a dish
    /// @param goesIn      what goes in, such as `silken tofu 0.8-0.9, olive oil 0.1`
    /// @param preparation how, in kitchen words
    /// @param lead        minutes, such as `30-45`
    /// @param closeness   how near it comes, 0 to 1
    public record Own(long id, String replaces, String role, String goesIn, String preparation, String lead,
            String closeness) {
        /// {@return its id in the table of swaps}
        public String swap() { return OWN + id; }
    }

    OwnSwaps(OwnSwapRows rows, SwapOffRows offRows, SwapLikedRows likedRows, Clock clock) {
        this.rows = rows;
        this.offRows = offRows;
        this.likedRows = likedRows;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Own> all() {
        return rows.findAllByOrderById().stream().map(
                r -> new Own(r.id == null ? 0 : r.id, r.replaces, r.role, r.goesIn, r.preparation, r.lead, r.closeness))
                .toList();
    }

    public void add(Own own, String by) {
        var row = new OwnSwapRow();
        row.replaces = own.replaces();
        row.role = own.role();
        row.goesIn = own.goesIn();
        row.preparation = own.preparation();
        row.lead = own.lead();
        row.closeness = own.closeness();
        row.changedAt = Instant.now(clock);
        row.changedBy = by;
        rows.saveAndFlush(row);
    }

    public void remove(long id) {
        rows.deleteById(id);
        offRows.deleteById(OWN + id);
        likedRows.deleteById(OWN + id);
    }

    /// {@return the ids of the swaps that are turned off}
    @Transactional(readOnly = true)
    public Set<String> off() { return offRows.findAll().stream().map(r -> r.swap).collect(Collectors.toSet()); }

    public void turnOff(String swap, String by) {
        offRows.saveAndFlush(said(new SwapOffRow(), swap, by));
    }

    private <R extends SwapSaidRow> R said(R row, String swap, String by) {
        row.swap = swap;
        row.changedAt = Instant.now(clock);
        row.changedBy = by;
        return row;
    }

    public void turnOn(String swap) { offRows.deleteById(swap); }

    /// {@return the ids of the swaps that the kitchen would rather do than others}
    @Transactional(readOnly = true)
    public Set<String> liked() { return likedRows.findAll().stream().map(r -> r.swap).collect(Collectors.toSet()); }

    public void like(String swap, String by) {
        likedRows.saveAndFlush(said(new SwapLikedRow(), swap, by));
    }

    public void unlike(String swap) { likedRows.deleteById(swap); }
}
