package keenfork.core.trace;

import java.util.List;
import keenfork.core.food.Substance;
import keenfork.core.pack.Declaration;
import keenfork.core.recipe.Recipe;
import org.jspecify.annotations.Nullable;

/// Something known beyond the recipe. Facts only ever add; a read pack alone replaces what was assumed for its product.
public sealed interface Fact {
    /// A pack in use for a food of the table.
    ///
    /// @param food        the food's shown name
    /// @param label       what the pack is called in the larder
    /// @param declaration its declaration
    /// @param read        when it was read, in words, such as `read Tue 24 Nov`
    /// @param inDate      false once it should be read again: it then adds to what is assumed for the product, and
    ///                    replaces nothing
    record PackInUse(String food, String label, Declaration declaration, String read, boolean inDate) implements Fact {}

    /// A pack that the kitchen uses for one line of one dish, whatever its words are read as.
    ///
    /// @param dish the dish's name
    /// @param line the line as written
    /// @param pack the pack, or null while it is unread: no other pack of the same food speaks for it
    record LineUses(String dish, String line, @Nullable PackInUse pack) implements Fact {}

    /// Something left on shared kit that reached a part.
    ///
    /// @param dish       the dish it reached
    /// @param part       the part it reached
    /// @param substances what was left
    /// @param how        in words, such as `after Almond sauce on the blender, wiped`
    record Contact(String dish, String part, List<Substance> substances, String how) implements Fact {
        public Contact {
            substances = List.copyOf(substances);
        }
    }

    /// Another dish that a line may use by its name.
    record OtherDish(Recipe recipe) implements Fact {}
}
