package keenfork.core.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.regime.Group;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;
import org.jspecify.annotations.Nullable;

/// Reads what was printed before labels were kept as documents: lines of words, `contains: milk ; nuts (almond)`.
/// Nothing is written like this any more; paper that is out is.
public final class EarlierPrint {
    private static final String BETWEEN = " ; ";
    private static final Pattern ESCAPED = Pattern.compile("\\\\([\\\\;])");

    private EarlierPrint() {}

    /// @throws IllegalArgumentException when the text is none that was kept
    public static OnPaper read(String text) {
        var said = fields(text);
        if (said.containsKey("guest") && said.containsKey("goes")) return guest(said);
        if (!said.containsKey("name") || !said.containsKey("unknown"))
            throw new IllegalArgumentException("a label has a name and says what is not known");
        return label(said);
    }

    private static GuestCard guest(Map<String, String> said) {
        return new GuestCard(said.getOrDefault("guest", ""), said.getOrDefault("rules", ""),
                said.getOrDefault("avoids", ""),
                names(said.get("eats")), names(said.get("without")), names(said.get("asks")), names(said.get("goes")));
    }

    private static PrintedStatement label(Map<String, String> said) {
        var rules = said.getOrDefault("rules", "");
        var book = RuleBook.named(rules);
        var levels = new EnumMap<Certainty, List<Named>>(Certainty.class);
        levels.put(Certainty.CONTAINS, all(said.get("contains"), book));
        levels.put(Certainty.MAY_CONTAIN, all(said.get("may"), book));
        levels.put(Certainty.CONTACT, all(said.get("contact"), book));
        levels.put(Certainty.NOT_KNOWN, all(said.get("unknown"), book));
        var beside = names(said.get("beside")).stream().map(n -> substance(n).map(Substance::id).orElse(n)).toList();
        var paper = new PrintedStatement(said.getOrDefault("name", ""), rules,
                said.getOrDefault("language", Language.english().id()), names(said.get("claims")), levels, beside,
                List.of());
        return new PrintedStatement(paper.name(), rules, paper.language(), paper.claims(), levels, beside,
                runs(said.getOrDefault("list", ""), paper));
    }

    private static List<Named> all(@Nullable String joined, Optional<RuleBook> book) {
        return names(joined).stream().map(n -> named(n, book)).toList();
    }

    /// `nuts (almond)` in what they were called; words that nothing is called any more stay words.
    private static Named named(String words, Optional<RuleBook> book) {
        var open = words.indexOf(" (");
        var group = group(open < 0 ? words : words.substring(0, open), book);
        if (group.isEmpty()) return new Named(words, "");
        if (open < 0 || !words.endsWith(")")) return new Named(group.get().id(), "");
        var member = substance(words.substring(open + 2, words.length() - 1));
        return member.map(m -> new Named(group.get().id(), m.id())).orElse(new Named(words, ""));
    }

    private static Optional<Group> group(String label, Optional<RuleBook> book) {
        return book.flatMap(b -> b.groups().stream().filter(g -> g.label().equals(label)).findFirst());
    }

    private static Optional<Substance> substance(String name) {
        return Substances.shipped().all().stream().filter(s -> s.name().equals(name)).findFirst();
    }

    /// What was in bold stood between asterisks.
    private static List<Statement.TextRun> runs(String list, PrintedStatement paper) {
        var runs = new ArrayList<Statement.TextRun>();
        var bold = false;
        for (var stretch : list.split("\\*", -1)) {
            if (!stretch.isEmpty())
                runs.add(bold ? new Statement.TextRun(stretch, emphasised(stretch, paper))
                        : new Statement.TextRun(stretch));
            bold = !bold;
        }
        return runs;
    }

    /// What a word in bold names: all that is in it and is called so.
    private static List<Named> emphasised(String word, PrintedStatement paper) {
        var lower = word.toLowerCase(Locale.ROOT);
        var names = paper.said(Certainty.CONTAINS).stream()
                .filter(n -> lower.contains(paper.wording().member(n).toLowerCase(Locale.ROOT))).toList();
        return names.isEmpty() ? List.of(new Named(word, "")) : names;
    }

    private static Map<String, String> fields(String text) {
        var said = new HashMap<String, String>();
        for (var line : text.split("\n")) {
            var colon = line.indexOf(": ");
            if (colon < 0 && !line.endsWith(":"))
                throw new IllegalArgumentException("no label says \"%s\"".formatted(line));
            said.put(colon < 0 ? line.substring(0, line.length() - 1) : line.substring(0, colon),
                    colon < 0 ? "" : line.substring(colon + 2));
        }
        return said;
    }

    private static List<String> names(@Nullable String joined) {
        if (joined == null || joined.isBlank()) return List.of();
        return Arrays.stream(joined.split(BETWEEN)).map(n -> ESCAPED.matcher(n).replaceAll("$1")).toList();
    }
}
