package keenfork.core.recipe;

import java.util.List;
import java.util.Optional;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.food.Words;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Mass;
import keenfork.core.pack.Declaration;
import org.jspecify.annotations.Nullable;

/// One ingredient line, as written and as read.
///
/// @param text     as written, without its bullet
/// @param amount   how much, or null where no amount is written
/// @param toTaste  true where the line says so
/// @param optional true where the line says so; it counts all the same
/// @param preparation
///                 what is done to the food, in the line's own words: "toasted", "finely chopped"; else an empty string
/// @param choices  what it names: one choice, or several where the line says "or"
/// @param words    how those of its words were taken that the tables do not hold
/// @param dish     the name of another dish used here, or an empty string
/// @param mass     what goes in, or null where that cannot be told
/// @param becomes  what it weighs once soaked or cooked, where the recipe does that to a dry food; else null
/// @param pack     the declaration written under the line, or null
public record Line(String text, @Nullable Amount amount, boolean toTaste, boolean optional, String preparation,
        List<Choice> choices, Understood words, String dish,
        @Nullable Mass mass, @Nullable Mass becomes, @Nullable Declaration pack) {
    /// What a line names together: "tuna" with "oil", or one of two alternatives.
    ///
    /// @param main   the meaning that is weighed
    /// @param others what else the words name
    /// @param inName those of the others that are part of the name of what is weighed: the chicken of "chicken soup". A
    ///               pack that is read says better
    /// @param joined those of them that an "and" joins to it: the cheese of "cheese & onion pasty". A pack that is read
    ///               says better where it names what they hold; else it is no part of that product after all
    public record Choice(Meaning main, List<Meaning> others, List<Meaning> inName, List<Meaning> joined) {
        public Choice {
            others = List.copyOf(others);
            inName = List.copyOf(inName);
            joined = List.copyOf(joined);
        }

        public Choice(Meaning main, List<Meaning> others) {
            this(main, others, List.of(), List.of());
        }

        /// {@return the same name, where another meaning of it is weighed, or other foods lie beside}
        Choice with(Meaning weighed, List<Meaning> beside) { return new Choice(weighed, beside, inName, joined); }
    }

    public Line {
        choices = List.copyOf(choices);
    }

    /// A line that is written by the program itself, such as what a swap puts in.
    public static Line of(String text, @Nullable Amount amount, Choice choice, @Nullable Mass mass) {
        return new Line(text, amount, false, false, "", List.of(choice), Understood.ALL, "", mass, null, null);
    }

    /// {@return this line with one of its choices taken}
    public Line withChoice(String written, Choice choice) {
        return new Line(written, amount, toTaste, optional, preparation, List.of(choice), words, dish, mass, becomes,
                pack);
    }

    /// {@return the food that is weighed, or empty where none was found}
    public Optional<Food> food() {
        return choices.isEmpty() || !(choices.getFirst().main() instanceof Meaning.OfFood(var food)) ? Optional.empty()
                : Optional.of(food);
    }

    public Optional<Mass> weighed() { return Optional.ofNullable(mass); }

    public Optional<Declaration> declaration() { return Optional.ofNullable(pack); }

    /// {@return words of it that stand in the place of a food and are not known: they may be anything}
    public List<String> unread() { return words.unread(); }

    /// {@return whether none of its words is open or was taken for another}
    public boolean isReadThrough() {
        return words.unread().isEmpty() && words.doubts().isEmpty() && words.as().isEmpty();
    }

    /// {@return the words that only say how, as written, in order: the kitchen's own talk and general English that
    /// names nothing to eat}
    public List<String> readPast() { return dish.isEmpty() ? PastWords.of(this) : List.of(); }

    /// {@return whether the line only states allergens, "contains celery", and names nothing that holds them}
    public boolean isStatement() { return choices.isEmpty() && pack != null && pack.text().equals(text); }

    /// {@return whether the line names nothing that is known, so that it may hold anything}
    public boolean isUnread() {
        return dish.isEmpty() && pack == null && (choices.isEmpty() || !words.unread().isEmpty());
    }

    public Line withPack(Declaration declaration) {
        return new Line(text, amount, toTaste, optional, preparation, choices, words, dish, mass, becomes, declaration);
    }

    Line withAmount(Amount other, @Nullable Mass weighing) {
        return new Line(text, other, toTaste, optional, preparation, choices, words, dish, weighing, becomes, pack);
    }

    Line withText(String written) {
        return new Line(written, amount, toTaste, optional, preparation, choices, words, dish, mass, becomes, pack);
    }

    /// {@return this line as one that uses another dish of the kitchen by its name}
    public Line asDish(String name) {
        return new Line(text, amount, toTaste, optional, preparation, List.of(), Understood.ALL, name, mass, null,
                pack);
    }

    /// {@return this line as one that uses another dish than it does, in the words of that one}
    public Line usingInstead(String name) {
        var at = text.toLowerCase(java.util.Locale.ROOT).lastIndexOf(dish.toLowerCase(java.util.Locale.ROOT));
        var written = at < 0 ? name : text.substring(0, at) + name + text.substring(at + dish.length());
        return new Line(written, amount, toTaste, optional, preparation, List.of(), Understood.ALL, name, mass, null,
                pack);
    }

    Line withBecomes(Mass other) {
        return new Line(text, amount, toTaste, optional, preparation, choices, words, dish, mass, other, pack);
    }
}
