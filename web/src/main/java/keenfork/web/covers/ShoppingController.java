package keenfork.web.covers;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import keenfork.core.covers.Cover;
import keenfork.core.covers.Coverage;
import keenfork.core.covers.GuestGroup;
import keenfork.core.covers.Shopping;
import keenfork.core.regime.Group;
import keenfork.format.PackCsv;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.persistence.guest.Events;
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
    private final Events events;
    private final Format format;

    ShoppingController(Kitchen kitchen, CoversKitchen covers, Events events, Format format) {
        this.kitchen = kitchen;
        this.covers = covers;
        this.events = events;
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
        var coming = events.inForce().map(e -> e.details().covers()).orElse(0);
        var rest = Math.max(0, coming - groups.stream().mapToInt(GuestGroup::people).sum());
        return Shopping.of(covers.dishes(menu).stream().map(CoversKitchen.Served::dish).map(d -> {
            var eat = rest + Coverage.of(List.of(d), groups).covers().stream().filter(Cover::isServed)
                    .mapToInt(c -> c.group().people()).sum();
            return new Shopping.Made(d.dish(), coming + groups.size() == 0 ? Math.max(1, d.dish().recipe().serves())
                    : new BigDecimal(eat * per).divide(new BigDecimal(100), RoundingMode.CEILING).intValue());
        }).toList(), menu.ruleBook());
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
