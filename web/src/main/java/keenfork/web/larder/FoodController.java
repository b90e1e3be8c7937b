package keenfork.web.larder;

import jakarta.servlet.http.HttpServletRequest;
import java.math.BigDecimal;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.measure.Span;
import keenfork.web.page.Cook;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.settings.Weighings;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The reference table: what each food holds and weighs, where that is known from, and what this kitchen weighed
/// itself.
@Controller
class FoodController {
    private static final int MOST = 60;
    private static final Pattern NOUN = Pattern.compile("[a-z]{2,20}");
    private static final Pattern FIGURE = Pattern.compile("\\d{1,6}(?:[.,]\\d{1,3})?");
    private static final int LONGEST_NOTE = 200;
    private final Weighings weighings;

    /// A weight as it was typed.
    ///
    /// @param noun one of what
    /// @param low  g at least; the usual figure where it is left empty
    /// @param high g at most; the usual figure where it is left empty
    /// @param note how it was found
    record Weighed(String noun, String low, String likely, String high, String note) {
        static final Weighed NOTHING = new Weighed("", "", "", "", "");

        /// What a form leaves out is as if nothing was typed.
        Weighed(@Nullable String noun, @Nullable String low, @Nullable String likely, @Nullable String high,
                @Nullable String note) {
            this.noun = plain(noun);
            this.low = plain(low);
            this.likely = plain(likely);
            this.high = plain(high);
            this.note = plain(note);
        }

        private static String plain(@Nullable String typed) { return typed == null ? "" : typed.strip(); }
    }

    FoodController(Weighings weighings) {
        this.weighings = weighings;
    }

    @GetMapping("/larder/foods")
    ModelAndView foods(@RequestParam(defaultValue = "") String q) {
        var words = q.strip().toLowerCase(Locale.ROOT);
        var own = weighings.all();
        var found = Foods.shipped().all().stream().filter(f -> holds(f, words))
                .sorted(Comparator.comparingInt((Food f) -> far(f, words)).thenComparing(Food::name)).toList();
        return new ModelAndView("larder/foods", "page", new FoodList(q, found.size(),
                found.stream().limit(MOST).map(f -> FoodList.FoodRow.of(f, !of(f, own).isEmpty())).toList()));
    }

    private static boolean holds(Food food, String words) {
        return food.names().stream().anyMatch(n -> n.toLowerCase(Locale.ROOT).contains(words))
                || (FoodList.names(food.holds()) + " " + FoodList.names(food.sometimes())).contains(words);
    }

    /// {@return how far down the list a food stands: by its first name, by any of its names, by what it holds, by what
    /// some makes hold}
    private static int far(Food food, String words) {
        if (food.name().startsWith(words)) return 0;
        if (food.names().stream().anyMatch(n -> n.toLowerCase(Locale.ROOT).contains(words))) return 1;
        return FoodList.names(food.holds()).contains(words) ? 2 : 3;
    }

    private static List<Weighings.Weighing> of(Food food, List<Weighings.Weighing> all) {
        return all.stream().filter(w -> w.food().equals(food.name())).toList();
    }

    @GetMapping("/larder/food")
    ModelAndView food(@RequestParam(defaultValue = "") String name) {
        return page(found(name), Weighed.NOTHING, "", HttpStatus.OK);
    }

    private static Food found(String name) {
        return Foods.shipped().find(name)
                .orElseThrow(() -> new NotHere("The table has no food called “%s”.".formatted(name)));
    }

    private ModelAndView page(Food food, Weighed typed, String wrong, HttpStatus status) {
        return new ModelAndView("larder/food",
                Map.of("page", FoodView.of(food, of(food, weighings.all()), typed, wrong)), status);
    }

    @PostMapping("/larder/food")
    ModelAndView weigh(@RequestParam String name, Weighed typed, HttpServletRequest request) {
        var food = found(name);
        try {
            if (!NOUN.matcher(typed.noun.toLowerCase(Locale.ROOT)).matches())
                throw new IllegalArgumentException("Say one of what: bunch, clove, piece, slice … or ml.");
            if (typed.note.isEmpty() || typed.note.length() > LONGEST_NOTE)
                throw new IllegalArgumentException("Say how it was found, such as “mean of ten bunches, Nov 2026”.");
            weighings.keep(food.name(), typed.noun.toLowerCase(Locale.ROOT), figure(typed), typed.note,
                    Cook.of(request));
            return new ModelAndView("redirect:" + link(food));
        } catch (IllegalArgumentException e) {
            return page(food, typed, String.valueOf(e.getMessage()), HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    private static Span figure(Weighed typed) {
        var figures = new ArrayList<BigDecimal>();
        var low = typed.low.isEmpty() ? typed.likely : typed.low;
        var high = typed.high.isEmpty() ? typed.likely : typed.high;
        for (var text : List.of(low, typed.likely, high)) {
            if (!FIGURE.matcher(text).matches())
                throw new IllegalArgumentException(
                        "Write grams as a number, such as 25 or 0.6, not “%s”.".formatted(text));
            figures.add(new BigDecimal(text.replace(',', '.')));
        }
        if (figures.get(1).signum() == 0 || figures.get(0).compareTo(figures.get(1)) > 0
                || figures.get(1).compareTo(figures.get(2)) > 0)
            throw new IllegalArgumentException(
                    "The figures must rise from least to most: %s, %s, %s.".formatted(low, typed.likely, high));
        return new Span(figures.get(0), figures.get(1), figures.get(2));
    }

    @PostMapping("/larder/food/forget")
    String forget(@RequestParam String name, @RequestParam String noun) {
        weighings.forget(found(name).name(), noun);
        return "redirect:" + link(found(name));
    }

    private static String link(Food food) {
        return "/larder/food?name=" + URLEncoder.encode(food.name(), StandardCharsets.UTF_8);
    }
}
