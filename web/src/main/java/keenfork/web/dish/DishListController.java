package keenfork.web.dish;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import keenfork.core.diet.Diet;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.page.Sign;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.dish.DishText;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.settings.Settings;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/// The list of dishes, what was taken off it, and the kitchen's own lists of foods.
@Controller
class DishListController {
    private static final int LONGEST_LISTS = 4_000;
    private final Kitchen kitchen;
    private final Dishes dishes;
    private final Settings settings;
    private final Format format;

    /// one dish of the list
    record ListedDish(long id, String name, List<Sign> marks, int questions, String usedIn) {
        static ListedDish of(Menu.Dish dish, Menu menu, Format format) {
            return new ListedDish(dish.id(), dish.name(),
                    dish.derivation().under(menu.ruleBook()).marks().stream().map(m -> Sign.of(m, format)).toList(),
                    dish.derivation().ownQuestions().size(),
                    format.list(menu.using(dish.name()).stream().map(Menu.Dish::name).toList()));
        }

        /// {@return whether a word stands in its name, in one of its lines or among the groups it carries}
        static boolean holds(Menu.Dish dish, Menu menu, String words) {
            return has(dish.name(), words)
                    || dish.derivation().recipe().lines().stream().anyMatch(l -> has(l.text(), words))
                    || dish.derivation().under(menu.ruleBook()).marks().stream()
                            .anyMatch(m -> has(m.group().name(), words));
        }

        private static boolean has(String text, String words) { return text.toLowerCase(Locale.ROOT).contains(words); }
    }

    DishListController(Kitchen kitchen, Dishes dishes, Settings settings, Format format) {
        this.kitchen = kitchen;
        this.dishes = dishes;
        this.settings = settings;
        this.format = format;
    }

    @GetMapping("/dishes")
    String list(@RequestParam(defaultValue = "") String q, Model model) {
        list(model, q, settings.ownLists(), "");
        return "dish/list";
    }

    private void list(Model model, String q, String lists, String wrong) {
        var menu = kitchen.menu();
        var words = q.strip().toLowerCase(Locale.ROOT);
        model.addAttribute("rows", menu.dishes().stream().filter(d -> ListedDish.holds(d, menu, words))
                .map(d -> ListedDish.of(d, menu, format)).toList());
        model.addAttribute("all", menu.dishes().size());
        model.addAttribute("q", q);
        model.addAttribute("off", dishes.offMenu());
        model.addAttribute("lists", lists);
        model.addAttribute("seen", settings.ownLists());
        model.addAttribute("wrong", wrong);
    }

    @PostMapping("/dishes/own-lists")
    String ownLists(@RequestParam(defaultValue = "") String lists, @RequestParam(defaultValue = "") String seen,
            Model model, HttpServletResponse response) {
        try {
            if (lists.length() > LONGEST_LISTS)
                throw new IllegalArgumentException(
                        "These lists are longer than %,d letters together.".formatted(LONGEST_LISTS));
            Diet.own(lists);
            settings.useOwnLists(plain(lists), plain(seen));
            return "redirect:/dishes";
        } catch (Conflict e) {
            model.addAttribute("theirs", settings.ownLists());
            return refused(model, response, HttpStatus.CONFLICT, lists, String.valueOf(e.getMessage()));
        } catch (IllegalArgumentException e) {
            var page =
                    refused(model, response, HttpStatus.UNPROCESSABLE_CONTENT, lists, String.valueOf(e.getMessage()));
            model.addAttribute("seen", seen);
            return page;
        }
    }

    private static String plain(String typed) { return typed.strip().replace("\r\n", "\n"); }

    @PostMapping("/dishes/{id}/off")
    String takeOff(@PathVariable long id, @RequestParam(defaultValue = "-1") long version, Model model,
            HttpServletResponse response) {
        try {
            dishes.takeOff(id, version);
            return "redirect:/dishes";
        } catch (Conflict _) {
            return refused(model, response, HttpStatus.CONFLICT, settings.ownLists(),
                    "Somebody changed this dish meanwhile, so it is still on the menu. Look at it again first.");
        }
    }

    @PostMapping("/dishes/{id}/back")
    String putBack(@PathVariable long id, Model model, HttpServletResponse response) {
        Stored<DishText> kept = dishes.offMenu().stream().filter(d -> d.id() == id).findFirst()
                .orElseThrow(() -> new NotHere("This dish was not taken off the menu."));
        try {
            dishes.putBack(kept.id());
            return "redirect:/dishes/" + id;
        } catch (Conflict e) {
            return refused(model, response, HttpStatus.CONFLICT, settings.ownLists(), String.valueOf(e.getMessage()));
        }
    }

    private String refused(Model model, HttpServletResponse response, HttpStatus status, String lists, String wrong) {
        response.setStatus(status.value());
        list(model, "", lists, wrong);
        return "dish/list";
    }
}
