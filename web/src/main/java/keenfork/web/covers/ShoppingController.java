package keenfork.web.covers;

import java.util.List;
import keenfork.core.covers.Shopping;
import keenfork.core.regime.Group;
import keenfork.format.PackCsv;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.CsvAnswer;
import keenfork.web.page.Format;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// What must be there for the covers.
@Controller
class ShoppingController {
    private final Kitchen kitchen;
    private final CoversKitchen covers;
    private final Format format;

    ShoppingController(Kitchen kitchen, CoversKitchen covers, Format format) {
        this.kitchen = kitchen;
        this.covers = covers;
        this.format = format;
    }

    /// A line of the list.
    ///
    /// @param more  whether some of it has no weight
    /// @param holds the groups it brings, in words
    record Item(String food, String grams, String range, boolean more, String holds, boolean packToRead,
            String dishes) {}

    /// how many plates are made of a dish
    record Made(long id, String name, int plates) {}

    /// The list.
    ///
    /// @param per   portions made for each hundred who can eat a dish
    /// @param plates how many plates it is for
    record View(int per, List<Made> plates, List<Item> items, String unscaled) {}

    @GetMapping("/covers/shopping")
    ModelAndView list(@RequestParam(defaultValue = "100") String per) {
        var menu = kitchen.menu();
        var plates = PlatesToMake.of(menu, covers, PlatesToMake.per(per));
        var shopping = shopping(plates, menu);
        return new ModelAndView("covers/shopping", "view",
                new View(plates.per(),
                        plates.dishes().stream().map(d -> new Made(d.id(), d.name(), d.plates())).toList(),
                        shopping.needs().stream().map(this::item).toList(), format.list(shopping.unscaled())));
    }

    private static Shopping shopping(PlatesToMake plates, Menu menu) {
        return Shopping.of(plates.dishes().stream().map(d -> new Shopping.Made(d.dish(), d.plates())).toList(),
                menu.ruleBook());
    }

    private Item item(Shopping.Need need) {
        var nothing = need.mass().likely() == 0;
        return new Item(need.food(), nothing ? "" : format.likely(need.mass()),
                nothing ? "" : format.range(need.mass()),
                !need.isWhole(), format.list(need.holds().stream().map(Group::label).toList()), need.packToRead(),
                format.list(need.dishes()));
    }

    @GetMapping("/covers/shopping.csv")
    ResponseEntity<byte[]> csv(@RequestParam(defaultValue = "100") String per) {
        var menu = kitchen.menu();
        var rows = shopping(PlatesToMake.of(menu, covers, PlatesToMake.per(per)), menu).needs().stream()
                .map(n -> List.of(n.food(),
                        whole(n.mass().likelyGrams()), whole(n.mass().lowGrams()), whole(n.mass().highGrams()),
                        n.isWhole() ? "no" : "yes", String.join("; ", n.holds().stream().map(Group::label).toList()),
                        n.packToRead() ? "yes" : "no", String.join("; ", n.dishes())))
                .toList();
        var text = PackCsv.table(List.of("food", "grams", "grams_low", "grams_high", "more_to_taste", "holds",
                "pack_to_read", "dishes"), rows);
        return CsvAnswer.of("shopping.csv", text);
    }

    private static String whole(double grams) { return String.valueOf(Math.round(grams)); }
}
