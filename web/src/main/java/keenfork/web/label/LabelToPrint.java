package keenfork.web.label;

import java.time.LocalDate;
import java.util.List;
import keenfork.core.label.OnPack;
import keenfork.core.label.OnPaper;
import keenfork.paper.Face;
import keenfork.web.persistence.label.Labels;
import org.jspecify.annotations.Nullable;

/// One label as it would be printed now.
///
/// @param dish    the dish's key; 0 for a guest's card
/// @param guests  the guests' key; 0 for any other
/// @param says    what it says
/// @param unknown what is not known, grouped; empty where all is
/// @param checks  what a cook is asked before it prints
/// @param keepBy  the day it keeps until, or null where it carries none
/// @param pack    what it says of the pack
record LabelToPrint(long dish, long guests, String name, OnPaper says, Face face, List<String> unknown,
        List<String> checks,
        LocalDate made, @Nullable LocalDate keepBy, String batch, OnPack pack) {
    LabelToPrint {
        unknown = List.copyOf(unknown);
        checks = List.copyOf(checks);
    }

    /// {@return this as it is written down for printing}
    /// @param packed whether it waits until all is known, so that a reason is kept
    Labels.Print print(String kind, int copies, String place, String by, String why, boolean packed) {
        return new Labels.Print(dish, guests, kind, says, copies, place, by, packed && !unknown.isEmpty() ? why : "",
                keepBy, made, batch, pack);
    }
}
