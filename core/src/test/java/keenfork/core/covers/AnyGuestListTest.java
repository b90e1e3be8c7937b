package keenfork.core.covers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Collectors;
import keenfork.core.Kit;
import keenfork.core.corpus.CorpusOfPeople;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/// Lists of guests put together of names and of what people say they avoid (common practice), parted by any mark:
/// everybody is read, avoids what was said of them, and not what they are called.
class AnyGuestListTest {
    private static final Map<String, List<String>> SAID = new TreeMap<>(Map.ofEntries(
            Map.entry("vegan", List.of("diet:vegan")), Map.entry("vegetarian", List.of("diet:vegetarian")),
            Map.entry("coeliac", List.of("gluten")), Map.entry("GF", List.of("gluten")),
            Map.entry("nut allergy", List.of("nuts", "peanuts")), Map.entry("no nuts", List.of("nuts", "peanuts")),
            Map.entry("dairy free", List.of("milk")), Map.entry("egg allergy", List.of("eggs")),
            Map.entry("no shellfish", List.of("crustaceans", "molluscs")), Map.entry("no fish", List.of("fish")),
            Map.entry("sesame allergy", List.of("sesame")), Map.entry("allergic to prawns", List.of("sub:prawn")),
            Map.entry("pescatarian", List.of("diet:pescatarian")), Map.entry("no pork", List.of("diet:no-pork")),
            Map.entry("gluten and dairy free", List.of("gluten", "milk")),
            Map.entry("halal", List.of("diet:halal-facts"))));
    private static final List<String> FIRST =
            List.of("Ann", "Joe", "Maria", "Tom", "Priya", "Sam", "Olu", "Kate", "Aisha", "Lars", "Wei", "Chloe",
                    "Jack");
    private static final List<String> LAST = List.of("Weaver", "Cooper", "Okafor", "Patel", "Fisher", "Baker", "Cook",
            "Rice", "Berry", "Salmon", "Pike", "Pepper", "Bacon");
    private static final List<String> FORMS = List.of("%s - %s", "%s – %s", "%s: %s", "%s (%s)", "%s\t%s", "%s | %s",
            "| %s | %s |", "%s -> %s", "%s → %s", "%s = %s", "%s / %s", "- %s: %s", "• %s - %s", "1. %s - %s",
            "2 | 4 | %s | %s");
    private static final List<String> AND = List.of(", ", " and ", " & ", " + ", "/");
    private static final List<String> HEADS = List.of("", "Dietary requirements:\n", "Special diets\n", "Hi,\n\n",
            "Guests:\n");

    private static final List<String> ROW = List.of("%s (%s)", "%s - %s", "%s – %s");
    private static final List<String> FORM_FIELDS = List.of("Name: %s\nAllergies: %s", "Guest: %s\nDietary: %s",
            "Full name: %s\nTable: 4\nDietary requirements: %s");
    private static final List<String> TABLES = List.of("Name,Dietary\n|%s,\"%s\"", "Name;Table;Dietary\n|%s;3;%s",
            "Guest\tMain\tAllergies\n|%s\tsoup\t%s", "Name,Allergy y/n,Details\n|%s,Y,%s");

    private static final Map<String, List<String>> TOLD = new TreeMap<>(Map.ofEntries(
            Map.entry(" is vegan", List.of("diet:vegan")), Map.entry("'s a vegetarian", List.of("diet:vegetarian")),
            Map.entry(" is also coeliac", List.of("gluten")), Map.entry(" can't have dairy", List.of("milk")),
            Map.entry(" has a nut allergy", List.of("nuts", "peanuts")), Map.entry(" hates olives",
                    List.of("food:olive")),
            Map.entry(" is allergic to prawns and mussels", List.of("sub:mussel", "sub:prawn")),
            Map.entry(" doesn't eat pork", List.of("diet:no-pork")), Map.entry(" (aged 9) avoids eggs",
                    List.of("eggs")),
            Map.entry(" eats everything", List.of()), Map.entry(" is fine", List.of())));
    private static final List<String> KIN = List.of("%s", "my friend %s", "our cousin %s", "Uncle %s", "%s Weaver");
    private static final List<String> THEN = List.of(". ", ", ", " and ", ", and ", ", but ", " while ", ". Also ",
            ". And ", "! ", "\n", "; ");

    private static final List<String> COUNTED = List.of("%s: %s", "%s - %s", "%s | %s", "%s\t%s", "%s ... %s",
            "%s (%s)", "%s x %s", "%s = %s", "- %s: %s");
    private static final List<String> SPELLED = List.of("none", "one", "two", "three", "four", "five", "six");
    private static final List<String> ODD = List.of(" 0 ", ": ", " | ", "\n", ", ", " == 0 | ", " 0: ", " (0) ", "x0 ",
            " - ", ". ", "\t", " ... ", " 0\n", "\n0 x ", " none ", " / ", " + ", "½ ");

    private final Random random;

    AnyGuestListTest() {
        random = new Random();
    }

    /// What a caterer is sent for a hundred: so many of each, one kind a line. None of a kind is nobody.
    @Property(tries = 1000)
    void so_many_of_a_kind_are_so_many(@ForAll long seed) {
        random.setSeed(seed);
        var form = any(COUNTED);
        var lines = new ArrayList<String>();
        var wanted = new ArrayList<String>();
        for (var said : List.of("vegan", "vegetarian", "coeliac", "egg allergy").subList(0, 2 + random.nextInt(3))) {
            var many = random.nextInt(25);
            lines.add(form.formatted(said, many < SPELLED.size() && random.nextBoolean() ? SPELLED.get(many) : many));
            if (many > 0) wanted.add(many + " " + String.join(" ", SAID.getOrDefault(said, List.of())));
        }
        var text = String.join("\n", lines);
        var list = GuestList.read(text, Kit.UK);
        assertThat(list.entries().stream().map(e -> e.group().people() + " " + e.group().avoided().all().stream()
                .map(CorpusOfPeople::key).collect(Collectors.joining(" "))).toList()).as(text).isEqualTo(wanted);
    }

    /// whatever is pasted, with noughts and marks anywhere in it
    @Property(tries = 1000)
    void any_text_is_a_list_of_somebody_or_nobody(@ForAll long seed) {
        random.setSeed(seed);
        var text = new StringBuilder();
        for (var i = 0; i < 2 + random.nextInt(12); i++)
            text.append(random.nextBoolean() ? any(List.copyOf(SAID.keySet())) : any(FIRST)).append(any(ODD));
        var list = GuestList.read(text.toString(), Kit.UK);
        assertThat(list.entries()).as(text.toString()).allMatch(e -> e.group().people() > 0);
    }

    @Property(tries = 1000)
    void everybody_avoids_what_was_said_of_them_and_nothing_else(@ForAll long seed) {
        random.setSeed(seed);
        var lines = new ArrayList<String>();
        var wanted = new ArrayList<List<String>>();
        var form = any(FORMS);
        for (var guest = 0; guest < 2 + random.nextInt(4); guest++) {
            var said = List.of(any(List.copyOf(SAID.keySet())), any(List.copyOf(SAID.keySet())))
                    .subList(0, 1 + random.nextInt(2));
            lines.add(form.formatted(any(FIRST) + " " + any(LAST), String.join(any(AND), said)));
            wanted.add(
                    said.stream().flatMap(s -> SAID.getOrDefault(s, List.of()).stream()).distinct().sorted().toList());
        }
        var text = any(HEADS) + String.join("\n", lines);
        var read = GuestList.read(text, Kit.UK);
        assertThat(read.unclear()).as(text).isEmpty();
        assertThat(read.entries().stream().map(e -> e.group().avoided().all().stream().map(CorpusOfPeople::key).sorted()
                .collect(Collectors.toList()))).as(text).containsExactlyElementsOf(wanted);
    }

    /// "Table 4: Ann, Joe (no fish), Kate": a bracket is of the name before it
    @Property(tries = 1000)
    void what_stands_beside_a_name_is_of_that_name(@ForAll long seed) {
        random.setSeed(seed);
        var names = someNames();
        var form = any(ROW);
        var wanted = new TreeMap<String, List<String>>();
        var guests = new ArrayList<String>();
        for (var name : names) {
            // what stands beside the last one alone could be of all
            var isTold = random.nextBoolean() && !name.equals(names.getLast());
            var said = any(List.copyOf(SAID.keySet()));
            if (isTold) wanted.put(name, said(said));
            guests.add(isTold ? form.formatted(name, said) : name);
        }
        if (wanted.isEmpty()) return;
        var text = any(List.of("", "Table 4: ", "Top table - ")) + String.join(", ", guests);
        assertThat(read(text, names)).as(text).isEqualTo(wanted);
    }

    @Property(tries = 1000)
    void whoever_fills_in_a_form_avoids_what_their_form_says(@ForAll long seed) {
        random.setSeed(seed);
        var names = someNames();
        var isTable = random.nextBoolean();
        var table = any(TABLES).split("[|]");
        var form = isTable ? table[1] : any(FORM_FIELDS);
        var wanted = new TreeMap<String, List<String>>();
        var filled = new ArrayList<String>();
        for (var name : names) {
            var isTold = random.nextInt(4) > 0;
            var said = any(List.copyOf(SAID.keySet()));
            if (isTold) wanted.put(name, said(said));
            filled.add(form.formatted(name, isTold ? said : any(List.of("none", "-", "n/a"))));
        }
        var text = (isTable ? table[0] : "") + String.join(isTable ? "\n" : any(List.of("\n", "\n\n")), filled);
        assertThat(read(text, names)).as(text).isEqualTo(wanted);
    }

    /// "my friend Ann is vegan, Joe's a vegetarian": what a sentence says is of whom it names
    @Property(tries = 1000)
    void what_a_sentence_says_is_of_whom_it_names(@ForAll long seed) {
        random.setSeed(seed);
        var names = someNames();
        var wanted = new TreeMap<String, List<String>>();
        var mail = new StringBuilder(
                any(List.of("", "Hi Mara,\n", "Diets as discussed: ", "Please note that ", "Yes - ")));
        for (var name : names) {
            var told = any(List.copyOf(TOLD.keySet()));
            var avoided = TOLD.getOrDefault(told, List.of());
            if (!avoided.isEmpty()) wanted.put(name, avoided);
            mail.append(any(KIN).formatted(name)).append(told)
                    .append(name.equals(names.getLast()) ? "" : any(THEN));
        }
        assertThat(read(mail.toString(), names)).as(mail.toString()).isEqualTo(wanted);
    }

    private List<String> someNames() {
        var names = new ArrayList<>(FIRST);
        Collections.shuffle(names, random);
        return names.subList(0, 2 + random.nextInt(5));
    }

    private static List<String> said(String words) {
        return SAID.getOrDefault(words, List.of()).stream().sorted().toList();
    }

    /// what each of the named avoids, by the name their group bears
    private static Map<String, List<String>> read(String text, List<String> names) {
        var found = new TreeMap<String, List<String>>();
        for (var entry : GuestList.read(text, Kit.UK).entries()) {
            var name = names.stream().filter(entry.group().name()::contains).findFirst().orElse(entry.group().name());
            var avoided = entry.group().avoided().all().stream().map(CorpusOfPeople::key).sorted().toList();
            // a name that lies a slip from a food is asked about, and stands for nothing
            if (!avoided.isEmpty() || entry.group().isUnderstood()) found.put(name, avoided);
        }
        return found;
    }

    private <T> T any(List<T> of) { return of.get(random.nextInt(of.size())); }
}
