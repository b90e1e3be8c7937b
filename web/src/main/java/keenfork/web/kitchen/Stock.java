package keenfork.web.kitchen;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.diet.Diet;
import keenfork.core.food.OwnWeights;
import keenfork.core.kitchen.Larder;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.kitchen.LineLink;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.ReadAgain;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Equipment;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.dish.DishText;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.run.Runs;
import org.jspecify.annotations.Nullable;

/// All that is stored at one moment and that a menu follows from; or what would be stored, to see what it would change.
///
/// @param day       the day it is looked at, which decides which packs are due and which stand in
/// @param ruleBook  the rule book in force
/// @param volumes   what spoons and cups hold here
/// @param readAgain how long a read pack is relied on
/// @param ownLists  the kitchen's own lists of foods
/// @param own       what the kitchen weighed itself
/// @param dishes    the dishes in menu order
/// @param packs     every pack in the larder
/// @param links     the lines that use a pack of their own
/// @param run       the run in force
/// @param done      what is done of it on its day
/// @param equipment the kitchen's kit
/// @param asides    portions that go out without something
/// @param onFile    what labels rest on beside all that
public record Stock(LocalDate day, RuleBook ruleBook, Volumes volumes, ReadAgain readAgain, List<Diet> ownLists,
        OwnWeights own,
        List<Stored<DishText>> dishes, List<Stored<LarderPack>> packs,
        List<LineLink> links, Runs.Kept run, List<Runs.Marked> done, Equipment equipment,
        List<SetAsides.Aside> asides, OnFile onFile) {
    /// {@return whether a text reads here as it did there: by the same volumes, weights and law}
    boolean readsAs(Stock other) {
        return volumes == other.volumes && own.equals(other.own) && ruleBook.id().equals(other.ruleBook.id());
    }

    /// {@return this as it would be with a dish written so; one that is not on the menu stands at its end}
    Stock withDish(long id, DishText dish) {
        var changed = new ArrayList<Stored<DishText>>();
        for (var d : dishes) changed.add(d.id() == id ? new Stored<>(id, d.version(), dish) : d);
        if (dishes.stream().noneMatch(d -> d.id() == id)) changed.add(new Stored<>(id, 0, dish));
        return new Stock(day, ruleBook, volumes, readAgain, ownLists, own, changed, packs, links, run, done, equipment,
                asides,
                onFile);
    }

    /// {@return this as it would be with a pack read so; a new one takes the place of the usual one for its food}
    Stock withPack(long id, LarderPack pack) {
        var changed = new ArrayList<Stored<LarderPack>>();
        for (var p : packs) if (p.id() != id) changed.add(p);
        var before = packs.stream().filter(p -> p.id() == id).findFirst();
        changed.add(new Stored<>(id, before.map(Stored::version).orElse(0L), pack));
        return new Stock(day, ruleBook, volumes, readAgain, ownLists, own, dishes, changed, links, run, done, equipment,
                asides,
                onFile);
    }

    /// {@return this as it would be with one spare pack standing in today}
    Stock withStandIn(long id) {
        var food = packs.stream().filter(p -> p.id() == id).map(p -> p.value().food()).findFirst().orElse("");
        var changed = new ArrayList<Stored<LarderPack>>();
        for (var p : packs)
            if (!p.value().food().equals(food)) changed.add(p);
            else changed.add(new Stored<>(p.id(), p.version(), p.value().standingInOn(p.id() == id ? day : null)));
        return new Stock(day, ruleBook, volumes, readAgain, ownLists, own, dishes, changed, links, run, done, equipment,
                asides,
                onFile);
    }

    /// {@return its packs, and which of them speaks for what today}
    /// @param before the larder before something changed, or null
    Larder larder(@Nullable Larder before) {
        var byKey = new LinkedHashMap<Long, LarderPack>();
        for (var p : packs) byKey.put(p.id(), p.value());
        return new Larder(day, readAgain, byKey, links, before);
    }

    /// {@return the dishes' recipes by their keys}
    /// @param recipes in the order of the dishes
    Map<Long, Recipe> byKey(List<Recipe> recipes) {
        var byKey = new LinkedHashMap<Long, Recipe>();
        for (var i = 0; i < recipes.size(); i++) byKey.put(dishes.get(i).id(), recipes.get(i));
        return byKey;
    }
}
