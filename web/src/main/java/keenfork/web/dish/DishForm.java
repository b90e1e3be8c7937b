package keenfork.web.dish;

import keenfork.format.JsonLdRecipe;
import keenfork.format.RecipeFile;
import org.jspecify.annotations.Nullable;

/// What was typed: the recipe, and the version it was written over.
record DishForm(String text, String version) {
    static final int LONGEST = 40_000;
    static final int MOST_LINES = 600;
    private static final int LONGEST_JSON = 400_000;

    DishForm(@Nullable String text, @Nullable String version) {
        this.text = text == null ? "" : text.replace("\r\n", "\n");
        this.version = version == null ? "" : version;
    }

    /// {@return the recipe as text; one pasted as JSON-LD is brought to text, and kept as it came}
    /// @throws RecipeFile.Unreadable when it looks like JSON and holds no recipe
    JsonLdRecipe.Imported recipe() throws RecipeFile.Unreadable {
        return JsonLdRecipe.isLike(text) ? JsonLdRecipe.read(text) : new JsonLdRecipe.Imported(text, "");
    }

    boolean isTooLong() {
        return text.length() > (JsonLdRecipe.isLike(text) ? LONGEST_JSON : LONGEST)
                || !JsonLdRecipe.isLike(text) && text.lines().limit(MOST_LINES + 1L).count() > MOST_LINES;
    }

    long versionNumber() {
        return version.matches("\\d{1,18}") ? Long.parseLong(version) : -1;
    }
}
