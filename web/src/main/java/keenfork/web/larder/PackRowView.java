package keenfork.web.larder;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import keenfork.core.kitchen.LarderPack;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.persistence.Stored;

/// A pack in the list: what it is for, when it was read, and which dishes use it. Its state is `unread`, `due` to be
/// read again, `spare`, or empty.
record PackRowView(long id, String label, String food, String barCode, String when, String state, String dishes) {
    private static final int MOST_NAMED = 2;

    static PackRowView of(Stored<LarderPack> pack, Menu menu, Format format) {
        var p = pack.value();
        var users = menu.taking(pack.id()).stream().map(u -> u.dish().name()).distinct().toList();
        return new PackRowView(pack.id(), p.label(), p.food(), p.barCode(), when(p, menu, format), state(pack, menu),
                words(users, menu.isInUse(pack), format));
    }

    /// {@return whether a word stands in its name, its food, its number or the dishes that use it}
    boolean holds(String words) {
        return List.of(label, food, barCode, dishes).stream().map(t -> t.toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(" ")).contains(words);
    }

    /// {@return a pack, or a question where its declaration is not relied on}
    public String symbol() { return state.equals("unread") || state.equals("due") ? "m-unknown" : "k-pack"; }

    private static String words(List<String> users, boolean inUse, Format format) {
        if (!inUse) return "stands by";
        if (users.isEmpty()) return "no dish uses it";
        return users.size() <= MOST_NAMED + 1 ? format.list(users)
                : format.list(List.of(users.get(0), users.get(1), (users.size() - MOST_NAMED) + " more"));
    }

    private static String when(LarderPack pack, Menu menu, Format format) {
        if (pack.readOn() == null) return "unread";
        var day = "read " + format.day(pack.readOn());
        if (menu.isDue(pack)) return day + ": read it again";
        return menu.day().equals(pack.standsInOn()) ? day + ", stands in today" : day;
    }

    private static String state(Stored<LarderPack> pack, Menu menu) {
        if (!menu.isInUse(pack)) return "spare";
        if (!pack.value().isRead()) return "unread";
        return menu.isDue(pack.value()) ? "due" : "";
    }
}
