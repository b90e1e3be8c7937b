package keenfork.web.page;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/// A field of a form as it was sent, shown where it could not be stored: nothing that was typed is lost.
///
/// @param name its name in the form
record Sent(String name, String text) {
    private static final Set<String> NOT_TYPED = Set.of("_csrf", "version", "id", "act", "print");

    /// {@return what was typed into the form that was sent, in its order; empty where none was}
    static List<Sent> of(HttpServletRequest request) {
        if (!request.getMethod().equals("POST")) return List.of();
        var sent = new ArrayList<Sent>();
        request.getParameterMap().forEach((name, values) -> {
            for (var value : values) if (!NOT_TYPED.contains(name) && !value.isBlank()) sent.add(new Sent(name, value));
        });
        return List.copyOf(sent);
    }
}
