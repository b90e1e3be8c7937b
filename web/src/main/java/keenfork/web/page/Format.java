package keenfork.web.page;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import keenfork.core.diet.Verdict;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.measure.Mass;
import keenfork.core.recipe.PartKind;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Mark;
import keenfork.format.PlanWords;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/// Figures and words as every screen shows them. Templates call this; they never do sums or choose a word for
/// certainty.
@Component("fmt")
public class Format {

    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.UK);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);
    private final Clock clock;

    public Format(Clock clock) {
        this.clock = clock;
    }

    /// {@return likely grams: `640 g`, `1.8 kg`; a dash where not known}
    public String likely(@Nullable Mass mass) {
        return mass == null ? "–" : grams(mass.likelyGrams());
    }

    /// {@return low to high: `590–690 g`; empty where both read the same}
    public String range(@Nullable Mass mass) {
        if (mass == null || !mass.isRange()) return "";
        var isKilos = mass.highGrams() >= 1000;
        var low = number(isKilos ? mass.lowGrams() / 1000 : mass.lowGrams());
        var high = number(isKilos ? mass.highGrams() / 1000 : mass.highGrams());
        // "1.3–1.3 kg" tells nobody anything
        if (low.equals(high)) return "";
        return low + "–" + high + (isKilos ? " kg" : " g");
    }

    /// {@return `640 g`, `1.8 kg`}
    public static String grams(double grams) {
        return grams >= 1000 ? number(grams / 1000) + " kg" : number(grams) + " g";
    }

    private static String number(double value) {
        var small = value >= 1 ? 1 : 2;
        var digits = value >= 10 ? 0 : small;
        var text = String.format(Locale.ROOT, "%." + digits + "f", value);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }

    /// {@return the symbol of `marks.svg` for a mark, or for nothing found}
    public String symbol(Optional<Mark> mark) {
        return mark.map(
                m -> (m.isPackToRead() ? "m-pack" : symbol(m.certainty(), m.assumed())) + (m.comesOff() ? "-off" : ""))
                .orElse("m-none");
    }

    /// {@return the symbol of a certainty alone}
    public String symbol(Certainty certainty, boolean assumed) {
        return switch (certainty) {
            case CONTAINS -> assumed ? "m-in-assumed" : "m-in";
            case MAY_CONTAIN -> "m-may";
            case CONTACT -> "m-contact";
            case NOT_KNOWN -> "m-unknown";
        };
    }

    /// {@return the words for a mark, as a reader hears them}
    public String words(Optional<Mark> mark) {
        return mark.map(m -> words(m.certainty(), m.assumed()) + (m.isPackToRead() ? ", a pack to read" : "")
                + (m.comesOff() ? ", comes off" : "")).orElse("nothing found");
    }

    /// {@return the same with the members found: `in it: almond, walnut`, and apart from them those of which less is
    /// known: `in it: wheat; perhaps barley`}
    public String full(Optional<Mark> mark) {
        var members = mark.map(m -> m.members().stream().filter(s -> !s.name().equalsIgnoreCase(m.group().label()))
                .collect(Collectors.partitioningBy(s -> isStrongest(m, s)))).orElse(Map.of());
        return words(mark) + named(": ", members.get(true)) + named("; perhaps ", members.get(false));
    }

    private static boolean isStrongest(Mark mark, Substance member) {
        return mark.threads().stream().anyMatch(t -> t.certainty() == mark.certainty()
                && Substances.shipped().isUnder(t.substance(), member));
    }

    private static String named(String before, @Nullable List<Substance> members) {
        return members == null || members.isEmpty() ? ""
                : before + members.stream().map(Substance::name).collect(Collectors.joining(", "));
    }

    public String words(Certainty certainty, boolean assumed) {
        return switch (certainty) {
            case CONTAINS -> assumed ? "in it, assumed until the pack is read" : "in it";
            case MAY_CONTAIN -> "pack says may";
            case CONTACT -> "contact in our kitchen";
            case NOT_KNOWN -> "not known";
        };
    }

    /// {@return the bowl for a verdict}
    public String bowl(Verdict.Answer answer) {
        return switch (answer) {
            case SUITS -> "p-full";
            case DOES_NOT_SUIT -> "p-empty";
            case CANNOT_SAY -> "p-ask";
        };
    }

    /// {@return a moment as the crew says it: `Thu 26 Nov, 14:05`}
    public String moment(Instant moment) { return MOMENT.format(moment.atZone(clock.getZone())); }

    /// {@return a day as the crew says it: `Thu 26 Nov 2026`}
    public String day(LocalDate day) { return DAY.format(day); }

    public String swatch(PartKind kind) { return kind.name().toLowerCase(Locale.ROOT); }

    /// {@return `1 pack`, `2 packs`}
    public String count(long number, String one, String many) {
        return number + " " + one(number, one, many);
    }

    /// {@return what is told behind a comma; empty where there is nothing to tell}
    public String then(String words) { return words.isEmpty() ? "" : ", " + words; }

    /// {@return the word that goes with a number}
    public String one(long number, String one, String many) { return number == 1 ? one : many; }

    /// {@return words with a capital at their front}
    public static String upper(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.UK) + words.substring(1);
    }

    /// {@return names said in one breath: `egg, fish and milk`}
    public String list(List<String> names) {
        if (names.size() < 2) return String.join("", names);
        return String.join(", ", names.subList(0, names.size() - 1)) + " and " + names.getLast();
    }

    /// {@return minutes as a lead time: `10 min`, `2 h`, `9–13 h`}
    public String minutes(int low, int high) { return PlanWords.minutes(low, high); }
}
