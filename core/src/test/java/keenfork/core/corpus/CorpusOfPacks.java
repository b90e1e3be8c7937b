package keenfork.core.corpus;

import java.util.List;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;

/// Declarations: each is the pack of a line that names nothing else.
public final class CorpusOfPacks {
    private CorpusOfPacks() {}

    public static CorpusScore measure(Corpus.Share share) {
        var score = new CorpusScore();
        for (var row : Corpus.lines("packs.txt"))
            if (!row.startsWith("#") && Corpus.isIn(share, "packs.txt", row.split("\\|", -1)[1].strip()))
                one(score, row);
        return score;
    }

    private static void one(CorpusScore score, String row) {
        var cells = row.split("\\|", -1);
        var laws = cells[0].strip().split(">");
        var law = laws[0].equals("unknown") ? Law.UNKNOWN : new Law(laws[0]);
        var book = RuleBook.named(laws[laws.length - 1]).orElseThrow();
        var text = cells[1].strip();
        var gold = Corpus.Gold.of(cells[2]);
        score.texts++;
        // salt holds nothing of any rule book: whatever is found was said by the pack
        var recipe = Recipe.read("A dish\n1 tsp salt", Volumes.METRIC, law);
        var pack = new Fact.PackInUse("salt", "pack", Declaration.read(text, law), "read today", true);
        var derivation = Derivation.of(recipe, new Facts(book, List.<Fact>of(pack)));
        var profile = derivation.under(book);
        for (var group : book.groups()) {
            var mark = profile.mark(group).map(m -> m.certainty()).orElse(null);
            var id = group.id();
            if (!gold.names(id)) score.empties++;
            if (gold.in().contains(id) && mark == null || gold.may().contains(id) && mark == null) {
                score.misses++;
                score.fault("MISS", text, id);
            } else if (gold.in().contains(id) && mark != Certainty.CONTAINS
                    || gold.may().contains(id) && mark == Certainty.NOT_KNOWN) {
                        score.weak++;
                        score.fault("weak", text, id + " " + mark);
                    } else
                if (!gold.names(id) && mark != null) {
                    score.falseAlarms++;
                    score.fault("false", text,
                            id + " " + mark + " " + profile.mark(group).orElseThrow().threads().getFirst().because());
                }
        }
        for (var question : derivation.questions()) {
            score.packQuestions++;
            score.fault("asks", text, question.ask());
        }
    }
}
