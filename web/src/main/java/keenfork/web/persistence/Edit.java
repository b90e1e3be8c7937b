package keenfork.web.persistence;

import java.time.Instant;

/// That something was changed, without what it was changed to.
///
/// @param of   the key of the dish or pack
/// @param name what it was called then
/// @param how  what was done, such as `written`
/// @param by   who said to be at the screen; empty where nobody did
public record Edit(long of, String name, Instant when, String how, String by) {}
