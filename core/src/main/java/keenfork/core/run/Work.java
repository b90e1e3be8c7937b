package keenfork.core.run;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Table;

/// What a step's words do, and on which kit.
///
/// @param kit     the kit
/// @param allSoFar whether all that is in by then goes over it, or only what the step names
/// @param pace    how long hands are on it
record Work(Kit kit, boolean allSoFar, Pace pace) {
    private static final Pattern ACCENTS = Pattern.compile("\\p{M}+");
    /// a noun covers the works of its own sentence: "fry, then blend in a jug" fries in a pan
    private static final Pattern SENTENCE = Pattern.compile("[.;!?\\n]+|,?\\s+(?:and )?then\\s+");
    private static final Map<String, WorkRow> WORKS = works();
    private static final Map<String, Noun> NOUNS = nouns();
    /// every word of both tables, the longest first: the blender of "stick blender" is no blender
    private static final Phrases WORDS =
            Phrases.longestFirst(Stream.concat(WORKS.keySet().stream(), NOUNS.keySet().stream()).toList());
    /// words behind a participle that make a work of it
    private static final String DOING = String.join("|", Table.read(Work.class, "step-doing.txt", 2).stream()
            .map(r -> r.cell(0)).toList());
    private static final Phrases TALK = talk();

    private static final String ADDED = "add";
    private static final Set<String> GOES_ON =
            Set.of("heat", "boil", "blend", "grind", "pound", "water", "fry", "roast", "bowl");

    /// A row of works: what kind of work it is, and the kit it takes where none is named.
    private record WorkRow(String act, List<Work> works) {}

    /// A name of kit.
    ///
    /// @param kit    empty where it carries nothing on
    /// @param covers the kinds of work that are done with it, so that they take no other kit
    /// @param with   whether it means kit only where such work stands beside it: pasta that is cooked, not pasta that
    ///                 is dressed
    private record Noun(List<Kit> kit, Set<String> covers, boolean with) {}

    private static Map<String, WorkRow> works() {
        var held = new LinkedHashMap<String, WorkRow>();
        for (var row : Table.read(Work.class, "work.txt", 5)) {
            var pace = row.read(1, Pace::of);
            var works = new ArrayList<Work>();
            for (var kit : row.read(2, Work::kits))
                works.add(new Work(kit, row.cell(3).equals("yes"),
                        works.isEmpty() ? pace : Pace.NONE));
            var its = new WorkRow(row.cell(1), works);
            for (var word : words(row)) for (var form : forms(word)) held.putIfAbsent(form, its);
        }
        return held;
    }

    private static Map<String, Noun> nouns() {
        var held = new LinkedHashMap<String, Noun>();
        for (var row : Table.read(Work.class, "kit-words.txt", 5)) {
            var noun = new Noun(row.read(1, Work::kits), new HashSet<>(row.list(2)), row.cell(3).equals("with"));
            for (var word : words(row)) held.put(word, noun);
        }
        return held;
    }

    private static List<String> words(Table.Row row) {
        return Arrays.stream(row.cell(0).split(";")).map(String::strip).toList();
    }

    private static List<Kit> kits(String cell) {
        return Arrays.stream(cell.split(",")).map(String::strip).filter(id -> !id.isEmpty())
                .map(id -> Kit.named(id).orElseThrow(() -> new IllegalArgumentException("no kit \"%s\"".formatted(id))))
                .toList();
    }

    private static Phrases talk() {
        return Phrases.inOrder(Table.read(Work.class, "step-talk.txt", 2).stream().map(r -> r.cell(0)).toList(),
                Work::star);
    }

    /// "Fried onions" are talk; "fried the onions" and "boiled in salted water" are works that somebody did.
    private static String star(String words) {
        return words.matches("\\p{L}+ed \\*") ? "(?!(?:" + DOING + ")(?!\\p{L}))\\S+" : "\\S+";
    }

    boolean isCutting() { return List.of("board", "mandoline", "grater", "scissors").contains(kit.id()); }

    /// {@return the words of a row's first cell, parted by `;`}
    static Phrases anyOf(Table.Row row) { return Phrases.longestFirst(words(row)); }

    /// {@return every form of them}
    static Phrases anyFormOf(Table.Row row) {
        return Phrases.longestFirst(words(row).stream().flatMap(w -> forms(w).stream()).toList());
    }

    /// A verb's forms; some that nobody says are among them, and harm nobody. The first word of several is the one that
    /// changes.
    private static List<String> forms(String words) {
        var blank = words.indexOf(' ');
        var verb = blank < 0 ? words : words.substring(0, blank);
        var rest = blank < 0 ? "" : words.substring(blank);
        var last = verb.charAt(verb.length() - 1);
        var stem = last == 'e' ? verb.substring(0, verb.length() - 1) : verb;
        var forms = new ArrayList<>(List.of(verb, verb + "s", verb + "es", stem + "ed", stem + "ing",
                stem + last + "ed", stem + last + "ing"));
        if (last == 'y')
            forms.addAll(List.of(verb.substring(0, verb.length() - 1) + "ies",
                    verb.substring(0, verb.length() - 1) + "ied"));
        return forms.stream().map(f -> f + rest).toList();
    }

    /// {@return all that a step or a line's preparation does, in the order of the table}
    static List<Work> in(String text) {
        var found = new ArrayList<Work>();
        read(text, found);
        return found;
    }

    /// {@return whether anything of a step is understood: a work, or kit by its name}
    static boolean isRead(String text) { return read(text, new ArrayList<>()); }

    private static boolean read(String text, List<Work> found) {
        var isRead = false;
        for (var sentence : sentences(text)) isRead |= readSentence(sentence.works(), found);
        return isRead;
    }

    /// One thing that a step tells to do, in plain letters.
    ///
    /// @param whole all of it
    /// @param works the same without the talk of kitchens
    record Sentence(String whole, String works) {}

    /// {@return a step in plain letters}
    static String plain(String text) {
        return ACCENTS.matcher(Normalizer.normalize(text, Normalizer.Form.NFD)).replaceAll("").toLowerCase(Locale.ROOT)
                .replace('’', '\'');
    }

    /// {@return where kit or work is named in a step in plain letters}
    static List<Phrases.Place> mentions(String plain) { return WORDS.in(plain); }

    /// {@return what a step tells to do, one thing after the other}
    static List<Sentence> sentences(String text) {
        var plain = plain(text);
        return SENTENCE.splitAsStream(plain).map(s -> new Sentence(s, TALK.replacedIn(s, " "))).toList();
    }

    private static boolean readSentence(String sentence, List<Work> found) {
        var acts = new LinkedHashSet<WorkRow>();
        var said = new LinkedHashSet<Noun>();
        for (var place : WORDS.in(sentence)) {
            var word = sentence.substring(place.start(), place.end());
            var noun = NOUNS.get(word);
            if (noun != null) said.add(noun);
            else acts.add(Objects.requireNonNull(WORKS.get(word)));
        }
        var named = said.stream().filter(n -> !n.with || acts.stream().anyMatch(a -> n.covers.contains(a.act)))
                .toList();
        // what is added goes to where it cooks or turns
        if (!named.isEmpty() || acts.stream().anyMatch(a -> GOES_ON.contains(a.act)))
            acts.removeIf(a -> a.act.equals(ADDED));
        for (var row : acts) if (named.stream().noneMatch(n -> n.covers.contains(row.act))) add(row.works, found);
        for (var noun : named) {
            var covered = acts.stream().filter(a -> noun.covers.contains(a.act)).toList();
            var pace =
                    covered.stream().flatMap(a -> a.works.stream()).map(Work::pace).reduce(Pace.NONE, Pace::orSlower);
            var allSoFar = covered.stream().anyMatch(a -> a.works.stream().anyMatch(Work::allSoFar));
            add(noun.kit.stream().map(k -> new Work(k, allSoFar, pace)).toList(), found);
        }
        return !acts.isEmpty() || !named.isEmpty();
    }

    private static void add(List<Work> works, List<Work> found) {
        for (var work : works) {
            var before = found.stream().filter(w -> w.kit.equals(work.kit)).findFirst().orElse(null);
            if (before == null) found.add(work);
            else if (work.allSoFar && !before.allSoFar)
                found.set(found.indexOf(before),
                        new Work(work.kit, true, work.pace.orSlower(before.pace)));
        }
    }
}
