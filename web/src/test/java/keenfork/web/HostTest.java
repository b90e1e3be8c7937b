package keenfork.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Who is answered, by the name they call the program.
class HostTest extends RunningKitchen {
    @ParameterizedTest
    @CsvSource({"127.0.0.1, 200", "localhost, 200", "kitchen.example, 400", "127.0.0.1.kitchen.example, 400"})
    void only_this_machine_is_answered_for(String host, int status) throws IOException {
        assertThat(answer(host)).startsWith("HTTP/1.1 " + status);
    }

    private String answer(String host) throws IOException {
        try (var socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream().write("GET /map HTTP/1.1\r\nHost: %s:%d\r\nConnection: close\r\n\r\n"
                    .formatted(host, port).getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
