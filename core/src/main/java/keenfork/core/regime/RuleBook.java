package keenfork.core.regime;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.Table;
import org.jspecify.annotations.Nullable;

/// A jurisdiction's allergen law as data: groups in order, what is exempt, and the words of a label.
public final class RuleBook {
    private static final List<RuleBook> ALL =
            Table.names(RuleBook.class, "index.txt").stream().map(RuleBook::new).toList();

    private final String id;
    private final Map<String, String> words = new HashMap<>();
    private final List<Group> groups = new ArrayList<>();
    private final Map<String, String> rules = new HashMap<>();
    private final Rules asks;
    private final List<Substance> exempt = new ArrayList<>();
    private final Map<Group, List<Substance>> beside = new IdentityHashMap<>();
    private final Map<Group, BigDecimal> thresholds = new IdentityHashMap<>();
    /// where each substance stands in this book, worked out once
    private final List<List<Place>> places = new ArrayList<>();
    private final Map<String, List<String>> alsoCalled = new HashMap<>();
    private final BitSet covered = new BitSet();
    private final BitSet settled = new BitSet();
    private final BitSet besides = new BitSet();

    /// Where a substance stands in a rule book.
    ///
    /// @param group  a group it falls under
    /// @param at     the group's place in the book, from 0
    /// @param member what the law names: the listed member above it, or the substance itself where it stands for a
    ///               branch ("nuts")
    /// @param reach  the listed substances it could be
    /// @param said   what a label says for it, or null for a word for a whole branch
    /// @param isSure false for a word for a branch of which the group lists one kind only: "nuts" are not surely
    ///               almonds
    public record Place(Group group, int at, Substance member, List<Substance> reach, @Nullable Substance said,
            boolean isSure) {
        public Place {
            reach = List.copyOf(reach);
        }
    }

    private RuleBook(String id) {
        this.id = id;
        for (var line : Table.lines(RuleBook.class, id + ".txt")) {
            if (line.isSilent()) continue;
            try {
                read(line.text());
            } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
                throw new IllegalStateException("%s.txt, line %d: %s".formatted(id, line.number(), e.getMessage()), e);
            }
        }
        asks = new Rules(new BigDecimal(rule("least-x-height")), yes("shares", "named", "never"),
                Integer.parseInt(rule("water-from")),
                yes("contains-with-list", "yes", "no"), yes("named-alone", "yes", "no"),
                yes("additive-classes", "yes", "no"),
                Rules.Limit.parse(rule("gluten-free")), yes("packer-said", "yes", "no"),
                rules.containsKey("languages") ? List.of(rule("languages").split(",\\s*")) : List.of());
        for (var substance : Substances.shipped().all()) {
            places.add(isExempt(substance) ? List.of() : places(substance));
            if (beside.values().stream().flatMap(List::stream)
                    .anyMatch(b -> Substances.shipped().isUnder(substance, b)))
                besides.set(substance.at());
            if (places.getLast().stream().anyMatch(p -> p.group.names(substance))) covered.set(substance.at());
        }
        for (var substance : Substances.shipped().all())
            if (kinds(substance).allMatch(k -> isExempt(k) || covers(k))) settled.set(substance.at());
    }

    /// {@return whether more than one law lists a substance}
    public static boolean isListedBySeveral(Substance substance) {
        return ALL.stream().filter(b -> !b.placesOf(substance).isEmpty()).limit(2).count() > 1;
    }

    private String rule(String what) {
        var value = rules.get(what);
        if (value == null) throw new IllegalStateException("%s.txt has no line \"rule | %s | …\"".formatted(id, what));
        return value;
    }

    private boolean yes(String what, String yes, String no) {
        var value = rule(what);
        if (!value.equals(yes) && !value.equals(no))
            throw new IllegalStateException("%s.txt: %s is %s or %s, not %s".formatted(id, what, yes, no, value));
        return value.equals(yes);
    }

    private List<Place> places(Substance substance) {
        var found = new ArrayList<Place>();
        for (var at = 0; at < groups.size(); at++) {
            var group = groups.get(at);
            var member = group.member(substance);
            if (member.isEmpty()) continue;
            var reach = group.reach(substance);
            var name = group.naming() == Group.Naming.KIND ? substance : member.get();
            var said = group.names(substance) ? name : null;
            found.add(new Place(group, at, member.get(), reach, said, said != null || reach.size() > 1));
        }
        return List.copyOf(found);
    }

    private static Stream<Substance> kinds(Substance substance) {
        var tree = Substances.shipped();
        var kinds = tree.all().stream().filter(s -> s != substance && tree.isUnder(s, substance)).toList();
        return kinds.isEmpty() ? Stream.of(substance) : kinds.stream();
    }

    /// {@return whether this law settles what a vague word hides of a substance: each kind of it has to be named, or is
    /// exempt}
    public boolean settles(Substance substance) { return settled.get(substance.at()); }

    private boolean isExempt(Substance substance) {
        return exempt.stream().anyMatch(e -> Substances.shipped().isUnder(substance, e));
    }

    private void read(String line) {
        var cells = Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
        switch (cells.getFirst()) {
            case "rule" -> rules.put(cells.get(1), cells.get(2));
            case "group" -> groups.add(group(cells, true));
            case "minor" -> groups.add(group(cells, false));
            case "threshold" -> thresholds.put(
                    group(cells.get(1)).orElseThrow(() -> new IllegalArgumentException("no group " + cells.get(1))),
                    new BigDecimal(cells.get(2)));
            case "beside" -> beside.put(
                    group(cells.get(1)).orElseThrow(() -> new IllegalArgumentException("no group " + cells.get(1))),
                    substances(cells.get(2)));
            case "also" -> alsoCalled.put(cells.get(1), List.of(cells.get(2).split("\\s*;\\s*")));
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

    /// {@return what it asks of a label besides its groups}
    public Rules asks() { return asks; }

    public String name() { return word("name"); }

    public String law() { return word("law"); }

    /// {@return the groups in the order the rule book's labels and maps show them}
    public List<Group> groups() { return Collections.unmodifiableList(groups); }

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

    /// {@return how it has the quantity in a pack, with `{metric}` and `{ounces}` in it; empty where metric units alone
    /// are wanted}
    public Optional<String> net(boolean liquid) {
        return Optional.ofNullable(words.get(liquid ? "net-volume" : "net-mass"));
    }

    /// {@return the sign of the money that is paid with where it is law; empty where it is law in many places}
    public String money() { return words.getOrDefault("money", ""); }

    /// {@return the member of one of this book's groups that a substance falls under, or empty where the law does not
    /// group it or exempts it}
    public Optional<Substance> member(Group group, Substance substance) {
        return places.get(substance.at()).stream().filter(p -> p.group.equals(group)).map(Place::member).findFirst();
    }

    /// {@return what guests take for a member of a group and the law does not list: pine nuts beside the eight nuts of
    /// Annex II}
    public List<Substance> beside(Group group) { return beside.getOrDefault(group, List.of()); }

    /// {@return whether a substance stands beside any group, or under one that does}
    public boolean isBeside(Substance substance) { return besides.get(substance.at()); }

    /// {@return other words by which a list of ingredients may name a group as the law has it: sulphur dioxide}
    /// @param group its key
    public List<String> alsoCalled(String group) { return alsoCalled.getOrDefault(group, List.of()); }

    /// {@return every place a substance has in this book; none where the law does not group it or exempts it}
    public List<Place> placesOf(Substance substance) { return places.get(substance.at()); }

    /// {@return mg in 1 kg of the dish from which a group is declared, or empty where any trace counts}
    public Optional<BigDecimal> threshold(Group group) { return Optional.ofNullable(thresholds.get(group)); }

    /// {@return whether a maker under this law must name the substance on a pack}
    public boolean covers(Substance substance) { return covered.get(substance.at()); }

    @Override
    public String toString() { return name(); }
}
