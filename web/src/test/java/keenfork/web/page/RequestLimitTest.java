package keenfork.web.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;
import keenfork.core.search.GivenUp;
import keenfork.paper.Press;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

@Timeout(60)
class RequestLimitTest {
    private final RequestLimit limit = new RequestLimit(Duration.ofMillis(20));

    @AfterEach
    void end() { limit.destroy(); }

    private void answer(Runnable work) throws Exception {
        limit.doFilter(new MockHttpServletRequest("GET", "/map.pdf"), new MockHttpServletResponse(),
                (_, _) -> work.run());
    }

    private static void untilGivenUp() {
        while (!Thread.currentThread().isInterrupted()) LockSupport.parkNanos(1_000_000);
    }

    @Test
    void what_takes_too_long_is_told_to_end_and_the_thread_goes_on_unharmed() throws Exception {
        answer(RequestLimitTest::untilGivenUp);
        assertThat(Thread.currentThread().isInterrupted()).as("the thread answers another request next").isFalse();
    }

    @Test
    void paper_that_takes_too_long_ends_between_two_pages() {
        Supplier<String> first = () -> {
            untilGivenUp();
            return "<html><head><title>One</title></head><body>One</body></html>";
        };
        Supplier<String> second = () -> {
            throw new IllegalStateException("set although it was given up");
        };
        assertThatThrownBy(() -> answer(() -> Press.pdf(List.of(first, second)))).isInstanceOf(GivenUp.class);
    }

    @Test
    void an_answer_in_time_is_left_alone() throws Exception {
        var answered = new CountDownLatch(1);
        answer(answered::countDown);
        assertThat(answered.getCount()).isZero();
    }
}
