package keenfork.web.label;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.LocalDate;
import keenfork.core.label.Kind;
import keenfork.core.label.OnPaper;
import keenfork.core.label.Statement;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Labels;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/// The whole menu on one sheet, for the folder behind the counter: each dish with what is in it, what may be, and what is not known.
@Controller
class MenuSheetController {
    private static final int MOST_COPIES = 1000;
    private final Kitchen kitchen;
    private final LabelPdf pdf;
    private final Labels labels;
    private final Format format;
    private final Clock clock;
    private final String kitchenName;

    MenuSheetController(Kitchen kitchen, LabelPdf pdf, Labels labels, Format format, Clock clock, @Value("${keenfork.kitchen}") String kitchenName) {
        this.kitchen = kitchen;
        this.pdf = pdf;
        this.labels = labels;
        this.format = format;
        this.clock = clock;
        this.kitchenName = kitchenName;
    }

    @GetMapping("/labels/menu.pdf") ResponseEntity<byte[]> sheet(@RequestParam(defaultValue = "a4") String paper) {
        var menu = kitchen.menu();
        var today = LocalDate.now(clock);
        var all = menu.dishes().stream().map(d -> LabelView.of(said(menu, d), menu.ruleBook(), kitchenName, today, null)).toList();
        var size = switch (paper) {
            case "a4" -> "A4";
            case "letter" -> "letter";
            default -> throw new NotHere("A sheet is set on a4 or letter.");
        };
        var name = ContentDisposition.inline().filename("menu.pdf").build();
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).header(HttpHeaders.CONTENT_DISPOSITION, name.toString()).body(pdf.sheet(all, kitchenName, format.day(today), menu.ruleBook(), size));
    }

    private static OnPaper said(Menu menu, Menu.Dish dish) { return OnPaper.of(Statement.compose(dish.derivation(), menu.ruleBook()), false); }

    /// Writes the sheet down as printed, a line for each dish: the one that changes is called back.
    @PostMapping("/labels/menu") String print(@RequestParam(defaultValue = "1") String copies, @RequestParam(defaultValue = "") String place, HttpServletRequest request) {
        var menu = kitchen.menu();
        var many = copies.strip().matches("\\d{1,4}") ? Integer.parseInt(copies.strip()) : 0;
        if (many < 1 || many > MOST_COPIES) throw new NotHere("Sheets are a number from 1 to %,d, not “%s”. Nothing was printed. Go back and write another.".formatted(MOST_COPIES, copies.strip()));
        for (var dish : menu.dishes()) {
            var said = said(menu, dish);
            labels.printed(new Labels.Print(dish.id(), Kind.MENU.id(), said.text(), said.fingerprint(), many, place.strip().substring(0, Math.min(200, place.strip().length())), Cook.of(request), "", null));
        }
        return "redirect:/labels/menu.pdf";
    }
}
