package keenfork.web.label;

import java.util.List;
import keenfork.core.label.Kind;
import keenfork.core.label.OnPaper;
import keenfork.core.regime.RuleBook;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.Labels;

/// Labels that were printed, and what they say.
///
/// @param kind      what kind of label
/// @param sentences what it says
/// @param canSetAgain whether it can be shown as it was printed
record Past(Labels.Printed printed, String kind, List<String> sentences, boolean canSetAgain) {
    static Past of(Labels.Printed printed, Menu menu) {
        var kind = Kind.named(printed.print().kind()).map(Kind::words).orElse(printed.print().kind());
        if (printed.print().says().isEmpty()) return new Past(printed, kind, printed.statement().lines().skip(1).toList(), false);
        var said = OnPaper.parse(printed.print().says());
        var view = LabelView.of(said, RuleBook.named(said.ruleBook()).orElse(menu.ruleBook()), "", menu.day(), null);
        return new Past(printed, kind, view.said().stream().map(s -> s.phrase() + " " + s.names() + s.after()).toList(), true);
    }
}
