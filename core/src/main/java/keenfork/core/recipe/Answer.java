package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.Words;
import keenfork.core.measure.Volumes;
import org.jspecify.annotations.Nullable;

/// An answer to the question a line asks: the line as it would then be written.
///
/// @param words what is answered, such as `lime juice`
/// @param line  the line with that answer written into it
public record Answer(String words, String line) {
    private static final Pattern OR = Pattern.compile("(?i)\\s*,?\\s+or\\s+|\\s*/\\s*(?=\\p{L})");
    private static final int MOST = 6;
    private static final Set<String> STATES = Grammar.words("state");

    /// {@return the answers there are to what a line leaves open: one of its choices, a name the table holds for a word
    /// it could not read, or a kind of what it names too loosely}
    ///
    /// Each is read back before it is offered: it must say just that, in the same amount, so that no answer can mean
    /// something else than its button says.
    public static List<Answer> to(Line line, Volumes volumes) {
        var reader = new LineReader(volumes);
        if (!line.unread().isEmpty()) return meant(line, line.unread(), reader);
        if (!line.words().as().isEmpty()) return taken(line);
        if (!line.words().doubts().isEmpty()) return talk(line, reader);
        if (line.choices().size() > 1) return chosen(line, reader);
        return line.choices().isEmpty() ? List.of() : kinds(line, reader);
    }

    /// What was taken for another word: yes writes that word, no sets the cook's own in quotation marks, so that it is
    /// never taken for another again.
    private static List<Answer> taken(Line line) {
        var answers = new ArrayList<Answer>();
        line.words().as().forEach((word, as) -> {
            answers.add(new Answer(as, put(line.text(), word, as)));
            answers.add(new Answer("not " + as, put(line.text(), word, "“" + word + "”")));
        });
        return answers;
    }

    /// A word that was read as saying only how: it may go, or it may be the name of something.
    private static List<Answer> talk(Line line, LineReader reader) {
        var answers = new ArrayList<Answer>(
                meant(line, line.words().doubts().stream().map(Understood.Doubt::word).toList(), reader));
        for (var doubt : line.words().doubts()) {
            answers.add(new Answer("it says only how",
                    put(line.text(), doubt.word(), "").replaceAll("\\s{2,}", " ").replace(" ,", ",").strip()));
            answers.add(new Answer("it is a food", put(line.text(), doubt.word(), "“" + doubt.word() + "”")));
        }
        return answers.stream().limit(MOST).toList();
    }

    /// {@return the line with a word that was read past, or taken for another, as a name of its own: one press to say
    /// no}
    public static String asItsOwn(Line line, String word) { return put(line.text(), word, "“" + word + "”"); }

    /// {@return answers that name a food for a word that was not read, or for the whole of a line without one}
    /// @param food a name of the table
    public static List<Answer> naming(Line line, String food, Volumes volumes) {
        var found = Foods.shipped().find(food).orElse(null);
        if (found == null || line.choices().size() > 1) return List.of();
        var reader = new LineReader(volumes);
        var candidates = new ArrayList<String>();
        for (var word : line.unread()) candidates.add(put(line.text(), word, food));
        var measure = new MeasureReader(volumes).read(line.text());
        if (line.text().endsWith(measure.rest()))
            candidates.add(line.text().substring(0, line.text().length() - measure.rest().length()) + food);
        candidates.add(food);
        return candidates.stream().filter(c -> isSo(reader.read(c), line, found)).limit(1).map(c -> new Answer(food, c))
                .toList();
    }

    private static boolean isSo(Line read, Line line, Food food) {
        return read.unread().isEmpty() && read.choices().size() == 1 && read.food().filter(food::equals).isPresent()
                && Objects.equals(read.amount(), line.amount());
    }

    /// {@return the recipe with this answer written into it; unchanged where the line stands nowhere in it}
    public String into(String recipe, String asked) { return RecipeText.replaced(recipe, 0, asked, line).text(); }

    private static List<Answer> chosen(Line line, LineReader reader) {
        var answers = new ArrayList<Answer>();
        for (var i = 0; i < line.choices().size(); i++) {
            var choice = line.choices().get(i);
            var name = choice.main().name().orElse(null);
            if (name == null) continue;
            for (var candidate : candidates(line.text(), i, name)) {
                var read = reader.read(candidate);
                var same =
                        candidate.equals(alternative(line.text(), i)) || Objects.equals(read.amount(), line.amount());
                if (same && read.unread().isEmpty() && read.choices().size() == 1
                        && isWhole(read.choices().getFirst(), choice)) {
                    answers.add(new Answer(name, candidate));
                    break;
                }
            }
        }
        return answers.size() == line.choices().size() ? List.copyOf(answers) : List.of();
    }

    /// nothing that goes in either way is lost with the other
    private static boolean isWhole(Line.Choice read, Line.Choice chosen) {
        var held = new ArrayList<>(read.others());
        held.add(read.main());
        return held.contains(chosen.main()) && held.containsAll(chosen.others());
    }

    /// The ways to write one choice alone: from its own words, or with the name the table has for it.
    private static List<String> candidates(String text, int choice, String name) {
        var matches = Foods.shipped().recipeWords().read(text).matches();
        if (matches.isEmpty()) return List.of();
        var head = text.substring(0, matches.getFirst().start());
        var tail = text.substring(matches.getLast().end());
        var own = alternative(text, choice);
        var behind = choice == 0 || own.isEmpty() || Numbers.at(own, 0) != null ? own : head + own;
        var candidates = new LinkedHashMap<String, Boolean>();
        for (var c : List.of(behind, own, head + name + tail, head + name, sure(text) + own))
            candidates.put(c.strip(), true);
        return List.copyOf(candidates.keySet());
    }

    /// "egg wash, " of "egg wash, sesame / nigella": what goes in either way
    private static String sure(String text) {
        var first = alternative(text, 0);
        return first.substring(0, first.lastIndexOf(',') + 1) + " ";
    }

    private static String alternative(String text, int choice) {
        var pieces = OR.split(text);
        return choice < pieces.length ? pieces[choice].strip() : "";
    }

    private static List<Answer> meant(Line line, List<String> words, LineReader reader) {
        var answers = new LinkedHashMap<Meaning, Answer>();
        for (var word : words)
            for (var name : Foods.shipped().near(word)) {
                var text = put(line.text(), word, name);
                var read = reader.read(text);
                var meaning = Foods.shipped().meaning(name);
                if (meaning.isPresent() && fewer(read, line) && Objects.equals(read.amount(), line.amount()))
                    answers.putIfAbsent(meaning.get(), new Answer(name, text));
            }
        return answers.values().stream().limit(MOST).toList();
    }

    private static boolean fewer(Line read, Line line) {
        return read.unread().size() + read.words().doubts().size()
                < line.unread().size() + line.words().doubts().size();
    }

    private static List<Answer> kinds(Line line, LineReader reader) {
        var answers = new ArrayList<Answer>();
        for (var match : Foods.shipped().recipeWords().read(line.text()).matches()) {
            if (!isLoose(match.meaning())) continue;
            var key = Words.key(match.text());
            for (var food : Foods.shipped().all()) {
                if (!Words.key(food.name()).endsWith(" " + key) || !isPlainly(match.meaning(), food)) continue;
                var text = line.text().substring(0, match.start()) + food.name() + line.text().substring(match.end());
                if (isSo(reader.read(text), line, food)) answers.add(new Answer(food.name(), text));
            }
        }
        return answers.stream().limit(MOST).toList();
    }

    /// Whether an egg stays raw is answered by raw and by cooked ones, not by a duck's; which product, by products:
    /// flor de mayo is a bean.
    private static boolean isPlainly(Meaning asked, Food food) {
        if (asked instanceof Meaning.OfFood(var product) && product.isCompound()) return food.isCompound();
        return !(asked instanceof Meaning.OfFood(var plain) && !plain.isCompound())
                || STATES.contains(food.name().substring(0, food.name().indexOf(' ')));
    }

    /// "stock", "bread": a word under which the table holds products of several kinds
    private static boolean isLoose(Meaning meaning) {
        return switch (meaning) {
            case Meaning.Vague _ -> true;
            // "yolks": raw, or cooked firm
            case Meaning.OfFood(var food) -> food.isCompound() ? food.name().indexOf(' ') < 0
                    : food.sometimes().stream().anyMatch(s -> s.id().startsWith("raw-"));
            case Meaning.OfSubstances _ -> false;
        };
    }

    private static String put(String text, String word, String name) {
        return Pattern.compile("(?iU)\\b" + Pattern.quote(word) + "\\b").matcher(text)
                .replaceFirst(Matcher.quoteReplacement(name));
    }
}
