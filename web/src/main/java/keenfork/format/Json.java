package keenfork.format;

import java.io.PrintStream;
import java.util.stream.Stream;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/// JSON as the command line prints it.
public final class Json {
    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private Json() {}

    /// Writes an array one element at a time, so that a long answer never stands in memory as a whole.
    public static void write(Stream<?> elements, PrintStream out) {
        var each = elements.iterator();
        out.print("[ ");
        while (each.hasNext()) {
            out.print(MAPPER.writeValueAsString(each.next()));
            if (each.hasNext()) out.print(", ");
        }
        out.println(" ]");
    }

    public static String write(Object value) {
        return MAPPER.writeValueAsString(value);
    }
}
