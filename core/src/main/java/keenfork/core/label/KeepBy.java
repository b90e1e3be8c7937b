package keenfork.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;

/// How long a dish keeps, chilled: as long as the part of it that keeps shortest; dry, where all of it is known to be
/// dry. A start for the kitchen, which knows its own fridge; what is not read may keep shorter.
///
/// @param days     days from the day it was made, 1 or more
/// @param because  what keeps no longer
/// @param cautions what has to be minded
/// @param source   where the figure comes from
/// @param mark     what its last day means
public record KeepBy(int days, String because, List<String> cautions, String source, DateMark mark) {
    private static final List<Rule> RULES = Table.read(KeepBy.class, "keeps.txt", 5).stream()
            .map(r -> new Rule(r.cell(0), r.read(1, Integer::parseInt), r.read(2, KeepingMatch::parse), r.cell(3),
                    r.cell(4)))
            .toList();

    private record Rule(String what, int days, KeepingMatch found, String caution, String source) {}

    /// How long something keeps, as shipped.
    ///
    /// @param days   days from the day it was made
    /// @param caution what has to be minded; may be empty
    public record Time(String what, int days, String caution, String source) {}

    /// how something that keeps so long is known
    private sealed interface KeepingMatch {
        /// a substance is in it, may be, or is not known to be out of it
        record Holds(List<String> substances) implements KeepingMatch {}

        /// a dressing made with any of these
        record Dressing(List<String> substances) implements KeepingMatch {}

        /// a line, a part or the dish is called so
        record Called(Pattern words) implements KeepingMatch {}

        /// one of the first and one of the second stand in one part
        record Together(Pattern one, Pattern other) implements KeepingMatch {}

        /// all of it is dry
        record Dry() implements KeepingMatch {}

        /// everything
        record Always() implements KeepingMatch {}

        static KeepingMatch parse(String text) {
            var colon = text.indexOf(':');
            var of = colon < 0 ? "" : text.substring(colon + 1).strip();
            return switch (colon < 0 ? text : text.substring(0, colon)) {
                case "holds" -> new Holds(List.of(of.split(", ")));
                case "dressing" -> new Dressing(List.of(of.split(", ")));
                case "called" -> new Called(words(of));
                case "together" -> new Together(words(of.split(" with ")[0]), words(of.split(" with ")[1]));
                case "dry" -> new Dry();
                case "always" -> new Always();
                default -> throw new IllegalArgumentException("nothing is found by \"%s\"".formatted(text));
            };
        }

        private static Pattern words(String list) {
            return Pattern.compile("(?iu)(?<!\\p{L})(?:"
                    + String.join("|", List.of(list.split(", ")).stream().map(Pattern::quote).toList())
                    + ")(?!\\p{L})");
        }

        default boolean isIn(Derivation dish) {
            return switch (this) {
                case Holds(var substances) -> holds(dish, substances);
                case Dressing(var substances) -> IntStream.range(0, dish.recipe().parts().size())
                        .filter(p -> dish.recipe().parts().get(p).kind() == PartKind.DRESSING)
                        .anyMatch(p -> holds(dish.ofPart(p), substances));
                case Called(var words) -> words.matcher(dish.recipe().name()).find() || dish.recipe().parts().stream()
                        .anyMatch(p -> words.matcher(p.name()).find() || lines(p, words));
                case Together(var one, var other) ->
                        dish.recipe().parts().stream().anyMatch(p -> lines(p, one) && lines(p, other));
                case Dry() -> DryFoods.only(dish);
                case Always() -> true;
            };
        }

        private static boolean lines(Part part, Pattern words) {
            return part.lines().stream().anyMatch(l -> words.matcher(l.text()).find());
        }

        private static boolean holds(Derivation dish, List<String> substances) {
            var all = Substances.shipped();
            return dish.evidence().stream().filter(e -> e.certainty() != Certainty.CONTACT)
                    .anyMatch(e -> substances.stream().anyMatch(s -> all.isUnder(e.substance(), all.get(s))));
        }
    }

    public KeepBy {
        if (days < 1) throw new IllegalArgumentException("what is made keeps for a day, not " + days);
        cautions = List.copyOf(cautions);
    }

    /// {@return the shipped times, which a kitchen may set otherwise}
    public static List<Time> times() {
        return RULES.stream().map(r -> new Time(r.what, r.days, r.caution, r.source)).toList();
    }

    /// {@return how long a dish keeps, chilled}
    public static KeepBy of(Derivation dish) { return of(dish, Map.of()); }

    /// {@return how long a dish keeps, chilled, by the kitchen's own times. The cautions stay}
    /// @param own the kitchen's own days, by what keeps so long
    public static KeepBy of(Derivation dish, Map<String, Integer> own) {
        var found =
                RULES.stream().filter(r -> r.found.isIn(dish))
                        .map(r -> own.containsKey(r.what)
                                ? new Rule(r.what, own.get(r.what), r.found, r.caution, "the kitchen’s own time") : r)
                        .toList();
        // what is dry is not chilled: the times of what is chilled are none for it
        var dry = found.stream().filter(r -> r.found instanceof KeepingMatch.Dry).toList();
        var counted = dry.isEmpty() ? found : dry;
        var shortest = counted.stream().min((a, b) -> Integer.compare(a.days, b.days)).orElseThrow();
        var cautions = new ArrayList<String>();
        for (var rule : counted) if (!rule.caution.isEmpty()) cautions.add(rule.caution);
        return new KeepBy(shortest.days, shortest.what.toLowerCase(Locale.ROOT), cautions, shortest.source,
                dry.isEmpty() ? DateMark.USE_BY : DateMark.BEST_BEFORE);
    }
}
