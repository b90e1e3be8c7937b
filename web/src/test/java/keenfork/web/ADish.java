package keenfork.web;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import keenfork.core.food.OwnWeights;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.pack.ReadAgain;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.kitchen.KeptRun;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.OnFile;
import keenfork.web.page.Format;
import keenfork.web.persistence.DishText;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Stored;

/// Builders for views: a dish, and a menu of one.
public final class ADish {
    /// figures and words, in a kitchen by Greenwich
    public static final Format FORMAT = new Format(Clock.systemUTC());

    private ADish() {}

    public static Derivation derived(String text, Fact... facts) {
        return Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")),
                new Facts(RuleBook.uk(), List.of(facts)));
    }

    public static Menu menuOf(String text, Fact... facts) { return menuOf(text, List.of(), facts); }

    public static Menu menuOf(String text, List<Stored<PackText>> packs, Fact... facts) {
        var derivation = derived(text, facts);
        var dish = new Menu.Dish(new Stored<>(7, 0, new DishText(derivation.recipe().name(), text, "", Instant.EPOCH)),
                derivation);
        return new Menu(LocalDate.EPOCH, RuleBook.uk(), ReadAgain.USUAL, List.of(), OwnWeights.NONE, List.of(dish),
                packs, List.of(), derivation.facts(), KeptRun.NONE, OnFile.NOTHING);
    }
}
