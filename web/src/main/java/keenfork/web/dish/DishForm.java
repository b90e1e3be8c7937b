package keenfork.web.dish;

import org.jspecify.annotations.Nullable;

/// What was typed: the recipe, and the version it was written over.
record DishForm(String text, String version) {
    static final int LONGEST = 40_000;
    static final int MOST_LINES = 600;

    DishForm(@Nullable String text, @Nullable String version) {
        this.text = text == null ? "" : text.replace("\r\n", "\n");
        this.version = version == null ? "" : version;
    }

    boolean isTooLong() {
        return text.length() > LONGEST || text.lines().limit(MOST_LINES + 1L).count() > MOST_LINES;
    }

    long versionNumber() {
        return version.matches("\\d{1,18}") ? Long.parseLong(version) : -1;
    }
}
