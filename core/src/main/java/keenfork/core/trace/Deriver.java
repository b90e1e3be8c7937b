package keenfork.core.trace;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
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
    private static final Substances TREE = Substances.shipped();
    private final Facts facts;
    private final List<Evidence> evidence = new ArrayList<>();
    private final Set<Question> questions = new LinkedHashSet<>();

    Deriver(Facts facts) {
        this.facts = facts;
    }

    List<Evidence> evidence() { return evidence; }

    List<Question> questions() { return List.copyOf(questions); }

    void dish(Recipe recipe) {
        dish(recipe, List.of(), false, 0);
        unlistedInSteps(recipe);
    }

    private void dish(Recipe recipe, List<Link> above, boolean comesOff, int depth) {
        var path = with(above, new Link(Link.Kind.DISH, recipe.name(), recipe.mass(), "what goes in"));
        for (var part : recipe.parts()) {
            var off = comesOff || part.kind().comesOff();
            var partPath = with(path, new Link(Link.Kind.PART, part.name(), part.mass(), "lines of the part"));
            for (var line : part.lines()) new Reading(partPath, line, off).line(depth);
            contacts(recipe, part, partPath, off);
        }
        if (recipe.parts().isEmpty()) unknown(path, new Question(recipe.name(), "No ingredient line is written yet. What goes in?"), comesOff);
    }

    private void contacts(Recipe recipe, Part part, List<Link> path, boolean off) {
        for (var contact : facts.contacts(recipe.name(), part.name()))
            for (var s : contact.substances())
                evidence.add(new Evidence(s, Certainty.CONTACT, false, with(with(path, Link.of(Link.Kind.KIT, contact.how())), substance(s)), off, null));
    }

    private void unknown(List<Link> path, Question question, boolean off) {
        questions.add(question);
        var anything = TREE.anything();
        evidence.add(new Evidence(anything, Certainty.NOT_KNOWN, false, with(path, new Link(Link.Kind.SUBSTANCE, "anything", null, question.ask())), off, null));
    }

    /// A step that names a food which no line holds: a knob of butter forgotten in the list is still in the dish.
    private void unlistedInSteps(Recipe recipe) {
        var held = evidence.stream().map(Evidence::substance).toList();
        for (var i = 0; i < recipe.steps().size(); i++) {
            var step = recipe.steps().get(i);
            for (var match : Foods.shipped().recipeWords().read(step).matches()) {
                var missing = holds(match.meaning()).filter(s -> held.stream().noneMatch(h -> isNamedBy(h, s))).toList();
                if (missing.isEmpty()) continue;
                questions.add(new Question(step, "This step names %s, and no line does. Is it in the dish?".formatted(match.text())));
                var path = List.of(Link.of(Link.Kind.DISH, recipe.name()), Link.of(Link.Kind.STEP, "Step " + (i + 1)), Link.of(Link.Kind.LINE, step));
                for (var s : missing) evidence.add(new Evidence(s, Certainty.NOT_KNOWN, false, with(path, substance(s)), false, null));
            }
        }
    }

    /// "the cheese" in a step is the feta of a line; but nuts are avoided one by one, so a walnut is no almond.
    private static boolean isNamedBy(Substance held, Substance named) {
        return TREE.isUnder(held, named) || TREE.isUnder(named, held)
                || TREE.branch(held).equals(TREE.branch(named)) && !TREE.branch(held).id().equals("tree-nut");
    }

    private static Stream<Substance> holds(Meaning meaning) {
        return switch (meaning) {
            // "toast the nuts", "to a rough pesto": a step's words for products are mostly verbs and names of the dish itself
            case Meaning.OfFood(var food) -> food.isCompound() ? Stream.empty() : food.holds().stream();
            case Meaning.OfSubstances(var substances) -> substances.stream();
            case Meaning.Vague _ -> Stream.empty();
        };
    }

    private static Link substance(Substance s) {
        return new Link(Link.Kind.SUBSTANCE, s.name(), null, s.source());
    }

    private static List<Link> with(List<Link> path, Link link) {
        var longer = new ArrayList<>(path);
        longer.add(link);
        return longer;
    }

    /// One line of one part being read into evidence.
    private final class Reading {
        private final Line line;
        private final List<Link> path;
        private final boolean off;
        private final List<Evidence> found = new ArrayList<>();

        Reading(List<Link> partPath, Line line, boolean off) {
            this.line = line;
            this.off = off;
            this.path = with(partPath, new Link(Link.Kind.LINE, line.text(), line.mass(), "as written"));
        }

        void line(int depth) {
            if (!line.dish().isEmpty()) other(depth);
            if (line.isUnread()) unread();
            var pack = pack();
            if (line.choices().size() > 1)
                questions.add(new Question(line.text(), "Which is it: %s?".formatted(String.join(" or ", line.choices().stream().map(c -> name(c.main())).toList()))));
            var byChoice = new ArrayList<List<Evidence>>();
            for (var choice : line.choices()) {
                found.clear();
                meaning(choice.main(), pack != null || line.pack() != null);
                for (var other : choice.others()) meaning(other, false);
                byChoice.add(List.copyOf(found));
            }
            for (var choice : byChoice)
                for (var e : choice) evidence.add(isInEach(e, byChoice) ? e : e.withCertainty(Certainty.NOT_KNOWN));
            found.clear();
            if (line.pack() != null) declared(line.pack(), new Link(Link.Kind.PACK, "pack of " + line.food().map(Food::name).orElse(line.text()), line.mass(), "written under the line"));
            if (pack != null) declared(pack.declaration(), new Link(Link.Kind.PACK, pack.label(), line.mass(), pack.read()));
            evidence.addAll(found);
        }

        private Fact.@Nullable PackInUse pack() {
            return line.pack() != null ? null : line.food().flatMap(f -> facts.pack(f.name())).orElse(null);
        }

        private void other(int depth) {
            var dish = facts.dish(line.dish());
            if (dish.isPresent() && depth < DEEPEST) dish(dish.get(), path, off, depth + 1);
            else unknown(path, new Question(line.text(), dish.isPresent() ? "Dishes here use each other in a ring. What is in this one?"
                    : "No dish is called “%s”. What is in it?".formatted(line.dish())), off);
        }

        private void unread() {
            var words = line.unread().isEmpty() ? line.text() : String.join(" ", line.unread());
            var near = line.unread().stream().flatMap(w -> Foods.shipped().near(w).stream()).distinct().limit(3).toList();
            var ask = line.unread().isEmpty() ? "No food is named here that the table holds. What is it?" : "What is “%s”?".formatted(words);
            unknown(path, new Question(line.text(), near.isEmpty() ? ask : ask + " Did you mean %s?".formatted(String.join(" or ", near))), off);
        }

        /// A choice of an "or" is certain only where every other choice holds the like.
        private static boolean isInEach(Evidence one, List<List<Evidence>> choices) {
            return choices.stream().allMatch(c -> c.stream().anyMatch(e -> e.certainty() == Certainty.CONTAINS && TREE.branch(e.substance()).equals(TREE.branch(one.substance()))));
        }

        private static String name(Meaning meaning) {
            return switch (meaning) {
                case Meaning.OfFood(var food) -> food.name();
                case Meaning.OfSubstances(var substances) -> substances.getFirst().name();
                case Meaning.Vague _ -> "the other";
            };
        }

        private void meaning(Meaning meaning, boolean packRead) {
            switch (meaning) {
                case Meaning.OfFood(var food) -> food(food, packRead);
                case Meaning.OfSubstances(var substances) -> {
                    for (var s : substances) add(s, Certainty.CONTAINS, false, List.of(), null);
                }
                case Meaning.Vague(var suspects, var question) -> {
                    questions.add(new Question(line.text(), question));
                    for (var s : suspects) add(s, Certainty.NOT_KNOWN, false, List.of(), null);
                }
            }
        }

        private void food(Food food, boolean packRead) {
            var link = new Link(Link.Kind.FOOD, food.name(), line.mass(), "reference table, " + food.source());
            if (!(packRead && food.isCompound()))
                for (var s : food.holds()) add(s, Certainty.CONTAINS, food.isCompound(), List.of(link), null);
            if (packRead || food.sometimes().isEmpty() && !food.isCompound()) return;
            questions.add(new Question(line.text(), "Read the pack: what is in the %s?".formatted(food.name())));
            for (var s : food.sometimes()) add(s, Certainty.NOT_KNOWN, false, List.of(link), null);
        }

        private void declared(Declaration declaration, Link pack) {
            var law = RuleBook.named(declaration.law().id()).orElse(null);
            for (var finding : declaration.findings()) {
                var links = links(pack, finding.path());
                add(finding.substance(), finding.says() == Finding.Says.IN ? Certainty.CONTAINS : Certainty.MAY_CONTAIN, finding.assumed(), links, null);
            }
            for (var term : declaration.vague()) vague(term, pack, law);
            for (var words : declaration.contradictions()) questions.add(new Question(line.text(), words + " Ask the supplier which is true."));
            if (declaration.text().isBlank()) unknown(path, new Question(line.text(), "The pack's declaration is empty. What does it say?"), off);
        }

        private void vague(VagueTerm term, Link pack, @Nullable RuleBook law) {
            if (!term.question().isEmpty()) questions.add(new Question(line.text(), term.question()));
            for (var s : term.suspects()) add(s, Certainty.NOT_KNOWN, false, List.of(pack, Link.of(Link.Kind.INGREDIENT, term.words())), law);
        }

        private static List<Link> links(Link pack, List<String> path) {
            return Stream.concat(Stream.of(pack), path.stream().map(p -> Link.of(Link.Kind.INGREDIENT, p))).toList();
        }

        private void add(Substance s, Certainty certainty, boolean assumed, List<Link> below, @Nullable RuleBook law) {
            var full = new ArrayList<>(path);
            full.addAll(below);
            full.add(substance(s));
            found.add(new Evidence(s, certainty, assumed, full, off, law));
        }
    }
}
