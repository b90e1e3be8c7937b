package keenfork.core.food;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/// A food that somebody avoids by its name, with all that it goes into: corn is in polenta, and may be in a glucose
/// syrup. What no law names stands on no pack by itself, so nothing but these names tells of it.
///
/// Source: `families.txt`, row by row.
public final class Family {
    /// how surely words speak of it
    public enum Held { NO, MAY, YES }

    private static final String ANY_PRODUCT = "*";
    private static final String ALL_OF = "+";
    private static final int CELLS = 6;
    private static final Map<String, Table.Row> ROWS = rows();
    private static final Table.Row ANY = Objects.requireNonNull(ROWS.get("any"));
    /// declarations are longer than lines, and each is looked through for every guest
    private static final int LONGEST = 5_000;
    private static final Remembered<List<Said>> SAID = new Remembered<>(Said::in, LONGEST);
    private static final Remembered<Family> READ = new Remembered<>(Family::read);

    private final Map<String, Held> names = new HashMap<>();
    private final Set<String> beginnings = new HashSet<>();
    /// what it is called
    private final Set<String> own = new HashSet<>();
    private final String word;
    private String apart = "";
    /// sayings with its word in them
    private @Nullable Pattern talk;
    private boolean ofAnyProduct;
    private int longest = 1;

    private Family(String word) { this.word = word; }

    private static Map<String, Table.Row> rows() {
        var rows = new HashMap<String, Table.Row>();
        for (var row : Table.read(Family.class, "families.txt", CELLS)) {
            rows.put(Words.key(row.cell(0)), row);
            for (var also : row.list(1)) rows.putIfAbsent(Words.key(also), row);
        }
        return Map.copyOf(rows);
    }

    /// {@return the words that a family is avoided by, each as [Words#key] gives it}
    public static Set<String> known() {
        return ROWS.keySet().stream().filter(w -> ROWS.get(w) != ANY).collect(Collectors.toUnmodifiableSet());
    }

    /// {@return the family of a word; that of a word without a row of its own is the word alone, and what mixes many
    /// things may hold it}
    /// @param word as [Words#key] gives it
    public static Family of(String word) { return READ.of(word); }

    private static Family read(String word) {
        var row = ROWS.get(word);
        var family = new Family(row == null ? word : Words.key(row.cell(0)));
        if (row != null) {
            family.take(row, Held.YES);
            return family;
        }
        family.own.add(word);
        family.putAll(word, Held.YES);
        // what holds tomato may be of cherry tomatoes
        family.take(ROWS.getOrDefault(word.substring(word.lastIndexOf(' ') + 1), ANY), Held.MAY);
        return family;
    }

    private void take(Table.Row first, Held held) {
        if (held == Held.YES) {
            own.add(Words.key(first.cell(0)));
            first.list(1).forEach(also -> own.add(Words.key(also)));
        }
        var rows = new ArrayDeque<>(List.of(first));
        var seen = new HashSet<>(Set.of(first));
        while (!rows.isEmpty()) {
            var row = rows.poll();
            if (row != ANY) put(Words.key(row.cell(0)), held);
            for (var also : row.list(1)) put(Words.key(also), held);
            for (var name : row.list(2)) {
                if (!name.startsWith(ALL_OF)) putAll(name, held);
                else rowOf(name).filter(seen::add).ifPresent(rows::add);
            }
        }
        for (var row : seen) for (var name : row.list(3)) if (!name.equals(ANY_PRODUCT)) putAll(name, Held.MAY);
        // what the first row sets apart stays so, whatever the others say
        for (var row : seen) for (var name : row.list(4)) put(Words.key(name), Held.NO);
        for (var name : first.list(4)) names.put(Words.key(name), Held.NO);
        var talks = first.list(4).stream().filter(n -> Foods.shipped().find(n).isEmpty()).map(Pattern::quote).toList();
        if (!talks.isEmpty()) talk = Pattern.compile("(?i)\\b(?:" + String.join("|", talks) + ")\\b");
        apart = first.list(4).stream().filter(n -> Foods.shipped().find(n).isPresent()).findFirst().orElse("");
        ofAnyProduct = first.list(3).contains(ANY_PRODUCT);
    }

    private static Optional<Table.Row> rowOf(String name) {
        return Optional.ofNullable(ROWS.get(Words.key(name.substring(ALL_OF.length()))));
    }

    /// A food of the tables by all its names. One that says so itself holds it: strawberry jam, of the jams that may.
    private void putAll(String name, Held held) {
        var names = Foods.shipped().find(name).map(Food::names).orElse(List.of(name));
        for (var n : names) put(Words.key(n), own.stream().anyMatch(o -> isIn(Words.key(n), o)) ? Held.YES : held);
    }

    private static boolean isIn(String name, String word) { return (" " + name + " ").contains(" " + word + " "); }

    private void put(String key, Held held) {
        names.merge(key, held, (a, b) -> a == Held.YES || b == Held.YES ? Held.YES : a);
        beginnings.add(key.split(" ", 2)[0]);
        longest = Math.max(longest, (int) key.chars().filter(c -> c == ' ').count() + 1);
    }

    /// {@return what it is avoided by, as [Words#key] gives it}
    public String word() { return word; }

    /// {@return a food of its name that is something else, or is mostly eaten all the same: black pepper for pepper;
    /// empty where there is none}
    public String apart() { return apart; }

    /// {@return whether any made product may hold it as long as its pack is not read}
    public boolean isOfAnyProduct() { return ofAnyProduct; }

    /// {@return how surely a text speaks of it; the longest name goes first, so that sweet potatoes are no potatoes}
    public Held in(String text) {
        return said(text).map(names::get).max(Comparator.naturalOrder()).orElse(Held.NO);
    }

    /// {@return whether a text names it by a word of its own: corn chips, but not polenta}
    public boolean isNamed(String text) {
        return said(text).anyMatch(n -> names.get(n) == Held.YES && own.stream().anyMatch(o -> isIn(n, o)));
    }

    /// the names in a text that say anything of it
    private Stream<String> said(String text) {
        // "best before date" is of no date
        var plain = talk == null ? text : talk.matcher(text).replaceAll(" ");
        return SAID.of(plain).stream().flatMap(s -> s.food.isEmpty() ? beside(s.words) : named(s));
    }

    /// A food by any of its names: a fish sauce is no sauce that may hold mushrooms. What its words surely hold, it
    /// holds, too: the lemon of lemon juice.
    private Stream<String> named(Said said) {
        for (var name : List.of(said.words, said.food)) if (names.containsKey(name)) return Stream.of(name);
        return Stream.concat(beside(said.words), beside(said.food)).filter(n -> names.get(n) == Held.YES);
    }

    /// what the tables hold no food for, such as "and spices"
    private Stream<String> beside(String text) {
        var words = Arrays.asList(text.split(" "));
        var said = new ArrayList<String>();
        for (var at = 0; at < words.size();) {
            var length = longestAt(words, at);
            var name = String.join(" ", words.subList(at, at + length));
            if (names.containsKey(name)) said.add(name);
            at += length;
        }
        return said.stream();
    }

    /// A stretch of a text.
    ///
    /// @param words as [Words#key] gives them
    /// @param food  the food of the tables that they name, in the same form; empty where they name none
    private record Said(String words, String food) {
        static List<Said> in(String text) {
            var all = new ArrayList<Said>();
            var from = 0;
            for (var match : Foods.shipped().recipeWords().read(text).matches()) {
                if (match.start() < from || !(match.meaning() instanceof Meaning.OfFood(var food))) continue;
                all.add(new Said(Words.key(text.substring(from, match.start())), ""));
                all.add(new Said(Words.key(match.text()), Words.key(food.name())));
                from = match.end();
            }
            all.add(new Said(Words.key(text.substring(from)), ""));
            return List.copyOf(all);
        }
    }

    private int longestAt(List<String> words, int at) {
        if (!beginnings.contains(words.get(at))) return 1;
        for (var length = Math.min(longest, words.size() - at); length > 1; length--)
            if (names.containsKey(String.join(" ", words.subList(at, at + length)))) return length;
        return 1;
    }
}
