package keenfork.core.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import keenfork.core.food.Food;
import keenfork.core.food.Substance;
import keenfork.core.food.Words;
import keenfork.core.label.Statement.Item;
import keenfork.core.label.Statement.Run;
import keenfork.core.measure.Mass;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Finding;
import keenfork.core.recipe.Line;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Link;
import org.jspecify.annotations.Nullable;

/// Puts a statement together. Weights: Regulation (EU) No 1169/2011, Article 18: descending order of weight as recorded at use.
final class Composer {
    private final Derivation derivation;
    private final RuleBook ruleBook;

    /// what goes into the list under one name
    private record Entry(String name, @Nullable Mass mass, List<Evidence> evidence, @Nullable Declaration pack) {}

    Composer(Derivation derivation, RuleBook ruleBook) {
        this.derivation = derivation;
        this.ruleBook = ruleBook;
    }

    Statement compose() {
        var entries = entries();
        var items = new ArrayList<Item>();
        for (var i = 0; i < entries.size(); i++) items.add(new Item(runs(entries.get(i)), i + 1 < entries.size() && isOpen(entries.get(i), entries.get(i + 1))));
        var said = new HashMap<Group, Set<String>>();
        return new Statement(derivation.recipe().name(), ruleBook, items, names(Certainty.CONTAINS, said), names(Certainty.MAY_CONTAIN, said),
                names(Certainty.CONTACT, said), names(Certainty.NOT_KNOWN, said));
    }

    /// Lines of the same name are one ingredient; what has no weight stands last, as its place is not known.
    private List<Entry> entries() {
        Map<String, Entry> byName = new LinkedHashMap<>();
        for (var line : derivation.recipe().lines()) {
            var name = name(line);
            var one = new Entry(name, line.mass(), evidence(line), derivation.pack(line));
            byName.merge(name, one, Composer::together);
        }
        return byName.values().stream().sorted(Comparator.comparing((Entry e) -> e.mass == null)
                .thenComparing(e -> e.mass == null ? 0L : -e.mass.likely())).toList();
    }

    private static Entry together(Entry a, Entry b) {
        var evidence = new ArrayList<>(a.evidence);
        evidence.addAll(b.evidence);
        return new Entry(a.name, a.mass == null ? b.mass : b.mass == null ? a.mass : a.mass.plus(b.mass), evidence, a.pack == null ? b.pack : a.pack);
    }

    private static String name(Line line) {
        if (!line.dish().isEmpty()) return line.dish();
        if (line.choices().size() > 1 || line.isUnread()) return line.text();
        var others = line.choices().stream().flatMap(c -> c.others().stream()).toList();
        return others.isEmpty() ? line.food().map(Food::name).orElse(line.text()) : line.text();
    }

    private List<Evidence> evidence(Line line) {
        return derivation.evidence().stream().filter(e -> e.path().stream().anyMatch(l -> l.kind() == Link.Kind.LINE && l.text().equals(line.text()))).toList();
    }

    private static boolean isOpen(Entry heavier, Entry lighter) {
        return heavier.mass != null && (lighter.mass == null || lighter.mass.high() > heavier.mass.low());
    }

    /// The name with its allergens: in bold where the word is in the name, else in brackets behind it. A read pack opens up into its list.
    private List<Run> runs(Entry entry) {
        var runs = new ArrayList<Run>();
        var said = new LinkedHashSet<String>();
        var words = emphasised(entry.evidence);
        runs.addAll(bold(entry.name, words, said));
        if (entry.pack != null) {
            runs.add(new Run(" (", false));
            runs.addAll(printed(entry.pack, said));
            runs.add(new Run(")", false));
        }
        var missing = words.stream().filter(w -> !said.contains(w)).toList();
        if (missing.isEmpty()) return runs;
        runs.add(new Run(" (", false));
        for (var i = 0; i < missing.size(); i++) {
            if (i > 0) runs.add(new Run(", ", false));
            runs.add(new Run(missing.get(i), true));
        }
        runs.add(new Run(")", false));
        return runs;
    }

    private Set<String> emphasised(List<Evidence> evidence) {
        var words = new LinkedHashSet<String>();
        for (var e : evidence)
            if (e.certainty() == Certainty.CONTAINS)
                for (var group : ruleBook.groups())
                    if (ruleBook.member(group, e.substance()).isPresent()) words.add(word(group, e.substance()));
        return words;
    }

    private String word(Group group, Substance substance) {
        return switch (group.naming()) {
            case GROUP -> group.label();
            case MEMBER -> group.names(substance) ? ruleBook.member(group, substance).orElseThrow().name() : group.label();
            case KIND -> group.names(substance) ? substance.name() : group.label();
        };
    }

    private static List<Run> bold(String text, Set<String> words, Set<String> said) {
        var runs = new ArrayList<Run>();
        var at = 0;
        for (var word : Words.of(text)) {
            var named = words.stream().filter(w -> Words.key(w).equals(word.text())).findFirst();
            if (named.isEmpty()) continue;
            if (word.start() > at) runs.add(new Run(text.substring(at, word.start()), false));
            runs.add(new Run(text.substring(word.start(), word.end()), true));
            at = word.end();
            said.add(named.get());
        }
        if (at < text.length()) runs.add(new Run(text.substring(at), false));
        return runs;
    }

    /// A pack's own list as printed, with the words behind its findings in bold.
    private List<Run> printed(Declaration pack, Set<String> said) {
        var runs = new ArrayList<Run>();
        var list = pack.list();
        var at = list.from();
        for (var f : pack.findings()) {
            if (f.says() != Finding.Says.IN || f.start() < at || f.end() > list.until()) continue;
            var groups = ruleBook.groups().stream().filter(g -> ruleBook.member(g, f.substance()).isPresent()).toList();
            if (groups.isEmpty()) continue;
            if (f.start() > at) runs.add(new Run(pack.text().substring(at, f.start()), false));
            var printed = pack.text().substring(f.start(), f.end());
            runs.add(new Run(printed, true));
            at = f.end();
            for (var g : groups) {
                var word = word(g, f.substance());
                if (Words.key(printed).contains(Words.key(word))) said.add(word);
            }
        }
        if (at < list.until()) runs.add(new Run(pack.text().substring(at, list.until()), false));
        return runs;
    }

    /// What the label says in one sentence, group by group. A member already said with more certainty is not said again; another member of
    /// its group is: almond in it, cashew not known.
    private List<String> names(Certainty certainty, Map<Group, Set<String>> said) {
        var names = new ArrayList<String>();
        for (var mark : derivation.under(ruleBook).marks()) {
            var group = mark.group();
            var before = said.computeIfAbsent(group, _ -> new LinkedHashSet<>());
            var words = new LinkedHashSet<String>();
            for (var e : mark.threads()) if (e.certainty() == certainty) words.add(word(group, e.substance()));
            words.removeAll(before);
            if (words.isEmpty()) continue;
            before.addAll(words);
            names.add(words.contains(group.label()) ? group.label() : "%s (%s)".formatted(group.label(), String.join(", ", words)));
        }
        return names;
    }
}
