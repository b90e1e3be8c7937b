package keenfork.paper;

import com.openhtmltopdf.css.parser.FSColor;
import com.openhtmltopdf.css.parser.FSRGBColor;
import com.openhtmltopdf.css.sheet.FontFaceRule;
import com.openhtmltopdf.css.style.CssContext;
import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.extend.OutputDevice;
import com.openhtmltopdf.extend.SVGDrawer;
import com.openhtmltopdf.extend.UserAgentCallback;
import com.openhtmltopdf.layout.SharedContext;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.render.Box;
import com.openhtmltopdf.render.RenderingContext;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.awt.Color;
import java.awt.FontFormatException;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.gvt.CompositeGraphicsNode;
import org.apache.batik.gvt.CompositeShapePainter;
import org.apache.batik.gvt.FillShapePainter;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.ShapeNode;
import org.apache.batik.gvt.ShapePainter;
import org.apache.batik.gvt.StrokeShapePainter;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;

/// Draws the marks of one document, whose shapes are looked up once however often they stand there: a map of a large
/// menu holds tens of thousands of them. Every other drawing is left to Batik.
final class MarkDrawer implements SVGDrawer {
    /// tells a mark from any other drawing, by the name of its shape
    static final String NAME = "data-mark";
    /// px a shape is wide and high as it is drawn
    private static final double GRID = 24;
    private final BatikSVGDrawer others = new BatikSVGDrawer();
    private final Map<String, List<Area>> shapes = new HashMap<>();

    @Override
    public SVGImage buildSVGImage(Element svg, Box box, CssContext css, double width, double height, double dots) {
        if (!svg.hasAttribute(NAME)) return others.buildSVGImage(svg, box, css, width, height, dots);
        // as large as the page has it, else as it says itself
        var size = width >= 0 ? width / dots : Integer.parseInt(svg.getAttribute("width"));
        return new MarkImage(svg.getAttribute(NAME), size, dots);
    }

    /// a mark at its place
    ///
    /// @param size px
    /// @param dots of the device for a px
    private final class MarkImage implements SVGImage {
        private final String name;
        private final double size;
        private final double dots;

        MarkImage(String name, double size, double dots) {
            this.name = name;
            this.size = size;
            this.dots = dots;
        }

        @Override
        public int getIntrinsicWidth() { return (int) (size * dots); }

        @Override
        public int getIntrinsicHeight() { return (int) (size * dots); }

        @Override
        public void drawSVG(OutputDevice device, RenderingContext context, double x, double y) {
            var place = AffineTransform.getTranslateInstance(x, y);
            place.scale(size * dots / GRID, size * dots / GRID);
            for (var area : shapes.computeIfAbsent(name, MarkDrawer::shape)) {
                device.setColor(area.ink);
                device.fill(place.createTransformedShape(area.shape));
            }
        }
    }

    /// A stretch of one ink.
    private record Area(Shape shape, FSColor ink) {}

    /// {@return what is inked of a mark, on its grid and in order: a page then holds lines and curves, where a drawing
    /// of its own for each mark would be ten times the work}
    private static List<Area> shape(String name) {
        try {
            var drawing = new SAXSVGDocumentFactory(null).createSVGDocument("mark:" + name,
                    new StringReader(Shapes.inOneInk(name)));
            var areas = new ArrayList<Area>();
            collect(new GVTBuilder().build(new BridgeContext(new UserAgentAdapter()), drawing), new AffineTransform(),
                    areas);
            return areas;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void collect(GraphicsNode node, AffineTransform around, List<Area> areas) {
        var place = new AffineTransform(around);
        if (node.getTransform() != null) place.concatenate(node.getTransform());
        if (node instanceof CompositeGraphicsNode group)
            for (var child : group.getChildren()) collect((GraphicsNode) child, place, areas);
        else if (node instanceof ShapeNode shape) collect(shape.getShapePainter(), place, areas);
        else throw new IllegalArgumentException("marks are made of shapes, and not of %s".formatted(node.getClass()));
    }

    private static void collect(@Nullable ShapePainter painter, AffineTransform place, List<Area> areas) {
        switch (painter) {
            case null -> {
                // it only keeps a place
            }
            case CompositeShapePainter all -> {
                for (var i = 0; i < all.getShapePainterCount(); i++) collect(all.getShapePainter(i), place, areas);
            }
            case FillShapePainter fill -> add(fill.getPaintedArea(), fill.getPaint(), place, areas);
            case StrokeShapePainter stroke -> add(stroke.getPaintedArea(), stroke.getPaint(), place, areas);
            default -> throw new IllegalArgumentException(
                    "marks are filled and stroked, and not painted by %s".formatted(painter.getClass()));
        }
    }

    private static void add(@Nullable Shape shape, @Nullable Paint paint, AffineTransform place, List<Area> areas) {
        if (shape != null && paint instanceof Color ink)
            areas.add(new Area(place.createTransformedShape(shape),
                    new FSRGBColor(ink.getRed(), ink.getGreen(), ink.getBlue())));
    }

    @Override
    public void importFontFaceRules(List<FontFaceRule> faces, SharedContext shared) {
        others.importFontFaceRules(faces, shared);
    }

    @Override
    public void withUserAgent(UserAgentCallback agent) { others.withUserAgent(agent); }

    @Override
    public void addFontFile(File file, String family, Integer weight, FontStyle style)
            throws IOException, FontFormatException {
        others.addFontFile(file, family, weight, style);
    }

    @Override
    public void addFontStream(FSSupplier<InputStream> stream, String family, Integer weight, FontStyle style)
            throws IOException, FontFormatException {
        others.addFontStream(stream, family, weight, style);
    }

    @Override
    public void close() throws IOException { others.close(); }
}
