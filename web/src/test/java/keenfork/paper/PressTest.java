package keenfork.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

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
}
