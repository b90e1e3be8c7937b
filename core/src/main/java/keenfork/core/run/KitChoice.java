package keenfork.core.run;

import java.util.List;
import java.util.stream.Collectors;

/// What a batch makes of steps that allow either of two kits.
///
/// @param taken which it takes; none where nobody has chosen: then it may go over both
/// @param ways  the batch by each way of choosing; none where its steps leave no choice
public record KitChoice(List<Taken> taken, List<Batch> ways) {
    public static final KitChoice NONE = new KitChoice(List.of(), List.of());

    /// One step's choice.
    ///
    /// @param step in the recipe's own words
    /// @param kit  what is taken
    /// @param left what could have been
    public record Taken(String step, List<Kit> kit, List<Kit> left) {
        public Taken {
            kit = List.copyOf(kit);
            left = List.copyOf(left);
        }

        String inWords() {
            return "“%s” %s, not the %s.".formatted(step,
                    kit.isEmpty() ? "with what is there" : "takes the " + names(kit),
                    left.isEmpty() ? "other" : names(left));
        }

        private static String names(List<Kit> kit) {
            return kit.stream().map(Kit::name).collect(Collectors.joining(" and the "));
        }
    }

    public KitChoice {
        taken = List.copyOf(taken);
        ways = List.copyOf(ways);
    }

    /// {@return a key of what is taken; empty where nobody has chosen}
    public String id() {
        return taken.stream().map(t -> t.kit.stream().map(Kit::id).collect(Collectors.joining("+")))
                .collect(Collectors.joining(";"));
    }
}
