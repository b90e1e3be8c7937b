package keenfork.web.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HexFormat;
import java.util.concurrent.ThreadLocalRandom;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/// Writes down what was saved, printed or turned down, and what took long: when, where, who, how long. Never what was
/// typed and never what stands behind an address, as guests' names are among it.
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestLog extends OncePerRequestFilter {
    /// under which a request's number stands beside everything that is logged for it
    static final String NUMBER = "number";
    private static final Logger LOG = LoggerFactory.getLogger(RequestLog.class);
    private static final long SLOW_MILLIS = 500;
    private static final int FIRST_REFUSAL = 400;
    private static final int NOT_FOUND = 404;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        var began = System.nanoTime();
        MDC.put(NUMBER, HexFormat.of().toHexDigits(ThreadLocalRandom.current().nextInt()));
        try {
            chain.doFilter(request, response);
        } finally {
            told(request, response.getStatus(), (System.nanoTime() - began) / 1_000_000);
            MDC.remove(NUMBER);
        }
    }

    private static void told(HttpServletRequest request, int status, long millis) {
        var isSave = !request.getMethod().equals("GET") && !request.getMethod().equals("HEAD");
        var isRefused = status >= FIRST_REFUSAL && status != NOT_FOUND;
        if (!isSave && !isRefused && millis < SLOW_MILLIS) return;
        var who = Cook.of(request);
        LOG.info("{} {} {} in {} ms{}{}", request.getMethod(), request.getRequestURI(), status, millis,
                who.isEmpty() ? "" : " by " + who, millis < SLOW_MILLIS ? "" : ", slow");
    }
}
