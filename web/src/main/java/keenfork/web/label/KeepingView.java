package keenfork.web.label;

import java.util.Comparator;
import java.util.List;
import keenfork.core.label.KeepBy;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.persistence.label.Keeping;
import org.jspecify.annotations.Nullable;

/// How long things keep here, and what laboratories found, as a page.
///
/// @param typed   what was typed, which stays when it is turned down
/// @param times   every keeping time
/// @param changes what was changed of them, the newest first
/// @param reports what is on file, the newest first
/// @param limit   the most gluten a dish that says gluten-free may hold, in words
/// @param dishes  those a report could be of
/// @param dish    the one that was chosen, or null
record KeepingView(Typed typed, List<KeepingTime> times, List<Said> changes, List<Said> reports, String limit,
        List<Choice> dishes, @Nullable Choice dish) {
    /// what was typed
    record Typed(String what, String days, String why, String mgPerKg, String on, String reference, String wrong) {
        static final Typed NOTHING = new Typed("", "", "", "", "", "", "");
    }

    /// A keeping time as it stands.
    ///
    /// @param source  where it is from
    /// @param caution what goes with it
    /// @param days    in the field, and why: as typed, or as in force
    record KeepingTime(String what, String length, String source, String caution, String days, String why) {}

    /// something that was done: what, and by whom and why
    record Said(String what, String rest) {}

    /// a dish
    record Choice(long id, String name) {}

    static KeepingView of(Menu menu, Keeping keeping, long dish, Typed typed, Format format) {
        var own = keeping.own();
        var times = KeepBy.times().stream().map(t -> time(t, own.get(t.what()), typed, format)).toList();
        var changes = keeping.history().stream().map(c -> new Said(
                c.what() + ": " + (c.days() == null ? "as shipped" : format.count(c.days(), "day", "days")),
                format.moment(c.at()) + format.then(c.by()) + ": " + c.why())).toList();
        var reports = keeping.reports().values().stream().sorted(Comparator.comparing(Keeping.Report::on).reversed())
                .map(r -> new Said(menu.dish(r.dish()).map(Menu.Dish::name).orElse("A dish that is off the menu"),
                        "%s mg/kg, %s, %s%s".formatted(r.mgPerKg().toPlainString(), format.day(r.on()), r.reference(),
                                format.then(r.by()))))
                .toList();
        var dishes = menu.dishes().stream().map(d -> new Choice(d.id(), d.name())).toList();
        return new KeepingView(typed, times, changes, reports, menu.ruleBook().asks().glutenFree().words(), dishes,
                dishes.stream().filter(d -> d.id == dish).findFirst().orElse(null));
    }

    private static KeepingTime time(KeepBy.Time shipped, @Nullable Integer own, Typed typed, Format format) {
        var days = own == null ? shipped.days() : own;
        var isTyped = typed.what.equals(shipped.what());
        return new KeepingTime(shipped.what(), format.count(days, "day", "days"),
                own == null ? shipped.source()
                        : "your own time; shipped %d, %s".formatted(shipped.days(), shipped.source()),
                shipped.caution(), isTyped ? typed.days : String.valueOf(days), isTyped ? typed.why : "");
    }
}
