package keenfork.web.kitchen;

import java.util.Comparator;
import java.util.List;
import keenfork.web.persistence.label.Labels;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/// Front door to the printed labels that are out, held against what is so. Worked out once, and kept until a fact
/// changes or a label is printed or taken back.
@Component
public class Paper {
    private final Kitchen kitchen;
    private final Labels labels;
    private volatile @Nullable Kept kept;

    private record Kept(Menu menu, long changes, List<OutOfDate> outOfDate) {}

    Paper(Kitchen kitchen, Labels labels) {
        this.kitchen = kitchen;
        this.labels = labels;
    }

    /// {@return the copies that are out and do not say any more what is so: what can hurt first, then the oldest}
    public List<OutOfDate> outOfDate() {
        var menu = kitchen.menu();
        var changes = labels.changes();
        var now = kept;
        if (now == null || now.menu != menu || now.changes != changes) {
            var all = labels.out().parallelStream().flatMap(p -> OutOfDate.of(menu, p).stream()).toList();
            now = new Kept(menu, changes, all.stream().sorted(
                    Comparator.comparing((OutOfDate o) -> !o.canHurt()).thenComparing(o -> o.printed().printed()))
                    .toList());
            kept = now;
        }
        return now.outOfDate;
    }
}
