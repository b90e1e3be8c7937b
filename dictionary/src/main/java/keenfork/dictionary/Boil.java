package keenfork.dictionary;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.sf.extjwnl.JWNLException;
import net.sf.extjwnl.data.IndexWord;
import net.sf.extjwnl.data.POS;
import net.sf.extjwnl.data.PointerType;
import net.sf.extjwnl.data.Synset;
import net.sf.extjwnl.dictionary.Dictionary;

/// Writes one line for each single word of WordNet 3.1: the word, a blank, and what it is. A full stop: no sense of it
/// can be eaten. A plus: some sense can. A letter of `branches.txt`: its first sense as a noun stands below that
/// branch.
public final class Boil {
    private static final char INEDIBLE = '.';
    private static final char EDIBLE = '+';
    private static final String FOOD = "noun.food";
    private static final List<String> LIVING = List.of("noun.plant", "noun.animal");
    /// a plant or an animal first of all; a box that is also a shrub is a box
    private static final int LONGEST_WORD = 24;

    private final Dictionary wordnet;
    private final Map<Long, Character> roots = new HashMap<>();
    private final Map<Long, Character> branchOf = new HashMap<>();
    private final TreeMap<String, String> lines = new TreeMap<>();

    private Boil(Dictionary wordnet) {
        this.wordnet = wordnet;
    }

    /// @param words the file to write
    public static void main(String[] words) throws JWNLException, IOException {
        var boil = new Boil(Dictionary.getDefaultResourceInstance());
        boil.readBranches();
        for (var pos : List.of(POS.NOUN, POS.VERB, POS.ADJECTIVE, POS.ADVERB)) boil.boil(pos);
        for (var pos : List.of(POS.VERB, POS.NOUN, POS.ADJECTIVE)) boil.irregular(pos);
        var file = Path.of(words[0]);
        Files.createDirectories(file.getParent());
        var text = new StringBuilder();
        boil.lines.forEach((word, kind) -> text.append(word).append(' ').append(kind).append('\n'));
        Files.writeString(file, text, StandardCharsets.UTF_8);
    }

    private void readBranches() throws JWNLException {
        for (var line : rows()) {
            var cells = line.split("\\|");
            var noun = wordnet.lookupIndexWord(POS.NOUN, cells[1].strip());
            if (noun == null)
                throw new IllegalStateException("branches.txt: WordNet has no noun \"%s\"".formatted(cells[1].strip()));
            var found = senses(noun).stream().filter(s -> s.getLexFileName().equals(cells[2].strip())).findFirst()
                    .orElseThrow(() -> new IllegalStateException(
                            "branches.txt: no sense of \"%s\" in %s".formatted(cells[1].strip(), cells[2].strip())));
            roots.put(found.getOffset(), cells[0].strip().charAt(0));
        }
    }

    private static List<String> rows() {
        try (var in = Boil.class.getResourceAsStream("branches.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8).lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#")).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void boil(POS pos) throws JWNLException {
        for (var all = wordnet.getIndexWordIterator(pos); all.hasNext();) {
            var word = all.next();
            if (isPlain(word.getLemma()))
                lines.merge(word.getLemma(), String.valueOf(kind(word, pos)), (a, b) -> a.equals(".") ? b : a);
        }
    }

    private static boolean isPlain(String lemma) {
        return lemma.length() > 1 && lemma.length() <= LONGEST_WORD
                && lemma.chars().allMatch(c -> c >= 'a' && c <= 'z');
    }

    private char kind(IndexWord word, POS pos) throws JWNLException {
        if (pos != POS.NOUN) return INEDIBLE;
        var senses = senses(word);
        var first = branch(senses.getFirst());
        if (first != 0) return first;
        if (LIVING.contains(senses.getFirst().getLexFileName())) return EDIBLE;
        for (var sense : senses) if (sense.getLexFileName().equals(FOOD) || branch(sense) != 0) return EDIBLE;
        return INEDIBLE;
    }

    /// The library's own list loads each sense when it is asked for by its place, and only then.
    private static List<Synset> senses(IndexWord word) {
        var lazy = word.getSenses();
        var all = new ArrayList<Synset>();
        for (var i = 0; i < lazy.size(); i++) all.add(lazy.get(i));
        return all;
    }

    /// The branch a synset stands below, or 0; the nearest one where there are several.
    private char branch(Synset synset) throws JWNLException {
        var known = branchOf.get(synset.getOffset());
        if (known != null) return known;
        var seen = new HashSet<Long>();
        var open = new ArrayDeque<Synset>(List.of(synset));
        var found = (char) 0;
        while (!open.isEmpty() && found == 0) {
            var next = open.poll();
            if (!seen.add(next.getOffset())) continue;
            found = roots.getOrDefault(next.getOffset(), (char) 0);
            for (var type : List.of(PointerType.HYPERNYM, PointerType.INSTANCE_HYPERNYM))
                for (var above : new ArrayList<>(next.getTargets(type))) open.add(above.getSynset());
        }
        branchOf.put(synset.getOffset(), found);
        return found;
    }

    /// "torn" is a form of "tear": where the form is no word of its own it is what that one is.
    private void irregular(POS pos) throws JWNLException {
        for (var all = wordnet.getExceptionIterator(pos); all.hasNext();) {
            var form = all.next();
            var lemma = form.getExceptions().getFirst();
            if (isPlain(form.getLemma()) && lines.containsKey(lemma))
                lines.putIfAbsent(form.getLemma(), lines.get(lemma));
        }
    }
}
