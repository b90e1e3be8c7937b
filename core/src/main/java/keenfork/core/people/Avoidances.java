package keenfork.core.people;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.diet.Diet;
import keenfork.core.food.Family;
import keenfork.core.food.Substance;
import keenfork.core.regime.RuleBook;

/// All that people avoid, read from their words.
///
/// @param said    what they avoid, each with how it is meant
/// @param refused words that were not understood: as long as there are any, nobody can say that such people eat a dish
public record Avoidances(List<Said> said, List<Refused> refused) {
    public static final Avoidances NONE = new Avoidances(List.of(), List.of());

    private static final int LONGEST = 10_000;
    private static final int SHOWN = 40;

    public Avoidances {
        said = List.copyOf(said);
        refused = List.copyOf(refused);
    }

    /// how something that is avoided is meant
    public enum Reason { ALLERGY, INTOLERANCE, DISLIKE, AVOIDED }

    /// Something that is avoided.
    ///
    /// @param avoidance what
    /// @param kind      how it is meant
    public record Said(Avoidance avoidance, Reason kind) {
        /// {@return it in words, with whether a trace counts: `milk, traces count`}
        public String inWords() {
            var words = kind == Reason.INTOLERANCE || kind == Reason.DISLIKE
                    ? "%s (%s)".formatted(avoidance.words(), kind.name().toLowerCase()) : avoidance.words();
            return switch (avoidance) {
                case Avoidance.OfGroup(_, _, var strictness) -> words + counts(strictness);
                case Avoidance.OfSubstance(_, var strictness) -> words + counts(strictness);
                case Avoidance.OfDiet(var diet, var strictness) ->
                        diet.cautious() ? words + counts(strictness) : diet.name().toLowerCase();
                case Avoidance.OfFood(var word) -> {
                    var apart = Family.of(word).apart();
                    yield words + " and what it is in%s, recipe only"
                            .formatted(apart.isEmpty() ? "" : " (not %s)".formatted(apart));
                }
            };
        }

        private static String counts(Avoidance.Strictness strictness) {
            return strictness == Avoidance.Strictness.TRACE ? ", traces count" : ", recipe only";
        }
    }

    /// Words that were not understood.
    ///
    /// @param words     as said
    /// @param couldMean what they could mean; may be empty
    public record Refused(String words, List<String> couldMean) {
        public Refused {
            couldMean = List.copyOf(couldMean);
        }

        /// {@return the words with what they could mean}
        public String inWords() {
            return couldMean.isEmpty() ? words : "%s (could mean: %s)".formatted(words, String.join("; ", couldMean));
        }
    }

    /// Reads what people say: "eggs, sesame", "no nuts", "coeliac + vegan", "milk allergy (traces ok)", "nuts:recipe".
    /// What is longer than ten thousand letters is read as far as that, and the rest is told as not understood.
    public static Avoidances of(String words, RuleBook ruleBook) {
        var reader = new PeopleWords(ruleBook);
        if (words.length() <= LONGEST) return reader.read(words);
        var read = reader.read(words.substring(0, LONGEST));
        var rest = new Refused("%s … (%,d letters more than are read at once)".formatted(
                words.substring(LONGEST).strip().lines().findFirst()
                        .map(l -> l.substring(0, Math.min(SHOWN, l.length())))
                        .orElse(""),
                words.length() - LONGEST), List.of());
        return new Avoidances(read.said, Stream.concat(read.refused.stream(), Stream.of(rest)).toList());
    }

    /// {@return what they avoid, without how it is meant}
    public List<Avoidance> all() { return said.stream().map(Said::avoidance).toList(); }

    /// {@return the words that were not understood}
    public List<String> unread() { return refused.stream().map(Refused::words).toList(); }

    /// {@return what was understood, in full: `milk, traces count; vegan`}
    public String understood() { return said.stream().map(Said::inWords).collect(Collectors.joining("; ")); }

    /// {@return what was not understood, each with what it could mean}
    public List<String> refusedInWords() { return refused.stream().map(Refused::inWords).toList(); }

    /// {@return the same, for people who mind only what the recipe puts in}
    public Avoidances recipeOnly() {
        return new Avoidances(said.stream().map(s -> new Said(s.avoidance.recipeOnly(), s.kind)).toList(), refused);
    }

    public boolean isEmpty() { return said.isEmpty() && refused.isEmpty(); }

    /// {@return the substances that groups and substances on the list name; a diet or a food names none}
    public List<Substance> substances() {
        return all().stream().flatMap(a -> switch (a) {
            case Avoidance.OfGroup(var _, var group, var _) -> group.members().stream();
            case Avoidance.OfSubstance(var substance, var _) -> Stream.of(substance);
            case Avoidance.OfDiet _,Avoidance.OfFood _ -> Stream.<Substance>empty();
        }).distinct().toList();
    }

    /// {@return what such a dish is, in words: `vegan, without sesame, nuts`}
    public String inWords() { return inWords(all()); }

    /// {@return the same of a list of what is avoided}
    public static String inWords(List<Avoidance> all) {
        var diets = all.stream().filter(Avoidance.OfDiet.class::isInstance)
                .map(a -> said(((Avoidance.OfDiet) a).diet())).toList();
        var out = all.stream().filter(a -> !(a instanceof Avoidance.OfDiet)).map(Avoidance::words).toList();
        return String.join(", ", Stream
                .concat(diets.stream(), out.isEmpty() ? Stream.of() : Stream.of("without " + String.join(", ", out)))
                .toList());
    }

    private static String said(Diet diet) {
        return diet.id().equals("pregnancy") ? "for pregnant guests" : diet.name().toLowerCase();
    }
}
