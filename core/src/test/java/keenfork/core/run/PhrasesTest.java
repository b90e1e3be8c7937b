package keenfork.core.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/// Against java.util.regex, which tries one phrase after the other.
class PhrasesTest {
    @Provide
    Arbitrary<List<String>> phrases() {
        return Arbitraries
                .of("fry", "stir-fry", "stir", "fry off", "fry off the", "180c", "é", "fryer", "pass it", "pass")
                .list().ofMinSize(1);
    }

    @Provide
    Arbitrary<String> texts() {
        return Arbitraries
                .of("fry", "stir", "-", " ", ".", "off", "the", "180", "c", "é", "Fry", "er", "pass", "it", "2", "'")
                .list().ofMaxSize(12).map(words -> String.join("", words));
    }

    @Property
    void finds_what_a_regular_expression_finds(@ForAll("phrases") List<String> phrases, @ForAll("texts") String text) {
        var all = phrases.stream().distinct().sorted(Comparator.comparingInt(String::length).reversed()
                .thenComparing(w -> w)).map(Pattern::quote).toList();
        var plain = Pattern
                .compile("(?iu)(?<![\\p{L}-])(?<!\\p{Nd}(?=\\p{Nd}))(?:" + String.join("|", all) + ")(?!\\p{L})");
        assertThat(Phrases.longestFirst(phrases).in(text))
                .isEqualTo(plain.matcher(text).results().map(m -> new Phrases.Place(m.start(), m.end())).toList());
        assertThat(Phrases.longestFirst(phrases).replacedIn(text, "~")).isEqualTo(plain.matcher(text).replaceAll("~"));
    }

    @Property
    void in_order_the_first_that_fits_is_taken_and_a_star_is_one_word(@ForAll("texts") String text) {
        var plain = Pattern.compile("(?iu)(?<!\\p{L})(?:fry|fry off|stir \\S+|pass it)(?!\\p{L})");
        assertThat(Phrases.inOrder(List.of("fry", "fry off", "stir *", "pass it")).replacedIn(text, "~"))
                .isEqualTo(plain.matcher(text).replaceAll("~"));
    }
}
