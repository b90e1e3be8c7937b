package keenfork.paper;

import java.util.Locale;
import keenfork.core.regime.RuleBook;

/// A label as it prints: that of a dish, or a guest's card.
public sealed interface Face permits LabelView, GuestView {
    double LEAST_POINTS = 8.5;
    /// height of the small letters of the text face, as a share of its size (496 of 1000 units, from the font file)
    double X_HEIGHT = 0.496;
    double MILLIMETRES_IN_A_POINT = 25.4 / 72;

    String name();

    RuleBook ruleBook();

    /// {@return what the kitchen is called; empty where it has not said so}
    String kitchen();

    /// {@return the same as it stands before other words}
    default String by() { return kitchen().isEmpty() ? "" : kitchen() + ", "; }

    /// {@return the key of the language it is read in}
    String tag();

    /// {@return all it says, as text}
    String text();

    /// {@return the type size whose small letters stand as high as the rule book asks, in points; never under 8.5}
    default String points() { return String.format(Locale.ROOT, "%.1f", size()); }

    private double size() {
        return Math.max(LEAST_POINTS,
                ruleBook().asks().leastXHeight().doubleValue() / X_HEIGHT / MILLIMETRES_IN_A_POINT + 0.05);
    }

    /// {@return how high the small print stands, beside what the rule book asks}
    default String height() {
        return String.format(Locale.ROOT, "Small print stands %.1f mm high; the rule book asks %s.",
                size() * X_HEIGHT * MILLIMETRES_IN_A_POINT, ruleBook().asks().leastXHeight().toPlainString());
    }
}
