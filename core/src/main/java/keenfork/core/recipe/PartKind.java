package keenfork.core.recipe;

import java.util.regex.Pattern;

/// What a part is to its dish. Toppings and what stands beside can be left off at the table.
public enum PartKind {
    BASE("Base", ""),
    DRESSING("Dressing", "dressing|vinaigrette|mayo|mayonnaise|sauce|marinade|aioli"),
    TOPPING("Topping", "topping|top|crumb|crumbs|garnish|finish|sprinkle|scatter|swirl"),
    BESIDE("Beside", "serve|beside|side|alongside");

    private final String word;
    private final Pattern names;

    PartKind(String word, String names) {
        this.word = word;
        this.names = Pattern.compile("\\b(?:" + names + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /// {@return its word on screens}
    public String word() { return word; }

    /// {@return whether a portion can go out without it}
    public boolean comesOff() { return this == TOPPING || this == BESIDE; }

    /// {@return the kind a part's name sounds like; a base where it sounds like nothing else}
    static PartKind guess(String name) {
        for (var kind : new PartKind[] {BESIDE, TOPPING, DRESSING})
            if (kind.names.matcher(name).find()) return kind;
        return BASE;
    }
}
