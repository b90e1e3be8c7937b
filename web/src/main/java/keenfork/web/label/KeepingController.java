package keenfork.web.label;

import jakarta.servlet.http.HttpServletRequest;
import java.math.BigDecimal;
import java.util.Map;
import keenfork.core.label.KeepBy;
import keenfork.core.label.MadeAs;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.label.Keeping;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// What the kitchen knows of its own food: how long it keeps, and what a laboratory found in it.
@Controller
class KeepingController {
    private static final int MOST_DAYS = 60;
    private static final int LONGEST = 200;
    private final Kitchen kitchen;
    private final Keeping keeping;
    private final Composing composing;
    private final Format format;

    KeepingController(Kitchen kitchen, Keeping keeping, Composing composing, Format format) {
        this.kitchen = kitchen;
        this.keeping = keeping;
        this.composing = composing;
        this.format = format;
    }

    @GetMapping("/labels/keeping")
    ModelAndView keeping(@RequestParam(defaultValue = "0") long dish) {
        return page(dish, KeepingView.Typed.NOTHING, HttpStatus.OK);
    }

    private ModelAndView page(long dish, KeepingView.Typed typed, HttpStatus status) {
        return new ModelAndView("label/keeping",
                Map.of("page", KeepingView.of(kitchen.menu(), keeping, dish, typed, format)), status);
    }

    @PostMapping("/labels/keeping")
    ModelAndView set(@RequestParam(defaultValue = "") String what, @RequestParam(defaultValue = "") String days,
            @RequestParam(defaultValue = "") String why, HttpServletRequest request) {
        var shipped = KeepBy.times().stream().filter(t -> t.what().equals(what)).findFirst()
                .orElseThrow(() -> new NotHere("No keeping time is known for “%s”.".formatted(what)));
        var many = days.strip().matches("\\d{1,3}") ? Integer.parseInt(days.strip()) : 0;
        if (many < 1 || many > MOST_DAYS)
            return again(0, new KeepingView.Typed(what, days, why, "", "", "",
                    "Days are a number from 1 to %d, not “%s”. Nothing was changed.".formatted(MOST_DAYS,
                            days.strip())));
        if (why.isBlank() || why.strip().length() > LONGEST)
            return again(0, new KeepingView.Typed(what, days, why, "", "", "",
                    ("Say in a few words why it keeps %d days here, such as where that is on record. Nothing was "
                            + "changed.")
                                    .formatted(many)));
        keeping.set(what, many == shipped.days() ? null : many, why.strip(), Cook.of(request));
        return new ModelAndView("redirect:/labels/keeping");
    }

    /// Files what a laboratory found in a dish. It counts as long as the dish is made as it is today.
    @PostMapping("/labels/{id}/report")
    ModelAndView report(@PathVariable long id, @RequestParam(defaultValue = "") String mgPerKg,
            @RequestParam(defaultValue = "") String on, @RequestParam(defaultValue = "") String reference,
            HttpServletRequest request) {
        var menu = kitchen.menu();
        var dish = menu.dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        var day = LabelRequest.day(on.strip());
        var wrong = wrong(mgPerKg.strip(), on.strip(), reference.strip());
        if (!wrong.isEmpty())
            return again(id, new KeepingView.Typed("", "", "", mgPerKg, on, reference, wrong + " Nothing was filed."));
        keeping.file(new Keeping.Report(id, new BigDecimal(mgPerKg.strip().replace(',', '.')), day.orElseThrow(),
                reference.strip(), MadeAs.of(dish.derivation()), Cook.of(request)));
        return new ModelAndView("redirect:/labels?dish=" + id);
    }

    /// {@return what is wrong with a report as it was typed; empty where nothing is}
    private String wrong(String mgPerKg, String on, String reference) {
        if (!mgPerKg.matches("\\d{1,5}([.,]\\d{1,2})?"))
            return "What was found is a number in mg/kg, such as 5 or 0, not “%s”.".formatted(mgPerKg);
        var day = LabelRequest.day(on);
        if (day.isEmpty() || day.get().isAfter(composing.today()))
            return "The day of the report is a day gone by, written as 2026-11-03, not “%s”.".formatted(on);
        return reference.isEmpty() || reference.length() > LONGEST
                ? "Say where the report is on file, in a few words." : "";
    }

    private ModelAndView again(long dish, KeepingView.Typed typed) {
        return page(dish, typed, HttpStatus.UNPROCESSABLE_CONTENT);
    }
}
