package keenfork.web.kitchen;

import java.util.List;
import java.util.Optional;
import keenfork.core.kitchen.Untrue;
import keenfork.core.label.Difference;
import keenfork.core.label.GuestCard;
import keenfork.core.label.Kind;
import keenfork.core.label.OnPaper;
import keenfork.core.label.PrintedStatement;
import keenfork.web.persistence.label.Labels;

/// Copies of a label that are out and do not say any more what is so.
///
/// @param name what the label is called
/// @param why  why they are true no more
public record OutOfDate(Labels.Printed printed, String name, Untrue why) {
    /// {@return what a print does not say any more that is so; empty where it still holds}
    public static Optional<OutOfDate> of(Menu menu, Labels.Printed printed) {
        var print = printed.print();
        if (print.guests() != 0) return ofGuests(menu, printed);
        var found = menu.dish(print.dish());
        if (found.isEmpty())
            return Optional.of(new OutOfDate(printed, print.says().map(OnPaper::name).orElse("A label"),
                    new Untrue.OffTheMenu()));
        var hasList = Kind.named(print.kind()).map(Kind::hasList).orElse(true);
        var now = menu.now(found.get());
        var why = print.paper() instanceof PrintedStatement says
                ? Untrue.of(new Untrue.Out(says, hasList, print.made(), print.keepBy(),
                        print.pack().mark()), now)
                : Untrue.of(printed.statement(), hasList, now);
        return why.map(w -> new OutOfDate(printed, found.get().name(), w));
    }

    private static Optional<OutOfDate> ofGuests(Menu menu, Labels.Printed printed) {
        var print = printed.print();
        if (!(print.paper() instanceof GuestCard then))
            return Optional.of(new OutOfDate(printed, "A card", new Untrue.NotKept()));
        var guests = menu.guests(print.guests());
        if (guests.isEmpty()) return Optional.of(new OutOfDate(printed, then.name(), new Untrue.OffTheMenu()));
        return Untrue.of(then, menu.card(guests.get())).map(why -> new OutOfDate(printed, guests.get().name(), why));
    }

    /// {@return what it does not say, or says no longer rightly; empty where that cannot be told}
    public Optional<Difference> difference() {
        return why instanceof Untrue.Differs(var difference) ? Optional.of(difference) : Optional.empty();
    }

    /// {@return why, in words: what can hurt first}
    public List<String> words() {
        var isCard = printed.print().guests() != 0;
        return switch (why) {
            case Untrue.Differs(var difference) -> difference.all();
            case Untrue.OffTheMenu() -> List.of(isCard ? "These guests are not on the list any more."
                    : "Its dish is not on the menu any more.");
            case Untrue.NotKept() -> List.of(isCard ? "What it says was not kept."
                    : "It says something else now than when it was printed.");
        };
    }

    /// {@return whether its dish is still on the menu, or its guests on the list}
    public boolean onMenu() { return !(why instanceof Untrue.OffTheMenu); }

    /// {@return whether something is missing on it that somebody may have to know; so it is where nobody can tell}
    public boolean canHurt() { return why.canHurt(); }
}
