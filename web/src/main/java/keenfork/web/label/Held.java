package keenfork.web.label;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.kitchen.Hold;
import keenfork.core.label.Kind;
import keenfork.web.kitchen.Menu;

/// Labels that may not print, in words: in answer to who asks for them, and in their place on paper.
final class Held {
    private static final int NAMED_ON_PAPER = 3;

    private Held() {}

    /// {@return what holds a label; nothing for a guest's card}
    static List<Hold> holds(Menu menu, LabelToPrint wanted, LabelRequest asked, LocalDate today) {
        var dish = menu.dish(wanted.dish());
        return dish.isEmpty() ? List.of()
                : Hold.of(menu.now(dish.get()), asked.kindOf(), wanted.unknown(), isAnswered(asked),
                        new Hold.Days(wanted.made(), wanted.keepBy(), today));
    }

    /// {@return whether somebody answers for what is not known; one reason does not answer for many dishes}
    static boolean isAnswered(LabelRequest asked) {
        return !asked.isAll() && !asked.whyTyped().isEmpty() && !asked.byTyped().isEmpty();
    }

    /// {@return why one does not print, and what to do}
    static String answer(Hold hold, String name) {
        return switch (hold) {
            case Hold.NotKnown(var what) ->
                    ("%s, not known: %s. A label on packed food waits until that is settled: read the packs and answer "
                            + "the questions. Or somebody answers for it, by itself, with a name and a reason.")
                                    .formatted(name, String.join(", ", what));
            case Hold.KeepsShorter(var days) ->
                    ("%s keeps for %d %s here, so no later day goes on its label. If your records say otherwise, "
                            + "change "
                            + "the keeping time first, with the reason.").formatted(name, days,
                                    days == 1 ? "day" : "days");
            case Hold.Over(var until) ->
                    "%s, made on that day, kept until %s. It goes on no label any more.".formatted(name, until);
        };
    }

    /// {@return the same where the label would stand: a small one has room for few words}
    static String onPaper(Hold hold, String name) {
        return switch (hold) {
            case Hold.NotKnown(var what) -> "%s may not go out packed yet. Not known: %s."
                    .formatted(name, firstOf(what));
            case Hold.KeepsShorter _,Hold.Over _ -> answer(hold, name);
        };
    }

    private static String firstOf(List<String> what) {
        var more = what.size() - NAMED_ON_PAPER;
        return Stream.concat(what.stream().limit(NAMED_ON_PAPER),
                more > 0 ? Stream.of("%d more".formatted(more)) : Stream.of()).collect(Collectors.joining(", "));
    }
}
