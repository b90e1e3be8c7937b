package keenfork.web.kitchen;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import keenfork.core.diet.Diet;
import keenfork.core.food.OwnWeights;
import keenfork.core.pack.ReadAgain;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Equipment;
import keenfork.web.persistence.DishText;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Packs;
import keenfork.web.persistence.Runs;
import keenfork.web.persistence.SetAsides;
import keenfork.web.persistence.Stored;
import org.jspecify.annotations.Nullable;

/// All that is stored at one moment and that a menu follows from; or what would be stored, to see what it would change.
///
/// @param day       the day it is looked at, which decides which packs are due and which stand in
/// @param ruleBook  the rule book in force
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
record Stock(LocalDate day, RuleBook ruleBook, ReadAgain readAgain, List<Diet> ownLists, OwnWeights own,
        List<Stored<DishText>> dishes, List<Stored<PackText>> packs,
        List<Packs.LineLink> links, Runs.Kept run, List<Runs.Marked> done, Equipment equipment,
        List<SetAsides.Aside> asides, OnFile onFile) {
    /// {@return this as it would be with a dish written so; one that is not on the menu stands at its end}
    Stock withDish(long id, DishText dish) {
        var changed = new ArrayList<Stored<DishText>>();
        for (var d : dishes) changed.add(d.id() == id ? new Stored<>(id, d.version(), dish) : d);
        if (dishes.stream().noneMatch(d -> d.id() == id)) changed.add(new Stored<>(id, 0, dish));
        return new Stock(day, ruleBook, readAgain, ownLists, own, changed, packs, links, run, done, equipment, asides,
                onFile);
    }

    /// {@return this as it would be with a pack read so; a new one takes the place of the usual one for its food}
    Stock withPack(long id, PackText pack) {
        var changed = new ArrayList<Stored<PackText>>();
        for (var p : packs) if (p.id() != id) changed.add(p);
        var before = packs.stream().filter(p -> p.id() == id).findFirst();
        changed.add(new Stored<>(id, before.map(Stored::version).orElse(0L), pack));
        return new Stock(day, ruleBook, readAgain, ownLists, own, dishes, changed, links, run, done, equipment, asides,
                onFile);
    }

    /// {@return this as it would be with one spare pack standing in today}
    Stock withStandIn(long id) {
        var food = packs.stream().filter(p -> p.id() == id).map(p -> p.value().food()).findFirst().orElse("");
        var changed =
                packs.stream()
                        .map(p -> !p.value().food().equals(food) ? p
                                : new Stored<>(p.id(), p.version(), standingIn(p.value(), p.id() == id ? day : null)))
                        .toList();
        return new Stock(day, ruleBook, readAgain, ownLists, own, dishes, changed, links, run, done, equipment, asides,
                onFile);
    }

    private static PackText standingIn(PackText p, @Nullable LocalDate day) {
        return new PackText(p.food(), p.label(), p.barCode(), p.law(), p.declaration(), p.readOn(), p.spare(), day);
    }
}
