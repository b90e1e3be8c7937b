package keenfork.core.food;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The permitted additives, by name and by number, with what they may come from.
final class Additives {
    private final Map<String, Meaning> names = new LinkedHashMap<>();
    private final List<Numbered> numbered = new ArrayList<>();

    /// @param from first number of the row, without letters
    /// @param to   last
    private record Numbered(int from, int to, Meaning meaning) {}

    Additives() {
        for (var row : Table.read(Additives.class, "additives.txt", 5)) {
            var holds = row.read(2, _ -> Substances.shipped().getAll(row.list(2)));
            var maybe = row.read(3, _ -> Substances.shipped().getAll(row.list(3)));
            for (var name : row.list(1)) names.putIfAbsent(name, additive(name, holds, maybe));
            if (row.cell(0).isEmpty()) continue;
            var limits = row.cell(0).split("-");
            var meaning = additive("%s (E%s)".formatted(row.list(1).getFirst(), row.cell(0)), holds, maybe);
            numbered.add(
                    new Numbered(Integer.parseInt(limits[0]), Integer.parseInt(limits[limits.length - 1]), meaning));
        }
    }

    private static Meaning additive(String name, List<Substance> holds, List<Substance> maybe) {
        return maybe.isEmpty() ? new Meaning.OfSubstances(holds)
                : new Meaning.Vague(maybe, "What does the %s come from?".formatted(name));
    }

    /// {@return what each name stands for, in table order}
    Map<String, Meaning> names() { return names; }

    /// {@return what an E-number stands for, or empty where no list has it}
    Optional<Meaning> listed(int number) {
        return numbered.stream().filter(a -> a.from <= number && number <= a.to).map(Numbered::meaning).findFirst();
    }
}
