package keenfork.core.recipe;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.measure.Unit;

/// The first line of a recipe that was pasted without its name: "600 g pine nuts". It is the name, for want of another,
/// and goes in as well.
final class NameLine {
    private static final Pattern BRACKETS = Pattern.compile("\\([^()]*\\)");

    private static final Pattern BOUGHT = Grammar.wordOf("bought");

    private NameLine() {}

    /// {@return the name read as an ingredient, where it is measured like one; "Hummus 2 kg" may only tell how much is
    /// made, and goes in where it says more than the lines below it}
    static List<Line> of(String name, LineReader reader, PartTitle titles) {
        // "Cowboy caviar (makes 3 litres)"
        var unbracketed = BRACKETS.matcher(name).replaceAll(" ").strip();
        if (!Numbers.hasFigure(unbracketed)) return List.of();
        var amount = reader.amount(unbracketed);
        var line = reader.read(name);
        if (amount == null || line.choices().isEmpty() && !line.isUnread()) return List.of();
        var leads = Numbers.at(name, 0) != null;
        var isPlain = line.choices().stream().noneMatch(NameLine::isMade);
        var isBought = BOUGHT.matcher(name).find();
        var goesIn = isBought || switch (amount.unit()) {
            // "4 eggs", but not "3 bean salad"
            case NONE -> leads && isPlain && endsInFood(unbracketed);
            default -> leads || amount.unit().kind() != Unit.Kind.COUNT && (isPlain || titles.saysMore(name));
        };
        return goesIn ? List.of(line) : List.of();
    }

    private static boolean endsInFood(String name) {
        var head = name.split(",", 2)[0].strip();
        var named = Foods.shipped().recipeWords().read(head).matches();
        return !named.isEmpty() && named.getLast().end() == head.length()
                && !PartHeadline.isBare(head.substring(head.lastIndexOf(' ') + 1));
    }

    private static boolean isMade(Line.Choice choice) {
        return Stream.concat(Stream.of(choice.main()), choice.others().stream())
                .anyMatch(m -> m instanceof Meaning.OfFood(var food) && food.isCompound());
    }
}
