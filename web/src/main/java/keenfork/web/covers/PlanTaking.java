package keenfork.web.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import keenfork.core.covers.Change;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.ServePlan;
import keenfork.core.people.Avoidances;
import keenfork.core.swap.Plan;
import keenfork.format.CoverWords;
import keenfork.web.kitchen.Accepting;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.ServedAt;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.TakenPlans;
import keenfork.web.persistence.guest.Events;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Does what a plan over the whole menu says, all of it or nothing, and takes it back.
@Component
@Transactional
class PlanTaking {
    private final Accepting accepting;
    private final SetAsides asides;
    private final TakenPlans taken;
    private final EventMenu served;

    /// Whom a plan is for: groups with what is kept of each, in the same order.
    ///
    /// @param event the event, 0 for the counter of every day
    record Guests(long event, List<GuestGroup> groups, List<Events.Guests> kept) {}

    PlanTaking(Accepting accepting, SetAsides asides, TakenPlans taken, EventMenu served) {
        this.accepting = accepting;
        this.asides = asides;
        this.taken = taken;
        this.served = served;
    }

    /// @param only the places of the changes that are taken, from 0; empty for all of them
    /// @param by   who takes it, or an empty string
    /// @throws Conflict where the text of a dish does not bear its change, or somebody changed it meanwhile
    void take(Menu menu, ServePlan plan, Guests guests, List<Integer> only, String by) {
        var done = new ArrayList<TakenPlans.Done>();
        for (var at = 0; at < plan.changes().size(); at++) {
            if (!only.isEmpty() && !only.contains(at)) continue;
            var change = plan.changes().get(at);
            var dish = menu.dishes().stream().filter(d -> d.derivation().equals(change.dish().dish())).findFirst()
                    .orElseThrow(() -> new Conflict("%s is not on the menu any more.".formatted(change.dish().name())));
            var kept = keep(menu, dish, change, plan, guests, by);
            if (kept != null)
                done.add(new TakenPlans.Done("%s: %s".formatted(dish.name(), CoverWords.words(change)),
                        kept.how().name(), kept.dish(), kept.number(), kept.asides(), kept.lines()));
        }
        if (!done.isEmpty()) taken.keep(guests.event, by, done);
    }

    /// A dish that is added to the menu.
    record Added(String name, String text, ServedAt at) {}

    /// Adds a dish for those whom no change feeds.
    void add(Menu menu, long event, Added added, String by) {
        var kept = accepting.added(added.name, added.text, by);
        served.place(menu, kept.dish(), added.at);
        taken.keep(event, by, List.of(new TakenPlans.Done("%s: a small dish of its own".formatted(added.name),
                kept.how().name(), kept.dish(), 0, List.of(), List.of())));
    }

    private Accepting.@Nullable Kept keep(Menu menu, Menu.Dish dish, Change change,
            ServePlan plan, Guests guests, String by) {
        return switch (change) {
            case Change.HoldBack _ -> plates(dish, SetAsides.Portions.HOLD_BACK, plan.gets(change), guests, by);
            case Change.SplitOff _ -> plates(dish, SetAsides.Portions.TAKE_OFF, plan.gets(change), guests, by);
            case Change.SwapForAll(_, var swap) ->
                    accepting.asChange(offer(menu, dish, plan.gets(change), guests, by), swap, dish.stored().version());
            case Change.MakeVariant(_, var swap, _) ->
                    accepting.asVariant(offer(menu, dish, plan.gets(change), guests, by), swap);
        };
    }

    private static Accepting.Offer offer(Menu menu, Menu.Dish dish, List<GuestGroup> gets, Guests guests, String by) {
        var words = kept(gets, guests).stream().map(Events.Guests::avoids).distinct()
                .collect(Collectors.joining(", "));
        return new Accepting.Offer(menu, dish, Avoidances.of(words, menu.ruleBook()), words,
                gets.stream().mapToInt(GuestGroup::people).sum(), by);
    }

    private static List<Events.Guests> kept(List<GuestGroup> gets, Guests guests) {
        var kept = new ArrayList<Events.Guests>();
        for (var i = 0; i < guests.groups.size(); i++)
            if (gets.contains(guests.groups.get(i))) kept.add(guests.kept.get(i));
        return kept;
    }

    /// a second press keeps nothing more
    private Accepting.@Nullable Kept plates(Menu.Dish dish, SetAsides.Portions portions,
            List<GuestGroup> gets, Guests guests, String by) {
        var there = asides.all().stream().filter(a -> a.dish() == dish.id() && a.kind() == portions)
                .map(SetAsides.Aside::avoids).toList();
        var keys = new ArrayList<Long>();
        for (var one : kept(gets, guests))
            if (!there.contains(one.avoids()))
                keys.add(asides.add(dish.id(), portions, one.avoids(), one.people(), by));
        return keys.isEmpty() ? null
                : new Accepting.Kept(Accepting.How.PLATES, dish.id(), 0, keys, List.of());
    }

    /// Takes a plan back, the last change first.
    /// @throws Conflict where a dish was changed again since
    void back(TakenPlans.Taken plan, String by) {
        for (var one : plan.done().reversed())
            accepting.takeBack(new Accepting.Kept(Accepting.How.valueOf(one.how()), one.dish(), one.was(),
                    one.asides(), one.lines()), by);
        taken.forget(plan.id());
    }

    /// {@return what tells a plan from any other, so that another one is never taken in its place}
    static String print(ServePlan plan) {
        return Integer.toHexString(plan.changes().stream().map(c -> c.dish().name() + switch (c) {
            case Change.HoldBack(_, var parts) -> "-" + parts;
            case Change.SplitOff(_, var step) -> "/" + step;
            case Change.SwapForAll(_, Plan swap) -> "=" + Accepting.print(swap);
            case Change.MakeVariant(_, Plan swap, _) -> "+" + Accepting.print(swap);
        }).collect(Collectors.joining("|")).hashCode());
    }
}
