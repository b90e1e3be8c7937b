package keenfork.web.page;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.covers.Eats;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.trace.Derivation;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.dish.SetAsides;

/// Portions set aside, in the words that hold for the dish as it is now.
///
/// @param id    its key
/// @param title what it is without, and for how many
/// @param words what to do; or why it helps no longer
/// @param holds whether it still keeps what must be out away from them
public record AsideView(long id, String title, String words, boolean holds) {
    /// {@return it as the dish stands now}
    public static AsideView of(SetAsides.Aside aside, Menu menu, Menu.Dish dish, Format format) {
        var avoid = Avoidances.of(aside.avoids(), menu.ruleBook());
        var title = "%s%s".formatted(avoid.inWords(),
                aside.people() == 0 ? "" : ", for " + format.count(aside.people(), "person", "people"));
        var does = !avoid.unread().isEmpty() ? "" : switch (aside.kind()) {
            case HOLD_BACK -> holdBack(dish.derivation(), avoid.all(), format);
            case TAKE_OFF -> takeOff(dish.derivation(), avoid.all(), aside.people(), format);
        };
        return new AsideView(aside.id(), title,
                does.isEmpty() ? "This does not keep it away from them as the dish is now. Plan again." : does,
                !does.isEmpty());
    }

    /// {@return which parts stay off or beside so that people get it without what must be out, or an empty string where
    /// that does not help}
    public static String holdBack(Derivation dish, List<Avoidance> avoid, Format format) {
        var eats = Eats.of(dish, avoid);
        if (eats == Eats.AS_MADE) return "Nothing that must be out was found in it: they get it as it is.";
        if (eats != Eats.HELD_BACK) return "";
        var held = new ArrayList<String>();
        for (var p = 0; p < dish.recipe().parts().size(); p++) {
            var at = p;
            var part = dish.recipe().parts().get(p);
            if (part.kind().comesOff() && dish.evidence().stream()
                    .anyMatch(e -> e.isOfLine() && e.isOfPart(at)
                            && avoid.stream().anyMatch(a -> a.against(e) != Avoidance.Answer.NOTHING)))
                held.add("%s (%s)".formatted(part.name().toLowerCase(),
                        format.list(part.lines().stream().map(l -> l.text()).toList())));
        }
        // what is only named, such as a food avoided by its word, may stand in any of them
        return "Hold back the %s.".formatted(held.isEmpty() ? "topping and what stands beside it" : format.list(held));
    }

    private static String takeOff(Derivation dish, List<Avoidance> avoid, int people, Format format) {
        var split = SplitView.of(dish, avoid, people, format);
        if (split == null) return "";
        return "Take %s off before step %d, “%s”. They go without %s. Finish this tub first.".formatted(
                split.takeOff().isEmpty() ? "their portions" : split.takeOff(), split.step(), split.text(),
                split.without());
    }
}
