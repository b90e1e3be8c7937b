package keenfork.web.label;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TableBlock;
import org.commonmark.ext.gfm.tables.TableBody;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableHead;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.Heading;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/// What labels follow and what they leave out: the rows of `docs/labels.md`, which a reader of the code and a cook at
/// the screen look at alike.
///
/// @param intro    what stands before the first table
/// @param sections the tables, in order
record LawPage(String intro, List<Section> sections) {
    private static final List<Extension> TABLES = List.of(TablesExtension.create());
    /// what stands in the last column of a row that nothing is printed for
    private static final String NOT_BUILT = "not built";
    private static final String NO_RULE = "–";

    /// A table under its headline.
    record Section(String title, List<Row> rows) {}

    /// One thing that a law wants.
    ///
    /// @param laws    where it stands, a law each
    /// @param printed what is printed for it
    /// @param isBuilt whether a label has it; false where the kitchen must see to it
    record Row(String wanted, List<Cited> laws, String printed, boolean isBuilt) {}

    /// A place in a law.
    ///
    /// @param book whose law, as the table's head says it
    record Cited(String book, String place) {}

    static LawPage read() {
        try (var in = Objects.requireNonNull(LawPage.class.getResourceAsStream("/docs/labels.md"))) {
            return of(Parser.builder().extensions(TABLES).build()
                    .parse(new String(in.readAllBytes(), StandardCharsets.UTF_8)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static LawPage of(Node document) {
        var intro = "";
        var title = "";
        var sections = new ArrayList<Section>();
        for (var node : children(document)) {
            if (node instanceof Heading) title = words(node);
            if (node instanceof Paragraph && intro.isEmpty()) intro = words(node);
            if (node instanceof TableBlock) sections.add(new Section(title, rows(node)));
        }
        return new LawPage(intro, List.copyOf(sections));
    }

    private static List<Row> rows(Node table) {
        var heads = new ArrayList<String>();
        var rows = new ArrayList<Row>();
        for (var part : children(table)) for (var row : children(part)) {
            var cells = children(row).stream().filter(TableCell.class::isInstance).map(LawPage::words).toList();
            if (part instanceof TableHead) heads.addAll(cells);
            if (part instanceof TableBody && row instanceof TableRow) rows.add(row(heads, cells));
        }
        return List.copyOf(rows);
    }

    /// the first cell is what is wanted, the last two what is printed and the test of it
    private static Row row(List<String> heads, List<String> cells) {
        var laws = new ArrayList<Cited>();
        var printed = cells.size() - 2;
        for (var at = 1; at < printed; at++)
            if (!cells.get(at).equals(NO_RULE)) laws.add(new Cited(heads.get(at), cells.get(at)));
        return new Row(cells.getFirst(), List.copyOf(laws), cells.get(printed), !cells.getLast().equals(NOT_BUILT));
    }

    private static List<Node> children(Node parent) {
        var nodes = new ArrayList<Node>();
        for (var node = parent.getFirstChild(); node != null; node = node.getNext()) nodes.add(node);
        return nodes;
    }

    private static String words(Node node) {
        var words = new StringBuilder();
        node.accept(new AbstractVisitor() {
            @Override
            public void visit(Text text) { words.append(text.getLiteral()); }

            @Override
            public void visit(Code code) { words.append(code.getLiteral()); }

            @Override
            public void visit(SoftLineBreak end) { words.append(' '); }
        });
        return words.toString();
    }
}
