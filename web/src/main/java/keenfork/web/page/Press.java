package keenfork.web.page;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/// Makes PDFs of pages written for paper: with the house's fonts in them, tagged, titled and with their language set.
public final class Press {
    private Press() {}

    /// {@return a PDF of a page that names its fonts `Text` and `Head`; drawings in it are kept as drawings}
    /// @param html the whole page, as XHTML
    public static byte[] pdf(String html) {
        var out = new ByteArrayOutputStream();
        try (var drawer = new BatikSVGDrawer()) {
            var builder = new PdfRendererBuilder().useSVGDrawer(drawer);
            font(builder, "AtkinsonHyperlegibleNext-Regular", "Text", 400);
            font(builder, "AtkinsonHyperlegibleNext-Bold", "Text", 700);
            font(builder, "BricolageGrotesque-Bold", "Head", 700);
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
        var in = Press.class.getResourceAsStream(path);
        if (in == null) throw new IllegalStateException(path + " is not shipped");
        return in;
    }
}
