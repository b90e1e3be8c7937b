package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.LeftOut;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.OwnWeights;
import keenfork.core.food.PhrasePattern;
import keenfork.core.food.Words;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Unit;
import keenfork.core.measure.Volumes;
import keenfork.core.recipe.MeasureReader.Measure;
import org.jspecify.annotations.Nullable;

/// Reads one ingredient line: how much, of what unit, and every food its words name.
final class LineReader {
    /// longest line whose words are read; the rest of a longer one cannot be known
    private static final Set<Unit> BY_HAND = Set.of(Unit.DRIZZLE, Unit.PINCH, Unit.HANDFUL);
    private static final Fraction MOST_BY_HAND = Fraction.of(20);
    private static final int LONGEST = 500;
    private static final Set<String> LEAVES = Set.copyOf(Grammar.list("salad-leaves"));
    private static final List<String> HEAD_ENDS =
            Grammar.list("head-end").stream().map(w -> " " + w + " ").toList();
    private static final String HEAD_INITIALS =
            Grammar.list("head-end").stream().map(w -> w.substring(0, 1)).distinct().collect(Collectors.joining());
    private static final String AROUND = " ,();";
    private static final PhrasePattern TO_TASTE = new PhrasePattern(Grammar.list("as-liked"), "");
    /// what is counted is no work: "2 slices toast with butter"
    private static final String ONE = "1 ";
    /// the noun of bowls, dishes and jugs in the table of units
    private static final String VESSEL = "vessel";
    private static final Pattern PURPOSE =
            Pattern.compile("(?i)\\bfor\\s+(?:(?:" + Grammar.anyOf("determiner") + ")\\s+)?$");
    /// "swap the cream for oat cream" puts it in
    private static final Pattern EXCHANGED = Grammar.wordOf("exchanged");
    private static final Pattern ENDS =
            Pattern.compile("(?i)\\s*(?:$|[,.;:!)\\]–-]|(?:" + Grammar.anyOf("denial-end") + ")\\b)");
    private static final Pattern OPTIONAL = Pattern.compile("(?i)^\\(?optional\\)?\\s*:?\\s*");
    /// how many words of a later name an earlier one may share: the juice of "lime or lemon juice"
    /// "butter or olive oil" is butter
    private static final Set<String> NOT_SHARED = Set.copyOf(Grammar.list("not-shared"));
    private static final int LONGEST_TAIL = 2;

    private static final Pattern TIMES = Pattern.compile("(?i)(?<!\\p{L})[x×]\\s?\\d|\\d\\s?[x×](?!\\p{L})");

    private final LineWeigher weigher;
    private final MeasureReader measures;

    LineReader(Volumes volumes) {
        this(volumes, OwnWeights.NONE);
    }

    LineReader(Volumes volumes, OwnWeights own) {
        this.weigher = new LineWeigher(volumes, own);
        this.measures = new MeasureReader(volumes);
    }

    /// {@return the amount that a line says, as it says it; null where it says none}
    @Nullable
    Amount amount(String line) { return measures.read(Shorthand.written(line)).amount(); }

    Line read(String written) {
        var bare = Bullets.bare(written);
        var text = Shorthand.written(bare.length() > LONGEST ? bare.substring(0, LONGEST) : bare);
        var at = text.indexOf('@');
        if (at >= 0 && StepLine.isHeatAt(text, at)) text = StepLine.withoutHeat(text, at);
        else if (at >= 0 && at < 20) return otherDish(bare, text, at);
        var lower = text.toLowerCase(Locale.ROOT);
        var toTaste = TO_TASTE.isIn(text);
        var optional = lower.contains("optional");
        var measure = straight(measures.read(optional ? OPTIONAL.matcher(text).replaceFirst("") : text));
        var named = choices(Foods.opensWithFood(measure.rest(), measure.amount() != null) ? ONE + measure.rest()
                : measure.rest());
        var behind = measure.amount() == null ? Optional.<String>empty() : Shorthand.shortNameBehind(measure.rest());
        var words = bare.length() > LONGEST ? named.words.withUnread("…" + bare.substring(bare.length() - 20))
                : behind.map(named.words::withUnread).orElse(named.words);
        var pressed = pressed(measure);
        var preparation = preparation(measure.rest(), named.before.startsWith(ONE.strip()) ? "" : named.before);
        var choices = named.choices.stream().map(c -> without(pressed(c, pressed), preparation)).toList();
        if (measure.amount() == null)
            return new Line(bare, null, toTaste, optional, preparation, choices, words, "", null, null, null);
        var counted = inGrams(counted(measure), choices, text);
        var meant = Counted.of(counted, choices);
        var weighed = meant.subList(0, Math.min(named.weighed, meant.size()));
        var mass = LineWeigher.drained(weigher.weigh(counted, weighed), measure, lower, weighed);
        return new Line(bare, counted.amount(), toTaste, optional, preparation, meant, words, "", mass, null, null);
    }

    /// "mayo 500" is in grams; "limes x 60" counts
    private Measure inGrams(Measure measure, List<Line.Choice> choices, String text) {
        return TIMES.matcher(text).find() ? measure
                : weigher.inGrams(measure, choices, Character.isLetter(text.charAt(0)));
    }

    private static Measure straight(Measure measure) {
        return measure.rest().indexOf(',') < 0 && measure.rest().indexOf('(') < 0
                ? measure.withRest(Inverted.turned(measure.rest().strip()))
                : measure.withRest(Inverted.straight(measure.rest(), measure.amount() != null));
    }

    /// "300 g @Name", "@ 300 g Name" and "@Name 300 g" all mean the dish.
    private Line otherDish(String bare, String text, int at) {
        var name = text.substring(at + 1).strip();
        var amount = measures.read(text.substring(0, at).strip() + " .").amount();
        if (amount == null) {
            var measure = measures.read(name);
            var inFigures =
                    !name.isEmpty() && (Character.isDigit(name.charAt(0)) || name.chars().anyMatch(Character::isDigit));
            if (inFigures && measure.amount() != null && measure.amount().unit().kind() != Unit.Kind.COUNT) {
                amount = measure.amount();
                name = measure.rest().strip();
            }
        }
        return new Line(bare, amount, false, false, "", List.of(), Understood.ALL, name,
                amount == null ? null : LineWeigher.weight(amount), null, null);
    }

    // --- foods -------------------------------------------------------------------------------------------------------

    /// What a line names.
    ///
    /// @param weighed how many of the choices, from the first, share the line's amount: "4 anchovies, or 2 tsp capers"
    /// @param before  the words before the first food: "toasted" of "toasted hazelnuts"
    /// @param words   how the words were taken that the tables do not hold
    private record Named(List<Line.Choice> choices, int weighed, String before, Understood words) {}

    /// Every food the words name. "or" parts choices; words that are neither food nor kitchen talk are left unread.
    private static Named choices(String told) {
        var phrase = LEAVES.contains(told.strip().toLowerCase(Locale.ROOT)) ? "salad " + told.strip() : told;
        var words = Understood.ALL;
        var choices = new ArrayList<Line.Choice>();
        var weighed = Integer.MAX_VALUE;
        var before = "";
        var alternatives = Choices.parted(phrase);
        var byStroke = alternatives.length < 2 || Choices.areByStroke(phrase);
        for (var i = alternatives.length - 1; i >= 0; i--) {
            if (i + 1 < alternatives.length) alternatives[i] = withSharedTail(alternatives[i], alternatives[i + 1]);
            alternatives[i] = alternatives[i].strip();
        }
        for (var alternative : alternatives) {
            var reading = Foods.shipped().phrase(alternative);
            var alone = reading.matches().isEmpty() ? Foods.shipped().alone(alternative) : Optional.<Match>empty();
            var understood = Understood.of(reading);
            words = words.and(alone.map(m -> understood.naming(m.text())).orElse(understood));
            var named = new ArrayList<Match>(2);
            for (var match : reading.matches()) if (!isDenied(alternative, match, !named.isEmpty())) named.add(match);
            alone.ifPresent(named::add);
            if (named.size() < reading.matches().size()) leaveOpen(alternative, reading.matches(), named);
            named.replaceAll(m -> openedShort(alternative, m));
            if (choices.isEmpty() && !named.isEmpty())
                before = alternative.substring(0, named.getFirst().start()).strip();
            if (!choices.isEmpty() && Numbers.at(alternative, 0) != null) weighed = Math.min(weighed, choices.size());
            if (!named.isEmpty()) addAll(choices, alternative, inState(alternative, named), !byStroke);
        }
        if (byStroke && choices.size() > 1) withSure(choices, alternatives[0].indexOf(',') > 0);
        for (var choice : choices) if (choice.main() instanceof Meaning.OfFood(var food)) words = words.knowing(food);
        return new Named(different(choices), weighed, before, words);
    }

    /// "nut-free pesto", "mayo, no egg": no table is surer than the cook, and no cook than the pack
    private static void leaveOpen(String phrase, List<Match> matches, List<Match> named) {
        var denied = matches.stream().filter(m -> !named.contains(m))
                .filter(m -> Words.isDenied(phrase, m.end()) || Words.isRuledOut(phrase, m.start()))
                .map(Match::meaning).toList();
        named.replaceAll(m -> open(m, denied));
    }

    /// "GF gochujang"; of a plain food no word changes what it holds
    private static Match openedShort(String phrase, Match match) {
        return match.meaning() instanceof Meaning.OfFood(var food) && food.isCompound()
                ? open(match, LeftOut.saidShort(phrase, match.start(), match.end())) : match;
    }

    private static Match open(Match match, List<Meaning> denied) {
        return denied.isEmpty() ? match : new Match(match.text(), LeftOut.open(match.meaning(), denied), match.start(),
                match.end(), match.taken());
    }

    /// "milk-free", or behind another food "beetroot (not in vinegar)", "stock, no salt", "yoghurt for the falafel":
    /// the cook says that it is not there.
    private static boolean isDenied(String phrase, Match match, boolean isBehind) {
        if (Words.isDenied(phrase, match.end()) || Likeness.is(phrase, match)) return true;
        if (isBehind && PURPOSE.matcher(phrase.substring(0, match.start())).find() && !EXCHANGED.matcher(phrase).find())
            return true;
        return isBehind && ENDS.matcher(phrase).region(match.end(), phrase.length()).lookingAt()
                && Words.isRuledOut(phrase, match.start());
    }

    /// "eggs, hard boiled" are hard-boiled eggs, "chickpeas, dry" dry chickpeas: what stands behind the comma may be
    /// the other half of a name.
    private static List<Match> inState(String phrase, List<Match> named) {
        var main = named.getFirst();
        if (main.end() == phrase.length() || !(main.meaning() instanceof Meaning.OfFood(var food))) return named;
        var cut = headEnd(phrase);
        if (cut >= phrase.length() || main.end() > cut) return named;
        // "cooked chickpeas (500 g dry)" are cooked
        if (phrase.charAt(cut) == '(' && Character.isDigit(phrase.charAt(Math.min(cut + 1, phrase.length() - 1))))
            return named;
        var better = State.of(food, phrase, cut);
        if (better.isEmpty()) return named;
        var changed = new ArrayList<>(named);
        changed.set(0,
                new Match(main.text(), new Meaning.OfFood(better.get()), main.start(), main.end(), main.taken()));
        return changed;
    }

    /// "rava/suji" and "tahini or sesame paste" are two names of one thing.
    private static List<Line.Choice> different(List<Line.Choice> choices) {
        if (choices.size() < 2) return choices;
        var first = choices.getFirst();
        return choices.stream().allMatch(c -> c.main().equals(first.main()) && c.others().equals(first.others()))
                ? List.of(first) : choices;
    }

    private static Set<JuiceOrZest> pressed(Measure measure) {
        if (measure.noun().equals("squeeze")) return Set.of(JuiceOrZest.JUICE);
        return measure.pressed().isEmpty() ? JuiceOrZest.behind(measure.rest()) : measure.pressed();
    }

    /// "egg wash, sesame / nigella on top", "feta in oil / brine": what stands before goes in either way
    private static void withSure(List<Line.Choice> choices, boolean isListed) {
        var first = choices.getFirst();
        var sure = new ArrayList<>(first.others());
        sure.removeAll(first.inName());
        if (sure.isEmpty()) return;
        var last = sure.removeLast();
        sure.addFirst(first.main());
        if (isListed) choices.set(0, withSure(first.with(last, List.of()), sure));
        choices.subList(1, choices.size()).replaceAll(c -> withSure(c, sure));
    }

    private static Line.Choice withSure(Line.Choice choice, List<Meaning> sure) {
        var others = new ArrayList<>(choice.others());
        others.addAll(sure);
        return choice.with(choice.main(), others);
    }

    /// "oat, almond or soya milk": where there is an "or", a comma between foods is one, too.
    private static void addAll(List<Line.Choice> choices, String phrase, List<Match> named, boolean isAlternative) {
        if (isAlternative && named.size() > 1 && named.stream().allMatch(m -> m.meaning() instanceof Meaning.OfFood)
                && phrase.substring(named.get(0).end(), named.get(1).start()).strip().equals(",")) {
            for (var match : named) choices.add(new Line.Choice(match.meaning(), List.of()));
            return;
        }
        choices.add(choice(phrase, named));
    }

    /// "lime or lemon juice" is lime juice or lemon juice: the words that end the later name are tried behind the
    /// earlier one.
    private static String withSharedTail(String earlier, String later) {
        var matches = Foods.shipped().recipeWords().read(later).matches();
        if (matches.isEmpty()) return earlier;
        // "apple/blackberry crumble" is crumble either way
        var sold = CalledAfter.tail(later, matches);
        if (!sold.isEmpty() && !CalledAfter.isAmong(Foods.shipped().recipeWords().read(earlier).matches()))
            return earlier.stripTrailing() + " " + sold;
        var name = Words.of(matches.getFirst().text());
        var before = earlier.split("(?<=,)\\s*");
        var changed = new StringBuilder();
        for (var piece : before) {
            var bare = piece.replaceFirst(",$", "").strip();
            var longer = "";
            for (var tail = Math.min(LONGEST_TAIL, name.size() - 1); tail > 0 && longer.isEmpty(); tail--) {
                var words = String.join(" ",
                        name.subList(name.size() - tail, name.size()).stream().map(Words.Word::text).toList());
                var last = bare.substring(bare.lastIndexOf(' ') + 1);
                var joined = last + " " + words;
                if (!last.isEmpty() && !NOT_SHARED.contains(joined) && Foods.shipped().meaning(joined).isPresent())
                    longer = bare + " " + words;
            }
            changed.append(longer.isEmpty() ? bare : longer).append(piece.endsWith(",") ? ", " : " ");
        }
        return changed.toString();
    }

    /// The food that is weighed is the last one named before a comma, "with" or "in": "olive oil mayonnaise", "bread,
    /// brushed with butter".
    private static Line.Choice choice(String phrase, List<Match> named) {
        var matches = Mixes.opened(phrase, named);
        var main = matches.getFirst();
        for (var match : matches.subList(1, matches.size())) {
            // the halves of a German compound stand in one place
            if (match.start() >= main.end() && headEnds(phrase.substring(main.end(), match.start()))) break;
            main = match;
        }
        if (matches.size() == 1) return new Line.Choice(main.meaning(), List.of());
        var first = matches.indexOf(main);
        var chosen = CalledAfter.head(phrase, matches, first);
        // the cheese of "cheese & onion pasty" is joined to its name
        var joined = chosen == main ? matches.size() : first;
        return new Line.Choice(chosen.meaning(),
                matches.stream().filter(m -> m != chosen).map(Match::meaning).distinct().toList(),
                matches.stream().filter(m -> m.end() <= chosen.start()).map(Match::meaning).distinct().toList(),
                matches.stream().skip(joined).filter(m -> m.end() <= chosen.start()).map(Match::meaning).distinct()
                        .toList());
    }

    private static boolean headEnds(String between) { return headEnd(between) < between.length(); }

    /// {@return where the words about the food itself end, and those about what is done to it begin}
    private static int headEnd(String phrase) {
        for (var at = 0; at < phrase.length(); at++) {
            var c = phrase.charAt(at);
            if (c == ',' || c == '(' || c == ';' || c == '/' || c == ' ' && endsHead(phrase, at)) return at;
        }
        return phrase.length();
    }

    private static boolean endsHead(String phrase, int blank) {
        if (blank + 1 == phrase.length() || HEAD_INITIALS.indexOf(phrase.charAt(blank + 1)) < 0) return false;
        for (var word : HEAD_ENDS) if (phrase.startsWith(word, blank)) return true;
        return false;
    }

    /// What is done to the food: a leading word, and what stands behind a comma or in brackets.
    private static String preparation(String rest, String before) {
        var cut = first(first(first(rest.length(), rest.indexOf(',')), rest.indexOf('(')), rest.indexOf(';'));
        var behind = bared(rest, cut);
        return before.isEmpty() || behind.isEmpty() ? before + behind : before + ", " + behind;
    }

    /// "pasta, GF", "feta (vegan)": another food, where all that is said behind its name is what it does without.
    private static Line.Choice without(Line.Choice choice, String preparation) {
        if (preparation.isEmpty() || !(choice.main() instanceof Meaning.OfFood(var food))) return choice;
        return LeftOut.of(food, preparation)
                .map(f -> choice.with(new Meaning.OfFood(f), choice.others())).orElse(choice);
    }

    private static int first(int one, int other) { return other < 0 ? one : Math.min(one, other); }

    /// {@return what stands from a place on, without the marks around it}
    private static String bared(String text, int from) {
        var start = from;
        var end = text.length();
        while (start < end && AROUND.indexOf(text.charAt(start)) >= 0) start++;
        while (end > start && (AROUND.indexOf(text.charAt(end - 1)) >= 0 || text.charAt(end - 1) == '.')) end--;
        return text.substring(start, end);
    }

    /// A fruit whose juice or zest is taken: the juice is what goes in, with the zest beside it.
    private static Line.Choice pressed(Line.Choice choice, Set<JuiceOrZest> pressed) {
        if (pressed.isEmpty() || !(choice.main() instanceof Meaning.OfFood(var fruit))) return choice;
        var taken = pressed.stream().sorted()
                .map(p -> Foods.shipped().meaning(fruit.name() + " " + p.name().toLowerCase(Locale.ROOT)))
                .flatMap(Optional::stream).toList();
        if (taken.isEmpty()) return choice;
        var others = new ArrayList<>(taken.subList(1, taken.size()));
        others.addAll(choice.others());
        return choice.with(taken.getFirst(), others);
    }

    // --- weights -----------------------------------------------------------------------------------------------------

    /// "6 garlic cloves": the count noun stands behind the food. "cream swirl 200" is no two hundred of them.
    private static Measure counted(Measure measure) {
        var amount = measure.amount();
        if (amount == null || amount.unit() != Unit.NONE) return measure;
        var rest = measure.rest();
        var end = headEnd(rest);
        var head = end < rest.length() && CalledAfter.isOne(rest) ? rest : rest.substring(0, end).strip();
        var last = lastNoun(head);
        var unit = Units.unit(last);
        // "12 poke bowls" are bowls as they are served
        if (unit == null || unit.kind() != Unit.Kind.COUNT || head.equalsIgnoreCase(last)
                || Units.singular(last).equals(VESSEL)
                || BY_HAND.contains(unit) && amount.high().compareTo(MOST_BY_HAND) > 0)
            return measure;
        return new Measure(new Amount(amount.low(), amount.high(), unit), Units.singular(last), measure.size(),
                measure.each(), measure.noted(),
                measure.centimetres(), measure.pressed(), measure.rest());
    }

    /// The last word that is no talk: the cloves of "garlic cloves crushed".
    private static String lastNoun(String head) {
        for (var rest = head;;) {
            var last = rest.substring(rest.lastIndexOf(' ') + 1).toLowerCase(Locale.ROOT);
            if (last.length() == rest.length() || Units.unit(last) != null || last.isEmpty()
                    || !Foods.shipped().recipeWords().isTalkAt(rest, rest.length() - last.length()))
                return last;
            rest = rest.substring(0, rest.length() - last.length()).strip();
        }
    }
}
