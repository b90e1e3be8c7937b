package keenfork.web.swap;

import java.util.List;
import keenfork.core.diet.Diet;
import keenfork.core.people.Guests;
import keenfork.core.regime.RuleBook;
import keenfork.web.page.Format;

/// What plans are shown under.
///
/// @param ruleBook the rule book in force
/// @param diets    the diets that are judged before and after
/// @param guests   the people to be fed
/// @param unclear  those of them of whose words some are not understood
record SwapContext(RuleBook ruleBook, List<Diet> diets, List<Guests> guests, List<String> unclear, Format format) {
    SwapContext {
        diets = List.copyOf(diets);
        guests = List.copyOf(guests);
        unclear = List.copyOf(unclear);
    }
}
