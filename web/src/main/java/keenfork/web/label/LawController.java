package keenfork.web.label;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/// What labels follow, rule book by rule book, and what they leave out: `docs/labels.md` as a page.
@Controller
class LawController {
    private static final List<Extension> TABLES = List.of(TablesExtension.create());
    private static final String PAGE = page();

    private static String page() {
        try (var in = Objects.requireNonNull(LawController.class.getResourceAsStream("/docs/labels.md"))) {
            var text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return HtmlRenderer.builder().extensions(TABLES).escapeHtml(true).build()
                    .render(Parser.builder().extensions(TABLES).build().parse(text));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @GetMapping("/labels/law")
    String law(Model model) {
        model.addAttribute("text", PAGE);
        return "label/law";
    }
}
