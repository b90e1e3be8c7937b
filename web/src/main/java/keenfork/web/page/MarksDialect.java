package keenfork.web.page;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.processor.element.AbstractAttributeTagProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.standard.expression.StandardExpressions;
import org.thymeleaf.templatemode.TemplateMode;
import org.unbescape.html.HtmlEscape;

/// Writes rows of marks for a template: `kf:marks` the cells of a [MarkRow], `kf:signs` a list of [Sign]s. A long menu
/// holds thousands of them, and going through a template's expressions for each takes longer than all the rest of a
/// page.
@Component
class MarksDialect extends AbstractProcessorDialect {
    private static final int USUAL_PRECEDENCE = 1000;
    private static final int LETTERS_IN_A_MARK = 260;

    MarksDialect() {
        super("Marks", "kf", USUAL_PRECEDENCE);
    }

    @Override
    public Set<IProcessor> getProcessors(String prefix) {
        return Set.of(new Writer(prefix, "marks", value -> cells((MarkRow) value)),
                new Writer(prefix, "signs", value -> signs((List<?>) value)));
    }

    private static final class Writer extends AbstractAttributeTagProcessor {
        private final Function<Object, String> writing;

        Writer(String prefix, String attribute, Function<Object, String> writing) {
            super(TemplateMode.HTML, prefix, null, false, attribute, true, USUAL_PRECEDENCE, true);
            this.writing = writing;
        }

        @Override
        protected void doProcess(ITemplateContext context, IProcessableElementTag tag, AttributeName name, String value,
                IElementTagStructureHandler handler) {
            var expression =
                    StandardExpressions.getExpressionParser(context.getConfiguration()).parseExpression(context, value);
            handler.replaceWith(writing.apply(Objects.requireNonNull(expression.execute(context))), false);
        }
    }

    /// {@return the cells of a row: a link to its thread for each mark of a dish, a mark alone for each of a part, the
    /// diets behind them}
    static String cells(MarkRow row) {
        var out = new StringBuilder(row.cells().size() * LETTERS_IN_A_MARK);
        var address = escaped(row.address());
        for (var cell : row.cells()) {
            var label = escaped(cell.label());
            if (address.isEmpty())
                out.append("<td><span class=\"kf-cell\" role=\"img\" aria-label=\"").append(label).append("\">");
            else out.append("<td><a class=\"kf-cell\" href=\"").append(address).append(escaped(cell.key()))
                    .append("\" aria-label=\"").append(label).append("\">");
            mark(out, cell.symbol());
            if (cell.threads() > 1)
                out.append("<span class=\"more\" aria-hidden=\"true\">").append(cell.threads()).append("</span>");
            out.append(address.isEmpty() ? "</span></td>" : "</a></td>");
        }
        var gap = " class=\"gap\"";
        for (var bowl : row.bowls()) {
            out.append("<td").append(gap).append("><span class=\"kf-cell\" role=\"img\" aria-label=\"")
                    .append(escaped(bowl.label())).append("\" title=\"").append(escaped(bowl.because())).append("\">");
            mark(out, bowl.symbol());
            out.append("</span></td>");
            gap = "";
        }
        return out.toString();
    }

    static String signs(List<?> signs) {
        var out = new StringBuilder(signs.size() * LETTERS_IN_A_MARK);
        for (var each : signs) {
            var sign = (Sign) each;
            out.append("<span class=\"mk\"><svg class=\"kf-m\" role=\"img\" aria-label=\"")
                    .append(escaped(sign.words())).append("\"><use href=\"/marks.svg#").append(sign.symbol())
                    .append("\"/></svg><span>").append(escaped(sign.name())).append("</span></span>");
        }
        return out.toString();
    }

    private static void mark(StringBuilder out, String symbol) {
        out.append("<svg class=\"kf-m\" aria-hidden=\"true\"><use href=\"/marks.svg#").append(symbol)
                .append("\"/></svg>");
    }

    private static String escaped(String text) { return HtmlEscape.escapeHtml5Xml(text); }
}
