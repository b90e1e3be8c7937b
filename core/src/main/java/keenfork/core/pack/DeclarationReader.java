package keenfork.core.pack;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;

/// One reading of a declaration: terms between commas, each with the brackets that open it up.
final class DeclarationReader {
    private static final Pattern E_NUMBER = Pattern.compile("\\bE[\\s-]?(\\d{3,4})\\p{L}?\\b");
    private static final List<String> NEVER_VEGAN = List.of("milk", "eggs", "fish", "crustaceans", "molluscs", "flesh", "gelatine", "honey", "insect");

    /// brackets that stand deeper within each other are read as one run of words: no maker prints them so
    private static final int DEEPEST = 24;

    private static final String PARTS_TERMS = ";\n•，、；";

    private final String text;
    private final Tone[] tones;
    private int nested;
    final List<Finding> findings = new ArrayList<>();
    final List<VagueTerm> vague = new ArrayList<>();
    /// what it says it is free from, with the words
    private final Map<Substance, String> denied = new LinkedHashMap<>();

    DeclarationReader(String text) {
        this.text = text;
        this.tones = Tone.along(text);
    }

    void read() {
        list(0, text.length(), List.of());
        if (findings.isEmpty() && vague.isEmpty() && text.chars().noneMatch(Character::isLetter))
            unread(0, text.length(), "What does the declaration say?");
    }

    /// Reads the terms from `from` to `to`, parted by commas, semicolons, line ends and full stops outside brackets.
    private void list(int from, int to, List<String> path) {
        var start = from;
        var depth = 0;
        for (var at = from; at < to; at++) {
            var c = text.charAt(at);
            if (Tone.isOpen(c)) depth++;
            if (Tone.isClose(c)) depth = Math.max(0, depth - 1);
            if (depth == 0 && (c == ',' && !isDecimal(at) || PARTS_TERMS.indexOf(c) >= 0 || Tone.isFullStop(text, at))) {
                term(start, at, path);
                start = at + 1;
            }
        }
        term(start, to, path);
    }

    private boolean isDecimal(int comma) {
        return comma > 0 && comma + 1 < text.length() && Character.isDigit(text.charAt(comma - 1)) && Character.isDigit(text.charAt(comma + 1));
    }

    /// A term's own words are read with its brackets blanked out; then each bracket is read as a list under it.
    private void term(int from, int to, List<String> path) {
        var head = new StringBuilder(text.substring(from, to));
        record Inner(int from, int to) {}
        var inners = new ArrayList<Inner>();
        var depth = 0;
        var opened = from;
        for (var at = from; at < to; at++) {
            var c = text.charAt(at);
            if (Tone.isOpen(c) && depth++ == 0) opened = at;
            if (depth > 0) head.setCharAt(at - from, ' ');
            if (Tone.isClose(c) && depth > 0 && --depth == 0) inners.add(new Inner(opened + 1, at));
        }
        if (depth > 0) inners.add(new Inner(opened + 1, to));
        var before = findings.size() + vague.size();
        var name = head.toString().strip().replaceAll("\\s+", " ");
        var below = new ArrayList<>(path);
        if (name.chars().anyMatch(Character::isLetter)) below.add(name);
        nested++;
        for (var inner : inners) {
            if (nested < DEEPEST) list(inner.from, inner.to, below);
            else head(text.substring(inner.from, inner.to), inner.from, below, false);
        }
        nested--;
        var opensUp = inners.stream().anyMatch(i -> text.substring(i.from, i.to).chars().filter(Character::isLetter).count() > 2)
                && (findings.size() + vague.size() > before || inners.stream().anyMatch(i -> namesFood(i.from, i.to)));
        head(head.toString(), from, below, opensUp);
    }

    private boolean namesFood(int from, int to) {
        return !Foods.shipped().packWords().read(text.substring(from, to)).matches().isEmpty();
    }

    private void head(String head, int offset, List<String> path, boolean opensUp) {
        var reading = Foods.shipped().packWords().read(head);
        var colon = head.indexOf(':');
        for (var match : reading.matches()) {
            var explained = opensUp || colon >= match.end() && reading.matches().stream().anyMatch(m -> m.start() > colon);
            match(match, offset, path, explained);
        }
        var numbers = E_NUMBER.matcher(head);
        while (numbers.find())
            match(new Match(numbers.group(), Foods.shipped().additive(Integer.parseInt(numbers.group(1))), numbers.start(), numbers.end()), offset, path, opensUp);
        for (var word : reading.unread()) {
            var at = offset + word.start();
            if (tones[at] != Tone.NEGATED && !E_NUMBER.matcher(word.text()).matches()) unread(at, offset + word.end(), question(word.text()));
        }
    }

    private static String question(String word) {
        var near = Foods.shipped().near(word);
        var ask = "What is “%s”, and what is in it?".formatted(word);
        return near.isEmpty() ? ask : ask + " Did you mean %s?".formatted(String.join(" or ", near));
    }

    void unread(int start, int end, String question) {
        vague.add(new VagueTerm(text.substring(start, end), List.of(Substances.shipped().anything()), question, start, end));
    }

    private void match(Match match, int offset, List<String> path, boolean explained) {
        var start = offset + match.start();
        var end = offset + match.end();
        // "gluten-free oats": what is negated is the gluten, and the oats at the end are in it
        var tone = tones[end - 1];
        if (tone == Tone.NEGATED) {
            if (Tone.isClaim(text, start)) denied(match);
            return;
        }
        switch (match.meaning()) {
            case Meaning.OfSubstances(var substances) -> found(substances, tone, false, path, start, end);
            case Meaning.OfFood(var food) -> {
                if (!(food.isCompound() && explained)) food(food, tone, path, start, end);
            }
            case Meaning.Vague(var suspects, var question) -> {
                if (!explained && tone == Tone.IN) vague.add(new VagueTerm(match.text(), suspects, question, start, end));
            }
        }
    }

    private void denied(Match match) {
        switch (match.meaning()) {
            case Meaning.OfSubstances(var substances) -> substances.forEach(s -> denied.putIfAbsent(s, match.text()));
            case Meaning.OfFood(var food) -> food.holds().forEach(s -> denied.putIfAbsent(s, match.text()));
            case Meaning.Vague _ -> { }
        }
    }

    private void food(Food food, Tone tone, List<String> path, int start, int end) {
        found(food.holds(), tone, food.isCompound(), path, start, end);
        if (tone == Tone.IN && !food.sometimes().isEmpty())
            vague.add(new VagueTerm(text.substring(start, end), food.sometimes(),
                    food.isCompound() ? "What is in the %s?".formatted(food.name()) : VagueTerm.NO_QUESTION, start, end));
    }

    private void found(List<Substance> substances, Tone tone, boolean assumed, List<String> path, int start, int end) {
        for (var s : substances)
            findings.add(new Finding(s, tone == Tone.MAY ? Finding.Says.MAY : Finding.Says.IN, assumed, path, start, end));
    }

    /// Where it says two things at once, in words. Nothing is taken away for it: the worse reading stands.
    List<String> contradictions() {
        var tree = Substances.shipped();
        var in = findings.stream().filter(f -> f.says() == Finding.Says.IN).toList();
        var found = new LinkedHashSet<String>();
        if (Tone.claimsVegan(text))
            for (var f : in)
                if (NEVER_VEGAN.stream().anyMatch(id -> tree.isUnder(f.substance(), tree.get(id)))) found.add("It says vegan, and it holds %s.".formatted(words(f)));
        denied.forEach((claimed, words) -> {
            for (var f : in)
                // gluten-free oats are what the law calls them (Regulation (EU) No 828/2014)
                if (tree.isUnder(f.substance(), claimed) && !f.substance().id().equals("oats")) found.add("It says it is free from %s, and it holds %s.".formatted(words, words(f)));
        });
        return List.copyOf(found);
    }

    private String words(Finding finding) { return text.substring(finding.start(), finding.end()); }
}
