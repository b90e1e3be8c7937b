package keenfork.format;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.label.EarlierPrint;
import keenfork.core.label.ContactWording;
import keenfork.core.label.GuestCard;
import keenfork.core.label.Named;
import keenfork.core.label.OnPaper;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.trace.Certainty;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// What a label says as a document: JSON of a version, `schema/print.json` is its schema. What was kept before there
/// were versions is read all the same.
public final class PrintJson {
    /// the version that is written
    static final int VERSION = 1;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private PrintJson() {}

    /// a group, or one of it
    record Name(String group, @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable String member) {
        static Name of(Named named) { return new Name(named.group(), named.member()); }

        Named named() { return new Named(group, member == null ? "" : member); }
    }

    /// a stretch of the list, with what it names
    record Stretch(String text, @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable List<Name> names) {
        static Stretch of(Statement.TextRun run) {
            return new Stretch(run.text(), run.names().stream().map(Name::of).toList());
        }

        Statement.TextRun run() { return new Statement.TextRun(text, all(names)); }
    }

    /// the list of ingredients once more in another language
    record Again(String language, List<Stretch> list) {
        static Again of(PrintedStatement.Again a) {
            return new Again(a.language(), a.list().stream().map(Stretch::of).toList());
        }

        PrintedStatement.Again again() {
            return new PrintedStatement.Again(language, list.stream().map(Stretch::run).toList());
        }
    }

    /// a label of a dish
    record Dish(int version, String of, String name, String rules, String language, List<String> claims,
            List<Name> contains,
            @JsonProperty("may_contain") List<Name> mayContain, List<Name> contact,
            @JsonProperty("not_known") List<Name> notKnown,
            List<String> beside, List<Stretch> list,
            @JsonInclude(JsonInclude.Include.NON_NULL) @JsonProperty("contact_wording") @Nullable String wording,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) @Nullable List<Again> again) {
        static final String OF = "dish";

        static Dish of(PrintedStatement p) {
            return new Dish(VERSION, OF, p.name(), p.ruleBook(), p.language(), p.claims(), names(p, Certainty.CONTAINS),
                    names(p, Certainty.MAY_CONTAIN), names(p, Certainty.CONTACT), names(p, Certainty.NOT_KNOWN),
                    p.beside(),
                    p.list().stream().map(Stretch::of).toList(), p.contact().id(),
                    p.again().stream().map(Again::of).toList());
        }

        private static List<Name> names(PrintedStatement p, Certainty certainty) {
            return p.said(certainty).stream().map(Name::of).toList();
        }

        PrintedStatement printed() {
            Map<Certainty, List<Named>> said = new EnumMap<>(Certainty.class);
            said.put(Certainty.CONTAINS, all(contains));
            said.put(Certainty.MAY_CONTAIN, all(mayContain));
            said.put(Certainty.CONTACT, all(contact));
            said.put(Certainty.NOT_KNOWN, all(notKnown));
            return new PrintedStatement(name, rules, language, claims, said, beside,
                    list.stream().map(Stretch::run).toList(),
                    ContactWording.named(wording == null ? "" : wording).orElse(ContactWording.HELD),
                    again == null ? List.of() : again.stream().map(Again::again).toList());
        }
    }

    /// a guest's card
    record Guest(int version, String of, String name, String rules, String avoids, List<String> eats,
            List<String> without,
            List<String> asks, List<String> goes) {
        static final String OF = "guest";

        static Guest of(GuestCard c) {
            return new Guest(VERSION, OF, c.name(), c.ruleBook(), c.avoids(), c.eats(), c.without(), c.asks(),
                    c.goes());
        }

        GuestCard card() { return new GuestCard(name, rules, avoids, eats, without, asks, goes); }
    }

    private static List<Named> all(@Nullable List<Name> names) {
        return names == null ? List.of() : names.stream().map(Name::named).toList();
    }

    public static String write(OnPaper paper) {
        return MAPPER.writeValueAsString(switch (paper) {
            case PrintedStatement label -> Dish.of(label);
            case GuestCard card -> Guest.of(card);
        });
    }

    /// {@return what a label says; empty where nothing was kept of it}
    /// @throws IllegalArgumentException when it is no label, or one of a version that is not known here
    public static Optional<OnPaper> read(String kept) {
        if (kept.isEmpty()) return Optional.empty();
        return Optional.of(kept.startsWith("{") ? document(kept) : EarlierPrint.read(kept));
    }

    private static OnPaper document(String kept) {
        try {
            var tree = MAPPER.readTree(kept);
            if (version(tree) != VERSION)
                throw new IllegalArgumentException(
                        "a label of version %d; this is %d".formatted(version(tree), VERSION));
            return tree.path("of").asString("").equals(Guest.OF) ? MAPPER.treeToValue(tree, Guest.class).card()
                    : MAPPER.treeToValue(tree, Dish.class).printed();
        } catch (JacksonException e) {
            throw new IllegalArgumentException("no label that was kept: " + e.getOriginalMessage(), e);
        }
    }

    private static int version(JsonNode tree) { return tree.path("version").asInt(0); }
}
