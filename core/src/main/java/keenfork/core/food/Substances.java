package keenfork.core.food;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The tree of substances.
public final class Substances {
    private static final Substances SHIPPED = new Substances(read());
    private final Map<String, Substance> byId = new LinkedHashMap<>();
    /// each substance with all that stand above it, itself among them
    private final Map<String, Set<String>> above = new HashMap<>();

    private Substances(List<Substance> all) {
        for (var s : all) {
            if (!s.parent().isEmpty() && !byId.containsKey(s.parent()))
                throw new IllegalStateException("substances.txt: \"%s\" stands under \"%s\", which is not above it".formatted(s.id(), s.parent()));
            if (byId.put(s.id(), s) != null) throw new IllegalStateException("substances.txt: \"%s\" stands twice".formatted(s.id()));
            var up = new HashSet<>(above.getOrDefault(s.parent(), Set.of()));
            up.add(s.id());
            above.put(s.id(), up);
        }
    }

    /// {@return the tree that is shipped}
    public static Substances shipped() { return SHIPPED; }

    private static List<Substance> read() {
        return Table.read(Substances.class, "substances.txt", 5).stream()
                .map(row -> new Substance(row.cell(0), row.cell(1), row.cell(2), row.list(3), row.cell(4))).toList();
    }

    /// {@return the substance of that key}
    /// @throws IllegalArgumentException when there is none: a shipped table names a substance that is not in the tree
    public Substance get(String id) {
        var found = byId.get(id);
        if (found == null) throw new IllegalArgumentException("no substance \"%s\" in substances.txt".formatted(id));
        return found;
    }

    public List<Substance> getAll(Collection<String> ids) {
        return ids.stream().map(this::get).toList();
    }

    public Optional<Substance> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    public Substance anything() { return get(Substance.ANYTHING); }

    public List<Substance> all() { return List.copyOf(byId.values()); }

    /// {@return whether `one` is `other` or stands under it}
    public boolean isUnder(Substance one, Substance other) {
        return above.getOrDefault(one.id(), Set.of()).contains(other.id());
    }

    /// {@return the branch a substance is on: what stands right under the root above it, such as milk for goat's milk}
    public Substance branch(Substance one) {
        var at = one;
        while (!at.parent().isEmpty() && !at.parent().equals(Substance.ANYTHING)) at = get(at.parent());
        return at;
    }
}
