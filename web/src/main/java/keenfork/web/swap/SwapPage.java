package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.diet.Diet;
import keenfork.web.kitchen.Accepting;
import keenfork.core.people.Avoidance;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.SwapStock;
import keenfork.web.page.AsideView;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.page.SplitView;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.dish.Variants;
import keenfork.web.persistence.guest.Events;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.ModelAndView;

/// Fills the swap bench with what is asked of it.
@Component
class SwapPage {
    private final Kitchen kitchen;
    private final SwapStock swaps;
    private final Variants variants;
    private final SetAsides asides;
    private final Format format;

    SwapPage(Kitchen kitchen, SwapStock swaps, Variants variants, SetAsides asides, Format format) {
        this.kitchen = kitchen;
        this.swaps = swaps;
        this.variants = variants;
        this.asides = asides;
        this.format = format;
    }

    /// @param wrong why something was not kept, or null
    SwapsView of(SwapQuery asked, @Nullable String wrong) {
        var menu = kitchen.menu();
        var groups = swaps.groups();
        var avoid = asked.avoidances(groups, menu.ruleBook());
        var isAsked = asked.dish() != 0 && !avoid.all().isEmpty();
        return new SwapsView(asked, menu.dishes(), groups.stream()
                .map(g -> new SwapsView.GroupChoice(g.id(), g.name(), g.people(), asked.guests().contains(g.id())))
                .toList(), choices(menu, asked.words()),
                asked.words().stream()
                        .filter(w -> menu.ruleBook().group(w).isEmpty() && Diet.named(w).isEmpty()).toList(),
                asked.words().stream().map(w -> new SwapsView.Counts(w, asked.recipe().contains(w))).toList(),
                avoid.refusedInWords(), avoid.understood(), avoid.inWords(),
                isAsked && asked.isEveryDish()
                        ? MenuPlans.of(menu, asked, avoid.all(), swaps.context(menu), format)
                        : null,
                isAsked && !asked.isEveryDish() ? plans(menu, asked, avoid.all()) : null, wrong);
    }

    private SwapsView.OfDish plans(Menu menu, SwapQuery asked, List<Avoidance> avoid) {
        var dish = dish(menu, asked.dish());
        var context = swaps.context(menu).withRoles(asked.roles());
        var plans = SwapStock.plan(context, dish, avoid);
        var seen = new SwapContext(menu.ruleBook(), Diet.all(), context.guests(), swaps.unclear(menu), format);
        var view = PlansView.of(plans, asked.plan(), seen);
        var chosen = view.chosen();
        return new SwapsView.OfDish(view, ComparedView.of(plans, asked.compare(), seen).orElse(null),
                plans.needed() ? AsideView.holdBack(dish.derivation(), avoid, format) : "",
                SplitView.of(dish.derivation(), avoid, people(asked), format),
                asides.all().stream().filter(a -> a.dish() == dish.id())
                        .map(a -> AsideView.of(a, menu, dish, format)).toList(),
                variants.all().stream().filter(v -> v.original() == dish.id())
                        .flatMap(v -> menu.dish(v.dish()).stream()).toList(),
                asked.variant() == 0 ? null : menu.dish(asked.variant()).map(Menu.Dish::name).orElse(null),
                !context.prices().isEmpty(),
                chosen == null ? null : keep(menu, dish, plans.best().get(chosen.number() - 1), asked));
    }

    private SwapsView.Keep keep(Menu menu, Menu.Dish dish, Plan plan, SwapQuery asked) {
        var accepted = SwapStock.accepted(menu, dish, plan, asked.avoidances(swaps.groups(), menu.ruleBook()).all());
        return new SwapsView.Keep(Accepting.print(plan), dish.stored().version(), accepted.asVariant().isPresent(),
                plan.isForSomePlates() && !plan.changes().isEmpty(), asked.avoided(swaps.groups()),
                plan.moves().stream().anyMatch(Move.Inner.class::isInstance),
                plan.isForSomePlates() ? null : accepted.asChange().orElse(null));
    }

    /// {@return how many people are in the groups that must be served}
    int people(SwapQuery asked) { return asked.chosen(swaps.groups()).stream().mapToInt(Events.Guests::people).sum(); }

    static Menu.Dish dish(Menu menu, long id) {
        return menu.dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
    }

    private static List<SwapsView.Choice> choices(Menu menu, Set<String> chosen) {
        var choices = new ArrayList<SwapsView.Choice>();
        for (var g : menu.ruleBook().groups())
            choices.add(new SwapsView.Choice(g.id(), g.name(), chosen.contains(g.id())));
        for (var d : Diet.all())
            if (!d.cautious()) choices.add(new SwapsView.Choice(d.id(), d.name(), chosen.contains(d.id())));
        return choices;
    }

    /// {@return the bench as it was asked for, with the reason why something was not kept}
    ModelAndView refused(SwapQuery asked, String words) {
        return new ModelAndView("swap/swaps", Map.of("bench", of(asked, words)), HttpStatus.CONFLICT);
    }
}
