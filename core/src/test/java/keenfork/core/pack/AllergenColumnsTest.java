package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Specifications with a column for each answer, as wholesalers send them (common practice).
class AllergenColumnsTest {
    private static final List<String> NAMES = List.of("milk", "eggs", "sesame", "mustard", "celery", "fish", "lupin");
    private static final Map<String, String> CELLS = Map.of("IN", " X | ", "MAY", " | X", "BOTH", " ✓ | ✓", "NONE",
            " | ");

    private static Map<String, Finding.Says> found(String text) {
        var found = new TreeMap<String, Finding.Says>();
        for (var f : Declaration.read(text, new Law("uk")).findings())
            found.merge(f.substance().id(), f.says(), (a, b) -> a == Finding.Says.IN ? a : b);
        return found;
    }

    @Provide
    Arbitrary<Map<String, String>> answers() {
        return Arbitraries.maps(Arbitraries.of(NAMES), Arbitraries.of(CELLS.keySet())).ofMinSize(2);
    }

    @Property(tries = 200)
    void each_row_says_what_its_column_says(@ForAll("answers") Map<String, String> answers,
            @ForAll boolean isFramed, @ForAll boolean isTabbed) {
        var table = new StringBuilder("Rice, salt.\n" + row("Allergen", "Contains | May contain", isFramed));
        answers.forEach((name, answer) -> table.append(row(name, CELLS.getOrDefault(answer, ""), isFramed)));
        var found = found(isTabbed ? table.toString().replace("|", "\t") : table.toString());
        var isMarked = answers.values().stream().anyMatch(a -> !a.equals("NONE"));
        answers.forEach((name, answer) -> assertThat(found.get(name)).as(table + name).isEqualTo(switch (answer) {
            case "MAY" -> Finding.Says.MAY;
            // ticks that are pictures are lost when they are pasted: a table without one denies nothing
            case "NONE" -> isMarked ? null : Finding.Says.IN;
            default -> Finding.Says.IN;
        }));
    }

    private static String row(String name, String cells, boolean isFramed) {
        return (isFramed ? "| " : "") + name + " | " + cells + (isFramed ? " |" : "") + "\n";
    }

    /// heads as specifications have them (common practice), i in it, m perhaps, n not, and c a remark
    private static final List<List<String>> HEADS = List.of(List.of("i Contains", "m May contain", "n Free from"),
            List.of("i Present", "n Absent"), List.of("i In product", "m On line", "m On site"),
            List.of("i Yes", "n No", "m May"), List.of("n Free from", "i Contains"),
            List.of("n Absent", "m Traces", "i Present"),
            List.of("i Contains (Y/N)", "m May contain (Y/N)", "c Source"),
            List.of("i Ingredient", "m Same line", "c Comments"), List.of("n No", "i Yes"),
            List.of("i Recipe", "m Factory"), List.of("i Contains", "m Beside it"),
            List.of("i Wanted", "m Not wanted"));
    private static final List<List<String>> MARKS = List.of(List.of("x", ""), List.of("✓", ""), List.of("✓", "✗"),
            List.of("Y", "N"), List.of("Yes", "No"), List.of("X", "-"), List.of("1", "0"), List.of("•", ""));

    /// @param text  the table
    /// @param named what it says is in it, or may be
    record Marked(String text, List<String> named) {}

    @Provide
    Arbitrary<Marked> tables() {
        return Combinators.combine(Arbitraries.of(HEADS), Arbitraries.of(MARKS),
                Arbitraries.of(" | ", "\t", "|"), Arbitraries.of("Allergen", "", "Ingredient"),
                Arbitraries.of("i", "m", "n").list().ofSize(NAMES.size())).as(AllergenColumnsTest::marked);
    }

    private static Marked marked(List<String> heads, List<String> marks, String bar, String first, List<String> says) {
        var text = new StringBuilder("Rice, salt.\n" + first);
        heads.forEach(head -> text.append(bar).append(head.substring(2)));
        var named = new ArrayList<String>();
        for (var i = 0; i < NAMES.size(); i++) {
            var said = says.get(i);
            text.append("\n").append(NAMES.get(i));
            for (var head : heads)
                text.append(bar).append(head.startsWith("c") ? "see list" : marks.get(head.startsWith(said) ? 0 : 1));
            if (!said.equals("n") && heads.stream().anyMatch(head -> head.startsWith(said))) named.add(NAMES.get(i));
        }
        return new Marked(text.toString(), named);
    }

    @Property(tries = 1000)
    void no_allergen_that_has_a_mark_is_missed(@ForAll("tables") Marked table) {
        assertThat(found(table.text).keySet()).as(table.text).containsAll(table.named);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Milk | see list |", "Milk | on request | ", "Milk"})
    void a_row_that_is_not_plain_denies_nothing(String row) {
        assertThat(found("Allergen | Contains | May contain\nNuts | X |\n" + row + "\nFish | |\n"))
                .containsEntry("milk", Finding.Says.IN).doesNotContainKey("fish");
    }

    @Test
    void a_row_without_an_answer_was_not_filled_in() {
        assertThat(found("Allergen | Present | Absent\nMilk | | X\nNuts | X |\nEgg | |\n"))
                .containsEntry("eggs", Finding.Says.IN).doesNotContainKey("milk");
    }

    @Test
    void what_the_list_names_stands_beside_an_empty_row() {
        Collection<String> questions = Declaration.read(
                "Ingredients: rice, milk powder.\nAllergen | Contains | May contain\nMilk | |\nNuts | X |\n",
                new Law("uk")).contradictions();
        assertThat(questions).anyMatch(q -> q.contains("free from Milk"));
    }
}
