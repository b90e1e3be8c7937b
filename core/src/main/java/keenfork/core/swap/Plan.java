package keenfork.core.swap;

import java.util.List;
import keenfork.core.people.Guests;
import keenfork.core.trace.Derivation;
import org.jspecify.annotations.Nullable;

/// A way to serve a dish to people who avoid something.
///
/// @param moves     the changes, in the order of the recipe; what sets salt and acid right stands behind them
/// @param bringsIn  what the dish did not have before, in the rule book's order
/// @param shutsOut  people who could eat it before, and cannot eat what becomes of it
/// @param cost      what it was ranked by
/// @param lead      minutes before all is ready
/// @param closeness how near the changed lines stay on average, 0 to 1
/// @param balance   salt and acid, before and after they were set right
/// @param split     where portions are taken off, or null where none are
/// @param method    the whole method as changed
/// @param roles     what each line of the dish does in it
/// @param bill      what the changes cost at this batch size
/// @param after     the changed dish as these people get it, derived afresh
public record Plan(List<Move> moves, List<BroughtIn> bringsIn, List<Guests> shutsOut, Puzzle.Cost cost, Swap.Lead lead,
        double closeness, List<Balance> balance, @Nullable Split split,
        List<MethodStep> method, Roles roles, Bill bill, Derivation after) {
    public Plan {
        moves = List.copyOf(moves);
        bringsIn = List.copyOf(bringsIn);
        shutsOut = List.copyOf(shutsOut);
        balance = List.copyOf(balance);
        method = List.copyOf(method);
    }

    /// {@return of how many lines, steps counted as one, something avoided is still not known}
    public int unknown() { return cost.unknown(); }

    /// {@return people who could eat it before, and cannot eat what becomes of it}
    public int peopleShutOut() { return shutsOut.stream().mapToInt(Guests::people).sum(); }

    /// {@return whether it does something the way this kitchen would rather do it}
    public boolean isOurWay() { return changes().stream().anyMatch(Move::isOurWay); }

    /// {@return in words why this plan stands behind a better one; an empty string where both cost the same}
    public String behind(Plan better) {
        var mine = cost;
        var other = better.cost;
        if (mine.unknown() > other.unknown()) return "more is still not known";
        if (mine.unknown() < other.unknown()) return "it changes what a read pack may show to be fine";
        if (mine.shutOut() != other.shutOut())
            return "it shuts out %d more".formatted(peopleShutOut() - better.peopleShutOut());
        if (mine.roles() != other.roles()) return "it leaves more without what they do in the dish";
        if (mine.bringsIn() != other.bringsIn()) return "it brings in more";
        if (mine.changed() != other.changed()) return "it changes %d more".formatted(mine.changed() - other.changed());
        if (mine.lost() != other.lost()) return "it comes less close";
        if (mine.lead() != other.lead()) return "it is ready later";
        if (mine.money() != other.money()) return "it costs more";
        return mine.salt() != other.salt() ? "it shifts the salt more" : "";
    }

    public List<Move> changes() {
        return moves.stream().filter(Move::changes).toList();
    }

    /// {@return whether all it does is to keep something off some plates}
    public boolean isForSomePlates() { return changes().stream().allMatch(Move::isForSomePlates); }
}
