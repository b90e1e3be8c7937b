package keenfork.web.kitchen;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.people.Guests;
import keenfork.core.search.Budget;
import keenfork.core.swap.Accepted;
import keenfork.core.swap.Context;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Plans;
import keenfork.core.swap.Role;
import keenfork.core.swap.Swap;
import keenfork.core.swap.SwapPlanner;
import keenfork.core.swap.Swaps;
import keenfork.core.trace.Fact;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.pack.Provisions;
import keenfork.web.persistence.settings.OwnSwaps;
import keenfork.web.persistence.settings.Settings;
import org.springframework.stereotype.Component;

/// Plans swaps with what this kitchen has: its packs, its guests and its own table.
@Component
public class SwapStock {
    private static final String SOURCE = "this kitchen";
    private static final int PLANS = 5;
    private final Events events;
    private final OwnSwaps ownSwaps;
    private final Settings settings;
    private final Provisions provisions;

    SwapStock(Events events, OwnSwaps ownSwaps, Settings settings, Provisions provisions) {
        this.events = events;
        this.ownSwaps = ownSwaps;
        this.settings = settings;
        this.provisions = provisions;
    }

    /// {@return the groups of guests that are kept}
    public List<Events.Guests> groups() { return events.groups(); }

    /// {@return the table as this kitchen uses it}
    public Swaps table() {
        var table =
                Swaps.shipped().with(ownSwaps.all().stream().map(SwapStock::swap).toList()).without(ownSwaps.off())
                        .liking(ownSwaps.liked());
        return settings.creams().map(table::preferring).orElse(table);
    }

    /// {@return a swap as the kitchen wrote it}
    /// @throws IllegalArgumentException saying what cannot be read
    public static Swap swap(OwnSwaps.Own own) {
        return new Swap(own.swap(), Swaps.foods(own.replaces()),
                Map.of(Role.of(own.role()), Swaps.closeness(own.closeness())), Swaps.ingredients(own.goesIn()),
                own.preparation(), "", Swaps.lead(own.lead()), Swap.Effects.NONE, "", "", SOURCE, false);
    }

    /// {@return what plans are made with, as it is kept at this moment}
    public Context context(Menu menu) {
        var packs = menu.packsToChoose().stream().map(menu::inUse).toList();
        var guests = groups().stream()
                .map(g -> new Guests(g.name(), g.people(), Avoidances.of(g.avoids(), menu.ruleBook()).all())).toList();
        return new Context(menu.facts(), menu.ruleBook(), menu.volumes(), table(), Map.of(), packs, guests,
                provisions.prices());
    }

    /// {@return the groups of guests of whose words some are not understood}
    public List<String> unclear(Menu menu) {
        return groups().stream().filter(g -> !Avoidances.of(g.avoids(), menu.ruleBook()).unread().isEmpty())
                .map(Events.Guests::name).toList();
    }

    /// {@return the plans for a dish}
    public static Plans plan(Context context, Menu.Dish dish, List<Avoidance> avoid) {
        return new SwapPlanner(context, avoid).plan(dish.derivation().recipe(), PLANS, Budget.USUAL);
    }

    /// {@return a plan as it is written into the recipe}
    public static Accepted accepted(Menu menu, Menu.Dish dish, Plan plan, List<Avoidance> avoid) {
        return new Accepted(dish.stored().value().text(), plan, avoid, menu.facts(), menu::read);
    }

    /// {@return the key of the pack a plan changes to}
    public static Optional<Long> key(Menu menu, Fact.PackInUse pack) {
        return menu.packsToChoose().stream().filter(p -> menu.inUse(p).equals(pack)).map(p -> p.id()).findFirst();
    }
}
