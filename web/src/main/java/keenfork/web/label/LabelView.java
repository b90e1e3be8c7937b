package keenfork.web.label;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import keenfork.core.label.Claim;
import keenfork.core.label.Language;
import keenfork.core.label.OnPaper;
import keenfork.core.label.Statement;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// A dish's label as it prints, in its language.
///
/// @param made   the day the food was made and its batch, in words
/// @param keep   the day it keeps until, in words; empty where the label carries none
/// @param claims what it claims; empty where it claims nothing
/// @param said   each sentence: its shape, its phrase and its names
/// @param list   the list of ingredients in stretches, bold and not
/// @param groups each group of the rule book, with what is said of it
record LabelView(String name, RuleBook ruleBook, Language language, String kitchen, String made, String keep, String claims, List<Said> said, List<Statement.Run> list, List<Row> groups) implements Face {
    private static final int SHORT_NAME = 34;
    private static final int FEW_WORDS = 150;

    /// one sentence: "Contains: " and its names
    record Said(String symbol, String title, String phrase, String names, String after) {}

    /// One group of the rule book.
    ///
    /// @param signs how surely which of it is there; empty where nothing was found
    record Row(String group, List<Sign> signs) {
        /// shape, its words, and the members it stands for
        record Sign(String symbol, String title, String members) {}
    }

    /// When the food was made, and what of it.
    ///
    /// @param batch which batch of that day; may be empty
    /// @param until the day it keeps until, or null where the label carries none
    record Made(LocalDate day, String batch, @Nullable LocalDate until) {}

    private record Sure(String key, String symbol, String title, List<String> names) {}

    /// Where the rule book has it so, what the list emphasises is not said once more beside it; what it does not emphasise always is.
    static LabelView of(OnPaper paper, String kitchen, Made made) {
        var book = RuleBook.named(paper.ruleBook()).orElse(RuleBook.uk());
        var language = Language.named(paper.language()).orElse(Language.english());
        var day = DateTimeFormatter.ofPattern("EEE d MMM yyyy", language.locale());
        var sure = List.of(new Sure("contains", "m-in", "in it", paper.contains()), new Sure("may", "m-may", "pack says may", paper.may()),
                new Sure("contact", "m-contact", "contact in our kitchen", paper.contact()), new Sure("unknown", "m-unknown", "not known", paper.unknown()),
                // a list of ingredients names it itself
                new Sure("beside", "m-beside", "beside the law’s list", paper.list().isEmpty() ? paper.beside() : List.of()));
        var words = language.phrase("made").replace("{day}", day.format(made.day)) + (made.batch.isEmpty() ? "" : ", " + language.phrase("batch").replace("{batch}", made.batch));
        return new LabelView(paper.name(), book, language, kitchen, words, made.until == null ? "" : language.phrase("keep").replace("{day}", day.format(made.until)), claims(paper, language),
                sure.stream().filter(s -> !s.names.isEmpty() && !(s.key.equals("contains") && paper.listSaysAll() && book.word("contains-with-list").equals("no"))).map(s -> said(s, book, language)).toList(), paper.runs(), groups(book, language, sure));
    }

    private static String claims(OnPaper paper, Language language) {
        return paper.claims().stream().map(c -> language.word(Claim.words(c).orElse(c))).collect(Collectors.joining(". ", "", paper.claims().isEmpty() ? "" : "."));
    }

    private static Said said(Sure sure, RuleBook book, Language language) {
        var around = language.sentence(sure.key, book).split("\\{list}", -1);
        return new Said(sure.symbol, sure.title, around[0].strip(), OnPaper.grouped(sure.names).stream().map(language::said).collect(Collectors.joining(", ")), around[1]);
    }

    private static List<Row> groups(RuleBook book, Language language, List<Sure> all) {
        var rows = new ArrayList<Row>();
        for (var group : book.groups()) {
            var signs = new ArrayList<Row.Sign>();
            for (var sure : all) {
                var of = sure.names.stream().filter(n -> n.equals(group.label()) || n.startsWith(group.label() + " (")).toList();
                if (!of.isEmpty()) signs.add(new Row.Sign(sure.symbol, sure.title, of.stream().filter(n -> n.endsWith(")")).map(n -> language.word(n.substring(group.label().length() + 2, n.length() - 1))).collect(Collectors.joining(", "))));
            }
            rows.add(new Row(upper(language.word(group.label())), signs));
        }
        return rows;
    }

    private static String upper(String word) { return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1); }

    @Override public String tag() { return language.locale().toLanguageTag(); }

    /// {@return whether it says so little that a card can say it in larger type}
    public boolean isRoomy() { return name.length() <= SHORT_NAME && said.stream().mapToInt(s -> s.phrase.length() + s.names.length() + s.after.length()).sum() + claims.length() <= FEW_WORDS; }

    /// {@return the list of ingredients as text; empty on a label without one}
    String listed() { return list.isEmpty() ? "" : "%s: %s.".formatted(ingredients(), list.stream().map(Statement.Run::text).collect(Collectors.joining())); }

    public String ingredients() { return language.phrase("ingredients"); }

    public String ask() { return language.phrase("ask"); }

    public String none() { return language.phrase("none"); }

    @Override public String text() {
        var sentences = said.stream().map(s -> "%s %s%s".formatted(s.phrase, s.names, s.after)).collect(Collectors.joining(" "));
        return "%s. %s%s%s".formatted(name, list.isEmpty() ? "" : listed() + " ", said.isEmpty() ? list.isEmpty() ? none() : "" : sentences, keep.isEmpty() ? "" : " " + keep);
    }
}
