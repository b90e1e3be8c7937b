package keenfork.web.larder;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.recipe.Line;
import keenfork.web.kitchen.Effect;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.EffectView;
import keenfork.web.page.Format;
import keenfork.web.persistence.Stored;

/// A pack as stored: when it was read and is due, which lines take it, and what stands by for its food.
///
/// @param state   `unread`, `due`, `spare`, `stand-in` or `used`
/// @param users   the lines that take it today
/// @param finds   lines that may be linked to it
/// @param rivals  other packs of the same food
/// @param effects what it would change to let it stand in today; for a spare pack only
record PackView(String state, String when, String due, List<LineUse> users, List<LineUse> finds, List<Rival> rivals,
        List<EffectView> effects) {
    private static final int MOST_LINES = 12;

    /// a line of a dish
    record LineUse(long dish, String name, String line, boolean linked) {
        /// {@return the dish, and that another pack explains the line today where one does}
        public String words() { return linked ? name + ", linked to another pack" : name; }
    }

    /// another pack of the same food
    record Rival(long id, String label, String words) {}

    public boolean isSpare() { return state.equals("spare"); }

    public boolean isStandIn() { return state.equals("stand-in"); }

    public boolean isUsual() { return !isSpare() && !isStandIn(); }

    /// {@return what to say where no line takes it}
    public String unused() {
        return isSpare() ? "It stands by. No line takes it today." : "No line of a dish takes it.";
    }

    /// {@return how it stands among the packs of its food}
    public String standing() {
        if (isSpare()) return "It stands by";
        return isStandIn() ? "It stands in today" : "The usual pack";
    }

    static PackView of(Stored<LarderPack> pack, String find, Kitchen kitchen, Format format) {
        var menu = kitchen.menu();
        var p = pack.value();
        var when = p.readOn() == null ? "Not read yet" : "Read " + format.day(p.readOn());
        var due = p.readOn() == null ? "" : due(p.readOn(), menu, format);
        var rivals = menu.packs().stream().filter(o -> o.id() != pack.id() && o.value().food().equals(p.food()))
                .map(o -> new Rival(o.id(), o.value().label(), words(o.value(), menu))).toList();
        var effects = p.spare() && !menu.day().equals(p.standsInOn()) ? Effect
                .between(menu, kitchen.menuWithStandIn(pack.id())).stream().map(e -> EffectView.of(e, format)).toList()
                : List.<EffectView>of();
        return new PackView(state(p, menu), when, due, users(pack, menu), finds(pack, find, menu), rivals, effects);
    }

    private static String state(LarderPack pack, Menu menu) {
        if (menu.day().equals(pack.standsInOn())) return "stand-in";
        if (pack.spare()) return "spare";
        if (!pack.isRead()) return "unread";
        return menu.isDue(pack) ? "due" : "used";
    }

    private static String due(LocalDate read, Menu menu, Format format) {
        return menu.readAgain().isDue(read, menu.day()) ? "long due to be read again"
                : "due again " + format.day(menu.readAgain().until(read));
    }

    private static String words(LarderPack pack, Menu menu) {
        if (menu.day().equals(pack.standsInOn())) return "stands in today";
        return pack.spare() ? "stands by" : "the usual one";
    }

    private static Stream<LineUse> lines(Menu menu) {
        return menu.dishes().stream()
                .flatMap(d -> d.derivation().recipe().lines().stream()
                        .filter(l -> l.pack() == null && l.dish().isEmpty())
                        .map(l -> new LineUse(d.id(), d.name(), l.text(), menu.isLinked(d.id(), l))));
    }

    private static List<LineUse> users(Stored<LarderPack> pack, Menu menu) {
        return menu.taking(pack.id()).stream()
                .map(u -> new LineUse(u.dish().id(), u.dish().name(), u.line().text(), u.linked())).distinct().toList();
    }

    /// Lines that read like what is looked for; or else those that name nothing the table holds, which a pack may
    /// explain.
    private static List<LineUse> finds(Stored<LarderPack> pack, String find, Menu menu) {
        var words = find.strip().toLowerCase(Locale.ROOT);
        var taken = users(pack, menu);
        if (!words.isEmpty())
            return lines(menu).filter(l -> (l.line + " " + l.name).toLowerCase(Locale.ROOT).contains(words))
                    .filter(l -> !taken.contains(l)).distinct().limit(MOST_LINES).toList();
        return menu.dishes().stream()
                .flatMap(d -> d.derivation().recipe().lines().stream().filter(Line::isUnread)
                        .map(l -> new LineUse(d.id(), d.name(), l.text(), false)))
                .filter(l -> taken.stream().noneMatch(t -> t.dish == l.dish && t.line.equals(l.line))).distinct()
                .limit(MOST_LINES).toList();
    }
}
