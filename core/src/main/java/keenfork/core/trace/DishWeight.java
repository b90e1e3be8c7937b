package keenfork.core.trace;

import keenfork.core.measure.Mass;

/// What goes into a dish by weight.
///
/// @param mass  the lines whose weight is known, together
/// @param isAll true where that is every line
public record DishWeight(Mass mass, boolean isAll) {}
