package keenfork.web.dish;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.diet.Verdict;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Portions;
import keenfork.core.recipe.Recipe;
import keenfork.core.run.Ask;
import keenfork.core.run.Batch;
import keenfork.core.run.Kit;
import keenfork.core.trace.Beside;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Origin;
import keenfork.core.trace.Question;
import keenfork.web.kitchen.Effect;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.EffectView;
import keenfork.web.page.Format;

/// A recipe as read: each line with its grams, its food, its marks and its questions; what the dish carries; and what
/// keeping it would change.
record BenchView(String name, String facts, List<PartView> parts, int open, List<MarkFound> found, int nothing,
        List<DietView> diets, String suits, JarView jar, LanesView lanes,
        List<Question> others, List<KitAsk> kits, Saving saving, Optional<Serving> serving, List<String> suggested) {
    /// {@return in how many groups nothing was found}
    public String nothingIn() {
        var one = found.isEmpty() ? "group" : "other group";
        return "nothing found in %d %s".formatted(nothing, nothing == 1 ? one : one + "s");
    }

    /// a part with its lines
    record PartView(String name, String swatch, String mass, List<LineView> lines) {}

    /// a group found
    record MarkFound(String symbol, String name, String words) {}

    /// diets with one verdict and one reason: the line that settles it, or the question that would
    record DietView(String symbol, String name, String words, String because) {}

    /// How many it serves, where the recipe does not say: proposed, and asked.
    ///
    /// @param words what is proposed and why
    /// @param doing the answer's name
    /// @param line  the recipe's first line, as it stands
    /// @param with  that line with the answer under it
    record Serving(String words, String doing, String line, String with) {}

    /// A step of which nothing is understood, or a method that is not written.
    ///
    /// @param step    the step in its own words; empty where no method is written
    /// @param line    what is written anew
    /// @param answers what can be pressed
    record KitAsk(String step, String words, String line, List<Press> answers) {
        public String title() { return step.isEmpty() ? "No method" : "Which kit: " + step; }
    }

    /// @param with what the line becomes
    record Press(String name, String with) {}

    /// What keeping this text changes.
    ///
    /// @param usedIn  the dishes that use this one, in words
    /// @param changed whether the text differs from what is stored
    /// @param effects what changes on the map: this dish first
    record Saving(String usedIn, boolean changed, List<EffectView> effects) {
        /// {@return whether there is anything to say of it}
        public boolean isSaid() { return changed || !usedIn.isEmpty(); }

        public String words() {
            return effects.isEmpty() ? "Not kept yet. It changes no mark on the map."
                    : "Not kept yet. Keeping it changes the map:";
        }
    }

    /// @param id   the dish's key; 0 for a new one
    /// @param then the menu as it would be with this text
    /// @param now  the menu as it is
    static BenchView of(long id, Menu then, Menu now, Format format) {
        var derivation = then.dish(id).orElseThrow().derivation();
        var ruleBook = then.ruleBook();
        var recipe = derivation.recipe();
        var evidence = derivation.evidence().stream().filter(Evidence::isOfLine)
                .collect(Collectors.groupingBy(Evidence::origin));
        var questions = derivation.ownQuestions().stream().collect(Collectors.groupingBy(Question::line));
        var parts = new ArrayList<PartView>();
        var at = 0;
        for (var p = 0; p < recipe.parts().size(); p++) {
            var part = recipe.parts().get(p);
            var lines = new ArrayList<LineView>();
            for (var l : part.lines())
                lines.add(LineView.of(l, id, evidence.getOrDefault(new Origin.OfLine(p, at++), List.of()),
                        questions.getOrDefault(l.text(), List.of()), then, format));
            parts.add(new PartView(part.name(), format.swatch(part.kind()), format.likely(part.mass()), lines));
        }
        var marks = derivation.under(ruleBook).marks();
        var verdicts = Stream.of(Diet.all(), then.ownLists(), Diet.byCertificate()).flatMap(List::stream)
                .map(d -> d.judge(derivation)).toList();
        var asked = recipe.lines().stream().map(Line::text).collect(Collectors.toSet());
        return new BenchView(recipe.name(), facts(recipe, format), parts, derivation.ownQuestions().size(),
                Stream.concat(marks.stream().map(m -> found(m, format)),
                        derivation.beside(ruleBook).stream().map(b -> beside(b, format))).toList(),
                ruleBook.groups().size() - marks.size(),
                Stream.of(Verdict.Answer.DOES_NOT_SUIT, Verdict.Answer.CANNOT_SAY)
                        .flatMap(a -> diets(a, verdicts, format)).toList(),
                String.join(", ",
                        verdicts.stream().filter(v -> v.answer() == Verdict.Answer.SUITS)
                                .map(v -> v.diet().name().toLowerCase(Locale.ROOT)).toList()),
                JarView.of(recipe, format),
                LanesView.of(derivation, ruleBook, format),
                derivation.ownQuestions().stream().filter(q -> !asked.contains(q.line())).toList(), kits(derivation),
                saving(id, then, now, format), Portions.proposed(recipe).map(p -> serving(recipe, p)),
                recipe.suggested());
    }

    private static List<KitAsk> kits(Derivation dish) {
        var lines = dish.recipe().lines();
        return Batch.of(dish).stream().flatMap(b -> b.asks().stream()).map(ask -> switch (ask.kind()) {
            case STEP_NOT_READ -> new KitAsk(ask.step(),
                    "is not understood. Which kit does it take? Until that is said, all that is in by then may be on "
                            + "any kit.",
                    ask.step(),
                    Stream.concat(Ask.answers().stream().map(Kit::name), Stream.of("no kit"))
                            .map(k -> new Press(k, ask.answered(k))).toList());
            case NO_METHOD -> new KitAsk("", ask.inWords(), lines.getLast().text(),
                    List.of(new Press("It is made so", lines.getLast().text() + "\n\nMethod:\n" + ask.method())));
        }).toList();
    }

    private static Serving serving(Recipe recipe, Portions proposed) {
        var range = proposed.low() == proposed.high() ? "" : " (%d–%d)".formatted(proposed.low(), proposed.high());
        var answer = "Serves " + proposed.likely();
        return new Serving("How many does it serve? By its weight, about %d%s.".formatted(proposed.likely(), range),
                answer, recipe.name(), recipe.name() + "\n" + answer);
    }

    private static Saving saving(long id, Menu then, Menu now, Format format) {
        var before = now.dish(id);
        if (before.isEmpty()) return new Saving("", false, List.of());
        var usedIn = now.using(before.get().name()).stream().map(Menu.Dish::name).toList();
        var changed = !before.get().stored().value().text().equals(then.dish(id).orElseThrow().stored().value().text());
        var effects = changed ? Effect.between(now, then).stream().sorted(Comparator.comparing(e -> e.dish() != id))
                .map(e -> EffectView.of(e, format)).toList() : List.<EffectView>of();
        return new Saving(format.list(usedIn), changed, effects);
    }

    private static String facts(Recipe recipe, Format format) {
        var makes = recipe.makes().isEmpty() ? "" : "makes " + recipe.makes() + " · ";
        var covers = recipe.serves() > 0 ? recipe.serves() + " covers · " : makes;
        var range = format.range(recipe.mass());
        return covers + format.likely(recipe.mass()) + " going in" + (range.isEmpty() ? "" : " (" + range + ")");
    }

    private static MarkFound found(Mark mark, Format format) {
        return new MarkFound(format.symbol(Optional.of(mark)), mark.group().name(), format.full(Optional.of(mark)));
    }

    private static MarkFound beside(Beside beside, Format format) {
        return new MarkFound("m-beside", Format.upper(beside.substance().name()), "%s, beside the law’s list of %s"
                .formatted(format.words(beside.certainty(), false), beside.group().name().toLowerCase(Locale.ROOT)));
    }

    /// The diets of one answer; those with the same reason stand together, so that one line in doubt is asked about
    /// once.
    private static Stream<DietView> diets(Verdict.Answer answer, List<Verdict> verdicts, Format format) {
        var byReason = verdicts.stream().filter(v -> v.answer() == answer)
                .collect(Collectors.groupingBy(BenchView::reason, LinkedHashMap::new,
                        Collectors.mapping(v -> v.diet().name(), Collectors.joining(", "))));
        return byReason.entrySet().stream()
                .map(e -> new DietView(format.bowl(answer), e.getValue(), answer.words(), e.getKey()));
    }

    private static String reason(Verdict.Reason reason) {
        return reason.line().isEmpty() ? reason.words() : reason.line();
    }

    private static String reason(Verdict verdict) {
        // what a line holds stands beside the line itself
        var because = verdict.asks().isEmpty()
                ? verdict.because().stream().map(BenchView::reason).distinct().toList()
                : verdict.asks();
        var more = because.size() > 1 ? " (and %d more)".formatted(because.size() - 1) : "";
        return because.isEmpty() ? "" : because.getFirst() + more;
    }
}
