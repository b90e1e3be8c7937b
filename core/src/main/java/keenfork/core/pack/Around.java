package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Substance;

/// The terms that a list stands under, outermost first.
///
/// @param names as they are printed
/// @param forms that the innermost of them tell of, each source with its exempt form
record Around(List<String> names, List<Map<Substance, Substance>> forms) {
    static final Around NOTHING = new Around(List.of(), List.of());
    /// the term's own name stands last; what opened it up stands before
    private static final int NEAR = 2;

    Around {
        names = List.copyOf(names);
        forms = List.copyOf(forms);
    }

    /// {@return the same with a term below}
    Around with(String name) {
        var below = new ArrayList<>(names);
        below.add(name);
        var told = new ArrayList<>(forms.subList(Math.max(0, forms.size() - NEAR + 1), forms.size()));
        told.add(ExemptForm.in(name));
        return new Around(below, told);
    }
}
