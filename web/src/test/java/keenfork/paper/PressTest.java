package keenfork.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Pages for paper that are set by pieces.
class PressTest {
    private static String page(int n) {
        return "<!DOCTYPE html><html lang=\"en\"><head><title>Map</title><meta name=\"description\" content=\"m\"/>"
                + "<style>@page { size: A4 landscape; } body { font-family: Text; }</style></head><body><h1>Piece " + n
                + "</h1><p>" + "Bean salad ".repeat(900) + "</p></body></html>";
    }

    @Test
    void pieces_become_one_document_with_its_pages_numbered_through() throws IOException {
        var pieces = IntStream.rangeClosed(1, 3).mapToObj(n -> (Supplier<String>) () -> page(n)).toList();
        try (var bound = Loader.loadPDF(Press.pdf(pieces))) {
            var pages = bound.getNumberOfPages();
            assertThat(pages).isGreaterThan(3);
            for (var i = 1; i <= pages; i++) {
                var words = new PDFTextStripper();
                words.setStartPage(i);
                words.setEndPage(i);
                assertThat(words.getText(bound)).contains(i + " of " + pages);
            }
            assertThat(new PDFTextStripper().getText(bound)).contains("Piece 1").contains("Piece 2")
                    .contains("Piece 3");
            assertThat(bound.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(bound.getDocumentCatalog().getMarkInfo().isMarked()).as("who hears it hears it in order")
                    .isTrue();
            assertThat(bound.getDocumentCatalog().getStructureTreeRoot().getKids()).isNotEmpty();
        }
    }

    @Test
    void one_piece_is_as_it_was() throws IOException {
        try (var bound = Loader.loadPDF(Press.pdf(List.<Supplier<String>>of(() -> page(1))))) {
            assertThat(new PDFTextStripper().getText(bound)).contains("Piece 1");
        }
    }

    /// A mark that stands on 96 CSS pixels is an inch wide on paper: what a cook reads at arm's length is as large as
    /// the place that is kept for it.
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"s96 | color: black", "s12 | width: 1in; height: 1in", "s11 | width: 6em"})
    void a_mark_is_as_large_as_its_place(String size, String style) throws IOException {
        var html = "<!DOCTYPE html><html lang=\"en\"><head><title>Mark</title><style>@page { size: A4; margin: 20mm; }"
                + "body { margin: 0; font-size: 16px; } svg { " + style + "; }</style></head><body><i class=\"mark "
                + size + "\" title=\"in\">m-in</i></body></html>";
        try (var document = Loader.loadPDF(Press.pdf(html))) {
            var dots = 288;
            var page = new PDFRenderer(document).renderImageWithDPI(0, dots);
            var inked = IntStream.range(0, page.getWidth()).filter(x -> IntStream.range(0, page.getHeight())
                    .anyMatch(y -> (page.getRGB(x, y) & 0xFF) < 128)).count();
            // the square is 18 of the 24 units of its grid wide
            assertThat(inked / (double) dots).isCloseTo(18 / 24.0, within(0.03));
        }
    }
}
