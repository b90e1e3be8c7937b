package keenfork.web.label;

import java.util.List;
import keenfork.core.label.Difference;
import keenfork.core.label.Kind;
import keenfork.web.kitchen.OutOfDate;
import org.jspecify.annotations.Nullable;

/// Copies that are out of date, with what was changed since.
record OutOfDateView(OutOfDate label, PastPrint past, List<Causes.Cause> causes) {
    /// {@return whether a new one can be printed in its place}
    public boolean canBePrintedNew() { return label.onMenu(); }

    /// {@return whether it stands upright}
    public boolean isTall() {
        return Kind.named(label.printed().print().kind()).map(k -> k != Kind.MENU && k.height() > k.width())
                .orElse(false);
    }

    /// {@return what may have to be known and is not on it; empty where nothing can tell}
    public List<String> missing() {
        @Nullable Difference difference = label.difference().orElse(null);
        return difference == null ? label.words() : difference.missing();
    }
}
