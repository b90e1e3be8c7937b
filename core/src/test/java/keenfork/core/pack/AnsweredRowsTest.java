package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// Tables of suppliers' specifications, as they come with a delivery (common practice).
class AnsweredRowsTest {
    private static final Law UK = new Law("uk");
    private static final Map<String, String> NAMES = Map.of("Celery", "celery", "Egg", "eggs", "Milk", "milk", "Fish",
            "fish", "Mustard", "mustard", "Lupin", "lupin", "Sesame seeds", "sesame", "Soya", "soybeans", "Peanuts",
            "peanuts", "Sulphites", "sulphites");
    private static final Map<Finding.Says, List<String>> ANSWERS = Map.of(Finding.Says.IN,
            List.of("Yes", "Y", "✓", "Present"), Finding.Says.MAY, List.of("May contain", "Traces", "may be present"));

    /// one answer for each name: what it says, in one of its words
    record Asked(Map<String, String> rows, String between, String parts) {
        String text() {
            return rows.entrySet().stream().map(r -> r.getKey() + between + r.getValue())
                    .collect(Collectors.joining(parts));
        }

        List<String> named(List<String> words) {
            return rows.entrySet().stream().filter(r -> words.contains(r.getValue()))
                    .map(r -> NAMES.get(r.getKey())).sorted().toList();
        }
    }

    @Provide
    Arbitrary<Asked> tables() {
        var answers = Arbitraries.of("Yes", "Y", "✓", "Present", "May contain", "Traces", "may be present", "No", "N",
                "None", "absent");
        var rows = Arbitraries.maps(Arbitraries.of(NAMES.keySet()), answers).ofMinSize(2);
        return net.jqwik.api.Combinators.combine(rows, Arbitraries.of(": ", " – ", " = ", "\t", "   ", " - "),
                Arbitraries.of("; ", ". ", ", ", "\n")).as(Asked::new);
    }

    @Property(tries = 400)
    void each_row_says_what_its_answer_says(@ForAll("tables") Asked asked) {
        var read = Declaration.read("Ingredients: rice, salt. Allergens\n" + asked.text(), UK);
        for (var says : Finding.Says.values())
            assertThat(read.findings().stream().filter(f -> f.says() == says).map(f -> f.substance().id()).sorted())
                    .as(asked.text()).containsExactlyElementsOf(asked.named(ANSWERS.getOrDefault(says, List.of())));
    }

    @Test
    void a_heading_that_turns_the_answers_round_takes_nothing_away() {
        assertThat(found("Free from: Milk: Yes, Egg: No, Mustard: No")).contains("eggs", "mustard");
        assertThat(found("Gluten free: No; Egg free: No; Milk free: Yes")).contains("gluten", "eggs")
                .doesNotContain("milk");
        assertThat(found("Not suitable for coeliacs.")).contains("gluten");
        assertThat(found("Rice, salt. Suitable for coeliacs: No.")).contains("gluten");
        assertThat(found("Rice, salt. Suitable for coeliacs: Yes.")).doesNotContain("gluten");
    }

    /// what stands behind a "no" may take it back
    @Test
    void a_no_that_goes_on_to_a_but_is_none() {
        var table = "Allergens\nCelery - No\nEggs - No, but handled in factory\nFish - No (not handled on site)\n"
                + "Mustard: No (traces possible)\nSesame - Line shared\nMilk: free\nNuts - No (site is nut free)";
        var says = Declaration.read(table, UK).findings().stream()
                .map(f -> f.substance().id() + " " + f.says()).sorted().toList();
        assertThat(says).containsExactly("eggs MAY", "mustard MAY", "sesame MAY");
        assertThat(found("Egg: free range. Milk: no.")).as("no answer").contains("eggs");
    }

    @Test
    void a_cross_beside_no_tick_may_mean_that_it_is_there() {
        assertThat(found("Milk x, Egg x, Fish x")).contains("milk", "eggs", "fish");
        assertThat(found("Milk: x; Egg: x; Fish: ✓; Soya: ✓")).containsExactlyInAnyOrder("fish", "soybeans");
    }

    @Test
    void what_is_listed_stands_whatever_its_row_says_and_is_asked_about() {
        var read = Declaration.read("Ingredients: wheat flour, milk powder. Milk: No; Egg: No; Wheat: Yes", UK);
        assertThat(read.findings()).anyMatch(f -> f.substance().id().contains("milk"));
        assertThat(read.contradictions()).isNotEmpty();
    }

    private static List<String> found(String text) {
        return Declaration.read(text, UK).findings().stream().map(f -> f.substance().id()).toList();
    }

    /// what a supplier is asked, and answers
    @Test
    void a_questionnaire_says_what_its_answers_say() {
        var asked = "Rice. Does it contain milk? No. Do you handle sesame in the factory? Yes. Is egg used? No, but "
                + "possible traces. Has soya been removed? No. Is contact with nuts excluded? No. Is it free from "
                + "celery? No";
        var says = Declaration.read(asked, UK).findings().stream().map(f -> f.substance().id() + " " + f.says())
                .distinct().sorted().toList();
        assertThat(says).contains("eggs MAY", "sesame MAY", "soybeans IN").doesNotContain("milk IN", "milk MAY");
        assertThat(says).anyMatch(s -> s.startsWith("tree-nut")).anyMatch(s -> s.startsWith("celery"));
    }

    /// ticks, crosses and boxes in front of all names of a row, or behind all of them
    @Test
    void marks_stand_in_front_of_their_names_or_behind_them() {
        assertThat(found("Rice. Allergens: ✓ milk ✓ egg ✗ nuts")).contains("milk", "eggs").doesNotContain("tree-nut");
        assertThat(found("Rice. Milk [x] Egg [ ] Fish [ ]")).contains("milk").doesNotContain("eggs", "fish");
        // nobody can tell whose mark is whose, or nothing was ticked
        assertThat(found("Rice. Milk ✓ egg ✗ fish")).contains("milk", "eggs", "fish");
        assertThat(found("Rice. ✗ milk ✗ egg")).contains("milk", "eggs");
        assertThat(found("Rice. [ ] milk [ ] egg")).contains("milk", "eggs");
    }

    /// a list with an item on each line below what is said of all of them
    @Test
    void a_list_below_its_heading_says_what_the_heading_says() {
        var text = "Ingredients: rice, salt.\nContains:\n- Wheat\n- Milk\nMay contain:\n- Egg\n- Soya\nFree from:\n"
                + "- Nuts\n- Sesame";
        var says = Declaration.read(text, UK).findings().stream().map(f -> f.substance().id() + " " + f.says())
                .sorted().toList();
        assertThat(says).containsExactly("eggs MAY", "milk IN", "soybeans MAY", "wheat IN");
        // what stands below a precaution that has its own words is the list of ingredients
        assertThat(Declaration.read("May contain: nuts\nWheat flour\nMilk\nSalt", UK).findings())
                .filteredOn(f -> f.says() == Finding.Says.IN).hasSize(2);
        // without bullets nothing is taken away: the list may have ended
        assertThat(found("Free from:\nNuts\nSesame")).contains("sesame");
    }
}
