package keenfork.web.covers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.covers.PerPlate;
import keenfork.core.measure.Mass;
import keenfork.core.run.Batch;
import keenfork.core.run.BatchYield;
import keenfork.core.run.PrepList;
import keenfork.core.run.Task;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.persistence.guest.Events;

/// What is to be done for the covers, as shown.
///
/// @param taken how much the guests take
/// @param made  what each batch comes to
/// @param spans what is done by when
/// @param run   the run in force, which would be set anew; 0 where there is none
record PrepView(TakenView taken, List<Made> made, List<Span> spans, long run) {
    /// A batch.
    ///
    /// @param many     for how many
    /// @param weight   what it weighs; empty where that is not known
    /// @param tubs     the tubs it fills, in words; empty where that is not known
    /// @param plate    the dressing and the topping of a plate; empty for none
    /// @param into     the dishes it goes into; empty for none
    /// @param wanting  what is to be said where more goes into them than is made; empty where it is enough
    record Made(String name, String many, String weight, String tubs, String plate, String into, String wanting) {}

    /// a time of preparing
    ///
    /// @param id of its heading
    record Span(String id, String name, List<OfDish> dishes) {}

    /// a dish, and for how many
    record OfDish(String name, String many, List<Item> items) {}

    /// something to do
    ///
    /// @param takes what goes in, in words; empty where nothing does
    /// @param time  how long it takes, in words
    record Item(String text, String takes, String time) {}

    static PrepView of(Menu menu, List<Batch> batches, Optional<Events.Event> event, TakenView taken, int tubGrams,
            Format format) {
        var list = PrepList.of(batches);
        var unscaled = menu.dishes().stream().filter(d -> d.derivation().recipe().serves() < 1).map(Menu.Dish::name)
                .collect(Collectors.toSet());
        var day = event.map(e -> e.details().day());
        var spans = Stream.of(
                new Span("before", "The day before" + day.map(d -> ", " + format.day(d.minusDays(1))).orElse(""),
                        dishes(list.dayBefore(), unscaled, format)),
                new Span("day", "On the day" + day.map(d -> ", " + format.day(d)).orElse(""),
                        dishes(list.day(), unscaled, format)),
                new Span("last", "Just before it is served", dishes(list.last(), unscaled, format)))
                .filter(s -> !s.dishes.isEmpty()).toList();
        return new PrepView(taken,
                BatchYield.of(batches, tubGrams).stream().map(y -> made(y, menu, unscaled, format)).toList(), spans,
                menu.run().kept().id());
    }

    private static Made made(BatchYield yield, Menu menu, Set<String> unscaled, Format format) {
        var plate = menu.dishes().stream().filter(d -> d.name().equals(yield.dish())).findFirst()
                .flatMap(d -> PerPlate.of(d.derivation().recipe())).map(PrepView::words).orElse("");
        return new Made(yield.dish(), unscaled.contains(yield.dish()) ? "once" : String.valueOf(yield.portions()),
                yield.grams() == 0 ? "" : Format.grams(yield.grams()),
                yield.tubs() == 0 ? "" : format.count(yield.tubs(), "tub", "tubs"), plate,
                format.list(yield.goesInto()), yield.isShort() ? "%s is made and %s goes in. Write for how many it is."
                        .formatted(Format.grams(yield.grams()), Format.grams(yield.taken())) : "");
    }

    private static String words(PerPlate plate) {
        var usual = plate.isMuch() ? " (usual is %s)".formatted(PerPlate.usual()) : "";
        return Stream.of(words(plate.dressing(), "dressing") + usual, words(plate.topping(), "topping"))
                .filter(w -> !w.isEmpty()).collect(Collectors.joining(", "));
    }

    private static String words(Mass mass, String what) {
        return mass.likely() == 0 ? "" : "%s %s".formatted(Format.grams(mass.likelyGrams()), what);
    }

    /// @param unscaled dishes whose recipe does not say for how many it is: they are made once, as written
    private static List<OfDish> dishes(List<PrepList.OfDish> dishes, Set<String> unscaled, Format format) {
        var shown = new ArrayList<OfDish>();
        for (var d : dishes)
            shown.add(new OfDish(d.dish(), many(d.dish(), d.portions(), unscaled),
                    d.tasks().stream().map(t -> new Item(t.text(), format.list(t.takes()), time(t))).toList()));
        return shown;
    }

    private static String many(String dish, int portions, Set<String> unscaled) {
        return unscaled.contains(dish) ? "once, as written" : "for " + portions;
    }

    private static String time(Task task) {
        return task.waits() == 0 ? "%d min".formatted(task.hands())
                : "%d min, then %d by itself".formatted(task.hands(), task.waits());
    }
}
