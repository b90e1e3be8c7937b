package keenfork.web.dish;

import org.jspecify.annotations.Nullable;

/// What was typed: the recipe, and the version it was written over.
record DishForm(String text, String version) {
    static final int LONGEST = 100_000;

    DishForm(@Nullable String text, @Nullable String version) {
        this.text = text == null ? "" : text.replace("\r\n", "\n");
        this.version = version == null ? "" : version;
    }

    long versionNumber() {
        return version.matches("\\d{1,18}") ? Long.parseLong(version) : -1;
    }
}
