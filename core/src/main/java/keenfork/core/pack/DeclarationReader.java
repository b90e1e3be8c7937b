package keenfork.core.pack;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.Phrase;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Words;

/// One reading of a declaration: terms between commas, each with the brackets that open it up.
final class DeclarationReader {
    private static final Pattern SEEDS = Tone.pattern("seeds");
    private static final List<Substance> SESAME = List.of(Substances.shipped().get("sesame"));
    private static final Pattern NOT_VEGETARIAN = Tone.pattern("not-vegetarian");
    private static final Pattern ALL_ALLERGENS = Tone.pattern("all-allergens");
    private static final Pattern CODES = Tone.pattern("codes");
    private static final Pattern CLASS = Tone.pattern("class");

    /// brackets that stand deeper within each other are read as one run of words: no maker prints them so
    private static final int DEEPEST = 24;
    /// a term of so many words that names nothing to eat is a sentence
    private static final int SENTENCE = 4;
    /// and of so many, where it stands by itself behind a list that ended with a full stop
    private static final int SENTENCE_BEHIND = 2;
    private static final int FEWEST_OF_LIST = 2;
    /// so many words that are not known, and such a share of all, are a language that is not read (common practice: of
    /// the packs in the tests that are read none has half as many)
    private static final int FEW_UNREAD = 4;
    private static final double MANY_UNREAD = 0.2;
    /// of a short list
    private static final double MOST_UNREAD = 0.6;

    private static final Pattern ELSEWHERE = Tone.pattern("elsewhere");
    private static final String ELSEWHERE_ASK = "“%s”: that is not in this text. What does it say?";
    private static final String CODES_ASK = "Which allergens are meant by “%s”? The key to it is not on this pack.";
    private static final String NO_LIST = "This pack names no ingredient. What does its list say?";
    private static final String PARTS_TERMS = ";\n•，、；";

    private final String text;
    private final Tone[] tones;
    private final BitSet boilerplate;
    /// where the names of a table begin and end: "Soya ✓ Milk ✗" is no soya milk
    private final BitSet edges = new BitSet();
    private final boolean stressesByCapitals;
    private final int firstComma;
    private int nested;
    /// ingredients that are in it, by whatever name
    private int named;
    /// made foods among them: one alone is only the name of what is in the pack
    private int products;
    /// words of the terms, and those of them that are not known
    private int words;
    private final List<VagueTerm> unread = new ArrayList<>();
    final List<Finding> findings = new ArrayList<>();
    final List<VagueTerm> vague = new ArrayList<>();
    /// what it says it is free from, with the words
    private final Map<Substance, String> denied = new LinkedHashMap<>();
    /// where the name in front of the list ends, and what that name itself says it is free from
    private final int nameEnd;
    private final Set<Substance> deniedByName = new HashSet<>();

    DeclarationReader(String text) {
        this.text = text;
        var rows = Tone.rows(text);
        this.tones = Tone.along(text, rows);
        for (var row : rows) {
            edges.set(row.start());
            edges.set(row.end());
        }
        this.boilerplate = Tone.boilerplate(text);
        for (var row : rows) if (!row.isPromise()) boilerplate.set(row.start(), row.end());
        this.stressesByCapitals = stressesByCapitals(text);
        this.nameEnd = Headline.end(text);
        this.firstComma = text.indexOf(',');
    }

    /// a list that is mostly not set in capitals stresses its allergens by them
    private static boolean stressesByCapitals(String text) {
        var letters = text.chars().filter(Character::isLetter).count();
        return text.chars().filter(Character::isUpperCase).count() * 2 < letters;
    }

    void read() {
        list(0, text.length(), List.of());
        nameInFront();
        ofAnimals();
        anyAllergen();
        inWordsNotKnown();
        if (!isList() && vague.isEmpty() && !text.isBlank())
            vague.add(new VagueTerm(text, List.of(), NO_LIST, 0, text.length(), true));
    }

    /// {@return whether anything is named that is in it: "see label" and "may contain nuts" are no list of ingredients,
    /// nor is "Mayonnaise" by itself}
    boolean isList() { return named > 0 || products > 1; }

    /// Reads the terms from `from` to `to`, parted by commas, semicolons, line ends and full stops outside brackets.
    private void list(int from, int to, List<String> path) {
        var start = from;
        var depth = 0;
        for (var at = from; at < to; at++) {
            var c = text.charAt(at);
            if (Tone.isOpen(c)) depth++;
            if (Tone.isClose(c)) depth = Math.max(0, depth - 1);
            if (depth == 0
                    && (c == ',' && !isDecimal(at) || PARTS_TERMS.indexOf(c) >= 0 || Tone.isFullStop(text, at))) {
                term(start, at, path);
                start = at + 1;
            } else if (depth == 0 && edges.get(at) && at > start) {
                term(start, at, path);
                start = at;
            }
        }
        term(start, to, path);
    }

    private boolean isDecimal(int comma) {
        return comma > 0 && comma + 1 < text.length() && Character.isDigit(text.charAt(comma - 1))
                && Character.isDigit(text.charAt(comma + 1));
    }

    private record Inner(int from, int to) {}

    /// A term's own words are read with its brackets blanked out; then each bracket is read as a list under it.
    private void term(int from, int to, List<String> path) {
        var term = text.substring(from, to);
        var brackets = Brackets.of(term);
        var head = Brackets.blanked(term, brackets);
        var inners = brackets.stream().map(i -> new Inner(from + i.inside(), from + i.to())).toList();
        var name = head.strip().replaceAll("\\s+", " ");
        var below = new ArrayList<>(path);
        if (name.chars().anyMatch(Character::isLetter)) below.add(name);
        var opened = new ArrayList<Opened>();
        nested++;
        for (var inner : inners) {
            var inside = text.substring(inner.from, inner.to);
            if (LatinName.isOne(inside) && Opened.namesFood(head)) continue;
            var before = findings.size();
            if (nested < DEEPEST) list(inner.from, inner.to, below);
            else head(Term.of(inside, inner.from, below, name), Opened.NOTHING);
            Opened.by(inside, inner.from - from,
                    findings.stream().skip(before).anyMatch(f -> isOf(f, Allergens.all()))).ifPresent(opened::add);
        }
        nested--;
        var isFirst = from == 0 || Tone.endsSentence(text, from - 1);
        if (isFirst) Opened.byDash(head).ifPresent(opened::add);
        head(Term.of(head, from, below, path.isEmpty() ? "" : path.getLast()), opened);
    }

    /// "Naan bread. Wheat flour, water, …": a name in front of the list asks for no list. What it surely holds stands,
    /// but for what the same name denies: the list of a "gluten-free panko" says what it is made of.
    private void nameInFront() {
        if (nameEnd == 0) return;
        var tree = Substances.shipped();
        findings.removeIf(f -> f.end() <= nameEnd && f.assumed()
                && deniedByName.stream().anyMatch(d -> tree.isUnder(f.substance(), d)));
        var named = findings.stream().filter(f -> f.end() <= nameEnd).map(Finding::substance).distinct().toList();
        if (named.stream().allMatch(this::isListed)) vague.removeIf(v -> v.end() <= nameEnd && !v.beyondLaw());
    }

    /// {@return whether what stands behind the name holds it, or what is of its kind}
    private boolean isListed(Substance substance) {
        var tree = Substances.shipped();
        return findings.stream().anyMatch(f -> f.start() >= nameEnd
                && (tree.isUnder(f.substance(), substance) || tree.isUnder(substance, f.substance())));
    }

    /// "Not suitable for vegetarians", where nothing else says why.
    private void ofAnimals() {
        var said = NOT_VEGETARIAN.matcher(text);
        var animals = Substances.shipped().ofAnimals();
        if (said.find() && findings.stream().noneMatch(f -> f.says() == Finding.Says.IN && isOf(f, animals)))
            vague.add(new VagueTerm(said.group(), animals,
                    "Why does it say “%s”?".formatted(said.group().toLowerCase(Locale.ROOT)),
                    said.start(), said.end()));
    }

    /// What no word of a list says, its law settles: but not in a language that is not read, where "melk" and "noten"
    /// are no words at all.
    private void inWordsNotKnown() {
        var isMany = unread.size() >= FEW_UNREAD && unread.size() >= words * MANY_UNREAD;
        if (!isMany && (unread.isEmpty() || unread.size() < words * MOST_UNREAD)) return;
        var of = unread.stream().map(VagueTerm::words).distinct().limit(FEW_UNREAD).toList();
        vague.removeAll(unread);
        vague.add(new VagueTerm(String.join(", ", of), List.of(Substances.shipped().anything()),
                "Many words of this pack are not known here: %s. Is it in another language? Type its list in English."
                        .formatted(String.join(", ", of)),
                unread.getFirst().start(), unread.getLast().end(), true));
    }

    /// "Prepared in a kitchen where all 14 allergens are used", "Allergens: 1, 7", "May contain: see outer case"
    private void anyAllergen() {
        var said = ALL_ALLERGENS.matcher(text);
        while (said.find())
            if (tones[said.end() - 1] != Tone.NEGATED)
                found(Allergens.all(), Tone.MAY, false, List.of(), said.start(), said.end());
        if (CodedKey.of(text).isEmpty()) anyWhereTold(CODES, CODES_ASK);
        anyWhereTold(ELSEWHERE, ELSEWHERE_ASK);
    }

    private void anyWhereTold(Pattern phrase, String ask) {
        var told = phrase.matcher(text);
        while (told.find())
            vague.add(new VagueTerm(told.group(), Allergens.all(), ask.formatted(told.group().strip()), told.start(),
                    told.end(), true));
    }

    static boolean isOf(Finding finding, List<Substance> branches) {
        return branches.stream().anyMatch(b -> Substances.shipped().isUnder(finding.substance(), b));
    }

    /// @param opened what of it is told by more than its name
    private void head(Term term, List<Opened> opened) {
        var head = term.words();
        var phrase = Foods.shipped().packPhrase(head);
        var numbers = ENumbers.of(head, !term.path().isEmpty());
        var colon = head.indexOf(':');
        var isHeadline = colon >= 0
                && (!numbers.isEmpty() || phrase.matches().stream().anyMatch(m -> m.start() > colon));
        for (var match : phrase.matches()) {
            var explained = opened.stream().anyMatch(o -> o.tells(match, head))
                    || isNumbered(match, numbers, head) || isClassOf(match, phrase.matches(), head)
                    || isHeadline && new Opened(colon, true).tells(match, head);
            match(match, term, explained);
        }
        for (var number : numbers) match(number, term, !opened.isEmpty());
        var sentence = isBehindList(term.offset(), head.length()) ? SENTENCE_BEHIND : SENTENCE;
        words += (int) Words.of(head).stream().filter(w -> w.text().length() > 1).count();
        for (var word : unknown(phrase, head, sentence)) unknown(word, term.offset());
    }

    /// "emulsifier E471"
    private static boolean isNumbered(Match match, List<Match> numbers, String head) {
        return match.meaning() instanceof Meaning.Vague && numbers.stream()
                .anyMatch(n -> n.start() > match.end() && head.substring(match.end(), n.start()).isBlank());
    }

    /// "emulsifier sunflower lecithin": what is named behind the class says which it is
    private static boolean isClassOf(Match match, List<Match> matches, String head) {
        return match.meaning() instanceof Meaning.Vague && CLASS.matcher(match.text()).matches() && matches.stream()
                .anyMatch(m -> m.start() > match.end() && head.substring(match.end(), m.start()).isBlank());
    }

    /// "…, salt. Lid recyclable.": in no list of its own, and below the one that ended
    private boolean isBehindList(int offset, int length) {
        var before = offset;
        while (before > 0 && text.charAt(before - 1) <= ' ') before--;
        var end = offset + length;
        return named >= FEWEST_OF_LIST && firstComma >= 0 && before > firstComma && text.charAt(before - 1) == '.'
                && (end == text.length() || Tone.isFullStop(text, end) || text.charAt(end) == '\n');
    }

    /// The words of a term that are not known; a sentence of general English that names nothing to eat has none.
    private static List<Phrase.Unknown> unknown(Phrase phrase, String head, int sentence) {
        var latin = LatinName.in(head);
        var unknown = phrase.unknown().stream()
                .filter(w -> !ENumbers.isOne(w.word().text()) && !latin.get(w.word().start())).toList();
        var isSentence = phrase.matches().isEmpty() && head.strip().split("\\s+").length >= sentence;
        return isSentence ? unknown.stream().filter(w -> !Foods.shipped().isInedible(w.word().word())).toList()
                : unknown;
    }

    private void unknown(Phrase.Unknown unknown, int offset) {
        var word = unknown.word();
        var start = offset + word.start();
        var end = offset + word.end();
        if (tones[start] == Tone.NEGATED || tones[start] == Tone.PAST) return;
        var resembled = unknown.resembles().isEmpty() ? Foods.shipped().garbled(text, start, end) : unknown.resembles();
        if (!resembled.isEmpty())
            vague.add(new VagueTerm(word.text(), resembled, question(word.text()), start, end, true));
        if (stressesByCapitals && isStressed(word.text()) || AllergenStatement.isAround(text, start, end))
            vague.add(new VagueTerm(word.text(),
                    List.of(Substances.shipped().anything()), question(word.text()), start, end, true));
        else if (resembled.isEmpty()) unread(start, end, question(word.text()));
        if (vague.getLast().start() == start) unread.add(vague.getLast());
    }

    private static boolean isStressed(String word) {
        return word.length() > 3 && word.equals(word.toUpperCase(Locale.ROOT));
    }

    private static String question(String word) {
        var near = Foods.shipped().near(word);
        var ask = "What is “%s”, and what is in it?".formatted(word);
        return near.isEmpty() ? ask : ask + " Did you mean %s?".formatted(String.join(" or ", near));
    }

    void unread(int start, int end, String question) {
        vague.add(new VagueTerm(text.substring(start, end), List.of(Substances.shipped().anything()), question, start,
                end));
    }

    private void match(Match match, Term term, boolean explained) {
        var path = term.path();
        var start = term.offset() + match.start();
        var end = term.offset() + match.end();
        // "gluten-free oats": what is negated is the gluten, and the oats at the end are in it
        var tone = tones[end - 1];
        if (tone == Tone.NEGATED) {
            if (!boilerplate.get(start) && Tone.isClaim(text, start)) denied(match, start);
            return;
        }
        if (tone == Tone.IN && match.meaning() instanceof Meaning.OfFood(var made) && made.isCompound()) products++;
        else if (tone == Tone.IN) named++;
        if (tone == Tone.MAY && SEEDS.matcher(match.text()).matches()) {
            found(SESAME, tone, false, path, start, end);
            return;
        }
        switch (match.meaning()) {
            case Meaning.OfSubstances(var substances) ->
                    found(term.exempt(substances, match), tone, match.isTaken(), path, start, end);
            case Meaning.OfFood(var food) -> {
                beyondBracket(match, tone, path, start, end);
                if (food.isCompound() && explained) found(saidByName(food, match), tone, true, path, start, end);
                else food(food, match, term, tone);
            }
            case Meaning.Vague(var suspects, var question) -> {
                var hidden = term.ofWhat(suspects);
                if (!explained && tone == Tone.IN && !hidden.isEmpty())
                    vague.add(new VagueTerm(match.text(), hidden, question, start, end));
            }
        }
    }

    /// "Nuts (almond) milk (whey)" may be nut milk, and may be both: an allergen behind a bracket is in it, too
    private void beyondBracket(Match match, Tone tone, List<String> path, int start, int end) {
        if (text.substring(start, end).indexOf('(') < 0) return;
        var last = Words.of(match.text()).getLast().text();
        for (var alone : Foods.shipped().packWords().read(last).matches())
            if (alone.meaning() instanceof Meaning.OfSubstances(var substances))
                found(substances, tone, match.isTaken(), path, start, end);
    }

    /// What opens up is told by what stands in its brackets, but for what its own name says: milk chocolate holds milk,
    /// whatever is listed.
    private static List<Substance> saidByName(Food food, Match match) {
        var tree = Substances.shipped();
        var said = Words.of(match.text()).stream()
                .flatMap(w -> Foods.shipped().packWords().read(w.text()).matches().stream())
                .flatMap(m -> switch (m.meaning()) {
                    case Meaning.OfSubstances(var substances) -> substances.stream();
                    case Meaning.OfFood(var part) when !part.isCompound() -> part.holds().stream();
                    case Meaning.OfFood _,Meaning.Vague _ -> Stream.<Substance>empty();
                }).toList();
        return food.holds().stream().filter(s -> said.stream().anyMatch(w -> tree.isUnder(s, w) || tree.isUnder(w, s)))
                .toList();
    }

    private void denied(Match match, int start) {
        var substances = switch (match.meaning()) {
            case Meaning.OfSubstances(var named) -> named;
            case Meaning.OfFood(var food) -> food.holds();
            case Meaning.Vague _ -> List.<Substance>of();
        };
        substances.forEach(s -> denied.putIfAbsent(s, match.text()));
        if (start < nameEnd) deniedByName.addAll(substances);
    }

    private void food(Food food, Match match, Term term, Tone tone) {
        var start = term.offset() + match.start();
        var end = term.offset() + match.end();
        found(term.exempt(food.holds(), match), tone, food.isCompound() || match.isTaken(), term.path(), start, end);
        var sometimes = term.ofWhat(food.sometimes());
        if (tone == Tone.IN && !sometimes.isEmpty())
            vague.add(new VagueTerm(text.substring(start, end), sometimes,
                    food.isCompound() ? "What is in the %s?".formatted(food.name()) : VagueTerm.NO_QUESTION, start,
                    end));
    }

    private void found(List<Substance> substances, Tone tone, boolean assumed, List<String> path, int start, int end) {
        for (var s : substances)
            findings.add(
                    new Finding(s, tone == Tone.MAY ? Finding.Says.MAY : Finding.Says.IN, assumed, path, start, end));
    }

    /// Where it says two things at once, in words.
    List<String> contradictions() { return Contradictions.of(text, findings, denied); }
}
