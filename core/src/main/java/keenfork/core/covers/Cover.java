package keenfork.core.covers;

import java.util.List;
import keenfork.core.people.Avoidance;
import keenfork.core.trace.Evidence;

/// Whether a group can eat a dish, and how.
///
/// @param group whose
/// @param dish  which
/// @param how   how they get it
/// @param why   what makes it so; empty where they get it as it is served
/// @param kept  whether the kitchen has said already that their plates go out so
public record Cover(GuestGroup group, MenuDish dish, How how, List<Why> why, boolean kept) {
    /// the ways a group gets a dish, the simplest first
    public enum How { AS_SERVED, PEELED, VARIANT, SPLIT, CANNOT_SAY, CANNOT }

    /// what makes it so
    public sealed interface Why {
        /// a piece of evidence breaks what they avoid, or leaves it open
        record Holds(Avoidance avoidance, Evidence evidence) implements Why {}

        /// a line is called what they avoid, or always holds it
        record IsCalled(Avoidance avoidance, String line) implements Why {}

        /// a line may hold it: no pack of it is read, or its pack leaves it open
        record MayHold(Avoidance avoidance, String line) implements Why {}

        /// some of their words were not understood
        record NotUnderstood(List<String> words) implements Why {}

        /// these parts stay off their plates
        record Without(List<String> parts) implements Why {}

        /// their portions are taken off before a step, from 1
        record Before(int step, List<String> lines) implements Why {}

        /// the kitchen has a dish of its own for them
        record Variant(String name) implements Why {}
    }

    public Cover {
        why = List.copyOf(why);
    }

    Cover(GuestGroup group, MenuDish dish, How how, List<Why> why) {
        this(group, dish, how, why, false);
    }

    /// {@return whether they get it with nothing done for them}
    public boolean isServed() { return how == How.AS_SERVED || how == How.VARIANT || kept; }
}
