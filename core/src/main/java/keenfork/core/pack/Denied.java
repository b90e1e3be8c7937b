package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;

/// How far a phrase denies: "no added sugar almond butter" has no sugar in it, and almonds.
final class Denied {
    /// names that are denied together: "no milk or egg"
    private static final Pattern JOINED =
            Pattern.compile("(?iu)\\s*(?:[,/&:]|\\s(?:%1$s)\\b)[\\s,/&:]*(?:(?:%1$s)\\s+)?"
                    .formatted(Tone.held("and-word") + "|" + Tone.held("open-ended")));
    /// what is denied before a name is all that is: "no GM soya", "no added sugar almonds"
    private static final Pattern ENDS = Pattern.compile("(?iu)\\b(?:" + Tone.held("denies-alone") + ")\\b");
    private static final Pattern NON = Pattern.compile("(?i)non[- ]");

    /// "colours, flavours or preservatives": a list of nothing else
    private static final Pattern NO_FOODS =
            Pattern.compile("(?iu)\\s*(?:%1$s)(?:\\s*[,/&]?\\s*(?:(?:%2$s)\\s+)?(?:%1$s))*\\s*"
                    .formatted(Tone.held("denies-alone"), Tone.held("and-word")));

    private Denied() {}

    /// {@return whether a list behind a phrase that denies names only what is left out by its kind: colours, sugar}
    static boolean areNoFoods(String list) { return NO_FOODS.matcher(list).matches(); }

    /// A stretch of a text.
    record Span(int start, int end) {}

    /// {@return the names in a stretch that a phrase denies which it does not reach}
    ///
    /// @param start where the phrase begins
    /// @param end   behind it, where what it denies begins
    /// @param to    the end of all that it can deny
    static List<Span> beyond(String text, int start, int end, int to) {
        if (to <= end) return List.of();
        var stretch = text.substring(end, to);
        if (!ENDS.matcher(stretch).find() && Tone.isListOfAllergens(stretch)) return List.of();
        var names = Foods.shipped().packWords().read(stretch).matches();
        var beyond = new ArrayList<Span>();
        var last = -1;
        for (var name : names) {
            var isDenied = beyond.isEmpty() && (last < 0
                    ? isReached(text.substring(start, end), stretch.substring(0, name.start()))
                    : JOINED.matcher(stretch.substring(last, name.start())).matches());
            if (isDenied) last = name.end();
            else beyond.add(new Span(end + name.start(), end + name.end()));
        }
        return beyond;
    }

    /// "non-dairy" denies the one word, "no GM soya" how it was grown
    private static boolean isReached(String phrase, String between) {
        return NON.matcher(phrase).matches() ? between.isBlank() : !ENDS.matcher(between).find();
    }
}
