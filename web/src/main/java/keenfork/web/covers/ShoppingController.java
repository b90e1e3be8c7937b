package keenfork.web.covers;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.covers.Cover;
import keenfork.core.covers.Coverage;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.MenuDish;
import keenfork.core.covers.Shopping;
import keenfork.core.regime.Group;
import keenfork.format.PackCsv;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// What must be there for the covers: one portion of each dish for everyone who can eat it, and so much more or less.
@Controller
class ShoppingController {
    private static final int MOST = 300;
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

    /// The list.
    ///
    /// @param per portions made for each hundred who can eat a dish
    record View(int per, List<Item> items, String unscaled) {}

    @GetMapping("/covers/shopping")
    ModelAndView list(@RequestParam(defaultValue = "100") String per) {
        var portions = portions(per);
        var shopping = shopping(kitchen.menu(), portions);
        var page = new ModelAndView("covers/shopping");
        page.addObject("view", new View(portions, shopping.needs().stream().map(this::item).toList(),
                format.list(shopping.unscaled())));
        return page;
    }

    private static int portions(String per) {
        return per.strip().matches("\\d{1,3}") ? Math.clamp(Integer.parseInt(per.strip()), 1, MOST) : 100;
    }

    private Shopping shopping(Menu menu, int per) {
        var groups = covers.groups(menu);
        var isOpen = covers.comes() + groups.size() == 0;
        return Shopping.of(covers.dishes(menu).stream().map(CoversKitchen.Served::dish).flatMap(d -> isOpen
                ? Stream.of(new Shopping.Made(d.dish(), Math.max(1, d.dish().recipe().serves())))
                : made(d, groups, covers.rest(groups), per)).toList(), menu.ruleBook());
    }

    /// {@return the dish as it is and its variants, each for those who eat that one}
    private static Stream<Shopping.Made> made(MenuDish dish, List<GuestGroup> groups, int rest, int per) {
        var served = Coverage.of(List.of(dish), groups).covers().stream().filter(Cover::isServed).toList();
        var asItIs = rest + people(served.stream().filter(c -> c.how() != Cover.How.VARIANT));
        return Stream.concat(Stream.of(new Shopping.Made(dish.dish(), portions(asItIs, per))),
                dish.variants().stream().map(v -> new Shopping.Made(v, portions(people(served.stream()
                        .filter(c -> c.why().contains(new Cover.Why.Variant(v.recipe().name())))), per))));
    }

    private static int people(Stream<Cover> covers) { return covers.mapToInt(c -> c.group().people()).sum(); }

    private static int portions(int eat, int per) {
        return new BigDecimal(eat).multiply(new BigDecimal(per)).divide(new BigDecimal(100), RoundingMode.CEILING)
                .intValue();
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
        var rows = shopping(kitchen.menu(), portions(per)).needs().stream().map(n -> List.of(n.food(),
                whole(n.mass().likelyGrams()), whole(n.mass().lowGrams()), whole(n.mass().highGrams()),
                n.isWhole() ? "no" : "yes", String.join("; ", n.holds().stream().map(Group::label).toList()),
                n.packToRead() ? "yes" : "no", String.join("; ", n.dishes()))).toList();
        var text = PackCsv.table(List.of("food", "grams", "grams_low", "grams_high", "more_to_taste", "holds",
                "pack_to_read", "dishes"), rows);
        return ResponseEntity.ok().contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename("shopping.csv").build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    private static String whole(double grams) { return String.valueOf(Math.round(grams)); }
}
