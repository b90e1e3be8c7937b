package keenfork.paper;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.awt.Font;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.logging.Level;
import keenfork.core.search.GivenUp;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.multipdf.PDFMergerUtility;
import org.apache.pdfbox.pdfwriter.compress.CompressParameters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/// Makes PDFs of pages written for paper: with the house's fonts in them, tagged, titled and with their language set.
public final class Press {
    /// Whoever opens a first font loses an interrupt, and a request that was given up would go on: they are opened on
    /// another thread.
    private static final List<Font> FACES = CompletableFuture.supplyAsync(Faces::opened).join();

    private static final float THOUSAND = 1000;
    /// of the number of a page, pt
    private static final float NUMBER_SIZE = 9;
    private static final float NUMBER_RIGHT = 28;
    private static final float NUMBER_BOTTOM = 17;

    static {
        // it tells of every step of every page; what is wrong is still told
        XRLog.listRegisteredLoggers().forEach(l -> XRLog.setLevel(l, Level.WARNING));
    }

    private Press() {}

    /// as many pages are set side by side as the memory of the application holds with room to spare; the rest wait
    private static final int SIDE_BY_SIDE = 2;
    private static final long LONGEST_WAIT_SECONDS = 45;
    private static final long LOOK_UP_MILLIS = 250;
    private static final Semaphore ROOM = new Semaphore(SIDE_BY_SIDE, true);

    /// So much is being set for paper that this did not come to its turn.
    public static final class Busy extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Busy() {
            super("So many pages are being set for paper just now that this one did not come to its turn. Wait a "
                    + "minute and ask again.");
        }
    }

    /// Hears how far a paper is, and may give it up.
    @FunctionalInterface
    public interface Progress {
        /// {@return whether it goes on}
        /// @param set pages that are set; 0 while it waits for its turn
        boolean goesOn(int set);
    }

    /// for as long as nobody interrupts whoever asked
    private static final Progress ASKED_FOR = _ -> !Thread.currentThread().isInterrupted();

    private static <T> T inTurn(Supplier<T> work, Progress progress) {
        var until = System.nanoTime() + TimeUnit.SECONDS.toNanos(LONGEST_WAIT_SECONDS);
        try {
            while (!ROOM.tryAcquire(LOOK_UP_MILLIS, TimeUnit.MILLISECONDS)) {
                if (!progress.goesOn(0)) throw new GivenUp();
                if (System.nanoTime() > until) throw new Busy();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new GivenUp();
        }
        try {
            return work.get();
        } finally {
            ROOM.release();
        }
    }

    /// {@return a PDF of a page that names its fonts `Text` and `Head`, and behind them `NotoSans`, `NotoSansHebrew`
    /// and `NotoSansArabic`; drawings in it are kept as drawings}
    /// @param html the whole page, as XHTML; places of marks are filled with their shapes
    /// @throws Busy where it waited too long for its turn
    /// @throws GivenUp where whoever asked is interrupted while it waits
    public static byte[] pdf(String html) { return inTurn(() -> set(html), ASKED_FOR); }

    /// {@return one PDF of several such pages, each set by itself and none held longer than it takes to write it, its
    /// pages numbered through}
    /// @param pages made one after the other, each when its turn has come
    /// @throws Busy where it waited too long for its turn
    /// @throws GivenUp where whoever asked is interrupted between two pages
    public static byte[] pdf(List<Supplier<String>> pages) { return pdf(pages, ASKED_FOR); }

    /// {@return the same, told of after each page}
    /// @throws GivenUp where it does not go on
    public static byte[] pdf(List<Supplier<String>> pages, Progress progress) {
        return inTurn(() -> bound(pages, progress), progress);
    }

    private static byte[] bound(List<Supplier<String>> pages, Progress progress) {
        var out = new ByteArrayOutputStream();
        var parts = new ArrayList<PDDocument>();
        try (var whole = new PDDocument(IOUtils.createTempFileOnlyStreamCache())) {
            var merger = new PDFMergerUtility();
            for (var page : pages) {
                if (!progress.goesOn(parts.size())) throw new GivenUp();
                var part = open(page.get());
                // what is taken from it is written with the whole
                parts.add(part);
                // its fonts are cut down to the letters it has as it is written
                part.save(OutputStream.nullOutputStream(), CompressParameters.NO_COMPRESSION);
                merger.appendDocument(whole, part);
            }
            number(whole);
            whole.save(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            parts.forEach(IOUtils::closeQuietly);
        }
        return out.toByteArray();
    }

    private static void number(PDDocument document) throws IOException {
        try (var in = Faces.file("AtkinsonHyperlegibleNext-Regular")) {
            var font = PDType0Font.load(document, in, true);
            var all = document.getNumberOfPages();
            for (var i = 0; i < all; i++) {
                var page = document.getPage(i);
                var words = "%d of %d".formatted(i + 1, all);
                var width = font.getStringWidth(words) / THOUSAND * NUMBER_SIZE;
                try (var on = new PDPageContentStream(document, page, AppendMode.APPEND, true, true)) {
                    // who hears the page hears no numbers of pages
                    on.beginMarkedContent(COSName.ARTIFACT);
                    on.beginText();
                    on.setFont(font, NUMBER_SIZE);
                    on.newLineAtOffset(page.getMediaBox().getWidth() - NUMBER_RIGHT - width, NUMBER_BOTTOM);
                    on.showText(words);
                    on.endText();
                    on.endMarkedContent();
                }
            }
        }
    }

    private static byte[] set(String html) {
        var out = new ByteArrayOutputStream();
        try (var document = open(html)) {
            document.save(out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /// {@return a page set as a document, which whoever asked closes}
    private static PDDocument open(String html) {
        try (var drawer = new MarkDrawer()) {
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
            builder.usePdfUaAccessibility(true).withHtmlContent(Shapes.inked(html), null).withProducer("Keen Fork");
            try (var renderer = builder.buildPdfRenderer()) {
                renderer.layout();
                return renderer.createPDFKeepOpen();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// {@return the letters of a text that no face has, each once; what cannot be printed is told, never left out}
    public static List<String> missing(String text) {
        return text.codePoints()
                .filter(c -> !Character.isISOControl(c) && FACES.stream().noneMatch(f -> f.canDisplay(c))).distinct()
                .mapToObj(Character::toString).toList();
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> Faces.file(file), family, weight, FontStyle.NORMAL, true);
    }
}
