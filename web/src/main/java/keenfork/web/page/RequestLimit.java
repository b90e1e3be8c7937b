package keenfork.web.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/// Gives a request up when it has taken so long that nobody waits for it any more: its thread is interrupted, and what
/// works through many dishes or pages looks at that between two of them. The database gives up by itself before.
@Component
class RequestLimit extends OncePerRequestFilter {
    private final Duration longest;
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().name("request-limit").daemon().factory());

    RequestLimit(@Value("${keenfork.longest-request}") Duration longest) { this.longest = longest; }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var asking = new Asking(Thread.currentThread());
        var alarm = clock.schedule(asking::giveUp, longest.toMillis(), TimeUnit.MILLISECONDS);
        try {
            chain.doFilter(request, response);
        } finally {
            alarm.cancel(false);
            asking.end();
        }
    }

    @Override
    public void destroy() { clock.shutdownNow(); }

    /// One request and the thread that answers it, until it has: the thread goes on to another request then.
    private static final class Asking {
        private final Thread thread;
        private boolean isAnswered;

        Asking(Thread thread) { this.thread = thread; }

        synchronized void giveUp() {
            if (!isAnswered) thread.interrupt();
        }

        synchronized void end() {
            isAnswered = true;
            Thread.interrupted();
        }
    }
}
