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

    /// the food was made so long ago that its day is over before its label is out
    ///
    /// @param until the day it kept until
    record Over(LocalDate until) implements Hold {}

    /// The days of a label.
    ///
    /// @param made   the day the food was made
    /// @param keepBy the day the label would say, or null for none
    /// @param today  the day it would print
    record Days(LocalDate made, @Nullable LocalDate keepBy, LocalDate today) {}

    /// {@return what holds a label of a dish; nothing where it may print}
    /// @param unknown  what is not known of it, as [Statement#waitsFor] tells
    /// @param answered whether somebody answers for what is not known
    static List<Hold> of(DishNow dish, Kind kind, List<String> unknown, boolean answered, Days days) {
        var holds = new ArrayList<Hold>();
        if (kind.isPacked() && !unknown.isEmpty() && !answered) holds.add(new NotKnown(unknown));
        var keepBy = days.keepBy();
        if (keepBy == null) return holds;
        if (keepBy.isAfter(dish.keepsUntil(days.made()))) holds.add(new KeepsShorter(dish.keeps().days()));
        if (keepBy.isBefore(days.today())) holds.add(new Over(keepBy));
        return holds;
    }
}
