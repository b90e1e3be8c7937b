package keenfork.web.run;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import keenfork.core.run.Clean;
import keenfork.core.run.Equipment;
import keenfork.core.run.Kit;
import keenfork.format.KitText;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.Cook;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.Conflict;
import keenfork.web.persistence.run.KitList;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/// The kitchen's kit: its pieces, what each is kept from, what stays on it and what cleans do, with every change.
@Controller
class KitController {
    private static final int LONGEST_WHY = 200;
    private final KitList list;
    private final Kitchen kitchen;

    /// what was typed into the form of a new piece
    record Typed(String kit, String name, String keptFrom) {
        static final Typed BLANK = new Typed("board", "", "");
    }

    /// A kind of kit with its pieces.
    ///
    /// @param assumed whether the kitchen lists none, and the usual ones are reckoned with
    /// @param reaches how what it keeps reaches the next batch
    record KitShelf(String id, String name, List<KitList.Piece> pieces, boolean assumed, String usual,
            String reaches) {}

    KitController(KitList list, Kitchen kitchen) {
        this.list = list;
        this.kitchen = kitchen;
    }

    @GetMapping("/run/kit")
    String kit(Model model) { return fill(model, Typed.BLANK, ""); }

    private String fill(Model model, Typed typed, String wrong) {
        var own = list.pieces();
        var kinds = new ArrayList<KitShelf>();
        for (var kit : Kit.all()) {
            var pieces = own.stream().filter(p -> p.kit().equals(kit.id())).toList();
            kinds.add(new KitShelf(kit.id(), Format.upper(kit.name()), pieces, pieces.isEmpty(),
                    kit.usual() == 1 ? "one, as usual" : kit.usual() + ", as usual", reaches(kit)));
        }
        model.addAttribute("kinds", kinds);
        model.addAttribute("figures", OwnFigures.all(list.figures()));
        model.addAttribute("history", list.history());
        model.addAttribute("typed", typed);
        model.addAttribute("wrong", wrong);
        return "run/kit";
    }

    private static String reaches(Kit kit) {
        return switch (kit.spreads()) {
            case BLENDED -> "over the whole next batch";
            case LUMP -> "all of it on one plate";
            case NONE -> "not at all: room only";
        } + (kit.endedBy() == Clean.FRESH ? "; no wash clears it" : "");
    }

    @PostMapping("/run/kit/piece")
    ModelAndView add(@RequestParam(defaultValue = "") String kit, @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String keptFrom, HttpServletRequest request) {
        var typed = new Typed(kit, name.strip(), keptFrom.strip());
        try {
            var piece = KitText.piece("new", kit, name, keptFrom, kitchen.menu().ruleBook());
            if (Equipment.USUAL.pieces().stream()
                    .anyMatch(p -> p.kit() != piece.kit() && p.name().equalsIgnoreCase(piece.name())))
                throw new Conflict(
                        "Another kind of kit is called %s. Give this one a name of its own.".formatted(piece.name()));
            list.add(piece.kit().id(), piece.name(), typed.keptFrom, Cook.of(request));
            return new ModelAndView("redirect:/run/kit");
        } catch (IllegalArgumentException e) {
            return again(typed, "Not kept yet: %s.".formatted(e.getMessage()), HttpStatus.UNPROCESSABLE_CONTENT);
        } catch (Conflict e) {
            return again(typed, String.valueOf(e.getMessage()), HttpStatus.CONFLICT);
        }
    }

    @PostMapping("/run/kit/piece/{id}")
    ModelAndView keepFrom(@PathVariable long id, @RequestParam(defaultValue = "") String keptFrom,
            HttpServletRequest request) {
        var piece = piece(id);
        try {
            KitText.piece("now", piece.kit(), piece.name(), keptFrom, kitchen.menu().ruleBook());
            list.keepFrom(id, keptFrom.strip(), Cook.of(request));
            return new ModelAndView("redirect:/run/kit");
        } catch (IllegalArgumentException e) {
            return again(Typed.BLANK, "%s: %s. Nothing was changed; you wrote “%s”.".formatted(piece.name(),
                    e.getMessage(), keptFrom.strip()), HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    @PostMapping("/run/kit/piece/{id}/retire")
    String retire(@PathVariable long id, HttpServletRequest request) {
        list.retire(piece(id).id(), Cook.of(request));
        return "redirect:/run/kit";
    }

    private KitList.Piece piece(long id) {
        return list.pieces().stream().filter(p -> p.id() == id).findFirst()
                .orElseThrow(() -> new NotHere("This piece is not in the kitchen any more."));
    }

    /// Holds a figure of the kitchen's own, with the reason; the table's again where it is left empty.
    @PostMapping("/run/kit/figure")
    ModelAndView figure(@RequestParam String what, @RequestParam(defaultValue = "") String figure,
            @RequestParam(defaultValue = "") String why, HttpServletRequest request) {
        var of = OwnFigures.all(list.figures()).stream().flatMap(all -> all.figures().stream())
                .filter(f -> f.what().equals(what)).findFirst()
                .orElseThrow(() -> new NotHere("There is no such figure."));
        try {
            if (!figure.isBlank() && !figure.strip().equals(of.table()) && why.isBlank())
                throw new IllegalArgumentException("say why, in a few words: weighed here, timed here");
            if (why.length() > LONGEST_WHY)
                throw new IllegalArgumentException("the reason is longer than %d letters".formatted(LONGEST_WHY));
            var plain = figure.isBlank() ? "" : of.reader().apply(figure);
            list.figure(what, of.name(), plain, of.table(), why.strip(), Cook.of(request));
            return new ModelAndView("redirect:/run/kit");
        } catch (IllegalArgumentException e) {
            return again(Typed.BLANK,
                    "%s: %s. Nothing was changed; you wrote “%s”.".formatted(of.name(), e.getMessage(), figure.strip()),
                    HttpStatus.UNPROCESSABLE_CONTENT);
        }
    }

    private ModelAndView again(Typed typed, String wrong, HttpStatus status) {
        var model = new ExtendedModelMap();
        var view = new ModelAndView(fill(model, typed, wrong), status);
        view.addAllObjects(model);
        return view;
    }
}
