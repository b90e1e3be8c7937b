package keenfork.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import keenfork.core.label.ContactWording;
import keenfork.core.label.GuestCard;
import keenfork.core.label.Named;
import keenfork.core.label.OnPaper;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.trace.Certainty;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

/// What is kept of a label goes round unharmed, whatever its letters, and every document holds to its schema.
class PrintJsonTest {
    private static final Schema SCHEMA = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(Objects.requireNonNull(PrintJson.class.getResourceAsStream("/schema/print.json")));

    @Provide
    Arbitrary<String> words() {
        return Arbitraries.strings().withChars("ab ;:\\,{}()[]\"'*\né漢").ofMinLength(1).ofMaxLength(12);
    }

    @Provide
    Arbitrary<OnPaper> papers() {
        var lists = words().list().ofMaxSize(3);
        var named =
                Combinators.combine(words(), Arbitraries.of("", "almond", "cod")).as(Named::new).list().ofMaxSize(3);
        var runs = Combinators.combine(words(), named).as(Statement.TextRun::new).list().ofMaxSize(3);
        var labels = Combinators.combine(words(), lists, named, named, named, runs)
                .as((name, claims, in, may, unknown, list) -> new PrintedStatement(name, "uk", "fr", claims,
                        Map.of(Certainty.CONTAINS, in, Certainty.MAY_CONTAIN, may,
                                Certainty.NOT_KNOWN, unknown),
                        claims, list, ContactWording.MAY, again(list)));
        var cards = Combinators.combine(words(), words(), lists, lists, lists, lists).as((name, avoids, eats, without,
                asks, goes) -> new GuestCard(name, "uk", avoids, eats, without, asks, goes));
        return Arbitraries.oneOf(labels.map(l -> (OnPaper) l), cards.map(c -> (OnPaper) c));
    }

    private static List<PrintedStatement.Again> again(List<Statement.TextRun> list) {
        return list.size() < 2 ? List.of() : List.of(new PrintedStatement.Again("en", list));
    }

    @Property(tries = 300)
    void what_is_kept_is_read_back(@ForAll("papers") OnPaper paper) {
        var kept = PrintJson.write(paper);
        assertThat(PrintJson.read(kept)).contains(paper);
        assertThat(SCHEMA.validate(kept, InputFormat.JSON)).isEmpty();
    }

    @Test
    void the_schema_turns_down_what_is_no_label() {
        for (var wrong : List.of("{}", "{\"version\":2,\"of\":\"guest\"}", "[]",
                "{\"version\":1,\"of\":\"dish\",\"name\":\"Dip\"}"))
            assertThat(SCHEMA.validate(wrong, InputFormat.JSON)).as(wrong).isNotEmpty();
    }

    @Test
    void a_version_that_nobody_knows_is_told_and_nothing_is_made_of_it() {
        for (var wrong : List.of("{\"version\":2,\"of\":\"dish\"}", "{\"of\":\"dish\"}", "{", "hello"))
            assertThatThrownBy(() -> PrintJson.read(wrong)).as(wrong).isInstanceOf(IllegalArgumentException.class);
        assertThat(PrintJson.read("")).as("printed before anything was kept").isEmpty();
    }

    @Test
    void what_was_kept_as_words_is_read_too() {
        var paper = PrintJson
                .read("guest: Table nine\nrules: uk\navoids: sesame\neats: Rice \\; beans\nwithout: \nasks: \ngoes: ");
        assertThat(paper).containsInstanceOf(GuestCard.class);
        assertThat(((GuestCard) paper.orElseThrow()).eats()).containsExactly("Rice ; beans");
    }
}
