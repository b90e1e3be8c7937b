package keenfork.core.kitchen;

import static keenfork.core.Kit.UK;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Recipe;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.run.Conditions;
import keenfork.core.run.PrepRun;
import keenfork.core.run.Remedy;
import keenfork.core.run.Sequencer;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import org.junit.jupiter.api.Test;

class ShutOutTest {
    private static Derivation dish(String text) {
        return Derivation.of(Recipe.read(text, Volumes.METRIC, new Law("uk")), Facts.none(UK));
    }

    private static final Derivation PESTO =
            dish("Pistachio pesto\nServes 10\n300 g pistachios\n100 g basil\nMethod:\nBlend smooth in a blender.");
    private static final Derivation DIP =
            dish("Bean dip\nServes 10\n1 kg cooked beans\nMethod:\nBlend smooth in a blender.");

    private static PrepRun unwashed() {
        return Sequencer.unwashed(Stream.of(PESTO, DIP).map(d -> Batch.of(d).orElseThrow()).toList(),
                Conditions.USUAL);
    }

    @Test
    void only_who_could_eat_it_otherwise_is_shut_out_by_the_blender() {
        var contacts = unwashed().turns().get(1).carried();
        var plain = Facts.none(UK);
        assertThat(ShutOut.from(contacts, DIP, plain).keepsOut(Avoidances.of("nuts", UK))).isTrue();
        assertThat(ShutOut.from(contacts, DIP, plain).keepsOut(Avoidances.of("milk", UK))).isFalse();
        assertThat(ShutOut.from(contacts, PESTO, plain).keepsOut(Avoidances.of("nuts", UK))).as("it is in it anyway")
                .isFalse();
    }

    @Test
    void each_remedy_clears_its_contact() {
        var run = unwashed();
        var contact = run.turns().get(1).carried().stream().filter(c -> c.kit().id().equals("blender")).findFirst()
                .orElseThrow();
        var remedies = Remedy.of(run, 1, contact);
        assertThat(remedies).extracting(r -> r.way().getClass().getSimpleName())
                .containsExactly("CleanFirst", "MakeBefore");
        assertThat(remedies.getFirst().way())
                .isEqualTo(new Remedy.Way.CleanFirst(contact.piece(), contact.use(), Clean.WASH));
        for (var remedy : remedies)
            assertThat(remedy.then().carried()).as(remedy.way().toString())
                    .noneMatch(c -> c.kit().equals(contact.kit()) && c.to().dish().equals("Bean dip"));
        assertThat(List.copyOf(remedies.get(1).then().order())).extracting(m -> m.batch().dish())
                .containsExactly("Bean dip", "Pistachio pesto");
    }
}
