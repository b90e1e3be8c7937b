package keenfork.web.kitchen;

import java.util.List;
import java.util.Optional;
import keenfork.core.label.Claim;
import keenfork.core.label.Difference;
import keenfork.core.label.GuestCard;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.core.label.OnPaper;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.label.Wording;
import keenfork.web.persistence.Labels;

/// Copies of a label that are out and do not say any more what is so.
///
/// @param name what the label is called
/// @param difference what it does not say, or says no longer rightly; empty where its dish is off the menu
/// @param words the same in words, what can hurt first
/// @param onMenu whether its dish is still on the menu, or its guests on the list
public record OutOfDate(Labels.Printed printed, String name, Optional<Difference> difference, List<String> words,
        boolean onMenu) {
    /// {@return what a print does not say any more that is so; empty where it still holds}
    public static Optional<OutOfDate> of(Menu menu, Labels.Printed printed) {
        if (printed.print().guests() != 0) return ofGuests(menu, printed);
        var dish = menu.dish(printed.print().dish());
        if (dish.isEmpty())
            return Optional.of(new OutOfDate(printed, printed.print().says().map(OnPaper::name).orElse("A label"),
                    Optional.empty(), List.of("Its dish is not on the menu any more."), false));
        var packed = Kind.named(printed.print().kind()).map(Kind::hasList).orElse(true);
        if (!(printed.print().paper() instanceof PrintedStatement then)) {
            var statement = Statement.compose(dish.get().derivation(), menu.ruleBook());
            var same = printed.statement().equals(packed ? statement.onTub() : statement.onCard());
            return same ? Optional.empty() : Optional.of(new OutOfDate(printed, dish.get().name(), Optional.empty(),
                    List.of("It says something else now than when it was printed."), true));
        }
        var difference = Difference.between(then, now(menu, dish.get(), packed, then));
        return differing(printed, dish.get().name(), keepsLess(menu, dish.get(), printed.print())
                .map(difference::keepingLonger).orElse(difference));
    }

    /// {@return that a label says a later day than its dish keeps until by the times in force now; empty where it does
    /// not, or carries no day}
    private static Optional<String> keepsLess(Menu menu, Menu.Dish dish, Labels.Print print) {
        var says = print.keepBy();
        var made = print.made();
        if (says == null || made == null) return Optional.empty();
        var until = made.plusDays(menu.keeps(dish).days());
        var wording = new Wording(menu.ruleBook(), Language.english());
        return says.isAfter(until)
                ? Optional.of("It says to use it by %s. It keeps until %s now.".formatted(wording.day(says),
                        wording.day(until)))
                : Optional.empty();
    }

    /// what the same label would say now, in the same language, with those of its claims that still stand
    private static PrintedStatement now(Menu menu, Menu.Dish dish, boolean packed, PrintedStatement then) {
        var says = menu.says(dish, packed, Language.named(then.language()).orElse(Language.english()));
        if (then.claims().isEmpty()) return says;
        var stand = menu.claims(dish).stream().filter(Claim::stands).map(c -> c.diet().id()).toList();
        return says.claiming(then.claims().stream().filter(stand::contains).toList());
    }

    private static Optional<OutOfDate> ofGuests(Menu menu, Labels.Printed printed) {
        if (!(printed.print().paper() instanceof GuestCard then))
            return Optional.of(
                    new OutOfDate(printed, "A card", Optional.empty(), List.of("What it says was not kept."), true));
        var guests = menu.guests(printed.print().guests());
        return guests.isEmpty()
                ? Optional.of(new OutOfDate(printed, then.name(), Optional.empty(),
                        List.of("These guests are not on the list any more."), false))
                : differing(printed, guests.get().name(), GuestCard.between(then, menu.card(guests.get())));
    }

    private static Optional<OutOfDate> differing(Labels.Printed printed, String name, Difference difference) {
        return difference.isNone() ? Optional.empty()
                : Optional.of(new OutOfDate(printed, name, Optional.of(difference), difference.all(), true));
    }

    /// {@return whether something is missing on it that somebody may have to know; so it is where nobody can tell}
    public boolean canHurt() { return difference.map(Difference::canHurt).orElse(true); }
}
