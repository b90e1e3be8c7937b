package keenfork.web.dish;

import keenfork.format.JsonLdRecipe;
import keenfork.format.RecipeFile;
import org.jspecify.annotations.Nullable;

/// What was typed: the recipe, and the version it was written over.
///
/// @param without what must be out of it, in words of the command line, where a swap is worked out on the bench; else
///                an empty string
/// @param variant the key of the variant that is written anew; empty for none
record DishForm(String text, String version, String without, String variant) {
    static final int LONGEST = 40_000;
    static final int MOST_LINES = 600;
    private static final int LONGEST_JSON = 400_000;
    private static final int LONGEST_WITHOUT = 8_000;

    DishForm(@Nullable String text, @Nullable String version, @Nullable String without, @Nullable String variant) {
        this.text = text == null ? "" : text.replace("\r\n", "\n");
        this.version = version == null ? "" : version;
        this.without = without == null || without.length() > LONGEST_WITHOUT ? "" : without.strip();
        this.variant = variant == null ? "" : variant;
    }

    static DishForm of(String text, String version) { return new DishForm(text, version, "", ""); }

    /// {@return the same with another text or version, for the same people}
    DishForm with(String otherText, String otherVersion) {
        return new DishForm(otherText, otherVersion, without, variant);
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

    /// {@return the key of the variant that is written anew; 0 for none}
    long variantNumber() { return variant.matches("\\d{1,18}") ? Long.parseLong(variant) : 0; }
}
