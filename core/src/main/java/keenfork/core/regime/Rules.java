package keenfork.core.regime;

import java.math.BigDecimal;
import java.util.List;

/// What a rule book asks of a label, besides the groups it has named. Each value stands in the book's file with its
/// source.
///
/// @param leastXHeight    mm that a small letter of the smallest print must be high
/// @param asksShares      whether what the dish's name speaks of stands with its share in the list
/// @param waterFrom       percent of the whole from which added water is listed; 0 for always
/// @param repeatsContains whether "contains" stands behind a list that emphasises already
/// @param membersAlone    whether each kind is named alone, without the word of its group: almond, not nuts (almond)
/// @param namesClasses    whether an additive stands behind its class: raising agent: sodium bicarbonate
/// @param glutenFree      gluten in what may be called gluten-free
/// @param packerSaid      whether food packed where it is sold says how much is in it and who made it, with the address
/// @param languages       the languages that a packed label is in, by their keys; empty where one is enough
public record Rules(BigDecimal leastXHeight, boolean asksShares, int waterFrom, boolean repeatsContains,
        boolean membersAlone, boolean namesClasses, Limit glutenFree, boolean packerSaid, List<String> languages) {
    public Rules {
        languages = List.copyOf(languages);
    }

    /// A limit in the finished food.
    ///
    /// @param milligrams in 1 kg
    /// @param inclusive  whether the limit itself is still allowed
    public record Limit(BigDecimal milligrams, boolean inclusive) {
        /// {@return whether a finding keeps to it}
        /// @param found mg in 1 kg
        public boolean allows(BigDecimal found) {
            return inclusive ? found.compareTo(milligrams) <= 0 : found.compareTo(milligrams) < 0;
        }

        /// {@return in words: `at most 20 mg/kg`}
        public String words() {
            return (inclusive ? "at most %s mg/kg" : "under %s mg/kg").formatted(milligrams.toPlainString());
        }

        static Limit parse(String cell) {
            if (cell.startsWith(AT_MOST)) return new Limit(new BigDecimal(cell.substring(AT_MOST.length())), true);
            if (cell.startsWith(UNDER)) return new Limit(new BigDecimal(cell.substring(UNDER.length())), false);
            throw new IllegalArgumentException("a limit is \"at-most 20\" or \"under 20\", not \"%s\"".formatted(cell));
        }
    }

    private static final String AT_MOST = "at-most ";
    private static final String UNDER = "under ";
}
