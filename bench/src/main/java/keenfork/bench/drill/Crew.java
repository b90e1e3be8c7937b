package keenfork.bench.drill;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.regex.Pattern;

/// Somebody at a screen: opens pages and saves, and knows what was answered.
final class Crew {
    private static final Pattern TOKEN = Pattern.compile("hx-headers=\"[^\"]*&quot;: &quot;([^&\"]+)&quot;");
    private static final Duration PATIENCE = Duration.ofSeconds(150);
    /// what a request is taken for that nobody answered
    static final int NOTHING = 0;
    private final HttpClient browser = HttpClient.newBuilder().cookieHandler(new CookieManager())
            .connectTimeout(Duration.ofSeconds(5)).followRedirects(HttpClient.Redirect.NEVER).build();
    private final int port;
    private String token = "";

    Crew(int port) {
        this.port = port;
    }

    /// an answer; its status is [#NOTHING] where none came
    record Answer(int status, String body, long millis) {
        boolean isKept() { return status / 100 == 3; }
    }

    boolean isReady() {
        return send(
                HttpRequest.newBuilder(uri("/actuator/health/readiness")).timeout(Duration.ofSeconds(5)).build()).status
                == 200;
    }

    Answer get(String path) { return send(HttpRequest.newBuilder(uri(path)).timeout(PATIENCE).build()); }

    /// Saves a form; whoever has no token yet opens a page first.
    Answer post(String path, String... fields) {
        if (token.isEmpty()) {
            var found = TOKEN.matcher(get("/kitchen").body);
            if (!found.find()) return new Answer(NOTHING, "", 0);
            token = found.group(1);
        }
        var body = new StringBuilder("_csrf=").append(encoded(token));
        for (var i = 0; i < fields.length; i += 2)
            body.append('&').append(fields[i]).append('=').append(encoded(fields[i + 1]));
        var answer = send(HttpRequest.newBuilder(uri(path)).timeout(PATIENCE)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body.toString())).build());
        // whoever was let in before the application ended is asked again
        if (answer.status == 403) token = "";
        return answer;
    }

    private URI uri(String path) { return URI.create("http://127.0.0.1:" + port + path); }

    private static String encoded(String text) { return URLEncoder.encode(text, StandardCharsets.UTF_8); }

    private Answer send(HttpRequest request) {
        var began = System.nanoTime();
        try {
            var answer = browser.send(request, HttpResponse.BodyHandlers.ofString());
            return new Answer(answer.statusCode(), answer.body(), (System.nanoTime() - began) / 1_000_000);
        } catch (IOException _) {
            // nobody is there just now: that is what the drill looks at
            return new Answer(NOTHING, "", (System.nanoTime() - began) / 1_000_000);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
