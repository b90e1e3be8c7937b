package keenfork.core.run;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import keenfork.core.food.Substance;
import keenfork.core.trace.Fact;

/// Something a batch left behind that reached a later one.
///
/// @param from      the batch that left it
/// @param to        the batch it reached
/// @param substance what
/// @param clean     the strongest clean in between, weaker than a wash
/// @param milligram mg of protein on one portion at most; negative where that cannot be told
public record Carried(Batch from, Batch to, Substance substance, Clean clean, double milligram) {

    /// {@return this as a fact for the derivation of the dish it reached}
    public Fact.Contact fact() {
        return new Fact.Contact(to.dish(), to.part(), List.of(substance), how());
    }

    /// {@return the words of its thread}
    public String how() {
        return "after %s on the blender, %s".formatted(from.name(), clean.words());
    }

    /// {@return the estimate in words, with the reference dose where one is held}
    public String estimate() {
        var dose = Doses.of(substance);
        var figure = milligram < 0 ? "no estimate: the weights are not all known" : String.format(Locale.ROOT, "up to %s mg protein a portion", number(milligram));
        return figure + (dose.isPresent() ? String.format(Locale.ROOT, "; reference dose %s mg", number(dose.getAsDouble())) : "; no reference dose is held");
    }

    private static String number(double value) {
        return value >= 10 ? String.format(Locale.ROOT, "%.0f", value) : String.format(Locale.ROOT, "%.1f", value);
    }

    /// {@return whether the measured school flags it}
    boolean reachesDose() {
        OptionalDouble dose = Doses.of(substance);
        return milligram < 0 || dose.isEmpty() || milligram >= dose.getAsDouble();
    }
}
