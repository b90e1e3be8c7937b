package keenfork.paper;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.label.Claim;
import keenfork.core.label.Language;
import keenfork.core.label.OnPack;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.label.Wording;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import org.jspecify.annotations.Nullable;

/// A dish's label as it prints, in its language.
///
/// @param made   the day the food was made and its batch, in words
/// @param keep   the day it keeps until, in words; empty where the label carries none
/// @param net    how much is in it; empty where it does not say
/// @param use    how it is made ready; empty where nothing needs saying
/// @param claims what it claims; empty where it claims nothing
/// @param said   each sentence: its shape, its phrase and its names
/// @param list   the list of ingredients in stretches, bold and not
/// @param groups each group of the rule book, with what is said of it
/// @param listed the list of ingredients as text; empty on a label without one
/// @param words  all it says as text, without the day it keeps until
/// @param looked that shared kit was not looked at; empty where it was
/// @param again  all of it once more, in each other language that the rule book asks for on a pack
public record LabelView(String name, RuleBook ruleBook, Language language, String kitchen, String made, String keep,
        String net, String use, String claims, List<Said> said, List<Statement.TextRun> list, List<GroupLine> groups,
        String listed,
        String words, String looked, List<LabelView> again)
        implements Face {
    private static final int SHORT_NAME = 34;
    private static final int FEW_WORDS = 150;

    /// one sentence with its shape
    public record Said(String symbol, String title, Wording.Sentence words) {
        public String phrase() { return words.before(); }

        public String names() { return words.names(); }

        public String after() { return words.after(); }
    }

    /// One group of the rule book.
    ///
    /// @param signs how surely which of it is there; empty where nothing was found
    public record GroupLine(String group, List<Sign> signs) {
        /// shape, its words, and the members it stands for
        public record Sign(String symbol, String title, String members) {}
    }

    /// When the food was made, and what of it.
    ///
    /// @param batch which batch of that day; may be empty
    /// @param until the day it keeps until, or null where the label carries none
    /// @param pack  what it says of the pack
    /// @param inRun whether it was looked at what shared kit may have left in it; true where that is not known any more
    public record MadeOn(LocalDate day, String batch, @Nullable LocalDate until, OnPack pack, boolean inRun) {
        public MadeOn(LocalDate day, String batch, @Nullable LocalDate until) {
            this(day, batch, until, OnPack.PLAIN, true);
        }
    }

    /// how surely, by shape and words
    private static GroupLine.Sign sign(Certainty certainty, String members, Wording wording) {
        var shape = switch (certainty) {
            case CONTAINS -> "m-in";
            case MAY_CONTAIN -> "m-may";
            case CONTACT -> "m-contact";
            case NOT_KNOWN -> "m-unknown";
        };
        return new GroupLine.Sign(shape, wording.mark(certainty), members);
    }

    public static LabelView of(PrintedStatement paper, String kitchen, MadeOn made) {
        var wording = paper.wording();
        var language = wording.language();
        var words = language.phrase("made").replace("{day}", wording.day(made.day))
                + (made.batch.isEmpty() ? "" : ", " + language.phrase("batch").replace("{batch}", made.batch));
        return new LabelView(paper.name(), wording.ruleBook(), language, kitchen, words,
                made.until == null ? "" : wording.keep(made.until, made.pack.mark()),
                made.pack.net().map(n -> n.words(wording.ruleBook(), language)).orElse(""), made.pack.use(),
                claims(paper, language),
                paper.told().stream().map(t -> said(t, wording)).toList(), paper.list(),
                wording.ruleBook().groups().stream().map(g -> row(g, paper, wording)).toList(), paper.listed(),
                paper.text(), made.inRun ? "" : language.phrase("not-looked"),
                paper.others().stream().map(o -> of(o, kitchen, made)).toList());
    }

    private static String claims(PrintedStatement paper, Language language) {
        return paper.claims().stream().map(c -> language.word(Claim.words(c).orElse(c)))
                .collect(Collectors.joining(". ", "", paper.claims().isEmpty() ? "" : "."));
    }

    private static Said said(PrintedStatement.Told told, Wording wording) {
        var sign = told.how().map(c -> sign(c, "", wording)).orElseGet(
                () -> new GroupLine.Sign("m-beside", wording.language().phrase("mark-beside"), ""));
        return new Said(sign.symbol, sign.title, told.words());
    }

    private static GroupLine row(Group group, PrintedStatement paper, Wording wording) {
        var signs = new ArrayList<GroupLine.Sign>();
        for (var certainty : Certainty.values()) {
            var of = paper.said(certainty).stream().filter(n -> n.group().equals(group.id())).toList();
            if (!of.isEmpty())
                signs.add(sign(certainty, of.stream().filter(n -> !n.member().isEmpty())
                        .map(wording::member).collect(Collectors.joining(", ")), wording));
        }
        return new GroupLine(upper(wording.group(group.id())), signs);
    }

    private static String upper(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    @Override
    public String tag() { return language.locale().toLanguageTag(); }

    /// {@return how it is set: `roomy` where it says so little that a card can say it in larger type}
    public String air() { return isRoomy() ? "roomy" : ""; }

    private boolean isRoomy() {
        return name.length() <= SHORT_NAME
                && said.stream().mapToInt(s -> s.words.text().length()).sum() + claims.length() <= FEW_WORDS;
    }

    public String ingredients() { return language.phrase("ingredients"); }

    public String ask() { return language.phrase("ask"); }

    /// {@return how surely each shape says it, in the label's language: `m-in`, `m-may`, `m-contact`, `m-unknown`}
    public List<GroupLine.Sign> key() {
        var wording = new Wording(ruleBook, language);
        return Arrays.stream(Certainty.values()).map(c -> sign(c, "", wording)).toList();
    }

    /// {@return the list of ingredients, cut where a line may end}
    public List<Unbroken> stretches() {
        var all = new ArrayList<>(list);
        all.add(new Statement.TextRun(".", List.of()));
        return Unbroken.of(all);
    }

    public String nothingFound() { return language.phrase("mark-none"); }

    public String officer() { return language.phrase("officer"); }

    public String nothing() { return language.phrase("nothing"); }

    public String book() { return language.phrase("rule-book").replace("{book}", ruleBook.name()); }

    public String none() { return language.phrase("none"); }

    @Override
    public String text() {
        return Stream.of(words, keep, net, use).filter(t -> !t.isEmpty()).collect(Collectors.joining(" "));
    }
}
