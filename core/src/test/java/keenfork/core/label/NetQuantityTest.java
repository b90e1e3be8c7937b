package keenfork.core.label;

import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.regime.RuleBook;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NetQuantityTest {
    private static String words(String typed, String book, String language) {
        return NetQuantity.parse(typed).orElseThrow().words(RuleBook.named(book).orElseThrow(),
                Language.named(language).orElseThrow()).replace('\u00a0', ' ');
    }

    /// Ounces as NIST Handbook 44, Appendix C, has them: 8 oz are 226.8 g, 16 fl oz 473.2 ml. A label never says more
    /// than is in it.
    @ParameterizedTest(name = "{0}, {1}")
    @CsvSource(delimiter = '|', value = {"250 g|uk|en|250 g", "0.25kg|eu|de|250 g",
            "1500 g|eu|de|1,5 kg", "1,5 kg|eu|fr|1,5 kg", "250 ML|uk|en|250 ml", "2 l|uk|en|2 l", "1.25 l|eu|it|1,25 l",
            "227 g|us|en|Net Wt 8.0 oz (227 g)", "226 g|us|en|Net Wt 7.9 oz (226 g)",
            "454 g|us|en|Net Wt 16 oz (454 g)",
            "474 ml|us|en|Net 16 fl oz (474 ml)", "500 g|ca|fr|500 g", "12.5 g|anz|en|12.5 g"})
    void as_a_label_has_it(String typed, String book, String language, String words) {
        assertThat(words(typed, book, language)).isEqualTo(words);
    }

    @ParameterizedTest @ValueSource(strings = {"", "g", "0 g", "a tub", "250", "-5 g", "250 oz", "99999 kg", "1.5.5 g"})
    void what_is_no_quantity(String typed) { assertThat(NetQuantity.parse(typed)).isEmpty(); }

    @Property
    void it_is_total_and_reads_what_it_writes(@ForAll String typed) {
        NetQuantity.parse(typed).ifPresent(n -> assertThat(NetQuantity.parse(n.typed())).isPresent());
    }
}
