package keenfork.core.trace;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.measure.Mass;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Finding;
import keenfork.core.pack.VagueTerm;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// One pass over a dish. Nothing found here ever weakens anything found before.
final class Deriver {
    private static final int DEEPEST = 8;
    /// dishes opened within one dish; a kitchen's own stay far below
    private static final int MOST_USED = 50;
    private static final String SULPHITES = "sulphites";
    private static final Substances TREE = Substances.shipped();
    private static final long MILLIGRAMS_IN_KILOGRAM = 1_000_000;
    private final Asking facts;
    /// the dishes that the line being read stands in, outermost first
    private final Set<Recipe> open = Collections.newSetFromMap(new IdentityHashMap<>());
    private int used;
    /// where in the dish what is found now comes from
    private Origin origin = new Origin.OfDish();
    private final List<Evidence> evidence = new ArrayList<>();
    private DishWeight goesIn = new DishWeight(Mass.NONE, true);
    private final Set<Question> questions = new LinkedHashSet<>();

    Deriver(Facts facts) {
        this.facts = new Asking(facts);
    }

    List<Asked> asked() { return facts.asked(); }

    List<Evidence> evidence() { return evidence; }

    DishWeight goesIn() { return goesIn; }

    List<Question> questions() { return List.copyOf(questions); }

    void dish(Recipe recipe) {
        facts.dish(recipe.name()).ifPresent(open::add);
        dish(recipe, null, false, 0);
    }

    private void dish(Recipe recipe, @Nullable Trail above, boolean comesOff, int depth) {
        var from = evidence.size();
        var masses = new Mass[recipe.parts().size()];
        var all = Mass.NONE;
        for (var i = 0; i < masses.length; i++) {
            masses[i] = recipe.parts().get(i).mass();
            all = all.plus(masses[i]);
        }
        if (depth == 0) goesIn = new DishWeight(all, allWeighed(recipe));
        var path = new Trail(above, new Link(Link.Place.DISH, recipe.name(), all, "what goes in"));
        var lines = 0;
        for (var i = 0; i < masses.length; i++) {
            var part = recipe.parts().get(i);
            var off = comesOff || part.kind().comesOff();
            var partPath = path.to(new Link(Link.Place.PART, part.name(), masses[i], "lines of the part"));
            for (var line : part.lines()) {
                if (depth == 0) origin = new Origin.OfLine(i, lines++);
                new Reading(recipe.name(), partPath, line, off).line(depth);
            }
            // what reached a dish that goes in comes with its line
            if (depth == 0) origin = new Origin.OfKit(i);
            contacts(recipe, part, partPath, off);
        }
        if (recipe.parts().isEmpty())
            unknown(path, new Question(recipe.name(), recipe.name(),
                    "No ingredient line is written yet. What goes in?", Question.Settles.RECIPE), comesOff);
        // what a step of a dish that goes in names comes with its line, too
        var unlisted = UnlistedFoods.of(recipe, List.copyOf(evidence.subList(from, evidence.size())),
                new UnlistedFoods.Place(above, depth == 0 ? null : origin, comesOff));
        evidence.addAll(unlisted.evidence());
        questions.addAll(unlisted.questions());
    }

    private static boolean allWeighed(Recipe recipe) {
        for (var part : recipe.parts()) for (var line : part.lines()) if (line.mass() == null) return false;
        return true;
    }

    private void contacts(Recipe recipe, Part part, Trail path, boolean off) {
        for (var contact : facts.contacts(recipe.name(), part.name()))
            for (var s : contact.substances())
                evidence.add(new Evidence(s, Certainty.CONTACT, false, origin,
                        path.to(Link.of(Link.Place.KIT, contact.how())), off, null, null));
    }

    private void unknown(Trail path, Question question, boolean off) {
        questions.add(question);
        evidence.add(new Evidence(TREE.anything(), Certainty.NOT_KNOWN, false, origin, path, off, null, null));
    }

    /// One line of one part being read into evidence.
    private final class Reading {
        private final String dish;
        private final Line line;
        private final Trail path;
        private final boolean off;
        private final List<Evidence> found = new ArrayList<>(4);
        /// what is in the cheese of a pasty stands on the pasty's pack, which is asked for already
        private boolean isAsked;

        Reading(String dish, Trail partPath, Line line, boolean off) {
            this.dish = dish;
            this.line = line;
            this.off = off;
            this.path = partPath.to(new Link(Link.Place.LINE, line.text(), line.mass(), "as written"));
        }

        void line(int depth) {
            if (!line.dish().isEmpty()) other(depth);
            var pack = pack();
            var isRead = line.pack() != null ? line.pack().isList()
                    : pack != null && pack.inDate() && pack.declaration().isList();
            // a pack linked to the line by the kitchen says what its words did not
            if (line.isUnread() && !(isRead && facts.isLinked(dish, line))) unread();
            if (!isRead) doubts();
            if (line.choices().size() == 1) {
                choice(line.choices().getFirst(), isRead);
                evidence.addAll(found);
            } else if (!line.choices().isEmpty()) {
                either(isRead);
            }
            found.clear();
            if (line.pack() != null)
                declared(line.pack(),
                        new Link(Link.Place.PACK, "pack of " + line.food().map(Food::name).orElse(line.text()),
                                line.mass(),
                                "written under the line"));
            if (pack != null) inUse(pack);
            evidence.addAll(found);
        }

        private void inUse(Fact.PackInUse pack) {
            if (!pack.inDate())
                questions.add(
                        new Question(dish, line.text(),
                                "The pack “%s” was read long ago (%s). Does it still say the same?"
                                        .formatted(pack.label(), pack.read()),
                                Question.Settles.PACK));
            declared(pack.declaration(), new Link(Link.Place.PACK, pack.label(), line.mass(), pack.read()));
        }

        private Fact.@Nullable PackInUse pack() {
            return line.pack() != null ? null : facts.pack(dish, line).orElse(null);
        }

        private void choice(Line.Choice choice, boolean isRead) {
            meaning(choice.main(), isRead);
            var isPlain = choice.main() instanceof Meaning.OfFood(var food) && !food.isCompound();
            for (var other : choice.others()) {
                var isSuggested = !isPlain && choice.inName().contains(other);
                // a pack that is read replaces all that the product's name only suggested
                if (isSuggested && isRead && (!choice.joined().contains(other) || isOnPack(other))) continue;
                isAsked = isSuggested && !isRead;
                meaning(other, false);
                isAsked = false;
            }
        }

        private void ask(String question, Question.Settles settles) {
            if (!isAsked) questions.add(new Question(dish, line.text(), question, settles));
        }

        /// {@return whether the pack names all that something surely holds}
        private boolean isOnPack(Meaning meaning) {
            return meaning.holds().stream()
                    .allMatch(h -> named().anyMatch(s -> TREE.isUnder(s, h) || TREE.isUnder(h, s)));
        }

        /// {@return what the pack in use names as being in it}
        private Stream<Substance> named() {
            var inUse = pack();
            var read = inUse == null ? line.pack() : inUse.declaration();
            return read == null ? Stream.of()
                    : read.findings().stream().filter(f -> f.says() == Finding.Says.IN).map(Finding::substance);
        }

        /// What every choice of an "or" holds is certain, the rest is not known until one is chosen.
        private void either(boolean isRead) {
            var byChoice = new ArrayList<List<Evidence>>();
            for (var choice : line.choices()) {
                found.clear();
                choice(choice, isRead);
                byChoice.add(List.copyOf(found));
            }
            // parmesan or grana, an onion or a shallot: nobody needs to choose for the map's sake
            if (!byChoice.stream().allMatch(c -> certainties(c).equals(certainties(byChoice.getFirst())))
                    || mustBeNamed(byChoice))
                questions.add(new Question(dish, line.text(),
                        "Which is it: %s?".formatted(
                                String.join(" or ", line.choices().stream()
                                        .map(c -> told(c).name().orElse("the other")).toList())),
                        Question.Settles.WORDS));
            for (var choice : byChoice)
                for (var e : choice) {
                    var common = common(e, byChoice);
                    // what may be anything shares nothing with the others, and stays not known
                    if (common.equals(TREE.anything()) || !common.equals(e.substance()))
                        evidence.add(e.withCertainty(Certainty.NOT_KNOWN));
                    // "almonds or cashews": it is surely nuts, and nobody knows which
                    if (!common.equals(TREE.anything())) evidence.add(e.of(common));
                }
        }

        /// {@return what tells one choice from the others: the apple of "apple/blackberry crumble"}
        private Meaning told(Line.Choice choice) {
            var isOneThing = line.choices().stream().map(Line.Choice::main).distinct().count() == 1;
            return isOneThing && !choice.others().isEmpty() ? choice.others().getFirst() : choice.main();
        }

        private static Map<Substance, Certainty> certainties(List<Evidence> choice) {
            var strongest = new HashMap<Substance, Certainty>();
            for (var e : choice)
                strongest.merge(TREE.branch(e.substance()), e.certainty(), (a, b) -> a.compareTo(b) < 0 ? a : b);
            return strongest;
        }

        private void other(int depth) {
            var other = facts.dish(line.dish()).orElse(null);
            if (other == null) {
                unknown(path, new Question(dish, line.text(),
                        "No dish is called “%s”. What is in it?".formatted(line.dish()), Question.Settles.RECIPE), off);
            } else if (open.contains(other) || depth >= DEEPEST || used >= MOST_USED) {
                unknown(path,
                        new Question(dish, line.text(),
                                open.contains(other) ? "Dishes here use each other in a ring. What is in this one?"
                                        : "Too many dishes are used within dishes here. What is in this one?",
                                Question.Settles.RECIPE),
                        off);
            } else {
                used++;
                open.add(other);
                dish(facts.linked(other), path, off, depth + 1);
                open.remove(other);
            }
        }

        private void unread() {
            unknown(path, new Question(dish, line.text(),
                    line.unread().isEmpty() ? "No food is named here that the table holds. What is it?"
                            : UnlistedFoods.whatIs(line.unread()),
                    Question.Settles.WORDS), off);
        }

        /// A word where only talk stands holds nothing up; where it resembles the name of an allergen that is said.
        private void doubts() {
            // a short form is shown beside its line; a slip of the pen is asked about
            for (var taken : line.words().as().entrySet()) {
                var ask = "“%s” was read as %s. Is that right?".formatted(taken.getKey(), taken.getValue());
                if (!Foods.shipped().isShortForm(taken.getKey()))
                    questions.add(new Question(dish, line.text(), ask, Question.Settles.WORDS));
            }
            for (var doubt : line.words().doubts()) {
                questions.add(new Question(dish, line.text(),
                        "What is “%s”? It was read as saying only how.".formatted(doubt.word()),
                        Question.Settles.WORDS));
                for (var s : doubt.resembles())
                    evidence.add(new Evidence(s, Certainty.NOT_KNOWN, false, origin, path, off, null, null));
            }
        }

        /// A choice of an "or" is certain only where every other choice holds the like.
        /// {@return the nearest substance above a piece of evidence, or its own, that every choice surely holds;
        /// anything where there is none}
        private static Substance common(Evidence one, List<List<Evidence>> choices) {
            for (var at = one.substance();; at = TREE.get(at.parent())) {
                var above = at;
                if (at.equals(TREE.anything()) || choices.stream().allMatch(c -> c.stream()
                        .anyMatch(e -> e.certainty() == Certainty.CONTAINS && TREE.isUnder(e.substance(), above))))
                    return at;
            }
        }

        /// {@return whether the home law wants one of the choices named by a word of its own: tuna or salmon under a
        /// law that asks for the species, almonds or cashews under one that asks for the nut}
        private boolean mustBeNamed(List<List<Evidence>> choices) {
            return choices.stream().flatMap(List::stream).filter(e -> e.certainty() == Certainty.CONTAINS)
                    .anyMatch(e -> {
                        var common = common(e, choices);
                        return !common.equals(TREE.anything()) && !said(e.substance()).equals(said(common));
                    });
        }

        private List<String> said(Substance substance) {
            return facts.home().placesOf(substance).stream().map(p -> p.said() == null ? "" : p.said().id()).toList();
        }

        private void meaning(Meaning meaning, boolean packRead) {
            switch (meaning) {
                case Meaning.OfFood(var food) -> food(food, packRead);
                case Meaning.OfSubstances(var substances) -> {
                    for (var s : substances) add(s, Certainty.CONTAINS, false, path, null, null);
                }
                case Meaning.Vague(var suspects, var question) -> {
                    if (packRead) return;
                    ask(question, Question.Settles.WORDS);
                    for (var s : suspects) add(s, Certainty.NOT_KNOWN, false, path, null, null);
                }
            }
        }

        private void food(Food food, boolean packRead) {
            if (food.holds().isEmpty() && food.sometimes().isEmpty() && !food.isCompound()) return;
            var below = path.to(new Link(Link.Place.FOOD, food.name(), line.mass(), food.isCompound()
                    ? "reference table, what it usually holds" : "reference table, " + food.source()));
            if (!(packRead && (food.isCompound() || isSpelledOut(food))))
                for (var s : food.holds())
                    add(s, Certainty.CONTAINS, food.isCompound(), below, null, sulphite(s, food, true));
            if (packRead || food.sometimes().isEmpty() && !food.isCompound()) return;
            if (food.isCompound())
                ask("Read the pack: what is in the " + food.name() + "?", Question.Settles.PACK);
            else for (var question : Asks.about(food)) ask(question, Question.Settles.PACK);
            for (var s : food.sometimes()) add(s, Certainty.NOT_KNOWN, false, below, null, sulphite(s, food, false));
        }

        /// {@return whether the pack names which kinds of it are in it: almonds and hazelnuts of "mixed nuts". What the
        /// kitchen's word only leaves open is then said; what the pack says may be there leaves it as open as before}
        private boolean isSpelledOut(Food food) {
            return food.holds().stream()
                    .anyMatch(branch -> named().anyMatch(s -> !s.equals(branch) && TREE.isUnder(s, branch)));
        }

        /// How much sulphur dioxide a sulphited food brings, where a figure is held; nothing at the low end where it
        /// only sometimes is sulphited.
        private @Nullable Mass sulphite(Substance substance, Food food, boolean surely) {
            var inKilogram = food.sulphite();
            var mass = line.mass();
            if (inKilogram == null || mass == null || !substance.id().equals(SULPHITES)) return null;
            var least = surely ? mass.low() / MILLIGRAMS_IN_KILOGRAM * inKilogram.low().longValue() : 0;
            var most = (mass.high() / MILLIGRAMS_IN_KILOGRAM + 1) * inKilogram.high().longValue();
            return new Mass(least, (least + most) / 2, most);
        }

        private void declared(Declaration declaration, Link pack) {
            var below = path.to(pack);
            for (var finding : declaration.findings())
                add(finding.substance(), finding.says() == Finding.Says.IN ? Certainty.CONTAINS : Certainty.MAY_CONTAIN,
                        finding.assumed(), through(below, finding.path()), null, null);
            var law = declaration.vague().isEmpty() ? null : RuleBook.named(declaration.law().id()).orElse(null);
            for (var term : declaration.vague()) vague(term, below, law);
            for (var words : declaration.contradictions())
                questions.add(
                        new Question(dish, line.text(), words + " Ask the supplier which is true.",
                                Question.Settles.PACK));
            if (declaration.text().isBlank())
                unknown(path, new Question(dish, line.text(),
                        "The pack's declaration is empty. What does it say?", Question.Settles.PACK), off);
        }

        private void vague(VagueTerm term, Trail pack, @Nullable RuleBook law) {
            // what its maker would have had to name is not in it: there is nothing to ask
            var settled = law != null && !term.beyondLaw() && term.suspects().stream().allMatch(law::settles);
            if (!term.question().isEmpty() && !settled)
                questions.add(new Question(dish, line.text(), term.question(), Question.Settles.PACK));
            var below = pack.to(Link.of(Link.Place.INGREDIENT, term.words()));
            for (var s : term.suspects())
                add(s, Certainty.NOT_KNOWN, false, below, term.beyondLaw() ? null : law, null);
        }

        private static Trail through(Trail pack, List<String> ingredients) {
            var trail = pack;
            for (var ingredient : ingredients) trail = trail.to(Link.of(Link.Place.INGREDIENT, ingredient));
            return trail;
        }

        private void add(Substance s, Certainty certainty, boolean assumed, Trail below, @Nullable RuleBook law,
                @Nullable Mass amount) {
            // what was taken for another word is assumed until somebody says so
            var isTaken = !line.words().as().isEmpty() && line.pack() == null;
            found.add(new Evidence(s, certainty, assumed || isTaken && certainty == Certainty.CONTAINS, origin, below,
                    off, law, amount));
        }
    }
}
