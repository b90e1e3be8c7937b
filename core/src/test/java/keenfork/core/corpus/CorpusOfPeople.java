package keenfork.core.corpus;

import java.util.Arrays;
import java.util.TreeSet;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;

/// What people say they avoid: each must be understood, or refused where it should be; never taken for nothing.
public final class CorpusOfPeople {
    private CorpusOfPeople() {}

    public static CorpusScore measure(Corpus.Share share) {
        var score = new CorpusScore();
        for (var row : Corpus.lines("people.txt"))
            if (!row.startsWith("#") && Corpus.isIn(share, "people.txt", row.split("\\|", -1)[0].strip()))
                one(score, row);
        return score;
    }

    private static void one(CorpusScore score, String row) {
        var cells = row.split("\\|", -1);
        var text = cells[0].strip();
        var gold = Arrays.stream(cells[1].strip().split("\\s+(?=\\S+:|\\S+$|\\S+\\s)")).map(String::strip)
                .filter(w -> !w.isEmpty()).toList();
        var read = Avoidances.of(text, RuleBook.uk());
        var found = new TreeSet<String>();
        read.all().forEach(a -> found.add(key(a)));
        score.texts++;
        if (found.isEmpty() && read.refused().isEmpty() && !gold.isEmpty()) {
            score.takenForNothing++;
            score.fault("NOTHING", text, gold.toString());
            return;
        }
        var wanted = gold.stream().filter(w -> !w.equals("!")).toList();
        var isRefused = gold.contains("!");
        if (wanted.stream().allMatch(w -> isIn(w, found)) && (isRefused || read.refused().isEmpty())
                && (!isRefused || !read.refused().isEmpty()))
            score.understood++;
        else score.fault("wrong", text, gold + " but " + found + " refused " + read.refused());
    }

    private static boolean isIn(String wanted, TreeSet<String> found) {
        return found.contains(wanted)
                || !wanted.endsWith(":recipe") && found.contains(wanted + ":recipe") && isMild(wanted);
    }

    /// a food has no strictness of its own
    private static boolean isMild(String wanted) { return wanted.startsWith("food:"); }

    /// {@return what is avoided, as the corpora write it}
    public static String key(Avoidance avoidance) {
        return switch (avoidance) {
            case Avoidance.OfGroup(_, var group, var strictness) -> group.id() + suffix(strictness);
            // all nuts, those beside the law's list, too
            case Avoidance.OfSubstance(var substance, var strictness) ->
                    (substance.id().equals("tree-nut") ? "nuts" : "sub:" + substance.id()) + suffix(strictness);
            case Avoidance.OfDiet(var diet, _) -> "diet:" + diet.id();
            case Avoidance.OfFood(var word) -> "food:" + word.replace(' ', '-');
        };
    }

    private static String suffix(Avoidance.Strictness strictness) {
        return strictness == Avoidance.Strictness.RECIPE ? ":recipe" : "";
    }
}
