package keenfork.core.recipe;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Table;
import keenfork.core.food.Words;

/// What a step means by the name of a food: what goes in or is served with it, what is being made here ("blend to a
/// rough pesto"), or only what it is like ("until the thickness of double cream").
///
/// It goes in unless the words before it say that it does not: a jar of mayonnaise is there, whatever "of" may mean.
final class MadeHere {
    /// What is meant: what is there, what may be made here, what is told to be made or done ("make a salsa of it",
    /// "toast the nuts"), or what it is only like.
    enum Meant { THERE, MAY_BE_MADE, MADE, LIKENED }

    /// How a name is mostly meant.
    private enum How { MADE, DONE }

    /// A row of `made-here.txt`.
    ///
    /// @param isMade whether the name mostly means what is being made
    /// @param isDone whether it can be a verb
    private record Row(boolean isMade, boolean isDone, Materials of) {
        private static final Row NONE = new Row(false, false, Materials.of(List.of()));

        private static Row of(Table.Row row) {
            var how = row.read(1, _ -> row.list(1).stream().map(h -> How.valueOf(h.toUpperCase(Locale.ROOT)))
                    .collect(Collectors.toSet()));
            return new Row(how.contains(How.MADE), how.contains(How.DONE), Materials.of(row.list(2)));
        }

        boolean isMostlyDone() { return isDone && !isMade; }
    }

    private static final Map<String, Row> ROWS = Table.read(MadeHere.class, "made-here.txt", 4).stream()
            .collect(Collectors.toUnmodifiableMap(r -> Words.key(r.cell(0)), Row::of));
    private static final Pattern SENTENCE = Pattern.compile("[.;:!?]");
    private static final Pattern BOUGHT = Pattern.compile("(?i)\\b(?:(?:" + Grammar.anyOf("shop-vessel")
            + ") of (?:\\p{L}+ )?|(?:" + Grammar.anyOf("bought") + ") )$");
    private static final int LONGEST_BOUGHT = 60;
    private static final Pattern OF_IT = Pattern.compile("(?i) (?:" + Grammar.anyOf("of-what-is-here") + ")\\b");
    /// "like making a meringue"
    private static final Set<String> AS_IF = Set.of("like", "if");
    /// "a chunky paste like pesto"
    private static final Set<String> PASTES = Grammar.words("pastes");
    private static final Set<String> HANDLED = Grammar.words("handles-made");
    private static final Set<String> SERVES = Grammar.words("serves");
    private static final Set<String> SERVED_WITH = Grammar.words("served-with");
    private static final Set<String> LOOKS = Grammar.words("looks");

    private final LeadIn before;

    private MadeHere(LeadIn before) { this.before = before; }

    /// {@return whether a name mostly tells what is being made: the salad, the dough}
    static boolean isMostlyMade(Match match) { return row(match.text()).isMade; }

    private static Row row(String name) { return ROWS.getOrDefault(Words.key(name), Row.NONE); }

    /// {@return whether nothing of a recipe is what a thing by such a name can be made of: "top with slaw" on a bun of
    /// pork}
    static boolean isOfNothing(String name, Recipe recipe) {
        var of = row(name).of;
        var key = Words.key(name);
        return !of.words().isEmpty() && !of.areListedIn(recipe)
                && recipe.steps().stream().noneMatch(step -> of.areSaidIn(step, key));
    }

    /// {@return what a step means by a product}
    static Meant product(String step, Match match) {
        var from = Math.max(0, match.start() - LONGEST_BOUGHT);
        if (BOUGHT.matcher(step).useTransparentBounds(true).region(from, match.start()).find()) return Meant.THERE;
        var sentence = new MadeHere(LeadIn.of(step, match.start()));
        var row = row(match.text());
        // "serve with sausages & mash", "serve with slaw"
        if ((row.isMade || row.isDone) && sentence.isServedWith()) return Meant.THERE;
        if (row.isDone && !sentence.isThing()) return Meant.MADE;
        if (OF_IT.matcher(step).region(match.end(), step.length()).lookingAt()) return Meant.MADE;
        var meant = sentence.meant();
        if (row.isMade) return meant == Meant.THERE ? Meant.MAY_BE_MADE : Meant.MADE;
        // nobody makes toast of what is no bread
        return row.isDone && meant == Meant.MADE && !sentence.isShaped() ? Meant.THERE : meant;
    }

    /// {@return whether a step speaks of a product as of what is here: "the breadcrumbs", "cool biscuits on a rack"}
    static boolean isThe(String step, Match match) {
        return new MadeHere(LeadIn.of(step, match.start())).isThe();
    }

    /// {@return the words of products that a step begins a sentence with as a verb: "Pickle the onions"}
    static List<String> done(String step) {
        return SENTENCE.splitAsStream(step).map(s -> Words.of(s)).filter(w -> !w.isEmpty())
                .map(w -> w.getFirst().text()).filter(w -> row(w).isMostlyDone()).toList();
    }

    /// {@return whether a step only says what something is like}
    static boolean isLikened(String step, Match match) { return isLikened(step, match.start()); }

    /// @param start where the name stands
    static boolean isLikened(String step, int start) {
        return new MadeHere(LeadIn.of(step, start)).meant() == Meant.LIKENED;
    }

    /// "on toast", "some chips": a thing; but "toast the nuts", "then wrap", "lightly mash", "re-roll".
    private boolean isThing() {
        if (before.words().isEmpty()) return false;
        var last = before.words().getLast();
        return !last.isPaused() && !LeadIn.BEFORE_A_VERB.contains(last.text()) && !last.text().endsWith("ly")
                && !last.text().equals("re-");
    }

    /// "serve with slaw": not "serve with the slaw", which is here already
    private boolean isServedWith() {
        var words = before.words().stream().map(LeadIn.Word::text).toList();
        var serve = IntStream.range(0, words.size()).filter(at -> SERVES.contains(words.get(at))).findFirst();
        return serve.isPresent()
                && words.subList(serve.getAsInt(), words.size()).stream().anyMatch(SERVED_WITH::contains)
                && !isThe();
    }

    private boolean isThe() {
        var word = before.at(before.lead());
        return !LeadIn.A.contains(word) && LeadIn.DETERMINER.contains(word)
                || HANDLED.contains(before.at(before.last()));
    }

    private Meant meant() {
        var lead = before.lead();
        var isOne = LeadIn.A.contains(before.at(lead));
        var isThis = !isOne && LeadIn.DETERMINER.contains(before.at(lead));
        var verb = isOne || isThis ? lead - 1 : lead;
        if (verb < 0) return Meant.THERE;
        var word = before.at(verb);
        // "stream it in like for mayo"
        if (word.equals("for") && before.at(verb - 1).equals("like")) return Meant.LIKENED;
        if (LeadIn.LIKE.contains(word) && isLikened(verb)) return Meant.LIKENED;
        if (LeadIn.MAKES.contains(word)) return AS_IF.contains(before.at(verb - 1)) ? Meant.LIKENED : Meant.MADE;
        if (isThis) return word.equals("for") && verb == 0 ? Meant.MADE : Meant.THERE;
        return isMadeInto(word, verb, isOne) ? Meant.MADE : Meant.THERE;
    }

    /// "the texture of hummus", "looks like breadcrumbs", "as thick as custard"; but not "something like mustard"
    private boolean isLikened(int place) {
        return switch (before.at(place)) {
            case "of" -> LOOKS.contains(before.at(place - 1));
            case "as" -> before.at(place - 2).equals("as") && LeadIn.HOW.contains(before.at(place - 1));
            case "like" -> isComparison(place);
            default -> true;
        };
    }

    /// "looks like breadcrumbs", "a paste like pesto", "cut like chips", "pulse with some bite, like pesto"
    private boolean isComparison(int like) {
        var verb = before.verb(like);
        // "Like a thick mayonnaise." tells of what was made
        if (like == 0 && before.last() > 0 && LeadIn.A.contains(before.at(1))) return true;
        if (PASTES.contains(before.at(like - 1)) || LeadIn.SHAPES.contains(verb)) return true;
        var isSaid = before.words().subList(0, like).stream().anyMatch(w -> LOOKS.contains(w.text()));
        return isSaid && !LeadIn.GOES_IN.contains(verb)
                || like > 0 && before.words().get(like - 1).isPaused() && LeadIn.MAKES_OF.contains(verb);
    }

    private boolean isMadeInto(String word, int place, boolean isOne) {
        var verb = before.verb(place);
        return switch (word) {
            case "to" -> LeadIn.MAKES_OF.contains(verb) || LeadIn.SHAPES.contains(verb);
            case "into" -> LeadIn.SHAPES.contains(verb) || isOne && LeadIn.MAKES_OF.contains(verb);
            case "as" -> isOne && !LeadIn.GOES_IN.contains(verb);
            case "for" -> place == 0;
            case "have" -> before.at(place - 1).equals("you");
            default -> false;
        };
    }

    private boolean isShaped() { return LeadIn.SHAPES.contains(before.verb(before.words().size())); }
}
