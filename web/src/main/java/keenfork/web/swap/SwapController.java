package keenfork.web.swap;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.diet.Diet;
import keenfork.core.search.Budget;
import keenfork.core.swap.Accepted;
import keenfork.core.swap.Avoidance;
import keenfork.core.swap.Context;
import keenfork.core.swap.SwapPlanner;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class SwapController {
    private static final int PLANS = 3;
    private static final int MOST_AVOIDED = 30;
    private final Kitchen kitchen;
    private final Format format;

    /// something that can be chosen to be avoided
    record Choice(String id, String name, boolean chosen) {}

    SwapController(Kitchen kitchen, Format format) {
        this.kitchen = kitchen;
        this.format = format;
    }

    @GetMapping("/swaps") String swaps(@RequestParam(defaultValue = "0") long dish, @RequestParam(defaultValue = "") List<String> avoid,
                                       @RequestParam(defaultValue = "") String more, @RequestParam(defaultValue = "1") int plan, Model model) {
        var menu = kitchen.menu();
        var words = new LinkedHashSet<>(avoid);
        for (var word : more.split(",")) if (!word.isBlank()) words.add(word.strip().toLowerCase());
        words.remove("");
        model.addAttribute("dishes", menu.dishes());
        model.addAttribute("choices", choices(menu, words));
        model.addAttribute("own", words.stream().filter(w -> menu.ruleBook().group(w).isEmpty() && Diet.named(w).isEmpty()).toList());
        model.addAttribute("chosen", dish);
        model.addAttribute("avoid", String.join(",", words));
        var unknown = new ArrayList<String>();
        var avoidances = new ArrayList<Avoidance>();
        for (var word : words.stream().limit(MOST_AVOIDED).toList())
            Avoidance.parse(word, menu.ruleBook()).ifPresentOrElse(avoidances::add, () -> unknown.add(word));
        model.addAttribute("unknown", unknown);
        if (dish != 0 && !avoidances.isEmpty()) addPlans(model, menu, dish, avoidances, plan);
        else model.addAttribute("view", null);
        return "swap/swaps";
    }

    private void addPlans(Model model, Menu menu, long id, List<Avoidance> avoidances, int wanted) {
        var dish = menu.dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        var plans = new SwapPlanner(new Context(menu.facts(), menu.ruleBook(), menu.volumes()), avoidances).plan(dish.derivation().recipe(), PLANS, Budget.USUAL);
        var view = PlansView.of(plans, menu.ruleBook(), wanted, format);
        model.addAttribute("view", view);
        model.addAttribute("split", SplitView.of(dish.derivation(), avoidances, format));
        var chosen = view.chosen();
        if (chosen == null) return;
        var text = dish.stored().value().text();
        new Accepted(text, plans.best().get(chosen.number() - 1), avoidances, menu.facts(), menu::read).asChange().ifPresent(written -> {
            model.addAttribute("written", written);
            model.addAttribute("version", dish.stored().version());
            model.addAttribute("asOwn", written.replaceFirst(Pattern.quote(dish.name()), Matcher.quoteReplacement(
                    dish.name() + ", without " + String.join(", ", avoidances.stream().map(Avoidance::words).toList()))));
        });
    }

    private static List<Choice> choices(Menu menu, LinkedHashSet<String> chosen) {
        var choices = new ArrayList<Choice>();
        for (var g : menu.ruleBook().groups()) choices.add(new Choice(g.id(), g.name(), chosen.contains(g.id())));
        for (var d : Diet.all()) if (!d.cautious()) choices.add(new Choice(d.id(), d.name(), chosen.contains(d.id())));
        return choices;
    }
}
