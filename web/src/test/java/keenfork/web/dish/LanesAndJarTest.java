package keenfork.web.dish;

import static keenfork.web.ADish.FORMAT;
import static keenfork.web.ADish.derived;
import static org.assertj.core.api.Assertions.assertThat;

import keenfork.core.regime.RuleBook;
import org.junit.jupiter.api.Test;

class LanesAndJarTest {
    private static LanesView lanes(String text) { return LanesView.of(derived(text), RuleBook.uk(), FORMAT); }

    @Test
    void the_last_moment_stands_just_before_the_step() {
        var rows = lanes(
                "Dip\nBase:\n1 kg chickpeas\nDressing:\n3 tbsp tahini\nTopping:\n50 g almonds\nMethod:\n"
                        + "Boil the chickpeas.\nPour the dressing over.\nScatter the almonds.")
                                .rows();
        assertThat(rows).extracting(LanesView.StepRow::number).containsExactly(1, 0, 2, 0, 3);
        assertThat(rows.get(1).without()).isEqualTo("sesame");
        assertThat(rows.get(3).without()).isEqualTo("nuts");
        assertThat(rows.get(3).cells()).containsExactly("after", "fork");
        assertThat(rows.getLast().cells()).containsExactly("after", "now");
    }

    @Test
    void what_goes_on_when_the_dish_goes_out_has_a_row_of_its_own() {
        var rows = lanes("Dip\nBase:\n1 kg chickpeas\nBeside:\n6 flatbreads\nMethod:\nBoil the chickpeas.").rows();
        assertThat(rows.getLast().text()).isEqualTo("It goes out, with: beside.");
        assertThat(rows.get(rows.size() - 2).without()).contains("gluten cereals");
    }

    @Test
    void more_groups_than_lanes_are_named_and_none_is_left_out() {
        var view = lanes("Odd\n2 tbsp zugwort\nMethod:\nStir the zugwort.");
        assertThat(view.lanes()).hasSize(7);
        assertThat(view.more()).startsWith("In from the start, too:").contains("celery");
        assertThat(lanes("Dip\n1 egg").rows()).isEmpty();
    }

    @Test
    void the_jar_is_filled_from_the_bottom_up_and_names_do_not_cover_each_other() {
        var jar = JarView.of(derived(
                "Dip\nBase:\n1 kg chickpeas\n200 g tahini\n1 tsp salt\n1 tsp cumin\n1 tsp sumac\nTopping:\n"
                        + "100–200 g almonds\nchilli, to taste")
                                .recipe(),
                FORMAT);
        assertThat(jar.layers()).extracting(JarView.Layer::y).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(jar.layers().getLast().swatch()).isEqualTo("topping");
        assertThat(jar.tags()).extracting(JarView.Tag::name).containsExactly("almond", "salt and 2 more", "tahini",
                "chickpea");
        for (var i = 1; i < jar.tags().size(); i++)
            assertThat(jar.tags().get(i).y() - jar.tags().get(i - 1).y()).isGreaterThanOrEqualTo(20.9);
        assertThat(jar.levels().getLast().high()).isLessThan(jar.levels().getLast().low());
        assertThat(jar.unweighed()).contains("chilli");
    }

    /// 200 px of 16 px type hold two dozen letters
    @Test
    void names_fit_beside_the_jar() {
        var jar = JarView.of(derived("Board\n20 kg beef\n3 cornichons\n1 tsp black pepper\n1 tsp sumac\n"
                + "2 kg macadamia nut and white chocolate cookies").recipe(), FORMAT);
        assertThat(jar.tags()).hasSize(3).extracting(t -> t.name() + " " + t.grams())
                .allMatch(t -> t.length() <= 25);
        assertThat(jar.tags()).extracting(JarView.Tag::name).contains("3 lines");
    }

    @Test
    void nothing_weighed_is_no_jar() {
        assertThat(JarView.of(derived("Dip\nsalt").recipe(), FORMAT).height()).isZero();
    }

    @Test
    void a_question_is_answered_beside_its_line() {
        var menu = keenfork.web.ADish.menuOf("Dip\n4 tbsp honey or date syrup\n2 tbsp harissa\n1 cup zugwort");
        var lines = BenchView.of(7, menu, menu, FORMAT).parts().getFirst().lines();
        assertThat(lines.get(0).asks().getFirst().words()).isEqualTo("Which is it?");
        assertThat(lines.get(0).asks().getFirst().answers()).extracting(a -> a.line()).containsExactly("4 tbsp honey",
                "4 tbsp date syrup");
        assertThat(lines.get(1).asks().getFirst().link()).isEqualTo("/larder/new?food=harissa");
        assertThat(lines.get(2).asks().getFirst().picks()).isTrue();
    }

    @Test
    void two_texts_stand_side_by_side() {
        var rows = TextDifference.of("Dip\n1 egg\n2 lemons", "Dip\n2 eggs\n2 lemons\n<b>salt</b>").rows();
        assertThat(rows).extracting(TextDifference.LinePair::look).containsExactly("same", "changed", "same", "new");
        assertThat(rows.getLast().after()).as("as written: the template escapes it").isEqualTo("<b>salt</b>");
    }
}
