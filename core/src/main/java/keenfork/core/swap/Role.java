package keenfork.core.swap;

import java.util.Arrays;
import java.util.stream.Collectors;

/// What a line does in its dish, so that what takes its place can do it, too.
public enum Role {
    EMULSION("emulsion", "emulsion"), BINDER("binder", "binder"), BODY("body", "body"), FAT("fat", "fat"),
    ACID("acid", "acid"), SALT_UMAMI("salt-umami", "salt and umami"), SWEETNESS("sweetness", "sweetness"),
    CRUNCH("crunch", "crunch on top"), GARNISH("garnish", "garnish"), BULK("bulk", "bulk"), DIPPER("dipper", "dipper"),
    COLOUR("colour", "colour");

    private final String id;
    private final String word;

    Role(String id, String word) {
        this.id = id;
        this.word = word;
    }

    /// {@return its key in tables and forms}
    public String id() { return id; }

    /// {@return its word for people}
    public String word() { return word; }

    /// Reads a key or a word; `sweet` and `bulk grain`, as kitchens' own swaps were kept before, are read, too.
    /// @throws IllegalArgumentException where it is no role
    public static Role of(String text) {
        var key = switch (text.strip()) {
            case "sweet" -> "sweetness";
            case "bulk grain" -> "bulk";
            default -> text.strip();
        };
        return Arrays.stream(values()).filter(r -> r.id.equals(key) || r.word.equals(key)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("“%s” is none of %s".formatted(text,
                        Arrays.stream(values()).map(Role::id).collect(Collectors.joining(", ")))));
    }
}
