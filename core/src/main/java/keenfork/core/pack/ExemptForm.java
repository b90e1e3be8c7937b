package keenfork.core.pack;

import java.util.HashMap;
import java.util.Map;
import keenfork.core.food.Foods;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
import keenfork.core.food.Words;

/// Forms of an allergen that a law exempts, where the pack tells the source beside them: "maltodextrin (wheat)",
/// "tocopherols from soya".
final class ExemptForm {
    private static final Map<String, Map<Substance, Substance>> HELD = read();

    private ExemptForm() {}

    private static Map<String, Map<Substance, Substance>> read() {
        var held = new HashMap<String, Map<Substance, Substance>>();
        for (var row : Table.read(Foods.class, "exempt-forms.txt", 4)) {
            var source = row.read(1, Substances.shipped()::get);
            var form = row.read(2, Substances.shipped()::get);
            for (var word : row.list(0)) held.computeIfAbsent(Words.key(word), _ -> new HashMap<>()).put(source, form);
        }
        return held;
    }

    /// {@return the exempt forms that words name, each by its source}
    static Map<Substance, Substance> in(String words) {
        var key = " " + Words.key(words) + " ";
        var forms = new HashMap<Substance, Substance>();
        HELD.forEach((word, of) -> {
            if (key.contains(" " + word + " ")) of.forEach(forms::putIfAbsent);
        });
        return forms;
    }
}
