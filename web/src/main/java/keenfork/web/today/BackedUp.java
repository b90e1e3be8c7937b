package keenfork.web.today;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import keenfork.web.page.Format;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/// When the kitchen was backed up last, as the launcher wrote it down.
@Component
class BackedUp {
    private static final Duration LATE = Duration.ofHours(30);
    private final String file;
    private final Format format;
    private final Clock clock;

    /// what is said of it, and whether that is too long ago
    record Said(String words, boolean late) {}

    BackedUp(@Value("${keenfork.backed-up}") String file, Format format, Clock clock) {
        this.file = file;
        this.format = format;
        this.clock = clock;
    }

    /// {@return what to say; nothing is said where no backup is kept of this kitchen, as of the demo}
    Said said() {
        if (file.isEmpty()) return new Said("", false);
        try {
            var at = Instant.parse(Files.readString(Path.of(file)).strip());
            var late = Duration.between(at, clock.instant()).compareTo(LATE) > 0;
            return new Said("Backed up " + format.moment(at) + (late ? ": that is long ago." : "."), late);
        } catch (IOException | DateTimeParseException _) {
            return new Said("Not backed up yet.", true);
        }
    }
}
