package keenfork.web.kitchen;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import keenfork.core.diet.Diet;
import keenfork.core.pack.ReadAgain;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.PrepRun;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.web.persistence.DishText;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Stored;

/// Everything that follows from what is stored at one moment.
///
/// @param day       the day it was derived, which decides which packs should be read again
/// @param ruleBook  the rule book in force
/// @param readAgain how long a read pack is relied on
/// @param ownLists  the kitchen's own lists of foods
/// @param dishes    the dishes in menu order, each derived
/// @param packs     the packs in use
/// @param facts     the facts in force
/// @param run       the run in force, or one without a turn
public record Menu(LocalDate day, RuleBook ruleBook, ReadAgain readAgain, List<Diet> ownLists, List<Dish> dishes, List<Stored<PackText>> packs, Facts facts, PrepRun run) {
    /// A dish with what follows from it.
    public record Dish(Stored<DishText> stored, Derivation derivation) {
        public long id() { return stored.id(); }

        public String name() { return derivation.recipe().name(); }
    }

    public Menu {
        ownLists = List.copyOf(ownLists);
        dishes = List.copyOf(dishes);
        packs = List.copyOf(packs);
    }

    public Optional<Dish> dish(long id) {
        return dishes.stream().filter(d -> d.id() == id).findFirst();
    }

    public long packsUnread() {
        return packs.stream().filter(p -> !p.value().isRead()).count();
    }

    /// {@return whether a pack was read so long ago that it should be read again}
    public boolean isDue(PackText pack) {
        return pack.readOn() != null && readAgain.isDue(pack.readOn(), day);
    }

    public long packsDue() {
        return packs.stream().filter(p -> isDue(p.value())).count();
    }

    public Optional<Stored<PackText>> packFor(String food) {
        return packs.stream().filter(p -> p.value().food().equals(food)).findFirst();
    }
}
