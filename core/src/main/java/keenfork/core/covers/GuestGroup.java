package keenfork.core.covers;

import java.util.List;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;

/// People to be fed who avoid the same, as they said it.
///
/// @param name    what the crew calls them
/// @param people  how many, 1 or more
/// @param avoided what they avoid, and what of their words was not understood
public record GuestGroup(String name, int people, Avoidances avoided) {
    public GuestGroup {
        if (people < 1) throw new IllegalArgumentException("a group is one person or more, not %d".formatted(people));
    }

    /// {@return what they avoid, all of it that was understood}
    public List<Avoidance> avoid() { return avoided.all(); }

    /// {@return whether every word of theirs was understood: else nobody can say that they eat anything}
    public boolean isUnderstood() { return avoided.refused().isEmpty(); }
}
