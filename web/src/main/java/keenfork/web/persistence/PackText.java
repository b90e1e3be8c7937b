package keenfork.web.persistence;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/// A pack in use.
///
/// @param food        the food of the reference table it is used for
/// @param label       what it is called in the larder
/// @param barCode     its in-store number
/// @param law         the rule book it was printed under, or `unknown`
/// @param declaration as printed; empty while it is unread
/// @param readOn      the day it was read, or null while it is unread
public record PackText(String food, String label, String barCode, String law, String declaration, @Nullable LocalDate readOn) {
    public boolean isRead() { return !declaration.isBlank(); }
}
