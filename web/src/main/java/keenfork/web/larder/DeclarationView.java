package keenfork.web.larder;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.IntStream;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Finding;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import keenfork.web.page.Format;

/// A declaration as read: its text with the findings underlined, what was found, and what to ask the supplier.
///
/// @param in  what is in it
/// @param may what the pack says may be in it
record DeclarationView(List<Piece> pieces, List<GroupFound> in, List<GroupFound> may, List<String> questions,
        boolean empty) {
    /// a stretch of the text; `look` is empty, `in`, `may` or `ask`
    record Piece(String text, String look) {
        /// {@return how it is set, by what was read in it}
        public String style() { return look.isEmpty() ? "" : "u-" + look; }
    }

    /// a group found
    record GroupFound(String symbol, String name, String words) {}

    static DeclarationView of(Declaration declaration, RuleBook ruleBook, Format format) {
        var questions = new ArrayList<>(declaration.contradictions());
        declaration.vague().forEach(v -> questions.add(v.question()));
        return new DeclarationView(pieces(declaration, ruleBook), found(declaration, Finding.Says.IN, ruleBook, format),
                found(declaration, Finding.Says.MAY, ruleBook, format),
                questions.stream().filter(q -> !q.isEmpty()).distinct().toList(), declaration.text().isBlank());
    }

    /// {@return the questions as a message to a supplier, ready to be sent; empty where nothing is to be asked}
    String letter(String label, String barCode, String kitchen) {
        if (questions.isEmpty()) return "";
        var lines = new ArrayList<String>();
        lines.add("About “%s”%s:".formatted(label.isEmpty() ? "this product" : label,
                barCode.isEmpty() ? "" : ", bar code " + barCode));
        IntStream.range(0, questions.size()).forEach(i -> lines.add((i + 1) + ". " + questions.get(i)));
        lines.add("Please answer in writing. " + kitchen);
        return String.join("\n", lines);
    }

    private static List<Piece> pieces(Declaration declaration, RuleBook ruleBook) {
        record Stretch(int start, int end, String look) {}
        var stretches = new ArrayList<Stretch>();
        for (var f : declaration.findings())
            if (ruleBook.groups().stream().anyMatch(g -> ruleBook.member(g, f.substance()).isPresent()))
                stretches.add(new Stretch(f.start(), f.end(), f.says() == Finding.Says.IN ? "in" : "may"));
        for (var v : declaration.vague())
            if (!v.question().isEmpty()) stretches.add(new Stretch(v.start(), v.end(), "ask"));
        stretches.sort((a, b) -> a.start - b.start);
        var pieces = new ArrayList<Piece>();
        var at = 0;
        for (var s : stretches) {
            if (s.start < at) continue;
            if (s.start > at) pieces.add(new Piece(declaration.text().substring(at, s.start), ""));
            pieces.add(new Piece(declaration.text().substring(s.start, s.end), s.look));
            at = s.end;
        }
        if (at < declaration.text().length()) pieces.add(new Piece(declaration.text().substring(at), ""));
        return pieces;
    }

    private static List<GroupFound> found(Declaration declaration, Finding.Says says, RuleBook ruleBook,
            Format format) {
        var found = new LinkedHashMap<String, GroupFound>();
        for (var group : ruleBook.groups())
            for (var f : declaration.findings())
                if (f.says() == says && ruleBook.member(group, f.substance()).isPresent()) {
                    var certainty = says == Finding.Says.IN ? Certainty.CONTAINS : Certainty.MAY_CONTAIN;
                    var name = group.names(f.substance()) ? f.substance().name() : group.name().toLowerCase();
                    found.putIfAbsent(name, new GroupFound(format.symbol(certainty, f.assumed()), name,
                            format.words(certainty, f.assumed())));
                }
        return List.copyOf(found.values());
    }
}
