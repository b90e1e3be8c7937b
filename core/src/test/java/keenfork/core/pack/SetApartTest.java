package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Letters spaced for stress and words parted at the end of a line name what they name in one piece (common practice
/// in print).
class SetApartTest {
    private static List<String> found(String text) {
        return Declaration.read(text, new Law("uk")).findings().stream().map(f -> f.substance().id()).distinct()
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"milk", "wheat", "egg", "celery", "mustard", "sesame", "lupin", "soya", "fish",
            "peanuts", "almonds", "crustaceans", "molluscs", "sulphites", "barley", "cream", "tahini"})
    void a_name_is_found_however_it_is_set(String name) {
        var whole = found("Salt, " + name + ", sugar");
        assertThat(whole).isNotEmpty();
        var spaced = String.join(" ", name.toUpperCase(java.util.Locale.ROOT).split(""));
        assertThat(found("Salt, " + spaced + ", sugar")).containsExactlyElementsOf(whole);
        for (var cut = 2; cut <= name.length() - 2; cut++)
            assertThat(found("Salt, " + name.substring(0, cut) + "-\n" + name.substring(cut) + ", sugar"))
                    .containsAll(whole);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"M I L K, salt|MILK   , salt", "vitamins A B C D|vitamins A B C D",
            "gluten-;free|gluten-;free", "but-;ter|butter  "})
    void every_letter_keeps_its_place(String text, String joined) {
        var written = text.replace(';', '\n');
        assertThat(SetApart.joined(written)).hasSameSizeAs(written)
                .startsWith(joined.replace(';', '\n').stripTrailing());
    }
}
