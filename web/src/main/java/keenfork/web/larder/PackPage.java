package keenfork.web.larder;

import java.util.List;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// A pack as a page.
///
/// @param id      its key; 0 for one that is not kept yet
/// @param form    what is typed
/// @param wrong   what is wrong with that; empty where nothing is
/// @param theirs  what somebody else stored meanwhile, or null
/// @param find    the word that lines are looked for by
/// @param laws    the rule books it may be printed under
/// @param pack    the pack as stored, or null where it is not
/// @param reading the declaration as read
record PackPage(long id, PackForm form, String wrong, @Nullable LarderPack theirs, String find, List<RuleBook> laws,
        @Nullable PackView pack, Reading reading) {

    /// A declaration as read.
    ///
    /// @param tooLong  what to say where it is longer than can be read; empty where it is not
    /// @param letter   the questions as a message to the supplier
    /// @param compared against what is stored, or null where that is the same
    record Reading(DeclarationView words, String tooLong, String letter, @Nullable ComparedView compared) {}

    public String title() { return form.label().isEmpty() ? "Read a pack" : form.label(); }

    /// {@return where it is kept}
    public String path() { return id == 0 ? "/larder/new" : "/larder/" + id; }

    /// {@return what somebody else stored meanwhile}
    public String theirWords() {
        return theirs == null || theirs.declaration().isEmpty() ? "No declaration: it was left unread."
                : theirs.declaration();
    }

    /// {@return what to say where no line was found to link}
    public String noneFound() {
        return find.isEmpty() ? "Every other line names a food the table holds. Find one to link it all the same."
                : "No line reads like that.";
    }
}
