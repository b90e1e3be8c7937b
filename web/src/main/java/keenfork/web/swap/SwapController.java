package keenfork.web.swap;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Arrays;
import java.util.List;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.kitchen.Accepting;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/// The swap bench: plans for a dish, or for every dish, looked at and compared.
@Controller
class SwapController {
    private final SwapPage page;
    private final Dishes dishes;

    /// what was just kept, in words, with what takes it back
    record Done(String words, String link, String how, long dish, int number, List<Long> asides, List<String> lines) {}

    SwapController(SwapPage page, Dishes dishes) {
        this.page = page;
        this.dishes = dishes;
    }

    @GetMapping("/swaps")
    String bench(HttpServletRequest request, Model model) {
        model.addAttribute("bench", page.of(SwapQuery.of(request), null));
        done(request, model);
        return "swap/swaps";
    }

    /// What was kept a moment ago is told by the address alone, so that a page that is left open can still take it
    /// back.
    private void done(HttpServletRequest request, Model model) {
        var how = Arrays.stream(Accepting.How.values()).filter(h -> h.name().equals(request.getParameter("done")))
                .findFirst();
        if (how.isEmpty()) return;
        var of = SwapQuery.number(request.getParameter("of"));
        var name = dishes.find(of).map(d -> d.value().name()).orElse("The dish");
        var lines = request.getParameterValues("line") == null ? List.<String>of()
                : List.of(request.getParameterValues("line"));
        var words = switch (how.get()) {
            case VARIANT -> "“%s” is on the menu now, and linked to its original.".formatted(name);
            case CHANGE -> "“%s” is changed, for everyone who eats it.".formatted(name);
            case PLATES -> "Kept: some plates of “%s” go out without it.".formatted(name);
            case ADDED -> "“%s” is on the menu now.".formatted(name);
            case SPLIT -> "Kept: portions of “%s” are taken off first.".formatted(name);
        };
        model.addAttribute("done", new Done(words, "/dishes/" + of, how.get().name(), of,
                (int) SwapQuery.number(request.getParameter("was")), SwapQuery.numbers(request, "aside"), lines));
    }
}
