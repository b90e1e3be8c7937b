package keenfork.web.label;

import keenfork.core.label.PrintedStatement;
import keenfork.web.persistence.label.Labels;

/// What was printed, as a dish's label.
final class Prints {
    private Prints() {}

    static PrintedStatement ofDish(Labels.Print print) { return (PrintedStatement) print.says().orElseThrow(); }
}
