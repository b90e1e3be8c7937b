package keenfork.web.demo;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Arrays;
import keenfork.web.persistence.Dishes;
import keenfork.web.persistence.PackText;
import keenfork.web.persistence.Packs;
import keenfork.web.persistence.Runs;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/// Loads Ropewalk Canteen into an empty kitchen, when asked to.
@Component
@ConditionalOnProperty("keenfork.demo")
class DemoKitchen implements ApplicationRunner {
    private final Dishes dishes;
    private final Packs packs;
    private final Runs runs;
    private final Clock clock;

    DemoKitchen(Dishes dishes, Packs packs, Runs runs, Clock clock) {
        this.dishes = dishes;
        this.packs = packs;
        this.runs = runs;
        this.clock = clock;
    }

    @Override public void run(ApplicationArguments arguments) throws IOException {
        if (!dishes.all().isEmpty()) return;
        var resources = new PathMatchingResourcePatternResolver();
        var files = resources.getResources("classpath:demo/dishes/*.txt");
        Arrays.sort(files, (a, b) -> String.valueOf(a.getFilename()).compareTo(String.valueOf(b.getFilename())));
        for (var file : files) {
            var text = text(file);
            dishes.add(text.lines().findFirst().orElseThrow().strip(), text);
        }
        text(resources.getResource("classpath:demo/packs.txt")).lines().filter(l -> !l.startsWith("#") && !l.isBlank()).forEach(this::pack);
        firstRun();
    }

    /// Friday's run as the crew has it: a full wash before every batch but one, so that something still travels to the millet salad.
    private void firstRun() {
        runs.use(dishes.all().stream().map(d -> new Runs.Turn(d.id(), d.value().name().startsWith("Millet") ? "NONE" : "WASH")).toList());
    }

    private void pack(String line) {
        var cells = Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
        var readOn = cells.get(4).isEmpty() ? null : LocalDate.now(clock).minusDays(Long.parseLong(cells.get(4)));
        packs.add(new PackText(cells.get(0), cells.get(1), cells.get(2), cells.get(3), cells.get(5), readOn));
    }

    private static String text(Resource resource) throws IOException {
        return resource.getContentAsString(StandardCharsets.UTF_8);
    }
}
