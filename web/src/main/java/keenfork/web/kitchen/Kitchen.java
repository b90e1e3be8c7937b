package keenfork.web.kitchen;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import keenfork.core.diet.Diet;
import keenfork.core.food.OwnWeights;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.Stored;
import keenfork.web.persistence.dish.DishText;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.dish.SetAsides;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.label.Keeping;
import keenfork.web.persistence.pack.Packs;
import keenfork.web.persistence.run.KitList;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.Settings;
import keenfork.web.persistence.settings.Weighings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/// Front door to what is derived. It is derived once and kept until something stored changes.
@Component
public class Kitchen {
    private final Dishes dishes;
    private final Packs packs;
    private final Runs runs;
    private final KitList kitList;
    private final SetAsides asides;
    private final Settings settings;
    private final Weighings weighings;
    private final Events events;
    private final Keeping keeping;
    private final AtomicLong changes = new AtomicLong();
    private final AtomicLong dishChanges = new AtomicLong();
    private final Clock clock;
    private volatile @Nullable Menu kept;
    private volatile Fetched fetched = new Fetched(-1, List.of());
    /// what was derived last, whether it still stands or not: a dish that nobody has written since is not read again
    private volatile @Nullable Menu last;

    /// The stored dishes, and how often they had changed before they were fetched.
    private record Fetched(long at, List<Stored<DishText>> dishes) {
        Fetched {
            dishes = List.copyOf(dishes);
        }
    }

    Kitchen(Dishes dishes, Packs packs, Runs runs, KitList kitList, SetAsides asides, Settings settings,
            Weighings weighings, Events events, Keeping keeping, Clock clock) {
        this.dishes = dishes;
        this.packs = packs;
        this.runs = runs;
        this.kitList = kitList;
        this.asides = asides;
        this.settings = settings;
        this.weighings = weighings;
        this.events = events;
        this.keeping = keeping;
        this.clock = clock;
    }

    @TransactionalEventListener(fallbackExecution = true)
    void forget(Changed changed) {
        changes.incrementAndGet();
        kept = null;
        if (changed.hasDishes()) dishChanges.incrementAndGet();
    }

    /// {@return the menu as it stands}
    public Menu menu() {
        var now = kept;
        // a pack may fall due overnight, and one that stands in does so for a day
        if (now == null || !now.day().equals(LocalDate.now(clock))) {
            // what changes while it is derived must not be forgotten: such a menu answers this question and is not kept
            var before = changes.get();
            now = derive(stock(), last);
            last = now;
            kept = now;
            if (changes.get() != before) kept = null;
        }
        return now;
    }

    /// {@return the menu as it would stand with a dish written so}
    /// @param id the dish's key; 0 for a new one
    public Menu menuWithDish(long id, String name, String text) {
        var now = menu();
        return derive(now.stock().withDish(id, new DishText(name, text, "", clock.instant())), now);
    }

    /// {@return the menu as it would stand with a pack read so}
    /// @param id the pack's key; 0 for a new one
    public Menu menuWithPack(long id, LarderPack pack) {
        var now = menu();
        return derive(now.stock().withPack(id, pack), now);
    }

    /// {@return the menu as it would stand with a spare pack standing in today}
    public Menu menuWithStandIn(long pack) {
        var now = menu();
        return derive(now.stock().withStandIn(pack), now);
    }

    private Stock stock() {
        var ruleBook = RuleBook.named(settings.ruleBook()).orElse(RuleBook.uk());
        return new Stock(LocalDate.now(clock), ruleBook, settings.volumes(), settings.readAgain(),
                Diet.own(settings.ownLists()), own(),
                dishes(),
                packs.all(), packs.links(), runs.inForce(), runs.done(served()),
                OwnKit.of(kitList.pieces(), kitList.figures(), ruleBook), asides.all(),
                new OnFile(events.groups(), keeping.own(), keeping.reports(), settings.identity(), events.inForce()));
    }

    /// The dishes as they are stored: fetched anew only where any of them may have changed.
    private List<Stored<DishText>> dishes() {
        var at = dishChanges.get();
        var known = fetched;
        if (known.at == at) return known.dishes;
        // what changes meanwhile has a later number
        var anew = new Fetched(at, dishes.all());
        fetched = anew;
        return anew.dishes;
    }

    private LocalDate served() {
        var day = settings.runDay().day();
        return day == null ? LocalDate.now(clock) : day;
    }

    private OwnWeights own() {
        return new OwnWeights(weighings.all().stream().collect(Collectors.groupingBy(Weighings.Weighing::food,
                Collectors.toMap(Weighings.Weighing::noun, Weighings.Weighing::grams))));
    }

    /// @param known a menu some of whose dishes are read and derived already, or null
    private static Menu derive(Stock stock, @Nullable Menu known) {
        var written = stock.dishes();
        var before = known == null || !stock.readsAs(known.stock()) ? Map.<Long, Menu.Dish>of()
                : known.dishes().stream().collect(Collectors.toMap(Menu.Dish::id, Function.identity()));
        // reading and deriving are pure: the dishes are gone through side by side
        var recipes = written.parallelStream().map(d -> recipe(d, stock, before.get(d.id()))).toList();
        var byKey = stock.byKey(recipes);
        var larder = stock.larder(known == null ? null : known.larder());
        var facts = new ArrayList<>(larder.facts(byKey));
        for (var recipe : recipes) facts.add(new Fact.OtherDish(recipe));
        var plain = new Facts(stock.ruleBook(), facts);
        var run = KeptRun.of(stock.run(), stock.done(), stock.equipment(), stock.asides(), byKey, plain);
        var all = plain.with(run.scored().facts());
        var derived = IntStream.range(0, written.size()).parallel()
                .mapToObj(i -> dish(written.get(i), recipes.get(i), all, before.get(written.get(i).id()))).toList();
        return new Menu(stock, larder, derived, all, run, Uses.of(larder, derived));
    }

    private static Menu.Dish dish(Stored<DishText> dish, Recipe read, Facts facts, Menu.@Nullable Dish before) {
        return new Menu.Dish(dish, read, Derivation.of(read, facts, before == null ? null : before.derivation()));
    }

    private static Recipe recipe(Stored<DishText> dish, Stock stock, Menu.@Nullable Dish before) {
        var text = dish.value().text();
        return before != null && before.stored().value().text().equals(text) ? before.read()
                : Recipe.read(text, stock.volumes(), new Law(stock.ruleBook().id()), stock.own());
    }
}
