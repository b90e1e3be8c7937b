package keenfork.web.dish;

import java.util.Map;
import java.util.function.Supplier;
import keenfork.core.recipe.Recipe;
import keenfork.core.recipe.Scaled;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.format.TypedWeight;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.dish.Dishes;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;

/// A dish for other covers or another batch weight.
@Controller
class ScaleController {
    private static final int MOST_COVERS = 100_000;
    private final Kitchen kitchen;
    private final Dishes dishes;
    private final BenchPage bench;
    private final Format format;

    /// what is asked for: covers, or a batch weight
    record Wish(String covers, String weight) {
        Wish(@Nullable String covers, @Nullable String weight) {
            this.covers = covers == null ? "" : covers.strip();
            this.weight = weight == null ? "" : weight.strip();
        }

        public boolean isEmpty() { return covers.isEmpty() && weight.isEmpty(); }

        int coversNumber() {
            return covers.matches("[1-9]\\d{0,5}") && weight.isEmpty() ? Integer.parseInt(covers) : 0;
        }

        /// {@return the recipe scaled}
        /// @throws IllegalArgumentException with what is wrong in the cook's words
        Scaled of(Recipe recipe, Menu menu) {
            if (!weight.isEmpty()) {
                var grams = TypedWeight.grams(weight).orElseThrow(() -> new IllegalArgumentException(
                        "Say the batch weight as grams or kilograms, such as 2.5 kg, not “%s”.".formatted(weight)));
                if (recipe.mass().likely() == 0)
                    throw new IllegalArgumentException(
                            "Nothing in this recipe has a weight yet, so no batch weight can be told. Write amounts "
                                    + "first.");
                return within(grams.signum() == 0, () -> Scaled.toWeight(recipe, grams, menu.volumes()));
            }
            if (coversNumber() < 1 || coversNumber() > MOST_COVERS)
                throw new IllegalArgumentException(
                        "Say for how many: a whole number from 1 to 100,000, not “%s”.".formatted(covers));
            if (recipe.serves() < 1)
                throw new IllegalArgumentException(
                        "The recipe does not say how many it serves. Write “Serves 12” under its name, or ask for a "
                                + "batch weight.");
            return within(false, () -> Scaled.toCovers(recipe, coversNumber(), menu.volumes()));
        }

        private static Scaled within(boolean isZero, Supplier<Scaled> scaled) {
            if (isZero) throw new IllegalArgumentException("A batch weighs more than nothing.");
            try {
                return scaled.get();
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException("That is more than a thousand times the recipe. Check the figure.",
                        e);
            }
        }
    }

    ScaleController(Kitchen kitchen, Dishes dishes, BenchPage bench, Format format) {
        this.kitchen = kitchen;
        this.dishes = dishes;
        this.bench = bench;
        this.format = format;
    }

    @GetMapping("/dishes/{id}/scale")
    ModelAndView scale(@PathVariable long id, Wish wish) {
        var dish = kitchen.menu().dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        var recipe = dish.derivation().recipe();
        var now = new ScaleView.Now(id, dish.name(), recipe.serves(), format.likely(recipe.mass()));
        if (wish.isEmpty()) return page(new ScaleView(now, wish, "", null), HttpStatus.OK);
        try {
            var menu = kitchen.menu();
            return page(new ScaleView(now, wish, "", ScaleView.Then.of(wish.of(recipe, menu), menu, format)),
                    HttpStatus.OK);
        } catch (IllegalArgumentException e) {
            return page(new ScaleView(now, wish, String.valueOf(e.getMessage()), null),
                    HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    private static ModelAndView page(ScaleView view, HttpStatus status) {
        return new ModelAndView("dish/scale", Map.of("page", view), status);
    }

    /// Puts the amounts into the recipe on the bench, where they wait to be kept.
    @PostMapping("/dishes/{id}/scale")
    ModelAndView write(@PathVariable long id, Wish wish) {
        var menu = kitchen.menu();
        var dish = dishes.find(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        try {
            var text = wish.of(menu.read(dish.value().text()), menu).into(dish.value().text(), wish.coversNumber());
            return bench.unkept(id, DishForm.of(text, String.valueOf(dish.version())),
                    "These are the new amounts. They are not kept yet.");
        } catch (IllegalArgumentException _) {
            // the page of the same wish says what is wrong with it
            return new ModelAndView("redirect:/dishes/" + id + "/scale").addObject("covers", wish.covers())
                    .addObject("weight", wish.weight());
        }
    }
}
