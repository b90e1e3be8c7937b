package keenfork.core.food;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/// It finds what a pattern of java.util.regex finds that tries each alternative at each letter.
class PhrasePatternTest {
    private static final List<String> PHRASES = List.of("tin foil", "foil", "cook's string", "lid", "lids", "make");
    private static final String BEHIND = "(?: \\p{L}+)? the (.{1,6})";

    @Property(tries = 3_000)
    void finds_what_a_plain_pattern_finds(@ForAll("texts") String text) {
        assertThat(at(new PhrasePattern(PHRASES, "").in(text, 99))).isEqualTo(at(plain("").matcher(text).results()
                .toList()));
        assertThat(new PhrasePattern(PHRASES, "").replaced(text, ",")).isEqualTo(plain("").matcher(text)
                .replaceAll(","));
        assertThat(at(new PhrasePattern(PHRASES, BEHIND).in(text, 99)))
                .isEqualTo(at(plain(BEHIND).matcher(text).results().toList()));
    }

    private static Pattern plain(String behind) {
        return Pattern.compile("(?iu)\\b(?:tin foil|cook's string|foil|lids|lid|make)\\b" + behind);
    }

    private static List<String> at(List<MatchResult> found) {
        return found.stream().map(m -> m.start() + "–" + m.end() + " " + m.group()).toList();
    }

    @Provide
    Arbitrary<String> texts() {
        return Arbitraries.of("Tin", "foil", "TIN FOIL", "cook's", "string", "lids", "lid", "lidded", "make", "the",
                "foils", "crème", "fråfoil", "20", ",", "-", "'", "(", "é", "dip").list().ofMaxSize(12)
                .map(words -> String.join(" ", words)).flatMap(spaced -> Arbitraries.of(spaced,
                        spaced.replace(" - ", "-").replace(" ' ", "'").replace(" é ", "é")));
    }
}
