package keenfork.core.pack;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
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

    /// {@return the substances, each in its exempt form where the words around it say so}
    ///
    /// @param head the words of the term it stands in
    /// @param path the terms around it, outermost first
    static List<Substance> of(List<Substance> substances, String head, List<String> path) {
        if (substances.size() != 1) return substances;
        var changed = new ArrayList<Substance>();
        for (var substance : substances) changed.add(form(substance, head, path));
        return changed;
    }

    private static Substance form(Substance substance, String head, List<String> path) {
        if (!isSource(substance)) return substance;
        var own = inWords(substance, Words.key(head));
        if (own != null) return own;
        // the term's own name stands last on the path; what opened it up stands before
        for (var at = path.size() - 1; at >= Math.max(0, path.size() - 2); at--) {
            var around = inWords(substance, Words.key(path.get(at)));
            if (around != null) return around;
        }
        return substance;
    }

    private static boolean isSource(Substance substance) {
        for (var forms : HELD.values()) if (forms.containsKey(substance)) return true;
        return false;
    }

    private static @org.jspecify.annotations.Nullable Substance inWords(Substance substance, String key) {
        for (var form : HELD.entrySet()) {
            var found = form.getValue().get(substance);
            if (found != null && (" " + key + " ").contains(" " + form.getKey() + " ")) return found;
        }
        return null;
    }
}
