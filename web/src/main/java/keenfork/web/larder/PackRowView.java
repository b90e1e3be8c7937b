package keenfork.web.larder;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Stored;

/// A pack in the list: what it is for, when it was read, and which dishes use it.
record PackRowView(long id, String label, String food, String when, boolean isRead, String dishes) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);

    static PackRowView of(Stored<PackText> pack, Menu menu, Format format) {
        var p = pack.value();
        List<String> users = menu.dishes().stream().filter(d -> d.derivation().recipe().lines().stream()
                .anyMatch(l -> l.food().map(f -> f.name().equals(p.food())).orElse(false))).map(Menu.Dish::name).toList();
        return new PackRowView(pack.id(), p.label(), p.food(), p.readOn() == null ? "unread" : "read " + DAY.format(p.readOn()), p.isRead(),
                users.isEmpty() ? "no dish uses it" : format.list(users));
    }
}
