package keenfork.web.swap;

import java.util.ArrayList;
import java.util.List;
import keenfork.core.recipe.Line;
import keenfork.core.swap.BroughtIn;
import keenfork.core.swap.Move;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Plans;
import keenfork.core.trace.Derivation;
import keenfork.format.PlanWords;
import keenfork.web.page.Format;
import org.jspecify.annotations.Nullable;

/// The planner's answer as shown: plans to choose from, with the reason for their order, the chosen one before and
/// after, and what was turned down.
record PlansView(String dish, List<Choice> choices, @Nullable ChosenView chosen, List<Rejected> rejected,
        List<Plans.Blocked> blocked, boolean needed, String proof) {
    private static final int HUNDRED = 100;

    /// A plan in the list.
    ///
    /// @param order why it stands where it does
    record Choice(int number, String title, String facts, String order, List<String> bringsIn, String shutsOut,
            boolean unknown, boolean on) {}

    /// a replacement turned down
    record Rejected(String symbol, String with, String line, String because) {
        static Rejected of(Plans.Rejected r, Format format) {
            return new Rejected(format.symbol(r.certainty(), false), r.with(), r.line().text(), r.because());
        }
    }

    /// {@return whether there are plans to lay side by side}
    public boolean isComparable() { return choices.size() > 1; }

    static PlansView of(Plans plans, int wanted, SwapContext seen) {
        var best = plans.best();
        var on = Math.clamp(wanted, 1, Math.max(1, best.size()));
        var choices = new ArrayList<Choice>();
        for (var i = 0; i < best.size(); i++) choices.add(choice(best, i, i + 1 == on, seen));
        return new PlansView(plans.before().recipe().name(), choices,
                best.isEmpty() ? null : ChosenView.of(plans.before(), best.get(on - 1), on, seen),
                plans.rejected().stream().map(r -> Rejected.of(r, seen.format())).toList(),
                plans.blocked(), plans.needed(), plans.proof().inWords());
    }

    private static Choice choice(List<Plan> best, int at, boolean on, SwapContext seen) {
        var format = seen.format();
        var plan = best.get(at);
        return new Choice(at + 1, title(plan), facts(plan, seen.ruleBook().money(), format),
                at == 0 ? first(plan, format) : behind(plan, best.get(at - 1), at), names(plan.bringsIn()),
                shutsOut(plan, format), plan.unknown() > 0, on);
    }

    static String title(Plan plan) {
        var title = String.join(", ", plan.changes().stream().map(PlansView::title).distinct().toList());
        return title.isEmpty() ? "Read the pack first" : title;
    }

    static String facts(Plan plan, String money, Format format) {
        var cost = PlanWords.costShort(plan, money);
        return format.count(plan.changes().size(), "line", "lines") + " · close "
                + Math.round(plan.closeness() * HUNDRED) + " of 100 · ready in "
                + format.minutes(plan.lead().low(), plan.lead().high()) + (cost.isEmpty() ? "" : " · " + cost)
                + (plan.isOurWay() ? " · our way" : "");
    }

    private static String first(Plan plan, Format format) {
        var brings = plan.bringsIn().isEmpty() ? "it brings in nothing" : "nobody more is surely shut out";
        return "First: %s, %s, and it stays closest.".formatted(
                plan.unknown() == 0 ? "nothing is left unknown" : "least is left unknown",
                plan.shutsOut().isEmpty() ? brings
                        : "it shuts out fewest, " + format.count(plan.peopleShutOut(), "person", "people"));
    }

    private static String behind(Plan plan, Plan better, int number) {
        var why = plan.behind(better);
        return why.isEmpty() ? "As good as %d.".formatted(number) : "Behind %d: %s.".formatted(number, why);
    }

    static String shutsOut(Plan plan, Format format) {
        return plan.shutsOut().isEmpty() ? ""
                : "shuts out " + format.list(plan.shutsOut().stream().map(g -> g.name() + " " + g.people()).toList());
    }

    /// {@return what is brought in, by its members where it has some: "soya", "cashew", "sulphites, perhaps"}
    static List<String> names(List<BroughtIn> brought) {
        return brought.stream().map(b -> {
            var name = b.members().isEmpty() ? b.group().name().toLowerCase()
                    : String.join(", ", b.members().stream().map(m -> m.name()).toList());
            return switch (b.certainty()) {
                case CONTAINS -> name;
                case MAY_CONTAIN, NOT_KNOWN, CONTACT -> name + ", perhaps";
            };
        }).toList();
    }

    /// {@return who of the guests minds what a plan brings in: whoever avoids it, though it only may be there, though
    /// they could not eat the dish before}
    static String whoMinds(Derivation before, Plan plan, SwapContext seen) {
        var card = " The counter card must say it.";
        if (seen.guests().isEmpty()) return "Ask who avoids it." + card;
        var minds = seen.guests().stream()
                .filter(g -> g.avoid().stream().anyMatch(a -> a.against(plan.after()).compareTo(a.against(before)) > 0))
                .map(g -> g.name() + " (" + g.people() + ")").toList();
        var unclear = seen.unclear().isEmpty() ? ""
                : " What %s avoid is not all understood.".formatted(seen.format().list(seen.unclear()));
        if (!minds.isEmpty()) return "Avoided by " + seen.format().list(minds) + "." + unclear + card;
        return (seen.unclear().isEmpty() ? "Nobody in the groups avoids it."
                : "Nobody else in the groups avoids it." + unclear) + card;
    }

    private static String title(Move move) {
        return switch (move) {
            case Move.Replace(_, var with, _, _) -> food(with.getFirst());
            case Move.Choose(_, var with) -> food(with);
            case Move.Inner(var line, _, var plan) -> "%s with %s".formatted(line.dish(), title(plan));
            case Move.ChangePack(_, var pack) -> pack.label();
            case Move.LeaveOut(var line) -> "no " + food(line);
            case Move.HoldBack(_, var part) -> part.toLowerCase() + " held back";
            case Move.TakeOff(var line, _) -> "portions without " + food(line);
            case Move.ReadPack(var line) -> food(line) + " as it is";
            case Move.Adjust(_, var with) -> with.text();
        };
    }

    static String food(Line line) {
        return PlanWords.food(line);
    }
}
