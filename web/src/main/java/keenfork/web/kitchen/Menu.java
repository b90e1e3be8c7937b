package keenfork.web.kitchen;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import keenfork.core.diet.Diet;
import keenfork.core.kitchen.DishNow;
import keenfork.core.kitchen.GuestCards;
import keenfork.core.kitchen.Larder;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.label.GuestCard;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.pack.ReadAgain;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.dish.DishText;
import keenfork.web.persistence.guest.Events;

/// Everything that follows from what is stored at one moment.
///
/// @param stock  what is stored
/// @param larder which pack speaks for what
/// @param dishes the dishes in menu order, each derived
/// @param facts  the facts in force
/// @param run    the run in force
/// @param uses   what uses what on it
public record Menu(Stock stock, Larder larder, List<Dish> dishes, Facts facts, KeptRun run, Uses uses) {
    /// A dish with what follows from it.
    ///
    /// @param read its text as it reads by itself, with no line taken for another dish of the menu yet
    public record Dish(Stored<DishText> stored, Recipe read, Derivation derivation) {
        public long id() { return stored.id(); }

        public String name() { return derivation.recipe().name(); }
    }

    /// A line of a dish that takes a pack.
    ///
    /// @param linked whether it was linked to that pack, rather than taking the one for its food
    public record LineUse(Dish dish, Line line, boolean linked) {}

    public Menu {
        dishes = List.copyOf(dishes);
    }

    /// {@return the day it was derived, which decides which packs should be read again and which stand in}
    public LocalDate day() { return stock.day(); }

    /// {@return the rule book in force}
    public RuleBook ruleBook() { return stock.ruleBook(); }

    /// {@return how long a read pack is relied on}
    public ReadAgain readAgain() { return stock.readAgain(); }

    /// {@return the kitchen's own lists of foods}
    public List<Diet> ownLists() { return stock.ownLists(); }

    /// {@return every pack in the larder}
    public List<Stored<LarderPack>> packs() { return stock.packs(); }

    /// {@return what labels rest on beside all that}
    public OnFile onFile() { return stock.onFile(); }

    /// {@return what the kitchen is called; empty until it says so}
    public String kitchenName() { return stock.onFile().who().name(); }

    /// {@return a dish with all that its labels rest on}
    public DishNow now(Dish dish) {
        var report = onFile().reports().get(dish.id());
        return new DishNow(dish.derivation, ruleBook(), onFile().times(), report == null ? null
                : new DishNow.Report(report.mgPerKg(), report.on(), report.reference(), report.said()));
    }

    public Optional<Events.Guests> guests(long id) {
        return onFile().guests().stream().filter(g -> g.id() == id).findFirst();
    }

    /// {@return whether a dish comes to the table by itself: one that is made for nobody and goes into others does not}
    public boolean isServed(Dish dish) { return dish.derivation.recipe().serves() > 0 || using(dish.name()).isEmpty(); }

    /// {@return what people can eat of the menu, as it is served}
    public GuestCard card(Events.Guests guests) {
        return GuestCards.of(guests.name(), Avoidances.of(guests.avoids(), ruleBook()), ruleBook(),
                dishes.stream().filter(this::isServed).map(Dish::derivation).toList());
    }

    public Optional<Dish> dish(long id) {
        return dishes.stream().filter(d -> d.id() == id).findFirst();
    }

    /// {@return the kitchen's convention for spoons and cups}
    public Volumes volumes() { return stock.volumes(); }

    /// {@return a recipe as it would be read now, by this kitchen's volumes, weights and law}
    public Recipe read(String text) { return Recipe.read(text, volumes(), new Law(ruleBook().id()), stock.own()); }

    /// {@return the dishes that use another one as a part of theirs, in menu order}
    /// @param name the other dish's name
    public List<Dish> using(String name) {
        return uses.dishes(name);
    }

    /// {@return the lines that take a pack today, in menu order}
    public List<LineUse> taking(long pack) { return uses.lines(pack); }

    /// {@return whether a line is linked to a pack of its own}
    public boolean isLinked(long dish, Line line) { return larder.isLinked(dish, line); }

    /// {@return the packs taken today: the usual ones, those that stand in for one, and those a line is linked to}
    public List<Stored<LarderPack>> packsInUse() {
        return packs().stream().filter(this::isInUse).toList();
    }

    public boolean isInUse(Stored<LarderPack> pack) { return larder.isInUse(pack.id()); }

    public long packsUnread() {
        return packsInUse().stream().filter(p -> !p.value().isRead()).count();
    }

    /// {@return whether a pack was read so long ago that it should be read again}
    public boolean isDue(LarderPack pack) { return larder.isDue(pack); }

    public long packsDue() {
        return packsInUse().stream().filter(p -> isDue(p.value())).count();
    }

    /// {@return the pack taken for a food today: the one that stands in, or the usual one}
    public Optional<Stored<LarderPack>> packFor(String food) {
        return larder.packFor(food).flatMap(this::pack);
    }

    /// {@return the pack taken for a line of a dish: the one it is linked to, or the one for its food}
    public Optional<Stored<LarderPack>> packFor(long dish, Line line) {
        return larder.packFor(dish, line).flatMap(this::pack);
    }

    private Optional<Stored<LarderPack>> pack(long id) {
        return packs().stream().filter(p -> p.id() == id).findFirst();
    }

    /// {@return the packs of the larder that are read and in date, those that stand by among them}
    public List<Stored<LarderPack>> packsToChoose() {
        return packs().stream().filter(p -> p.value().isRead() && !isDue(p.value())).toList();
    }

    /// {@return what a read pack says, as a fact for its food}
    public Fact.PackInUse inUse(Stored<LarderPack> pack) { return larder.inUse(pack.value()); }
}
