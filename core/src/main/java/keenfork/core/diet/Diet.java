package keenfork.core.diet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.food.Family;
import keenfork.core.food.Food;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;

/// A diet as the substances it must not hold.
///
/// @param id        its key on the command line, such as `gluten-free`
/// @param name      its word on screens
/// @param forbidden what must not be there
/// @param cautious  true where it stands for an allergy or a disease: a precaution or a contact then leaves the verdict
///                  open
/// @param certified true where what is recorded can only rule a dish out: it never suits without a certificate
/// @param ask       what to ask where it cannot be said
/// @param foods     foods that must not be named, for a kitchen's own list; else empty
/// @param source    where the rule comes from
public record Diet(String id, String name, List<Substance> forbidden, boolean cautious, boolean certified, String ask,
        List<String> foods, String source) {
    private static final List<Diet> SHIPPED = Table.read(Diet.class, "diets.txt", 7).stream()
            .map(r -> new Diet(r.cell(0), r.cell(1), r.read(2, _ -> forbidden(r)), r.cell(3).equals("yes"),
                    r.cell(4).equals("yes"), r.cell(5), List.of(), r.cell(6)))
            .toList();
    private static final List<Diet> ALL = SHIPPED.stream().filter(d -> !d.certified).toList();

    private static List<Substance> forbidden(Table.Row row) {
        return row.cell(2).equals("animal") ? Substances.shipped().ofAnimals()
                : Substances.shipped().getAll(row.list(2));
    }

    public Diet {
        forbidden = List.copyOf(forbidden);
        foods = List.copyOf(foods);
    }

    /// Reads a kitchen's own lists, one a line: `No vinegar: vinegar, verjuice`.
    /// @throws IllegalArgumentException with what is wrong with which line
    public static List<Diet> own(String lists) {
        return lists.lines().filter(l -> !l.isBlank()).map(line -> {
            var colon = line.indexOf(':');
            var foods = Arrays.stream(line.substring(colon + 1).split(",")).map(Words::key).filter(w -> !w.isEmpty())
                    .toList();
            if (colon < 1 || line.substring(0, colon).isBlank() || foods.isEmpty())
                throw new IllegalArgumentException(
                        ("“%s” is no list. Write its name, a colon and the foods, such as “No vinegar: vinegar, "
                                + "verjuice”.")
                                        .formatted(line.strip()));
            var name = line.substring(0, colon).strip();
            return new Diet("own-" + Words.key(name).replace(' ', '-'), name, List.of(), false, false,
                    "Does it hold %s?".formatted(String.join(" or ", foods)), foods, "the kitchen's own list");
        }).toList();
    }

    /// {@return every diet that what is recorded can answer, in table order}
    public static List<Diet> all() { return ALL; }

    /// {@return religious diets: what is recorded can rule a dish out, and only a certificate can let it in}
    public static List<Diet> byCertificate() { return SHIPPED.stream().filter(Diet::certified).toList(); }

    public static Optional<Diet> named(String id) {
        return SHIPPED.stream().filter(d -> d.id.equalsIgnoreCase(id.strip())).findFirst();
    }

    /// Judges a dish by its evidence. What is not known, or only may be there, is never a *suits* where it could
    /// matter.
    public Verdict judge(Derivation derivation) {
        if (!foods.isEmpty()) return judgeByName(derivation);
        var home = derivation.facts().home();
        var touching = derivation.evidence().stream()
                .filter(e -> touches(e) && !(cautious && isHiddenFromTheMap(e, home))).toList();
        var in = touching.stream().filter(e -> e.certainty() == Certainty.CONTAINS && isForbidden(e)).toList();
        if (!in.isEmpty()) return new Verdict(this, Verdict.Answer.DOES_NOT_SUIT, because(in), List.of());
        // "meat" may be pork: what stands above the forbidden one leaves the verdict open
        var open = touching.stream()
                .filter(e -> cautious || e.certainty() == Certainty.NOT_KNOWN || e.certainty() == Certainty.CONTAINS)
                .toList();
        if (!open.isEmpty()) return new Verdict(this, Verdict.Answer.CANNOT_SAY, because(open), asks(open, derivation));
        return certified
                ? new Verdict(this, Verdict.Answer.CANNOT_SAY,
                        List.of(new Verdict.Reason("", "Nothing found against it in what is recorded")), List.of(ask))
                : new Verdict(this, Verdict.Answer.SUITS, List.of(), List.of());
    }

    /// A list of foods is judged by the names that lines and packs give; a product whose pack is not read may hold any
    /// of them.
    private Verdict judgeByName(Derivation derivation) {
        var in = new ArrayList<Verdict.Reason>();
        var open = new ArrayList<Verdict.Reason>();
        for (var line : derivation.recipe().lines()) {
            var pack = derivation.pack(line);
            var held = foods.stream().map(f -> derivation.holds(line, f)).max(Comparator.naturalOrder()).orElseThrow();
            if (held == Family.Held.YES) in.add(new Verdict.Reason(line.text(), line.text()));
            else if (held == Family.Held.MAY || line.isUnread() || !line.dish().isEmpty()
                    || pack == null && line.food().map(Food::isCompound).orElse(false))
                open.add(new Verdict.Reason(line.text(), line.text()));
        }
        if (!in.isEmpty()) return new Verdict(this, Verdict.Answer.DOES_NOT_SUIT, in, List.of());
        return open.isEmpty() ? new Verdict(this, Verdict.Answer.SUITS, List.of(), List.of())
                : new Verdict(this, Verdict.Answer.CANNOT_SAY, open,
                        open.stream().map(r -> "%s: %s".formatted(r.line(), ask)).toList());
    }

    /// A diet that stands for an allergy follows the map: what a maker's law would have made it name leaves nothing
    /// open there, and nothing here.
    private static boolean isHiddenFromTheMap(Evidence evidence, RuleBook home) {
        if (evidence.certainty() != Certainty.NOT_KNOWN || !evidence.isBoundByLaw()) return false;
        return home.placesOf(evidence.substance()).stream().noneMatch(p -> evidence.couldBeIn(p.group()));
    }

    private boolean isForbidden(Evidence evidence) {
        return forbidden.stream().anyMatch(f -> Substances.shipped().isUnder(evidence.substance(), f));
    }

    /// The questions open at the lines that leave the verdict open; where there is none, what to ask about each of
    /// them.
    private List<String> asks(List<Evidence> open, Derivation derivation) {
        return open.stream().map(Evidence::line).distinct().flatMap(line -> {
            var asked = derivation.questions().stream().filter(q -> q.line().equals(line))
                    .map(q -> "%s: %s".formatted(line, q.ask())).toList();
            return asked.isEmpty() ? Stream.of("%s: %s".formatted(line, ask)) : asked.stream();
        }).distinct().toList();
    }

    /// {@return whether a piece of evidence counts against this diet, or might}
    public boolean touches(Evidence evidence) {
        var tree = Substances.shipped();
        var of = evidence.substance();
        var might = false;
        for (var f : forbidden) {
            if (tree.isUnder(of, f)) return evidence.couldBe(List.of(of));
            might |= tree.isUnder(f, of) && evidence.couldBe(List.of(f));
        }
        return might;
    }

    private static List<Verdict.Reason> because(List<Evidence> evidence) {
        return evidence.stream().map(e -> new Verdict.Reason(e.line(), e.because())).distinct().toList();
    }
}
