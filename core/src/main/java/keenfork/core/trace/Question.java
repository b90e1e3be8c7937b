package keenfork.core.trace;

/// What the cook or a supplier must say before something stops being not known.
///
/// @param line the line it is about, as written
/// @param ask  the question
public record Question(String line, String ask) {}
