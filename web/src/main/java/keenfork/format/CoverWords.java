package keenfork.format;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import keenfork.core.covers.Change;
import keenfork.core.covers.Cover;
import keenfork.core.swap.Plan;
import keenfork.core.trace.Evidence;

/// Who can eat what, in words.
public final class CoverWords {
    private CoverWords() {}

    /// {@return the key of a way a group gets a dish}
    public static String how(Cover.How how) { return how.name().toLowerCase(Locale.ROOT).replace('_', '-'); }

    /// {@return what makes it so, each once}
    public static List<String> because(Cover cover) {
        return cover.why().stream().map(CoverWords::words).distinct().toList();
    }

    private static String words(Cover.Why why) {
        return switch (why) {
            case Cover.Why.Holds(var avoidance, var evidence) ->
                    evidence.line() + ": " + certainly(evidence) + avoided(evidence, avoidance.words());
            case Cover.Why.IsCalled(var avoidance, var line) -> line + ": it holds " + avoidance.words();
            case Cover.Why.MayHold(var avoidance, var line) -> line + ": it may hold " + avoidance.words();
            case Cover.Why.NotUnderstood(var said) -> "not understood: " + String.join(", ", said);
            case Cover.Why.Without(var parts) -> "without " + String.join(" and ", parts);
            case Cover.Why.Before(var step, var lines) ->
                    "taken off before step %d, without %s".formatted(step, String.join(", ", lines));
            case Cover.Why.Variant(var name) -> "as " + name;
        };
    }

    private static String certainly(Evidence evidence) {
        var name = evidence.substance().name();
        return switch (evidence.certainty()) {
            case CONTAINS -> evidence.assumed() ? "holds %s, assumed until the pack is read".formatted(name)
                    : "holds " + name;
            case MAY_CONTAIN -> "its pack says may: " + name;
            case CONTACT -> "contact with " + name;
            case NOT_KNOWN -> "not known: " + name;
        };
    }

    private static String avoided(Evidence evidence, String words) {
        return evidence.substance().name().equals(words) ? "" : " (" + words + ")";
    }

    /// {@return the key of what is done}
    public static String move(Change change) {
        return switch (change) {
            case Change.HoldBack _ -> "hold-back";
            case Change.SplitOff _ -> "split";
            case Change.SwapForAll _ -> "swap";
            case Change.MakeVariant _ -> "variant";
        };
    }

    /// {@return what is done, in words}
    public static String words(Change change) {
        return switch (change) {
            case Change.HoldBack(_, var parts) -> "Hold back " + String.join(" and ", parts);
            case Change.SplitOff(_, var step) -> "Take portions off before step %d".formatted(step);
            case Change.SwapForAll(_, var plan) -> "For everyone: " + moves(plan);
            case Change.MakeVariant(_, var plan, _) -> "A variant beside it: " + moves(plan);
        };
    }

    private static String moves(Plan plan) {
        return plan.moves().stream().map(m -> m.line().text() + " → "
                + (m.goesIn().isEmpty() ? "left out"
                        : m.goesIn().stream().map(l -> l.text()).collect(Collectors.joining(", "))))
                .collect(Collectors.joining("; "));
    }
}
