package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// One piece of work of a batch.
///
/// @param text    what is done, in the recipe's own words
/// @param takes   what goes in with it, in amounts for the people it is made for
/// @param kit     the kinds of kit it goes over
/// @param hands   hands-on minutes, 1 or more
/// @param waits   minutes it goes on by itself afterwards, on its kit, 0 or more
/// @param goes    in how many goes it is done, where its kit does not hold all at once; 1 or more
/// @param after   the tasks that must be done before, by their places in the batch
/// @param windows what is said of its time
public record Task(String text, List<String> takes, List<Kit> kit, int hands, int waits, int goes, List<Integer> after,
        List<Window> windows) {
    public Task {
        takes = List.copyOf(takes);
        kit = List.copyOf(kit);
        after = List.copyOf(after);
        windows = List.copyOf(windows);
        if (hands < 1 || waits < 0 || goes < 1)
            throw new IllegalArgumentException("a task takes hands for a minute or more: %d, %d, %d".formatted(hands,
                    waits, goes));
    }

    /// A task of which no time is said.
    public Task(String text, List<Kit> kit, int hands, int waits, List<Integer> after) {
        this(text, List.of(), kit, hands, waits, 1, after, List.of());
    }

    /// {@return the same over one more kind of kit}
    Task alsoOn(Kit other) {
        if (kit.contains(other)) return this;
        var all = new ArrayList<>(kit);
        all.add(other);
        return new Task(text, takes, all, hands, waits, goes, after, windows);
    }

    /// {@return the same with what goes in}
    Task taking(List<String> lines) { return new Task(text, lines, kit, hands, waits, goes, after, windows); }

    /// {@return the same once other tasks are done}
    Task after(List<Integer> tasks) { return new Task(text, takes, kit, hands, waits, goes, tasks, windows); }

    /// {@return what is said of a kind of its time, or empty}
    public Optional<Window> window(Window.When kind) {
        return windows.stream().filter(w -> w.kind() == kind).findFirst();
    }

    public boolean isDayBefore() { return window(Window.When.DAY_BEFORE).isPresent(); }

    public boolean isFresh() { return window(Window.When.FRESH).isPresent(); }
}
