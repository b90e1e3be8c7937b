package keenfork.web.persistence.dish;

import java.time.Instant;

/// A dish as written.
///
/// @param name     its name: the first line of its text
/// @param text     the recipe text
/// @param original the schema.org object it came as, or an empty string
/// @param changed  when it was stored last
public record DishText(String name, String text, String original, Instant changed) {}
