package keenfork.paper;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;

/// The faces that pages for paper may use.
final class Faces {
    /// in the order they are looked through for a letter
    private static final List<String> FILES =
            List.of("AtkinsonHyperlegibleNext-Regular", "NotoSans-Regular", "NotoSansHebrew-Regular",
                    "NotoSansArabic-Regular");

    private Faces() {}

    static List<Font> opened() { return FILES.stream().map(Faces::opened).toList(); }

    private static Font opened(String face) {
        try (var in = file(face)) {
            return Font.createFont(Font.TRUETYPE_FONT, in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException(face + " is no font", e);
        }
    }

    /// {@return the font file of a face, which whoever asked closes}
    static InputStream file(String face) {
        var in = Faces.class.getResourceAsStream("/fonts/" + face + ".ttf");
        if (in == null) throw new IllegalStateException(face + " is not shipped");
        return in;
    }
}
