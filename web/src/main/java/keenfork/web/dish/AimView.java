package keenfork.web.dish;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Line;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.web.page.Format;

/// What a recipe on the bench is to be without, and how far it is: for a swap that the cook works out in place.
///
/// @param without what must be out, in words
/// @param answer  what the dish as written is to it
/// @param lines   the lines and steps that make it so, in words; empty where nothing of it was found
/// @param doing   what the press that keeps it says
record AimView(String without, Avoidance.Answer answer, String lines, String doing) {
    private static final int MOST = 4;

    /// @param variant the key of the variant that it is written over; 0 for a new one
    static AimView of(Avoidances avoid, Derivation dish, long variant, Format format) {
        var answer = answer(avoid, dish);
        return new AimView(Format.upper(avoid.inWords()), answer, lines(avoid, dish, answer, format),
                variant == 0 ? "Keep it as a variant" : "Write over the variant");
    }

    private static Avoidance.Answer answer(Avoidances avoid, Derivation dish) {
        return avoid.all().stream().map(a -> a.against(dish)).max(Avoidance.Answer::compareTo)
                .orElse(Avoidance.Answer.NOTHING);
    }

    private static String lines(Avoidances avoid, Derivation dish, Avoidance.Answer answer, Format format) {
        if (answer == Avoidance.Answer.NOTHING) return "";
        var held = dish.evidence().stream()
                .filter(e -> avoid.all().stream().map(a -> a.against(e)).max(Avoidance.Answer::compareTo)
                        .filter(answer::equals).isPresent())
                .map(Evidence::line);
        var named = dish.recipe().lines().stream()
                .filter(l -> avoid.all().stream().anyMatch(a -> a.named(dish, l) == answer)).map(Line::text);
        var lines = Stream.concat(held, named).distinct().map("“%s”"::formatted).toList();
        return lines.size() <= MOST ? format.list(lines)
                : "%s and %d more".formatted(String.join(", ", lines.subList(0, MOST - 1)), lines.size() - MOST + 1);
    }

    /// {@return the sign of how far it is}
    public String symbol() {
        return switch (answer) {
            case BREAKS -> "m-in";
            case OPEN -> "m-unknown";
            case NOTHING -> "m-none";
        };
    }

    /// {@return how far it is, in words}
    public String words() {
        return switch (answer) {
            case BREAKS -> lines.isEmpty() ? "still in it" : "still in " + lines;
            case OPEN -> lines.isEmpty() ? "not known yet" : "not known of " + lines;
            case NOTHING -> "nothing of that found in what is written";
        };
    }

    /// {@return whether it can be kept for these people}
    public boolean isReached() { return answer != Avoidance.Answer.BREAKS; }
}
