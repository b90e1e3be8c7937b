package keenfork.core.label;

import java.util.Arrays;
import java.util.Optional;

/// How a kitchen has it said that something may have come by its shared kit. Both say the same of who may eat it; the
/// second says less at a glance.
public enum ContactWording {
    /// with what packs say may be in it, in the rule book's words: "May contain: sesame."
    MAY("may"),
    /// in a sentence of its own: "Made with shared kit that held: sesame."
    HELD("held");

    private final String id;

    ContactWording(String id) {
        this.id = id;
    }

    public String id() { return id; }

    /// {@return the wording of that key, or empty}
    public static Optional<ContactWording> named(String id) {
        return Arrays.stream(values()).filter(w -> w.id.equals(id)).findFirst();
    }
}
