package keenfork.web.covers;

import jakarta.servlet.http.HttpServletRequest;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.covers.Provision;
import keenfork.core.covers.Shopping;
import keenfork.core.regime.Group;
import keenfork.format.PackCsv;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Cook;
import keenfork.web.page.CsvAnswer;
import keenfork.web.page.Format;
import keenfork.web.page.TypedWeight;
import keenfork.web.persistence.pack.Provisions;
import keenfork.web.persistence.settings.Settings;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/// What must be there for the covers, and what of it is to be bought.
@Controller
class ShoppingController {
    private static final int LONGEST = 60;
    private static final int LONGEST_FOOD = 200;
    private static final BigDecimal MOST_GRAMS = new BigDecimal(10_000_000);
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
        var plates = PlatesToMake.of(kitchen.menu(), covers);
        model.addAttribute("view", ShoppingView.of(plates, shopping(plates, kitchen.menu()), provisions.all(),
                TakenView.of(settings.appetite(), settings.tubGrams(), HERE), format));
        return "covers/shopping";
    }

    private static Shopping shopping(PlatesToMake plates, Menu menu) {
        return Shopping.of(plates.dishes().stream().map(d -> new Shopping.Made(d.dish(), d.plates())).toList(),
                menu.ruleBook());
    }

    /// How a food is bought and what is there.
    ///
    /// @param pack what a pack of it holds, such as `400 g`; empty where it is sold by weight
    /// @param have what is there; empty for nothing
    @PostMapping("/covers/shopping/food")
    String buy(@RequestParam(defaultValue = "") String food, @RequestParam(defaultValue = "") String pack,
            @RequestParam(defaultValue = "") String have, @RequestParam(defaultValue = "") String supplier,
            HttpServletRequest request, RedirectAttributes after) {
        var packGrams = grams(pack);
        var haveGrams = grams(have);
        if (food.isBlank() || food.length() > LONGEST_FOOD)
            after.addFlashAttribute("wrong", "Say of which food.");
        else if (packGrams.isEmpty() || haveGrams.isEmpty())
            after.addFlashAttribute("wrong", "%s: say weights such as 400 g or 2.5 kg, not “%s”. Nothing was changed."
                    .formatted(food, packGrams.isEmpty() ? pack : have));
        else if (supplier.strip().length() > LONGEST)
            after.addFlashAttribute("wrong",
                    "%s: keep the supplier under %d letters. Nothing was changed.".formatted(food, LONGEST));
        else provisions.keep(food, new Provision(packGrams.get(), haveGrams.get(), supplier.strip()),
                Cook.of(request));
        return "redirect:" + HERE;
    }

    /// {@return whole grams; 0 where nothing is typed, empty where it is no weight}
    private static Optional<Integer> grams(String typed) {
        if (typed.isBlank()) return Optional.of(0);
        return TypedWeight.grams(typed).filter(g -> g.compareTo(MOST_GRAMS) <= 0)
                .map(g -> g.setScale(0, RoundingMode.HALF_UP).intValueExact());
    }

    @GetMapping("/covers/shopping.csv")
    ResponseEntity<byte[]> csv() {
        var menu = kitchen.menu();
        var kept = provisions.all();
        var rows = shopping(PlatesToMake.of(menu, covers), menu).needs().stream().map(n -> row(n, kept)).toList();
        var text = PackCsv.table(List.of("food", "grams", "grams_low", "grams_high", "more_to_taste", "there_grams",
                "buy_grams", "packs", "pack_grams", "supplier", "holds", "pack_to_read", "dishes"), rows);
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
                need.packToRead() ? "yes" : "no", String.join("; ", need.dishes()));
    }

    private static String whole(double grams) { return String.valueOf(Math.round(grams)); }
}
