package keenfork.web.today;

import jakarta.servlet.http.HttpServletRequest;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.persistence.Labels;
import keenfork.web.persistence.SetAsides;
import keenfork.web.persistence.Variants;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

@Controller
class TodayController {
    private final Kitchen kitchen;
    private final Labels labels;
    private final Variants variants;
    private final SetAsides asides;
    private final Format format;

    TodayController(Kitchen kitchen, Labels labels, Variants variants, SetAsides asides, Format format) {
        this.kitchen = kitchen;
        this.labels = labels;
        this.variants = variants;
        this.asides = asides;
        this.format = format;
    }

    @GetMapping("/today") String today(HttpServletRequest request, Model model) {
        var menu = kitchen.menu();
        model.addAttribute("dishes", menu.dishes().size());
        model.addAttribute("day", format.day(menu.day()));
        model.addAttribute("needs", TodayView.of(menu, labels.newest(), variants.all(), asides.all(), format));
        model.addAttribute("cook", Cook.of(request));
        return "today/today";
    }
}
