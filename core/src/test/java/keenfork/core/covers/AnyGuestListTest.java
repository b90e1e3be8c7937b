package keenfork.core.covers;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
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

    private final Random random;

    AnyGuestListTest() {
        random = new Random();
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

    private <T> T any(List<T> of) { return of.get(random.nextInt(of.size())); }
}
