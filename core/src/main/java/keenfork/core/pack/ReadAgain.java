package keenfork.core.pack;

import java.time.LocalDate;

/// How long a declaration that was read is relied on: recipes behind a pack change without a word on its front.
///
/// @param days after how many days a pack should be read again, 1 or more
public record ReadAgain(int days) {
    /// where a kitchen starts (common practice)
    public static final ReadAgain USUAL = new ReadAgain(180);

    public ReadAgain {
        if (days < 1)
            throw new IllegalArgumentException("a pack is read again after 1 day or more, not %d".formatted(days));
    }

    /// {@return the last day on which a pack that was read on a date is relied on}
    public LocalDate until(LocalDate read) { return read.plusDays(days); }

    /// {@return whether a pack that was read on a date should be read again}
    public boolean isDue(LocalDate read, LocalDate today) { return today.isAfter(until(read)); }
}
