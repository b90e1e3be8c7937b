package keenfork.core.covers;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.corpus.Corpus;
import keenfork.core.corpus.CorpusOfPeople;
import keenfork.core.people.Avoidances;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/// A list of guests as it comes in a mail.
class GuestListTest {
    private static final String TABLE = "table: ";

    @Test
    void each_group_is_read_with_its_number_and_its_own_words() {
        var list = GuestList.read("4 vegan, 2 coeliac, 1 sesame + egg, 1 no vinegar, 1 pregnant, "
                + "table 6: nut allergy (severe), the rest eat everything", UK);
        assertThat(list.entries()).extracting(e -> e.group().people()).containsExactly(4, 2, 1, 1, 1, 1);
        assertThat(list.entries()).extracting(e -> e.group().avoided().understood()).containsExactly("vegan",
                "gluten cereals, traces count", "sesame, traces count; eggs, traces count",
                "vinegar and what it is in, recipe only",
                "pregnancy", "nuts, traces count; peanuts, traces count");
        assertThat(list.entries().getLast().group().name()).isEqualTo("table 6");
        assertThat(list.unclear()).isEmpty();
    }

    @ParameterizedTest @MethodSource("lists")
    void the_rest_who_eat_everything_are_no_group(String row) {
        var cells = row.split(" \\| ");
        assertThat(GuestList.read(cells[1], UK).entries()).hasSize(Integer.parseInt(cells[0]));
    }

    static Stream<String> lists() {
        return Kit.lines("/corpus/grammar.txt").filter(l -> l.startsWith("guests: "))
                .map(l -> l.substring("guests: ".length()));
    }

    /// The lists of the corpus: how many, who, and what they avoid.
    @ParameterizedTest @MethodSource("mails")
    void a_list_is_read_as_its_writer_meant_it(String list, List<String> groups) {
        var read = list.startsWith(TABLE) ? GuestList.ofTable(rows(list.substring(TABLE.length())), UK)
                : GuestList.read(list.replace(" ⏎ ", "\n"), UK);
        assertThat(read.entries()).extracting(GuestListTest::told).containsExactlyElementsOf(groups);
    }

    private static List<List<String>> rows(String table) {
        var rows = Arrays.stream(table.split("⏎"))
                .map(r -> Arrays.stream(r.split("¦", -1)).map(String::strip).toList()).toList();
        assertThat(GuestList.isTable(rows, Kit.UK)).as("its first row names the columns").isTrue();
        return rows;
    }

    static Stream<Arguments> mails() {
        return Corpus.lines("guest-lists.txt").stream().filter(l -> !l.startsWith("#")).map(l -> l.split("\\s*=>\\s*"))
                .map(c -> Arguments.of(c[0], c.length == 1 ? List.of() : List.of(c[1].strip().split("\\s+;\\s+"))));
    }

    private static String told(GuestList.Entry entry) {
        var avoided = entry.group().avoided();
        return "%d %s: %s%s".formatted(entry.group().people(), entry.group().name(),
                avoided.all().stream().map(CorpusOfPeople::key).collect(Collectors.joining(" ")),
                avoided.refused().isEmpty() ? "" : " !").replace("  ", " ").strip();
    }

    /// What is passed over is told, so that whoever pasted the list can see that nobody is in it.
    @Test
    void what_is_passed_over_is_told() {
        assertThat(GuestList.read("Hi all,\n60 guests\n2 vegan\nBo: none\nThanks,\nEve", UK).passedOver())
                .containsExactly("Hi all,", "60 guests", "Bo: none", "Thanks,", "Eve");
        assertThat(GuestList.ofTable(rows("Name ¦ Dietary ⏎ Ann ¦ ⏎ Bo ¦ vegan"), UK).passedOver())
                .containsExactly("Ann");
    }

    /// As long as the page takes them, and on one line: nothing runs out of stack, and nothing is left unsaid.
    @ParameterizedTest
    @ValueSource(strings = {"we, ", "1 zzz ", "Ann, ", "milk, ", "Ann and ", "(", "Allergies, ", "x 1 ", "Thanks, ",
            "2 vegan (1 gf) ", "1 milk 2 ", "zz: ", "no - "})
    void a_list_of_one_endless_line_is_answered(String unit) {
        var read = GuestList.read(unit.repeat(20_000 / unit.length()), UK);
        assertThat(read.entries().size() + read.passedOver().size()).isPositive();
    }

    /// A word that is passed over as talk must name nothing that anybody could avoid.
    @Test
    void no_word_of_talk_is_food() {
        var words = Kit.lines("/keenfork/core/covers/guest-words.txt")
                .filter(l -> !l.startsWith("#") && !l.contains("| given |"))
                .flatMap(l -> Arrays.stream(l.split("\\|")[0].split(","))).map(String::strip).filter(w -> !w.isEmpty());
        assertThat(words).isNotEmpty().allSatisfy(w -> assertThat(Avoidances.of(w, UK).all()).as(w).isEmpty());
    }

    /// A comma between two things that one group avoids parts no groups.
    @Test
    void a_comma_within_a_group_parts_nothing() {
        assertThat(GuestList.read("3 milk, eggs\n2 x fish", UK).entries()).extracting(e -> e.words())
                .containsExactly("milk, eggs", "fish");
    }

    /// "The rest" is left out only where it eats everything: nobody is lost.
    @Test
    void nobody_is_lost_from_a_list() {
        assertThat(GuestList.read("4 vegan, the rest are coeliac", UK).unclear()).extracting(e -> e.text())
                .containsExactly("the rest are coeliac");
        assertThat(GuestList.read("others: nut allergy", UK).entries()).hasSize(1);
        assertThat(GuestList.read("2 vegan and 1 coeliac", UK).entries()).extracting(e -> e.group().people())
                .containsExactly(2, 1);
        var many = GuestList.read("1 vegan\n".repeat(GuestList.MOST + 1), UK);
        assertThat(many.isWhole()).as("more than are taken is told").isFalse();
        assertThat(GuestList.read("1 vegan\n".repeat(GuestList.MOST) + "the rest eat everything", UK).isWhole())
                .isTrue();
    }

    @Test
    void what_is_not_understood_is_told_and_never_dropped() {
        var list = GuestList.read("4 vegan, 2 zugwort", UK);
        assertThat(list.unclear()).extracting(e -> e.text()).containsExactly("2 zugwort");
        assertThat(GuestList.read("", UK).entries()).isEmpty();
    }
}
