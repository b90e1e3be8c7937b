package keenfork.core.trace;

import java.util.HashSet;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Family;
import keenfork.core.food.Family.Held;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Words;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Mention;
import keenfork.core.recipe.Recipe;

/// Where a dish names a food that somebody avoids, or what holds it.
final class Named {
    private static final int LONG_WORD = 4;
    /// of so many long words one may be in no dictionary of English
    private static final int FEW = 5;
    private final Facts facts;
    private final Family family;
    private final Set<String> open = new HashSet<>();

    Named(Facts facts, Family family) {
        this.facts = facts;
        this.family = family;
    }

    Held dish(Recipe recipe) {
        var strongest = Held.NO;
        for (var line : recipe.lines()) strongest = stronger(strongest, line(recipe.name(), line));
        if (strongest != Held.NO) return strongest;
        var isSaid = recipe.mentions().stream().anyMatch(m -> m.isOfName() && family.in(m.words()) == Held.YES);
        return isSaid || Stream.concat(recipe.steps().stream().flatMap(s -> Mention.plainFoods(s).stream()),
                unlisted(recipe)).anyMatch(f -> family.in(f.name()) == Held.YES) ? Held.MAY : Held.NO;
    }

    private static Stream<Food> unlisted(Recipe recipe) {
        return recipe.mentions().stream().filter(m -> !m.isListed(recipe))
                .flatMap(m -> m.product() == null ? Stream.of() : Stream.of(m.product()));
    }

    /// @param dish the name of the dish whose line it is: a pack is linked to a line of a dish
    Held line(String dish, Line line) {
        var inUse = facts.pack(dish, line).orElse(null);
        var pack = line.pack() != null || inUse == null ? line.pack() : inUse.declaration();
        var named = line.text() + " . " + line.food().map(Food::name).orElse("");
        // a read pack has the last word of what its product may hold, and not of what the line itself says
        var isRead = pack != null && pack.isList() && (line.pack() != null || inUse == null || inUse.inDate());
        if (pack != null && isRead && isEnglish(pack.text()))
            return family.isNamed(named) ? Held.YES : family.in(pack.text());
        var said = pack == null ? family.in(named) : stronger(family.in(named), family.in(pack.text()));
        // what it says in another language no name of a family tells
        if (isRead || family.isOfAnyProduct() && line.food().filter(Food::isCompound).isPresent())
            said = stronger(said, Held.MAY);
        if (line.dish().isEmpty() || !open.add(line.dish())) return said;
        return stronger(said, facts.dish(line.dish()).map(this::dish).orElse(Held.NO));
    }

    private static boolean isEnglish(String text) {
        var words = Words.of(text).stream().map(Words.Word::text).filter(w -> w.length() >= LONG_WORD).toList();
        return words.stream().filter(Foods.shipped()::isNoWord).count() * FEW <= words.size();
    }

    private static Held stronger(Held one, Held other) { return one.compareTo(other) >= 0 ? one : other; }
}
