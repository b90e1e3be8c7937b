package keenfork.format;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Optional;

/// A recipe file brought to plain recipe text.
public final class RecipeFile {
    private static final long LARGEST = 10_000_000;
    private static final Charset WINDOWS = Charset.forName("windows-1252");
    private static final int MOST_LINES = 2_000;
    private static final int LONGEST_LINE = 10_000;
    private static final int LONGEST = 500_000;

    private RecipeFile() {}

    /// Thrown when a file cannot be read as a recipe; its message is one line for the cook.
    public static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;

        Unreadable(String message) {
            super(message);
        }
    }

    /// {@return the recipe text of a `.txt` file, or of a `.json` file that holds a schema.org Recipe}
    /// @throws Unreadable with what is wrong and what to do, when the file is missing, too large, no text, or no recipe
    public static String read(Path file) throws Unreadable {
        return load(file).text();
    }

    /// {@return the same, with the schema.org object it came from; empty for a text file}
    public static JsonLdRecipe.Imported load(Path file) throws Unreadable {
        try {
            if (Files.isDirectory(file)) throw new Unreadable("it is a folder, not a file");
            if (Files.size(file) > LARGEST) throw new Unreadable("it is larger than 10 MB");
            var text = decode(Files.readAllBytes(file));
            var recipe = file.toString().toLowerCase().endsWith(".json") ? JsonLdRecipe.read(text)
                    : new JsonLdRecipe.Imported(text, "");
            check(recipe.text());
            return recipe;
        } catch (NoSuchFileException _) {
            throw new Unreadable("there is no such file");
        } catch (IOException e) {
            throw new Unreadable("it cannot be opened (" + e.getClass().getSimpleName() + ")");
        }
    }

    private static void check(String text) throws Unreadable {
        if (text.isBlank()) throw new Unreadable("it is empty; a recipe starts with the dish's name");
        if (text.lines().limit(MOST_LINES + 1L).count() > MOST_LINES)
            throw new Unreadable("it has more than %,d lines; a file holds one recipe".formatted(MOST_LINES));
        if (text.length() > LONGEST)
            throw new Unreadable("it has more than %,d letters; a file holds one recipe".formatted(LONGEST));
        if (text.lines().anyMatch(l -> l.length() > LONGEST_LINE))
            throw new Unreadable(
                    "it has a line of more than %,d letters; write one ingredient a line".formatted(LONGEST_LINE));
    }

    /// Unicode as it says it is, or else UTF-8; what is neither is read as Windows-1252, which older programs write.
    /// @throws Unreadable when they are no text
    public static String decode(byte[] bytes) throws Unreadable {
        var text = strictly(bytes, unicode(bytes)).or(() -> strictly(bytes, WINDOWS));
        if (text.isEmpty() || text.get().chars().anyMatch(
                c -> c < ' ' && c != '\n' && c != '\r' && c != '\t' && c != '\f' || c == 0xFFFF || c == 0xFFFE))
            throw new Unreadable("it holds bytes that are no text; save it as plain text (UTF-8)");
        return text.get();
    }

    private static Charset unicode(byte[] bytes) {
        if (startsWith(bytes, 0xFF, 0xFE, 0, 0) || startsWith(bytes, 0, 0, 0xFE, 0xFF))
            return Charset.forName("UTF-32");
        if (startsWith(bytes, 0xFF, 0xFE) || startsWith(bytes, 0xFE, 0xFF)) return StandardCharsets.UTF_16;
        // without a mark: in UTF-16 most letters of a recipe have a zero byte before or behind them
        var even = 0;
        var odd = 0;
        var looked = Math.min(bytes.length, 4_000) & ~1;
        for (var i = 0; i < looked; i++) if (bytes[i] == 0) if (i % 2 == 0) even++;
        else odd++;
        if (looked >= 8 && odd > looked / 4 && even == 0) return StandardCharsets.UTF_16LE;
        if (looked >= 8 && even > looked / 4 && odd == 0) return StandardCharsets.UTF_16BE;
        return StandardCharsets.UTF_8;
    }

    private static boolean startsWith(byte[] bytes, int... start) {
        if (bytes.length < start.length) return false;
        for (var i = 0; i < start.length; i++) if ((bytes[i] & 0xFF) != start[i]) return false;
        return true;
    }

    private static Optional<String> strictly(byte[] bytes, Charset charset) {
        try {
            return Optional.of(charset.newDecoder().onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes)).toString().replace("\uFEFF", ""));
        } catch (CharacterCodingException _) {
            return Optional.empty();
        }
    }
}
