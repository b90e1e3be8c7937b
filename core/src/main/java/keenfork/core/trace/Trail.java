package keenfork.core.trace;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/// The way from a dish down to one knot of a thread; threads of one line share what stands above it.
///
/// @param above the way to the knot above, or null at the dish
/// @param link  the knot
public record Trail(@Nullable Trail above, Link link) {
    public Trail to(Link next) { return new Trail(this, next); }

    /// {@return the knots from the dish down, and one more}
    List<Link> linksTo(Link last) {
        var links = new ArrayList<Link>();
        links.add(last);
        for (Trail at = this; at != null; at = at.above) links.add(at.link);
        return List.copyOf(links.reversed());
    }
}
