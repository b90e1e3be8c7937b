package keenfork.core.food;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Lexicon.Match;

/// What is called after an animal's food and is made of something else: "vegan beef", "mock chicken", "bacon
/// substitute". It holds what makers put in its place, and nobody may take it for the animal's.
public final class Imitation {
    private static final String NOT_DENIED = "(?<!\\p{L})(?<!\\b(?:" + Grammar.anyOf("denies-imitation") + ")[- ])";
    private static final Pattern OF_ANY = before("imitates");
    private static final Pattern OF_FLESH = before("imitates-flesh");
    private static final Pattern OF_DAIRY = before("imitates-dairy");
    private static final Pattern BEHIND =
            Pattern.compile("(?i)\\s+(?:" + Grammar.anyOf("imitation") + ")\\b(?!\\s+(?:\\p{L}|\\d))");
    private static final Pattern DENIED = Pattern.compile("(?i)\\b(?:" + Grammar.anyOf("denies-imitation") + ")[- ]$");
    private static final Pattern LEADS = Pattern.compile(
            "(?i)(?:" + Grammar.anyOf("imitates") + "|" + Grammar.anyOf("imitates-flesh") + ")[- ]");
    private static final List<String> SAID = Stream.of("imitates", "imitates-flesh", "imitates-dairy", "imitation")
            .flatMap(kind -> Grammar.list(kind).stream()).map(Words::key).distinct().toList();
    private static final int FURTHEST = 20;

    private Imitation() {}

    /// {@return the matches, with what stands in the place of an animal's food}
    static List<Match> foods(String text, List<Match> matches) {
        return matches.stream().anyMatch(m -> meant(text, m).isPresent())
                ? matches.stream().map(m -> meant(text, m).map(f -> of(m, f)).orElse(m)).toList() : matches;
    }

    /// {@return whether a text calls something an imitation: "vegan beef" does beef, and "bacon substitute" bacon}
    /// @param name its key, as [Words#key] gives it
    public static boolean isOf(String text, String name) {
        var said = " " + Words.key(text) + " ";
        return said.contains(" " + name + " ") && SAID.stream()
                .anyMatch(i -> said.contains(" " + i + " " + name + " ") || said.contains(" " + name + " " + i + " "));
    }

    private static Optional<Meaning> meant(String text, Match match) {
        if (match.start() == 0 && (match.end() == text.length() || text.charAt(match.end()) != ' '))
            return Optional.empty();
        return standIn(text, match).<Meaning>map(Meaning.OfFood::new).or(() -> denied(text, match));
    }

    /// "non-vegan cheese" is the animal's
    private static Optional<Meaning> denied(String text, Match match) {
        if (!DENIED.matcher(text.substring(0, match.start())).find()) return Optional.empty();
        var named = LEADS.matcher(match.text());
        return named.lookingAt() ? Foods.shipped().meaning(match.text().substring(named.end())) : Optional.empty();
    }

    private static Match of(Match match, Meaning meaning) {
        return new Match(match.text(), meaning, match.start(), match.end(), match.taken());
    }

    private static Optional<Food> standIn(String text, Match match) {
        if (!(match.meaning() instanceof Meaning.OfFood(var food))) return Optional.empty();
        return of(food, text.substring(Math.max(0, match.start() - FURTHEST), match.start()),
                BEHIND.matcher(text).region(match.end(), text.length()).lookingAt());
    }

    /// {@return what stands in the place of a food that words before it call an imitation}
    private static Optional<Food> of(Food food, String before, boolean isBehind) {
        var imitated = isBehind || OF_ANY.matcher(before).find();
        var standIn = switch (food.origin()) {
            case FLESH -> named("meat alternative", imitated || OF_FLESH.matcher(before).find());
            case FISH -> named("fish alternative", imitated || OF_FLESH.matcher(before).find());
            case DAIRY -> named("dairy alternative", imitated || OF_DAIRY.matcher(before).find());
            case EGG -> named("egg replacer", imitated);
            default -> Optional.<Food>empty();
        };
        return food.isCompound() ? standIn.map(food::imitatedWith) : standIn;
    }

    /// {@return what stands in the place of a food where all that is said behind it is that it imitates one: "beef,
    /// plant based", "prawns (vegan)"}
    static Optional<Food> saidBehind(Food food, String words) { return of(food, words.strip() + " ", false); }

    private static Optional<Food> named(String name, boolean imitated) {
        return imitated ? Foods.shipped().find(name) : Optional.empty();
    }

    private static Pattern before(String kind) {
        return Pattern.compile("(?i)" + NOT_DENIED + "(?:" + Grammar.anyOf(kind) + ")[- ]$");
    }
}
