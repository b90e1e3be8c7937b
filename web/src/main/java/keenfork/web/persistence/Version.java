package keenfork.web.persistence;

import java.time.Instant;

/// One of the texts something had.
///
/// @param number from 1, in the order they were saved
/// @param saved  when
/// @param by     who said to be at the screen; empty where nobody did
/// @param how    what was done, such as `written` or `version 2 taken back`
/// @param value  what was saved
public record Version<T>(int number, Instant saved, String by, String how, T value) {}
