package keenfork.web.kitchen;

import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;
import keenfork.core.diet.Diet;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.pack.ReadAgain;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.run.PrepRun;
import keenfork.core.run.School;
import keenfork.core.run.Sequencer;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.web.persistence.Changed;
import keenfork.web.persistence.DishText;
import keenfork.web.persistence.Dishes;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Packs;
import keenfork.web.persistence.Runs;
import keenfork.web.persistence.Settings;
import keenfork.web.persistence.Stored;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/// Front door to what is derived. It is derived once and kept until something stored changes.
@Component
public class Kitchen {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.UK);
    private final Dishes dishes;
    private final Packs packs;
    private final Runs runs;
    private final Settings settings;
    private final AtomicLong changes = new AtomicLong();
    private final Clock clock;
    private volatile @Nullable Menu kept;

    Kitchen(Dishes dishes, Packs packs, Runs runs, Settings settings, Clock clock) {
        this.dishes = dishes;
        this.packs = packs;
        this.runs = runs;
        this.settings = settings;
        this.clock = clock;
    }

    @TransactionalEventListener(fallbackExecution = true)
    void forget(Changed changed) {
        changes.incrementAndGet();
        kept = null;
    }

    /// {@return the kitchen's convention for spoons and cups}
    public Volumes volumes() { return Volumes.METRIC; }

    /// {@return the menu as it stands}
    public Menu menu() {
        var menu = kept;
        // a pack may fall due overnight
        if (menu == null || !menu.day().equals(LocalDate.now(clock))) {
            // what changes while it is derived must not be forgotten: such a menu answers this question and is not kept
            var before = changes.get();
            menu = derive();
            kept = menu;
            if (changes.get() != before) kept = null;
        }
        return menu;
    }

    /// {@return a recipe as it would be read now, by this kitchen's volumes and law}
    public Recipe read(String text, RuleBook ruleBook) {
        return Recipe.read(text, volumes(), new Law(ruleBook.id()));
    }

    private Menu derive() {
        var ruleBook = RuleBook.named(settings.ruleBook()).orElse(RuleBook.uk());
        var day = LocalDate.now(clock);
        var readAgain = settings.readAgain();
        var written = dishes.all();
        var inUse = packs.all();
        // reading and deriving are pure: the dishes are gone through side by side
        var recipes = written.parallelStream().map(d -> read(d.value().text(), ruleBook)).toList();
        var facts = new ArrayList<Fact>();
        for (var pack : inUse) if (pack.value().isRead()) facts.add(fact(pack.value(), readAgain, day));
        for (var recipe : recipes) facts.add(new Fact.OtherDish(recipe));
        var run = run(written, recipes, new Facts(ruleBook, facts));
        facts.addAll(run.facts());
        var all = new Facts(ruleBook, facts);
        var derived = IntStream.range(0, written.size()).parallel().mapToObj(i -> new Menu.Dish(written.get(i), Derivation.of(recipes.get(i), all))).toList();
        return new Menu(day, ruleBook, readAgain, Diet.own(settings.ownLists()), derived, inUse, all, run);
    }

    private static Fact fact(PackText pack, ReadAgain readAgain, LocalDate day) {
        var read = pack.readOn() == null ? "pack read" : "pack read " + DAY.format(pack.readOn());
        var law = pack.law().equals("unknown") ? Law.UNKNOWN : new Law(pack.law());
        // the table may show the food under another name than on the day the pack was read
        var food = Foods.shipped().find(pack.food()).map(Food::name).orElse(pack.food());
        return new Fact.PackInUse(food, pack.label(), Declaration.read(pack.declaration(), law), read, pack.readOn() == null || !readAgain.isDue(pack.readOn(), day));
    }

    private PrepRun run(List<Stored<DishText>> written, List<Recipe> recipes, Facts facts) {
        Map<Long, Recipe> byId = new HashMap<>();
        for (var i = 0; i < written.size(); i++) byId.put(written.get(i).id(), recipes.get(i));
        var order = new ArrayList<Batch>();
        var cleans = new ArrayList<Clean>();
        for (var turn : runs.inForce()) {
            var recipe = byId.get(turn.dish());
            var batch = recipe == null ? null : Batch.blended(Derivation.of(recipe, facts)).orElse(null);
            if (batch == null) continue;
            order.add(batch);
            cleans.add(Clean.valueOf(turn.clean()));
        }
        return Sequencer.score(order, cleans, School.STRICT);
    }
}
