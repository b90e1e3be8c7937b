package keenfork.web.label;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/// What labels follow, law by law, and what they leave out.
@Controller
class LawController {
    private static final LawPage PAGE = LawPage.read();

    @GetMapping("/labels/law")
    String law(Model model) {
        model.addAttribute("law", PAGE);
        return "label/law";
    }
}
