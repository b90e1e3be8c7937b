package keenfork.core.label;

import java.util.Arrays;
import java.util.Optional;

/// A label's place of use and size.
public enum Kind {
    CARD("card", "Counter card", 148, 105, false), TENT("tent", "Tent card, to be folded", 148, 210, false), TUB("tub", "Tub label", 100, 70, true), ROLL("roll", "Roll label", 62, 100, true),
    LARGE("large", "Large tub label", 148, 105, true),
    MENU("menu", "Menu line", 210, 297, false);

    private final String id;
    private final String words;
    private final int width;
    private final int height;
    private final boolean packed;

    Kind(String id, String words, int width, int height, boolean packed) {
        this.id = id;
        this.words = words;
        this.width = width;
        this.height = height;
        this.packed = packed;
    }

    /// {@return its key in addresses and in what is stored}
    public String id() { return id; }

    public String words() { return words; }

    /// {@return its width, mm}
    public int width() { return width; }

    /// {@return its height, mm}
    public int height() { return height; }

    /// {@return whether it goes on food packed on site: it carries the list of ingredients, and waits until all is known}
    public boolean isPacked() { return packed; }

    /// {@return whether a label of this kind is of one dish alone, rather than a line on a sheet of all}
    public boolean isOfOneDish() { return this != MENU; }

    public static Optional<Kind> named(String id) { return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst(); }
}
