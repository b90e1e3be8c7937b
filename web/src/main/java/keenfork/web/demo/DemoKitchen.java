package keenfork.web.demo;

import java.io.IOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.Price;
import keenfork.core.food.Table;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.core.label.OnPack;
import keenfork.core.run.Batch;
import keenfork.core.run.BatchSetup;
import keenfork.core.run.Clean;
import keenfork.core.run.Conditions;
import keenfork.core.run.Kit;
import keenfork.core.run.Sequencer;
import keenfork.web.kitchen.KeptRun;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.ServedAt;
import keenfork.web.persistence.dish.Dishes;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.pack.Packs;
import keenfork.web.persistence.pack.Provisions;
import keenfork.web.persistence.run.KitList;
import keenfork.web.persistence.run.Runs;
import keenfork.web.persistence.settings.Settings;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/// Loads Ropewalk Canteen into an empty kitchen, when asked to.
@Component
class DemoKitchen implements ApplicationRunner {
    private static final String CREW = "the demo";
    /// the dip to which almonds were added after its labels were printed
    private static final String CHANGED = "05.txt";
    private final Kitchen kitchen;
    private final Dishes dishes;
    private final Packs packs;
    private final Provisions provisions;
    private final Runs runs;
    private final KitList kit;
    private final Settings settings;
    private final Events events;
    private final Labels labels;
    private final Clock clock;
    private final boolean isAskedFor;

    DemoKitchen(Kitchen kitchen, Dishes dishes, Packs packs, Provisions provisions, Runs runs, KitList kit,
            Settings settings, Events events, Labels labels, Clock clock,
            @Value("${keenfork.demo}") boolean isAskedFor) {
        this.kitchen = kitchen;
        this.dishes = dishes;
        this.packs = packs;
        this.provisions = provisions;
        this.runs = runs;
        this.kit = kit;
        this.settings = settings;
        this.events = events;
        this.labels = labels;
        this.clock = clock;
        this.isAskedFor = isAskedFor;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (isAskedFor) load();
    }

    /// Fills the kitchen; nothing where it has a dish already.
    void load() throws IOException {
        if (!dishes.all().isEmpty()) return;
        var resources = new PathMatchingResourcePatternResolver();
        var who = rows("kitchen").getFirst();
        settings.callItself(new Settings.Identity(who.get(0), who.get(1), who.get(2)));
        var files = resources.getResources("classpath:demo/dishes/*.txt");
        Arrays.sort(files, (a, b) -> String.valueOf(a.getFilename()).compareTo(String.valueOf(b.getFilename())));
        var places = rows("menu").stream().collect(Collectors.toMap(c -> c.get(0),
                c -> new ServedAt(c.get(1), c.get(2), Integer.parseInt(c.get(3)))));
        var event = event();
        for (var file : files) {
            var text = text(CHANGED.equals(file.getFilename())
                    ? resources.getResource("classpath:demo/earlier/" + CHANGED) : file);
            var dish = dishes.add(name(text), text, "", CREW);
            var of = places.get(file.getFilename());
            if (of != null) events.serve(event, dish, of);
        }
        rows("packs").forEach(this::pack);
        rows("prices").forEach(this::price);
        rows("guests")
                .forEach(cells -> events.add(cells.get(0), Integer.parseInt(cells.get(1)), cells.get(2)));
        firstRun();
        for (var dish : kitchen.menu().dishes())
            if (dish.derivation().recipe().serves() > 0) print(dish, kitchen.menu());
        var changed = text(resources.getResource("classpath:demo/dishes/" + CHANGED));
        var before =
                dishes.all().stream().filter(d -> d.value().name().equals(name(changed))).findFirst().orElseThrow();
        dishes.change(before.id(), before.version(), name(changed), changed, "", CREW);
    }

    private static String name(String text) { return text.lines().findFirst().orElseThrow().strip(); }

    private static List<List<String>> rows(String name) {
        return Table.lines(DemoKitchen.class, "/demo/" + name + ".txt").stream().filter(l -> !l.isSilent())
                .map(l -> Arrays.stream(l.text().split("\\|", -1)).map(String::strip).toList()).toList();
    }

    private void print(Menu.Dish dish, Menu menu) {
        var says = menu.now(dish).says(false, Language.english());
        labels.printed(new Labels.Print(dish.id(), 0, Kind.CARD.id(), says, 1, "counter", CREW, "", null, null, "",
                OnPack.PLAIN));
    }

    /// Tomorrow's run as the crew has it: in menu order on their own kit, what goes into others first, each piece
    /// washed when the next dish would be reached, but for one blender, so that something still travels to the millet
    /// salad.
    private long event() {
        var cells = rows("event").getFirst();
        return events
                .begin(new Events.Details(cells.get(0), null, cells.get(1), cells.get(2),
                        Integer.parseInt(cells.get(3)), "", null));
    }

    private void firstRun() {
        for (var cells : rows("kit")) kit.add(cells.get(0), cells.get(1), cells.get(2), CREW);
        settings.useRunDay(new Settings.RunDay(LocalDate.now(clock).plusDays(1), 2, LocalTime.of(8, 0),
                LocalTime.of(17, 30), true));
        var menu = kitchen.menu();
        var portions = KeptRun.portions(Runs.Kept.NONE,
                menu.dishes().stream().collect(Collectors.toMap(Menu.Dish::id, d -> d.derivation().recipe())));
        var batches =
                Batch.together(
                        menu.dishes().stream().sorted(Comparator.comparing(d -> menu.using(d.name()).isEmpty()))
                                .flatMap(
                                        d -> KeptRun
                                                .batch(d.id(), d.derivation(),
                                                        portions.getOrDefault(d.id(),
                                                                Batch.portions(d.derivation().recipe())),
                                                        List.of(), menu.run().equipment().figures())
                                                .stream())
                                .toList());
        var ids = menu.dishes().stream().collect(Collectors.toMap(Menu.Dish::name, Menu.Dish::id));
        var run = Sequencer.washed(batches, Conditions.USUAL.with(menu.run().equipment()));
        runs.use(0, run.order().stream().map(m -> turn(m, ids.getOrDefault(m.batch().dish(), 0L))).toList(),
                "wrote the run down", CREW);
    }

    private static Runs.Turn turn(BatchSetup made, long dish) {
        return KeptRun.turn(
                made.batch().dish().startsWith("Millet")
                        ? made.with(new BatchSetup.Before(Kit.named("blender").orElseThrow(), 0), Clean.NONE) : made,
                dish, 0, false);
    }

    private void pack(List<String> cells) {
        var readOn = cells.get(4).isEmpty() ? null : LocalDate.now(clock).minusDays(Long.parseLong(cells.get(4)));
        packs.add(new LarderPack(cells.get(0), cells.get(1), cells.get(2), cells.get(3), cells.get(5), readOn), CREW);
    }

    private void price(List<String> cells) {
        var food = Foods.shipped().find(cells.get(0)).orElseThrow();
        provisions.price(food.name(), new Price(new BigDecimal(cells.get(1)), Integer.parseInt(cells.get(2))), CREW);
    }

    private static String text(Resource resource) throws IOException {
        return resource.getContentAsString(StandardCharsets.UTF_8);
    }
}
