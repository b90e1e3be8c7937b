package keenfork.core.label;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Substance;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;

/// Puts what a label names into words: those of its rule book, in its language. This is the one place where that is
/// done.
///
/// @param ruleBook whose groups are named
/// @param language in which they are
public record Wording(RuleBook ruleBook, Language language) {
    private static final String LIST = "{list}";

    /// A sentence of a label.
    ///
    /// @param before what stands before the names: `Contains:`
    /// @param names  what is named, in words
    /// @param after  what stands behind them
    public record Sentence(String before, String names, String after) {
        public String text() { return before + " " + names + after; }
    }

    /// {@return groups in words, each once: `nuts (almond, cashew)`. Where one of them is known and another is not,
    /// both are said: `nuts (almond, others)`}
    public List<String> names(List<Named> all) {
        var groups = new LinkedHashMap<String, List<Named>>();
        for (var named : all) groups.computeIfAbsent(named.group(), _ -> new ArrayList<>()).add(named);
        return groups.entrySet().stream().map(e -> names(e.getKey(), e.getValue())).toList();
    }

    private String names(String group, List<Named> members) {
        var known = new ArrayList<>(members.stream().filter(n -> !n.member().isEmpty()).map(this::member).toList());
        if (known.isEmpty()) return group(group);
        if (known.size() < members.size()) known.add(language.phrase("others"));
        return "%s (%s)".formatted(group(group), String.join(", ", known));
    }

    /// {@return one thing in words, with its group: `nuts (almond)`}
    public String one(Named named) { return names(named.group(), List.of(named)); }

    /// {@return a group's word; what is no group of the rule book as it is written}
    public String group(String id) { return language.word(ruleBook.group(id).map(Group::label).orElse(id)); }

    /// {@return the word of a member alone; the group's where it is not known which}
    public String member(Named named) {
        return named.member().isEmpty() ? group(named.group()) : language.word(english(named));
    }

    /// {@return what stands in bold in a list: a kind that the language has no word for is named with its group}
    String inList(Named named) {
        return named.member().isEmpty() || language.has(english(named)) ? member(named)
                : "%s (%s)".formatted(group(named.group()), english(named));
    }

    private static String english(Named named) { return named.substance().map(Substance::name).orElse(named.member()); }

    /// {@return what stands on a label, each word once. Under a rule book that has each kind named alone `almond,
    /// cashew`, else `nuts (almond, cashew)`; of a group that is in it already the others: `other nuts (pistachio)`}
    /// @param inIt the groups that are said to be in it already
    private List<String> onLabel(List<Named> all, Set<String> inIt) {
        var groups = new LinkedHashMap<String, List<Named>>();
        for (var named : all) groups.computeIfAbsent(named.group(), _ -> new ArrayList<>()).add(named);
        var words = new LinkedHashSet<String>();
        groups.forEach((group, members) -> {
            var known = members.stream().filter(n -> !n.member().isEmpty()).map(this::member).toList();
            var isApart = isNamedApart(group);
            var head = isApart && inIt.contains(group) ? others(group) : group(group);
            if (known.isEmpty()) words.add(head);
            else if (ruleBook.asks().membersAlone()) {
                words.addAll(known);
                if (known.size() < members.size()) words.add(others(group));
            } else words.add(head.equals(group(group)) ? names(group, members)
                    : "%s (%s)".formatted(head, String.join(", ", known)));
        });
        return List.copyOf(words);
    }

    private boolean isNamedApart(String group) {
        return ruleBook.group(group).filter(g -> g.naming() != Group.Naming.GROUP).isPresent();
    }

    /// {@return what the rest of a group is called: `other nuts`}
    private String others(String group) {
        var english = "other " + ruleBook.group(group).map(Group::label).orElse(group);
        return language.has(english) ? language.word(english)
                : "%s (%s)".formatted(group(group), language.phrase("others"));
    }

    /// {@return a sentence of a label about what is named; empty where nothing is}
    /// @param inIt the groups that are said to be in it already
    public Optional<Sentence> sentence(Certainty certainty, List<Named> all, Set<String> inIt) {
        return all.isEmpty() ? Optional.empty()
                : Optional.of(sentence(key(certainty), String.join(", ", onLabel(all, inIt))));
    }

    /// {@return a sentence about what is named, group by group; empty where nothing is}
    public Optional<Sentence> sentence(Certainty certainty, List<Named> all) {
        return all.isEmpty() ? Optional.empty() : Optional.of(sentence(key(certainty), String.join(", ", names(all))));
    }

    /// {@return the sentence about what stands beside the law's list; empty where nothing does}
    /// @param substances their keys
    public Optional<Sentence> beside(List<String> substances) {
        return substances.isEmpty() ? Optional.empty() : Optional.of(sentence("beside", substances(substances)));
    }

    /// {@return substances in words, one after the other}
    private String substances(List<String> ids) {
        return ids.stream().map(id -> new Named("", id)).map(this::member).collect(Collectors.joining(", "));
    }

    private Sentence sentence(String key, String names) {
        var phrase = language.sentence(key, ruleBook);
        var at = phrase.indexOf(LIST);
        if (at < 0) throw new IllegalStateException("\"%s\" of %s has no %s".formatted(key, language.id(), LIST));
        return new Sentence(phrase.substring(0, at).strip(), names, phrase.substring(at + LIST.length()));
    }

    /// {@return a day as labels of the rule book have it, in the language}
    public String day(LocalDate day) {
        return DateTimeFormatter.ofPattern(language.sentence("day", ruleBook), language.locale()).format(day);
    }

    /// {@return until when it keeps, and how it is kept: Regulation (EU) No 1169/2011, Article 24 and Annex X}
    public String keep(LocalDate until, DateMark mark) {
        return language.phrase(mark.phrase()).replace("{day}", day(until));
    }

    /// {@return how surely something is there, in the few words beside its shape}
    public String mark(Certainty certainty) { return language.phrase("mark-" + key(certainty)); }

    private static String key(Certainty certainty) {
        return switch (certainty) {
            case CONTAINS -> "contains";
            case MAY_CONTAIN -> "may";
            case CONTACT -> "contact";
            case NOT_KNOWN -> "unknown";
        };
    }
}
