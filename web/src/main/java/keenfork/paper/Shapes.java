package keenfork.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The shapes of the marks, for drawings and paper: outside the application there are no colour tokens.
public final class Shapes {
    private static final Pattern SYMBOL =
            Pattern.compile("<symbol id=\"([a-z-]+)\" viewBox=\"([^\"]+)\">(.*?)</symbol>", Pattern.DOTALL);
    private static final Pattern MARK =
            Pattern.compile("<i\\s+class=\"mark(?: s(\\d+))?\"\\s+title=\"([^\"]*)\">([a-z-]+)</i>");
    private static final String USUAL_SIZE = "16";
    private static final Map<String, String> ALL = read();

    private Shapes() {}

    private static Map<String, String> read() {
        try (InputStream in = Shapes.class.getResourceAsStream("/static/marks.svg")) {
            if (in == null) throw new IllegalStateException("marks.svg is not shipped");
            var symbols = new LinkedHashMap<String, String>();
            // the colours that stand behind the tokens are written in
            var matcher = SYMBOL.matcher(new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .replaceAll("var\\(--[a-z0-9-]+,\\s*(#[0-9A-Fa-f]+)\\)", "$1"));
            while (matcher.find()) symbols.put(matcher.group(1), matcher.group(3).replaceAll("<title>.*?</title>", ""));
            return symbols;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// {@return every shape on its 24-unit grid, as SVG, by its name}
    public static Map<String, String> all() { return Collections.unmodifiableMap(ALL); }

    /// {@return a page for paper in which each place of a mark, `<i class="mark" title="in it">m-in</i>`, holds its
    /// shape in one ink: a greyscale print says the same as the screen}
    static String inked(String html) {
        return MARK.matcher(html).replaceAll(m -> {
            var size = m.group(1) == null ? USUAL_SIZE : m.group(1);
            return Matcher.quoteReplacement(("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%s\" height=\"%s\" "
                    + "role=\"img\" alt=\"%s\" %s=\"%s\"></svg>")
                            .formatted(size, size, m.group(2), MarkDrawer.NAME, m.group(3)));
        });
    }

    /// {@return a shape as a drawing of its own, 24 px wide and high, in black}
    static String inOneInk(String name) {
        var shape = "<g color=\"#000\">%s</g>"
                .formatted(ALL.getOrDefault(name, "").replaceAll("#(?!fff)[0-9A-Fa-f]{6}", "#000000"));
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\" width=\"24\" height=\"24\">%s</svg>"
                .formatted(shape);
    }
}
