package keenfork.core.kitchen;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/// A pack in the larder.
///
/// @param food        the food of the reference table it is used for
/// @param label       what it is called in the larder
/// @param barCode     its in-store number
/// @param law         the rule book it was printed under, or `unknown`
/// @param declaration as printed; empty while it is unread
/// @param readOn      the day it was read, or null while it is unread
/// @param spare       true where another pack is the usual one for its food
/// @param standsInOn  the day it stands in for the usual one, or null
public record LarderPack(String food, String label, String barCode, String law, String declaration,
        @Nullable LocalDate readOn, boolean spare, @Nullable LocalDate standsInOn) {
    /// A pack that is the usual one for its food.
    public LarderPack(String food, String label, String barCode, String law, String declaration,
            @Nullable LocalDate readOn) {
        this(food, label, barCode, law, declaration, readOn, false, null);
    }

    public boolean isRead() { return !declaration.isBlank(); }

    /// {@return whether it is taken on that day wherever its food is used}
    public boolean isUsedOn(LocalDate day) { return !spare || day.equals(standsInOn); }

    /// {@return the same pack, standing in on a day; on none where that is null}
    public LarderPack standingInOn(@Nullable LocalDate day) {
        return new LarderPack(food, label, barCode, law, declaration, readOn, spare, day);
    }
}
