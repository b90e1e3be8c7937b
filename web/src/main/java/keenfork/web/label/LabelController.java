package keenfork.web.label;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Locale;
import keenfork.core.label.Statement;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Labels;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

@Controller
class LabelController {
    private final Kitchen kitchen;
    private final LabelPdf pdf;
    private final Labels labels;
    private final Clock clock;
    private final String kitchenName;

    LabelController(Kitchen kitchen, LabelPdf pdf, Labels labels, Clock clock, @Value("${keenfork.kitchen}") String kitchenName) {
        this.kitchen = kitchen;
        this.pdf = pdf;
        this.labels = labels;
        this.clock = clock;
        this.kitchenName = kitchenName;
    }

    @GetMapping("/labels") String labels(@RequestParam(defaultValue = "0") long dish, Model model) {
        var menu = kitchen.menu();
        model.addAttribute("dishes", menu.dishes());
        if (!menu.dishes().isEmpty()) {
            var shown = dish == 0 ? menu.dishes().getFirst() : dish(menu, dish);
            model.addAttribute("chosen", shown.id());
            model.addAttribute("label", label(menu, shown));
        }
        return "label/labels";
    }

    @GetMapping("/labels/{id}/{kind}.pdf") ResponseEntity<byte[]> print(@PathVariable long id, @PathVariable String kind) {
        var menu = kitchen.menu();
        var size = kind(kind);
        var label = label(menu, dish(menu, id));
        var name = ContentDisposition.inline().filename(label.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + "-" + kind + ".pdf").build();
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).header(HttpHeaders.CONTENT_DISPOSITION, name.toString()).body(pdf.of(label, size));
    }

    /// Prints a label: what it says is written down as printed, so that it can be called back once it is no longer true.
    @PostMapping("/labels/{id}/{kind}") ResponseEntity<byte[]> printed(@PathVariable long id, @PathVariable String kind) {
        var menu = kitchen.menu();
        var size = kind(kind);
        var statement = Statement.compose(dish(menu, id).derivation(), menu.ruleBook());
        labels.printed(id, kind, size == LabelPdf.Kind.CARD ? statement.onCard() : statement.onTub());
        return print(id, kind);
    }

    private static LabelPdf.Kind kind(String kind) {
        return LabelPdf.Kind.named(kind).orElseThrow(() -> new NotHere("There is no label called “%s”; there are card and tub.".formatted(kind)));
    }

    private LabelView label(Menu menu, Menu.Dish dish) {
        return LabelView.of(Statement.compose(dish.derivation(), menu.ruleBook()), kitchenName, LocalDate.now(clock));
    }

    private static Menu.Dish dish(Menu menu, long id) {
        return menu.dish(id).orElseThrow(() -> new NotHere("This dish is not on the menu any more."));
    }
}
