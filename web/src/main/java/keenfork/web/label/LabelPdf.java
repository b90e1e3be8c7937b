package keenfork.web.label;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import keenfork.core.label.Kind;
import keenfork.core.regime.RuleBook;
import keenfork.web.page.Press;
import org.apache.pdfbox.Loader;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/// Labels as PDF, with the fonts in them, tagged, titled and with their language set.
@Component
class LabelPdf {
    private final SpringTemplateEngine templates;

    LabelPdf(SpringTemplateEngine templates) {
        this.templates = templates;
    }

    byte[] of(LabelView label, Kind kind) {
        var context = new Context();
        context.setVariable("label", label);
        context.setVariable("kind", kind);
        return Press.pdf(templates.process("label/pdf", context));
    }

    /// {@return all dishes on one sheet, a few lines each}
    /// @param paper A4 or letter
    byte[] sheet(List<LabelView> labels, String kitchen, String day, RuleBook ruleBook, String paper) {
        var context = new Context();
        context.setVariable("labels", labels);
        context.setVariable("kitchen", kitchen);
        context.setVariable("day", day);
        context.setVariable("ruleBook", ruleBook);
        context.setVariable("paper", paper);
        return Press.pdf(templates.process("label/menu", context));
    }

    /// {@return whether a label's text fits on it: it is never set smaller than the rule book asks}
    boolean fits(LabelView label, Kind kind) { return fits(of(label, kind)); }

    static boolean fits(byte[] pdf) {
        try (var document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages() == 1;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
