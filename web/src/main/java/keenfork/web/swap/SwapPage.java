package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import keenfork.core.diet.Diet;
import keenfork.core.people.Avoidance;
import keenfork.core.swap.Role;
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
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.servlet.ModelAndView;

/// Fills the swap bench with what is asked of it.
@Component
class SwapPage {
    private final Kitchen kitchen;
    private final SwapStock swaps;
    private final Variants variants;
    private final SetAsides asides;
    private final Format format;

    /// something that can be chosen to be avoided
    record Choice(String id, String name, boolean chosen) {}

    /// a word that must be out, and whether only the recipe counts for it
    record Counts(String word, boolean recipeOnly) {}

    /// guests that can be chosen
    record GroupChoice(long id, String name, int people, boolean chosen) {}

    SwapPage(Kitchen kitchen, SwapStock swaps, Variants variants, SetAsides asides, Format format) {
        this.kitchen = kitchen;
        this.swaps = swaps;
        this.variants = variants;
        this.asides = asides;
        this.format = format;
    }

    void show(SwapQuery asked, Model model) {
        var menu = kitchen.menu();
        var groups = swaps.groups();
        var avoid = asked.avoidances(groups, menu.ruleBook());
        model.addAttribute("asked", asked);
        model.addAttribute("dishes", menu.dishes());
        model.addAttribute("groups", groups.stream()
                .map(g -> new GroupChoice(g.id(), g.name(), g.people(), asked.guests().contains(g.id()))).toList());
        model.addAttribute("choices", choices(menu, asked.words()));
        model.addAttribute("own", asked.words().stream()
                .filter(w -> menu.ruleBook().group(w).isEmpty() && Diet.named(w).isEmpty()).toList());
        model.addAttribute("roles", Role.values());
        model.addAttribute("counts",
                asked.words().stream().map(w -> new Counts(w, asked.recipe().contains(w))).toList());
        model.addAttribute("unknown", avoid.refusedInWords());
        model.addAttribute("understood", avoid.understood());
        model.addAttribute("without", avoid.inWords());
        model.addAttribute("view", null);
        model.addAttribute("every", null);
        model.addAttribute("compared", null);
        model.addAttribute("asides", List.of());
        model.addAttribute("variants", List.of());
        if (asked.dish() == 0 || avoid.all().isEmpty()) return;
        if (asked.isEveryDish())
            model.addAttribute("every", MenuPlans.of(menu, asked, avoid.all(), swaps.context(menu), format));
        else addPlans(model, menu, asked, avoid.all());
    }

    private void addPlans(Model model, Menu menu, SwapQuery asked, List<Avoidance> avoid) {
        var dish = dish(menu, asked.dish());
        var context = swaps.context(menu).withRoles(asked.roles());
        var plans = SwapStock.plan(context, dish, avoid);
        var seen = new SwapContext(menu.ruleBook(), Diet.all(), context.guests(), swaps.unclear(menu), format);
        var view = PlansView.of(plans, asked.plan(), seen);
        model.addAttribute("view", view);
        model.addAttribute("compared", ComparedView.of(plans, asked.compare(), seen).orElse(null));
        model.addAttribute("holdBack", plans.needed() ? AsideView.holdBack(dish.derivation(), avoid, format) : "");
        model.addAttribute("split", SplitView.of(dish.derivation(), avoid, people(asked), format));
        model.addAttribute("asides", asides.all().stream().filter(a -> a.dish() == dish.id())
                .map(a -> AsideView.of(a, menu, dish, format)).toList());
        model.addAttribute("variants", variants.all().stream().filter(v -> v.original() == dish.id())
                .flatMap(v -> menu.dish(v.dish()).stream()).toList());
        model.addAttribute("variant",
                asked.variant() == 0 ? null : menu.dish(asked.variant()).map(Menu.Dish::name).orElse(null));
        var chosen = view.chosen();
        if (chosen == null) return;
        var plan = plans.best().get(chosen.number() - 1);
        var accepted = SwapStock.accepted(menu, dish, plan, avoid);
        model.addAttribute("print", Accepting.print(plan));
        model.addAttribute("version", dish.stored().version());
        model.addAttribute("asVariant", accepted.asVariant().isPresent());
        model.addAttribute("somePlates", plan.isForSomePlates() && !plan.changes().isEmpty());
        model.addAttribute("written", plan.isForSomePlates() ? null : accepted.asChange().orElse(null));
    }

    /// {@return how many people are in the groups that must be served}
    int people(SwapQuery asked) { return asked.chosen(swaps.groups()).stream().mapToInt(Events.Guests::people).sum(); }

    static Menu.Dish dish(Menu menu, long id) {
        return menu.dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
    }

    private static List<Choice> choices(Menu menu, Set<String> chosen) {
        var choices = new ArrayList<Choice>();
        for (var g : menu.ruleBook().groups()) choices.add(new Choice(g.id(), g.name(), chosen.contains(g.id())));
        for (var d : Diet.all()) if (!d.cautious()) choices.add(new Choice(d.id(), d.name(), chosen.contains(d.id())));
        return choices;
    }

    /// {@return the bench as it was asked for, with the reason why something was not kept}
    ModelAndView refused(SwapQuery asked, String words) {
        var page = new ModelAndView("swap/swaps", HttpStatus.CONFLICT);
        var model = new ExtendedModelMap();
        show(asked, model);
        page.addAllObjects(model);
        page.addObject("wrong", words);
        return page;
    }
}
