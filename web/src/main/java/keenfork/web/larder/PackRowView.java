package keenfork.web.larder;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Stored;

/// A pack in the list: what it is for, when it was read, and which dishes use it. Its state is `unread`, `due` to be read again, or empty.
record PackRowView(long id, String label, String food, String when, String state, String dishes) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);

    static PackRowView of(Stored<PackText> pack, Menu menu, Format format) {
        var p = pack.value();
        List<String> users = menu.dishes().stream().filter(d -> d.derivation().recipe().lines().stream()
                .anyMatch(l -> l.food().map(f -> f.name().equals(p.food())).orElse(false))).map(Menu.Dish::name).toList();
        return new PackRowView(pack.id(), p.label(), p.food(), when(p, menu), state(p, menu),
                users.isEmpty() ? "no dish uses it" : format.list(users));
    }

    private static String when(PackText pack, Menu menu) {
        if (pack.readOn() == null) return "unread";
        var day = "read " + DAY.format(pack.readOn());
        return menu.isDue(pack) ? day + ": read it again" : day;
    }

    private static String state(PackText pack, Menu menu) {
        return !pack.isRead() ? "unread" : menu.isDue(pack) ? "due" : "";
    }
}
