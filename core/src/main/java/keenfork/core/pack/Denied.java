package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substances;

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
        var brackets = Brackets.of(stretch);
        var beyond = new ArrayList<Span>();
        var phrase = text.substring(start, end);
        var areAllergens = Tone.isListOfAllergens(stretch);
        var denied = denied(phrase, Brackets.blanked(stretch, brackets), areAllergens, beyond);
        // "no allergens (milk, egg)", but "free of the top eight (excluding soya)"
        var isElaborated = !denied.isEmpty() || !areAllergens;
        for (var bracket : brackets)
            if (isElaborated && (NON.matcher(phrase).matches() || !isOf(denied, bracket, stretch)))
                beyond.add(new Span(bracket.start(), bracket.end()));
        return beyond.stream().map(s -> new Span(end + s.start, end + s.end)).toList();
    }

    /// {@return the names that are denied; those that are not are added to `beyond`}
    ///
    /// @param areAllergens whether all that the phrase can deny is a list of allergens
    private static List<Match> denied(String phrase, String stretch, boolean areAllergens, List<Span> beyond) {
        var names = Foods.shipped().packWords().read(stretch).matches();
        if (!ENDS.matcher(stretch).find() && areAllergens) return names;
        var denied = new ArrayList<Match>();
        for (var name : names) {
            var isDenied = beyond.isEmpty() && (denied.isEmpty()
                    ? isReached(phrase, stretch.substring(0, name.start()))
                    : JOINED.matcher(stretch.substring(denied.getLast().end(), name.start())).matches());
            if (isDenied) denied.add(name);
            else beyond.add(new Span(name.start(), name.end()));
        }
        return denied;
    }

    /// "free from nuts (almond, walnut)" lists what is denied; "no egg pasta (egg, wheat)" lists what is in it, and so
    /// does a bracket behind a word that is not denied.
    private static boolean isOf(List<Match> denied, Brackets.Bracket bracket, String stretch) {
        var tree = Substances.shipped();
        var of = denied.stream().filter(m -> !isMade(m)).flatMap(m -> m.meaning().holds().stream()).toList();
        return denied.stream()
                .anyMatch(m -> m.end() <= bracket.start() && stretch.substring(m.end(), bracket.start()).isBlank())
                && Foods.shipped().packWords().read(stretch.substring(bracket.inside(), bracket.to())).matches()
                        .stream()
                        .flatMap(m -> m.meaning().holds().stream())
                        .allMatch(s -> of.stream().anyMatch(d -> tree.isUnder(s, d)));
    }

    /// made of more than one thing: the pasta of "no egg pasta"
    private static boolean isMade(Match match) {
        return match.meaning() instanceof Meaning.OfFood(var food) && (food.isCompound() || food.holds().size() > 1);
    }

    /// "non-dairy" denies the one word, "no GM soya" how it was grown
    private static boolean isReached(String phrase, String between) {
        return NON.matcher(phrase).matches() ? between.isBlank() : !ENDS.matcher(between).find();
    }
}
