package keenfork.web.label;

import java.io.IOException;
import java.io.UncheckedIOException;
import keenfork.core.label.Kind;
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
