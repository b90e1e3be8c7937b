package keenfork.core.trace;

import java.util.Set;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;

/// How much of a dish is taken off; each takes off what the one before it does too.
public enum Peel {
    COMPLETE("Complete", Set.of()),
    NO_BESIDE("No beside", Set.of(PartKind.BESIDE)),
    NO_TOPPING("No topping", Set.of(PartKind.BESIDE, PartKind.TOPPING)),
    BASE_ONLY("Base only", Set.of(PartKind.BESIDE, PartKind.TOPPING, PartKind.DRESSING));

    private final String word;
    private final Set<PartKind> off;

    Peel(String word, Set<PartKind> off) {
        this.word = word;
        this.off = off;
    }

    public String word() { return word; }

    /// {@return whether parts of a kind are taken off}
    public boolean takesOff(PartKind kind) { return off.contains(kind); }

    /// {@return what is left of a dish; a step that names what was taken off ("scatter the pistachios") puts nothing
    /// back}
    public Recipe of(Recipe recipe) {
        if (off.isEmpty()) return recipe;
        var gone =
                recipe.parts().stream().filter(p -> off.contains(p.kind())).flatMap(p -> p.lines().stream()).toList();
        return new Recipe(recipe.name(), recipe.serves(), recipe.makes(),
                recipe.parts().stream().filter(p -> !off.contains(p.kind())).toList(), recipe.steps(),
                recipe.mentions().stream()
                        .filter(m -> m.isOfName() ? !m.isHeldBy(gone) : !m.isOnTop(gone, recipe.steps().get(m.step())))
                        .toList());
    }
}
