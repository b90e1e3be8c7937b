package keenfork.web.kitchen;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import keenfork.core.diet.Diet;
import keenfork.core.event.Eats;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.OwnWeights;
import keenfork.core.label.Claim;
import keenfork.core.label.GuestCard;
import keenfork.core.label.KeepBy;
import keenfork.core.label.Language;
import keenfork.core.label.MadeAs;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.pack.ReadAgain;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.swap.Avoidances;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.persistence.DishText;
import keenfork.web.persistence.Events;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Packs;
import keenfork.web.persistence.Stored;

/// Everything that follows from what is stored at one moment.
///
/// @param day       the day it was derived, which decides which packs should be read again and which stand in
/// @param ruleBook  the rule book in force
/// @param readAgain how long a read pack is relied on
/// @param ownLists  the kitchen's own lists of foods
/// @param own       what the kitchen weighed itself
/// @param dishes    the dishes in menu order, each derived
/// @param packs     every pack in the larder
/// @param links     the lines that use a pack of their own
/// @param facts     the facts in force
/// @param run       the run in force
/// @param onFile    what labels rest on beside all that
/// @param uses      what uses what on it
public record Menu(LocalDate day, RuleBook ruleBook, ReadAgain readAgain, List<Diet> ownLists, OwnWeights own,
        List<Dish> dishes, List<Stored<PackText>> packs,
        List<Packs.LineLink> links, Facts facts, KeptRun run, OnFile onFile, Uses uses) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);

    /// A dish with what follows from it.
    public record Dish(Stored<DishText> stored, Derivation derivation) {
        public long id() { return stored.id(); }

        public String name() { return derivation.recipe().name(); }
    }

    /// A line of a dish that takes a pack.
    ///
    /// @param linked whether it was linked to that pack, rather than taking the one for its food
    public record LineUse(Dish dish, Line line, boolean linked) {}

    public Menu(LocalDate day, RuleBook ruleBook, ReadAgain readAgain, List<Diet> ownLists, OwnWeights own,
            List<Dish> dishes, List<Stored<PackText>> packs,
            List<Packs.LineLink> links, Facts facts, KeptRun run, OnFile onFile) {
        this(day, ruleBook, readAgain, ownLists, own, dishes, packs, links, facts, run, onFile,
                Uses.of(day, dishes, packs, links));
    }

    public Menu {
        ownLists = List.copyOf(ownLists);
        dishes = List.copyOf(dishes);
        packs = List.copyOf(packs);
        links = List.copyOf(links);
    }

    /// {@return what a label of a dish must say}
    /// @param withList whether it carries the list of ingredients
    public PrintedStatement says(Dish dish, boolean withList, Language language) {
        return PrintedStatement.of(Statement.compose(dish.derivation, ruleBook, language), withList);
    }

    /// {@return every claim that labels know, with whether it stands for a dish}
    public List<Claim> claims(Dish dish) {
        var report = onFile.reports().get(dish.id());
        return Claim.of(dish.derivation, ruleBook, report == null ? null : new Claim.Tested(report.mgPerKg(),
                report.on(), report.reference(), report.said().equals(madeAs(dish))));
    }

    /// {@return a fingerprint of what a dish is made of, packs and kit included: another one is another dish to a
    /// laboratory}
    public String madeAs(Dish dish) {
        return MadeAs.of(dish.derivation);
    }

    /// {@return how long a dish keeps, by the kitchen's own times}
    public KeepBy keeps(Dish dish) { return KeepBy.of(dish.derivation, onFile.times()); }

    public Optional<Events.Guests> guests(long id) {
        return onFile.guests().stream().filter(g -> g.id() == id).findFirst();
    }

    /// {@return whether a dish comes to the table by itself: one that is made for nobody and goes into others does not}
    public boolean isServed(Dish dish) { return dish.derivation.recipe().serves() > 0 || using(dish.name()).isEmpty(); }

    private static String words(Avoidances avoided) {
        var unread = avoided.unread().isEmpty() ? "" : "%sand what nobody here could read: %s"
                .formatted(avoided.all().isEmpty() ? "" : ", ", String.join(", ", avoided.unread()));
        return avoided.inWords() + unread;
    }

    /// {@return what people can eat of the menu, as it is served}
    public GuestCard card(Events.Guests guests) {
        var avoided = Avoidances.of(guests.avoids(), ruleBook);
        var by = dishes.stream().filter(this::isServed).collect(Collectors
                .groupingBy(d -> Eats.of(d.derivation, avoided), Collectors.mapping(Dish::name, Collectors.toList())));
        return new GuestCard(guests.name(), ruleBook.id(), words(avoided), by.getOrDefault(Eats.AS_MADE, List.of()),
                by.getOrDefault(Eats.HELD_BACK, List.of()), by.getOrDefault(Eats.CANNOT_SAY, List.of()),
                by.getOrDefault(Eats.GOES_WITHOUT, List.of()));
    }

    public Optional<Dish> dish(long id) {
        return dishes.stream().filter(d -> d.id() == id).findFirst();
    }

    /// {@return the kitchen's convention for spoons and cups}
    public Volumes volumes() { return Volumes.METRIC; }

    /// {@return a recipe as it would be read now, by this kitchen's volumes, weights and law}
    public Recipe read(String text) { return Recipe.read(text, volumes(), new Law(ruleBook.id()), own); }

    /// {@return the dishes that use another one as a part of theirs, in menu order}
    /// @param name the other dish's name
    public List<Dish> using(String name) {
        return uses.dishes(name);
    }

    /// {@return the lines that take a pack today, in menu order}
    public List<LineUse> taking(long pack) { return uses.lines(pack); }

    /// {@return whether a line is linked to a pack of its own}
    public boolean isLinked(long dish, Line line) { return uses.isLinked(dish, line); }

    /// {@return the packs taken today: the usual ones, those that stand in for one, and those a line is linked to}
    public List<Stored<PackText>> packsInUse() {
        return packs.stream().filter(this::isInUse).toList();
    }

    public boolean isInUse(Stored<PackText> pack) {
        return packFor(pack.value().food()).filter(p -> p.id() == pack.id()).isPresent()
                || links.stream().anyMatch(l -> l.pack() == pack.id());
    }

    public long packsUnread() {
        return packsInUse().stream().filter(p -> !p.value().isRead()).count();
    }

    /// {@return whether a pack was read so long ago that it should be read again}
    public boolean isDue(PackText pack) {
        return pack.readOn() != null && readAgain.isDue(pack.readOn(), day);
    }

    public long packsDue() {
        return packsInUse().stream().filter(p -> isDue(p.value())).count();
    }

    /// {@return the pack taken for a food today: the one that stands in, or the usual one}
    public Optional<Stored<PackText>> packFor(String food) {
        return uses.pack(food);
    }

    /// {@return the pack taken for a line of a dish: the one it is linked to, or the one for its food}
    public Optional<Stored<PackText>> packFor(long dish, Line line) {
        return uses.pack(dish, line);
    }

    /// {@return the packs of the larder that are read and in date, those that stand by among them}
    public List<Stored<PackText>> packsToChoose() {
        return packs.stream().filter(p -> p.value().isRead() && !isDue(p.value())).toList();
    }

    /// {@return what a read pack says, as a fact for its food}
    public Fact.PackInUse inUse(Stored<PackText> pack) { return inUse(pack.value(), readAgain, day); }

    static Fact.PackInUse inUse(PackText pack, ReadAgain readAgain, LocalDate day) {
        var read = pack.readOn() == null ? "pack read" : "pack read " + DAY.format(pack.readOn());
        var law = pack.law().equals("unknown") ? Law.UNKNOWN : new Law(pack.law());
        // the table may show the food under another name than on the day the pack was read
        var food = Foods.shipped().find(pack.food()).map(Food::name).orElse(pack.food());
        return new Fact.PackInUse(food, pack.label(), Declaration.read(pack.declaration(), law), read,
                pack.readOn() == null || !readAgain.isDue(pack.readOn(), day));
    }
}
