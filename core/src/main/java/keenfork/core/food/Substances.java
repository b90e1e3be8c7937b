package keenfork.core.food;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// The tree of substances.
public final class Substances {
    private static final Substances SHIPPED = new Substances(read());
    private final Map<String, Substance> byId = new LinkedHashMap<>();
    /// for each substance the places of all that stand above it, its own among them
    private final List<BitSet> above = new ArrayList<>();
    private final List<Substance> all;
    private final List<Substance> branches = new ArrayList<>();

    private Substances(List<Substance> all) {
        this.all = List.copyOf(all);
        for (var s : all) {
            var parent = byId.get(s.parent());
            if (!s.parent().isEmpty() && parent == null)
                throw new IllegalStateException("substances.txt: \"%s\" stands under \"%s\", which is not above it"
                        .formatted(s.id(), s.parent()));
            if (byId.put(s.id(), s) != null)
                throw new IllegalStateException("substances.txt: \"%s\" stands twice".formatted(s.id()));
            var up = parent == null ? new BitSet() : (BitSet) above.get(parent.at()).clone();
            up.set(s.at());
            above.add(up);
            branches.add(parent == null || parent.parent().isEmpty() ? s : branches.get(parent.at()));
        }
    }

    /// {@return the tree that is shipped}
    public static Substances shipped() { return SHIPPED; }

    private static List<Substance> read() {
        var all = new ArrayList<Substance>();
        for (var row : Table.read(Substances.class, "substances.txt", 6))
            all.add(new Substance(all.size(), row.cell(0), row.cell(1), row.cell(2), row.list(3),
                    row.cell(4).equals("yes"), row.cell(5)));
        return all;
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

    /// {@return the substance at a place of the shipped table, from 0}
    public Substance at(int place) { return all.get(place); }

    public Substance anything() { return get(Substance.ANYTHING); }

    public List<Substance> all() { return all; }

    /// {@return what is of an animal, so that no vegan eats it}
    public List<Substance> ofAnimals() { return all.stream().filter(Substance::animal).toList(); }

    /// {@return whether `one` is `other` or stands under it}
    public boolean isUnder(Substance one, Substance other) {
        return above.get(one.at()).get(other.at());
    }

    /// {@return the branch a substance is on: what stands right under the root above it, such as milk for goat's milk}
    public Substance branch(Substance one) {
        return branches.get(one.at());
    }
}
