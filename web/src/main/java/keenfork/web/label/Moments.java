package keenfork.web.label;

import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import java.util.Optional;

/// Reads a moment as a form gives it.
final class Moments {
    private Moments() {}

    /// {@return `2026-11-20T12:00` as the kitchen's own clock meant it; now where nothing is said, empty where it
    /// cannot be read}
    static Optional<ZonedDateTime> read(String text, ZonedDateTime now) {
        if (text.isBlank()) return Optional.of(now);
        try {
            return Optional.of(LocalDateTime.parse(text.strip()).atZone(now.getZone()));
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
