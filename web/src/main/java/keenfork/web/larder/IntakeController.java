package keenfork.web.larder;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Objects;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.regime.RuleBook;
import keenfork.format.PackCsv;
import keenfork.format.RecipeFile;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Cook;
import keenfork.web.page.CsvAnswer;
import keenfork.web.page.Format;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.pack.Packs;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/// Packs in and out as a table.
@Controller
class IntakeController {
    private static final int LONGEST = 2_000_000;
    private final Kitchen kitchen;
    private final Packs packs;
    private final Format format;

    IntakeController(Kitchen kitchen, Packs packs, Format format) {
        this.kitchen = kitchen;
        this.packs = packs;
        this.format = format;
    }

    @GetMapping("/larder/packs.csv")
    ResponseEntity<byte[]> write() {
        var rows = packs.all().stream().map(p -> cells(p.value())).toList();
        return CsvAnswer.of("packs.csv", PackCsv.write(rows));
    }

    private static List<String> cells(LarderPack p) {
        return List.of(p.food(), p.label(), p.barCode(), p.law(), p.readOn() == null ? "" : p.readOn().toString(),
                p.declaration());
    }

    @GetMapping("/larder/intake")
    ModelAndView blank() { return page(IntakeForm.BLANK, null, "", HttpStatus.OK); }

    @PostMapping("/larder/intake")
    ModelAndView look(@RequestParam(defaultValue = "") String table, @RequestParam(defaultValue = "") String law,
            @RequestParam(required = false) @Nullable MultipartFile file, HttpServletRequest request)
            throws IOException {
        var form = IntakeForm.of(table, law, request);
        if (file == null || file.isEmpty()) return looked(form);
        try {
            return looked(form.withTable(RecipeFile.decode(file.getBytes())));
        } catch (RecipeFile.Unreadable _) {
            return refused(form,
                    "That file holds bytes that are no text. Save the table as CSV (UTF-8) and choose it again.");
        }
    }

    private ModelAndView looked(IntakeForm form) {
        if (form.table().length() > LONGEST)
            return refused(form.withTable(""), "This is longer than 2,000,000 letters. Cut it in two.");
        try {
            return page(form, Intake.of(form, kitchen.menu()), "", HttpStatus.OK);
        } catch (PackCsv.Unreadable e) {
            return refused(form, String.valueOf(e.getMessage()));
        }
    }

    /// Takes in what was shown. Where anything changed since, it is shown again and nothing is stored.
    @PostMapping("/larder/intake/take")
    ModelAndView take(@RequestParam(defaultValue = "") String table, @RequestParam(defaultValue = "") String law,
            @RequestParam(defaultValue = "") String seal, HttpServletRequest request) {
        var form = IntakeForm.of(table, law, request);
        try {
            var intake = Intake.of(form, kitchen.menu());
            if (!intake.seal().equals(seal))
                return page(form, intake, "The larder, or what a pack is used for, changed since you looked. This is "
                        + "what would happen now; nothing was stored yet.", HttpStatus.CONFLICT);
            packs.takeIn(intake.rows().stream().filter(r -> r.pack() != null && r.fate() != Intake.Fate.SAME)
                    .map(r -> new Packs.Taken(r.target(), r.version(), Objects.requireNonNull(r.pack()))).toList(),
                    Cook.of(request));
            return new ModelAndView("redirect:/larder");
        } catch (PackCsv.Unreadable e) {
            return refused(form, String.valueOf(e.getMessage()));
        } catch (Conflict e) {
            return page(form, null, e.getMessage() + " Nothing was stored. Look at the table again.",
                    HttpStatus.CONFLICT);
        }
    }

    private ModelAndView refused(IntakeForm form, String wrong) {
        return page(form, null, wrong, HttpStatus.UNPROCESSABLE_CONTENT);
    }

    private ModelAndView page(IntakeForm form, @Nullable Intake intake, String wrong, HttpStatus status) {
        var menu = kitchen.menu();
        var page = new ModelAndView("larder/intake", status);
        page.addObject("table", form.table());
        page.addObject("law", form.law().isEmpty() ? menu.ruleBook().id() : form.law());
        page.addObject("laws", RuleBook.all());
        page.addObject("looked", intake == null ? null : IntakePage.of(intake, menu, format));
        page.addObject("seen", intake != null);
        page.addObject("wrong", wrong);
        return page;
    }
}
