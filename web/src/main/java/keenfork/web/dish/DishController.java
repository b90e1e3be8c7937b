package keenfork.web.dish;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.kitchen.LineLink;
import keenfork.core.recipe.Answer;
import keenfork.core.recipe.Recipe;
import keenfork.format.JsonLdRecipe;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Cook;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.dish.DishText;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.pack.Packs;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The bench: a dish written, read line by line, answered and kept.
@Controller
class DishController {
    private static final int MOST_FOODS = 8;
    private static final long NEW = 0;
    private final Kitchen kitchen;
    private final Dishes dishes;
    private final Packs packs;
    private final BenchPage bench;

    DishController(Kitchen kitchen, Dishes dishes, Packs packs, BenchPage bench) {
        this.kitchen = kitchen;
        this.dishes = dishes;
        this.packs = packs;
        this.bench = bench;
    }

    @GetMapping("/dishes/new")
    ModelAndView blank() {
        return bench.opened(NEW, DishForm.of("", ""));
    }

    @GetMapping("/dishes/{id}")
    ModelAndView open(@PathVariable long id) {
        var dish = stored(id);
        return bench.opened(id, DishForm.of(dish.value().text(), String.valueOf(dish.version())));
    }

    @PostMapping("/dishes/read")
    String read(@RequestParam(defaultValue = "0") long id, DishForm form, Model model) {
        var looked = CheckedForm.at(form);
        model.addAttribute("id", id);
        model.addAttribute("bench", bench.read(id, looked));
        model.addAttribute("aim", bench.aim(form, looked));
        model.addAttribute("tooLong", looked.wrong());
        return "dish/bench :: reading";
    }

    /// An answer pressed where no script runs: the line is written anew, and the recipe waits to be kept.
    ///
    /// @param answer the line as it stands, a line break, and the line as it shall stand
    @PostMapping("/dishes/answer")
    ModelAndView answer(@RequestParam(defaultValue = "0") long id, @RequestParam String answer, DishForm form) {
        var lines = answer.split("\\R", 2);
        if (lines.length < 2 || form.isTooLong())
            throw new NotHere("This answer has lost its line. Go back and write it into the recipe.");
        var text = new Answer("", lines[1]).into(form.text(), lines[0]);
        return bench.unkept(id, form.with(text, form.version()), text.equals(form.text())
                ? "That line is not in the recipe any more; nothing was changed." : "Answered, and not kept yet.");
    }

    /// A recipe that another station worked out: it waits on the bench, beside what keeping it would change.
    @PostMapping("/dishes/proposed")
    ModelAndView proposed(@RequestParam(defaultValue = "0") long id, DishForm form) {
        if (id != NEW) stored(id);
        return bench.unkept(id, form, "This is the changed recipe. It is not kept yet.");
    }

    /// Says which pack a line takes. That is a fact of the kitchen's and is kept at once; the text on the bench waits
    /// as it is.
    ///
    /// @param pack the pack's key, a line break, and the line
    @PostMapping("/dishes/{id}/pack")
    ModelAndView pack(@PathVariable long id, @RequestParam String pack, DishForm form) {
        var words = pack.split("\\R", 2);
        if (words.length < 2 || !words[0].matches("\\d{1,18}"))
            throw new NotHere("This choice has lost its line. Go back and open the pack instead.");
        var chosen = packs.find(Long.parseLong(words[0]))
                .orElseThrow(() -> new NotHere("This pack is not in the larder any more."));
        stored(id);
        packs.link(new LineLink(id, words[1], chosen.id()));
        return bench.unkept(id, form, "“%s” takes %s from now on.".formatted(words[1], chosen.value().label()));
    }

    /// Foods of the table that may be meant by a word, as answers to write into the line.
    @GetMapping("/dishes/foods")
    String foods(@RequestParam(defaultValue = "") String asked, @RequestParam(defaultValue = "") String q,
            Model model) {
        var lines = kitchen.menu().read("A line\n" + asked).lines();
        var words = q.strip().toLowerCase(Locale.ROOT);
        model.addAttribute("asked", asked);
        model.addAttribute("answers",
                lines.size() != 1 || words.isEmpty() ? List.of() : Foods.shipped().all().stream()
                        .filter(f -> f.names().stream().anyMatch(n -> n.toLowerCase(Locale.ROOT).contains(words)))
                        .sorted((a, b) -> Integer.compare(a.name().length(), b.name().length())).map(Food::name)
                        .flatMap(n -> Answer.naming(lines.getFirst(), n, kitchen.menu().volumes()).stream())
                        .limit(MOST_FOODS).toList());
        return "dish/bench :: foods";
    }

    @PostMapping("/dishes/new")
    ModelAndView add(DishForm form, HttpServletRequest request) {
        var looked = CheckedForm.forTheMenu(form, kitchen.menu());
        if (!looked.wrong().isEmpty()) return bench.refused(NEW, form, looked.wrong());
        try {
            return new ModelAndView("redirect:/dishes/" + dishes.add(recipe(looked).name(), looked.recipe().text(),
                    looked.recipe().original(), Cook.of(request)));
        } catch (Conflict e) {
            return bench.conflict(NEW, form, String.valueOf(e.getMessage()), null);
        }
    }

    @PostMapping("/dishes/{id}")
    ModelAndView change(@PathVariable long id, DishForm form, HttpServletRequest request) {
        var looked = CheckedForm.forTheMenu(form, kitchen.menu());
        if (!looked.wrong().isEmpty()) return bench.refused(id, form, looked.wrong());
        try {
            dishes.change(id, form.versionNumber(), recipe(looked).name(), looked.recipe().text(),
                    looked.recipe().original(), Cook.of(request));
            return new ModelAndView("redirect:/dishes/" + id);
        } catch (Conflict e) {
            var theirs = dishes.find(id);
            var newer = form.with(form.text(), theirs.map(t -> String.valueOf(t.version())).orElse(""));
            return bench.conflict(id, newer, String.valueOf(e.getMessage()),
                    theirs.map(t -> t.value().text()).orElse(null));
        }
    }

    @GetMapping("/dishes/{id}/recipe.json")
    ResponseEntity<byte[]> json(@PathVariable long id) {
        var dish = stored(id).value();
        var file = ContentDisposition.attachment().filename(dish.name() + ".json", StandardCharsets.UTF_8).build()
                .toString();
        return ResponseEntity.ok().contentType(MediaType.parseMediaType("application/ld+json"))
                .header(HttpHeaders.CONTENT_DISPOSITION, file)
                .body(JsonLdRecipe.write(dish.text(), dish.original()).getBytes(StandardCharsets.UTF_8));
    }

    private Recipe recipe(CheckedForm looked) { return kitchen.menu().read(looked.recipe().text()); }

    private Stored<DishText> stored(long id) {
        return dishes.find(id).orElseThrow(() -> new NotHere(
                "This dish is not on the menu any more. If it was taken off, it is kept at the foot of the list of "
                        + "dishes."));
    }
}
