package keenfork.core.pack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import keenfork.core.food.Substances;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/// Tables of answers as suppliers' specifications have them (common practice), in all their layouts: whatever stands
/// above a table, between a name and its answer and between two rows, no allergen that is answered with yes, or with
/// perhaps, is ever missed.
class AnyTableOfAnswersTest {
    private static final Map<String, List<String>> NAMES = new TreeMap<>(Map.ofEntries(
            Map.entry("gluten", List.of("Gluten", "Cereals containing gluten", "Gluten (wheat, rye)", "Wheat/Gluten")),
            Map.entry("eggs", List.of("Egg", "Eggs and egg products")),
            Map.entry("milk", List.of("Milk", "Dairy", "Milk (incl. lactose)", "Lactose")),
            Map.entry("tree-nut", List.of("Nuts", "Tree nuts", "Nuts (almond, hazelnut, etc.)", "Almonds")),
            Map.entry("peanuts", List.of("Peanut", "Groundnuts")), Map.entry("sesame", List.of("Sesame seeds")),
            Map.entry("soybeans", List.of("Soya", "Soy", "Soya beans")), Map.entry("fish", List.of("Fish")),
            Map.entry("crustaceans", List.of("Crustacea", "Crustacean shellfish")),
            Map.entry("molluscs", List.of("Molluscs (e.g. mussels)", "Mollusks")),
            Map.entry("celery", List.of("Celery/celeriac")), Map.entry("mustard", List.of("Mustard seed")),
            Map.entry("lupin", List.of("Lupin flour")),
            Map.entry("sulphites", List.of("SO2", "Sulphur dioxide and sulphites (>10 mg/kg)"))));
    /// Regulation (EU) No 1169/2011, Annex II
    private static final List<String> IN_ORDER = List.of("gluten", "crustaceans", "eggs", "fish", "peanuts", "soybeans",
            "milk", "tree-nut", "celery", "mustard", "sesame", "sulphites", "lupin", "molluscs");
    private static final List<List<String>> ANSWERS = List.of(List.of("Yes", "No", "May contain"),
            List.of("Y", "N", "M"), List.of("✓", "✗", "?"), List.of("Contains", "Free", "May contain"),
            List.of("Contains", "Free from", "May contain traces"),
            List.of("Contains", "Does not contain", "May contain"), List.of("Present", "Absent", "Trace"),
            List.of("Present", "Not present", "Possible cross contact"), List.of("+", "-", "?"),
            List.of("TRUE", "FALSE", "TRUE"), List.of("Yes - ingredient", "No", "Cross contamination risk"),
            List.of("In product", "None", "On site"), List.of("Contains", "Nil", "Handled on site"),
            List.of("x", "-", "x"), List.of("☑", "☐", "☑"), List.of("[x]", "[ ]", "[x]"),
            List.of("Added", "Not added", "Possible"), List.of("Declared", "None", "Shared line"),
            List.of("Intentional", "No", "Unintentional"), List.of("Ingredient", "Not applicable", "Same line"),
            // a "no" that is taken back
            List.of("Yes", "No", "No but handled"), List.of("Present", "Absent", "Absent, but stored in factory"),
            List.of("Yes", "No", "No - same equipment"), List.of("Y", "N", "N (shared line)"),
            List.of("Contains", "Nil", "Nil although handled on site"), List.of("(Y)", "(N)", "(MC)"));
    private static final List<String> BETWEEN =
            List.of(": ", " : ", " - ", " – ", "\t", " = ", " | ", "  ... ", " ", "-");
    private static final List<String> ENDS = List.of("\n", "; ", ", ", "\n\n", " | ", ". ", " / ", " ", "  ");
    private static final List<String> ABOVE = List.of("", "Allergen information\n", "GMO free: Yes\n",
            "Suitable for vegetarians: Yes\nSuitable for vegans: No\n", "Dietary: suitable for vegetarians\n",
            "Gluten free: No\n", "Nut free site: No\n", "Ingredients: sugar, salt\nAllergens\n",
            "Does the product contain any of the following?\n", "No artificial colours or preservatives.\n",
            "Vegan: No. Vegetarian: Yes.\n", "Contains the following allergens:\n", "Made without preservatives\n",
            "Storage: keep refrigerated. Free from additives.\n", "Halal: No\nKosher: No\n", "Allergen | Answer\n");

    /// @param text  the table
    /// @param named what it answers with yes, or with perhaps
    record Answered(String text, List<String> named) {}

    @Provide
    Arbitrary<Answered> tables() {
        var layout = Combinators.combine(Arbitraries.of(ANSWERS), Arbitraries.of(BETWEEN), Arbitraries.of(ENDS),
                Arbitraries.of(ABOVE)).as(
                        (answers, between, end, above) -> List.of(answers,
                                List.of(between, end, above)))
                .filter(way -> isClear(way.getFirst(), way.getLast()));
        var rows = Arbitraries.shuffle(List.copyOf(NAMES.keySet()));
        var picks = Arbitraries.integers().between(0, 39).list().ofSize(NAMES.size());
        return Combinators.combine(layout, rows, picks, Arbitraries.integers().between(3, NAMES.size()))
                .as((way, order, pick, many) -> table(way.getFirst(), way.getLast(), order.subList(0, many), pick));
    }

    /// with blanks alone between its rows nobody can tell "milk - no nuts - yes", nor "egg free from soya free from"
    private static boolean isClear(List<String> answers, List<String> layout) {
        return !layout.get(1).isBlank() || layout.get(1).contains("\n")
                || !layout.getFirst().isBlank() && ":=|".contains(layout.getFirst().strip())
                        && answers.stream().noneMatch(a -> a.contains(" "));
    }

    private static Answered table(List<String> answers, List<String> layout, List<String> order, List<Integer> picks) {
        var rows = new ArrayList<String>();
        var named = new ArrayList<String>();
        for (var i = 0; i < order.size(); i++) {
            var names = NAMES.getOrDefault(order.get(i), List.of());
            // four in ten are in it, one in ten may be
            var answer = List.of(0, 0, 0, 0, 1, 1, 1, 1, 1, 2).get(picks.get(i) % 10);
            rows.add(names.get(picks.get(i) / 10 % names.size()) + layout.getFirst() + answers.get(answer));
            if (answer != 1) named.add(order.get(i));
        }
        return new Answered(layout.getLast() + String.join(layout.get(1), rows), named);
    }

    /// the names as the law of the European Union lists them, with marks in front or behind and blanks alone between
    /// them: milk stands right behind soya there, and what is ticked is no soya milk
    @Property(tries = 500)
    void no_allergen_that_is_ticked_is_missed_in_the_order_of_the_law(@ForAll("ticked") Answered table) {
        no_allergen_that_is_answered_with_yes_is_missed(table);
    }

    @Provide
    Arbitrary<Answered> ticked() {
        var marks = Arbitraries.of(List.of("☒", "☐"), List.of("✓", "✗"), List.of("[x]", "[ ]"), List.of("☑", "☐"));
        return Combinators.combine(marks, Arbitraries.of(true, false), Arbitraries.of(true, false).list()
                .ofSize(IN_ORDER.size())).as(AnyTableOfAnswersTest::ticked);
    }

    private static Answered ticked(List<String> marks, boolean isInFront, List<Boolean> in) {
        var rows = new ArrayList<String>();
        var named = new ArrayList<String>();
        for (var i = 0; i < in.size(); i++) {
            var mark = marks.get(in.get(i) ? 0 : 1);
            var name = NAMES.getOrDefault(IN_ORDER.get(i), List.of()).getFirst();
            rows.add(isInFront ? mark + " " + name : name + " " + mark);
            if (in.get(i)) named.add(IN_ORDER.get(i));
        }
        return new Answered("Ingredients: salt, sugar.\nAllergens: " + String.join(" ", rows), named);
    }

    @Property(tries = 1000)
    void no_allergen_that_is_answered_with_yes_is_missed(@ForAll("tables") Answered table) {
        var tree = Substances.shipped();
        var found = Declaration.read(table.text, new Law("uk")).findings();
        assertThat(table.named).as(table.text).allSatisfy(id -> assertThat(found)
                .anyMatch(f -> tree.isUnder(f.substance(), tree.get(id))));
    }
}
