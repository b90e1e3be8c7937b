package keenfork.bench.drill;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/// A kitchen opened by the launcher on data of its own, whose processes can be ended from outside.
final class OpenKitchen implements AutoCloseable {
    private static final Duration LONGEST = Duration.ofMinutes(4);
    /// of the file PostgreSQL writes of itself
    private static final int PORT_LINE = 3;
    private final Path launcher;
    /// what the launcher is told: "serve", or "demo"
    private final String kind;
    private final Path place;
    private final int port;
    private final Map<String, String> settings;
    private @Nullable Process process;

    /// @param launcher the launcher's file
    /// @param place    the folder it keeps everything in
    /// @param settings of its environment, besides where it is
    OpenKitchen(Path launcher, Path place, int port, Map<String, String> settings) {
        this(launcher, "serve", place, port, settings);
    }

    OpenKitchen(Path launcher, String kind, Path place, int port, Map<String, String> settings) {
        this.launcher = launcher;
        this.kind = kind;
        this.place = place;
        this.port = port;
        this.settings = Map.copyOf(settings);
    }

    /// Opens it, and waits until it is ready. An application that a killed launcher left still answers for a moment: it
    /// is ended, and is none that has come back.
    OpenKitchen open() {
        var left = application().map(ProcessHandle::pid);
        try {
            Files.createDirectories(place);
            var start = new ProcessBuilder(launcher.toString(), kind).redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(said().toFile()));
            start.environment().putAll(settings);
            start.environment().put("KEEN_FORK_VAR", place.toString());
            start.environment().put("KEEN_FORK_PORT", String.valueOf(port));
            // one that dies again and again is what a drill is made of
            start.environment().put("KEEN_FORK_DEATHS", "1000");
            process = start.start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        if (left.isPresent())
            await("begun anew",
                    () -> application().map(ProcessHandle::pid).filter(p -> !left.get().equals(p)).isPresent());
        awaitReady();
        return this;
    }

    private Path said() { return place.resolve("said.log"); }

    /// {@return all the launcher has said}
    String words() {
        try {
            return Files.readString(said(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    int port() { return port; }

    Path place() { return place; }

    Crew crew() { return new Crew(port); }

    /// {@return how long it took until it answered again}
    Duration awaitReady() {
        var began = System.nanoTime();
        await("ready", () -> new Crew(port).isReady());
        return Duration.ofNanos(System.nanoTime() - began);
    }

    static void await(String what, BooleanSupplier isSo) {
        var end = System.nanoTime() + LONGEST.toNanos();
        while (!isSo.getAsBoolean()) {
            if (System.nanoTime() > end) throw new IllegalStateException("not " + what + " within " + LONGEST);
            pause(50);
        }
    }

    static void pause(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    Optional<ProcessHandle> application() { return process(place.resolve("run/app")); }

    Optional<ProcessHandle> database() { return process(place.resolve(kind + "/data/postmaster.pid")); }

    ProcessHandle launcherProcess() {
        if (process == null) throw new IllegalStateException("it is not open");
        return process.toHandle();
    }

    /// {@return the port its database is at; nothing while there is none}
    Optional<Integer> databasePort() {
        try {
            return Optional.of(Integer.parseInt(
                    Files.readAllLines(place.resolve(kind + "/data/postmaster.pid")).get(PORT_LINE).strip()));
        } catch (IOException | IndexOutOfBoundsException | NumberFormatException _) {
            // it is between two lives
            return Optional.empty();
        }
    }

    /// {@return the password the application has for its database}
    String password() { return lines(place.resolve(kind + "/secret")).get(1).strip(); }

    private static List<String> lines(Path file) {
        try {
            return Files.readAllLines(file, StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /// {@return the process whose number stands first in a file; nothing where there is no such file any more}
    private static Optional<ProcessHandle> process(Path file) {
        try {
            return ProcessHandle.of(Long.parseLong(Files.readString(file).split("\\s")[0]));
        } catch (IOException | NumberFormatException _) {
            // it is between two lives
            return Optional.empty();
        }
    }

    /// Sends a signal to a process and all it has begun.
    static void signal(String name, ProcessHandle to) {
        var line = new ArrayList<>(List.of("kill", "-" + name));
        to.descendants().forEach(p -> line.add(String.valueOf(p.pid())));
        line.add(String.valueOf(to.pid()));
        run(line);
    }

    static int run(List<String> line) {
        try {
            var run = new ProcessBuilder(line).redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD).start();
            if (!run.waitFor(LONGEST.toSeconds(), TimeUnit.SECONDS)) throw new IllegalStateException("hangs: " + line);
            return run.exitValue();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /// Takes a port as another program would, once it is free.
    static ServerSocket take(int port) {
        var end = System.nanoTime() + LONGEST.toNanos();
        while (true) {
            try {
                var socket = new ServerSocket();
                socket.setReuseAddress(true);
                socket.bind(new InetSocketAddress("127.0.0.1", port));
                return socket;
            } catch (IOException e) {
                if (System.nanoTime() > end) throw new UncheckedIOException(e);
            }
        }
    }

    @Override
    public void close() {
        if (process == null) return;
        process.destroy();
        try {
            if (!process.waitFor(LONGEST.toSeconds(), TimeUnit.SECONDS))
                throw new IllegalStateException("the launcher does not stop");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
        process = null;
    }
}
