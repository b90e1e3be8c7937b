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

/// A recipe file brought to plain recipe text.
public final class RecipeFile {
    private static final long LARGEST = 10_000_000;

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
        try {
            if (Files.isDirectory(file)) throw new Unreadable("it is a folder, not a file");
            if (Files.size(file) > LARGEST) throw new Unreadable("it is larger than 10 MB");
            var text = decode(Files.readAllBytes(file));
            var recipe = file.toString().toLowerCase().endsWith(".json") ? JsonLdRecipe.toText(text) : text;
            if (recipe.isBlank()) throw new Unreadable("it is empty; a recipe starts with the dish's name");
            return recipe;
        } catch (NoSuchFileException _) {
            throw new Unreadable("there is no such file");
        } catch (IOException e) {
            throw new Unreadable("it cannot be opened (" + e.getClass().getSimpleName() + ")");
        }
    }

    private static String decode(byte[] bytes) throws Unreadable {
        var text = strictly(bytes, charset(bytes));
        if (text.chars().anyMatch(c -> c < ' ' && c != '\n' && c != '\r' && c != '\t' && c != '\f' || c == 0xFFFF || c == 0xFFFE))
            throw new Unreadable("it holds bytes that are no text; save it as plain text (UTF-8)");
        return text;
    }

    private static Charset charset(byte[] bytes) {
        if (bytes.length > 1 && (bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xFE) return StandardCharsets.UTF_16;
        if (bytes.length > 1 && (bytes[0] & 0xFF) == 0xFE && (bytes[1] & 0xFF) == 0xFF) return StandardCharsets.UTF_16;
        return StandardCharsets.UTF_8;
    }

    private static String strictly(byte[] bytes, Charset charset) throws Unreadable {
        try {
            return charset.newDecoder().onMalformedInput(CodingErrorAction.REPORT).onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes)).toString().replace("\uFEFF", "");
        } catch (CharacterCodingException _) {
            throw new Unreadable("it is not UTF-8 text; save it as plain text (UTF-8)");
        }
    }
}
