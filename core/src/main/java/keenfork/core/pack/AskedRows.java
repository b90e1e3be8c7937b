package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/// What a supplier's questionnaire asks and answers: "Does the product contain nuts? No", "Are nuts handled on site?
/// Yes - almonds".
///
/// A "no" takes away what its question names, where nothing behind it takes the "no" back; a "yes" about a place says
/// that it may be in it. Every other answer is left to be read as any text is.
final class AskedRows {
    private static final Pattern QUESTION = Pattern.compile(
            "(?iu)(?<!\\p{L})(?<question>(?:%s)\\s[^?.;\\n]{3,100})\\?\\s{0,3}(?:(?<in>%s)|(?<no>%s))(?![\\p{L}\\d])"
                    .formatted(Tone.held("asks"), Tone.held("answer-in"), Tone.held("answer-no"))
                    + "(?<rest>[^?.;\\n]{0,80})");
    private static final Pattern ASKS_IN = Tone.pattern("asks-in");
    private static final Pattern ASKS_OUT = Tone.pattern("asks-out");
    private static final Pattern PLACE = Tone.pattern("answer-place");

    private AskedRows() {}

    /// {@return the answered questions of a text, in its order}
    /// @param turns finds what turns answers round: "Is it free from nuts?"
    static List<AnsweredRows.Row> of(String text, Pattern turns) {
        var rows = new ArrayList<AnsweredRows.Row>();
        if (text.indexOf('?') < 0) return rows;
        var found = QUESTION.matcher(text);
        while (found.find()) {
            var question = found.group("question");
            if (turns.matcher(question).find() || asksOut(question) || !ASKS_IN.matcher(question).find()) continue;
            if (found.group("no") != null)
                rows.add(new AnsweredRows.Row(
                        TakenBack.is(found.group("no"), found.group("rest")) ? Tone.MAY : Tone.NEGATED,
                        found.start("question"), found.end("question")));
            else if (PLACE.matcher(question).find())
                rows.add(new AnsweredRows.Row(Tone.MAY, found.start("question"), found.end("rest")));
        }
        return rows;
    }

    /// {@return whether a question asks what is kept out: "Has soya been removed? No"}
    static boolean asksOut(String question) { return ASKS_OUT.matcher(question).find(); }
}
