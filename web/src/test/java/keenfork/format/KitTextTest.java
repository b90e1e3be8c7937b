package keenfork.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import keenfork.core.regime.RuleBook;
import keenfork.core.run.Clean;
import keenfork.core.run.Kit;
import keenfork.core.run.Pace;
import keenfork.core.run.Range;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class KitTextTest {
    @Test
    void a_piece_is_kept_from_every_member_of_a_group() {
        var piece = KitText.pieces("board | green  board | nuts, sesame", RuleBook.uk()).getFirst();
        assertThat(piece.name()).isEqualTo("green board");
        assertThat(piece.keptFrom()).extracting(s -> s.id()).contains("walnut", "pistachio", "sesame");
    }

    @Test
    void figures_are_written_as_they_are_read() {
        for (var kit : Kit.all())
            assertThat(KitText.residue(KitText.of(kit.residue()), kit.residue().source())).isEqualTo(kit.residue());
        for (var clean : Clean.values())
            assertThat(KitText.effect(KitText.of(clean.effect()), clean.effect().source())).isEqualTo(clean.effect());
        for (var pace : Pace.all())
            assertThat(KitText.pace(pace.act(), KitText.of(pace), pace.source())).isEqualTo(pace);
        for (var kit : Kit.all())
            kit.room().ifPresent(kg -> assertThat(KitText.room(KitText.ofRoom(kg))).isEqualTo(kg));
        assertThat(KitText.room(" 2,5 kg ")).isEqualTo(2.5);
        assertThat(KitText.residue(" 3 ; 0.5-1 ", "").thick()).isEqualTo(new Range(3, 3));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "10-40", "10-40; 3-15; 1", "40-10; 3-15", "-1; 3", "ten; three", "1e9; 3", "1--2; 3"})
    void a_residue_that_makes_no_sense_is_turned_down(String figure) {
        assertThatThrownBy(() -> KitText.residue(figure, "")).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest @ValueSource(strings = {"0-2; 8", "0-0.1; 8.5", "0-0.1; -3", "0-0.1; soon", "0-0.1"})
    void a_clean_that_makes_no_sense_is_turned_down(String figure) {
        assertThatThrownBy(() -> KitText.effect(figure, "")).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest @ValueSource(strings = {"", "0", "0.01", "501", "a jug", "-2", "1e2", "NaN"})
    void kit_holds_a_weight_that_a_kitchen_can_lift_or_it_is_turned_down(String figure) {
        assertThatThrownBy(() -> KitText.room(figure)).isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest @ValueSource(strings = {"", "3", "3; ", "3.5; 2-5", "-3; 2-5", "3; 5-2", "soon; 2-5"})
    void minutes_that_make_no_sense_are_turned_down(String figure) {
        assertThatThrownBy(() -> KitText.pace("cut", figure, "")).isInstanceOf(IllegalArgumentException.class);
    }
}
