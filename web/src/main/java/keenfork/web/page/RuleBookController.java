package keenfork.web.page;

import keenfork.core.regime.RuleBook;
import keenfork.web.persistence.Settings;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/// The rule book in force, and where the kitchen starts.
@Controller
class RuleBookController {
    private final Settings settings;

    RuleBookController(Settings settings) {
        this.settings = settings;
    }

    @GetMapping("/") String start() { return "redirect:/today"; }

    @PostMapping("/rule-book") String use(@RequestParam(defaultValue = "") String id, @RequestParam(defaultValue = "/map") String back) {
        settings.useRuleBook(RuleBook.named(id).orElseThrow(() -> new NotHere("There is no rule book called “%s”.".formatted(id))).id());
        return "redirect:" + (back.matches("/[a-z0-9/-]*") ? back : "/map");
    }
}
