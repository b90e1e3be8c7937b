package keenfork.core.kitchen;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import keenfork.core.label.Claim;
import keenfork.core.label.KeepBy;
import keenfork.core.label.Language;
import keenfork.core.label.MadeAs;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import org.jspecify.annotations.Nullable;

/// A dish as it stands, with all that its labels rest on.
///
/// @param derivation what is known of it
/// @param ruleBook   the rule book in force
/// @param times      the kitchen's own keeping times in days, by what keeps so long
/// @param report     the newest laboratory report on it, or null where none is on file
public record DishNow(Derivation derivation, RuleBook ruleBook, Map<String, Integer> times, @Nullable Report report) {
    public DishNow {
        times = Map.copyOf(times);
    }

    /// A laboratory's report on gluten.
    ///
    /// @param madeAs what the dish was made of then, as [MadeAs#of] tells it
    public record Report(BigDecimal mgPerKg, LocalDate on, String reference, String madeAs) {}

    /// {@return what a label of it must say}
    /// @param withList whether it carries the list of ingredients
    public PrintedStatement says(boolean withList, Language language) {
        return PrintedStatement.of(Statement.compose(derivation, ruleBook, language), withList);
    }

    /// {@return every claim that labels know, with whether it stands}
    public List<Claim> claims() {
        return Claim.of(derivation, ruleBook, report == null ? null : new Claim.Tested(report.mgPerKg, report.on,
                report.reference, report.madeAs.equals(MadeAs.of(derivation))));
    }

    /// {@return the diets of the claims that stand}
    public List<String> standing() {
        return claims().stream().filter(Claim::stands).map(c -> c.diet().id()).toList();
    }

    /// {@return how long it keeps, by the kitchen's own times}
    public KeepBy keeps() { return KeepBy.of(derivation, times); }

    /// {@return the last day of one that was made on a day}
    public LocalDate keepsUntil(LocalDate made) { return made.plusDays(keeps().days()); }
}
