package keenfork.web;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/// The real application with the demo kitchen, on a real database.
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = {"keenfork.demo=true",
        "keenfork.printer.pace=PT0.05S", "logging.level.keenfork=warn",
        "spring.datasource.url=${test.url.${test.kitchen:keenfork}}"})
public abstract class RunningKitchen {
    private static final Pattern TOKEN = Pattern.compile("hx-headers=\"[^\"]*&quot;: &quot;([^&\"]+)&quot;");
    @LocalServerPort protected int port;
    private final HttpClient browser = HttpClient.newBuilder().cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NEVER).build();

    @DynamicPropertySource
    static void database(DynamicPropertyRegistry registry) {
        for (var kitchen : List.of("keenfork", "journeys", "empty", "covers", "fuzz", "runs", "play"))
            registry.add("test.url." + kitchen, () -> TestPostgres.url(kitchen));
    }

    protected String address(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    protected HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(URI.create(address(path))).header("Accept", "text/html").build());
    }

    /// {@return a file as it is served}
    protected byte[] pdf(String path) {
        try {
            var answer = browser.send(HttpRequest.newBuilder(URI.create(address(path))).build(),
                    HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200)
                throw new IllegalStateException("%s answers with %d".formatted(path, answer.statusCode()));
            return answer.body();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /// Posts a form, with the token that every page carries; pairs of name and value.
    protected HttpResponse<String> post(String page, String path, String... fields) {
        var token = TOKEN.matcher(get(page).body());
        if (!token.find()) throw new IllegalStateException("no form on " + page);
        var body = new ArrayList<String>();
        body.add("_csrf=" + URLEncoder.encode(token.group(1), StandardCharsets.UTF_8));
        for (var i = 0; i < fields.length; i += 2)
            body.add(fields[i] + "=" + URLEncoder.encode(fields[i + 1], StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(address(path)))
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(String.join("&", body))).build());
    }

    protected HttpResponse<String> send(HttpRequest request) {
        try {
            return browser.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
