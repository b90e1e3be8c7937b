package keenfork.web.dish;

import jakarta.servlet.http.HttpServletRequest;
import keenfork.core.people.Avoidances;
import keenfork.web.kitchen.Accepting;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Cook;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Conflict;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.ModelAndView;

/// Keeps what a cook worked out on the bench for people who avoid something as a variant: the dish itself stays.
@Controller
class VariantController {
    private final Kitchen kitchen;
    private final Accepting accepting;
    private final BenchPage bench;

    VariantController(Kitchen kitchen, Accepting accepting, BenchPage bench) {
        this.kitchen = kitchen;
        this.accepting = accepting;
        this.bench = bench;
    }

    @PostMapping("/dishes/{id}/variant")
    ModelAndView keep(@PathVariable long id, DishForm form, HttpServletRequest request) {
        var menu = kitchen.menu();
        var dish = menu.dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
        var looked = CheckedForm.forTheMenu(form, menu);
        if (!looked.wrong().isEmpty()) return bench.refused(id, form, looked.wrong());
        var avoid = Avoidances.of(form.without(), menu.ruleBook());
        var aim = bench.aim(form, looked);
        if (aim == null || !avoid.unread().isEmpty())
            return bench.refused(id, form,
                    "It is not said whom it is for. Plan it again under Swaps; nothing was kept.");
        if (!aim.isReached())
            return bench.refused(id, form, "Not kept: what must be out is " + aim.words() + ".");
        try {
            var text = looked.recipe().text();
            var kept = accepting.asWritten(new Accepting.Offer(menu, dish, avoid, form.without(), 0, Cook.of(request)),
                    text, menu.read(text).name(), form.variantNumber());
            return new ModelAndView("redirect:/dishes/" + kept.dish());
        } catch (Conflict e) {
            return bench.conflict(id, form, String.valueOf(e.getMessage()), null);
        }
    }
}
