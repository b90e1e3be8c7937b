package keenfork.web.label;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Optional;
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
        var html = templates.process("label/pdf", context);
        var out = new ByteArrayOutputStream();
        var builder = new PdfRendererBuilder();
        font(builder, "AtkinsonHyperlegibleNext-Regular", "Text", 400);
        font(builder, "AtkinsonHyperlegibleNext-Bold", "Text", 700);
        font(builder, "BricolageGrotesque-Bold", "Head", 700);
        try {
            builder.usePdfUaAccessibility(true).withHtmlContent(html, null).withProducer("Keen Fork").toStream(out).run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> open("/fonts/" + file + ".ttf"), family, weight, FontStyle.NORMAL, true);
    }

    private static InputStream open(String path) {
        var in = LabelPdf.class.getResourceAsStream(path);
        if (in == null) throw new IllegalStateException(path + " is not shipped");
        return in;
    }
}
