package keenfork.web.larder;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.Objects;
import keenfork.core.kitchen.LarderPack;
import keenfork.format.PackCsv;
import keenfork.format.RecipeFile;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Cook;
import keenfork.web.page.CsvAnswer;
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

    IntakeController(Kitchen kitchen, Packs packs) {
        this.kitchen = kitchen;
        this.packs = packs;
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
    ModelAndView blank() { return page("", null, "", HttpStatus.OK); }

    @PostMapping("/larder/intake")
    ModelAndView look(@RequestParam(defaultValue = "") String table,
            @RequestParam(required = false) @Nullable MultipartFile file) throws IOException {
        if (file == null || file.isEmpty()) return looked(table);
        try {
            return looked(RecipeFile.decode(file.getBytes()));
        } catch (RecipeFile.Unreadable _) {
            return page(table, null,
                    "That file holds bytes that are no text. Save the table as CSV (UTF-8) and choose it again.",
                    HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    private ModelAndView looked(String table) {
        if (table.length() > LONGEST)
            return page("", null, "This is longer than 2,000,000 letters. Cut it in two.",
                    HttpStatus.UNPROCESSABLE_CONTENT);
        try {
            return page(table, Intake.of(table, kitchen.menu()), "", HttpStatus.OK);
        } catch (PackCsv.Unreadable e) {
            return page(table, null, String.valueOf(e.getMessage()), HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    /// Takes in what was shown. Where anything changed since, it is shown again and nothing is stored.
    @PostMapping("/larder/intake/take")
    ModelAndView take(@RequestParam(defaultValue = "") String table, @RequestParam(defaultValue = "") String seal,
            HttpServletRequest request) {
        try {
            var intake = Intake.of(table, kitchen.menu());
            if (!intake.seal().equals(seal))
                return page(table, intake,
                        "The larder changed since you looked. This is what would happen now; nothing was stored yet.",
                        HttpStatus.CONFLICT);
            packs.takeIn(intake.rows().stream().filter(r -> r.pack() != null && r.fate() != Intake.Fate.SAME)
                    .map(r -> new Packs.Taken(r.target(), r.version(), Objects.requireNonNull(r.pack()))).toList(),
                    Cook.of(request));
            return new ModelAndView("redirect:/larder");
        } catch (PackCsv.Unreadable e) {
            return page(table, null, String.valueOf(e.getMessage()), HttpStatus.UNPROCESSABLE_CONTENT);
        } catch (Conflict e) {
            return page(table, null, e.getMessage() + " Nothing was stored. Look at the table again.",
                    HttpStatus.CONFLICT);
        }
    }

    private static ModelAndView page(String table, @Nullable Intake intake, String wrong, HttpStatus status) {
        var page = new ModelAndView("larder/intake", status);
        page.addObject("table", table);
        page.addObject("intake", intake);
        page.addObject("seen", intake != null);
        page.addObject("wrong", wrong);
        return page;
    }
}
