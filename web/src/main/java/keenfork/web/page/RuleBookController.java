package keenfork.web.page;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import keenfork.core.label.ContactWording;
import keenfork.core.label.Language;
import keenfork.core.label.OnPaper;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.settings.Settings;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/// The rule book in force, and where the kitchen starts. Another law is another set of labels: it is chosen on a page
/// of its own, which says what it does to the labels that are out.
@Controller
class RuleBookController {
    private static final String PLACE = "/(?:[a-z0-9-][a-z0-9/-]*)?";
    private final Settings settings;
    private final Labels labels;

    /// A rule book to choose.
    ///
    /// @param groups what it names, in its own order
    /// @param wrong   copies of labels that are out and follow another one
    /// @param inForce whether it is the one the kitchen follows
    record Choice(String id, String name, String law, String groups, int wrong, boolean inForce) {}

    /// A way to say contact, by an example.
    record Wording(String id, String example, String note) {}

    RuleBookController(Settings settings, Labels labels) {
        this.settings = settings;
        this.labels = labels;
    }

    @GetMapping("/")
    String start() { return "redirect:/today"; }

    @GetMapping("/rule-book")
    String choose(@RequestParam(defaultValue = "/map") String back, Model model) {
        var out = labels.out();
        model.addAttribute("choices", RuleBook.all().stream().map(b -> choice(b, out)).toList());
        model.addAttribute("out", out.stream().mapToInt(Labels.Printed::out).sum());
        model.addAttribute("back", place(back));
        model.addAttribute("wording", settings.contactWording().id());
        var book = RuleBook.named(settings.ruleBook()).orElse(RuleBook.uk());
        model.addAttribute("wordings", Arrays.stream(ContactWording.values()).map(w -> said(w, book)).toList());
        return "page/rule-book";
    }

    private Choice choice(RuleBook book, List<Labels.Printed> out) {
        var groups = book.groups().stream().map(Group::name).collect(Collectors.joining(", "));
        var wrong = out.stream().filter(p -> !p.print().says().map(OnPaper::ruleBook).orElse("").equals(book.id()))
                .mapToInt(Labels.Printed::out).sum();
        return new Choice(book.id(), book.name(), book.law(), groups, wrong,
                book.id().equals(settings.ruleBook()));
    }

    @PostMapping("/rule-book")
    String use(@RequestParam(defaultValue = "") String id, @RequestParam(defaultValue = "/map") String back) {
        settings.useRuleBook(RuleBook.named(id)
                .orElseThrow(() -> new NotHere("There is no rule book called “%s”.".formatted(id))).id());
        return "redirect:" + place(back);
    }

    /// How labels say that something may have come by shared kit. It changes no mark, so it makes no label wrong.
    @PostMapping("/rule-book/contact")
    String sayContact(@RequestParam(defaultValue = "") String wording,
            @RequestParam(defaultValue = "/map") String back) {
        settings.sayContact(ContactWording.named(wording)
                .orElseThrow(() -> new NotHere("Contact is not said in a way called “%s”.".formatted(wording))));
        return "redirect:" + place(back);
    }

    private static Wording said(ContactWording wording, RuleBook book) {
        var phrase = wording == ContactWording.MAY ? "may" : "contact";
        return new Wording(wording.id(), Language.english().sentence(phrase, book).replace("{list}", "sesame"),
                wording == ContactWording.MAY ? "as packs say it: guests know it" : "says less at a glance");
    }

    private static String place(String back) { return back.matches(PLACE) ? back : "/map"; }
}
