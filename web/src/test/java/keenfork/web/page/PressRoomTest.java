package keenfork.web.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import keenfork.web.page.PressRoom.State;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/// Long papers tell how far they are, wait for each other, and can be given up.
class PressRoomTest {
    private final PressRoom room = new PressRoom();

    private static Supplier<String> page(int number) {
        return () -> "<html lang=\"en\"><head><title>Map</title></head>"
                + "<body style=\"font-family: Text\">Part %d</body></html>"
                        .formatted(number);
    }

    private static Supplier<String> after(CountDownLatch gate, Supplier<String> page) {
        return () -> {
            try {
                if (!gate.await(60, TimeUnit.SECONDS)) throw new IllegalStateException("nobody opened the gate");
            } catch (InterruptedException e) {
                throw new IllegalStateException(e);
            }
            return page.get();
        };
    }

    private PressRoom.Setting begin(List<Supplier<String>> parts) {
        var address = room.begin(new PressRoom.Paper("Allergen map", "allergen-map.pdf", "/map", parts));
        return room.find(address.substring("/paper/".length()));
    }

    private static void until(PressRoom.Setting setting, State state) {
        while (setting.state() != state) {
            assertThat(setting.state()).isNotEqualTo(State.BROKE);
            LockSupport.parkNanos(1_000_000);
        }
    }

    @Test
    void a_paper_is_set_part_by_part_and_numbered_through() throws Exception {
        var gate = new CountDownLatch(1);
        var map = begin(List.of(page(1), after(gate, page(2))));
        until(map, State.IS_SET);
        assertThat(map.all()).isEqualTo(2);
        gate.countDown();
        until(map, State.READY);
        try (var pdf = Loader.loadPDF(map.pdf())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Part 1", "1 of 2", "Part 2", "2 of 2");
        }
    }

    @Test
    void one_waits_for_the_other_and_one_that_is_given_up_sets_nothing_more() {
        var gate = new CountDownLatch(1);
        var first = begin(List.of(after(gate, page(1)), () -> {
            throw new IllegalStateException("set although it was given up");
        }));
        var second = begin(List.of(page(1)));
        until(first, State.IS_SET);
        assertThat(second.state()).isEqualTo(State.WAITS);
        first.stop();
        assertThat(first.state()).isEqualTo(State.GIVEN_UP);
        gate.countDown();
        until(second, State.READY);
        assertThat(first.state()).isEqualTo(State.GIVEN_UP);
    }

    @Test
    void only_the_last_few_are_kept() {
        var first = room.begin(new PressRoom.Paper("Allergen map", "a.pdf", "/map", List.of(page(1))));
        IntStream.range(0, 8).forEach(_ -> begin(List.of(page(1))));
        assertThatThrownBy(() -> room.find(first.substring("/paper/".length()))).isInstanceOf(NotHere.class)
                .hasMessageContaining("Ask for it again");
    }
}
