package keenfork.web.page;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import org.springframework.http.ResponseCookie;

/// Who says to be at this screen. It is no account: it is written beside what is saved, so that the crew can ask.
public final class Cook {
    private static final String COOKIE = "kf-cook";
    private static final int LONGEST = 40;
    private static final Duration A_SHIFT = Duration.ofHours(16);

    private Cook() {}

    /// {@return the name, or an empty string where nobody said one}
    public static String of(HttpServletRequest request) {
        if (request.getCookies() == null) return "";
        return Arrays.stream(request.getCookies()).filter(c -> c.getName().equals(COOKIE)).map(Cookie::getValue)
                .map(Cook::decoded).findFirst().orElse("");
    }

    /// {@return the cookie that keeps a name for one shift; one that ends at once where the name is empty}
    public static ResponseCookie kept(String name) {
        var plain = plain(name);
        return ResponseCookie.from(COOKIE, URLEncoder.encode(plain, StandardCharsets.UTF_8)).path("/").httpOnly(true)
                .sameSite("Lax")
                .maxAge(plain.isEmpty() ? Duration.ZERO : A_SHIFT).build();
    }

    private static String decoded(String value) {
        try {
            return plain(URLDecoder.decode(value, StandardCharsets.UTF_8));
        } catch (IllegalArgumentException _) {
            // somebody else's cookie under our name: nobody said who is here
            return "";
        }
    }

    private static String plain(String name) {
        var plain = name.replaceAll("\\p{C}", "").strip();
        return plain.length() > LONGEST ? plain.substring(0, LONGEST) : plain;
    }
}
