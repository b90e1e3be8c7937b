package keenfork.web.dish;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.UnitNames;
import keenfork.core.kitchen.LarderPack;
import keenfork.core.recipe.Answer;
import keenfork.core.recipe.Line;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Question;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.Sign;
import org.jspecify.annotations.Nullable;

/// A line as read: what was written, its grams, its food, its marks, its pack, and what it asks.
record LineView(String text, String amount, List<Spoken> rest, List<Taken> taken, String likely, String range,
        String food, String note, List<Sign> marks, PackNote pack, List<Ask> asks, Whisker whisker) {
    private static final Pattern AMOUNT = Pattern.compile("(?iU)^(?:juice of |zest of )?[\\d½⅓⅔¼¾⅛.,/ –-]+(?:"
            + UnitNames.all().stream().map(u -> Pattern.quote(u.word())).collect(Collectors.joining("|"))
            + ")?(?=\\s)");
    private static final PackNote NONE = new PackNote("", "", List.of());

    /// A stretch of a line in one voice.
    ///
    /// @param voice how it was taken: `said`, `past` (it says only how), `as` (for another word), `open` (not known)
    record Spoken(String text, String voice) {}

    /// Words that were taken for others.
    ///
    /// @param no the line with them as a name of their own, where that is no such thing
    record Taken(String words, String as, String no) {}

    /// The pack a line takes its product from; words and link are empty where it takes none.
    ///
    /// @param others packs of the same food it may take instead
    record PackNote(String words, String link, List<Other> others) {}

    /// another pack of a line's food
    record Other(long id, String label) {}

    /// A question with what answers it.
    ///
    /// @param answers lines to choose from
    /// @param link    where it is answered, or an empty string
    /// @param doing   what is done there
    /// @param picks   whether any food of the table may be named for it
    record Ask(String words, List<Answer> answers, String link, String doing, boolean picks) {}

    /// low, likely and high on one log scale for all lines, 1 g to 10 kg at 4 to 104; nothing is drawn where `shown` is
    /// false
    record Whisker(boolean shown, boolean exact, double low, double likely, double high) {
        static Whisker of(Line line) {
            var mass = line.mass();
            if (mass == null || mass.likely() == 0) return new Whisker(false, false, 0, 0, 0);
            return new Whisker(true, !mass.isRange(), x(mass.lowGrams()), x(mass.likelyGrams()), x(mass.highGrams()));
        }

        private static double x(double grams) {
            return Math.clamp(Math.log10(Math.max(grams, 1)) / 4 * 100 + 4, 4, 104);
        }
    }

    static LineView of(Line line, long dish, List<Evidence> evidence, List<Question> questions, Menu menu,
            Format format) {
        var split = amountEnd(line.text());
        return new LineView(line.text(), line.text().substring(0, split), spoken(line, split), taken(line),
                format.likely(line.mass()), format.range(line.mass()), foods(line),
                note(line, format), Sign.ofLine(evidence, menu.ruleBook(), format), pack(line, dish, menu),
                asks(line, dish, questions, menu), Whisker.of(line));
    }

    private static List<Taken> taken(Line line) {
        return line.words().as().entrySet().stream().filter(e -> Foods.shipped().isShortForm(e.getKey()))
                .map(e -> new Taken(e.getKey(), e.getValue(), Answer.asItsOwn(line, e.getKey()))).toList();
    }

    /// The line's words in their voices, behind its amount.
    private static List<Spoken> spoken(Line line, int from) {
        var voices = new LinkedHashMap<String, String>();
        line.readPast().forEach(w -> voices.put(w, "past"));
        line.words().as().keySet().forEach(w -> voices.put(w, "as"));
        line.unread().forEach(w -> voices.put(w, "open"));
        line.words().doubts().forEach(d -> voices.put(d.word(), "open"));
        var text = line.text();
        var stretches = new ArrayList<Spoken>();
        var at = from;
        while (at < text.length()) {
            var next = next(text, at, voices.keySet());
            if (next == null) break;
            if (next.from > at) stretches.add(new Spoken(text.substring(at, next.from), "said"));
            stretches.add(new Spoken(text.substring(next.from, next.to),
                    voices.getOrDefault(text.substring(next.from, next.to), "said")));
            at = next.to;
        }
        if (at < text.length()) stretches.add(new Spoken(text.substring(at), "said"));
        return stretches;
    }

    private record Stretch(int from, int to) {}

    /// {@return the first place from a place on where one of some words stands by itself, the longest of those that
    /// start there; null where none does}
    private static @Nullable Stretch next(String text, int from, Set<String> words) {
        for (var at = from; at < text.length(); at++) {
            if (at > 0 && Character.isLetterOrDigit(text.charAt(at - 1)) || !Character.isLetterOrDigit(text.charAt(at)))
                continue;
            var longest = 0;
            for (var word : words) {
                var end = at + word.length();
                if (word.length() > longest && text.startsWith(word, at)
                        && (end == text.length() || !Character.isLetterOrDigit(text.charAt(end))))
                    longest = word.length();
            }
            if (longest > 0) return new Stretch(at, at + longest);
        }
        return null;
    }

    private static int amountEnd(String text) {
        var matcher = AMOUNT.matcher(text);
        return matcher.find() ? matcher.end() : 0;
    }

    private static String foods(Line line) {
        if (!line.dish().isEmpty()) return "our own " + line.dish();
        if (line.isStatement()) return "the recipe states it, and names no food";
        var names = new LinkedHashSet<String>();
        for (var choice : line.choices()) names.add(named(choice.main()));
        if (names.isEmpty()) return "not read";
        return String.join(line.choices().size() > 1 ? " or " : ", ", names);
    }

    private static String named(Meaning meaning) {
        return switch (meaning) {
            case Meaning.OfFood(var food) -> food.name();
            // "2 TL Senf": a word of the law, and no food of the table
            case Meaning.OfSubstances(var all) -> all.stream().map(s -> s.name()).collect(Collectors.joining(" or "));
            case Meaning.Vague _ -> "a word for several things";
        };
    }

    private static String note(Line line, Format format) {
        var becomes = line.becomes() == null ? "" : "becomes " + format.likely(line.becomes());
        if (!line.optional()) return becomes;
        return becomes.isEmpty() ? "optional" : "optional, " + becomes;
    }

    private static PackNote pack(Line line, long dish, Menu menu) {
        if (line.isStatement()) return NONE;
        if (line.pack() != null) return new PackNote("its pack stands under it", "", List.of());
        if (!line.dish().isEmpty())
            return menu.dishes().stream().filter(d -> d.name().equalsIgnoreCase(line.dish())).findFirst()
                    .map(d -> new PackNote("open its recipe", "/dishes/" + d.id(), List.of())).orElse(NONE);
        return menu.packFor(dish, line)
                .map(p -> new PackNote(p.value().label() + state(p.value(), menu), "/larder/" + p.id(),
                        menu.packs().stream()
                                .filter(o -> o.id() != p.id() && o.value().food().equals(p.value().food()))
                                .map(o -> new Other(o.id(), o.value().label())).toList()))
                .orElse(NONE);
    }

    private static String state(LarderPack pack, Menu menu) {
        if (!pack.isRead()) return ", unread";
        if (menu.isDue(pack)) return ", read it again";
        return menu.day().equals(pack.standsInOn()) ? ", stands in today" : "";
    }

    private static List<Ask> asks(Line line, long dish, List<Question> questions, Menu menu) {
        var asks = new ArrayList<Ask>();
        for (var question : questions.stream().distinct().toList()) {
            // the answers are of the line: under its first question they stand once
            var isAnswered = asks.stream().anyMatch(a -> !a.answers().isEmpty());
            asks.add(ask(line, dish, question, isAnswered, menu));
        }
        return asks;
    }

    private static Ask ask(Line line, long dish, Question question, boolean isAnswered, Menu menu) {
        return switch (question.settles()) {
            case WORDS -> words(question.ask(), Answer.to(line, menu.volumes()), line.isUnread());
            case PACK ->
                    menu.packFor(dish, line)
                            .map(p -> new Ask(question.ask(), List.of(), "/larder/" + p.id(), "Read the pack", false))
                            .orElseGet(() -> new Ask(question.ask(),
                                    line.isReadThrough() && !isAnswered ? Answer.to(line, menu.volumes()) : List.of(),
                                    newPack(line), "Read the pack", false));
            case RECIPE -> new Ask(question.ask(), List.of(), line.dish().isEmpty() ? "" : "/dishes/new",
                    "Write that dish", false);
        };
    }

    /// Where the choices stand on buttons, the question need not say them again.
    private static Ask words(String ask, List<Answer> answers, boolean picks) {
        return new Ask(answers.isEmpty() || ask.indexOf(':') < 0 ? ask : ask.substring(0, ask.indexOf(':')) + "?",
                answers, "", "", picks);
    }

    private static String newPack(Line line) {
        return line.food().map(f -> "/larder/new?food=" + URLEncoder.encode(f.name(), StandardCharsets.UTF_8))
                .orElse("/larder/new");
    }
}
