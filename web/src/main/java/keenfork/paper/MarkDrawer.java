package keenfork.paper;

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
import java.awt.FontFormatException;
import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.gvt.GraphicsNode;
import org.w3c.dom.Element;

/// Draws the marks of one document, each shape once however often it stands there: a map of a large menu holds tens of
/// thousands of them. Every other drawing is left to Batik.
final class MarkDrawer implements SVGDrawer {
    /// tells a mark from any other drawing, by the name of its shape
    static final String NAME = "data-mark";
    /// px a shape is wide and high as it is drawn
    private static final double GRID = 24;
    private final BatikSVGDrawer others = new BatikSVGDrawer();
    private final Map<String, GraphicsNode> shapes = new HashMap<>();

    @Override
    public SVGImage buildSVGImage(Element svg, Box box, CssContext css, double width, double height, double dots) {
        return svg.hasAttribute(NAME)
                ? new MarkImage(svg.getAttribute(NAME), Integer.parseInt(svg.getAttribute("width")), dots)
                : others.buildSVGImage(svg, box, css, width, height, dots);
    }

    /// a mark at its place
    ///
    /// @param size px
    /// @param dots of the device for a px
    private final class MarkImage implements SVGImage {
        private final String name;
        private final int size;
        private final double dots;

        MarkImage(String name, int size, double dots) {
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
            device.drawWithGraphics((float) x, (float) y, size, size, "mark %s %d".formatted(name, size), on -> {
                on.scale(size / GRID, size / GRID);
                shapes.computeIfAbsent(name, MarkDrawer::shape).paint(on);
            });
        }
    }

    private static GraphicsNode shape(String name) {
        try {
            var drawing = new SAXSVGDocumentFactory(null).createSVGDocument("mark:" + name,
                    new StringReader(Shapes.inOneInk(name)));
            return new GVTBuilder().build(new BridgeContext(new UserAgentAdapter()), drawing);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
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
