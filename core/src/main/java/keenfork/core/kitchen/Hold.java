package keenfork.core.kitchen;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import keenfork.core.label.Kind;
import keenfork.core.label.Statement;
import org.jspecify.annotations.Nullable;

/// What a label waits for.
public sealed interface Hold {
    /// a label on packed food waits until these are known, or somebody answers for it with a name and a reason
    record NotKnown(List<String> what) implements Hold {
        public NotKnown {
            what = List.copyOf(what);
        }
    }

    /// its day is later than the dish keeps, which would call it back as soon as it is out
    ///
    /// @param days for so many it keeps
    record KeepsShorter(int days) implements Hold {}

    /// {@return what holds a label of a dish; nothing where it may print}
    /// @param unknown  what is not known of it, as [Statement#waitsFor] tells
    /// @param answered whether somebody answers for what is not known
    /// @param keepBy   the day it would say, or null for none
    static List<Hold> of(DishNow dish, Kind kind, List<String> unknown, boolean answered, LocalDate made,
            @Nullable LocalDate keepBy) {
        var holds = new ArrayList<Hold>();
        if (kind.isPacked() && !unknown.isEmpty() && !answered) holds.add(new NotKnown(unknown));
        if (keepBy != null && keepBy.isAfter(dish.keepsUntil(made))) holds.add(new KeepsShorter(dish.keeps().days()));
        return holds;
    }
}
