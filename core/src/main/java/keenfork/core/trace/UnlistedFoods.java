package keenfork.core.trace;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.recipe.MadeOf;
import keenfork.core.recipe.Mention;
import keenfork.core.recipe.Recipe;
import org.jspecify.annotations.Nullable;

/// Foods that a step names and no line holds: a knob of butter forgotten in the list is still in the dish, and so is a
/// spoon of mayonnaise. So is what nobody knows.
final class UnlistedFoods {
    private static final Substances TREE = Substances.shipped();
    private static final String SAID =
            "The name says %1$s, and no line does. Is it in the dish? If not, write a line “No %1$s”.";
    private static final String MADE_ON =
            "By its name it is made with %1$s, and no line says so. Is it? If not, write a line “No %1$s”.";
    private final Recipe recipe;
    private final Place place;
    private final List<Evidence> evidence = new ArrayList<>();
    private final List<Question> questions = new ArrayList<>();
    /// what one step has asked for, another does not
    private final Set<Food> asked = new HashSet<>();

    /// Where the dish stands.
    ///
    /// @param above  what it goes into, or null where it is looked at by itself
    /// @param origin the line that it comes with, or null where it is looked at by itself
    /// @param off    whether it comes off at the table
    record Place(@Nullable Trail above, @Nullable Origin origin, boolean off) {}

    /// What was found.
    record Found(List<Evidence> evidence, List<Question> questions) {}

    private UnlistedFoods(Recipe recipe, Place place) {
        this.recipe = recipe;
        this.place = place;
    }

    /// {@return what the steps of a dish name beside what its lines hold}
    /// @param lines what its lines hold
    static Found of(Recipe recipe, List<Evidence> lines, Place place) {
        var made = MadeOf.in(recipe);
        var ofNothing = Mention.ofNothing(recipe);
        if (recipe.mentions().isEmpty() && made.isEmpty() && ofNothing.isEmpty())
            return new Found(List.of(), List.of());
        var unlisted = new UnlistedFoods(recipe, place);
        var held = new BitSet();
        // what may be there is no reason to leave out what a step says is
        for (var e : lines) if (e.certainty() == Certainty.CONTAINS) held.set(e.substance().at());
        for (var mention : recipe.mentions()) if (!mention.isOfName()) unlisted.mention(mention, held);
        for (var mention : ofNothing) unlisted.mention(mention, held);
        for (var mention : made) unlisted.made(mention, held);
        // of a dish of which nothing is written anything is asked already
        if (!recipe.parts().isEmpty())
            for (var mention : recipe.mentions()) if (mention.isOfName()) unlisted.named(mention, held);
        return new Found(unlisted.evidence, unlisted.questions);
    }

    private void mention(Mention mention, BitSet held) {
        if ((mention.product() != null || mention.isNotKnown() || isOfOnions(mention)) && mention.isListed(recipe))
            return;
        if (mention.isNotKnown()) {
            if (!mention.isShortFor(recipe.lines()))
                add(mention, whatIs(List.of(mention.words())), mention.substances());
            return;
        }
        var missing = mention.substances().stream().filter(s -> isMissing(s, held)).toList();
        // "blitz the nuts" means the pine nuts of the list, whatever else the word may mean
        if (missing.size() < mention.substances().size() && mention.isOfBranches()) return;
        if (missing.isEmpty() && isCovered(mention, held)) return;
        // looked at last, for it takes the longest: names of every food of every line
        if (mention.isShortFor(recipe.lines())) return;
        if (mention.product() != null && !asked.add(mention.product())) return;
        var named = mention.product() == null
                ? Stream.concat(missing.stream(), mention.sometimes()).distinct().toList() : mention.mayHold();
        add(mention, "This step names %s, and no line does. Is it in the dish?".formatted(mention.words()), named);
        // what a product only may hold is no answer to what the next step names
        for (var s : mention.product() == null ? missing : mention.product().holds()) held.set(s.at());
    }

    /// What the step makes of what it does not name.
    private void made(Mention mention, BitSet held) {
        var missing = mention.substances().stream().filter(s -> isMissing(s, held)).toList();
        if (missing.isEmpty()) return;
        add(mention, "This step says “%s”, and no line names what that is mostly made of (%s). What goes in?".formatted(
                mention.words(), missing.stream().map(Substance::name).collect(Collectors.joining(", "))), missing);
        for (var s : missing) held.set(s.at());
    }

    /// What the dish is called after and no line holds.
    private void named(Mention mention, BitSet held) {
        var missing = mention.substances().stream().filter(s -> isMissing(s, held)).toList();
        // the salmon of a line is what "Gravlax" is made of
        if (missing.isEmpty() || missing.size() < mention.substances().size() || mention.isShortFor(recipe.lines()))
            return;
        questions.add(new Question(recipe.name(), recipe.name(),
                (mention.isOfBase() ? MADE_ON : SAID).formatted(mention.words()),
                Question.Settles.RECIPE));
        var path = new Trail(place.above, Link.of(Link.Place.DISH, recipe.name()));
        add(missing, place.origin == null ? new Origin.OfDish() : place.origin, path);
        for (var s : missing) held.set(s.at());
    }

    private boolean isCovered(Mention mention, BitSet held) {
        return mention.product() == null || !mention.product().holds().isEmpty()
                && (mention.isCovered(recipe.lines()) || mention.mayHold().stream().noneMatch(s -> isMissing(s, held)));
    }

    private static boolean isMissing(Substance named, BitSet held) {
        return held.stream().noneMatch(h -> Mention.canMean(named, TREE.at(h)));
    }

    /// "the shallots" of a list with crispy shallots: no law names them, and nobody takes them for others
    private static boolean isOfOnions(Mention mention) {
        var onions = TREE.get("allium");
        return !mention.substances().isEmpty() && mention.substances().stream().allMatch(s -> TREE.isUnder(s, onions));
    }

    private void add(Mention mention, String ask, List<Substance> substances) {
        var step = recipe.steps().get(mention.step());
        questions.add(new Question(recipe.name(), step, ask, Question.Settles.RECIPE));
        var path = new Trail(place.above, Link.of(Link.Place.DISH, recipe.name()))
                .to(Link.of(Link.Place.STEP, "Step " + (mention.step() + 1))).to(Link.of(Link.Place.LINE, step));
        var origin = place.origin == null ? new Origin.OfStep(mention.step()) : place.origin;
        add(substances, origin, path);
    }

    private void add(List<Substance> substances, Origin origin, Trail path) {
        for (var s : substances)
            evidence.add(new Evidence(s, Certainty.NOT_KNOWN, false, origin, path, place.off, null, null));
    }

    /// {@return the question about words that nobody knows, with what they may have meant}
    static String whatIs(List<String> words) {
        var near = words.stream().flatMap(w -> Foods.shipped().near(w).stream()).distinct().limit(3).toList();
        var ask = "What is “%s”?".formatted(String.join(" ", words));
        return near.isEmpty() ? ask : ask + " Did you mean %s?".formatted(String.join(" or ", near));
    }
}
