package keenfork.core.swap;

import java.util.List;
import java.util.Map;
import keenfork.core.food.Prices;
import keenfork.core.measure.Volumes;
import keenfork.core.people.Guests;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;

/// What a kitchen plans its swaps with.
///
/// @param facts    the facts in force
/// @param ruleBook whose groups a plan may bring in
/// @param volumes  the kitchen's convention for spoons and cups
/// @param swaps    the swaps it uses
/// @param packs    every pack in its larder that is read and in date, those that are not in use among them
/// @param roles    what lines do in the dish, by the line as written, where the cook knows better
/// @param guests   the people to be fed, whom a plan could shut out; empty where nobody knows who comes
/// @param prices   what it pays for its foods, as far as it said so
public record Context(Facts facts, RuleBook ruleBook, Volumes volumes, Swaps swaps, Map<String, Role> roles,
        List<Fact.PackInUse> packs, List<Guests> guests, Prices prices) {
    public Context {
        packs = List.copyOf(packs);
        guests = List.copyOf(guests);
        roles = Map.copyOf(roles);
    }

    /// A kitchen with the shipped table alone, of which no more is known than the facts.
    public Context(Facts facts, RuleBook ruleBook, Volumes volumes) {
        this(facts, ruleBook, volumes, Swaps.shipped(), Map.of(), List.of(), List.of(), Prices.NONE);
    }

    /// {@return the same with other facts in force}
    Context withFacts(Facts others) {
        return new Context(others, ruleBook, volumes, swaps, roles, packs, guests, prices);
    }

    public Context withGuests(List<Guests> others) {
        return new Context(facts, ruleBook, volumes, swaps, roles, packs, others, prices);
    }

    public Context withPacks(List<Fact.PackInUse> others) {
        return new Context(facts, ruleBook, volumes, swaps, roles, others, guests, prices);
    }

    /// {@return the same, where the cook says what some lines do}
    public Context withRoles(Map<String, Role> others) {
        return new Context(facts, ruleBook, volumes, swaps, others, packs, guests, prices);
    }

    public Context withSwaps(Swaps others) {
        return new Context(facts, ruleBook, volumes, others, roles, packs, guests, prices);
    }

    public Context withPrices(Prices others) {
        return new Context(facts, ruleBook, volumes, swaps, roles, packs, guests, others);
    }
}
