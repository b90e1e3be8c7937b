package keenfork.core.trace;

/// Where in a dish something comes from: its own line, a step alone, shared kit, or the dish as a whole. What comes by
/// a dish that a line uses comes from that line.
public sealed interface Origin {
    /// A line of the dish itself.
    ///
    /// @param part the place of its part, from 0
    /// @param line its place among all lines of the recipe, from 0
    record OfLine(int part, int line) implements Origin {}

    /// A step that names what no line holds.
    ///
    /// @param step its place, from 0
    record OfStep(int step) implements Origin {}

    /// Shared kit.
    ///
    /// @param part the place of the part that it reached, from 0
    record OfKit(int part) implements Origin {}

    /// The dish, of which nothing is written yet.
    record OfDish() implements Origin {}
}
