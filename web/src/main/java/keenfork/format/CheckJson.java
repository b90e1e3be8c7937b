package keenfork.format;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import keenfork.core.diet.Diet;
import keenfork.core.food.Food;
import keenfork.core.food.Meaning;
import keenfork.core.measure.Amount;
import keenfork.core.measure.Fraction;
import keenfork.core.measure.Mass;
import keenfork.core.measure.Unit;
import keenfork.core.recipe.Line;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Mark;
import org.jspecify.annotations.Nullable;

/// What `check` says of one dish, in the shape of its JSON contract.
@JsonInclude(JsonInclude.Include.ALWAYS)
public record CheckJson(String file, String dish, String regime, List<Allergen> allergens, List<DietVerdict> diets,
        List<ReadLine> lines, List<Asked> questions) {

    /// one group found; a group with nothing found is absent
    public record Allergen(String allergen, List<String> members, String status, boolean assumed,
            List<List<String>> threads) {
        static Allergen of(Mark mark) {
            return new Allergen(mark.group().id(), mark.members().stream().map(s -> s.id()).toList(),
                    mark.certainty().id(), mark.assumed(),
                    mark.threads().stream().map(e -> thread(e, mark.group().id())).distinct().toList());
        }
    }

    /// one diet's verdict
    public record DietVerdict(String diet, String verdict, List<String> because) {}

    /// one ingredient line as read; `grams` is null where it cannot be weighed
    ///
    /// @param alternatives the foods of an "or", where there is one
    /// @param read_as      by the words as written, what they were taken for
    /// @param read_past    words that only say how, as written
    public record ReadLine(String part, String text, @Nullable String food, Quantity quantity, @Nullable Grams grams,
            List<String> alternatives, Map<String, String> read_as,
            List<String> read_past, @Nullable String problem) {
        static ReadLine of(String part, Line line) {
            var alternatives = line.choices().size() < 2 ? List.<String>of()
                    : line.choices().stream().map(c -> name(c.main())).toList();
            return new ReadLine(part, line.text(), line.food().map(Food::name).orElse(null), Quantity.of(line),
                    Grams.of(line.mass()), alternatives, line.words().as(),
                    line.readPast(), CheckJson.problem(line));
        }

        private static String name(Meaning meaning) {
            return switch (meaning) {
                case Meaning.OfFood _,Meaning.OfSubstances _ -> meaning.name().orElse("the other");
                case Meaning.Vague(var suspects, _) ->
                        "one of " + String.join(", ", suspects.stream().map(s -> s.name()).toList());
            };
        }
    }

    /// how much was written
    public record Quantity(@Nullable BigDecimal low, @Nullable BigDecimal high, String unit) {
        static Quantity of(Line line) {
            var amount = line.amount();
            if (amount == null) return new Quantity(null, null, line.toTaste() ? Unit.TO_TASTE.id() : Unit.NONE.id());
            return new Quantity(figure(amount.low()), figure(amount.high()), unit(amount));
        }

        private static String unit(Amount amount) { return amount.unit().id(); }

        private static BigDecimal figure(Fraction number) {
            return plain(number.decimal().round(new MathContext(6, RoundingMode.HALF_UP)));
        }
    }

    /// a weight within limits, in g
    public record Grams(BigDecimal low, BigDecimal likely, BigDecimal high) {
        static @Nullable Grams of(@Nullable Mass mass) {
            return mass == null ? null
                    : new Grams(rounded(mass.lowGrams()), rounded(mass.likelyGrams()), rounded(mass.highGrams()));
        }

        private static BigDecimal rounded(double grams) {
            var small = grams >= 1 ? 1 : 2;
            return plain(BigDecimal.valueOf(grams).setScale(grams >= 10 ? 0 : small, RoundingMode.HALF_UP));
        }
    }

    /// one open question
    public record Asked(String line, String ask) {}

    /// {@return what the derivation of a dish says under a rule book}
    public static CheckJson of(String file, Derivation derivation, RuleBook ruleBook) {
        var lines = new ArrayList<ReadLine>();
        for (var part : derivation.recipe().parts())
            for (var line : part.lines()) lines.add(ReadLine.of(part.name(), line));
        return new CheckJson(file, derivation.recipe().name(), ruleBook.id(),
                derivation.under(ruleBook).marks().stream().map(Allergen::of).toList(),
                Diet.all().stream().map(d -> d.judge(derivation))
                        .map(v -> new DietVerdict(v.diet().id(), v.answer().id(), v.reasons())).toList(),
                lines, derivation.ownQuestions().stream().map(q -> new Asked(q.line(), q.ask())).toList());
    }

    static @Nullable String problem(Line line) {
        if (!line.isUnread()) return null;
        return line.unread().isEmpty() ? "no food is named here that the table holds: counted as not known"
                : "“%s” is not in the table: counted as not known".formatted(String.join(" ", line.unread()));
    }

    /// {@return the words of a thread down to its group, each said once}
    public static List<String> thread(Evidence evidence, String group) {
        var words = new ArrayList<String>();
        for (var link : evidence.path())
            if (words.isEmpty() || !words.getLast().equalsIgnoreCase(link.text())) words.add(link.text());
        if (!words.getLast().equalsIgnoreCase(group)) words.add(group);
        return words;
    }

    private static BigDecimal plain(BigDecimal number) {
        var stripped = number.stripTrailingZeros();
        return stripped.scale() < 0 ? stripped.setScale(0) : stripped;
    }
}
