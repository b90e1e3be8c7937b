package keenfork.core.label;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.derived;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class LanguageTest {
    static Stream<Language> languages() { return Language.all().stream(); }

    private static Language in(String id) { return Language.named(id).orElseThrow(); }

    private static String list(Statement statement) {
        return String.join(", ", statement.ingredients().stream().map(Statement.Item::text).toList());
    }

    /// A word that is missing would stand in English on a label whose readers may not know it.
    @ParameterizedTest @MethodSource("languages")
    void every_group_and_listed_food_of_every_rule_book_has_its_word(Language language) {
        for (var book : RuleBook.all().stream().filter(language::isSpokenUnder).toList())
            for (var group : book.groups()) {
                assertThat(language.has(group.label())).as("%s: %s, %s", language, group.label(), book).isTrue();
                if (group.naming() == Group.Naming.MEMBER)
                    for (var member : group.members())
                        assertThat(language.has(member.name())).as("%s: %s, %s", language, member, book).isTrue();
            }
    }

    @ParameterizedTest @MethodSource("languages")
    void every_language_has_every_sentence_with_its_list(Language language) {
        for (var key : List.of("contains", "may", "contact", "unknown"))
            assertThat(language.sentence(key, UK)).as(key).containsOnlyOnce("{list}");
        for (var key : List.of("ingredients", "ask", "none", "others")) assertThat(language.phrase(key)).isNotBlank();
        assertThat(language.phrase("keep")).containsOnlyOnce("{day}");
        assertThat(language.phrase("batch")).containsOnlyOnce("{batch}");
        assertThatThrownBy(() -> language.phrase("weather")).isInstanceOf(IllegalStateException.class);
    }

    /// Regulation (EU) No 1169/2011, Annex II, in its French, German, Spanish and Italian texts (from memory).
    @ParameterizedTest @CsvSource({"fr,nuts,fruits à coque", "de,nuts,Schalenfrüchte", "es,nuts,frutos de cáscara",
            "it,nuts,frutta a guscio", "fr,peanut,arachide", "de,lupin,Lupine", "es,molluscs,moluscos",
            "it,crustaceans,crostacei", "de,cereals containing gluten,glutenhaltiges Getreide", "cy,milk,llaeth",
            "cy,crustaceans,cramenogion", "cy,nuts,cnau", "ga,milk,bainne", "ga,egg,ubh", "ga,wheat,cruithneacht"})
    void the_law_s_own_words(String language, String english, String word) {
        assertThat(in(language).word(english)).isEqualTo(word);
    }

    @Test
    void members_are_named_with_their_group() {
        var nuts = List.of(new Named("nuts", "almond"), new Named("nuts", "cashew"));
        assertThat(new Wording(UK, in("fr")).names(nuts)).containsExactly("fruits à coque (amande, noix de cajou)");
        assertThat(new Wording(UK, Language.english()).names(nuts)).containsExactly("nuts (almond, cashew)");
    }

    @Test
    void an_allergen_in_the_list_is_named_in_the_language() {
        assertThat(list(Statement.compose(derived("50 g walnuts", "30 g tahini"), UK, in("fr"))))
                .isEqualTo("noix, tahini (sésame)");
        assertThat(list(Statement.compose(derived("50 g walnuts", "30 g tahini"), UK)))
                .isEqualTo("walnuts, tahini (sesame)");
    }

    /// Food and Drug Regulations of Canada, B.01.012 (from memory): both official languages, whichever stands first.
    @Test
    void a_canadian_pack_says_it_in_both_languages() {
        var dish = derived("200 g plain flour", "50 g walnuts", "30 g tahini");
        var canada = RuleBook.named("ca").orElseThrow();
        var english = PrintedStatement.packed(PrintedStatement.inLanguages(dish, canada, Language.english()));
        assertThat(english.text()).containsSubsequence("Ingredients:", "walnuts", "Contains:", "Ingrédients",
                "noix", "Contient");
        assertThat(english.others()).singleElement().satisfies(o -> assertThat(o.said()).isEqualTo(english.said()));
        var french = PrintedStatement.packed(PrintedStatement.inLanguages(dish, canada, in("fr")));
        assertThat(french.text()).containsSubsequence("Ingrédients", "Ingredients:");
        assertThat(french.fingerprint()).isNotEqualTo(english.fingerprint());
        var german = PrintedStatement.packed(PrintedStatement.inLanguages(dish, canada, in("de")));
        assertThat(german.others()).extracting(PrintedStatement::language).containsExactly("en", "fr");
        assertThat(PrintedStatement.packed(PrintedStatement.inLanguages(dish, UK, in("fr"))).others()).isEmpty();
    }

    /// Cards beside the English ones in Wales and Ireland; days in the words of the Unicode CLDR.
    @Test
    void a_card_speaks_welsh_and_irish() {
        var dish = derived("50 g walnuts", "30 g tahini", "200 g feta");
        assertThat(PrintedStatement.of(Statement.compose(dish, UK, in("cy")), false).text())
                .contains("Yn cynnwys: llaeth, cnau (cnau Ffrengig), sesame.");
        assertThat(PrintedStatement.of(Statement.compose(dish, UK, in("ga")), false).text())
                .contains("Ina bhfuil: bainne, cnónna (gallchnó), seasaman.");
        assertThat(new Wording(UK, in("cy")).day(java.time.LocalDate.of(2026, 11, 30))).isEqualTo("Llun 30 Tach 2026");
        assertThat(in("cy").isSpokenUnder(RuleBook.named("us").orElseThrow())).isFalse();
    }

    @Test
    void a_kind_without_a_word_is_named_with_its_group() {
        assertThat(list(Statement.compose(derived("50 g bonito flakes"), RuleBook.named("us").orElseThrow(), in("fr"))))
                .contains("poisson (bonito)");
    }

    @Test
    void what_is_held_against_the_recipe_is_no_word_of_any_language() {
        var said = PrintedStatement.of(Statement.compose(derived("50 g walnuts"), UK, in("de")), true);
        assertThat(said.said(Certainty.CONTAINS)).containsExactly(new Named("nuts", "walnut"));
        assertThat(Difference.between(said, PrintedStatement.of(Statement.compose(derived("50 g walnuts"), UK), true))
                .words()).contains("It is in another language now.");
    }
}
