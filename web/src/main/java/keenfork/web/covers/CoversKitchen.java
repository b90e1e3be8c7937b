package keenfork.web.covers;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.MenuDish;
import keenfork.core.people.Avoidances;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.dish.Courses;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.guest.Events;
import org.springframework.stereotype.Component;

/// The menu and its guests, as the covers see them: dishes by course, with their variants and the plates that are kept.
@Component
class CoversKitchen {
    static final String ONE_COURSE = "Menu";
    private final Events events;
    private final Courses courses;
    private final Variants variants;
    private final SetAsides asides;

    CoversKitchen(Events events, Courses courses, Variants variants, SetAsides asides) {
        this.events = events;
        this.courses = courses;
        this.variants = variants;
        this.asides = asides;
    }

    /// A dish of the menu with its key.
    record Served(long id, MenuDish dish) {}

    List<Events.Guests> kept() { return events.groups(); }

    List<GuestGroup> groups(Menu menu) {
        return events.groups().stream()
                .map(g -> new GuestGroup(g.name(), g.people(), Avoidances.of(g.avoids(), menu.ruleBook()))).toList();
    }

    /// {@return how many come to the event in force; 0 where nobody knows}
    int comes() { return events.inForce().map(e -> e.details().covers()).orElse(0); }

    /// {@return covers beyond the groups, who eat everything; 0 where nobody knows how many come}
    int rest(List<GuestGroup> groups) {
        return Math.max(0, comes() - groups.stream().mapToInt(GuestGroup::people).sum());
    }

    /// {@return the dishes, course by course; a variant stands with its original}
    List<Served> dishes(Menu menu) {
        var event = events.inForce();
        var chosen = event.map(e -> events.menu(e.id())).orElse(Map.of());
        var course = chosen.isEmpty() ? courses.all() : chosen;
        var made = variants.all().stream().collect(Collectors.groupingBy(Variants.Variant::original));
        var isVariant = variants.all().stream().map(Variants.Variant::dish).collect(Collectors.toSet());
        var plates = asides.all().stream().collect(Collectors.groupingBy(SetAsides.Aside::dish));
        var dishes = menu.dishes().stream().filter(d -> !isVariant.contains(d.id()))
                .filter(d -> chosen.isEmpty() || chosen.containsKey(d.id())).map(d -> new Served(d.id(),
                        new MenuDish(d.derivation(), course.getOrDefault(d.id(), ONE_COURSE),
                                made.getOrDefault(d.id(), List.of()).stream().flatMap(v -> menu.dish(v.dish()).stream())
                                        .map(Menu.Dish::derivation).toList(),
                                plates(plates.getOrDefault(d.id(), List.of()), menu))))
                .toList();
        return dishes.stream().map(d -> d.dish.course()).distinct()
                .flatMap(c -> dishes.stream().filter(d -> d.dish.course().equals(c))).toList();
    }

    private static List<MenuDish.Plates> plates(List<SetAsides.Aside> asides, Menu menu) {
        return asides.stream().map(a -> new MenuDish.Plates(a.kind() == SetAsides.Portions.TAKE_OFF,
                Avoidances.of(a.avoids(), menu.ruleBook()).all())).toList();
    }

    /// {@return every dish that could be on the menu, with its course; an empty course where it is not on it}
    List<OnMenu> all(Menu menu) {
        var isVariant = variants.all().stream().map(Variants.Variant::dish).collect(Collectors.toSet());
        var on = dishes(menu).stream().collect(Collectors.toMap(Served::id, d -> d.dish().course()));
        return menu.dishes().stream().filter(d -> !isVariant.contains(d.id()))
                .map(d -> new OnMenu(d.id(), d.name(), on.getOrDefault(d.id(), ""))).toList();
    }

    /// a dish that could be on the menu; its course is empty where it is not
    record OnMenu(long id, String name, String course) {}

    /// Says which course a dish is of; an empty string takes it off the menu of the event in force.
    void course(Menu menu, long dish, String course) {
        var event = events.inForce();
        if (event.isEmpty()) {
            courses.set(dish, course.equals(ONE_COURSE) ? "" : course);
            return;
        }
        // the first word on a menu that nobody chose is about the one that stands there
        if (events.menu(event.get().id()).isEmpty())
            dishes(menu).forEach(d -> events.serve(event.get().id(), d.id(), d.dish().course()));
        if (course.isEmpty()) events.takeOff(event.get().id(), dish);
        else events.serve(event.get().id(), dish, course);
    }
}
