package keenfork.core.kitchen;

import java.time.LocalDate;
import java.util.Optional;
import keenfork.core.label.DateMark;
import keenfork.core.label.Difference;
import keenfork.core.label.GuestCard;
import keenfork.core.label.Language;
import keenfork.core.label.OnPaper;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import org.jspecify.annotations.Nullable;

/// Why a label that is out is true no more.
public sealed interface Untrue {
    /// its dish is not on the menu any more, or its guests are not on the list
    record OffTheMenu() implements Untrue {}

    /// what it says was not kept apart, and is not what it would say now
    record NotKept() implements Untrue {}

    /// it says something else than it would say now
    record Differs(Difference difference) implements Untrue {}

    /// {@return whether something is missing on it that somebody may have to know; so it is where nobody can tell}
    default boolean canHurt() { return !(this instanceof Differs(var difference)) || difference.canHurt(); }

    /// A label that is out.
    ///
    /// @param hasList whether it carries the list of ingredients
    /// @param made    the day its dish was made, or null where that was not kept
    /// @param keepBy  the day it says, or null for none
    /// @param mark    what that day means
    record Out(PrintedStatement says, boolean hasList, @Nullable LocalDate made, @Nullable LocalDate keepBy,
            DateMark mark) {}

    /// {@return why a label of a dish is true no more, or empty where it still is}
    static Optional<Untrue> of(Out out, DishNow dish) {
        var difference = Difference.between(out.says, now(out, dish));
        var until = out.made == null ? null : dish.keepsUntil(out.made);
        // a best-before day on what is to be used by a day may be passed by those who smell at it first
        var isLonger = until != null && out.keepBy != null && (out.keepBy.isAfter(until)
                || out.mark == DateMark.BEST_BEFORE && dish.keeps().mark() == DateMark.USE_BY);
        var later = until != null && out.keepBy != null && isLonger
                ? difference.keepingLonger(out.keepBy, until, out.mark, dish.ruleBook()) : difference;
        return differing(later);
    }

    /// {@return why a label whose words were kept as one text is true no more, or empty where it still is}
    /// @param text what it says
    static Optional<Untrue> of(String text, boolean hasList, DishNow dish) {
        var now = Statement.compose(dish.derivation(), dish.ruleBook());
        var says = hasList ? now.onTub() : now.onCard();
        return text.equals(says) ? Optional.empty() : Optional.of(new NotKept());
    }

    /// {@return why a guest's card is true no more, or empty where it still is}
    static Optional<Untrue> of(@Nullable OnPaper then, GuestCard now) {
        return then instanceof GuestCard card ? differing(GuestCard.between(card, now)) : Optional.of(new NotKept());
    }

    private static Optional<Untrue> differing(Difference difference) {
        return difference.isNone() ? Optional.empty() : Optional.of(new Differs(difference));
    }

    /// What the same label would say now, in the same language, with those of its claims that still stand.
    private static PrintedStatement now(Out out, DishNow dish) {
        var says = dish.says(out.hasList, Language.named(out.says.language()).orElse(Language.english()));
        if (out.says.claims().isEmpty()) return says;
        var stand = dish.standing();
        return says.claiming(out.says.claims().stream().filter(stand::contains).toList());
    }
}
