package keenfork.core.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
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
    private static final double LITTLE = 0.02;
    private static final double LITTLE_WATER = 0.05;
    /// a share that may be off by more than this is to be weighed
    private static final double SURE = 0.05;

    private final Derivation derivation;
    private final RuleBook ruleBook;
    private final Language language;

    /// what the name of the dish speaks of
    private final Set<Food> stressed;
    private final List<String> checks = new ArrayList<>();
    /// the dishes whose lists this one stands in, itself among them: one that uses itself is not opened again
    private final Set<String> within;

    /// what goes into the list under one name
    private record Entry(String name, @Nullable Mass mass, List<Evidence> evidence, @Nullable Declaration pack, @Nullable Derivation other, Set<Food> foods, boolean toTaste) {}

    Composer(Derivation derivation, RuleBook ruleBook, Language language) { this(derivation, ruleBook, language, Set.of()); }

    private Composer(Derivation derivation, RuleBook ruleBook, Language language, Set<String> around) {
        within = new HashSet<>(around);
        within.add(Words.key(derivation.recipe().name()));
        this.derivation = derivation;
        this.ruleBook = ruleBook;
        this.language = language;
        stressed = Foods.shipped().recipeWords().read(derivation.recipe().name()).matches().stream().map(m -> m.meaning()).filter(Meaning.OfFood.class::isInstance).map(m -> ((Meaning.OfFood) m).food())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    Statement compose() {
        var entries = withoutLittleWater(entries());
        var items = new ArrayList<Item>();
        for (var i = 0; i < entries.size(); i++) {
            var runs = new ArrayList<>(runs(entries.get(i), new LinkedHashSet<>()));
            percentage(entries.get(i), entries).ifPresent(p -> runs.add(new Run(" (%d\u00a0%%)".formatted(p), false)));
            items.add(new Item(runs, i + 1 < entries.size() && isOpen(entries.get(i), entries.get(i + 1)) && !(isLittle(entries.get(i), entries) && isLittle(entries.get(i + 1), entries))));
        }
        promised(entries);
        var said = new HashMap<Group, Set<String>>();
        return new Statement(derivation.recipe().name(), ruleBook, items, names(Certainty.CONTAINS, said), names(Certainty.MAY_CONTAIN, said),
                names(Certainty.CONTACT, said), names(Certainty.NOT_KNOWN, said),
                derivation.beside(ruleBook).stream().filter(b -> b.certainty() == Certainty.CONTAINS).map(b -> b.substance().name()).toList(), checks, language);
    }

    private static double weight(List<Entry> entries) { return entries.stream().flatMap(e -> Optional.ofNullable(e.mass).stream()).map(Mass::likelyGrams).reduce(0.0, Double::sum); }

    /// How much of the whole an ingredient is, where the name of the dish speaks of it. Regulation (EU) No 1169/2011, Article 22 and Annex VIII: by weight as used.
    private Optional<Long> percentage(Entry entry, List<Entry> all) {
        if (!ruleBook.word("percentages").equals("yes") || entry.foods.stream().noneMatch(stressed::contains)) return Optional.empty();
        // a pinch to taste weighs nothing that would show in a whole percent
        var without = all.stream().filter(e -> e.mass == null && !e.toTaste).map(Entry::name).toList();
        if (entry.mass == null || !without.isEmpty()) {
            checks.add("The name speaks of %s, so its share is to be said. Weigh %s.".formatted(entry.name, String.join(", ", without)));
            return Optional.empty();
        }
        var rest = weight(all) - entry.mass.likelyGrams();
        var share = share(entry.mass.likelyGrams(), rest);
        var low = share(entry.mass.lowGrams(), rest);
        var high = share(entry.mass.highGrams(), rest);
        if (high - low > SURE) checks.add("%d %% %s may be %d to %d: weigh it.".formatted(percent(share), entry.name, percent(low), percent(high)));
        return Optional.of(percent(share));
    }

    private static double share(double grams, double rest) { return grams + rest <= 0 ? 0 : grams / (grams + rest); }

    private static long percent(double share) { return Math.max(1, Math.round(share * 100)); }

    /// Regulation (EU) No 1169/2011, Annex VII, A, 6: what is under 2 % may follow in any order.
    private static boolean isLittle(Entry entry, List<Entry> all) {
        return entry.mass != null && share(entry.mass.highGrams(), weight(all) - entry.mass.likelyGrams()) < LITTLE;
    }

    /// Regulation (EU) No 1169/2011, Annex VII, A, 1: added water is listed where it is more than 5 % of the whole. Where that is not sure, it is listed.
    private List<Entry> withoutLittleWater(List<Entry> entries) {
        if (!ruleBook.word("percentages").equals("yes") || entries.stream().anyMatch(e -> e.mass == null && !e.toTaste)) return entries;
        return entries.stream().filter(e -> !e.name.equals("water") || e.mass == null || share(e.mass.highGrams(), weight(entries) - e.mass.likelyGrams()) > LITTLE_WATER).toList();
    }

    /// A name that promises what somebody may look for, or look out for, and nothing in the dish is.
    private void promised(List<Entry> entries) {
        for (var food : stressed)
            if (!food.holds().isEmpty() && entries.stream().noneMatch(e -> e.foods.contains(food)))
                checks.add("The name says “%s”, and no line is. Is it still what it is called?".formatted(food.name()));
    }

    /// Lines of the same name are one ingredient; what has no weight stands last, as its place is not known.
    private List<Entry> entries() {
        Map<String, Entry> byName = new LinkedHashMap<>();
        for (var line : derivation.recipe().lines()) {
            var name = name(line);
            var one = new Entry(name, line.mass(), evidence(line), derivation.pack(line), derivation.other(line).filter(o -> !within.contains(Words.key(o.recipe().name()))).orElse(null), foods(line), line.toTaste());
            byName.merge(name, one, Composer::together);
        }
        return byName.values().stream().sorted(Comparator.comparing((Entry e) -> e.mass == null)
                .thenComparing(e -> e.mass == null ? 0L : -e.mass.likely())).toList();
    }

    private static Entry together(Entry a, Entry b) {
        var evidence = new ArrayList<>(a.evidence);
        evidence.addAll(b.evidence);
        var foods = new LinkedHashSet<>(a.foods);
        foods.addAll(b.foods);
        return new Entry(a.name, a.mass == null ? b.mass : b.mass == null ? a.mass : a.mass.plus(b.mass), evidence, a.pack == null ? b.pack : a.pack, a.other == null ? b.other : a.other, foods, a.toTaste && b.toTaste);
    }

    private static Set<Food> foods(Line line) {
        var foods = new LinkedHashSet<Food>();
        for (var choice : line.choices()) if (choice.main() instanceof Meaning.OfFood(var food)) foods.add(food);
        return foods;
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
    /// @param told what was named in the list that this one stands in; what is named here is added to it
    private List<Run> runs(Entry entry, Set<String> told) {
        var runs = new ArrayList<Run>();
        // of each ingredient it is said what is in it, whatever was said of the one before
        var said = new LinkedHashSet<String>();
        var words = emphasised(entry.evidence);
        runs.addAll(bold(entry.name, words, said));
        if (entry.pack != null) {
            runs.add(new Run(" (", false));
            runs.addAll(printed(entry.pack, said));
            runs.add(new Run(")", false));
        }
        if (entry.other != null) {
            runs.add(new Run(" (", false));
            runs.addAll(new Composer(entry.other, ruleBook, language, within).opened(said));
            runs.add(new Run(")", false));
        }
        told.addAll(words);
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

    /// The list of a dish that goes into another one: Regulation (EU) No 1169/2011, Annex VII, part E: a compound ingredient is followed by a list of its own.
    private List<Run> opened(Set<String> said) {
        var runs = new ArrayList<Run>();
        for (var entry : entries()) {
            if (!runs.isEmpty()) runs.add(new Run(", ", false));
            runs.addAll(runs(entry, said));
        }
        return runs;
    }

    private Set<String> emphasised(List<Evidence> evidence) {
        var words = new LinkedHashSet<String>();
        for (var e : evidence)
            if (e.certainty() == Certainty.CONTAINS)
                for (var group : ruleBook.groups())
                    if (ruleBook.member(group, e.substance()).isPresent()) words.add(inList(group, e.substance()));
        return words;
    }

    private String word(Group group, Substance substance) {
        return switch (group.naming()) {
            case GROUP -> group.label();
            case MEMBER -> group.names(substance) ? ruleBook.member(group, substance).orElseThrow().name() : group.label();
            case KIND -> group.names(substance) ? substance.name() : group.label();
        };
    }

    /// What stands in bold in the list: in the label's language, so a word of the English name is no stand-in for it.
    private String inList(Group group, Substance substance) {
        var english = word(group, substance);
        // a kind the language has no word for is named with its group: "poisson (bonito)"
        return language.has(english) ? language.word(english) : language.said("%s (%s)".formatted(group.label(), english));
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
                var word = inList(g, f.substance());
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
