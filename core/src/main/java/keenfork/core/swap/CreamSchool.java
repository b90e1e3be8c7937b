package keenfork.core.swap;

import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/// A way in which kitchens make creams without dairy; a kitchen may prefer one of them.
public enum CreamSchool {
    NUT("nut", "Nut creams", Set.of("nut")), BEAN("bean", "Bean and seed creams", Set.of("bean", "seed")),
    TOFU("tofu", "Tofu and aquafaba", Set.of("tofu"));

    private final String id;
    private final String words;
    private final Set<String> schools;

    CreamSchool(String id, String words, Set<String> schools) {
        this.id = id;
        this.words = words;
        this.schools = schools;
    }

    /// {@return its key in forms and in what is stored}
    public String id() { return id; }

    public String words() { return words; }

    public static Optional<CreamSchool> named(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }

    /// {@return whether a swap is of it}
    public boolean holds(Swap swap) { return schools.contains(swap.school()); }
}
