package keenfork.paper;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.awt.Font;
import java.awt.FontFormatException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.logging.Level;

/// Makes PDFs of pages written for paper: with the house's fonts in them, tagged, titled and with their language set.
public final class Press {
    /// the faces that pages for paper may use, in the order they are looked through for a letter
    private static final List<Font> FACES = List.of("AtkinsonHyperlegibleNext-Regular", "NotoSans-Regular",
            "NotoSansHebrew-Regular", "NotoSansArabic-Regular").stream().map(Press::face).toList();

    static {
        // it tells of every step of every page; what is wrong is still told
        XRLog.listRegisteredLoggers().forEach(l -> XRLog.setLevel(l, Level.WARNING));
    }

    private Press() {}

    /// {@return a PDF of a page that names its fonts `Text` and `Head`, and behind them `NotoSans`, `NotoSansHebrew`
    /// and `NotoSansArabic`; drawings in it are kept as drawings}
    /// @param html the whole page, as XHTML; places of marks are filled with their shapes
    public static byte[] pdf(String html) {
        var out = new ByteArrayOutputStream();
        try (var drawer = new BatikSVGDrawer()) {
            var builder = new PdfRendererBuilder().useSVGDrawer(drawer);
            font(builder, "AtkinsonHyperlegibleNext-Regular", "Text", 400);
            font(builder, "AtkinsonHyperlegibleNext-Bold", "Text", 700);
            font(builder, "BricolageGrotesque-Bold", "Head", 700);
            for (var wide : List.of("NotoSans", "NotoSansHebrew", "NotoSansArabic")) {
                font(builder, wide + "-Regular", wide, 400);
                font(builder, wide + "-Bold", wide, 700);
            }
            builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory())
                    .useUnicodeBidiReorderer(new ICUBidiReorderer());
            builder.usePdfUaAccessibility(true).withHtmlContent(Shapes.inked(html), null).withProducer("Keen Fork")
                    .toStream(out).run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /// {@return the letters of a text that no face has, each once; what cannot be printed is told, never left out}
    public static List<String> missing(String text) {
        return text.codePoints()
                .filter(c -> !Character.isISOControl(c) && FACES.stream().noneMatch(f -> f.canDisplay(c))).distinct()
                .mapToObj(Character::toString).toList();
    }

    private static Font face(String file) {
        try (var in = open("/fonts/" + file + ".ttf")) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException(file + " is no font", e);
        }
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
