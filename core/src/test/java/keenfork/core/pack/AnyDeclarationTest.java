package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import keenfork.core.food.Substances;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/// Declarations put together of what packs say (common practice): a list of ingredients, what it contains, may contain
/// and is free from, and what says nothing of it, in any order and parted by any mark. Whatever stands beside it, no
/// allergen that is in it or may be in it is ever missed.
class AnyDeclarationTest {
    private static final Map<String, List<String>> NAMES = new TreeMap<>(Map.ofEntries(
            Map.entry("gluten", List.of("wheat", "gluten", "barley", "rye")),
            Map.entry("eggs", List.of("egg", "eggs", "dried egg")), Map.entry("lupin", List.of("lupin flour")),
            Map.entry("milk", List.of("milk", "whey powder", "skimmed milk powder")),
            Map.entry("tree-nut", List.of("almonds", "walnuts", "cashew nuts")),
            Map.entry("peanuts", List.of("peanuts")), Map.entry("sesame", List.of("sesame seeds", "tahini")),
            Map.entry("soybeans", List.of("soya", "soya lecithin")), Map.entry("fish", List.of("fish", "anchovies")),
            Map.entry("crustaceans", List.of("prawns", "crab")), Map.entry("molluscs", List.of("mussels", "squid")),
            Map.entry("celery", List.of("celery", "celeriac")), Map.entry("mustard", List.of("mustard seed")),
            Map.entry("sulphites", List.of("sulphites", "sodium metabisulphite"))));
    private static final List<String> IN = List.of("Contains: %s.", "Contains %s.", "Allergens: %s.", "Includes %s.",
            "Allergy advice: contains %s.", "CONTAINS %s", "Allergen information: %s.", "Also contains %s.", "With %s.",
            "Made with %s.", "Allergens present: %s", "Contains the following allergens: %s", "This contains %s");
    private static final List<String> MAY = List.of("May contain %s.", "May contain traces of %s.", "Site handles %s",
            "Made in a factory that handles %s.", "Not suitable for %s allergy sufferers.", "%s may be present.",
            "Traces of %s possible.", "Cannot guarantee free from %s.", "Risk of cross contact with %s.",
            "Produced in a kitchen using %s", "Not guaranteed free of %s", "Low risk of %s", "Handled near %s.",
            "Unsuitable for those with %s allergies.", "Cross contamination: %s", "Beware: %s used on site");
    private static final List<String> FREE = List.of("Free from %s.", "Contains no %s.", "Does not contain %s.",
            "Made without %s.", "No %s.", "Without %s", "Free of %s.", "100%% free from %s.", "Never contains %s");
    private static final List<String> NOTHING = List.of("Suitable for vegetarians.", "Produce of Spain", "500 g",
            "GMO free.", "No artificial colours.", "Keep refrigerated.", "Suitable for vegans: No", "Gluten free: No",
            "Packed in a protective atmosphere", "Not from concentrate", "No added sugar.", "Allergens in bold.",
            "For allergens see ingredients in bold.", "Free delivery on orders", "Without preservatives.", "Halal");
    private static final List<String> PLAIN =
            List.of("sugar", "water", "sunflower oil", "tomatoes", "rice", "maize starch", "vinegar", "black pepper");
    private static final List<String> BETWEEN = List.of(" ", "\n", "; ", " | ", "\n\n", " - ", " • ");
    private static final List<String> AND = List.of(" and ", " & ", ", ", " / ", " or ");

    private final Random random;

    AnyDeclarationTest() {
        random = new Random();
    }

    @Property(tries = 1000)
    void nothing_that_is_in_it_is_missed_whatever_stands_beside_it(@ForAll long seed) {
        random.setSeed(seed);
        var ids = new ArrayList<>(NAMES.keySet());
        Collections.shuffle(ids, random);
        var list = new ArrayList<>(List.of(any(PLAIN), any(PLAIN), any(PLAIN)));
        list.add(random.nextInt(list.size() + 1), any(NAMES.getOrDefault(ids.get(0), List.of())));
        var parts = new ArrayList<>(List.of((random.nextBoolean() ? "Ingredients: " : "") + String.join(", ", list),
                any(IN).formatted(names(ids.subList(1, 3))), any(MAY).formatted(names(ids.subList(3, 5))),
                any(FREE).formatted(names(ids.subList(5, 7))), any(NOTHING), any(NOTHING)));
        Collections.shuffle(parts, random);
        var text = text(parts.subList(0, 3 + random.nextInt(4)));
        var tree = Substances.shipped();
        var found = Declaration.read(text, new Law("uk")).findings();
        for (var said : List.of(ids.subList(0, 1), ids.subList(1, 3), ids.subList(3, 5)))
            for (var id : said)
                if (isNamed(text, id))
                    assertThat(found).as(text).anyMatch(f -> tree.isUnder(f.substance(), tree.get(id)));
    }

    private <T> T any(List<T> of) { return of.get(random.nextInt(of.size())); }

    private String names(List<String> ids) {
        return String.join(any(AND), ids.stream().map(id -> any(NAMES.getOrDefault(id, List.of())))
                .map(n -> random.nextInt(4) == 0 ? n.toUpperCase(Locale.ROOT) : n).toList());
    }

    private String text(List<String> parts) {
        var between = any(BETWEEN);
        var text = new StringBuilder(parts.getFirst());
        for (var part : parts.subList(1, parts.size()))
            text.append(between.equals(" ") && text.charAt(text.length() - 1) != '.' ? ". " : between).append(part);
        return text.toString();
    }

    private static boolean isNamed(String text, String id) {
        var said = text.toLowerCase(Locale.ROOT);
        return NAMES.getOrDefault(id, List.of()).stream().anyMatch(n -> !n.equals("gluten") && said.contains(n));
    }
}
