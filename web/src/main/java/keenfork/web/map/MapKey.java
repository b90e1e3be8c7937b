package keenfork.web.map;

import java.util.List;
import java.util.stream.Stream;

/// The key to the marks, the same on screen, on paper and in files.
final class MapKey {
    /// a shape and its word
    record Entry(String symbol, String words) {}

    static final List<Entry> ENTRIES = List.of(new Entry("m-in", "in it"), new Entry("m-in-assumed", "assumed"),
            new Entry("m-in-off", "comes off"), new Entry("m-may", "pack says may"),
            new Entry("m-contact", "contact"), new Entry("m-unknown", "not known"),
            new Entry("m-pack", "pack to read"), new Entry("m-beside", "beside the law’s list"),
            new Entry("m-none", "nothing found"), new Entry("p-full", "suits"), new Entry("p-ask", "cannot say"),
            new Entry("p-empty", "does not suit"));

    /// with what some people's plates can be served without
    static final List<Entry> FOR_PEOPLE = Stream.concat(ENTRIES.stream(),
            Stream.of(new Entry("p-part", "part held back"))).toList();

    private MapKey() {}
}
