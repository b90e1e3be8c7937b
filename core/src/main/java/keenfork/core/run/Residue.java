package keenfork.core.run;

/// What stays on a kind of kit once it is emptied.
///
/// @param thick    g left by a dip or pesto
/// @param pourable g left by a dressing
/// @param source   where the figures come from
public record Residue(Range thick, Range pourable, String source) {
    Range of(boolean isThick) { return isThick ? thick : pourable; }
}
