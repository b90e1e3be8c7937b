package keenfork.format;

import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/// JSON as the command line prints it.
public final class Json {
    private static final JsonMapper MAPPER = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

    private Json() {}

    public static String write(Object value) {
        return MAPPER.writeValueAsString(value);
    }
}
