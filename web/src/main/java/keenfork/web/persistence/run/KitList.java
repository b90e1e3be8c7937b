package keenfork.web.persistence.run;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.Conflict;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Front door to the kitchen's own pieces of kit and its own figures, with every change of them.
@Component
@Transactional
public class KitList {
    private final KitPieceRows pieceRows;
    private final KitFigureRows figureRows;
    private final KitChangeRows changeRows;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    /// A piece the kitchen has.
    ///
    /// @param id       its key
    /// @param kit      its kind
    /// @param keptFrom what must never go over it, in words; empty for nothing
    public record Piece(long id, String kit, String name, String keptFrom) {}

    /// A change of a piece or of a figure.
    ///
    /// @param was what stood there; empty where it is new
    /// @param now what stands there since; empty where it is gone
    /// @param by  who changed it, or an empty string
    public record Change(String what, String was, String now, String why, Instant at, String by) {
        /// {@return from what to what}
        public String turn() {
            return (was.isEmpty() ? "new" : was) + " → " + (now.isEmpty() ? "taken out" : now);
        }
    }

    KitList(KitPieceRows pieceRows, KitFigureRows figureRows, KitChangeRows changeRows,
            ApplicationEventPublisher events, Clock clock) {
        this.pieceRows = pieceRows;
        this.figureRows = figureRows;
        this.changeRows = changeRows;
        this.events = events;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Piece> pieces() {
        return pieceRows.findAllByRetiredFalseOrderById().stream()
                .map(r -> new Piece(r.id == null ? 0 : r.id, r.kit, r.name, r.keptFrom)).toList();
    }

    /// {@return the kitchen's own figures, as it wrote them, by what they are for}
    @Transactional(readOnly = true)
    public Map<String, String> figures() {
        var figures = new LinkedHashMap<String, String>();
        for (var row : figureRows.findAll()) figures.put(row.what, row.figure);
        return figures;
    }

    /// {@return the latest changes, the newest first}
    @Transactional(readOnly = true)
    public List<Change> history() {
        return changeRows.findTop100ByOrderByIdDesc().stream()
                .map(r -> new Change(r.what, r.was, r.now, r.why, r.changedAt, r.changedBy)).toList();
    }

    /// @throws Conflict where another piece has that name
    public void add(String kit, String name, String keptFrom, String by) {
        if (pieces().stream().anyMatch(p -> p.name().equalsIgnoreCase(name)))
            throw new Conflict("There is a %s already. Give this one a name of its own.".formatted(name));
        var row = new KitPieceRow();
        row.kit = kit;
        row.name = name;
        row.keptFrom = keptFrom;
        pieceRows.saveAndFlush(row);
        changed(name, "", keptFrom.isEmpty() ? "in the kitchen" : "in the kitchen, kept from " + keptFrom, "", by);
    }

    /// Keeps a piece from other things than before.
    public void keepFrom(long id, String keptFrom, String by) {
        pieceRows.findById(id).filter(r -> !r.keptFrom.equals(keptFrom)).ifPresent(r -> {
            changed(r.name, r.keptFrom.isEmpty() ? "kept from nothing" : "kept from " + r.keptFrom,
                    keptFrom.isEmpty() ? "kept from nothing" : "kept from " + keptFrom, "", by);
            r.keptFrom = keptFrom;
            pieceRows.save(r);
        });
    }

    public void retire(long id, String by) {
        pieceRows.findById(id).filter(r -> !r.retired).ifPresent(r -> {
            r.retired = true;
            pieceRows.saveAndFlush(r);
            changed(r.name, "in the kitchen", "", "", by);
        });
    }

    /// Holds a figure of the kitchen's own, or the table's again where none is given.
    /// @param what   what it is for, such as `residue:blender` or `clean:wash`
    /// @param name   the same in words
    /// @param figure as it is written, such as `10-40; 3-15`; empty for the table's
    /// @param table  the table's figure
    public void figure(String what, String name, String figure, String table, String why, String by) {
        var row = figureRows.findById(what);
        var was = row.map(r -> r.figure).orElse(table);
        if (figure.isEmpty() || figure.equals(table)) row.ifPresent(figureRows::delete);
        else {
            var kept = row.orElseGet(KitFigureRow::new);
            kept.what = what;
            kept.figure = figure;
            figureRows.save(kept);
        }
        var now = figure.isEmpty() ? table : figure;
        if (!was.equals(now)) changed(name, was, now, why, by);
    }

    private void changed(String what, String was, String now, String why, String by) {
        var row = new KitChangeRow();
        row.what = what;
        row.was = was;
        row.now = now;
        row.why = why;
        row.changedAt = Instant.now(clock);
        row.changedBy = by;
        changeRows.save(row);
        events.publishEvent(new Changed());
    }
}
