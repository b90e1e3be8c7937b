package keenfork.core;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Table;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Facts;
import keenfork.core.trace.Mark;

/// Builders: a dish in one call, and what it carries in one word.
public final class Kit {
    public static final RuleBook UK = RuleBook.uk();
    public static final RuleBook US = RuleBook.named("us").orElseThrow();
    public static final RuleBook EU = RuleBook.named("eu").orElseThrow();

    private Kit() {}

    public static Recipe aDish(String... lines) {
        return Recipe.read("A dish\n" + String.join("\n", lines), Volumes.METRIC, new Law("uk"));
    }

    public static Line aLine(String line) {
        return aDish(line).lines().getFirst();
    }

    public static Derivation derived(String... lines) {
        return Derivation.of(aDish(lines), Facts.none(UK));
    }

    /// {@return the marks of a dish as `gluten:contains:assumed`, in the rule book's order}
    public static List<String> marks(RuleBook book, String... lines) {
        return marks(derived(lines), book);
    }

    public static List<String> marks(Derivation derivation, RuleBook book) {
        return derivation.under(book).marks().stream().map(Kit::said).toList();
    }

    private static String said(Mark mark) {
        return mark.group().id() + ":" + mark.certainty().id() + (mark.assumed() ? ":assumed" : "");
    }

    public static List<String> groups(Derivation derivation, RuleBook book, Certainty certainty) {
        return derivation.under(book).marks().stream().filter(m -> m.certainty() == certainty).map(m -> m.group().id())
                .toList();
    }

    /// {@return the rows of an outside table, each as its cells; the heading and remarks left out}
    public static List<List<String>> outside(String file, String heading) {
        return rows("/outside/" + file, ";").filter(cells -> !cells.getFirst().startsWith(heading.split(";")[0]))
                .toList();
    }

    /// {@return the rows of a table of the tests, each as its cells; remarks left out}
    public static Stream<List<String>> rows(String file, String separator) {
        return lines(file).filter(l -> !l.isBlank() && !l.startsWith("#"))
                .map(l -> Arrays.stream(l.split(separator, -1)).map(String::strip).toList());
    }

    /// {@return the blocks of a file of the tests, each behind two equals signs; remarks at its head left out}
    public static Stream<String> blocks(String file) {
        return Arrays.stream(lines(file).collect(Collectors.joining("\n")).split("(?m)^== "))
                .filter(b -> !b.startsWith("#"));
    }

    /// {@return the lines of a file of the tests, each with what goes on indented below it}
    public static Stream<String> lines(String file) {
        return Table.lines(Kit.class, file).stream().map(Table.Line::text);
    }
}
