package keenfork.core.swap;

/// One step of a dish as a plan changes it.
///
/// @param text    as the cook reads it: as it was written where the plan could not write it
/// @param changed whether it differs from the step as written, or is new
/// @param write   whether the cook must write it: its words do not fit what goes in now
/// @param plain   its text with nothing in it that is out: what is derived, and kept in a recipe
/// @param of      the step of the recipe it stands for, or comes before where it is new, from 0
public record MethodStep(String text, boolean changed, boolean write, String plain, int of) {
    static MethodStep anew(String text, int of) { return new MethodStep(text, true, false, text, of); }
}
