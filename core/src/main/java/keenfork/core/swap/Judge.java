package keenfork.core.swap;

import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import keenfork.core.food.Food;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Guests;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Profile;

/// Derives lines on their own, as they would stand in the dish, packs and all, and tells what they do to people who
/// avoid something.
final class Judge {
    private final Recipe recipe;
    private final Context context;
    private final List<Avoidance> avoid;
    /// without what shared kit left: that is the run's to mend, not a swap's
    private final Facts facts;
    private final Profile had;
    /// the guests who cannot eat the dish as it is: nothing shuts them out anew
    private final BitSet out = new BitSet();
    private final Map<List<Food>, Verdict> byFoods = new HashMap<>();

    /// What lines do.
    ///
    /// @param answer    the worst they do to anything avoided
    /// @param because   why they break it, in words; empty where they do not
    /// @param certainty how surely
    /// @param brings    the places of the groups they bring in
    /// @param shutsOut  the places of the guests they shut out
    record Verdict(Avoidance.Answer answer, String because, Certainty certainty, BitSet brings, BitSet shutsOut) {}

    Judge(Recipe recipe, Context context, List<Avoidance> avoid, Derivation before) {
        this.recipe = recipe;
        this.context = context;
        this.avoid = avoid;
        this.facts = new Facts(context.facts().home(),
                context.facts().all().stream().filter(f -> !(f instanceof Fact.Contact)).toList());
        this.had = before.under(context.ruleBook());
        for (var i = 0; i < context.guests().size(); i++) out.set(i, context.guests().get(i).areShutOutOf(before));
    }

    /// {@return the guests who can eat the dish as it is, and not what becomes of it}
    List<Guests> newlyShutOutOf(Derivation after) {
        var guests = context.guests();
        return IntStream.range(0, guests.size()).filter(i -> !out.get(i) && guests.get(i).areShutOutOf(after))
                .mapToObj(guests::get).toList();
    }

    /// {@return what the lines of a swap do: that follows from their foods, however much goes in}
    Verdict ofFoods(List<Line> lines) {
        return byFoods.computeIfAbsent(lines.stream().flatMap(l -> l.food().stream()).toList(), _ -> of(lines));
    }

    Verdict of(List<Line> lines) {
        var alone = derived(lines);
        var worst = Avoidance.Answer.NOTHING;
        Certainty certainty = Certainty.CONTAINS;
        var strongest = alone.evidence().stream()
                .filter(e -> avoid.stream().anyMatch(a -> a.against(e) == Avoidance.Answer.BREAKS))
                .map(Evidence::certainty).min(Comparator.naturalOrder());
        if (strongest.isPresent()) certainty = strongest.get();
        for (var a : avoid) worst = worst(worst, a.against(alone));
        return new Verdict(worst, worst == Avoidance.Answer.BREAKS ? because(alone, lines) : "", certainty,
                bringsIn(alone), shutsOut(alone));
    }

    private static Avoidance.Answer worst(Avoidance.Answer one, Avoidance.Answer other) {
        return one.compareTo(other) >= 0 ? one : other;
    }

    /// The lines stand in a dish of its name, so that a pack linked to one of them speaks for it.
    private Derivation derived(List<Line> lines) {
        return Derivation.of(new Recipe(recipe.name(), recipe.serves(), recipe.makes(),
                List.of(new Part("Base", PartKind.BASE, lines)), List.of()), facts);
    }

    /// What the lines hold that the dish did not hold as surely before: a soya that was only not known is brought in,
    /// too.
    private BitSet bringsIn(Derivation alone) {
        var groups = new BitSet();
        for (var mark : alone.under(context.ruleBook()).marks())
            // a word of a pack that is not read brings in nothing as yet: it asks
            if (mark.certainty() != Certainty.NOT_KNOWN && had.mark(mark.group()).map(Mark::certainty)
                    .filter(before -> before.compareTo(mark.certainty()) <= 0)
                    .isEmpty())
                groups.set(context.ruleBook().groups().indexOf(mark.group()));
        return groups;
    }

    private BitSet shutsOut(Derivation alone) {
        var places = new BitSet();
        for (var i = 0; i < context.guests().size(); i++)
            if (!out.get(i) && context.guests().get(i).areShutOutOf(alone)) places.set(i);
        return places;
    }

    private String because(Derivation alone, List<Line> lines) {
        var reasons = new LinkedHashSet<String>();
        for (var a : avoid) {
            for (var e : alone.evidence()) if (a.against(e) == Avoidance.Answer.BREAKS) reasons.add(reason(e, a));
            if (lines.stream().anyMatch(l -> a.named(alone, l) == Avoidance.Answer.BREAKS))
                reasons.add("it holds %s, which is avoided".formatted(a.words()));
        }
        return String.join("; ", reasons);
    }

    /// {@return why a piece of evidence breaks an avoidance}
    static String reason(Evidence e, Avoidance a) {
        var how = switch (e.certainty()) {
            case CONTAINS -> e.assumed() ? "holds %s, assumed until the pack is read" : "holds %s";
            case MAY_CONTAIN -> "pack says may: %s";
            case CONTACT -> "contact with %s";
            case NOT_KNOWN -> "not known: %s";
        };
        var said = how.formatted(e.substance().name());
        return said.contains(a.words()) ? said : said + " (" + a.words() + ")";
    }
}
