package keenfork.core.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.Kit;
import keenfork.core.regime.Group;
import keenfork.core.trace.Certainty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The same recipes written in other ways: whatever marks stand around a line, what is surely in it is never lost.
class OtherwiseWrittenTest {
    private static final Pattern AMOUNT = Pattern.compile("^(\\d+(?:\\.\\d+)?\\s?(?:g|kg|ml|l|tbsp|tsp)) (.+)$");
    private static final List<List<String>> RECIPES = recipes();

    private static List<List<String>> recipes() {
        var all = new ArrayList<List<String>>();
        for (var line : Corpus.lines("recipes.txt")) {
            if (line.startsWith("# ")) all.add(new ArrayList<>());
            else if (line.contains(" => ")) all.getLast().add(line.split(" => ")[0]);
        }
        all.removeIf(r -> r.size() < 2);
        return all;
    }

    /// a way of writing a list, by its name
    record Way(String name, UnaryOperator<String> text) {
        @Override
        public String toString() { return name; }
    }

    private static Way each(String name, UnaryOperator<String> line) {
        return new Way(name, t -> String.join("\n", t.lines().map(line).toList()));
    }

    private static UnaryOperator<String> last(String before) {
        return t -> t.substring(0, t.lastIndexOf('\n') + 1) + before + t.substring(t.lastIndexOf('\n') + 1);
    }

    private static String behind(String line, String between) {
        return AMOUNT.matcher(line).replaceFirst("$2" + between + "$1");
    }

    static Stream<Way> ways() {
        var around =
                Stream.of("- ", "* ", "• ", "1. ", "[ ] ", "> ", "+ ").map(b -> each("each behind " + b, l -> b + l));
        var behind = Stream.of(" ", " - ", ": ", " .... ", " = ", ", ")
                .map(b -> each("amount behind" + b, l -> behind(l, b)));
        var ends = Stream.of(".", ",", ":", " (optional)", ", divided", " - for table 4", " *", "?")
                .map(e -> each("ends in " + e, l -> l + e));
        var lasts = Stream.of("To finish - ", "To serve: ", "Garnish: ", "For the dressing\n", "\n", "Topping:\n")
                .map(b -> new Way("the last behind " + b.strip(), last(b)));
        var whole = Stream.of(new Way("blank between", t -> t.replace("\n", "\n\n")),
                new Way("on one line", t -> t.replace("\n", "; ")),
                new Way("between bars", t -> t.replace("\n", " | ")),
                new Way("in capitals", t -> t.toUpperCase(Locale.ROOT)), each("in a table", l -> "| " + l + " |"),
                each("in bold", l -> "**" + l + "**"),
                new Way("between headlines", t -> "Ingredients\n" + t + "\nMethod\nMix."));
        return Stream.of(around, behind, ends, lasts, whole).flatMap(s -> s);
    }

    @ParameterizedTest @MethodSource("ways")
    void what_is_surely_in_it_stays(Way way) {
        for (var recipe : RECIPES) {
            var text = String.join("\n", recipe);
            var written = way.text.apply(text);
            assertThat(groups(written.split("\n"), false)).as(written).containsAll(groups(text.split("\n"), true));
        }
    }

    private static List<String> groups(String[] lines, boolean sure) {
        var profile = Kit.derived(lines).under(Kit.UK);
        return Kit.UK.groups().stream()
                .filter(g -> profile.mark(g).filter(m -> !sure || m.certainty() == Certainty.CONTAINS).isPresent())
                .map(Group::id).toList();
    }
}
