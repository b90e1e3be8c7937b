package keenfork.web.label;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import keenfork.core.label.Kind;
import keenfork.core.label.PaperFormat;
import keenfork.paper.LabelPdf;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.label.Labels;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/// Labels as files: as they would print now, and as they were printed.
@Controller
class LabelFiles {
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
    /// a drawing keeps its colours in itself; it may do nothing else, opened by itself
    private static final String DRAWING = "default-src 'none'; style-src 'unsafe-inline'; frame-ancestors 'none'";
    private final Kitchen kitchen;
    private final Preview preview;
    private final Composing composing;
    private final Labels labels;

    LabelFiles(Kitchen kitchen, Preview preview, Composing composing, Labels labels) {
        this.kitchen = kitchen;
        this.preview = preview;
        this.composing = composing;
        this.labels = labels;
    }

    @GetMapping("/labels/sheet.pdf")
    ResponseEntity<byte[]> pdf(LabelRequest asked) {
        return answer("labels-" + asked.kindOf().id() + ".pdf", MediaType.APPLICATION_PDF,
                preview.pdf(kitchen.menu(), asked));
    }

    @GetMapping("/labels/sheet.svg")
    ResponseEntity<byte[]> svg(LabelRequest asked, @RequestParam(defaultValue = "1") int page) {
        return answer("labels-%s-%d.svg".formatted(asked.kindOf().id(), page), SVG,
                preview.svg(kitchen.menu(), asked, page).getBytes(StandardCharsets.UTF_8));
    }

    /// How many pages it takes, asked for by the station once it is shown: a long menu takes a moment to lay out.
    @GetMapping("/labels/pages")
    String pages(LabelRequest asked, @RequestParam(defaultValue = "1") int page, Model model) {
        model.addAttribute("asked", asked);
        var pages = LabelPdf.pages(preview.looked(kitchen.menu(), asked));
        model.addAttribute("page", page);
        model.addAttribute("pages", pages);
        model.addAttribute("before", page > 1 ? List.of(page - 1) : List.of());
        model.addAttribute("next", page < pages ? List.of(page + 1) : List.of());
        return "label/pages :: pages";
    }

    /// A label as it was printed, whatever has changed since.
    @GetMapping("/labels/printed/{print}.{as}")
    ResponseEntity<byte[]> printed(@PathVariable long print, @PathVariable String as) {
        var then = labels.find(print).orElseThrow(() -> new NotHere("Nothing was printed under this number."));
        var face = composing.printed(then);
        // a line of a sheet is shown as a menu line by itself
        var kind = Kind.named(then.print().kind()).filter(k -> k != Kind.MENU).orElse(Kind.LINE);
        var pdf = composing.set(List.of(face), kind, PaperFormat.OWN);
        var name = face.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + "-" + kind.id();
        return switch (as) {
            case "pdf" -> answer(name + ".pdf", MediaType.APPLICATION_PDF, pdf);
            case "svg" -> answer(name + ".svg", SVG, LabelDrawing.svg(pdf, 0, face.name() + ", as printed", face.text())
                    .getBytes(StandardCharsets.UTF_8));
            default -> throw new NotHere("A printed label can be had as pdf or svg.");
        };
    }

    private static ResponseEntity<byte[]> answer(String name, MediaType type, byte[] body) {
        var answer = ResponseEntity.ok().contentType(type);
        if (type.equals(SVG)) answer.header("Content-Security-Policy", DRAWING);
        return answer
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(name).build().toString())
                .body(body);
    }
}
