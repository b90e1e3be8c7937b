package keenfork.core.run;

import java.util.Locale;
import keenfork.core.food.Table;

/// What is done to a piece of kit between two batches, of rising strength. Only the clean that ends a kit's contacts
/// does so for the strict school.
public enum Clean {
    NONE("not washed", "leave"), WIPE("wiped", "wipe"), RINSE("rinsed", "rinse"), WASH("washed", "wash"),
    FRESH("renewed", "renew");

    private final String words;
    private final String verb;
    private final Effect effect;

    Clean(String words, String verb) {
        this.words = words;
        this.verb = verb;
        var row = Table.read(Clean.class, "cleans.txt", 4).stream()
                .filter(r -> r.cell(0).equals(name().toLowerCase(Locale.ROOT))).findFirst()
                .orElseThrow(() -> new IllegalStateException("cleans.txt: no clean \"%s\"".formatted(name())));
        this.effect = new Effect(row.read(1, Range::parse), row.read(2, Integer::parseInt), row.cell(3));
    }

    /// {@return how it is said behind a comma: "on the blender, wiped"}
    public String words() { return words; }

    /// {@return what a cook is told to do: `wash`}
    public String verb() { return verb; }

    /// {@return what it leaves and takes; the kitchen may hold its own figures}
    public Effect effect() { return effect; }
}
