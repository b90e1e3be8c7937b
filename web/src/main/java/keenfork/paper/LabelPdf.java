package keenfork.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import keenfork.core.label.Kind;
import keenfork.core.label.PaperFormat;
import org.apache.pdfbox.Loader;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/// Labels as PDF, with the fonts in them, tagged, titled and with their language set.
public final class LabelPdf {
    private static final String LETTER = "letter";
    /// mm kept free inside a label at its sides, and at its head and foot
    private static final int SIDE = 6;
    private static final int HEAD = 5;
    /// mm a page is lower than its paper, so that rounding never begins a new one
    private static final double HAIR = 0.2;
    private final ITemplateEngine templates;

    /// @param templates those of the labels, `label/pdf` and `label/menu`, among them
    public LabelPdf(ITemplateEngine templates) {
        this.templates = templates;
    }

    /// {@return one that needs no application around it}
    public static LabelPdf alone() {
        var found = new ClassLoaderTemplateResolver(LabelPdf.class.getClassLoader());
        found.setPrefix("templates/");
        found.setSuffix(".html");
        found.setCharacterEncoding("UTF-8");
        var templates = new SpringTemplateEngine();
        templates.setTemplateResolver(found);
        return new LabelPdf(templates);
    }

    /// A place on a sheet, in mm from its left and top edges.
    ///
    /// @param refused why the label does not stand there; empty where it does
    public record Place(Face face, String refused, double left, double top) {}

    /// {@return labels of one kind, each on a page of its own or as many on a sheet as it takes, in their order. Where
    /// the text of one does not fit, the reason stands in its place: nothing is set over anything else}
    /// @param faces 1 or more
    public byte[] of(List<? extends Face> faces, Kind kind, PaperFormat sheet) {
        var alone = set(faces, List.of(), kind, PaperFormat.OWN);
        // a guest's card goes on to a second one
        var fits = kind.isForGuests() && sheet == PaperFormat.OWN || pages(alone) == faces.size();
        if (fits) return sheet == PaperFormat.OWN ? alone : set(faces, List.of(), kind, sheet);
        return set(faces, faces.stream().map(f -> fits(f, kind) ? "" : tooLong(f, kind)).toList(), kind, sheet);
    }

    /// {@return that a label's text does not fit, in words}
    public static String tooLong(Face face, Kind kind) {
        return ("%s: the text does not fit on the %s (%d × %d mm), and it is never set smaller than the rule book "
                + "asks. "
                + "Take a larger label.").formatted(face.name(), kind.words().toLowerCase(Locale.ROOT), kind.width(),
                        kind.height());
    }

    /// {@return labels of one kind as [#of(List, Kind, PaperFormat)] sets them, with the reason in the place of one
    /// that may not print, too}
    /// @param held for each label why it may not print, empty where it may
    public byte[] of(List<? extends Face> faces, List<String> held, Kind kind, PaperFormat sheet) {
        if (held.stream().allMatch(String::isEmpty)) return of(faces, kind, sheet);
        var refused = new ArrayList<String>();
        for (var i = 0; i < faces.size(); i++)
            refused.add(!held.get(i).isEmpty() || kind.isForGuests() || fits(faces.get(i), kind) ? held.get(i)
                    : tooLong(faces.get(i), kind));
        return set(faces, refused, kind, sheet);
    }

    /// @param refused for each label why it does not stand there, empty where it does; none where all do
    private byte[] set(List<? extends Face> faces, List<String> refused, Kind kind, PaperFormat sheet) {
        var layout = sheet.of(kind);
        var pages = new ArrayList<List<Place>>();
        for (var i = 0; i < faces.size(); i++) {
            var at = i % layout.each();
            if (at == 0) pages.add(new ArrayList<>());
            pages.getLast()
                    .add(new Place(faces.get(i), refused.isEmpty() ? "" : refused.get(i),
                            layout.left() + at % layout.columns() * kind.width(),
                            layout.top() + at / layout.columns() * kind.height()));
        }
        var context = new Context();
        context.setVariable("pages", pages);
        context.setVariable("kind", kind);
        context.setVariable("layout", layout);
        var isCut = sheet != PaperFormat.OWN;
        context.setVariable("cut", isCut);
        context.setVariable("margin", isCut ? "0" : "5mm 6mm");
        context.setVariable("within", layout.height() - HAIR);
        context.setVariable("inside", kind.width() - 2 * SIDE);
        context.setVariable("insideHigh", kind.height() - 2 * HEAD);
        context.setVariable("title", faces.size() == 1 ? faces.getFirst().name() : kind.words());
        context.setVariable("first", faces.getFirst());
        return Press.pdf(templates.process("label/pdf", context));
    }

    /// {@return all dishes on one sheet, a few lines each}
    public byte[] menu(List<LabelView> labels, String kitchen, String day, PaperFormat sheet) {
        var context = new Context();
        context.setVariable("labels", labels);
        context.setVariable("first", labels.getFirst());
        context.setVariable("title", kitchen.isEmpty() ? "Menu" : "Menu of " + kitchen);
        context.setVariable("head", kitchen.isEmpty() ? "Menu" : kitchen);
        context.setVariable("day", day);
        context.setVariable("paper", sheet == PaperFormat.LETTER ? LETTER : "A4");
        return Press.pdf(templates.process("label/menu", context));
    }

    /// {@return whether a label's text fits on it: it is never set smaller than the rule book asks}
    public boolean fits(Face face, Kind kind) {
        return pages(set(List.of(face), List.of(), kind, PaperFormat.OWN)) == 1;
    }

    /// {@return whether every label's text fits on its own: all are laid out at once, which is faster than one by one}
    public boolean allFit(List<? extends Face> faces, Kind kind) {
        return faces.isEmpty() || pages(set(faces, List.of(), kind, PaperFormat.OWN)) == faces.size();
    }

    public static int pages(byte[] pdf) {
        try (var document = Loader.loadPDF(pdf)) {
            return document.getNumberOfPages();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
