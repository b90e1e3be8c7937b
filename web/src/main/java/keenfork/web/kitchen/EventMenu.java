package keenfork.web.kitchen;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.covers.Appetite;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.MenuDish;
import keenfork.core.people.Avoidances;
import keenfork.web.persistence.ServedAt;
import keenfork.web.persistence.dish.Courses;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.settings.Settings;
import org.springframework.stereotype.Component;

/// The menu and its guests, as the covers see them: dishes by course, with their variants and the plates that are kept.
@Component
public class EventMenu {
    /// what a dish is served in where nobody said
    public static final String ONE_COURSE = "Menu";
    private final Events events;
    private final Courses courses;
    private final Variants variants;
    private final SetAsides asides;
    private final Settings settings;

    EventMenu(Events events, Courses courses, Variants variants, SetAsides asides, Settings settings) {
        this.events = events;
        this.courses = courses;
        this.variants = variants;
        this.asides = asides;
        this.settings = settings;
    }

    /// A dish of the menu with its key, and where it stands.
    public record Served(long id, MenuDish dish, ServedAt at) {
        private int place() { return at.turn() == 0 ? Integer.MAX_VALUE : at.turn(); }
    }

    public List<Events.Guests> kept() { return events.groups(); }

    public List<GuestGroup> groups(Menu menu) {
        return events.groups().stream()
                .map(g -> new GuestGroup(g.name(), g.people(), Avoidances.of(g.avoids(), menu.ruleBook()))).toList();
    }

    /// {@return how many come to the event in force; 0 where nobody knows}
    public int comes() { return events.inForce().map(e -> e.details().covers()).orElse(0); }

    /// {@return covers beyond the groups, who eat everything; 0 where nobody knows how many come}
    public int rest(List<GuestGroup> groups) {
        return Math.max(0, comes() - groups.stream().mapToInt(GuestGroup::people).sum());
    }

    /// {@return how much the guests take}
    public Appetite appetite() { return settings.appetite(); }

    /// {@return the dishes in serving order, course by course; a variant stands with its original}
    public List<Served> dishes(Menu menu) {
        var event = events.inForce();
        var chosen = event.map(e -> events.menu(e.id())).orElse(Map.of());
        var places = chosen.isEmpty() ? courses.all() : chosen;
        var made = variants.all().stream().collect(Collectors.groupingBy(Variants.Variant::original));
        var isVariant = variants.all().stream().map(Variants.Variant::dish).collect(Collectors.toSet());
        var plates = asides.all().stream().collect(Collectors.groupingBy(SetAsides.Aside::dish));
        return inOrder(menu.dishes().stream().filter(d -> !isVariant.contains(d.id()))
                .filter(d -> chosen.isEmpty() || chosen.containsKey(d.id())).map(d -> {
                    var at = places.getOrDefault(d.id(), ServedAt.NOWHERE);
                    return new Served(d.id(), new MenuDish(d.derivation(),
                            at.course().isEmpty() ? ONE_COURSE : at.course(),
                            made.getOrDefault(d.id(), List.of()).stream().flatMap(v -> menu.dish(v.dish()).stream())
                                    .map(Menu.Dish::derivation).toList(),
                            plates(plates.getOrDefault(d.id(), List.of()), menu)), at);
                }).toList());
    }

    /// {@return the dishes in serving order, each with its variants behind it}
    public List<Menu.Dish> inOrder(Menu menu) {
        var made = variants.all().stream().collect(Collectors.groupingBy(Variants.Variant::original,
                Collectors.mapping(Variants.Variant::dish, Collectors.toList())));
        return dishes(menu).stream()
                .flatMap(d -> Stream.concat(Stream.of(d.id), made.getOrDefault(d.id, List.of()).stream()))
                .flatMap(id -> menu.dish(id).stream()).toList();
    }

    /// A course stands where the first of its dishes does; what has no turn stands behind what has one, as on the menu.
    private static List<Served> inOrder(List<Served> dishes) {
        var byTurn = dishes.stream().sorted(Comparator.comparingInt(Served::place)).toList();
        return byTurn.stream().map(d -> d.dish.course()).distinct()
                .flatMap(c -> byTurn.stream().filter(d -> d.dish.course().equals(c))).toList();
    }

    private static List<MenuDish.Plates> plates(List<SetAsides.Aside> asides, Menu menu) {
        return asides.stream().map(a -> new MenuDish.Plates(a.kind() == SetAsides.Portions.TAKE_OFF,
                Avoidances.of(a.avoids(), menu.ruleBook()).all())).toList();
    }

    /// {@return every dish that could be on the menu, with where it stands; an empty course where it is not on it}
    public List<OnMenu> all(Menu menu) {
        var isVariant = variants.all().stream().map(Variants.Variant::dish).collect(Collectors.toSet());
        var on = dishes(menu).stream()
                .collect(Collectors.toMap(Served::id, d -> d.at.in(d.dish.course())));
        return menu.dishes().stream().filter(d -> !isVariant.contains(d.id()))
                .map(d -> new OnMenu(d.id(), d.name(), on.getOrDefault(d.id(), ServedAt.NOWHERE))).toList();
    }

    /// a dish that could be on the menu; its course is empty where it is not
    public record OnMenu(long id, String name, ServedAt at) {
        /// {@return its turn as it is typed; empty for none}
        public String turn() { return at.turn() == 0 ? "" : String.valueOf(at.turn()); }
    }

    /// Says where a dish stands; an empty course takes it off the menu of the event in force.
    public void place(Menu menu, long dish, ServedAt at) {
        var event = events.inForce();
        if (event.isEmpty()) {
            courses.set(dish, at.course().equals(ONE_COURSE) ? at.in("") : at);
            return;
        }
        // the first word on a menu that nobody chose is about the one that stands there
        if (events.menu(event.get().id()).isEmpty())
            dishes(menu).forEach(d -> events.serve(event.get().id(), d.id(), d.at.in(d.dish.course())));
        if (at.course().isEmpty()) events.takeOff(event.get().id(), dish);
        else events.serve(event.get().id(), dish, at);
    }
}
