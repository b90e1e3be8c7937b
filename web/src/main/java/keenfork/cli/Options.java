package keenfork.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import keenfork.core.measure.Volumes;
import keenfork.core.regime.RuleBook;

/// The words behind a command: options with their values, and files.
///
/// @param values what each option was given, by its name without dashes
/// @param files  the files, in the order given
record Options(Map<String, String> values, List<Path> files) {
    /// Thrown when the words make no sense; its message says which and what is allowed.
    static final class Wrong extends Exception {
        private static final long serialVersionUID = 1L;

        Wrong(String message) {
            super(message);
        }
    }

    static Options of(List<String> words, Set<String> allowed) throws Wrong {
        var values = new TreeMap<String, String>();
        var files = new ArrayList<Path>();
        var onlyFiles = false;
        for (var i = 0; i < words.size(); i++) {
            var word = words.get(i);
            if (onlyFiles || !word.startsWith("--")) {
                files.add(Path.of(word));
                continue;
            }
            if (word.equals("--")) {
                onlyFiles = true;
                continue;
            }
            var parts = word.substring(2).split("=", 2);
            if (!allowed.contains(parts[0]))
                throw new Wrong("no option %s here; there are --%s".formatted(word,
                        String.join(", --", allowed.stream().sorted().toList())));
            if (parts.length == 1 && i + 1 == words.size()) throw new Wrong("%s needs a value".formatted(word));
            values.put(parts[0], parts.length == 2 ? parts[1] : words.get(++i));
        }
        if (files.isEmpty()) throw new Wrong("name at least one recipe file (.txt or .json)");
        return new Options(values, files);
    }

    /// {@return the text of a table that an option names}
    static String table(String file) throws Wrong {
        try {
            return Files.readString(Path.of(file), StandardCharsets.UTF_8);
        } catch (IOException | InvalidPathException e) {
            throw new Wrong(file + ": it cannot be read as a table in UTF-8");
        }
    }

    RuleBook regime() throws Wrong {
        var id = values.getOrDefault("regime", "uk");
        return RuleBook.named(id).orElseThrow(() -> new Wrong("no rule book \"%s\"; there are %s".formatted(id,
                String.join(", ", RuleBook.all().stream().map(RuleBook::id).toList()))));
    }

    Volumes volumes() throws Wrong {
        var id = values.getOrDefault("volumes", "metric");
        return Volumes.named(id)
                .orElseThrow(() -> new Wrong("no volumes \"%s\"; there are metric, us, au, imperial".formatted(id)));
    }

    String oneOf(String option, String usual, List<String> allowed) throws Wrong {
        var value = values.getOrDefault(option, usual);
        if (!allowed.contains(value))
            throw new Wrong("--%s is one of %s, not \"%s\"".formatted(option, String.join(", ", allowed), value));
        return value;
    }

    int number(String option, int usual, int least, int most) throws Wrong {
        var value = values.getOrDefault(option, String.valueOf(usual));
        if (!value.matches("\\d{1,6}") || Integer.parseInt(value) < least || Integer.parseInt(value) > most)
            throw new Wrong("--%s is a whole number from %d to %d, not \"%s\"".formatted(option, least, most, value));
        return Integer.parseInt(value);
    }
}
