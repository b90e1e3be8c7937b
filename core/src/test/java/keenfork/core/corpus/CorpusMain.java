package keenfork.core.corpus;

/// Prints what the readers make of the part of the corpora that is there to work with: a place to look while a table is
/// filled.
final class CorpusMain {
    private CorpusMain() {}

    public static void main(String[] words) {
        var share = words.length > 1 ? Corpus.Share.valueOf(words[1]) : Corpus.Share.TO_WORK_WITH;
        var which = words.length > 0 ? words[0] : "";
        if (which.startsWith("pack"))
            print("packs", CorpusOfPacks.measure(share), words.length < 2 || words.length > 2);
        if (which.startsWith("peo"))
            print("people", CorpusOfPeople.measure(share), words.length < 2 || words.length > 2);
        if (which.startsWith("rec"))
            print("recipes", CorpusOfRecipes.measure(share), words.length < 2 || words.length > 2);
    }

    private static void print(String name, CorpusScore score, boolean faults) {
        if (faults) score.faults.forEach(System.out::println);
        System.out.printf(
                "%s: %d texts, %d misses, %d weak, %d of %d empty entries marked (%.1f %%), lines %d of %d (%.1f "
                        + "%%), questions %d (most %d), of packs %d, silent products %d of %d, taken for nothing %d, "
                        + "understood %.1f %%%n",
                name, score.texts, score.misses, score.weak, score.falseAlarms, score.empties, score.falseAlarmShare(),
                score.linesRight, score.lines, score.linesShare(),
                score.questions, score.mostQuestions, score.packQuestions, score.silentProducts, score.products,
                score.takenForNothing, score.understoodShare());
    }
}
