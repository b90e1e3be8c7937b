package keenfork.format;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.food.Substances;
import keenfork.core.label.Kind;
import keenfork.core.label.Named;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.trace.Certainty;
import org.jspecify.annotations.Nullable;

/// What `label` says of one dish, in the shape of its JSON contract.
///
/// @param held        why a packed label may not be printed yet
/// @param ingredients the list; null on a label without one
/// @param dateMark    until when it keeps; empty on a label that carries none
/// @param text        all the label says
@JsonInclude(JsonInclude.Include.ALWAYS)
public record LabelJson(String name, String regime, String kind, List<String> held,
        @Nullable List<Ingredient> ingredients, Contains contains,
        @JsonProperty("may_contain") List<Group> mayContain, List<Group> contact, List<Group> unknown,
        @JsonProperty("beside_the_law") List<String> besideTheLaw, List<String> claims,
        @JsonProperty("date_mark") String dateMark, String text) {

    /// One ingredient of the list.
    ///
    /// @param percent    its share; null where none is asked for
    /// @param emphasised the words in bold
    /// @param holds      what stands in its brackets where it is a dish of the kitchen's own
    public record Ingredient(String name, @Nullable BigDecimal percent, String text, List<String> emphasised,
            List<Ingredient> holds) {
        static Ingredient of(Statement.Item item) {
            return new Ingredient(item.name(), item.percent().orElse(null), item.text(),
                    item.runs().stream().filter(Statement.TextRun::bold).map(Statement.TextRun::text).toList(),
                    item.holds().stream().map(Ingredient::of).toList());
        }
    }

    /// @param printed whether a sentence says it: where the list emphasises all of it, some rule books want none
    public record Contains(boolean printed, List<Group> groups) {}

    /// a group with the members that are named, by their keys
    public record Group(String group, List<String> members) {
        static List<Group> of(List<Named> all) {
            Map<String, List<String>> groups = new LinkedHashMap<>();
            for (var named : all) {
                var members = groups.computeIfAbsent(named.group(), _ -> new ArrayList<>());
                if (!named.member().isEmpty()) members.add(named.member());
            }
            return groups.entrySet().stream().map(e -> new Group(e.getKey(), e.getValue())).toList();
        }
    }

    /// {@return what a label says}
    /// @param said     what is said in each of its languages, 1 or more
    /// @param claims   what it claims, in words
    /// @param dateMark until when it keeps, in words; empty where that is not said
    public static LabelJson of(List<Statement> said, Kind kind, List<String> claims, String dateMark) {
        var statement = said.getFirst();
        var paper = kind.isPacked() ? PrintedStatement.packed(said) : PrintedStatement.of(statement, kind.hasList());
        var isPrinted = paper.told().stream().anyMatch(t -> t.how().filter(c -> c == Certainty.CONTAINS).isPresent());
        var held = !kind.isPacked() ? List.<String>of()
                : said.stream().flatMap(s -> s.waitsFor().stream()).distinct().map("not known: %s"::formatted).toList();
        return new LabelJson(statement.name(), statement.ruleBook().id(), kind.id(), held,
                kind.hasList() ? statement.ingredients().stream().map(Ingredient::of).toList() : null,
                new Contains(isPrinted, Group.of(paper.said(Certainty.CONTAINS))),
                Group.of(paper.said(Certainty.MAY_CONTAIN)),
                Group.of(paper.said(Certainty.CONTACT)), Group.of(paper.said(Certainty.NOT_KNOWN)),
                statement.beside().stream().map(b -> Substances.shipped().get(b).name()).toList(), claims, dateMark,
                dateMark.isEmpty() ? paper.text() : paper.text() + " " + dateMark);
    }
}
