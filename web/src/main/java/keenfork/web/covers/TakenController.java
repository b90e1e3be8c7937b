package keenfork.web.covers;

import java.math.BigDecimal;
import java.math.RoundingMode;
import keenfork.core.covers.Appetite;
import keenfork.format.TypedWeight;
import keenfork.web.persistence.settings.Settings;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/// How much the guests take, and what a tub holds: the kitchen's own figures, which lists of the covers reckon with.
@Controller
class TakenController {
    private static final int MOST_HELPINGS = 99;
    private static final int MOST_SPARE = 200;
    private static final BigDecimal MOST_TUB = new BigDecimal(100_000);
    private static final String PREP = "/covers/prep";
    private final Settings settings;

    TakenController(Settings settings) {
        this.settings = settings;
    }

    /// @param helpings dishes of a course a guest takes; empty for all of them
    /// @param spare    per cent that are made beyond that
    /// @param tub      what a tub holds, such as `2.5 kg`
    @PostMapping("/covers/taken")
    String take(@RequestParam(defaultValue = "") String helpings, @RequestParam(defaultValue = "") String spare,
            @RequestParam(defaultValue = "") String tub, @RequestParam(defaultValue = "") String back,
            RedirectAttributes after) {
        var wrong = wrong(helpings.strip(), spare.strip(), tub);
        if (wrong.isEmpty()) {
            settings.take(new Appetite(number(helpings.strip()), number(spare.strip())));
            if (!tub.isBlank())
                TypedWeight.grams(tub).map(g -> g.setScale(0, RoundingMode.HALF_UP).intValueExact())
                        .ifPresent(settings::fillTubsWith);
        } else after.addFlashAttribute("wrong", wrong);
        return "redirect:" + (back.equals(PREP) ? PREP : "/covers/shopping");
    }

    private static int number(String typed) { return typed.isEmpty() ? 0 : Integer.parseInt(typed); }

    private static String wrong(String helpings, String spare, String tub) {
        if (!helpings.matches("\\d{0,2}") || number(helpings) > MOST_HELPINGS)
            return "Say how many dishes of a course a guest takes: a number, or nothing for all, not “%s”."
                    .formatted(helpings);
        if (!spare.matches("\\d{0,3}") || number(spare) > MOST_SPARE)
            return "Say how many per cent more are made: 0 to %d, not “%s”.".formatted(MOST_SPARE, spare);
        var grams = TypedWeight.grams(tub);
        return tub.isBlank() || grams.filter(g -> g.compareTo(BigDecimal.ONE) >= 0 && g.compareTo(MOST_TUB) <= 0)
                .isPresent() ? "" : "Say what a tub holds, such as 2.5 kg, not “%s”.".formatted(tub);
    }
}
