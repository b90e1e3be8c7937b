package keenfork.web.kitchen;

import java.util.List;
import java.util.Optional;
import keenfork.core.label.Difference;
import keenfork.core.label.Kind;
import keenfork.core.label.OnPaper;
import keenfork.core.label.Statement;
import keenfork.web.persistence.Labels;

/// Copies of a label that are out and do not say any more what is so.
///
/// @param name what the label is called
/// @param difference what it does not say, or says no longer rightly; empty where its dish is off the menu
/// @param words the same in words, what can hurt first
/// @param onMenu whether its dish is still on the menu
public record OutOfDate(Labels.Printed printed, String name, Optional<Difference> difference, List<String> words, boolean onMenu) {
    static Optional<OutOfDate> of(Menu menu, Labels.Printed printed) {
        var dish = menu.dish(printed.print().dish());
        if (dish.isEmpty()) return Optional.of(new OutOfDate(printed, printed.print().says().isEmpty() ? "A label" : OnPaper.parse(printed.print().says()).name(), Optional.empty(), List.of("Its dish is not on the menu any more."), false));
        var statement = Statement.compose(dish.get().derivation(), menu.ruleBook());
        var packed = Kind.named(printed.print().kind()).map(Kind::isPacked).orElse(true);
        if (printed.print().says().isEmpty()) {
            var same = printed.statement().equals(packed ? statement.onTub() : statement.onCard());
            return same ? Optional.empty() : Optional.of(new OutOfDate(printed, dish.get().name(), Optional.empty(), List.of("It says something else now than when it was printed."), true));
        }
        var difference = Difference.between(OnPaper.parse(printed.print().says()), OnPaper.of(statement, packed));
        return difference.isNone() ? Optional.empty() : Optional.of(new OutOfDate(printed, dish.get().name(), Optional.of(difference), difference.all(), true));
    }

    /// {@return whether something is missing on it that somebody may have to know; so it is where nobody can tell}
    public boolean canHurt() { return difference.map(Difference::canHurt).orElse(true); }
}
