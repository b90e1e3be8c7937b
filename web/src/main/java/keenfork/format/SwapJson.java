package keenfork.format;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import keenfork.core.food.Food;
import keenfork.core.recipe.Line;
import keenfork.core.regime.RuleBook;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Plans;
import org.jspecify.annotations.Nullable;

/// What `swap` says of one dish, in the shape of its JSON contract.
public record SwapJson(String dish, List<String> avoid, List<PlanJson> plans, List<Rejected> rejected,
        List<Blocked> blocked) {

    /// One plan.
    ///
    /// @param steps   the whole method as changed
    /// @param prepare what to start, the longest first
    /// @param balance how salt and acid were set right
    /// @param notice  what a guest will notice, in one sentence
    /// @param cost    what the changes cost, where prices are known; else left out
    public record PlanJson(List<MoveJson> moves, @JsonProperty("brings_in") List<String> bringsIn,
            @JsonProperty("lead_minutes") Lead lead,
            BigDecimal fidelity, CheckJson after, List<Step> steps, List<String> prepare, List<String> balance,
            String notice, @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Cost cost) {}

    /// What the changes of a plan cost.
    ///
    /// @param out      what goes out would have cost
    /// @param in       what goes in costs
    /// @param unpriced foods without a price: where there are any, neither figure is the whole
    /// @param words    the same in words
    public record Cost(BigDecimal out, BigDecimal in, List<String> unpriced, String words) {
        static Cost of(Plan plan, RuleBook ruleBook) {
            return new Cost(paid(plan.bill().out()), paid(plan.bill().in()), plan.bill().unpriced(),
                    PlanWords.cost(plan, ruleBook.money()));
        }

        private static BigDecimal paid(double amount) {
            return BigDecimal.valueOf(amount).setScale(2, RoundingMode.HALF_UP);
        }
    }

    /// one step; `write` where the cook must write it
    public record Step(String text, boolean changed, boolean write) {}

    /// one change, and what the line does in the dish
    public record MoveJson(String line, String move, List<With> with, String role) {}

    /// what goes in
    public record With(String text, @Nullable String food, CheckJson.@Nullable Grams grams) {
        static With of(Line line) {
            return new With(line.text(), line.food().map(Food::name).orElse(null), CheckJson.Grams.of(line.mass()));
        }
    }

    /// minutes before all is ready
    public record Lead(int low, int high) {}

    /// a replacement turned down
    public record Rejected(String line, String with, String because) {}

    /// a line that no move can mend
    public record Blocked(String line, String avoid, String nearest) {}

    /// @param priced whether the kitchen says what it pays
    public static SwapJson of(String file, List<String> avoid, Plans plans, RuleBook ruleBook, boolean priced) {
        return new SwapJson(plans.before().recipe().name(), avoid,
                plans.best().stream().map(p -> plan(file, p, ruleBook, priced)).toList(),
                plans.rejected().stream().map(r -> new Rejected(r.line().text(), r.with(), r.because())).toList(),
                plans.blocked().stream().map(b -> new Blocked(b.line(), b.avoid(), b.nearest())).toList());
    }

    private static PlanJson plan(String file, Plan plan, RuleBook ruleBook, boolean priced) {
        return new PlanJson(plan.moves().stream()
                .map(m -> new MoveJson(m.line().text(), word(m), with(m), plan.roles().of(m.line()).word())).toList(),
                plan.bringsIn().stream().map(b -> b.group().id()).toList(),
                new Lead(plan.lead().low(), plan.lead().high()),
                BigDecimal.valueOf(plan.closeness()).setScale(2, RoundingMode.HALF_UP),
                CheckJson.of(file, plan.after(), ruleBook),
                plan.method().stream().map(s -> new Step(s.text(), s.changed(), s.write())).toList(),
                PlanWords.prepare(plan), PlanWords.balance(plan), PlanWords.notice(plan),
                priced ? Cost.of(plan, ruleBook) : null);
    }

    private static List<With> with(Move move) {
        return move instanceof Move.ReadPack ? List.of() : move.goesIn().stream().map(With::of).toList();
    }

    private static String word(Move move) {
        return switch (move) {
            case Move.Replace _,Move.Choose _,Move.Adjust _ -> "replace";
            case Move.ChangePack _ -> "another-pack";
            case Move.Inner _ -> "variant";
            case Move.LeaveOut _ -> "leave-out";
            case Move.HoldBack _ -> "hold-back";
            case Move.TakeOff _ -> "split";
            case Move.ReadPack _ -> "read-pack";
        };
    }
}
