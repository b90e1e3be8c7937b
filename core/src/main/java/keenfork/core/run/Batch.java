package keenfork.core.run;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Substance;
import keenfork.core.food.Table;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Link;

/// One making of one part on the blender.
///
/// @param dish     the dish
/// @param part     the part that is blended
/// @param thick    true for a dip or pesto, false for what pours
/// @param portions people it feeds, 1 or more
/// @param minutes  to fill, blend and empty
/// @param holds    what it holds that some rule book groups, with mg of protein in each gram at most; negative where that is not known
/// @param unsure   what a pack says may be in it, or what is not known: it travels like what is certain, and never counts as being there already
public record Batch(String dish, String part, boolean thick, int portions, int minutes, Map<Substance, Double> holds, Set<Substance> unsure) {
    private static final Pattern BLENDED = Pattern.compile("(?i)\\b(?:blend|blended|blitz|whizz|puree|purée|process|pulse)\\b");
    private static final Pattern THICK = Pattern.compile("(?i)\\b(?:dip|pesto|hummus|pur[eé]e|sauce|spread|cream|paste)\\b");
    private static final int USUAL_PORTIONS = 4;

    public Batch {
        holds = Collections.unmodifiableMap(new LinkedHashMap<>(holds));
        unsure = Collections.unmodifiableSet(new LinkedHashSet<>(unsure));
    }

    public String name() { return dish + ": " + part.toLowerCase(); }

    /// {@return the batch of a dish that goes through the blender, or empty where no step blends anything}
    public static Optional<Batch> blended(Derivation derivation) {
        var recipe = derivation.recipe();
        if (recipe.steps().stream().noneMatch(s -> BLENDED.matcher(s).find())) return Optional.empty();
        return part(recipe).map(part -> of(derivation, part));
    }

    /// The part a blending step is about: the one it names, else the dressing, else the base.
    private static Optional<Part> part(Recipe recipe) {
        var step = recipe.steps().stream().filter(s -> BLENDED.matcher(s).find()).findFirst().orElse("").toLowerCase();
        var named = recipe.parts().stream().filter(p -> step.contains(p.name().toLowerCase())).findFirst();
        if (named.isPresent()) return named;
        var dip = THICK.matcher(recipe.name()).find();
        return recipe.parts().stream().filter(p -> p.kind() == (dip ? PartKind.BASE : PartKind.DRESSING)).findFirst()
                .or(() -> recipe.parts().stream().findFirst());
    }

    private static Batch of(Derivation derivation, Part part) {
        var thick = part.kind() == PartKind.BASE || THICK.matcher(part.name()).find();
        var mass = Math.max(1, part.mass().likelyGrams());
        var holds = new LinkedHashMap<Substance, Double>();
        var unsure = new LinkedHashSet<Substance>();
        for (var e : derivation.evidence())
            if (isIn(e, part)) switch (e.certainty()) {
                case CONTAINS -> grouped(e).forEach(s -> holds.merge(s, protein(e, part, mass), (a, b) -> a < 0 || b < 0 ? -1 : a + b));
                case MAY_CONTAIN, NOT_KNOWN -> unsure.addAll(grouped(e));
                // what earlier batches left is counted by looking back to the last wash
                case CONTACT -> { }
            }
        unsure.removeAll(holds.keySet());
        return new Batch(derivation.recipe().name(), part.name(), thick, Math.max(1, derivation.recipe().serves() == 0 ? USUAL_PORTIONS : derivation.recipe().serves()),
                (int) figure("blend", thick), holds, unsure);
    }

    private static boolean isIn(Evidence evidence, Part part) {
        return evidence.path().size() > 1 && evidence.path().get(1).kind() == Link.Kind.PART && evidence.path().get(1).text().equals(part.name());
    }

    /// {@return the members that any rule book lists the evidence under}
    private static Set<Substance> grouped(Evidence evidence) {
        var members = new LinkedHashSet<Substance>();
        for (var book : RuleBook.all())
            for (var group : book.groups()) if (evidence.couldBeIn(group)) book.member(group, evidence.substance()).ifPresent(members::add);
        return members;
    }

    private static double protein(Evidence evidence, Part part, double partGrams) {
        var text = evidence.path().size() > 2 ? evidence.path().get(2).text() : "";
        for (var line : part.lines()) {
            var protein = line.food().map(f -> f.protein()).orElse(null);
            if (line.text().equals(text) && line.mass() != null && protein != null)
                return line.mass().highGrams() / partGrams * protein.high().doubleValue() * 10;
        }
        return -1;
    }

    /// {@return the most that stays behind in the blender, g}
    double residueAtMost() { return figure("residue", thick); }

    private static double figure(String kind, boolean thick) {
        return Table.read(Batch.class, "kit.txt", 6).stream().filter(r -> r.cell(0).equals(kind) && r.cell(1).equals(thick ? "thick" : "pourable"))
                .findFirst().orElseThrow().read(3, Double::parseDouble);
    }
}
