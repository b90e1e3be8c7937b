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
/// @param after     the changed dish as these people get it, derived afresh
public record Plan(List<Move> moves, List<BroughtIn> bringsIn, List<Guests> shutsOut, Puzzle.Cost cost, Swap.Lead lead,
        double closeness, List<Balance> balance, @Nullable Split split, Derivation after) {
    public Plan {
        moves = List.copyOf(moves);
        bringsIn = List.copyOf(bringsIn);
        shutsOut = List.copyOf(shutsOut);
        balance = List.copyOf(balance);
    }

    /// {@return of how many lines, steps counted as one, something avoided is still not known}
    public int unknown() { return cost.unknown(); }

    /// {@return people who could eat it before, and cannot eat what becomes of it}
    public int peopleShutOut() { return shutsOut.stream().mapToInt(Guests::people).sum(); }

    /// {@return in words why this plan stands behind a better one; an empty string where both cost the same}
    public String behind(Plan better) {
        var mine = cost;
        var other = better.cost;
        if (mine.unknown() != other.unknown()) return "more is still not known";
        if (mine.shutOut() != other.shutOut())
            return peopleShutOut() > better.peopleShutOut()
                    ? "it shuts out %d more".formatted(peopleShutOut() - better.peopleShutOut()) : "it brings in more";
        if (mine.changed() != other.changed()) return "it changes %d more".formatted(mine.changed() - other.changed());
        if (mine.lost() != other.lost()) return "it comes less close";
        if (mine.lead() != other.lead()) return "it is ready later";
        if (mine.salt() != other.salt()) return "it shifts the salt more";
        return mine.bringsIn() != other.bringsIn() ? "it brings in more" : "";
    }

    public List<Move> changes() {
        return moves.stream().filter(Move::changes).toList();
    }

    /// {@return whether all it does is to keep something off some plates}
    public boolean isForSomePlates() { return changes().stream().allMatch(Move::isForSomePlates); }
}
