package keenfork.core.corpus;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import keenfork.core.food.Foods;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Question;

/// Recipes as cooks type them: marks, amounts and questions.
public final class CorpusOfRecipes {
    private static final double SAME = 0.002;

    private CorpusOfRecipes() {}

    private record Expected(String amount, String unit, String food, boolean product) {}

    public static CorpusScore measure(Corpus.Share share) {
        var score = new CorpusScore();
        var block = new ArrayList<String>();
        for (var row : Corpus.lines(switch (share) {
            case WRITTEN_LATER -> "recipes-unseen.txt";
            case WRITTEN_THIRD -> "recipes-third.txt";
            case WRITTEN_FOURTH -> "recipes-fourth.txt";
            case WRITTEN_LAST -> "recipes-fifth.txt";
            default -> "recipes.txt";
        })) {
            if (row.startsWith("##")) continue;
            if (row.startsWith("# ")) block.clear();
            block.add(row);
            if (!row.startsWith("=") || !block.getFirst().startsWith("# ")) continue;
            if (share.compareTo(Corpus.Share.KEPT_ASIDE) > 0 || Corpus.isIn(share, "recipes.txt", key(block)))
                one(score, block);
        }
        return score;
    }

    private static boolean isSame(double read, double expected) { return Math.abs(read - expected) <= SAME * expected; }

    private static String key(List<String> block) {
        return block.getFirst().substring(2).strip() + " / "
                + block.stream().skip(1).filter(r -> r.contains("=>")).findFirst().orElse("").split(" => ")[0];
    }

    private static void one(CorpusScore score, List<String> block) {
        var text = new StringBuilder();
        var expected = new ArrayList<Expected>();
        for (var row : block) {
            if (row.startsWith("=")) continue;
            var parts = row.split(" => ", 2);
            text.append(parts[0].replaceFirst("^# ", "")).append('\n');
            if (parts.length == 2) for (var one : parts[1].split(" ; ")) expected.add(expected(one.strip()));
        }
        var gold = Corpus.Gold.of(block.getLast().substring(1));
        var recipe = Recipe.read(text.toString(), Volumes.METRIC, new Law("uk"));
        score.texts++;
        var starred = lines(score, recipe, expected);
        var derivation = Derivation.of(recipe, Facts.none(RuleBook.uk()));
        for (var group : RuleBook.uk().groups())
            marks(score, recipe, gold, group.id(), derivation.under(RuleBook.uk()).mark(group).orElse(null), starred);
        var others = derivation.questions().stream().filter(q -> q.settles() != Question.Settles.PACK).toList();
        score.questions += others.size();
        score.packQuestions += derivation.questions().size() - others.size();
        score.mostQuestions = Math.max(score.mostQuestions, others.size());
        for (var question : others) score.fault("asks", question.line(), question.ask());
        for (var line : starred) {
            score.products++;
            if (derivation.questions().stream().anyMatch(q -> q.line().equals(line))) continue;
            score.silentProducts++;
            score.fault("silent", line, "a bought product asks nothing");
        }
    }

    private static Expected expected(String gold) {
        var words = gold.split(" ", 3);
        var product = words[2].endsWith("*");
        return new Expected(words[0], words[1], product ? words[2].substring(0, words[2].length() - 1) : words[2],
                product);
    }

    private static Set<String> lines(CorpusScore score, Recipe recipe, List<Expected> expected) {
        var read = recipe.lines();
        var starred = new HashSet<String>();
        score.lines += expected.size();
        for (var i = 0; i < expected.size(); i++) {
            if (i >= read.size()) {
                score.fault("line", recipe.name(), "no line for " + expected.get(i).food);
                continue;
            }
            var line = read.get(i);
            if (expected.get(i).product) starred.add(line.text());
            var wrong = wrong(line, expected.get(i));
            if (wrong.isEmpty()) score.linesRight++;
            else score.fault("line", line.text(), wrong);
        }
        if (read.size() != expected.size())
            score.fault("line", recipe.name(), "%d lines, not %d".formatted(read.size(), expected.size()));
        return starred;
    }

    private static String wrong(Line line, Expected expected) {
        if (Arrays.stream(expected.food.split("\\|")).noneMatch(name -> isRead(line, name)))
            return "%s, not %s".formatted(line.food().map(f -> f.name()).orElse("nothing"), expected.food);
        var amount = line.amount();
        if (expected.amount.equals("-")) {
            if (expected.unit.equals("to-taste") && !line.toTaste()) return "not read as to taste";
            return amount == null ? "" : "amount " + amount.low().decimal() + " " + amount.unit().id() + ", not none";
        }
        if (amount == null) return "no amount";
        var limits = Arrays.stream(expected.amount.split("-")).map(Double::valueOf).toList();
        var fits = isSame(amount.low().decimal().doubleValue(), limits.getFirst())
                && isSame(amount.high().decimal().doubleValue(), limits.getLast());
        if (!fits) return "%s-%s, not %s".formatted(amount.low().decimal(), amount.high().decimal(), expected.amount);
        return amount.unit().id().equals(expected.unit) ? ""
                : "%s, not %s".formatted(amount.unit().id(), expected.unit);
    }

    /// the row that was expected, or a finer one whose further words the line itself says: "deli turkey" where "turkey"
    /// was expected
    private static boolean isRead(Line line, String name) {
        var read = line.food().map(f -> f.name()).orElse("");
        if (Foods.shipped().find(name).map(f -> f.name().equals(read)).orElse(false)) return true;
        var said = line.text().toLowerCase(Locale.ROOT);
        return read.endsWith(" " + name) && Arrays.stream(read.split(" ")).allMatch(said::contains);
    }

    private static void marks(CorpusScore score, Recipe recipe, Corpus.Gold gold, String id, Mark mark,
            Set<String> starred) {
        var name = recipe.name();
        if (gold.in().contains(id)) {
            if (mark == null) {
                score.misses++;
                score.fault("MISS", name, id);
            } else if (mark.certainty() != Certainty.CONTAINS) {
                score.weak++;
                score.fault("weak", name, id + " " + mark.certainty());
            }
        } else if (!gold.names(id)) {
            var alarm = mark == null ? null
                    : mark.threads().stream()
                            .filter(e -> e.certainty() == Certainty.CONTAINS || !starred.contains(e.line())).findFirst()
                            .orElse(null);
            if (mark == null || alarm != null) score.empties++;
            if (alarm == null) return;
            score.falseAlarms++;
            score.fault("false", name, id + " " + alarm.certainty() + " " + alarm.because());
        }
    }
}
