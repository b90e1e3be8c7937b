package keenfork.bench.drill;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;

/// Does to real kitchens what must not hurt them, and writes down what came of it.
public final class Drill {
    private static final int PORT = 7460;
    private static final long LONGEST_STRUGGLE_NANOS = 90_000_000_000L;
    private static final String WRONG_PASSWORD = "28P01";
    /// what is ended in a round
    private static final List<String> VICTIMS = List.of("application", "database", "both", "launcher");
    /// saves that are answered before a process is killed among the next
    private static final int SAVES = 6;
    private final Path launcher;
    private final Path folder;
    private final Random random = new Random(20_261_128);
    private final List<Outcome> outcomes = new ArrayList<>();
    private int nextPort = PORT;

    /// what was done, and what came of it
    private record Outcome(String what, String words, boolean holds) {}

    private Drill(Path launcher, Path folder) {
        this.launcher = launcher;
        this.folder = folder;
    }

    /// @param words the launcher's file, how many processes are killed, and the file that is written; without a file
    ///              the short form is run
    public static void main(String[] words) throws IOException {
        var folder = Files.createTempDirectory("keen-fork-drill");
        // the database's user must be able to walk there
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        var drill = new Drill(Path.of(words[0]).toAbsolutePath(), folder);
        drill.kills(Integer.parseInt(words[1]));
        drill.twoKitchens();
        if (words.length > 2) {
            drill.databaseHangs();
            drill.memoryFull();
            drill.manyPages();
            drill.clockSetBack();
            drill.diskFull();
            Files.writeString(Path.of(words[2]), drill.page(), StandardCharsets.UTF_8);
        }
        for (var o : drill.outcomes) System.out.printf("%-4s %s: %s%n", o.holds ? "ok" : "NOT", o.what, o.words);
        if (!drill.outcomes.stream().allMatch(Outcome::holds)) System.exit(1);
    }

    private OpenKitchen kitchen(String name, Map<String, String> settings) {
        return new OpenKitchen(launcher, folder.resolve(name), nextPort++, settings);
    }

    private void say(String what, boolean holds, String words, Object... figures) {
        outcomes.add(new Outcome(what, words.formatted(figures), holds));
        System.err.printf("%s: %s%n", what, words.formatted(figures));
    }

    /// Processes are killed while a crew saves; whatever is killed is back by itself, but for the launcher, which is
    /// called again.
    private void kills(int rounds) {
        var wrong = new ArrayList<String>();
        var longest = 0L;
        var saves = new Saves();
        try (var kitchen = kitchen("kills", Map.of()).open()) {
            for (var round = 0; round < rounds; round++) {
                var victim = VICTIMS.get(round % VICTIMS.size());
                during(saves, kitchen, () -> {
                    var before = saves.sofar();
                    OpenKitchen.await("saving", () -> saves.sofar() >= before + SAVES);
                    OpenKitchen.pause(random.nextInt(400));
                    kill(victim, kitchen);
                    return null;
                });
                if (victim.equals("launcher")) kitchen.open();
                longest = Math.max(longest, kitchen.awaitReady().toMillis());
                if (round % 10 == 9 || round == rounds - 1) wrong.addAll(saves.wrong(kitchen));
            }
            wrong.addAll(halves(kitchen, saves));
        }
        say("%d kills while a crew saves (application, database, both, launcher)".formatted(rounds), wrong.isEmpty(),
                "%,d saves answered, %d not answered; lost, doubled or half written: %s; back within %.1f s",
                saves.answered(), saves.unanswered(), wrong.isEmpty() ? "none" : String.join(", ", wrong),
                longest / 1000.0);
    }

    private static void kill(String victim, OpenKitchen kitchen) {
        if (victim.equals("launcher")) kitchen.launcherProcess().destroyForcibly();
        if (victim.equals("application") || victim.equals("both"))
            kitchen.application().ifPresent(p -> OpenKitchen.signal("KILL", p));
        if (victim.equals("database") || victim.equals("both"))
            kitchen.database().ifPresent(p -> OpenKitchen.signal("KILL", p));
    }

    private static void during(Saves saves, OpenKitchen kitchen, Callable<?> deed) {
        var stop = new AtomicBoolean();
        try (var crew = Executors.newSingleThreadExecutor()) {
            var saving = crew.submit(() -> saves.go(kitchen, stop));
            try {
                deed.call();
                OpenKitchen.pause(300);
            } finally {
                stop.set(true);
            }
            saving.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } catch (Exception e) {
            throw new IllegalStateException("the drill itself failed", e);
        }
    }

    /// {@return what the database holds by half: a dish or a pack without the version it was saved as, a print without
    /// its labels, fewer prints than were answered}
    private static List<String> halves(OpenKitchen kitchen, Saves saves) {
        var wrong = new ArrayList<String>();
        for (var half : List.of("dish", "pack"))
            if (number(kitchen, ("select count(*) from %1$s d where not exists (select from %1$s_version v where "
                    + "v.%1$s_id = d.id)").formatted(half)) != 0)
                wrong.add("a " + half + " without its version");
        if (number(kitchen, "select count(*) from print_job j where not exists (select from printed_label l where "
                + "l.job_id = j.id)") != 0)
            wrong.add("a print without its labels");
        var jobs = number(kitchen, "select count(*) from print_job");
        if (jobs < saves.prints() || jobs > saves.prints() + saves.unanswered())
            wrong.add("%d prints of %d".formatted(jobs, saves.prints()));
        return wrong;
    }

    private static long number(OpenKitchen kitchen, String sql) {
        try (var connection = DriverManager.getConnection(url(kitchen), "keenfork", kitchen.password());
                var statement = connection.createStatement(); var rows = statement.executeQuery(sql)) {
            rows.next();
            return rows.getLong(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String url(OpenKitchen kitchen) {
        return "jdbc:postgresql://127.0.0.1:%d/keenfork".formatted(kitchen.databasePort().orElseThrow());
    }

    /// Two kitchens on one machine: neither can open the other's database, and one whose port was taken finds another.
    private void twoKitchens() {
        try (var one = kitchen("one", Map.of()).open(); var other = kitchen("other", Map.of()).open()) {
            say("Another kitchen's database", WRONG_PASSWORD.equals(refused(other, one.password())),
                    "it does not let this kitchen in");
            say("What the application may do in its own",
                    number(one, "select count(*) from pg_roles where rolname = current_user and (rolsuper or "
                            + "rolcreaterole or rolcreatedb)") == 0
                            && number(one, "select count(*) from pg_settings where name = 'data_checksums' and "
                                    + "setting = 'on'") == 1,
                    "no superuser, no roles, no databases; its pages carry checksums");
            int port = one.databasePort().orElseThrow();
            one.crew().post("/dishes/new", "text", "Bean dip\nServes 4\n200 g beans", "version", "0");
            one.database().ifPresent(p -> OpenKitchen.signal("KILL", p));
            try (var _ = OpenKitchen.take(port)) {
                OpenKitchen.await("moved", () -> one.databasePort().filter(p -> p != port).isPresent());
                one.awaitReady();
                say("Its port is taken while its database is down",
                        one.crew().get("/dishes").body().contains("Bean dip"),
                        "it goes on at another, with all it had");
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Optional<String> state(Callable<?> deed) {
        try {
            deed.call();
            return Optional.empty();
        } catch (SQLException e) {
            return Optional.of(String.valueOf(e.getSQLState()));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static String refused(OpenKitchen kitchen, String password) {
        return state(() -> {
            DriverManager.getConnection(url(kitchen), "keenfork", password).close();
            return null;
        }).orElse("");
    }

    /// The database stands still for a while.
    private void databaseHangs() {
        try (var kitchen = kitchen("hangs", Map.of()).open()) {
            var crew = kitchen.crew();
            crew.post("/dishes/new", "text", "Bean dip\nServes 4\n200 g beans", "version", "0");
            crew.get("/map");
            var database = kitchen.database().orElseThrow();
            OpenKitchen.signal("STOP", database);
            var map = crew.get("/map");
            var save = crew.post("/dishes/new", "text", "Pea dip\nServes 4\n200 g peas", "version", "0");
            OpenKitchen.signal("CONT", database);
            kitchen.awaitReady();
            var later = crew.post("/dishes/new", "text", "Pea dip\nServes 4\n200 g peas", "version", "0");
            say("The database stands still", save.status() == 503 && save.body().contains("Pea dip") && later.isKept(),
                    "the map answers %s in %d ms; a save is given up after %.1f s with what was typed in the answer; "
                            + "afterwards it goes on",
                    map.status(), map.millis(), save.millis() / 1000.0);
        }
    }

    /// So little memory that a large map cannot be set: the application ends and is begun again.
    private void memoryFull() {
        try (var kitchen = kitchen("memory", Map.of("KEEN_FORK_HEAP", "80m")).open()) {
            dishes(kitchen, 1500);
            try (var crew = Executors.newFixedThreadPool(4)) {
                for (var i = 0; i < 4; i++) crew.submit(() -> kitchen.crew().get("/map.pdf"));
            }
            // it may turn over what it has for a while first
            var end = System.nanoTime() + LONGEST_STRUGGLE_NANOS;
            while (!kitchen.words().contains("ran out of memory") && System.nanoTime() < end) OpenKitchen.pause(200);
            kitchen.awaitReady();
            var isTold = kitchen.words().contains("ran out of memory");
            say("Memory runs out", kitchen.crew().get("/dishes").status() == 200,
                    isTold ? "it ends, the launcher says so and begins it again" : "it held out");
        }
    }

    /// Many at once ask for the map of a large menu on paper.
    private void manyPages() {
        try (var kitchen = kitchen("pages", Map.of()).open()) {
            dishes(kitchen, 1000);
            var one = kitchen.crew().get("/map.pdf");
            var answers = new ArrayList<Future<Crew.Answer>>();
            try (var crew = Executors.newFixedThreadPool(11)) {
                for (var i = 0; i < 10; i++) answers.add(crew.submit(() -> kitchen.crew().get("/map.pdf")));
                OpenKitchen.pause(1000);
                var page = kitchen.crew().get("/dishes");
                var statuses = answers.stream().map(Drill::status).sorted().toList();
                say("Ten ask for the map of 1,000 dishes as PDF", one.status() == 200
                        && statuses.stream().allMatch(s -> s == 200 || s == 503 || s == Crew.NOTHING)
                        && page.status() == 200 && !kitchen.words().contains("memory"),
                        "one takes %.1f s; of ten at once %d are set, the others are asked to come again; another "
                                + "page meanwhile takes %.1f s",
                        one.millis() / 1000.0, statuses.stream().filter(s -> s == 200).count(),
                        page.millis() / 1000.0);
            }
        }
    }

    private static int status(Future<Crew.Answer> answer) {
        try {
            return answer.get().status();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } catch (ExecutionException e) {
            throw new IllegalStateException(e);
        }
    }

    /// A menu of so many dishes, as if it had been written over years.
    private static void dishes(OpenKitchen kitchen, int many) {
        try (var connection = DriverManager.getConnection(url(kitchen), "keenfork", kitchen.password());
                var statement = connection.createStatement()) {
            statement.executeUpdate("insert into dish (version, name, text, position, changed_at) select 0, 'Salad ' "
                    + "|| n, 'Salad ' || n || chr(10) || 'Serves 10' || chr(10) || '500 g green beans' || chr(10) || "
                    + "'60 g tahini' || chr(10) || '100 g feta' || chr(10) || '40 g walnuts', n, now() from "
                    + "generate_series(1, %d) n".formatted(many));
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
        // what was written past the application is read when a dish changes
        kitchen.crew().post("/dishes/new", "text", "Leeks\n1 leek", "version", "0");
        kitchen.crew().post("/larder/new", "label", "Tahini", "food", "tahini", "law", "uk", "declaration", "Sesame.");
    }

    private void clockSetBack() {
        var folderOfIt = "clock";
        try (var kitchen = kitchen(folderOfIt, Map.of()).open()) {
            kitchen.crew().post("/dishes/new", "text", "Bean dip\nServes 4\n200 g beans", "version", "0");
        }
        try (var kitchen = kitchen(folderOfIt, Map.of("KEEN_FORK_CLOCK_SHIFT", "-PT50H")).open()) {
            var changed = kitchen.crew().post("/dishes/1", "text", "Bean dip\nServes 4\n250 g beans", "version", "0");
            var versions = kitchen.crew().get("/dishes/1/versions");
            var printed = kitchen.crew().post("/labels/print", "dish", "1", "kind", "card", "copies", "1", "by", "x");
            say("The clock is set back by two days", changed.isKept() && printed.isKept()
                    && versions.body().contains("Version 1 to 2"),
                    "saves and prints go on, the newest version is the newest");
        }
    }

    /// A disk of its own that fills up; only root can lend one.
    private void diskFull() {
        var disk = folder.resolve("disk");
        try {
            Files.createDirectories(disk);
            if (OpenKitchen.run(List.of("mount", "-t", "tmpfs", "-o", "size=420m,mode=755", "tmpfs",
                    disk.toString())) != 0) {
                say("The disk is full", true, "not tried: this machine lends no disk");
                return;
            }
            try (var kitchen = kitchen("disk", Map.of()).open()) {
                kitchen.crew().post("/dishes/new", "text", "Bean dip\nServes 4\n200 g beans", "version", "0");
                var filler = disk.resolve("filler");
                OpenKitchen.run(List.of("dd", "if=/dev/zero", "of=" + filler, "bs=64k"));
                var answers = new ArrayList<Crew.Answer>();
                for (var i = 0; i < 40; i++)
                    answers.add(kitchen.crew().post("/larder/new", "label", "Pack " + i, "food", "chickpeas", "law",
                            "uk", "declaration", "Ingredients: " + "beans ".repeat(3000)));
                var kept = answers.stream().filter(Crew.Answer::isKept).count();
                var broke = answers.stream().filter(a -> a.status() == 500).count();
                Files.delete(filler);
                kitchen.awaitReady();
                var later = kitchen.crew().post("/dishes/new", "text", "Pea dip\nServes 4\n200 g peas", "version",
                        "0");
                var packs = number(kitchen, "select count(*) from pack");
                say("The disk is full", broke == 0 && kept < answers.size() && later.isKept() && packs >= kept
                        && kitchen.crew().get("/dishes").body().contains("Bean dip"),
                        "of 40 saves %d were answered and kept, %d said that the disk is full, %d that the database "
                                + "does not answer; with room again it goes on by itself, nothing lost",
                        kept, answers.stream().filter(a -> a.status() == 507).count(),
                        answers.stream().filter(a -> a.status() == 503).count());
            } finally {
                OpenKitchen.run(List.of("umount", "-l", disk.toString()));
            }
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private String page() {
        var page = new StringBuilder("""
                # What it survives

                Written by `./keen-fork drill`, which does all of this to real kitchens on this machine: the launcher,
                PostgreSQL and the application, each with data of its own. A short form of it is run after the tests.

                | What is done | What came of it | |
                | --- | --- | --- |
                """);
        for (var o : outcomes)
            page.append("| %s | %s | %s |%n".formatted(o.what, o.words, o.holds ? "holds" : "**does not hold**"));
        return page.toString();
    }
}
