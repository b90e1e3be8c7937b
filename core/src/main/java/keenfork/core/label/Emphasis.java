package keenfork.core.label;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.core.food.Substance;
import keenfork.core.food.Words;
import keenfork.core.label.Statement.TextRun;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Finding;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Evidence;

/// What stands in bold in a list of ingredients, in names and in the lists of packs: Regulation (EU) No 1169/2011,
/// Article 21 (1) (b). What a word of the list says is told to `said`, so that no brackets repeat it.
final class Emphasis {
    private final RuleBook ruleBook;
    private final Language language;
    private final Wording wording;
    private final Set<Group> below;

    /// @param below groups of which nothing is emphasised, as they count from an amount on that is not reached
    Emphasis(RuleBook ruleBook, Language language, Set<Group> below) {
        this.ruleBook = ruleBook;
        this.language = language;
        this.below = below;
        wording = new Wording(ruleBook, language);
    }

    /// {@return what a list emphasises of what is surely in an ingredient, by its word in the label's language: a word
    /// of the English name is no stand-in for it}
    Map<String, Named> of(List<Evidence> evidence) {
        var words = new LinkedHashMap<String, Named>();
        for (var e : evidence)
            if (e.certainty() == Certainty.CONTAINS)
                for (var named : named(e.substance())) words.put(wording.inList(named), named);
        return words;
    }

    private List<Named> named(Substance substance) {
        return ruleBook.groups().stream().filter(g -> !below.contains(g) && ruleBook.member(g, substance).isPresent())
                .map(g -> Named.of(g, substance, ruleBook)).toList();
    }

    /// A name's words that say a thing as the law has it are set in bold; of several that begin at one place the
    /// longest.
    private static List<TextRun> bold(String text, Map<String, Named> names, Map<String, Named> said) {
        var runs = new ArrayList<TextRun>();
        var at = 0;
        var words = Words.of(text);
        for (var i = 0; i < words.size(); i++) {
            var name = "";
            var last = i;
            for (var candidate : names.keySet()) {
                var wanted = Words.of(candidate).stream().map(Words.Word::text).toList();
                var until = i + wanted.size();
                if (until <= words.size() && until > last && !wanted.isEmpty()
                        && words.subList(i, until).stream().map(Words.Word::text).toList().equals(wanted)) {
                    name = candidate;
                    last = until;
                }
            }
            if (name.isEmpty()) continue;
            var named = names.get(name);
            var start = words.get(i).start();
            var end = words.get(last - 1).end();
            if (start > at) runs.add(new TextRun(text.substring(at, start)));
            runs.add(new TextRun(text.substring(start, end), List.of(named)));
            at = end;
            said.put(name, named);
            i = last - 1;
        }
        if (at < text.length()) runs.add(new TextRun(text.substring(at)));
        return runs;
    }

    /// A pack's list in the label's language, with the words behind its findings in bold.
    List<TextRun> in(Declaration pack, Map<String, Named> said) {
        var list = PackList.of(pack, language);
        if (list.from() == list.to()) return printed(pack, said);
        var names = named(pack, list.pieces());
        var runs = new ArrayList<TextRun>();
        for (var piece : list.pieces()) {
            var its = names.getOrDefault(piece, Map.of());
            var words = in(piece.text(), its, said);
            if (its.isEmpty() || words.stream().anyMatch(TextRun::bold)) runs.addAll(words);
            else runs.add(new TextRun(piece.text(), List.copyOf(its.values())));
        }
        return runs;
    }

    /// A name with the words in it that say a thing as the law has it in bold; the whole of it where it is another form
    /// of such a word.
    List<TextRun> in(String text, Map<String, Named> names, Map<String, Named> said) {
        var runs = bold(text, names, said);
        var same = names.entrySet().stream().filter(n -> PackList.isSame(text, n.getKey(), language)).toList();
        if (same.isEmpty() || runs.stream().anyMatch(TextRun::bold)) return runs;
        same.forEach(n -> said.put(n.getKey(), n.getValue()));
        return List.of(new TextRun(text, same.stream().map(Map.Entry::getValue).toList()));
    }

    /// {@return what each piece of a list names: of the pieces behind one finding those that say it as the law does,
    /// else the longest}
    private Map<PackList.Piece, Map<String, Named>> named(Declaration pack, List<PackList.Piece> pieces) {
        var names = new HashMap<PackList.Piece, Map<String, Named>>();
        for (var finding : findings(pack)) {
            var behind = pieces.stream()
                    .filter(p -> p.isWord() && p.start() < finding.end() && p.end() > finding.start()).toList();
            for (var named : behind.isEmpty() ? List.<Named>of() : named(finding.substance())) {
                var saying = behind.stream().filter(p -> saysIt(p.text(), named)).toList();
                var longest = Collections.max(behind, Comparator.comparingInt(p -> p.end() - p.start()));
                for (var piece : saying.isEmpty() ? List.of(longest) : saying)
                    names.computeIfAbsent(piece, _ -> new LinkedHashMap<>()).put(wording.inList(named), named);
            }
        }
        return names;
    }

    private static List<Finding> findings(Declaration pack) {
        return Stream.concat(pack.findings().stream(), pack.explained().stream())
                .filter(f -> f.says() == Finding.Says.IN).sorted(Comparator.comparingInt(Finding::start)).toList();
    }

    /// A pack's own list as printed, with the words behind its findings in bold.
    private List<TextRun> printed(Declaration pack, Map<String, Named> said) {
        var runs = new ArrayList<TextRun>();
        var list = pack.list();
        var at = list.from();
        for (var f : findings(pack)) {
            if (f.start() < at || f.end() > list.until()) continue;
            var names = named(f.substance());
            if (names.isEmpty()) continue;
            if (f.start() > at) runs.add(new TextRun(pack.text().substring(at, f.start())));
            var printed = pack.text().substring(f.start(), f.end());
            runs.add(new TextRun(printed, names));
            at = f.end();
            // what the maker's word says as the law wants it said needs no brackets behind it
            for (var named : names)
                if (saysIt(printed, named)) said.put(wording.inList(named), named);
        }
        if (at < list.until()) runs.add(new TextRun(pack.text().substring(at, list.until())));
        return runs;
    }

    private boolean saysIt(String printed, Named named) {
        var key = Words.key(printed);
        return key.contains(Words.key(wording.inList(named)))
                || PackList.isSame(printed, wording.inList(named), language) || named.member().isEmpty()
                        && ruleBook.alsoCalled(named.group()).stream().anyMatch(w -> key.contains(Words.key(w)));
    }
}
