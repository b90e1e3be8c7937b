package keenfork.core.recipe;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Unit;
import org.jspecify.annotations.Nullable;

/// Names that mean another food where they are counted: "2 peppers" are no peppercorns.
final class Counted {
    private static final Map<String, List<Named>> HELD = read();
    /// What stands for a food where it is counted, by the key of the food.
    ///
    /// @param word  in its one form
    /// @param most  more of them are portions of it; null where there are no portions
    /// @param whole finds it with nothing behind it that tells which part: a comma, a bracket, what was done to it
    private record Named(String word, Food counted, @Nullable Fraction most, Pattern whole) {
        private static Named of(Table.Row row) {
            var word = Words.key(row.cell(0));
            return new Named(word, row.read(1, Counted::food),
                    row.cell(2).isEmpty() ? null : row.read(2, c -> Fraction.of(Long.parseLong(c))),
                    Pattern.compile("(?iU)\\b%ss?\\s*(?:$|[,;(.–-]|\\p{L}+ed\\b)".formatted(Pattern.quote(word))));
        }

        /// "2 chickens, jointed": not "2 chicken supremes", nor the "black pepper" of a longer name
        private boolean isMeant(MeasureReader.Measure measure, Food food) {
            var rest = " " + Words.key(measure.rest()) + " ";
            var isByItself = rest.contains(" " + word + " ")
                    && food.names().stream().map(Words::key).noneMatch(n -> !word.contains(n) && rest.contains(n));
            if (!isByItself || most == null) return isByItself;
            return measure.amount() != null && measure.amount().high().compareTo(most) <= 0
                    && whole.matcher(measure.rest().strip()).find();
        }
    }

    private Counted() {}

    private static Map<String, List<Named>> read() {
        return Table.read(Counted.class, "counted.txt", 4).stream()
                .collect(Collectors.groupingBy(r -> r.read(0, Counted::food).id(),
                        Collectors.mapping(Named::of, Collectors.toUnmodifiableList())));
    }

    private static Food food(String name) {
        return Foods.shipped().find(name)
                .orElseThrow(() -> new IllegalArgumentException("no food \"%s\" in the table".formatted(name)));
    }

    /// {@return the choices of a line that is counted, each as what is counted under its name}
    static List<Line.Choice> of(MeasureReader.Measure measure, List<Line.Choice> choices) {
        if (measure.amount() == null || measure.amount().unit() != Unit.NONE) return choices;
        for (var choice : choices)
            if (choice.main() instanceof Meaning.OfFood(var food) && HELD.containsKey(food.id()))
                return choices.stream().map(c -> of(measure, c)).toList();
        return choices;
    }

    private static Line.Choice of(MeasureReader.Measure measure, Line.Choice choice) {
        if (!(choice.main() instanceof Meaning.OfFood(var food))) return choice;
        return HELD.getOrDefault(food.id(), List.of()).stream().filter(n -> n.isMeant(measure, food)).findFirst()
                .map(n -> choice.with(new Meaning.OfFood(n.counted()), choice.others())).orElse(choice);
    }
}
