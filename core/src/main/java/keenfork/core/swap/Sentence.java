package keenfork.core.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon;
import keenfork.core.food.Meaning;
import org.jspecify.annotations.Nullable;

/// One sentence of a step: what is done in it, and to what.
///
/// @param text  as written, its stop and the blanks behind it included
/// @param deeds what is done, in order
/// @param foods what it names, in order
record Sentence(String text, List<Deed> deeds, List<Named> foods) {
    private static final Pattern SENTENCE = Pattern.compile("[^.!;]*(?:\\.(?=\\d)[^.!;]*)*[.!;]*\\s*");
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}'’-]*");
    private static final Set<String> DETERMINERS = Grammar.words("determiner");
    /// behind a food word that is a verb here: "toast the …", "butter a tin"
    private static final Set<String> OBJECTS = Grammar.words("object");
    private static final Set<String> PREPOSITIONS = Grammar.words("preposition");
    /// a participle stands right before its food, or with one word between
    private static final int NEAR = 2;

    /// Something that is done.
    ///
    /// @param word    the verb as written
    /// @param objects what it is done to; of a verb without any of its own, those of the verb before
    record Deed(String word, Verb verb, List<Named> objects) {}

    /// A food that is named.
    ///
    /// @param match where, and what it means
    /// @param said  the participles before it: "toasted"
    record Named(Lexicon.Match match, List<Verb> said) {
        Named {
            said = List.copyOf(said);
        }
    }

    private record Word(String text, int start, int end) {}

    /// {@return the sentences of a step, which put together are the step}
    static List<Sentence> of(String step) {
        var sentences = new ArrayList<Sentence>();
        var matcher = SENTENCE.matcher(step);
        while (matcher.find()) if (matcher.end() > matcher.start()) sentences.add(new Reader(matcher.group()).read());
        return sentences;
    }

    /// {@return whether something is done to a food in it}
    boolean does(Verb.Work work, Named food) {
        return deeds.stream().anyMatch(d -> d.verb.work() == work && d.objects.contains(food));
    }

    boolean does(Verb.Work work) { return deeds.stream().anyMatch(d -> d.verb.work() == work); }

    private static final class Reader {
        private final String text;
        private final List<Word> words = new ArrayList<>();
        private final List<Named> foods = new ArrayList<>();
        private final List<Deed> deeds = new ArrayList<>();
        private @Nullable Deed now;
        private boolean loose = true;
        private int verbAt = -1;

        Reader(String text) {
            this.text = text;
            var matcher = WORD.matcher(text);
            while (matcher.find()) words.add(new Word(matcher.group().toLowerCase(Locale.ROOT), matcher.start(),
                    matcher.end()));
            for (var match : Foods.shipped().recipeWords().read(text).matches())
                if (!(match.meaning() instanceof Meaning.Vague) && !isVerb(match))
                    foods.add(new Named(match, said(match)));
        }

        /// {@return the participles right before a food, or with one word between}
        private List<Verb> said(Lexicon.Match match) {
            var first = first(match);
            return words.subList(Math.max(0, first - NEAR), first).stream().filter(w -> isParticiple(w.text))
                    .flatMap(w -> Verb.of(w.text).stream()).toList();
        }

        Sentence read() {
            var next = 0;
            for (var at = 0; at < words.size(); at++) {
                var word = words.get(at);
                while (next < foods.size() && foods.get(next).match.end() <= word.start) next++;
                var food = next < foods.size() ? foods.get(next) : null;
                if (food != null && word.start >= food.match.start()) {
                    if (at == first(food.match)) takes(food);
                    continue;
                }
                read(word, at);
            }
            return new Sentence(text, inherited(), List.copyOf(foods));
        }

        private int first(Lexicon.Match match) {
            var at = 0;
            while (at < words.size() && words.get(at).start < match.start()) at++;
            return at;
        }

        private void takes(Named food) { if (now != null && !loose) now.objects.add(food); }

        private void read(Word word, int at) {
            var verb = isParticiple(word.text) ? Optional.<Verb>empty() : Verb.of(word.text);
            if (verb.isPresent() && (at == 0 || !DETERMINERS.contains(words.get(at - 1).text))) {
                now = new Deed(word.text, verb.get(), new ArrayList<>());
                deeds.add(now);
                loose = false;
                verbAt = at;
            } else if (PREPOSITIONS.contains(word.text) && at > verbAt + 1) loose = true;
        }

        private static boolean isParticiple(String word) { return word.endsWith("ed") || word.endsWith("en"); }

        /// "Toast the millet": no toast, though toast is a food.
        private boolean isVerb(Lexicon.Match match) {
            var from = first(match);
            var at = from;
            while (at < words.size() && words.get(at).end <= match.end()) at++;
            if (at - from != 1) return false;
            var opens = from == 0 || Set.of("and", "then").contains(words.get(from - 1).text)
                    || text.substring(words.get(from - 1).end, match.start()).contains(",");
            return opens && at < words.size() && OBJECTS.contains(words.get(at).text);
        }

        private List<Deed> inherited() {
            var all = new ArrayList<Deed>();
            List<Named> before = List.of();
            for (var deed : deeds) {
                var objects = deed.objects.isEmpty() ? before : List.copyOf(deed.objects);
                all.add(new Deed(deed.word, deed.verb, objects));
                before = objects;
            }
            return all;
        }
    }
}
