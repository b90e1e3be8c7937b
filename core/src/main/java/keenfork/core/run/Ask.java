package keenfork.core.run;

import java.util.List;
import java.util.stream.Collectors;

/// What is not known of how a batch is made, and the kit it is taken to go over until somebody says.
///
/// @param kind what is not known
/// @param step the step that is not understood, in the recipe's own words; empty where no method is written
/// @param kit  the kit that is assumed
/// @param over what goes over that kit, as it would over any other
public record Ask(Unknown kind, String step, List<Kit> kit, Batch.Use over) {
    /// what is not known: how the dish is made at all, or what one of its steps does
    public enum Unknown { NO_METHOD, STEP_NOT_READ }

    public Ask {
        kit = List.copyOf(kit);
    }

    /// {@return the kinds of kit an answer may name: those that carry something on}
    public static List<Kit> answers() { return Kit.all().stream().filter(Kit::carries).toList(); }

    /// {@return the step with its kit named, so that the answer is kept with the text}
    /// @param kit the name of a kind of kit, or "no kit"
    public String answered(String kit) {
        var end = step.endsWith(".") ? step.length() - 1 : step.length();
        return "%s (%s)%s".formatted(step.substring(0, end), kit, step.substring(end));
    }

    /// {@return a method in one line that says that the kit is as it was assumed}
    public String method() { return "Make it with the %s.".formatted(names()); }

    /// {@return it in words, for the crew}
    public String inWords() {
        return switch (kind) {
            case NO_METHOD ->
                    "No method is written. It is taken to go over the %s. Write how it is made.".formatted(names());
            case STEP_NOT_READ ->
                    ("“%s” is not understood: which kit does it take? Until that is said, all that is in by then is "
                            + "taken to go over every shared kit of this run.")
                                    .formatted(step);
        };
    }

    private String names() { return kit.stream().map(Kit::name).collect(Collectors.joining(", ")); }
}
