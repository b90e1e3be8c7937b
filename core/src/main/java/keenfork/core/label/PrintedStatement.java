package keenfork.core.label;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;

/// What a dish's label says, in what it names and not in words. As a document it is kept by
/// `keenfork.format.PrintJson`.
///
/// @param name     the dish
/// @param ruleBook the key of the rule book it follows
/// @param language the key of the language it is in
/// @param claims   diets it claims to suit, by their keys
/// @param said     what is named, by how surely
/// @param beside   the keys of what stands beside the law's list; the list of ingredients names it where there is one
/// @param list     the list of ingredients as printed; empty on a label without one
/// @param contact  how it is said that something may have come by shared kit
/// @param again    the other languages that it says all of it again in
public record PrintedStatement(String name, String ruleBook, String language, List<String> claims,
        Map<Certainty, List<Named>> said, List<String> beside, List<Statement.TextRun> list,
        ContactWording contact, List<Again> again) implements OnPaper {
    public PrintedStatement {
        claims = List.copyOf(claims);
        said = Statement.levels(said);
        beside = List.copyOf(beside);
        list = List.copyOf(list);
        again = List.copyOf(again);
    }

    /// What is put in words of its own in another language; the rest follows from what is said.
    ///
    /// @param language the key of the language
    /// @param list     the list of ingredients in it; empty on a label without one
    public record Again(String language, List<Statement.TextRun> list) {
        public Again {
            list = List.copyOf(list);
        }
    }

    /// What is said in one language alone.
    public PrintedStatement(String name, String ruleBook, String language, List<String> claims,
            Map<Certainty, List<Named>> said, List<String> beside, List<Statement.TextRun> list,
            ContactWording contact) {
        this(name, ruleBook, language, claims, said, beside, list, contact, List.of());
    }

    /// What was printed before the kitchen could choose how contact is said.
    public PrintedStatement(String name, String ruleBook, String language, List<String> claims,
            Map<Certainty, List<Named>> said, List<String> beside, List<Statement.TextRun> list) {
        this(name, ruleBook, language, claims, said, beside, list, ContactWording.HELD);
    }

    /// {@return what a label says}
    /// @param withList whether it carries the list of ingredients
    public static PrintedStatement of(Statement s, boolean withList) {
        return new PrintedStatement(s.name(), s.ruleBook().id(), s.language().id(), List.of(), s.said(), s.beside(),
                withList ? list(s) : List.of(), ContactWording.MAY);
    }

    /// {@return what a packed label says of a dish: in its language, and again in the others that the rule book asks
    /// for}
    /// @param statements what is said in each of them, its own first: see [#inLanguages]
    public static PrintedStatement packed(List<Statement> statements) {
        var all = statements.stream().map(s -> of(s, true)).toList();
        return all.getFirst().again(all.subList(1, all.size()));
    }

    /// {@return what is said of a dish in a language, then in each other that the rule book asks for on a pack}
    public static List<Statement> inLanguages(Derivation dish, RuleBook ruleBook, Language first) {
        var others = ruleBook.asks().languages().stream().filter(l -> !l.equals(first.id()))
                .flatMap(l -> Language.named(l).stream());
        return Stream.concat(Stream.of(first), others).map(l -> Statement.compose(dish, ruleBook, l)).toList();
    }

    private static List<Statement.TextRun> list(Statement s) {
        var list = new ArrayList<Statement.TextRun>();
        for (var item : s.ingredients()) {
            if (!list.isEmpty()) list.add(new Statement.TextRun(", "));
            list.addAll(item.runs());
        }
        return list;
    }

    /// {@return the same with what it claims}
    /// @param diets their keys
    public PrintedStatement claiming(List<String> diets) {
        return new PrintedStatement(name, ruleBook, language, diets, said, beside, list, contact, again);
    }

    /// {@return the same with contact said in another way}
    public PrintedStatement wording(ContactWording other) {
        return new PrintedStatement(name, ruleBook, language, claims, said, beside, list, other, again);
    }

    /// {@return the same, saying all of it again in other languages}
    /// @param others what it says in each of them
    public PrintedStatement again(List<PrintedStatement> others) {
        return new PrintedStatement(name, ruleBook, language, claims, said, beside, list, contact,
                others.stream().map(o -> new Again(o.language, o.list)).toList());
    }

    /// {@return what it says in each of its other languages}
    public List<PrintedStatement> others() {
        return again.stream().map(a -> new PrintedStatement(name, ruleBook, a.language, claims, said, beside, a.list,
                contact)).toList();
    }

    /// {@return what is named so surely}
    public List<Named> said(Certainty certainty) { return said.getOrDefault(certainty, List.of()); }

    /// {@return whether everything in it is emphasised in the list, so that the list may stand for it; false on a label
    /// without a list}
    public boolean listSaysAll() {
        return !list.isEmpty() && list.stream().flatMap(r -> r.names().stream()).collect(Collectors.toSet())
                .containsAll(said(Certainty.CONTAINS));
    }

    /// {@return the words it is put in; those of the United Kingdom and English where its own are shipped no more}
    public Wording wording() {
        return new Wording(RuleBook.named(ruleBook).orElse(RuleBook.uk()),
                Language.named(language).orElse(Language.english()));
    }

    /// A sentence below the list.
    ///
    /// @param how   how surely what it names is there; empty for what stands beside the law's list
    public record Told(Optional<Certainty> how, Wording.Sentence words) {}

    /// {@return what stands below the list, the surest first. Where the rule book has it so, what the list emphasises
    /// is not said once more beside it; what it does not emphasise always is}
    public List<Told> told() {
        var wording = wording();
        var told = new ArrayList<Told>();
        var listStands = listSaysAll() && !wording.ruleBook().asks().repeatsContains();
        var inIt = said(Certainty.CONTAINS).stream().map(Named::group).collect(Collectors.toSet());
        var worded = worded();
        for (var certainty : Certainty.values()) {
            if (certainty == Certainty.CONTAINS && listStands) continue;
            wording.sentence(certainty, worded.getOrDefault(certainty, List.of()),
                    certainty == Certainty.CONTAINS ? Set.of() : inIt)
                    .ifPresent(w -> told.add(new Told(Optional.of(surest(certainty)), w)));
        }
        // a list of ingredients names it itself
        if (list.isEmpty()) wording.beside(beside).ifPresent(s -> told.add(new Told(Optional.empty(), s)));
        return told;
    }

    /// A sentence in which nothing stands but what came by shared kit is about that.
    private Certainty surest(Certainty certainty) {
        return certainty == Certainty.MAY_CONTAIN && said(certainty).isEmpty() ? Certainty.CONTACT : certainty;
    }

    /// What stands in each sentence: what may have come by shared kit stands with what packs say may be in it, or in a
    /// sentence of its own.
    private Map<Certainty, List<Named>> worded() {
        if (contact == ContactWording.HELD || said(Certainty.CONTACT).isEmpty()) return said;
        var worded = new EnumMap<>(said);
        var may = new ArrayList<>(said(Certainty.MAY_CONTAIN));
        may.addAll(said(Certainty.CONTACT));
        worded.put(Certainty.MAY_CONTAIN, may);
        worded.remove(Certainty.CONTACT);
        return worded;
    }

    /// {@return the list of ingredients in words, with its headline; empty on a label without one}
    public String listed() {
        if (list.isEmpty()) return "";
        return "%s %s.".formatted(wording().language().phrase("ingredients"),
                list.stream().map(Statement.TextRun::text).collect(Collectors.joining()));
    }

    /// {@return all that it says, as one text}
    public String text() {
        var sentences = told().stream().map(t -> t.words().text()).collect(Collectors.joining(" "));
        if (sentences.isEmpty() && list.isEmpty()) sentences = wording().language().phrase("none");
        var own = Stream.of(name + ".", listed(), sentences).filter(s -> !s.isEmpty());
        return Stream.concat(own, others().stream().map(PrintedStatement::text)).collect(Collectors.joining(" "));
    }

    /// {@return how surely something is said to be there; empty where it is not said}
    Optional<Certainty> level(Named named) {
        return said.entrySet().stream().filter(e -> e.getValue().contains(named)).map(Map.Entry::getKey).findFirst();
    }

    /// {@return all that is named, the surest first}
    List<Named> named() { return said.values().stream().flatMap(List::stream).toList(); }

    /// {@return the same as another rule book has it named: it is compared in substances. What that book does not group
    /// falls away; what it groups otherwise stands in its groups}
    PrintedStatement under(RuleBook other) {
        var from = RuleBook.named(ruleBook);
        if (from.isEmpty() || other.id().equals(ruleBook)) return this;
        var moved = new EnumMap<Certainty, List<Named>>(Certainty.class);
        var before = new HashSet<Named>();
        said.forEach((certainty, names) -> {
            var all = new LinkedHashSet<Named>();
            for (var named : names) all.addAll(under(named, from.get(), other));
            all.removeIf(n -> !before.add(n));
            moved.put(certainty, List.copyOf(all));
        });
        return new PrintedStatement(name, ruleBook, language, claims, moved, beside, list, contact, again);
    }

    private static List<Named> under(Named named, RuleBook from, RuleBook other) {
        var group = from.group(named.group());
        if (group.isEmpty()) return List.of(named);
        var substances = named.substance().map(List::of).orElse(group.get().members());
        var all = new LinkedHashSet<Named>();
        for (var s : substances)
            for (var place : other.placesOf(s)) {
                var there = Named.of(place.group(), s, other);
                // of a group that is named as a whole nobody knows which it was
                all.add(named.member().isEmpty() && substances.size() > 1 ? new Named(there.group(), "") : there);
            }
        return List.copyOf(all);
    }

    /// A mark of all that the law wants said; what stands beside its list is not part of it. It is made of words, so
    /// that reports that were filed under it go on holding.
    @Override
    public String fingerprint() {
        var words = new Wording(RuleBook.named(ruleBook).orElse(RuleBook.uk()), Language.english());
        var text = new StringBuilder("name: %s\nrules: %s\n".formatted(line(name), ruleBook));
        if (!language.equals(Language.english().id())) text.append("language: ").append(language).append('\n');
        if (!claims.isEmpty()) text.append("claims: ").append(joined(claims)).append('\n');
        var keys = List.of("contains", "may", "contact", "unknown");
        for (var certainty : Certainty.values())
            text.append(keys.get(certainty.ordinal())).append(": ")
                    .append(joined(said(certainty).stream().map(words::one).toList())).append('\n');
        text.append("list: ").append(marked());
        for (var other : others()) text.append("\nagain: ").append(other.language).append(' ').append(other.marked());
        return OnPaper.fingerprint(text.toString());
    }

    /// {@return whether two lists read alike: the same words, the same ones in bold}
    boolean readsAs(PrintedStatement other) { return marked().equals(other.marked()); }

    private String marked() {
        return line(list.stream().map(r -> r.bold() ? "*" + r.text().replace("*", "") + "*" : r.text().replace("*", ""))
                .collect(Collectors.joining()));
    }

    private static String joined(List<String> names) {
        return line(String.join(" ; ", names.stream().map(n -> n.replace("\\", "\\\\").replace(";", "\\;")).toList()));
    }

    private static String line(String words) { return words.replaceAll("\\s+", " ").strip(); }
}
