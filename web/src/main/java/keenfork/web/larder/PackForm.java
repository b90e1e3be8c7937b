package keenfork.web.larder;

import java.time.LocalDate;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.regime.RuleBook;
import keenfork.web.persistence.Stored;
import org.jspecify.annotations.Nullable;

/// What was typed about a pack.
///
/// @param again `yes` where the cook says that it was read again today, word for word the same
record PackForm(String food, String label, String barCode, String law, String declaration, String again,
        String version) {
    static final int LONGEST = 20_000;
    private static final int LONGEST_LABEL = 200;
    private static final String BAR_CODE = "|\\d{6,14}";

    PackForm(@Nullable String food, @Nullable String label, @Nullable String barCode, @Nullable String law,
            @Nullable String declaration, @Nullable String again, @Nullable String version) {
        this.food = food == null ? "" : food.strip();
        this.label = label == null ? "" : label.strip();
        this.barCode = barCode == null ? "" : barCode.replace(" ", "");
        this.law = law == null ? "" : law;
        this.declaration = declaration == null ? "" : declaration.replace("\r\n", "\n");
        this.again = again == null ? "" : again;
        this.version = version == null ? "" : version;
    }

    static PackForm of(Stored<LarderPack> pack) {
        var p = pack.value();
        return new PackForm(p.food(), p.label(), p.barCode(), p.law(), p.declaration(), "",
                String.valueOf(pack.version()));
    }

    static PackForm blank(String food, String law) { return new PackForm(food, food, "", law, "", "", ""); }

    PackForm over(long version) {
        return new PackForm(food, label, barCode, law, declaration, again, String.valueOf(version));
    }

    /// {@return whether nobody knows under which law it was printed}
    public boolean isLawUnknown() { return law.equals("unknown"); }

    /// {@return whether the cook says that it was read again today}
    public boolean isReadAgain() { return again.equals("yes"); }

    Declaration read() {
        return declaration.length() > LONGEST ? Declaration.read("", Law.UNKNOWN) : read(declaration, law);
    }

    static Declaration read(String declaration, String law) {
        return Declaration.read(declaration, RuleBook.named(law).map(r -> new Law(r.id())).orElse(Law.UNKNOWN));
    }

    String lawId() {
        return RuleBook.named(law).map(RuleBook::id).orElse("unknown");
    }

    long versionNumber() {
        return version.matches("\\d{1,18}") ? Long.parseLong(version) : -1;
    }

    /// {@return what is wrong with it in the cook's words, or an empty string}
    String wrong() {
        if (declaration.length() > LONGEST)
            return "This is longer than %,d letters. A declaration is what is printed on one pack.".formatted(LONGEST);
        if (declaration.indexOf('\0') >= 0)
            return "There is a sign in the text that is no letter. Type it from the pack.";
        if (food.isEmpty()) return "Say which food of the table this pack is used for, such as mayonnaise.";
        if (Foods.shipped().find(food).isEmpty()) {
            var near = Foods.shipped().near(food);
            return "Say which food of the table this pack is used for: “%s” is not in it.%s".formatted(food,
                    near.isEmpty() ? " Look it up under Foods."
                            : " Did you mean %s?".formatted(String.join(" or ", near)));
        }
        if (!barCode.matches(BAR_CODE)) return "A bar code is 6 to 14 digits: “%s” is none.".formatted(barCode);
        return label.isEmpty() || label.length() > LONGEST_LABEL
                ? "Give the pack a name of 1 to 200 letters, as you would call it across the kitchen." : "";
    }

    /// {@return the food's shown name}
    String foodName() { return Foods.shipped().find(food).map(Food::name).orElse(food); }

    /// What would be stored. A pack counts as read on the day its declaration was written down or read again, not when
    /// it is given another name.
    LarderPack text(@Nullable LarderPack before, LocalDate today) {
        var text = declaration.isBlank() ? "" : declaration;
        if (before == null)
            return new LarderPack(foodName(), label, barCode, lawId(), text, text.isEmpty() ? null : today);
        var same = before.declaration().strip().equals(declaration.strip()) && !again.equals("yes");
        var read = same ? before.readOn() : today;
        return new LarderPack(foodName(), label, barCode, lawId(), text, text.isEmpty() ? null : read, before.spare(),
                before.standsInOn());
    }
}
