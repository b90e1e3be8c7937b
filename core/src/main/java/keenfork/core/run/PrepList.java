package keenfork.core.run;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import keenfork.core.food.Words;

/// What is to be done for a menu, by when: what is laid on the day before comes first, what must be as late as may be
/// last. No clock and no kit: for those who plan their day themselves.
///
/// @param dayBefore what is laid on the day before
/// @param day       what is done on the day, what goes into other dishes before them
/// @param last      what is done just before it is served
public record PrepList(List<OfDish> dayBefore, List<OfDish> day, List<OfDish> last) {
    /// What is done for one dish, in the order of its method.
    public record OfDish(String dish, int portions, List<Task> tasks) {
        public OfDish {
            tasks = List.copyOf(tasks);
        }
    }

    public PrepList {
        dayBefore = List.copyOf(dayBefore);
        day = List.copyOf(day);
        last = List.copyOf(last);
    }

    /// {@return the list of some batches}
    public static PrepList of(List<Batch> batches) {
        var inOrder = new FirstWhatIsUsed(batches).order();
        return new PrepList(those(inOrder, Task::isDayBefore), those(inOrder, t -> !t.isDayBefore() && !t.isFresh()),
                those(inOrder, t -> !t.isDayBefore() && t.isFresh()));
    }

    private static List<OfDish> those(List<Batch> batches, Predicate<Task> when) {
        var all = new ArrayList<OfDish>();
        for (var batch : batches) {
            var tasks = batch.tasks().stream().filter(when).toList();
            if (!tasks.isEmpty()) all.add(new OfDish(batch.dish(), batch.portions(), tasks));
        }
        return all;
    }

    public boolean isEmpty() { return dayBefore.isEmpty() && day.isEmpty() && last.isEmpty(); }

    /// Each dish behind those that go into it, else in the order of the menu; dishes that use each other in a ring keep
    /// that order.
    private static final class FirstWhatIsUsed {
        private final Map<String, Batch> byName = new LinkedHashMap<>();
        private final List<Batch> order = new ArrayList<>();
        private final Set<String> seen = new HashSet<>();

        FirstWhatIsUsed(List<Batch> batches) {
            for (var batch : batches) byName.putIfAbsent(Words.key(batch.dish()), batch);
        }

        List<Batch> order() {
            for (var name : byName.keySet()) take(name);
            return order;
        }

        private void take(String name) {
            var batch = byName.get(name);
            if (batch == null || !seen.add(name)) return;
            for (var used : batch.needs().keySet()) take(Words.key(used));
            order.add(batch);
        }
    }
}
