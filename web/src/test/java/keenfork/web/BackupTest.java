package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/// A kitchen is taken out and put back by the launcher, on a database of its own.
class BackupTest extends RunningKitchen {
    @TempDir Path place;

    /// what a command said, and how it ended
    private record Answer(int status, String said) {}

    private Answer launch(String... words) throws IOException, InterruptedException {
        var said = place.resolve("said");
        var line = Stream.concat(Stream.of("../keen-fork"), Arrays.stream(words)).toList();
        var start = new ProcessBuilder(line).redirectErrorStream(true).redirectOutput(said.toFile());
        start.environment().put("KEEN_FORK_VAR", place.resolve("var").toString());
        var process = start.start();
        assertThat(process.waitFor(120, TimeUnit.SECONDS)).as(String.join(" ", words)).isTrue();
        return new Answer(process.exitValue(), Files.readString(said, StandardCharsets.UTF_8));
    }

    /// {@return what is told of a backup behind its name}
    private String told(Path backup) throws IOException, InterruptedException {
        return launch("check-backup", backup.toString()).said.replace(backup.toString(), "");
    }

    @Test
    void a_kitchen_is_restored_as_it_was_and_what_is_damaged_changes_nothing()
            throws IOException, InterruptedException {
        // the database's user must be able to walk there
        Files.setPosixFilePermissions(place, PosixFilePermissions.fromString("rwxr-xr-x"));
        var whole = place.resolve("whole.dump");
        TestPostgres.dump("keenfork", whole);
        assertThat(launch("backup", place.resolve("none.dump").toString())).satisfies(a -> {
            assertThat(a.status).isEqualTo(1);
            assertThat(a.said).contains("no kitchen of your own here yet");
        });
        assertThat(launch("restore", whole.toString())).satisfies(a -> {
            assertThat(a.status).as(a.said).isZero();
            assertThat(a.said).contains("is yours now");
        });
        var taken = place.resolve("taken.dump");
        assertThat(launch("backup", taken.toString()).status).isZero();
        assertThat(launch("check-backup", whole.toString()).said).containsPattern("can be restored: [1-9]\\d* dishes");
        var held = told(whole);
        assertThat(told(taken)).isEqualTo(held);
        var bytes = Files.readAllBytes(taken);
        var cut = place.resolve("cut.dump");
        Files.write(cut, Arrays.copyOf(bytes, bytes.length / 2));
        var text = place.resolve("text.dump");
        Files.writeString(text, "no backup");
        for (var bad : List.of(cut, text))
            assertThat(launch("restore", bad.toString())).as("%s", bad).satisfies(a -> {
                assertThat(a.status).isEqualTo(1);
                assertThat(a.said).contains("Nothing was changed");
            });
        assertThat(launch("backup", place.resolve("after.dump").toString()).status).as("it is still whole").isZero();
        assertThat(told(place.resolve("after.dump"))).isEqualTo(held);
    }
}
