package keenfork.web.map;

import java.util.Arrays;
import keenfork.core.trace.Peel;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class MapController {
    private final Kitchen kitchen;
    private final Format format;

    MapController(Kitchen kitchen, Format format) {
        this.kitchen = kitchen;
        this.format = format;
    }

    @GetMapping("/map") String map(@RequestParam(defaultValue = "COMPLETE") String peel, @RequestParam(defaultValue = "0") long dish,
                                   @RequestParam(defaultValue = "") String group, Model model) {
        var peeled = peel(peel);
        var view = MapView.of(kitchen.menu(), peeled, dish, format);
        model.addAttribute("map", view);
        model.addAttribute("why", dish == 0 || group.isEmpty() ? null : why(dish, group, peeled));
        model.addAttribute("group", group);
        return "map/map";
    }

    @GetMapping("/map/why") String why(@RequestParam(defaultValue = "COMPLETE") String peel, @RequestParam long dish, @RequestParam String group, Model model) {
        model.addAttribute("why", why(dish, group, peel(peel)));
        return "map/map :: why";
    }

    private WhyView why(long dish, String group, Peel peel) {
        var menu = kitchen.menu();
        var found = menu.dish(dish).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        var grouped = menu.ruleBook().group(group).orElseThrow(() -> new NotHere("The %s rule book has no group “%s”.".formatted(menu.ruleBook().name(), group)));
        return WhyView.of(menu, found, grouped, peel, format);
    }

    private static Peel peel(String name) {
        return Arrays.stream(Peel.values()).filter(p -> p.name().equalsIgnoreCase(name)).findFirst()
                .orElseThrow(() -> new NotHere("Dishes are not peeled like that."));
    }
}
