package keenfork.web.persistence;

import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the packs in use.
@Component
@Transactional
public class Packs {
    private final PackRows rows;
    private final ApplicationEventPublisher events;

    Packs(PackRows rows, ApplicationEventPublisher events) {
        this.rows = rows;
        this.events = events;
    }

    /// {@return every pack, by what it is called}
    @Transactional(readOnly = true)
    public List<Stored<PackText>> all() {
        return rows.findAllByOrderByLabelAscIdAsc().stream().map(Packs::stored).toList();
    }

    @Transactional(readOnly = true)
    public Optional<Stored<PackText>> find(long id) {
        return rows.findById(id).map(Packs::stored);
    }

    public void add(PackText pack) {
        rows.saveAndFlush(filled(new PackRow(), pack));
        events.publishEvent(new Changed());
    }

    /// Stores what was read.
    /// @throws Conflict when it was changed meanwhile
    public void change(long id, long version, PackText pack) {
        var row = rows.findById(id).orElseThrow(() -> new Conflict("This pack is no longer in the larder."));
        if (row.version != version) throw new Conflict("Somebody read this pack meanwhile. Compare with the declaration that is stored now, then save.");
        rows.saveAndFlush(filled(row, pack));
        events.publishEvent(new Changed());
    }

    private static PackRow filled(PackRow row, PackText pack) {
        row.food = pack.food();
        row.label = pack.label();
        row.barCode = pack.barCode();
        row.law = pack.law();
        row.declaration = pack.declaration();
        row.readOn = pack.readOn();
        return row;
    }

    private static Stored<PackText> stored(PackRow row) {
        if (row.id == null) throw new IllegalStateException("a stored pack has a key");
        return new Stored<>(row.id, row.version, new PackText(row.food, row.label, row.barCode, row.law, row.declaration, row.readOn));
    }
}
