package keenfork.web.page;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/// A table that is taken along.
public final class CsvAnswer {
    private CsvAnswer() {}

    /// {@return the answer that a browser keeps as a file}
    /// @param file its name, such as `covers.csv`
    /// @param text the table
    public static ResponseEntity<byte[]> of(String file, String text) {
        return ResponseEntity.ok().contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(file).build().toString())
                .body(text.getBytes(StandardCharsets.UTF_8));
    }
}
