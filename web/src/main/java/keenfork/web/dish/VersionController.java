package keenfork.web.dish;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import keenfork.web.kitchen.Effect;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Cook;
import keenfork.web.page.EffectView;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.page.VersionsView;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.Version;
import keenfork.web.persistence.dish.DishText;
import keenfork.web.persistence.dish.Dishes;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// Every text a dish had: two compared by line and by what they change on the map, and an old one taken back.
@Controller
class VersionController {
    private final Kitchen kitchen;
    private final Dishes dishes;
    private final BenchPage bench;
    private final Format format;

    VersionController(Kitchen kitchen, Dishes dishes, BenchPage bench, Format format) {
        this.kitchen = kitchen;
        this.dishes = dishes;
        this.bench = bench;
        this.format = format;
    }

    @GetMapping("/dishes/{id}/versions")
    ModelAndView versions(@PathVariable long id, @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "0") int to) {
        var dish = dishes.find(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        var versions = dishes.versions(id);
        var after = chosen(versions, to == 0 ? versions.getFirst().number() : to);
        var before = chosen(versions, from == 0 ? Math.max(1, after.number() - 1) : from);
        return new ModelAndView("dish/versions", "page",
                new VersionsView<>(id, dish.value().name(), versions, before, after))
                        .addObject("difference", TextDifference.of(before.value().text(), after.value().text()))
                        .addObject("effects", effects(id, before, after));
    }

    private static Version<DishText> chosen(List<Version<DishText>> versions, int number) {
        return versions.stream().filter(v -> v.number() == number).findFirst()
                .orElseThrow(() -> new NotHere("This dish has no version %d.".formatted(number)));
    }

    /// Both texts are derived with the packs and the run of today: what differs is what the writing changed.
    private List<EffectView> effects(long id, Version<DishText> before, Version<DishText> after) {
        var one = kitchen.menuWithDish(id, before.value().name(), before.value().text());
        var other = kitchen.menuWithDish(id, after.value().name(), after.value().text());
        return Effect.between(one, other).stream().map(e -> EffectView.of(e, format)).toList();
    }

    @PostMapping("/dishes/{id}/versions/{number}/back")
    ModelAndView takeBack(@PathVariable long id, @PathVariable int number, HttpServletRequest request) {
        var old = dishes.version(id, number)
                .orElseThrow(() -> new NotHere("This dish has no version %d.".formatted(number))).value();
        var now = dishes.find(id)
                .orElseThrow(() -> new NotHere("This dish is not on the menu any more. Put it back first."));
        try {
            dishes.rewrite(id, now.version(), old.name(), old.text(), Cook.of(request),
                    "version %d taken back".formatted(number));
            return new ModelAndView("redirect:/dishes/" + id);
        } catch (Conflict e) {
            return bench.conflict(id, DishForm.of(old.text(), String.valueOf(now.version())),
                    String.valueOf(e.getMessage()), now.value().text());
        }
    }
}
