package keenfork.core.recipe;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.measure.Unit;

/// Names that mean another food where they are counted: "2 peppers" are no peppercorns.
final class Counted {
    private static final Map<String, Named> HELD = read();

    /// What stands for a food where it is counted, by the key of the food.
    ///
    /// @param word in its one form
    private record Named(String word, Food counted) {}

    private Counted() {}

    private static Map<String, Named> read() {
        var held = new HashMap<String, Named>();
        for (var row : Table.read(Counted.class, "counted.txt", 3))
            held.put(row.read(0, Counted::food).id(), new Named(Words.key(row.cell(0)), row.read(1, Counted::food)));
        return held;
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
        var named = HELD.get(food.id());
        var rest = " " + Words.key(measure.rest()) + " ";
        if (named == null || !rest.contains(" " + named.word() + " ") || rest.contains(Words.key(food.name())))
            return choice;
        return new Line.Choice(new Meaning.OfFood(named.counted()), choice.others());
    }
}
