package keenfork.core.diet;

import java.util.List;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;

/// A diet as the substances it must not hold.
///
/// @param id        its key on the command line, such as `gluten-free`
/// @param name      its word on screens
/// @param forbidden what must not be there
/// @param cautious  true where it stands for an allergy or a disease: a precaution or a contact then leaves the verdict open
/// @param source    where the rule comes from
public record Diet(String id, String name, List<Substance> forbidden, boolean cautious, String source) {
    private static final List<Diet> ALL = Table.read(Diet.class, "diets.txt", 5).stream()
            .map(r -> new Diet(r.cell(0), r.cell(1), r.read(2, _ -> Substances.shipped().getAll(r.list(2))), r.cell(3).equals("yes"), r.cell(4))).toList();

    public Diet {
        forbidden = List.copyOf(forbidden);
    }

    /// {@return every diet, in table order}
    public static List<Diet> all() { return ALL; }

    public static Optional<Diet> named(String id) {
        return ALL.stream().filter(d -> d.id.equalsIgnoreCase(id.strip())).findFirst();
    }

    /// Judges a dish by its evidence. What is not known, or only may be there, is never a *suits* where it could matter.
    public Verdict judge(Derivation derivation) {
        var touching = derivation.evidence().stream().filter(this::touches).toList();
        var in = touching.stream().filter(e -> e.certainty() == Certainty.CONTAINS).toList();
        if (!in.isEmpty()) return new Verdict(this, Verdict.Answer.DOES_NOT_SUIT, because(in));
        var open = touching.stream().filter(e -> cautious || e.certainty() == Certainty.NOT_KNOWN).toList();
        return open.isEmpty() ? new Verdict(this, Verdict.Answer.SUITS, List.of()) : new Verdict(this, Verdict.Answer.CANNOT_SAY, because(open));
    }

    /// {@return whether a piece of evidence counts against this diet, or might}
    public boolean touches(Evidence evidence) {
        var tree = Substances.shipped();
        if (forbidden.stream().anyMatch(f -> tree.isUnder(evidence.substance(), f))) return evidence.couldBe(List.of(evidence.substance()));
        return evidence.couldBe(forbidden.stream().filter(f -> tree.isUnder(f, evidence.substance())).toList())
                && forbidden.stream().anyMatch(f -> tree.isUnder(f, evidence.substance()));
    }

    private static List<String> because(List<Evidence> evidence) {
        return evidence.stream().map(Evidence::because).distinct().toList();
    }
}
