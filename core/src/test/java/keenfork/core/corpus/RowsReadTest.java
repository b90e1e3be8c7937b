package keenfork.core.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Words;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// No row is kept that no text of the tests reads: a word list grows in the dark otherwise, and nobody knows what a row
/// does.
class RowsReadTest {
    private static final String MAIN = "/keenfork/core/";
    private static final String TEXTS = " " + Words.key(
            Stream.of("packs.txt", "recipes.txt", "people.txt", "phrasebook.txt", "pages.txt", "grammar.txt",
                    "steps.txt", "steps-kit.txt", "mentions.txt", "recipes-whole.txt", "made-dishes.txt",
                    "called-after.txt", "amounts.txt", "guest-lists.txt")
                    .flatMap(f -> Corpus.lines(f).stream())
                    .collect(java.util.stream.Collectors.joining(" . ")))
            + " ";

    private static List<String> rows(String file) {
        return Kit.lines(MAIN + file).filter(l -> !l.startsWith("#") && !l.isBlank()).toList();
    }

    private static List<String> phrases(String kind) {
        return Corpus.lines("phrasebook.txt").stream().filter(l -> l.startsWith(kind + ": "))
                .map(l -> l.substring(kind.length() + 2)).toList();
    }

    static List<String> lines() { return phrases("line"); }

    static List<String> packs() { return phrases("pack"); }

    static List<String> people() { return phrases("people"); }

    @ParameterizedTest
    @ValueSource(strings = {"food/descriptors.txt", "food/pack-talk.txt", "food/irregular.txt", "food/short-forms.txt",
            "food/two-sided.txt", "food/chemistry.txt", "recipe/step-words.txt", "people/avoid-words.txt",
            "people/avoid-talk.txt", "recipe/made-of.txt"})
    void every_word_of_a_list_is_said_in_a_text(String file) {
        var unsaid = rows(file).stream().map(r -> r.split("\\|")[0].strip())
                .filter(w -> Arrays.stream(w.split(",")).noneMatch(n -> TEXTS.contains(" " + Words.key(n) + " ")))
                .toList();
        assertThat(unsaid).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"food/grammar.txt", "people/form-words.txt", "covers/guest-words.txt"})
    void every_word_of_a_row_is_said_in_a_text(String file) {
        var unsaid = rows(file).stream()
                .flatMap(r -> Arrays.stream(r.split("\\|")[0].split(","))).map(String::strip)
                .filter(w -> !Words.key(w).isEmpty() && !TEXTS.contains(" " + Words.key(w) + " ")).distinct().toList();
        assertThat(unsaid).isEmpty();
    }

    @ParameterizedTest @MethodSource("lines")
    void a_line_of_talk_asks_nothing(String line) {
        var recipe = Recipe.read("A dish\n" + line, Volumes.METRIC, new Law("uk"));
        assertThat(recipe.lines().getFirst().words().doubts()).isEmpty();
        assertThat(recipe.lines().getFirst().choices()).as("what the line names").hasSize(1)
                .allSatisfy(c -> assertThat(c.others()).isEmpty());
    }

    @ParameterizedTest @MethodSource("packs")
    void a_pack_of_talk_asks_nothing_and_holds_nothing(String text) {
        var read = Declaration.read(text, new Law("uk"));
        assertThat(read.vague()).isEmpty();
    }

    @ParameterizedTest @MethodSource("people")
    void words_of_people_are_understood(String words) {
        var read = Avoidances.of(words, RuleBook.uk());
        assertThat(read.refused()).isEmpty();
        assertThat(read.all().isEmpty()).isEqualTo(!words.contains("nuts"));
    }

    @Test
    void words_that_say_what_is_fine_are_asked_about() {
        assertThat(phrases("fine")).isNotEmpty()
                .allSatisfy(w -> assertThat(Avoidances.of(w, RuleBook.uk()).refused()).isNotEmpty());
    }

    /// A name that stands behind another row's, or that a word of talk swallows, is a row that nobody can reach.
    @ParameterizedTest
    @ValueSource(strings = {"food/foods.txt", "food/products.txt"})
    void every_name_is_read_as_its_own_row(String file) {
        var astray = new ArrayList<String>();
        for (var row : rows(file)) {
            var names = row.split("\\|")[1].split(",");
            for (var name : names) {
                var line =
                        Recipe.read("A dish\n100 g " + name.strip(), Volumes.METRIC, new Law("uk")).lines().getFirst();
                var isRead = line.choices().size() == 1 && line.choices().getFirst().others().isEmpty()
                        && line.choices().getFirst().main() instanceof Meaning.OfFood(var food)
                        && food.name().equals(names[0].strip());
                if (!isRead || !line.words().doubts().isEmpty()) astray.add(name.strip() + " → " + line.choices());
            }
        }
        assertThat(astray).isEmpty();
    }

    @Test
    void every_row_has_a_source() { assertThat(Foods.shipped().all()).noneMatch(f -> f.source().isBlank()); }
}
