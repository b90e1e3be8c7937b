package keenfork.core.food;

import java.util.List;
import org.jspecify.annotations.Nullable;

/// Something a rule or a diet can be written about, in a tree: cashew is a tree nut, spelt is wheat is a cereal with
/// gluten.
///
/// @param at     its place in the shipped table, from 0
/// @param id     its key in the shipped tables, such as `brazil-nut`
/// @param name   its word on a screen or label, such as `Brazil nut`
/// @param parent the key above it, or an empty string at the root
/// @param words  what it is called on packs and in recipes
/// @param animal true where it is of an animal, so that no vegan eats it
/// @param source where the entry comes from
public record Substance(int at, String id, String name, String parent, List<String> words, boolean animal,
        String source) {
    /// the root: everything, which is what a line that cannot be read may hold
    public static final String ANYTHING = "anything";

    public Substance {
        words = List.copyOf(words);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Substance s && s.at == at && s.id.equals(id);
    }

    @Override
    public int hashCode() { return at; }

    @Override
    public String toString() { return id; }
}
