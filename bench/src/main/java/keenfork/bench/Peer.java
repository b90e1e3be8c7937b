package keenfork.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalDouble;

/// parse-ingredient 3.0.0 of npm, which reads amounts and units only, run by Node on the same lines.
final class Peer {
    static final String NAME = "parse-ingredient 3.0.0";

    private Peer() {}

    /// {@return lines in a second on one thread, or empty where Node or the package is not there}
    /// @param folder where the package was installed, with room for two files
    static OptionalDouble linesInASecond(Path folder, List<String> lines) throws IOException, InterruptedException {
        if (!Files.isDirectory(folder.resolve("node_modules/parse-ingredient"))) return OptionalDouble.empty();
        var file = Files.write(folder.resolve("lines.txt"), lines);
        var script = folder.resolve("parse-ingredient.mjs");
        try (var in = Peer.class.getResourceAsStream("parse-ingredient.mjs")) {
            if (in == null) throw new IOException("parse-ingredient.mjs is not shipped");
            Files.write(script, in.readAllBytes());
        }
        var node = new ProcessBuilder("node", script.toString(), file.toString()).directory(folder.toFile())
                .redirectErrorStream(true).start();
        var said = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        if (node.waitFor() != 0) throw new IOException("node could not run the peer: " + said);
        return OptionalDouble.of(Double.parseDouble(said));
    }
}
