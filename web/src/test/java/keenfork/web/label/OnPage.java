package keenfork.web.label;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/// A printed page, read back from its PDF letter by letter.
final class OnPage {
    private static final double MILLIMETRES_IN_A_POINT = 25.4 / 72;

    /// One letter.
    ///
    /// @param xHeight how high the small letters of its face stand at its size, mm; from the outline of the x in the
    ///                font that is in the file
    /// @param left    mm from the left edge of its page
    /// @param top     of its base line, mm from the top edge
    record Letter(String text, String face, double points, double xHeight, int page, double left, double top) {
        boolean isBold() { return face.contains("Bold"); }
    }

    private final List<Letter> letters = new ArrayList<>();
    private final List<String> notEmbedded = new ArrayList<>();
    private final PDDocument document;

    private OnPage(PDDocument document) throws IOException {
        this.document = document;
        for (var i = 0; i < document.getNumberOfPages(); i++) {
            var page = i;
            var stripper = new PDFTextStripper() {
                @Override
                protected void writeString(String text, List<TextPosition> positions) {
                    positions.forEach(p -> read(p, page));
                    letters.add(new Letter(" ", "", 0, 0, page, 0, 0));
                }
            };
            stripper.setStartPage(i + 1);
            stripper.setEndPage(i + 1);
            stripper.getText(document);
            for (var name : document.getPage(i).getResources().getFontNames())
                if (!document.getPage(i).getResources().getFont(name).isEmbedded()) notEmbedded.add(name.getName());
        }
    }

    static OnPage of(byte[] pdf) {
        try (var document = Loader.loadPDF(pdf)) {
            return new OnPage(document);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void read(TextPosition p, int page) {
        letters.add(new Letter(p.getUnicode(), p.getFont().getName(), points(p), xHeight(p), page,
                p.getXDirAdj() * MILLIMETRES_IN_A_POINT, p.getYDirAdj() * MILLIMETRES_IN_A_POINT));
    }

    /// the size to the fraction, upside down or not: a position's own figure is cut to whole points
    private static double points(TextPosition p) { return Math.abs(p.getTextMatrix().getScalingFactorX()); }

    /// the descriptor's x-height is in thousandths of the size
    private static double xHeight(TextPosition p) {
        return p.getFont().getFontDescriptor().getXHeight() / 1000.0 * points(p) * MILLIMETRES_IN_A_POINT;
    }

    List<Letter> letters() { return letters.stream().filter(l -> !l.text.isBlank()).toList(); }

    List<String> notEmbedded() { return notEmbedded; }

    int pages() { return document.getNumberOfPages(); }

    String text() { return String.join("", letters.stream().map(Letter::text).toList()).replaceAll("\\s+", " "); }

    /// {@return the stretches in bold between two words of the page, the words of one stretch joined}
    List<String> boldBetween(String from, String until) {
        var all = new StringBuilder();
        for (var l : letters) all.append(l.text.length() == 1 ? l.text : " ");
        var start = all.indexOf(from) + from.length();
        var end = all.indexOf(until, start);
        var found = new ArrayList<String>();
        var now = new StringBuilder();
        for (var i = start; i < end; i++) {
            var l = letters.get(i);
            if (l.isBold() || l.text.equals(" ") && !now.isEmpty()) now.append(l.text);
            else if (!now.isEmpty()) {
                found.add(now.toString().strip());
                now.setLength(0);
            }
        }
        if (!now.isEmpty()) found.add(now.toString().strip());
        return found;
    }
}
