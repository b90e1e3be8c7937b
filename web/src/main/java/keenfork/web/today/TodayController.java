package keenfork.web.today;

import jakarta.servlet.http.HttpServletRequest;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Paper;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.persistence.SetAsides;
import keenfork.web.persistence.Variants;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

@Controller
class TodayController {
    private final Kitchen kitchen;
    private final Paper paper;
    private final Variants variants;
    private final SetAsides asides;
    private final Format format;

    TodayController(Kitchen kitchen, Paper paper, Variants variants, SetAsides asides, Format format) {
        this.kitchen = kitchen;
        this.paper = paper;
        this.variants = variants;
        this.asides = asides;
        this.format = format;
    }

    @GetMapping("/today") String today(HttpServletRequest request, Model model) {
        var menu = kitchen.menu();
        model.addAttribute("dishes", menu.dishes().size());
        model.addAttribute("day", format.day(menu.day()));
        model.addAttribute("needs", TodayView.of(menu, paper.outOfDate(), variants.all(), asides.all(), format));
        model.addAttribute("cook", Cook.of(request));
        return "today/today";
    }
}
