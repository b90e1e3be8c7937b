package keenfork.core.regime;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;

/// A jurisdiction's allergen law as data: groups in order, what is exempt, and the words of a label.
public final class RuleBook {
    private static final List<String> SHIPPED = List.of("uk", "eu", "us");
    private static final List<RuleBook> ALL = SHIPPED.stream().map(RuleBook::new).toList();

    private final String id;
    private final Map<String, String> words = new HashMap<>();
    private final List<Group> groups = new ArrayList<>();
    private final List<Substance> exempt = new ArrayList<>();
    /// the answer of [#member] for each group and substance, worked out once
    private final Map<Group, Map<String, Substance>> members = new IdentityHashMap<>();

    private RuleBook(String id) {
        this.id = id;
        var number = 0;
        for (var line : Table.lines(RuleBook.class, id + ".txt")) {
            number++;
            if (line.isBlank() || line.startsWith("#")) continue;
            try {
                read(line);
            } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
                throw new IllegalStateException("%s.txt, line %d: %s".formatted(id, number, e.getMessage()), e);
            }
        }
        for (var group : groups) {
            var answers = new HashMap<String, Substance>();
            for (var s : Substances.shipped().all()) if (!isExempt(s)) group.member(s).ifPresent(m -> answers.put(s.id(), m));
            members.put(group, answers);
        }
    }

    private boolean isExempt(Substance substance) {
        return exempt.stream().anyMatch(e -> Substances.shipped().isUnder(substance, e));
    }

    private void read(String line) {
        var cells = Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
        switch (cells.getFirst()) {
            case "group" -> groups.add(group(cells, true));
            case "minor" -> groups.add(group(cells, false));
            case "exempt" -> exempt.addAll(substances(cells.get(1)));
            default -> {
                var parts = line.split("=", 2);
                words.put(parts[0].strip(), parts[1].strip());
            }
        }
    }

    private static Group group(List<String> cells, boolean major) {
        return new Group(cells.get(1), cells.get(2), cells.get(3), substances(cells.get(4)),
                Group.Naming.valueOf(cells.get(5).toUpperCase(Locale.ROOT)), major, cells.get(6));
    }

    private static List<Substance> substances(String cell) {
        return Arrays.stream(cell.split(",")).map(String::strip).map(Substances.shipped()::get).toList();
    }

    /// {@return every rule book that is shipped}
    public static List<RuleBook> all() { return ALL; }

    /// {@return the rule book of that key, in any case, or empty}
    public static Optional<RuleBook> named(String id) {
        return ALL.stream().filter(r -> r.id.equalsIgnoreCase(id.strip())).findFirst();
    }

    public static RuleBook uk() { return ALL.getFirst(); }

    public String id() { return id; }

    public String name() { return word("name"); }

    public String law() { return word("law"); }

    /// {@return the groups in the order the rule book's labels and maps show them}
    public List<Group> groups() { return List.copyOf(groups); }

    public List<Substance> exempt() { return List.copyOf(exempt); }

    public Optional<Group> group(String id) {
        return groups.stream().filter(g -> g.id().equals(id)).findFirst();
    }

    /// {@return a phrase of its labels: `contains`, `may`, `contact`, `unknown` with `{list}` in them, `emphasis`}
    /// @throws IllegalStateException when the rule book's file has no such phrase
    public String word(String key) {
        var text = words.get(key);
        if (text == null) throw new IllegalStateException("%s.txt has no line \"%s = …\"".formatted(id, key));
        return text;
    }

    /// {@return the member of one of this book's groups that a substance falls under, or empty where the law does not group it or exempts it}
    public Optional<Substance> member(Group group, Substance substance) {
        return Optional.ofNullable(members.getOrDefault(group, Map.of()).get(substance.id()));
    }

    /// {@return whether a maker under this law must name the substance on a pack}
    public boolean covers(Substance substance) {
        return groups.stream().anyMatch(g -> g.names(substance) && member(g, substance).isPresent());
    }

    @Override public String toString() { return name(); }
}
