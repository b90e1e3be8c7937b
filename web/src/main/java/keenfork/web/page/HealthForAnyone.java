package keenfork.web.page;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Collections;
import java.util.Enumeration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/// Tells its health to a browser, too: it has one form only, and whoever asks for another one is given it.
@Component
class HealthForAnyone extends OncePerRequestFilter {
    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/actuator/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(new HttpServletRequestWrapper(request) {
            @Override
            public @Nullable String getHeader(String name) {
                return name.equalsIgnoreCase(HttpHeaders.ACCEPT) ? MediaType.ALL_VALUE : super.getHeader(name);
            }

            @Override
            public Enumeration<String> getHeaders(String name) {
                return name.equalsIgnoreCase(HttpHeaders.ACCEPT)
                        ? Collections.enumeration(List.of(MediaType.ALL_VALUE)) : super.getHeaders(name);
            }
        }, response);
    }
}
