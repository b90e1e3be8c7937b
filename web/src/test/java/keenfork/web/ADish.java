package keenfork.web;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import keenfork.core.food.OwnWeights;
import keenfork.core.kitchen.Larder;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.pack.ReadAgain;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Equipment;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.kitchen.KeptRun;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.OnFile;
import keenfork.web.kitchen.Stock;
import keenfork.web.kitchen.Uses;
import keenfork.web.page.Format;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.dish.DishText;
import keenfork.web.persistence.run.Runs;

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

    public static Menu menuOf(String text, List<Stored<LarderPack>> packs, Fact... facts) {
        var derivation = derived(text, facts);
        var dish = new Menu.Dish(new Stored<>(7, 0, new DishText(derivation.recipe().name(), text, "", Instant.EPOCH)),
                derivation.recipe(), derivation);
        var stock =
                new Stock(LocalDate.EPOCH, RuleBook.uk(), Volumes.METRIC, ReadAgain.USUAL, List.of(), OwnWeights.NONE,
                        List.of(dish.stored()), packs, List.of(), Runs.Kept.NONE, List.of(), Equipment.USUAL, List.of(),
                        OnFile.NOTHING);
        var byKey = new LinkedHashMap<Long, LarderPack>();
        for (var pack : packs) byKey.put(pack.id(), pack.value());
        var larder = new Larder(LocalDate.EPOCH, ReadAgain.USUAL, byKey, List.of());
        return new Menu(stock, larder, List.of(dish), derivation.facts(), KeptRun.NONE, Uses.of(larder, List.of(dish)));
    }
}
