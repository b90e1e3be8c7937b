package keenfork.web.page;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/// The one gate for text that comes in: what XML cannot hold (XML 1.0, 2.2) breaks every PDF and drawing it reaches,
/// and PostgreSQL stores no U+0000, so it is turned down before anything reads it.
@Configuration
class PrintableText implements WebMvcConfigurer, HandlerInterceptor {
    private static final int SHOWN_BEFORE = 20;
    private static final int LAST_OF_PLANE = 0xFFFE;

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        // the page of an error is made for a request that was looked at, or that nobody could read
        if (request.getDispatcherType() != DispatcherType.REQUEST) return true;
        for (var values : request.getParameterMap().values()) for (var value : values) turnDown(value);
        return true;
    }

    private static void turnDown(String text) {
        for (var at = 0; at < text.length(); at += Character.charCount(text.codePointAt(at))) {
            var letter = text.codePointAt(at);
            if (isPrintable(letter)) continue;
            var before = text.substring(Math.max(0, at - SHOWN_BEFORE), at).strip();
            throw new Unprintable("%s a character that cannot be printed (U+%04X). Nothing was stored. Go back (your "
                    .formatted(before.isEmpty() ? "What you sent begins with" : "Behind “%s” stands".formatted(before),
                            letter)
                    + "text is still in the page) and take it out, or copy it from here without it.",
                    text.codePoints().filter(PrintableText::isPrintable)
                            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                            .toString());
        }
    }

    /// {@return whether a page, a label and the database can hold a letter}
    static boolean isPrintable(int letter) {
        if (letter == '\t' || letter == '\n' || letter == '\r') return true;
        return !Character.isISOControl(letter) && Character.getType(letter) != Character.SURROGATE
                && (letter & LAST_OF_PLANE) != LAST_OF_PLANE;
    }
}
