package keenfork.web.label;

import java.awt.Dimension;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import org.apache.batik.anim.dom.SVGDOMImplementation;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;

/// A page that prints, as a drawing that stands by itself: its letters are outlines, so it looks the same wherever it
/// is opened. What it says stands in it as text, for those who hear it.
final class LabelDrawing {
    private static final double MILLIMETRES_IN_A_POINT = 25.4 / 72;
    private static final int DIGITS = 3;

    private LabelDrawing() {}

    /// @param page from 0
    /// @param says all that stands on it
    static String svg(byte[] pdf, int page, String title, String says) {
        try (var document = Loader.loadPDF(pdf)) {
            var box = document.getPage(page).getMediaBox();
            var dom = SVGDOMImplementation.getDOMImplementation().createDocument(SVGDOMImplementation.SVG_NAMESPACE_URI,
                    "svg", null);
            var context = SVGGeneratorContext.createDefault(dom);
            context.setComment("Keen Fork");
            context.setPrecision(DIGITS);
            var drawing = new SVGGraphics2D(context, false);
            drawing.setSVGCanvasSize(new Dimension(Math.round(box.getWidth()), Math.round(box.getHeight())));
            new PDFRenderer(document).renderPageToGraphics(page, drawing);
            var root = drawing.getRoot();
            root.setAttribute("viewBox", "0 0 %s %s".formatted(box.getWidth(), box.getHeight()));
            root.setAttribute("width", "%.1fmm".formatted(box.getWidth() * MILLIMETRES_IN_A_POINT));
            root.setAttribute("height", "%.1fmm".formatted(box.getHeight() * MILLIMETRES_IN_A_POINT));
            root.setAttribute("role", "img");
            for (var words : new String[][] {{"desc", says}, {"title", title}}) {
                var element = root.getOwnerDocument().createElementNS(SVGDOMImplementation.SVG_NAMESPACE_URI, words[0]);
                element.setTextContent(words[1]);
                root.insertBefore(element, root.getFirstChild());
            }
            var out = new StringWriter();
            drawing.stream(root, out, true, false);
            // crisp edges let a thin rule vanish where the drawing is shown small
            return out.toString().replace("shape-rendering:crispEdges", "shape-rendering:geometricPrecision");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
