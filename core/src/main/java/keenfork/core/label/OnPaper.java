package keenfork.core.label;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/// What a printed label says, kept apart by how surely, so that it can be held against what would be said now. Paper does not change.
///
/// @param ruleBook the key of the rule book it follows
/// @param language the key of the language it is in; what it names is kept in English all the same
/// @param claims   diets it claims to suit, by their keys
/// @param contains what is in it, a name each: `nuts (almond)`
/// @param may      what packs say may be in it
/// @param contact  what shared kit may have left
/// @param unknown  what is not known
/// @param beside   what stands beside the law's list; the list of ingredients names it where there is one
/// @param list     the list of ingredients as printed, what is in bold between asterisks: `tahini (*sesame*)`; empty on a label without one
public record OnPaper(String name, String ruleBook, String language, List<String> claims, List<String> contains, List<String> may, List<String> contact, List<String> unknown, List<String> beside, String list) {
    private static final String BETWEEN = " ; ";
    private static final Pattern ESCAPED = Pattern.compile("\\\\([\\\\;])");

    public OnPaper {
        claims = List.copyOf(claims);
        contains = List.copyOf(contains);
        may = List.copyOf(may);
        contact = List.copyOf(contact);
        unknown = List.copyOf(unknown);
        beside = List.copyOf(beside);
    }

    /// A label that says nothing beside the law's list.
    public OnPaper(String name, String ruleBook, String language, List<String> claims, List<String> contains, List<String> may, List<String> contact, List<String> unknown, String list) {
        this(name, ruleBook, language, claims, contains, may, contact, unknown, List.of(), list);
    }

    /// {@return what a label says}
    /// @param withList whether it carries the list of ingredients
    public static OnPaper of(Statement s, boolean withList) {
        return new OnPaper(s.name(), s.ruleBook().id(), s.language().id(), List.of(), each(s.contains()), each(s.may()), each(s.contact()), each(s.unknown()), s.beside(), withList ? String.join(", ", s.ingredients().stream().map(OnPaper::marked).toList()) : "");
    }

    /// {@return the same with what it claims}
    /// @param diets their keys
    public OnPaper claiming(List<String> diets) { return new OnPaper(name, ruleBook, language, diets, contains, may, contact, unknown, beside, list); }

    private static String marked(Statement.Item item) {
        return String.join("", item.runs().stream().map(r -> r.bold() ? "*" + r.text().replace("*", "") + "*" : r.text().replace("*", "")).toList());
    }

    /// {@return the list in stretches, bold and not}
    public List<Statement.Run> runs() {
        var runs = new ArrayList<Statement.Run>();
        var bold = false;
        for (var stretch : list.split("\\*", -1)) {
            if (!stretch.isEmpty()) runs.add(new Statement.Run(stretch, bold));
            bold = !bold;
        }
        return runs;
    }

    /// {@return whether everything in it is emphasised in the list, so that the list may stand for it; false on a label without a list}
    public boolean listSaysAll() {
        var in = Language.named(language).orElse(Language.english());
        var bold = runs().stream().filter(Statement.Run::bold).map(r -> r.text().toLowerCase(Locale.ROOT)).toList();
        return !list.isEmpty() && contains.stream().map(n -> in.word(member(n)).toLowerCase(Locale.ROOT)).allMatch(w -> bold.stream().anyMatch(b -> b.contains(w)));
    }

    /// `almond` of `nuts (almond)`; a group that is said as a whole by itself
    private static String member(String name) {
        var open = name.indexOf(" (");
        return open < 0 ? name : name.substring(open + 2, name.length() - 1);
    }

    /// {@return names as a label says them: the members of one group behind it, once}
    public static List<String> grouped(List<String> names) {
        var groups = new LinkedHashMap<String, List<String>>();
        for (var name : names) {
            var open = name.indexOf(" (");
            var members = groups.computeIfAbsent(open < 0 ? name : name.substring(0, open), _ -> new ArrayList<>());
            if (open >= 0) members.add(name.substring(open + 2, name.length() - 1));
        }
        return groups.entrySet().stream().map(e -> e.getValue().isEmpty() ? e.getKey() : "%s (%s)".formatted(e.getKey(), String.join(", ", e.getValue()))).toList();
    }

    /// `nuts (almond, cashew)` is two things said.
    private static List<String> each(List<String> names) {
        var each = new ArrayList<String>();
        for (var name : names) {
            var open = name.indexOf(" (");
            if (open < 0 || !name.endsWith(")")) each.add(name);
            else for (var member : name.substring(open + 2, name.length() - 1).split(", ")) each.add("%s (%s)".formatted(name.substring(0, open), member));
        }
        return each;
    }

    /// {@return this as text, as [#parse] reads it}
    public String text() {
        return "name: %s\nrules: %s\n%s%scontains: %s\nmay: %s\ncontact: %s\nunknown: %s\n%slist: %s".formatted(line(name), ruleBook, language.equals(Language.english().id()) ? "" : "language: " + language + "\n", claims.isEmpty() ? "" : "claims: " + joined(claims) + "\n", joined(contains), joined(may), joined(contact), joined(unknown), beside.isEmpty() ? "" : "beside: " + joined(beside) + "\n", line(list));
    }

    /// {@return names in one line, as [#names] reads them: of whatever letters, none is taken for two}
    static String joined(List<String> names) {
        return line(String.join(BETWEEN, names.stream().map(n -> n.replace("\\", "\\\\").replace(";", "\\;")).toList()));
    }

    static String line(String words) { return words.replaceAll("\\s+", " ").strip(); }

    /// @throws IllegalArgumentException when the text is none that was written by [#text]
    public static OnPaper parse(String text) {
        var said = fields(text);
        if (!said.containsKey("name") || !said.containsKey("unknown")) throw new IllegalArgumentException("a label has a name and says what is not known");
        return new OnPaper(said.getOrDefault("name", ""), said.getOrDefault("rules", ""), said.getOrDefault("language", Language.english().id()), names(said.get("claims")), names(said.get("contains")), names(said.get("may")), names(said.get("contact")), names(said.get("unknown")), names(said.get("beside")), said.getOrDefault("list", ""));
    }

    static Map<String, String> fields(String text) {
        var said = new HashMap<String, String>();
        for (var line : text.split("\n")) {
            var colon = line.indexOf(": ");
            if (colon < 0 && !line.endsWith(":")) throw new IllegalArgumentException("no label says \"%s\"".formatted(line));
            said.put(colon < 0 ? line.substring(0, line.length() - 1) : line.substring(0, colon), colon < 0 ? "" : line.substring(colon + 2));
        }
        return said;
    }

    static List<String> names(@Nullable String joined) {
        if (joined == null || joined.isBlank()) return List.of();
        return Arrays.stream(joined.split(BETWEEN)).map(n -> ESCAPED.matcher(n).replaceAll("$1")).toList();
    }

    /// {@return the statement's fingerprint: another one says something else under the law}
    public String fingerprint() { return fingerprint(new OnPaper(name, ruleBook, language, claims, contains, may, contact, unknown, list).text()); }

    static String fingerprint(String text) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8))).substring(0, 16);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /// {@return how surely something is said to be there, in the order of strength, or null where it is not said}
    Difference.@Nullable Level level(String name) {
        if (contains.contains(name)) return Difference.Level.IN;
        if (may.contains(name)) return Difference.Level.MAY;
        if (contact.contains(name)) return Difference.Level.CONTACT;
        return unknown.contains(name) ? Difference.Level.UNKNOWN : null;
    }

    /// {@return all that is named, the surest first}
    List<String> named() {
        var all = new ArrayList<>(contains);
        all.addAll(may);
        all.addAll(contact);
        all.addAll(unknown);
        return all;
    }
}
