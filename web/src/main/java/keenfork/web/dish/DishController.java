package keenfork.web.dish;

import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import keenfork.core.diet.Diet;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Mark;
import keenfork.format.JsonLdRecipe;
import keenfork.format.RecipeFile;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.Dishes;
import keenfork.web.persistence.Settings;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

@Controller
class DishController {
    private static final String TOO_LONG = "This is longer than %,d letters or %d lines. Cut it into dishes that use each other: write @ and the other dish's name as a line."
            .formatted(DishForm.LONGEST, DishForm.MOST_LINES);
    private static final int LONGEST_LISTS = 4_000;
    private final Kitchen kitchen;
    private final Dishes dishes;
    private final Settings settings;
    private final Format format;

    /// one dish of the list
    record Row(long id, String name, List<Sign> marks, int questions) {
        static Row of(Menu.Dish dish, Menu menu, Format format) {
            return new Row(dish.id(), dish.name(), dish.derivation().under(menu.ruleBook()).marks().stream().map(m -> Sign.of(m, format)).toList(), dish.derivation().questions().size());
        }
    }

    /// one mark of the list
    record Sign(String symbol, String name, String words) {
        static Sign of(Mark mark, Format format) {
            return new Sign(format.symbol(Optional.of(mark)), mark.group().name(), format.words(Optional.of(mark)));
        }
    }

    DishController(Kitchen kitchen, Dishes dishes, Settings settings, Format format) {
        this.kitchen = kitchen;
        this.dishes = dishes;
        this.settings = settings;
        this.format = format;
    }

    @GetMapping("/dishes") String list(Model model) {
        list(model, settings.ownLists(), "");
        return "dish/list";
    }

    private void list(Model model, String lists, String wrong) {
        var menu = kitchen.menu();
        model.addAttribute("rows", menu.dishes().stream().map(d -> Row.of(d, menu, format)).toList());
        model.addAttribute("lists", lists);
        model.addAttribute("wrong", wrong);
    }

    @PostMapping("/dishes/own-lists") String ownLists(@RequestParam(defaultValue = "") String lists, Model model, HttpServletResponse response) {
        try {
            if (lists.length() > LONGEST_LISTS) throw new IllegalArgumentException("These lists are longer than %,d letters together.".formatted(LONGEST_LISTS));
            Diet.own(lists);
            settings.useOwnLists(lists.strip().replace("\r\n", "\n"));
            return "redirect:/dishes";
        } catch (IllegalArgumentException e) {
            response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
            list(model, lists, String.valueOf(e.getMessage()));
            return "dish/list";
        }
    }

    @GetMapping("/dishes/new") ModelAndView blank() {
        return bench(0, new DishForm("", ""), "", null, HttpStatus.OK);
    }

    @GetMapping("/dishes/{id}") ModelAndView open(@PathVariable long id) {
        var dish = kitchen.menu().dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        return bench(id, new DishForm(dish.stored().value().text(), String.valueOf(dish.stored().version())), "", null, HttpStatus.OK);
    }

    @PostMapping("/dishes/read") String read(DishForm form, Model model) {
        var looked = Looked.at(form);
        model.addAttribute("bench", view(looked));
        model.addAttribute("tooLong", looked.wrong);
        return "dish/bench :: reading";
    }

    @PostMapping("/dishes/new") ModelAndView add(DishForm form) {
        var looked = looked(form);
        if (!looked.wrong.isEmpty()) return bench(0, form, looked.wrong, null, HttpStatus.UNPROCESSABLE_CONTENT);
        try {
            return new ModelAndView("redirect:/dishes/" + dishes.add(read(looked).name(), looked.recipe.text(), looked.recipe.original()));
        } catch (Conflict e) {
            return bench(0, form, String.valueOf(e.getMessage()), null, HttpStatus.CONFLICT);
        }
    }

    @PostMapping("/dishes/{id}") ModelAndView change(@PathVariable long id, DishForm form) {
        var looked = looked(form);
        if (!looked.wrong.isEmpty()) return bench(id, form, looked.wrong, null, HttpStatus.UNPROCESSABLE_CONTENT);
        try {
            dishes.change(id, form.versionNumber(), read(looked).name(), looked.recipe.text(), looked.recipe.original());
            return new ModelAndView("redirect:/dishes/" + id);
        } catch (Conflict e) {
            var theirs = dishes.find(id);
            var newer = new DishForm(form.text(), theirs.map(t -> String.valueOf(t.version())).orElse(""));
            return bench(id, newer, String.valueOf(e.getMessage()), theirs.map(t -> t.value().text()).orElse(null), HttpStatus.CONFLICT);
        }
    }

    /// A form looked over once: the recipe as text with the object it came as, or what is wrong with it.
    private record Looked(JsonLdRecipe.Imported recipe, String wrong) {
        static Looked at(DishForm form) {
            if (form.isTooLong()) return refused(TOO_LONG);
            try {
                var recipe = form.recipe();
                return new DishForm(recipe.text(), "").isTooLong() ? refused(TOO_LONG) : new Looked(recipe, "");
            } catch (RecipeFile.Unreadable e) {
                return refused("This looks like JSON, but " + e.getMessage() + ". Paste the whole recipe object, or write the recipe as text.");
            }
        }

        static Looked refused(String wrong) { return new Looked(new JsonLdRecipe.Imported("", ""), wrong); }
    }

    /// {@return the form looked over as something to put on the menu}
    private Looked looked(DishForm form) {
        if (form.text().isBlank()) return Looked.refused("Write the dish's name on the first line, then one ingredient on each line.");
        if (form.text().indexOf('\0') >= 0) return Looked.refused("There is a sign in the text that is no letter (a null byte). Paste it as plain text.");
        var looked = Looked.at(form);
        if (!looked.wrong.isEmpty()) return looked;
        var recipe = read(looked);
        if (recipe.name().length() > 200) return Looked.refused("The name on the first line is longer than 200 letters. Put the name alone on the first line.");
        return recipe.lines().isEmpty() ? Looked.refused("“%s” has no ingredient yet. Write one on each line below the name.".formatted(recipe.name())) : looked;
    }

    private Recipe read(Looked looked) { return kitchen.read(looked.recipe.text(), kitchen.menu().ruleBook()); }

    @GetMapping("/dishes/{id}/recipe.json") ResponseEntity<byte[]> json(@PathVariable long id) {
        var dish = dishes.find(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more.")).value();
        var file = ContentDisposition.attachment().filename(dish.name() + ".json", StandardCharsets.UTF_8).build().toString();
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("application/ld+json")).header(HttpHeaders.CONTENT_DISPOSITION, file).body(JsonLdRecipe.write(dish.text(), dish.original()).getBytes(StandardCharsets.UTF_8));
    }

    /// {@return what is read, or null where nothing is written or it is refused}
    private @Nullable BenchView view(Looked looked) {
        var menu = kitchen.menu();
        return looked.recipe.text().isBlank() ? null : BenchView.of(Derivation.of(read(looked), menu.facts()), menu, format);
    }

    private ModelAndView bench(long id, DishForm form, String wrong, @Nullable String theirs, HttpStatus status) {
        var page = new ModelAndView("dish/bench", status);
        page.addObject("id", id);
        page.addObject("form", form);
        page.addObject("wrong", wrong);
        page.addObject("theirs", theirs);
        var bench = view(Looked.at(form));
        page.addObject("tooLong", "");
        page.addObject("bench", bench);
        page.addObject("title", id == 0 || bench == null ? "A new dish" : bench.name());
        return page;
    }
}
