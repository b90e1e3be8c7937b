package keenfork.web.covers;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import keenfork.core.covers.Shopping;
import keenfork.core.regime.Group;
import keenfork.format.PackCsv;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Cook;
import keenfork.web.page.CsvAnswer;
import keenfork.web.page.Format;
import keenfork.web.persistence.pack.Provisions;
import keenfork.web.persistence.settings.Settings;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/// What must be there for the covers, and what of it is to be bought.
@Controller
class ShoppingController {
    private static final String HERE = "/covers/shopping";
    private final Kitchen kitchen;
    private final EventMenu covers;
    private final Provisions provisions;
    private final Settings settings;
    private final Format format;

    ShoppingController(Kitchen kitchen, EventMenu covers, Provisions provisions, Settings settings, Format format) {
        this.kitchen = kitchen;
        this.covers = covers;
        this.provisions = provisions;
        this.settings = settings;
        this.format = format;
    }

    @GetMapping(HERE)
    String list(Model model) {
        var menu = kitchen.menu();
        var plates = PlatesToMake.of(menu, covers);
        model.addAttribute("view", ShoppingView.of(plates, shopping(plates, menu), provisions.all(),
                TakenView.of(settings.appetite(), settings.tubGrams(), HERE), menu.ruleBook().money(), format));
        return "covers/shopping";
    }

    private static Shopping shopping(PlatesToMake plates, Menu menu) {
        return Shopping.of(plates.dishes().stream().map(d -> new Shopping.Made(d.dish(), d.plates())).toList(),
                menu.ruleBook());
    }

    /// How a food is bought, what is paid for it, and what of it is there.
    @PostMapping("/covers/shopping/food")
    String buy(ShoppingForm form, HttpServletRequest request, RedirectAttributes after) {
        var wrong = form.wrong();
        if (wrong.isEmpty()) provisions.keep(form.food(), form.provision(), Cook.of(request));
        else after.addFlashAttribute("wrong", wrong);
        return "redirect:" + HERE;
    }

    @GetMapping("/covers/shopping.csv")
    ResponseEntity<byte[]> csv() {
        var menu = kitchen.menu();
        var kept = provisions.all();
        var rows = shopping(PlatesToMake.of(menu, covers), menu).needs().stream().map(n -> row(n, kept)).toList();
        var text = PackCsv.table(List.of("food", "grams", "grams_low", "grams_high", "more_to_taste", "there_grams",
                "buy_grams", "packs", "pack_grams", "supplier", "holds", "pack_to_read", "dishes", "pay"), rows);
        return CsvAnswer.of("shopping.csv", text);
    }

    private static List<String> row(Shopping.Need need, Map<String, Provisions.Counted> kept) {
        var provision = ShoppingView.provision(need, kept);
        var buying = provision.buying(need);
        return List.of(need.food(), whole(need.mass().likelyGrams()), whole(need.mass().lowGrams()),
                whole(need.mass().highGrams()), need.isWhole() ? "no" : "yes",
                String.valueOf(provision.haveGrams()), String.valueOf(buying.grams()), String.valueOf(buying.packs()),
                String.valueOf(provision.packGrams()), provision.supplier(),
                String.join("; ", need.holds().stream().map(Group::label).toList()),
                need.packToRead() ? "yes" : "no", String.join("; ", need.dishes()),
                provision.pay(buying).map(p -> String.format(Locale.ROOT, "%.2f", p)).orElse(""));
    }

    private static String whole(double grams) { return String.valueOf(Math.round(grams)); }
}
