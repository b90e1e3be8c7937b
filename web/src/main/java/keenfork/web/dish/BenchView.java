package keenfork.web.dish;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.diet.Verdict;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Link;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Question;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;

/// A recipe as read: each line with its grams, its food, its marks and its questions; and what the dish carries.
record BenchView(String name, String facts, List<PartView> parts, List<Found> found, int nothing, List<DietView> diets, String suits, List<String> steps, List<Question> others) {
    private static final Pattern AMOUNT = Pattern.compile(
            "(?i)^(?:juice of |zest of )?[\\d½⅓⅔¼¾⅛.,/ –-]+(?:kg|g|ml|l|tsp|tbsp|cups?|oz|lb|bunch(?:es)?|handfuls?|cloves?|tins?|jars?)?(?=\\s)");

    /// a part with its lines
    record PartView(String name, String swatch, String mass, List<LineView> lines) {}

    /// a line as read; the whisker stands on one log scale for all lines, 1 g to 10 kg, at 4 to 104
    record LineView(String amount, String rest, String likely, String range, String food, String note, List<LineMark> marks, List<String> asks, Whisker whisker) {}

    /// a mark beside a line
    record LineMark(String symbol, String word, String label) {}

    /// low, likely and high on the scale; nothing is drawn where `shown` is false
    record Whisker(boolean shown, boolean exact, double low, double likely, double high) {}

    /// a group found
    record Found(String symbol, String name, String words) {}

    /// diets with one verdict and one reason: the line that settles it, or the question that would
    record DietView(String symbol, String name, String words, String because) {}

    static BenchView of(Derivation derivation, Menu menu, Format format) {
        var ruleBook = menu.ruleBook();
        var recipe = derivation.recipe();
        var evidence = derivation.evidence().stream().filter(BenchView::isOfLine).collect(Collectors.groupingBy(e -> e.path().get(2).text()));
        var questions = derivation.questions().stream().collect(Collectors.groupingBy(Question::line));
        var parts = recipe.parts().stream().map(p -> new PartView(p.name(), format.swatch(p.kind()), format.likely(p.mass()),
                p.lines().stream().map(l -> line(l, evidence.getOrDefault(l.text(), List.of()), questions.getOrDefault(l.text(), List.of()), ruleBook, format)).toList())).toList();
        var marks = derivation.under(ruleBook).marks();
        var verdicts = Stream.of(Diet.all(), menu.ownLists(), Diet.byCertificate()).flatMap(List::stream).map(d -> d.judge(derivation)).toList();
        var asked = recipe.lines().stream().map(Line::text).collect(Collectors.toSet());
        return new BenchView(recipe.name(), facts(recipe, format), parts, marks.stream().map(m -> found(m, format)).toList(), ruleBook.groups().size() - marks.size(),
                Stream.of(Verdict.Answer.DOES_NOT_SUIT, Verdict.Answer.CANNOT_SAY).flatMap(a -> diets(a, verdicts, recipe, format)).toList(),
                String.join(", ", verdicts.stream().filter(v -> v.answer() == Verdict.Answer.SUITS).map(v -> v.diet().name().toLowerCase(Locale.ROOT)).toList()), recipe.steps(),
                derivation.questions().stream().filter(q -> !asked.contains(q.line())).toList());
    }

    private static String facts(Recipe recipe, Format format) {
        var covers = recipe.serves() > 0 ? recipe.serves() + " covers · " : recipe.makes().isEmpty() ? "" : "makes " + recipe.makes() + " · ";
        var range = format.range(recipe.mass());
        return covers + format.likely(recipe.mass()) + " going in" + (range.isEmpty() ? "" : " (" + range + ")");
    }

    private static Found found(Mark mark, Format format) {
        var members = String.join(", ", mark.members().stream().map(s -> s.name()).filter(n -> !n.equalsIgnoreCase(mark.group().label())).toList());
        return new Found(format.symbol(Optional.of(mark)), mark.group().name(), format.words(Optional.of(mark)) + (members.isEmpty() ? "" : ": " + members));
    }

    /// The diets of one answer; those with the same reason stand together, so that one line in doubt is asked about once.
    private static Stream<DietView> diets(Verdict.Answer answer, List<Verdict> verdicts, Recipe recipe, Format format) {
        var byReason = verdicts.stream().filter(v -> v.answer() == answer).collect(Collectors.groupingBy(v -> reason(v, recipe), LinkedHashMap::new,
                Collectors.mapping(v -> v.diet().name(), Collectors.joining(", "))));
        return byReason.entrySet().stream().map(e -> new DietView(format.bowl(answer), e.getValue(), answer.words(), e.getKey()));
    }

    private static String reason(Verdict verdict, Recipe recipe) {
        var because = verdict.asks().isEmpty() ? verdict.because().stream().map(b -> line(b, recipe)).distinct().toList() : verdict.asks();
        var more = because.size() > 1 ? " (and %d more)".formatted(because.size() - 1) : "";
        return because.isEmpty() ? "" : because.getFirst() + more;
    }

    /// {@return the line that a reason starts with; what it holds stands beside the line itself}
    private static String line(String because, Recipe recipe) {
        return recipe.lines().stream().map(Line::text).filter(because::startsWith).max(Comparator.comparingInt(String::length)).orElse(because);
    }

    private static LineView line(Line line, List<Evidence> evidence, List<Question> questions, RuleBook ruleBook, Format format) {
        var asks = questions.stream().map(Question::ask).distinct().toList();
        var split = amountEnd(line.text());
        return new LineView(line.text().substring(0, split), line.text().substring(split), format.likely(line.mass()), format.range(line.mass()), foods(line),
                note(line, format), marks(evidence, ruleBook, format), asks, whisker(line));
    }

    private static String note(Line line, Format format) {
        var becomes = line.becomes() == null ? "" : "becomes " + format.likely(line.becomes());
        return !line.optional() ? becomes : becomes.isEmpty() ? "optional" : "optional, " + becomes;
    }

    private static boolean isOfLine(Evidence evidence) {
        return evidence.path().size() > 2 && evidence.path().get(2).kind() == Link.Kind.LINE;
    }

    private static int amountEnd(String text) {
        var matcher = AMOUNT.matcher(text);
        return matcher.find() ? matcher.end() : 0;
    }

    private static String foods(Line line) {
        if (!line.dish().isEmpty()) return "our own " + line.dish();
        var names = new LinkedHashSet<String>();
        for (var choice : line.choices()) if (choice.main() instanceof Meaning.OfFood(Food food)) names.add(food.name());
        return names.isEmpty() ? "not read" : String.join(line.choices().size() > 1 ? " or " : ", ", names);
    }

    private static List<LineMark> marks(List<Evidence> evidence, RuleBook ruleBook, Format format) {
        var marks = new LinkedHashMap<String, LineMark>();
        var unread = evidence.stream().anyMatch(e -> e.substance().id().equals("anything") && e.certainty() == Certainty.NOT_KNOWN && e.named() == null);
        if (unread) return List.of(new LineMark("m-unknown", "all groups", "not known: it may hold anything"));
        for (var certainty : Certainty.values())
            for (var e : evidence)
                if (e.certainty() == certainty)
                    for (var group : ruleBook.groups())
                        if (ruleBook.member(group, e.substance()).isPresent() && e.couldBeIn(group))
                            marks.putIfAbsent(group.id(), new LineMark(format.symbol(certainty, e.assumed()), group.names(e.substance()) ? e.substance().name() : group.name().toLowerCase(),
                                    group.name() + " " + format.words(certainty, e.assumed())));
        return List.copyOf(marks.values());
    }

    private static Whisker whisker(Line line) {
        var mass = line.mass();
        if (mass == null || mass.likely() == 0) return new Whisker(false, false, 0, 0, 0);
        return new Whisker(true, !mass.isRange(), x(mass.lowGrams()), x(mass.likelyGrams()), x(mass.highGrams()));
    }

    private static double x(double grams) {
        return Math.clamp(Math.log10(Math.max(grams, 1)) / 4 * 100 + 4, 4, 104);
    }
}
