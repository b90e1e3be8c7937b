package keenfork.web.persistence.pack;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.kitchen.LineLink;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.Edit;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.Version;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the packs in the larder. Every declaration a pack had is kept.
@Component
@Transactional
public class Packs {
    private final PackRows rows;
    private final PackVersionRows versions;
    private final LinePackRows links;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Packs(PackRows rows, PackVersionRows versions, LinePackRows links, ApplicationEventPublisher events, Clock clock) {
        this.rows = rows;
        this.versions = versions;
        this.links = links;
        this.events = events;
        this.clock = clock;
    }

    /// {@return every pack, by what it is called}
    @Transactional(readOnly = true)
    public List<Stored<LarderPack>> all() {
        return rows.findAllByOrderByLabelAscIdAsc().stream().map(Packs::stored).toList();
    }

    @Transactional(readOnly = true)
    public Optional<Stored<LarderPack>> find(long id) {
        return rows.findById(id).map(Packs::stored);
    }

    /// {@return every declaration the pack had, the newest first}
    @Transactional(readOnly = true)
    public List<Version<LarderPack>> versions(long id) {
        return versions.findAllByPackIdOrderByNumberDesc(id).stream().map(Packs::version).toList();
    }

    /// {@return what was changed since a moment, the oldest first}
    @Transactional(readOnly = true)
    public List<Edit> since(Instant moment) { return versions.since(moment); }

    @Transactional(readOnly = true)
    public Optional<Version<LarderPack>> version(long id, int number) {
        return versions.findByPackIdAndNumber(id, number).map(Packs::version);
    }

    /// {@return the key of a new pack; a spare one where its food has a usual pack already}
    /// @param by who read it, or an empty string
    public long add(LarderPack pack, String by) {
        var row = new PackRow();
        row.spare = pack.spare() || rows.findByFoodAndSpareFalse(pack.food()).isPresent();
        return keep(row, pack, by);
    }

    /// Stores what was read.
    /// @throws Conflict when it was changed meanwhile, or its food has another usual pack
    public void change(long id, long version, LarderPack pack, String by) {
        var row = rows.locked(id).orElseThrow(() -> new Conflict("This pack is no longer in the larder."));
        if (row.version != version)
            throw new Conflict(
                    "Somebody read this pack meanwhile. Compare with the declaration that is stored now, then save.");
        if (!row.food.equals(pack.food()) && rows.findByFoodAndSpareFalse(pack.food()).isPresent()) row.spare = true;
        keep(row, pack, by);
    }

    /// One pack of a table that is taken in.
    ///
    /// @param id      the pack it changes, or 0 for a new one
    /// @param version the version it was compared with
    public record Taken(long id, long version, LarderPack pack) {}

    /// Takes in all of a table, or nothing.
    /// @throws Conflict when any of its packs was changed meanwhile
    public void takeIn(List<Taken> table, String by) {
        for (var taken : table)
            if (taken.id() == 0) add(taken.pack(), by);
            else change(taken.id(), taken.version(), taken.pack(), by);
    }

    /// Makes a pack the usual one for its food; the one before stands by.
    public void makeUsual(long id) {
        var row = rows.findById(id).orElseThrow(() -> new Conflict("This pack is no longer in the larder."));
        rows.findByFoodAndSpareFalse(row.food).filter(r -> r != row).ifPresent(before -> {
            before.spare = true;
            rows.saveAndFlush(before);
        });
        row.spare = false;
        row.standsInOn = null;
        rows.saveAndFlush(row);
        events.publishEvent(Changed.ofPacks());
    }

    /// Lets a pack stand by. Where it was the usual one its food has none now, so that what such a product usually
    /// holds is assumed.
    public void standBy(long id) {
        var row = rows.findById(id).orElseThrow(() -> new Conflict("This pack is no longer in the larder."));
        row.spare = true;
        rows.saveAndFlush(row);
        events.publishEvent(Changed.ofPacks());
    }

    /// Lets a spare pack stand in for the usual one on one day, or no longer.
    /// @param day the day, or null to end it
    public void standIn(long id, @Nullable LocalDate day) {
        var row = rows.findById(id).orElseThrow(() -> new Conflict("This pack is no longer in the larder."));
        if (day != null) for (var other : rows.findAllByFoodAndStandsInOn(row.food, day)) other.standsInOn = null;
        row.standsInOn = day;
        rows.saveAndFlush(row);
        events.publishEvent(Changed.ofPacks());
    }

    /// {@return the lines that use a pack of their own}
    @Transactional(readOnly = true)
    public List<LineLink> links() {
        return links.findAllByOrderById().stream().map(r -> new LineLink(r.dishId, r.line, r.packId)).toList();
    }

    /// Links a line of a dish to a pack, in place of the pack it was linked to before.
    public void link(LineLink link) {
        var row = links.findByDishIdAndLine(link.dish(), link.line()).orElseGet(LinePackRow::new);
        row.dishId = link.dish();
        row.line = link.line();
        row.packId = link.pack();
        links.saveAndFlush(row);
        events.publishEvent(Changed.ofPacks());
    }

    public void unlink(long dish, String line) {
        links.findByDishIdAndLine(dish, line).ifPresent(links::delete);
        events.publishEvent(Changed.ofPacks());
    }

    /// two who read the first pack of a food at the same moment
    private PackRow saved(PackRow row) {
        try {
            return rows.saveAndFlush(row);
        } catch (DataIntegrityViolationException _) {
            throw new Conflict("Another pack for %s was stored at the same moment. Keep this one again: it stands by "
                    .formatted(row.food) + "until you say that it is the usual one.");
        }
    }

    private long keep(PackRow row, LarderPack pack, String by) {
        row.food = pack.food();
        row.label = pack.label();
        row.barCode = pack.barCode();
        row.law = pack.law();
        row.declaration = pack.declaration();
        row.readOn = pack.readOn();
        var id = saved(row).id;
        if (id == null) throw new IllegalStateException("a stored pack has a key");
        var version = new PackVersionRow();
        version.packId = id;
        version.number = versions.lastNumber(id) + 1;
        version.label = pack.label();
        version.food = pack.food();
        version.law = pack.law();
        version.declaration = pack.declaration();
        version.readOn = pack.readOn();
        version.savedAt = Instant.now(clock);
        version.savedBy = by;
        versions.save(version);
        events.publishEvent(Changed.ofPacks());
        return id;
    }

    private static Stored<LarderPack> stored(PackRow row) {
        if (row.id == null) throw new IllegalStateException("a stored pack has a key");
        return new Stored<>(row.id, row.version, new LarderPack(row.food, row.label, row.barCode, row.law,
                row.declaration, row.readOn, row.spare, row.standsInOn));
    }

    private static Version<LarderPack> version(PackVersionRow row) {
        return new Version<>(row.number, row.savedAt, row.savedBy,
                row.readOn == null ? "left unread" : "read " + row.readOn,
                new LarderPack(row.food, row.label, "", row.law, row.declaration, row.readOn));
    }
}
