package keenfork.web.kitchen;

import java.util.List;
import java.util.Optional;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.PrepRun;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.web.persistence.DishText;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Stored;

/// Everything that follows from what is stored at one moment.
///
/// @param ruleBook the rule book in force
/// @param dishes   the dishes in menu order, each derived
/// @param packs    the packs in use
/// @param facts    the facts in force
/// @param run      the run in force, or one without a turn
public record Menu(RuleBook ruleBook, List<Dish> dishes, List<Stored<PackText>> packs, Facts facts, PrepRun run) {
    /// A dish with what follows from it.
    public record Dish(Stored<DishText> stored, Derivation derivation) {
        public long id() { return stored.id(); }

        public String name() { return derivation.recipe().name(); }
    }

    public Menu {
        dishes = List.copyOf(dishes);
        packs = List.copyOf(packs);
    }

    public Optional<Dish> dish(long id) {
        return dishes.stream().filter(d -> d.id() == id).findFirst();
    }

    public long packsUnread() {
        return packs.stream().filter(p -> !p.value().isRead()).count();
    }

    public Optional<Stored<PackText>> packFor(String food) {
        return packs.stream().filter(p -> p.value().food().equals(food)).findFirst();
    }
}
