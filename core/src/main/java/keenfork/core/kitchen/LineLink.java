package keenfork.core.kitchen;

/// A line of a dish that uses a pack of its own.
///
/// @param dish the dish's key
/// @param line the line as written
/// @param pack the pack's key
public record LineLink(long dish, String line, long pack) {}
