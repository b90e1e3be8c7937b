package keenfork.core.kitchen;

import static keenfork.core.Kit.UK;
import static keenfork.core.Kit.aDish;
import static keenfork.core.Kit.aLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.pack.ReadAgain;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class LarderTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 27);

    private static LarderPack pack(String declaration, boolean spare, @Nullable LocalDate standsInOn) {
        return new LarderPack("tahini", "Tahini " + declaration.length(), "", "uk", declaration,
                declaration.isEmpty() ? null : TODAY.minusDays(10), spare, standsInOn);
    }

    private static Larder larder(List<LineLink> links, LarderPack... packs) {
        var byKey = new LinkedHashMap<Long, LarderPack>();
        for (var pack : packs) byKey.put(byKey.size() + 1L, pack);
        return new Larder(TODAY, ReadAgain.USUAL, byKey, links);
    }

    private static boolean holds(Larder larder, String substance, Certainty certainty) {
        var dish = aDish("100 g tahini");
        return Derivation.of(dish, new Facts(UK, larder.facts(Map.of(7L, dish)))).evidence().stream()
                .anyMatch(e -> e.substance().id().equals(substance) && e.certainty() == certainty);
    }

    @Test
    void the_usual_pack_speaks_unless_another_stands_in_today() {
        var usual = pack("sesame", false, null);
        assertThat(larder(List.of(), usual, pack("sesame. May contain egg.", true, null)).packFor("tahini"))
                .hasValue(1L);
        var standsIn = larder(List.of(), usual, pack("sesame. May contain egg.", true, TODAY));
        assertThat(standsIn.packFor("tahini")).hasValue(2L);
        assertThat(holds(standsIn, "eggs", Certainty.MAY_CONTAIN)).isTrue();
        assertThat(larder(List.of(), usual, pack("sesame. May contain egg.", true, TODAY.minusDays(1)))
                .packFor("tahini")).hasValue(1L);
    }

    /// What nobody has read says nothing, and nobody else speaks for it.
    @Test
    void an_unread_pack_that_stands_in_leaves_nothing_of_the_usual_one() {
        var larder = larder(List.of(), pack("sesame. May contain egg.", false, null), pack("", true, TODAY));
        assertThat(larder.packFor("tahini")).hasValue(2L);
        assertThat(larder.facts(Map.of())).isEmpty();
    }

    @Test
    void a_line_may_have_a_pack_of_its_own() {
        var link = new LineLink(7, "100 g tahini", 2);
        var larder = larder(List.of(link), pack("sesame", false, null), pack("sesame, milk", true, null));
        assertThat(larder.packFor(7, aLine("100 g tahini"))).hasValue(2L);
        assertThat(larder.packFor(8, aLine("100 g tahini"))).hasValue(1L);
        assertThat(holds(larder, "milk", Certainty.CONTAINS)).isTrue();
        assertThat(larder.isInUse(2)).isTrue();
        assertThat(larder(List.of(new LineLink(7, "100 g tahini", 9)), pack("sesame", false, null))
                .packFor(7, aLine("100 g tahini"))).as("its pack is gone").hasValue(1L);
    }

    /// The table may have changed the name it shows since the pack was read.
    @Test
    void a_food_is_found_by_any_of_its_names() {
        assertThat(larder(List.of(), new LarderPack("canola oil", "Oil", "", "uk", "rapeseed oil", TODAY))
                .packFor("rapeseed oil")).hasValue(1L);
    }

    @Test
    void a_pack_read_long_ago_adds_and_replaces_nothing() {
        var larder = larder(List.of(), new LarderPack("tahini", "Old", "", "uk", "sesame", TODAY.minusDays(400)));
        assertThat(larder.inUse(new LarderPack("tahini", "Old", "", "uk", "sesame", TODAY.minusDays(400))).inDate())
                .isFalse();
        assertThat(larder.packFor("tahini")).hasValue(1L);
    }

    /// What a pack said is taken over from before; whether it is too old by now is not.
    @Test
    void a_larder_that_knows_what_it_was_before_says_what_it_would_without() {
        var pack = pack("sesame. May contain egg.", false, null);
        var before = larder(List.of(), pack);
        assertThat(before.inUse(pack).inDate()).isTrue();
        var read = pack("sesame. May contain nuts.", false, null);
        assertThat(new Larder(TODAY, ReadAgain.USUAL, Map.of(1L, read), List.of(), before).facts(Map.of()))
                .isEqualTo(larder(List.of(), read).facts(Map.of()));
        assertThat(new Larder(TODAY, ReadAgain.USUAL, Map.of(1L, pack), List.of(), before).inUse(pack))
                .isSameAs(before.inUse(pack));
        var later = TODAY.plusDays(ReadAgain.USUAL.days());
        assertThat(new Larder(later, ReadAgain.USUAL, Map.of(1L, pack), List.of(), before).inUse(pack).inDate())
                .isFalse();
        assertThat(new Larder(TODAY, new ReadAgain(5), Map.of(1L, pack), List.of(), before).inUse(pack).inDate())
                .isFalse();
    }
}
