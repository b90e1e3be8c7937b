package keenfork.core.label;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import keenfork.core.diet.Diet;
import keenfork.core.diet.Verdict;
import keenfork.core.food.Table;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import org.jspecify.annotations.Nullable;

/// What a label may say about a diet, or why it may not. Only a dish that suits a diet may claim it; "gluten-free" also
/// wants evidence on file.
///
/// @param diet    the diet it is about
/// @param words   how it reads on a label: `Vegan`
/// @param stands  whether it may be made
/// @param because why not; empty where it stands
public record Claim(Diet diet, String words, boolean stands, List<String> because) {
    private static final List<Rule> RULES = Table.read(Claim.class, "claims.txt", 4).stream()
            .map(r -> new Rule(
                    r.read(0, id -> Diet.named(id).orElseThrow(() -> new IllegalArgumentException("no diet " + id))),
                    r.cell(1), r.cell(2).equals("yes")))
            .toList();

    private record Rule(Diet diet, String words, boolean wantsTest) {}

    /// What a laboratory found in a dish.
    ///
    /// @param mgPerKg   gluten in mg/kg; 0 where none was detected
    /// @param on        the day of the report
    /// @param reference where the report is on file
    /// @param asWritten whether the dish is still made as it was then
    public record Tested(BigDecimal mgPerKg, LocalDate on, String reference, boolean asWritten) {}

    public Claim {
        because = List.copyOf(because);
    }

    /// {@return every claim that labels know, with whether it stands for a dish}
    /// @param tested the newest report on its gluten, or null where none is on file
    public static List<Claim> of(Derivation dish, RuleBook ruleBook, @Nullable Tested tested) {
        return RULES.stream().map(r -> of(r, dish, ruleBook, tested)).toList();
    }

    /// {@return how a claim about a diet reads on an English label, or empty where labels know none}
    public static Optional<String> words(String diet) {
        return RULES.stream().filter(r -> r.diet.id().equals(diet)).map(Rule::words).findFirst();
    }

    private static Claim of(Rule rule, Derivation dish, RuleBook ruleBook, @Nullable Tested tested) {
        var verdict = rule.diet.judge(dish);
        if (verdict.answer() != Verdict.Answer.SUITS)
            return new Claim(rule.diet, rule.words, false,
                    verdict.because().isEmpty() ? verdict.asks() : verdict.reasons());
        var wanting = rule.wantsTest ? wanting(ruleBook, tested) : Optional.<String>empty();
        return new Claim(rule.diet, rule.words, wanting.isEmpty(), wanting.stream().toList());
    }

    /// Regulation (EU) No 828/2014: 20 mg/kg at most; 21 CFR 101.91: under 20 ppm. The figure stands in the rule book's
    /// file.
    private static Optional<String> wanting(RuleBook ruleBook, @Nullable Tested tested) {
        var most = ruleBook.asks().glutenFree();
        if (tested == null)
            return Optional.of(
                    "no report on file: the rule book asks for %s of gluten, shown by evidence"
                            .formatted(most.words()));
        if (!tested.asWritten)
            return Optional.of("the report of %s is of the dish as it was made then".formatted(tested.on));
        return most.allows(tested.mgPerKg) ? Optional.empty()
                : Optional.of("the report of %s found %s mg/kg; the rule book asks for %s".formatted(tested.on,
                        tested.mgPerKg.toPlainString(), most.words()));
    }
}
