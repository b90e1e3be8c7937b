package keenfork.web.page;

import java.util.List;
import keenfork.web.persistence.Version;

/// The versions of a dish or a pack as a page, two of them compared.
///
/// @param id   its key
/// @param name what it is called today
/// @param all  every version, the newest first
public record VersionsView<T>(long id, String name, List<Version<T>> all, Version<T> before, Version<T> after) {
    public boolean isOne() { return before.number() == after.number(); }

    /// {@return whether the earlier of the two could be taken back}
    public boolean isOld() { return before.number() != all.getFirst().number(); }
}
