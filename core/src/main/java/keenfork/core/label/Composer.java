package keenfork.core.label;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
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
import keenfork.core.food.Substances;
import keenfork.core.food.Words;
import keenfork.core.label.Statement.Item;
import keenfork.core.label.Statement.TextRun;
import keenfork.core.measure.Mass;
import keenfork.core.pack.Declaration;
import keenfork.core.recipe.Line;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import org.jspecify.annotations.Nullable;

/// Puts a statement together. Weights: Regulation (EU) No 1169/2011, Article 18: descending order of weight as recorded
/// at use.
final class Composer {
    private static final BigDecimal LEAST_PERCENT = new BigDecimal("0.1");
    private static final double LITTLE = 0.02;
    /// a share that may be off by more than this is to be weighed
    private static final double SURE = 0.05;

    private final Derivation derivation;
    private final RuleBook ruleBook;
    private final Language language;
    private final Emphasis emphasis;

    /// groups that count from an amount on and do not reach it as far as is known: nothing in the list stands for them
    private final Set<Group> below;
    /// what the name of the dish speaks of
    private final Set<Food> stressed;
    private final List<String> checks = new ArrayList<>();
    /// the dishes whose lists this one stands in, itself among them: one that uses itself is not opened again
    private final Set<String> within;

    /// what goes into the list under one name
    ///
    /// @param key what it is merged by, however it is written
    private record Entry(String key, String name, @Nullable Mass mass, List<Evidence> evidence,
            @Nullable Declaration pack,
            @Nullable Derivation other, Set<Food> foods, boolean toTaste) {}

    Composer(Derivation derivation, RuleBook ruleBook, Language language) {
        this(derivation, ruleBook, language, Set.of(), below(derivation, ruleBook));
    }

    private Composer(Derivation derivation, RuleBook ruleBook, Language language, Set<String> around,
            Set<Group> below) {
        this.below = below;
        within = new HashSet<>(around);
        within.add(Words.key(derivation.recipe().name()));
        this.derivation = derivation;
        this.ruleBook = ruleBook;
        this.language = language;
        emphasis = new Emphasis(ruleBook, language, below);
        var name = derivation.recipe().name();
        // "oil-free" and "no added sugar" stress nothing that goes in
        stressed = Foods.shipped().recipeWords().read(name).matches().stream()
                .filter(m -> !Words.isDenied(name, m.end()) && !Words.isRuledOut(name, m.start()))
                .map(m -> m.meaning()).filter(Meaning.OfFood.class::isInstance).map(m -> ((Meaning.OfFood) m).food())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /// Sulphites are one sum over the whole dish: where that is not known to reach the threshold, no word of the list
    /// may stand for them.
    private static Set<Group> below(Derivation derivation, RuleBook ruleBook) {
        var marks = derivation.under(ruleBook);
        return ruleBook.groups().stream().filter(g -> ruleBook.threshold(g).isPresent())
                .filter(g -> marks.mark(g).filter(m -> m.certainty() == Certainty.CONTAINS).isEmpty())
                .collect(Collectors.toSet());
    }

    Statement compose() {
        var entries = withoutLittleWater(entries());
        var items = new ArrayList<Item>();
        for (var i = 0; i < entries.size(); i++) {
            var item = item(entries.get(i), new LinkedHashMap<>());
            var runs = new ArrayList<>(item.runs());
            var percent = percentage(entries.get(i), entries);
            percent.ifPresent(p -> runs.add(new TextRun(" (%s\u00a0%%)".formatted(p.toPlainString()))));
            items.add(new Item(entries.get(i).name, percent, runs,
                    i + 1 < entries.size() && isOpen(entries.get(i), entries.get(i + 1))
                            && !(isLittle(entries.get(i), entries) && isLittle(entries.get(i + 1), entries)),
                    item.holds()));
        }
        promised(entries);
        for (var said : derivation.recipe().suggested())
            checks.add(
                    ("“%s” only talks about the dish and stands on no label. What is served with the dish belongs "
                            + "under a part that is called Beside.").formatted(said));
        derivation.recipe().lines().stream().filter(Line::isStatement)
                .map(l -> "“%s” is no ingredient. Write down the food that holds it.".formatted(l.text()))
                .forEach(checks::add);
        NameClaim.of(derivation, ruleBook).forEach(c -> checks.addAll(asked(c)));
        var english = entries.stream()
                .filter(e -> additive(e).isEmpty() && !PackList.isKnown(e.name, language)).map(Entry::name).toList();
        if (!english.isEmpty())
            checks.add("The list is in %s, but for what has no word there yet: %s.".formatted(language.inEnglish(),
                    String.join(", ", english)));
        var foreign = foreign();
        for (var pack : foreign)
            checks.add("The list of the %s is put into %s from its %s: hold it against the pack.".formatted(pack.name(),
                    language.inEnglish(), pack.from().inEnglish()));
        return new Statement(derivation.recipe().name(), ruleBook, language, items, said(),
                derivation.beside(ruleBook).stream().filter(b -> b.certainty() == Certainty.CONTAINS)
                        .map(b -> b.substance().id()).toList(),
                undecided(), foreign, checks);
    }

    /// Lists of packs, of this dish and of those that go into it, that had to be put into the label's language.
    private List<Statement.Foreign> foreign() {
        var foreign = new ArrayList<Statement.Foreign>();
        for (var line : derivation.recipe().lines()) {
            var pack = derivation.pack(line);
            if (pack != null) {
                var list = PackList.of(pack, language);
                if (list.from() != list.to())
                    foreign.add(new Statement.Foreign(ListName.of(line).getFirst().words(), list.from(),
                            list.unread()));
            }
            derivation.other(line).filter(o -> !within.contains(Words.key(o.recipe().name())))
                    .ifPresent(o -> foreign.addAll(new Composer(o, ruleBook, language, within, below).foreign()));
        }
        return foreign;
    }

    /// Lines of this dish, and of those that go into it, that leave open which of two things goes in.
    private List<String> undecided() {
        var undecided = new ArrayList<String>();
        for (var line : derivation.recipe().lines()) {
            if (line.choices().size() > 1 && derivation.pack(line) == null) undecided.add(line.text());
            derivation.other(line).filter(o -> !within.contains(Words.key(o.recipe().name())))
                    .ifPresent(o -> undecided.addAll(new Composer(o, ruleBook, language, within, below).undecided()));
        }
        return undecided;
    }

    private static double weight(List<Entry> entries) {
        return entries.stream().flatMap(e -> Optional.ofNullable(e.mass).stream()).map(Mass::likelyGrams).reduce(0.0,
                Double::sum);
    }

    /// How much of the whole an ingredient is, where the name of the dish speaks of it. Regulation (EU) No 1169/2011,
    /// Article 22 and Annex VIII: by weight as used.
    private Optional<BigDecimal> percentage(Entry entry, List<Entry> all) {
        if (!ruleBook.asks().asksShares() || !isStressed(entry))
            return Optional.empty();
        // a pinch to taste weighs nothing that would show in a whole percent
        var without = all.stream().filter(e -> e.mass == null && !e.toTaste).map(Entry::name).toList();
        if (entry.mass == null || !without.isEmpty()) {
            checks.add("The name speaks of %s, so its share is to be said. Weigh %s.".formatted(entry.name,
                    String.join(", ", without)));
            return Optional.empty();
        }
        var rest = weight(all) - entry.mass.likelyGrams();
        var share = share(entry.mass.likelyGrams(), rest);
        var low = share(entry.mass.lowGrams(), rest);
        var high = share(entry.mass.highGrams(), rest);
        if (high - low > SURE)
            checks.add("%s %% %s may be %s to %s: weigh it.".formatted(percent(share).toPlainString(), entry.name,
                    percent(low).toPlainString(), percent(high).toPlainString()));
        return Optional.of(percent(share));
    }

    /// {@return whether the name speaks of an entry, by any of its forms: chestnuts of chestnut purée, new potatoes of
    /// potatoes}
    private boolean isStressed(Entry entry) {
        return entry.foods.stream().anyMatch(f -> stressed.stream().anyMatch(s -> s == f || isFormOf(f, s)));
    }

    private static boolean isFormOf(Food one, Food other) {
        var words = Set.of(Words.key(one.name()).split(" "));
        var others = Set.of(Words.key(other.name()).split(" "));
        return words.containsAll(others) || others.containsAll(words);
    }

    private static double share(double grams, double rest) { return grams + rest <= 0 ? 0 : grams / (grams + rest); }

    /// Whole percent; tenths where it is less than one.
    private static BigDecimal percent(double share) {
        var percent = BigDecimal.valueOf(share * 100);
        if (percent.compareTo(BigDecimal.ONE) >= 0) return percent.setScale(0, RoundingMode.HALF_UP);
        return percent.setScale(1, RoundingMode.HALF_UP).max(LEAST_PERCENT);
    }

    /// Regulation (EU) No 1169/2011, Annex VII, A, 6: what is under 2 % may follow in any order.
    private static boolean isLittle(Entry entry, List<Entry> all) {
        return entry.mass != null && share(entry.mass.highGrams(), weight(all) - entry.mass.likelyGrams()) < LITTLE;
    }

    /// Regulation (EU) No 1169/2011, Annex VII, A, 1: added water is listed where it is more than 5 % of the whole.
    /// Where that is not sure, it is listed.
    private List<Entry> withoutLittleWater(List<Entry> entries) {
        if (ruleBook.asks().waterFrom() == 0 || entries.stream().anyMatch(e -> e.mass == null && !e.toTaste))
            return entries;
        return entries.stream()
                .filter(e -> !e.key.equals("water") || e.mass == null
                        || share(e.mass.highGrams(), weight(entries) - e.mass.likelyGrams())
                                > ruleBook.asks().waterFrom() / 100.0)
                .toList();
    }

    /// A name that promises what somebody may look for, or look out for, and nothing in the dish is.
    private void promised(List<Entry> entries) {
        for (var food : stressed)
            if (!isAllIn(food)
                    && entries.stream().noneMatch(e -> e.foods.stream().anyMatch(f -> f == food || isFormOf(f, food))))
                checks.add("The name says “%s”, and no line is. Is it still what it is called?".formatted(food.name()));
    }

    /// {@return whether all that a food holds is in the dish: a hummus made here of chickpeas and tahini is one}
    private boolean isAllIn(Food food) {
        var tree = Substances.shipped();
        return food.holds().stream().allMatch(held -> derivation.evidence().stream()
                .anyMatch(e -> e.certainty() == Certainty.CONTAINS && tree.isUnder(e.substance(), held)));
    }

    /// A claim that the name makes is asked about where something speaks against it, or where it takes a figure.
    private static List<String> asked(NameClaim claim) {
        var asked = new ArrayList<String>();
        if (!claim.against().isEmpty())
            asked.add("The name says “%s”, and there is %s. Give it another name.".formatted(claim.says(),
                    String.join(", ", claim.against())));
        else if (!claim.unread().isEmpty())
            asked.add("The name says “%s”: read the pack of the %s for it.".formatted(claim.says(),
                    String.join(", ", claim.unread())));
        if (!claim.asks().isEmpty())
            asked.add("The name says “%s”. That takes %s (%s).".formatted(claim.says(),
                    String.join(": ", claim.asks()), claim.law()));
        return asked;
    }

    /// Lines of the same name are one ingredient; what has no weight stands last, as its place is not known.
    private List<Entry> entries() {
        Map<String, Entry> byName = new LinkedHashMap<>();
        var lines = derivation.recipe().lines();
        for (var i = 0; i < lines.size(); i++) {
            var line = lines.get(i);
            var other = derivation.other(line).filter(o -> !within.contains(Words.key(o.recipe().name()))).orElse(null);
            var named = ListName.of(line);
            for (var n = 0; n < named.size(); n++) {
                var name = named.get(n);
                var isMain = n == 0;
                var one = new Entry(name.key(), name.words(), isMain ? line.mass() : null, evidence(i, name, named),
                        isMain ? derivation.pack(line) : null, isMain ? other : null,
                        isMain ? foods(line) : Set.copyOf(name.food().map(List::of).orElse(List.of())),
                        line.toTaste() || !isMain);
                // two packs of one food are two lists
                byName.merge(one.pack == null ? one.key : one.key + "\n" + one.pack.text(), one, Composer::together);
            }
        }
        return byName.values().stream().sorted(Comparator.comparing((Entry e) -> e.mass == null)
                .thenComparing(e -> e.mass == null ? 0L : -e.mass.likely())).toList();
    }

    private static Entry together(Entry a, Entry b) {
        var evidence = new ArrayList<>(a.evidence);
        evidence.addAll(b.evidence);
        var foods = new LinkedHashSet<>(a.foods);
        foods.addAll(b.foods);
        var added = a.mass == null || b.mass == null ? null : a.mass.plus(b.mass);
        var mass = a.mass == null ? b.mass : a.mass;
        return new Entry(a.key, a.name, added == null ? mass : added, evidence,
                a.pack == null ? b.pack : a.pack, a.other == null ? b.other : a.other, foods, a.toTaste && b.toTaste);
    }

    private static Set<Food> foods(Line line) {
        var foods = new LinkedHashSet<Food>();
        for (var choice : line.choices()) if (choice.main() instanceof Meaning.OfFood(var food)) foods.add(food);
        return foods;
    }

    /// {@return what a line brings in by one of its names: what a food beside holds is said of that food}
    private List<Evidence> evidence(int line, ListName name, List<ListName> all) {
        return derivation.evidence().stream().filter(e -> e.isOfLine(line)).filter(e -> {
            var isSure = e.certainty() == Certainty.CONTAINS;
            var beside = all.stream().skip(1).filter(n -> n.holds(e.substance(), isSure)).toList();
            return beside.isEmpty() || all.getFirst().holds(e.substance(), isSure) ? name == all.getFirst()
                    : beside.contains(name);
        }).toList();
    }

    private static boolean isOpen(Entry heavier, Entry lighter) {
        return heavier.mass != null && (lighter.mass == null || lighter.mass.high() > heavier.mass.low());
    }

    /// The name with its allergens: in bold where the word is in the name, else in brackets behind it. A read pack
    /// opens up into its list.
    /// @param told what was named in the list that this one stands in; what is named here is added to it
    private Item item(Entry entry, Map<String, Named> told) {
        var runs = new ArrayList<TextRun>();
        List<Item> holds = List.of();
        // of each ingredient it is said what is in it, whatever was said of the one before
        var said = new LinkedHashMap<String, Named>();
        var words = emphasis.of(entry.evidence);
        runs.addAll(emphasis.in(called(entry), words, said));
        var list = entry.pack == null ? List.<TextRun>of() : emphasis.in(entry.pack, said);
        // a vinegar whose pack lists vinegar is said once
        if (!list.isEmpty() && !key(list).equals(key(runs))) {
            runs.add(new TextRun(" ("));
            runs.addAll(list);
            runs.add(new TextRun(")"));
        }
        if (entry.other != null) {
            runs.add(new TextRun(" ("));
            holds = new Composer(entry.other, ruleBook, language, within, below).opened(said);
            for (var i = 0; i < holds.size(); i++) {
                if (i > 0) runs.add(new TextRun(", "));
                runs.addAll(holds.get(i).runs());
            }
            runs.add(new TextRun(")"));
        }
        told.putAll(words);
        var missing = words.entrySet().stream().filter(w -> !said.containsKey(w.getKey())).toList();
        if (missing.isEmpty()) return new Item(entry.name, Optional.empty(), runs, false, holds);
        runs.add(new TextRun(" ("));
        for (var i = 0; i < missing.size(); i++) {
            if (i > 0) runs.add(new TextRun(", "));
            runs.add(new TextRun(missing.get(i).getKey(), List.of(missing.get(i).getValue())));
        }
        runs.add(new TextRun(")"));
        return new Item(entry.name, Optional.empty(), runs, false, holds);
    }

    private static String key(List<TextRun> runs) {
        return Words.key(runs.stream().map(TextRun::text).collect(Collectors.joining()));
    }

    /// {@return what the list calls it, in the label's language: an additive behind its class where the rule book wants
    /// that and no pack says it}
    private String called(Entry entry) {
        return additive(entry).map(a -> a.inList(language)).orElseGet(() -> PackList.called(entry.name, language));
    }

    private Optional<AdditiveClass> additive(Entry entry) {
        if (!ruleBook.asks().namesClasses() || entry.pack != null || entry.foods.size() != 1) return Optional.empty();
        return AdditiveClass.of(entry.foods.iterator().next());
    }

    /// The list of a dish that goes into another one: Regulation (EU) No 1169/2011, Annex VII, part E: a compound
    /// ingredient is followed by a list of its own.
    private List<Item> opened(Map<String, Named> said) { return entries().stream().map(e -> item(e, said)).toList(); }

    /// What the label names, group by group, each thing once, where it is surest: almond in it, cashew not known.
    private Map<Certainty, List<Named>> said() {
        var said = new EnumMap<Certainty, List<Named>>(Certainty.class);
        var before = new HashSet<Named>();
        for (var certainty : Certainty.values()) {
            said.put(certainty, derivation.under(ruleBook).marks().stream().flatMap(mark -> mark.threads().stream()
                    .filter(e -> e.certainty() == certainty).map(e -> Named.of(mark.group(), e.substance(), ruleBook)))
                    .filter(before::add).toList());
        }
        return said;
    }
}
