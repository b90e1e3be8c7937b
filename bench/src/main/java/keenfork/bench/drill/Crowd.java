package keenfork.bench.drill;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;

/// Thirty people at once on a kitchen of many dishes, and its large pages by themselves: how long each takes, as
/// whoever asks for it sees it on the same machine.
public final class Crowd {
    private static final int PORT = 7490;
    private static final int PEOPLE = 30;
    private static final int PAGES_EACH = 30;
    /// somebody looks at a page for four seconds or so before the next
    private static final int LEAST_LOOK_MILLIS = 2_000;
    private static final int MOST_LOOK_MILLIS = 6_000;
    private static final int WARM = 8;
    private static final int LOOKS = 5;
    private static final int ROUNDS = 11;
    private static final List<String> PAGES = List.of("/today", "/dishes", "/dishes/1", "/larder", "/map", "/covers",
            "/covers/prep", "/swaps?avoid=milk&dish=1", "/run", "/run/now", "/run/day", "/labels", "/rule-book",
            "/kitchen");
    private final HttpClient browser = HttpClient.newHttpClient();
    private final int port;
    private final List<String> rows = new ArrayList<>();

    /// @param bytes as they were sent
    private record Taken(int status, long millis, int bytes) {}

    private Crowd(int port) {
        this.port = port;
    }

    /// @param words the launcher's file, and the file that is written
    public static void main(String[] words) throws IOException {
        var folder = Files.createTempDirectory("keen-fork-crowd");
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        var crowd = new Crowd(PORT);
        var launcher = Path.of(words[0]).toAbsolutePath();
        var kitchen = new OpenKitchen(launcher, "demo", folder.resolve("demo"), PORT, Map.of());
        try (kitchen) {
            crowd.row("demo, its first start: the first page", "≤ 8 s", "%.1f s", seconds(kitchen::open));
            kitchen.close();
            crowd.row("the same, started again", "≤ 3 s", "%.1f s", seconds(kitchen::open));
            crowd.dishes(kitchen, 20);
            crowd.everyone();
            crowd.page("map of %d dishes", "≤ 100 ms", "/map", kitchen);
            crowd.page("run of %d dishes, searched before", "≤ 300 ms", "/run", kitchen);
            crowd.page("map of %d dishes as PDF", "≤ 1.5 s", "/map.pdf", kitchen);
            crowd.dishes(kitchen, 100);
            crowd.page("map of %d dishes", "≤ 300 ms, ≤ 400 kB", "/map", kitchen);
            crowd.dishes(kitchen, 154);
            crowd.changed(kitchen);
        }
        Files.writeString(Path.of(words[1]), crowd.text(), StandardCharsets.UTF_8);
    }

    private void row(String what, String budget, String figure, Object... figures) {
        rows.add("| %s | %s | %s |".formatted(what, budget, figure.formatted(figures)));
        System.err.println(rows.getLast());
    }

    private static double seconds(Runnable deed) {
        var began = System.nanoTime();
        deed.run();
        return Duration.ofNanos(System.nanoTime() - began).toMillis() / 1000.0;
    }

    /// The demo's dishes so many times, each under a name of its own.
    private void dishes(OpenKitchen kitchen, int times) {
        update(kitchen, ("insert into dish (version, name, text, position, changed_at) select 0, d.name || ' ' || n, "
                + "replace(d.text, d.name, d.name || ' ' || n), d.position + 1000 * n, now() from dish d, "
                + "generate_series(2, %d) n where d.name !~ ' [0-9]+$' on conflict do nothing").formatted(times));
        // what was written past the application is read when a dish changes
        kitchen.crew().post("/dishes/new", "text", "Leeks, %d times\n1 leek".formatted(times), "version", "0");
        get("/map");
    }

    private static void pack(Crew crew, String declaration) {
        crew.post("/larder/new", "label", "Tahini " + declaration.length(), "food", "tahini", "law", "uk",
                "declaration", declaration);
    }

    private static void update(OpenKitchen kitchen, String sql) {
        var url = "jdbc:postgresql://127.0.0.1:%d/keenfork".formatted(kitchen.databasePort().orElseThrow());
        try (var connection = DriverManager.getConnection(url, "keenfork", kitchen.password());
                var statement = connection.createStatement()) {
            statement.executeUpdate(sql);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private void everyone() {
        for (var i = 0; i < WARM; i++) PAGES.forEach(this::get);
        var taken = new ConcurrentHashMap<String, List<Long>>();
        PAGES.forEach(p -> taken.put(p, Collections.synchronizedList(new ArrayList<>())));
        try (var people = Executors.newFixedThreadPool(PEOPLE)) {
            var looking = IntStream.range(0, PEOPLE).mapToObj(Random::new)
                    .map(random -> CompletableFuture.runAsync(() -> look(random, taken), people)).toList();
            // whatever went wrong for one of them is told here
            looking.forEach(CompletableFuture::join);
        }
        var all = taken.values().stream().flatMap(List::stream).mapToLong(Long::longValue).sorted().toArray();
        row("%d people over all pages, a page in four seconds each: p95 of %,d pages".formatted(PEOPLE, all.length),
                "≤ 120 ms", "%d ms (half of them within %d ms)", all[all.length * 95 / 100], all[all.length / 2]);
        new TreeMap<>(taken).forEach((page, millis) -> {
            var sorted = millis.stream().mapToLong(Long::longValue).sorted().toArray();
            row("· " + page.replaceFirst("\\?.*", ""), "", "%d ms", sorted[sorted.length * 95 / 100]);
        });
    }

    private void look(Random random, Map<String, List<Long>> taken) {
        for (var i = 0; i < PAGES_EACH; i++) {
            OpenKitchen.pause(LEAST_LOOK_MILLIS + random.nextInt(MOST_LOOK_MILLIS - LEAST_LOOK_MILLIS));
            var page = PAGES.get(random.nextInt(PAGES.size()));
            taken.getOrDefault(page, List.of()).add(get(page).millis);
        }
    }

    private void page(String what, String budget, String path, OpenKitchen kitchen) {
        var times = new long[LOOKS];
        var last = get(path);
        for (var i = 0; i < times.length; i++) times[i] = (last = get(path)).millis;
        row(what.formatted(dishesOf(kitchen)), budget, "%,d ms, %,d kB sent", middle(times), last.bytes / 1000);
    }

    /// What a change costs a map: the first one behind it has to find out what follows, the next one knows.
    private void changed(OpenKitchen kitchen) {
        var crew = kitchen.crew();
        var kept = new long[ROUNDS];
        var first = new long[ROUNDS];
        var next = new long[ROUNDS];
        for (var i = 0; i < ROUNDS; i++) {
            var began = System.nanoTime();
            pack(crew, i % 2 == 0 ? "Sesame. May contain nuts." : "Sesame.");
            kept[i] = Duration.ofNanos(System.nanoTime() - began).toMillis();
            first[i] = get("/map").millis;
            next[i] = get("/map").millis;
        }
        row("a pack changed on %d dishes: the first map behind it takes longer by".formatted(dishesOf(kitchen)),
                "≤ 50 ms",
                "%,d ms: %,d for %,d; kept in %d ms", middle(first) - middle(next), middle(first), middle(next),
                middle(kept));
    }

    private static int dishesOf(OpenKitchen kitchen) {
        return kitchen.crew().get("/dishes").body().split("href=\"/dishes/\\d+\"", -1).length - 1;
    }

    private static long middle(long[] times) {
        Arrays.sort(times);
        return times[times.length / 2];
    }

    private Taken get(String path) {
        var began = System.nanoTime();
        try {
            var answer = browser.send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                    .header("Accept", "text/html").header("Accept-Encoding", "gzip").build(),
                    HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200)
                throw new IllegalStateException("%s answers with %d".formatted(path, answer.statusCode()));
            return new Taken(answer.statusCode(), (System.nanoTime() - began) / 1_000_000, answer.body().length);
        } catch (IOException e) {
            throw new IllegalStateException(path, e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private String text() {
        return """
                # Pages

                Written by `./keen-fork bench pages`: the demo's dishes many times over, asked for on the same machine
                (%s, %d cores), which does both. A large page: the middle of five; a changed pack: of eleven.

                | what | budget | measured |
                |---|---|---|
                %s
                """.formatted(System.getProperty("os.arch").toLowerCase(Locale.ROOT),
                Runtime.getRuntime().availableProcessors(), String.join("\n", rows));
    }
}
