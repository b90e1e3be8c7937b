package keenfork.web.label;

import java.util.Arrays;
import java.util.Optional;
import keenfork.web.page.Press;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/// Labels as PDF, with the fonts in them, tagged, titled and with their language set.
@Component
class LabelPdf {
    private final SpringTemplateEngine templates;

    /// a label's size and place of use
    enum Kind {
        CARD("card", "148mm 105mm"), TUB("tub", "100mm 70mm");

        private final String id;
        private final String size;

        Kind(String id, String size) {
            this.id = id;
            this.size = size;
        }

        static Optional<Kind> named(String id) {
            return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
        }
    }

    LabelPdf(SpringTemplateEngine templates) {
        this.templates = templates;
    }

    byte[] of(LabelView label, Kind kind) {
        var context = new Context();
        context.setVariable("label", label);
        context.setVariable("kind", kind.id);
        context.setVariable("size", kind.size);
        return Press.pdf(templates.process("label/pdf", context));
    }
}
