package keenfork.core.recipe;

import java.util.HashSet;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Table;
import keenfork.core.food.Words;

/// Names of products that a step says of what is being made, or as a verb: "toast the nuts", "blend to a rough pesto",
/// "stir into the dressing".
final class MadeHere {
    private static final Set<String> WORDS = words();
    private static final Pattern RESULT = Pattern.compile(
            "(?i)\\b(?:" + Grammar.anyOf("result") + ") (?:(?:one|" + Grammar.anyOf("determiner")
                    + ") )?(?:\\p{L}+,? ){0,3}$");

    private MadeHere() {}

    private static Set<String> words() {
        var found = new HashSet<String>();
        for (var row : Table.read(MadeHere.class, "made-here.txt", 2)) found.add(Words.key(row.cell(0)));
        return Set.copyOf(found);
    }

    /// {@return whether a product that a step names is what is being made, or no name there at all}
    static boolean isIt(String step, Match match) {
        return WORDS.contains(Words.key(match.text()))
                || RESULT.matcher(step.substring(0, match.start())).find() && !step.substring(0, match.start()).matches(
                        "(?i).*\\b(?:" + Grammar.anyOf("share-of") + ") of (?:the )?$");
    }
}
