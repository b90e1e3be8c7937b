package keenfork.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;

/// A real PostgreSQL on loopback for the tests of one JVM, made fresh and stopped at its end. As root it runs as user
/// postgres.
public final class TestPostgres {
    private static final TestPostgres ONE = new TestPostgres();
    private final Map<String, Boolean> made = new ConcurrentHashMap<>();
    private final Path home;
    private final int port;

    private TestPostgres() {
        try {
            home = Files.createTempDirectory("keen-fork-test-db");
            if (isRoot()) run(List.of("chown", "postgres", home.toString()));
            var data = home.resolve("data").toString();
            run(asPostgres(bin("initdb"), "-D", data, "-U", "keenfork", "--auth=trust", "--encoding=UTF8",
                    "--locale=C.UTF-8", "--no-sync"));
            port = started(data, 3);
            Runtime.getRuntime().addShutdownHook(new Thread(this::stop));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// {@return its port} A port that was free may be taken by the time the server asks for it; then another is tried.
    private int started(String data, int tries) throws IOException {
        var free = freePort();
        try {
            run(asPostgres(bin("pg_ctl"), "-D", data, "-w", "-t", "60", "-l", home.resolve("server.log").toString(),
                    "-o", "-p " + free + " -c listen_addresses=127.0.0.1 -c unix_socket_directories='' -c fsync=off",
                    "start"));
            return free;
        } catch (IllegalStateException e) {
            if (tries == 1) throw e;
            return started(data, tries - 1);
        }
    }

    /// {@return the address of an empty database of that name, made when it is not there}
    public static String url(String database) {
        ONE.made.computeIfAbsent(database, ONE::make);
        return "jdbc:postgresql://127.0.0.1:" + ONE.port + "/" + database;
    }

    /// Writes a database to a file, as PostgreSQL's own tool does it.
    static void dump(String database, Path to) throws IOException, InterruptedException {
        var process = new ProcessBuilder(asPostgres(bin("pg_dump"), "-h", "127.0.0.1", "-p", String.valueOf(ONE.port),
                "-U", "keenfork", "-Fc", database)).directory(Path.of("/").toFile()).redirectOutput(to.toFile())
                        .redirectError(ProcessBuilder.Redirect.DISCARD).start();
        if (!process.waitFor(90, TimeUnit.SECONDS) || process.exitValue() != 0)
            throw new IllegalStateException("could not write " + database);
    }

    private boolean make(String database) {
        run(asPostgres(bin("createdb"), "-h", "127.0.0.1", "-p", String.valueOf(port), "-U", "keenfork", database));
        return true;
    }

    private void stop() {
        run(asPostgres(bin("pg_ctl"), "-D", home.resolve("data").toString(), "-m", "immediate", "stop"));
        try (var files = Files.walk(home)) {
            for (var file : files.sorted(Comparator.reverseOrder()).toList()) Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String bin(String program) {
        try (var versions = Files.list(Path.of("/usr/lib/postgresql"))) {
            return versions.map(v -> v.resolve("bin").resolve(program)).filter(Files::isExecutable)
                    .max(Comparator.naturalOrder())
                    .orElseThrow(() -> new IllegalStateException(
                            "no PostgreSQL server is installed; ./keen-fork test installs it"))
                    .toString();
        } catch (IOException e) {
            throw new IllegalStateException("no PostgreSQL server is installed; ./keen-fork test installs it", e);
        }
    }

    private static boolean isRoot() { return "root".equals(System.getProperty("user.name")); }

    private static List<String> asPostgres(String... words) {
        var line = new ArrayList<String>(isRoot() ? List.of("runuser", "-u", "postgres", "--") : List.of());
        line.addAll(List.of(words));
        return line;
    }

    private static void run(List<String> line) {
        try {
            var process = new ProcessBuilder(line).redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD).directory(Path.of("/").toFile()).start();
            if (!process.waitFor(90, TimeUnit.SECONDS) || process.exitValue() != 0)
                throw new IllegalStateException("failed: " + String.join(" ", line));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException("interrupted: " + String.join(" ", line), e);
        }
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        }
    }
}
