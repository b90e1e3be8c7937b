package keenfork.core.label;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/// A label's place of use and size.
public enum Kind {
    CARD("card", "Counter card", 148, 105, Of.DISH), BIG("big", "Large counter card", 210, 148, Of.DISH),
    TENT("tent", "Tent card, to be folded", 148, 210, Of.DISH),
    TUB("tub", "Tub label", 100, 70, Of.PACK), ROLL("roll", "Roll label", 62, 100, Of.PACK),
    LARGE("large", "Large tub label", 148, 105, Of.PACK),
    LINE("line", "Menu line with its key", 148, 52, Of.DISH),
    FOLDER("folder", "Allergen sheet for the folder", 148, 210, Of.FOLDER),
    MENU("menu", "Whole menu", 210, 297, Of.MENU), GUEST("guest", "Guest’s own card", 105, 148, Of.GUESTS),
    GUEST_LARGE("guest-large", "Guest’s own card, large", 148, 210, Of.GUESTS);

    private enum Of { DISH, PACK, FOLDER, MENU, GUESTS }

    private static final List<Kind> ALONE = Arrays.stream(values()).filter(Kind::isOfOneDish).toList();

    private final String id;
    private final String words;
    private final int width;
    private final int height;
    private final Of of;

    Kind(String id, String words, int width, int height, Of of) {
        this.id = id;
        this.words = words;
        this.width = width;
        this.height = height;
        this.of = of;
    }

    /// {@return its key in addresses and in what is stored}
    public String id() { return id; }

    public String words() { return words; }

    /// {@return its width, mm}
    public int width() { return width; }

    /// {@return its height, mm}
    public int height() { return height; }

    /// {@return whether it goes on food packed on site: it carries batch and date, and waits until all is known}
    public boolean isPacked() { return of == Of.PACK; }

    /// {@return whether it carries the list of ingredients}
    public boolean hasList() { return of == Of.PACK || of == Of.FOLDER; }

    /// {@return whether a label of this kind is of one dish alone, rather than a line on a sheet of all or a card for a
    /// guest}
    public boolean isOfOneDish() { return of != Of.MENU && of != Of.GUESTS; }

    /// {@return whether it is a card for guests, of the whole menu}
    public boolean isForGuests() { return of == Of.GUESTS; }

    /// {@return whether it stands by the dish on a counter}
    public boolean isForCounter() { return this == CARD || this == BIG || this == TENT; }

    /// {@return the sides that are printed, in the order they stand on the paper}
    public List<String> sides() { return this == TENT ? List.of("back", "front") : List.of("front"); }

    /// {@return the kinds that are of one dish}
    public static List<Kind> alone() { return ALONE; }

    public static Optional<Kind> named(String id) {
        return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
    }
}
