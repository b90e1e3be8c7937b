package keenfork.core.run;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.food.Table;
import keenfork.core.recipe.Recipe;

/// The kit that a dish of a kind usually goes over: what is assumed where nothing is written.
final class Assumed {
    private static final List<DishKind> KINDS = read();

    /// @param words what the dish or one of its parts is called; null for every other dish
    private record DishKind(@org.jspecify.annotations.Nullable Phrases words, List<Kit> kit) {}

    private Assumed() {}

    private static List<DishKind> read() {
        var kinds = new ArrayList<DishKind>();
        for (var row : Table.read(Assumed.class, "assumed.txt", 3)) {
            var kit = row.read(1, _ -> row.list(1).stream()
                    .map(id -> Kit.named(id)
                            .orElseThrow(() -> new IllegalArgumentException("no kit \"%s\"".formatted(id))))
                    .toList());
            kinds.add(new DishKind(row.cell(0).isEmpty() ? null : Work.anyOf(row), kit));
        }
        return List.copyOf(kinds);
    }

    static List<Kit> kit(Recipe recipe) {
        var said = recipe.name() + "\n" + String.join("\n", recipe.parts().stream().map(p -> p.name()).toList());
        for (var kind : KINDS) if (kind.words == null || kind.words.isIn(said)) return kind.kit;
        return List.of();
    }
}
