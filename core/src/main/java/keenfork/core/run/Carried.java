package keenfork.core.run;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import keenfork.core.food.Substance;
import keenfork.core.trace.Fact;

/// Something a batch left on shared kit that reached a later one.
///
/// @param from      the batch that left it
/// @param to        the batch it reached
/// @param kit       the kit that brought it
/// @param substance what
/// @param clean     the strongest clean in between, weaker than the one that ends it
/// @param milligram mg of protein on one portion, or on one plate; empty where that cannot be told
public record Carried(Batch from, Batch to, Kit kit, Substance substance, Clean clean, Optional<Range> milligram) {

    /// {@return this as facts for the derivation of the dish it reached, one for each part}
    public List<Fact.Contact> facts() {
        return to.use(kit).map(Batch.Use::parts).orElse(List.of()).stream().map(part -> new Fact.Contact(to.dish(), part, List.of(substance), how())).toList();
    }

    /// {@return the words of its thread}
    public String how() {
        return "after %s on the %s, %s".formatted(from.dish(), kit.name(), clean.words());
    }

    /// {@return the estimate in words, with the reference dose where one is held}
    public String estimate() {
        var dose = Doses.of(substance);
        var where = kit.spreads() == Kit.Spreads.LUMP ? "all of it on one plate" : "a portion";
        var figure = milligram.map(r -> "%s–%s mg protein, %s".formatted(number(r.low()), number(r.high()), where)).orElse("no estimate: the weights are not all known");
        return figure + (dose.isPresent() ? "; reference dose %s mg".formatted(number(dose.getAsDouble())) : "; no reference dose is held");
    }

    private static String number(double value) {
        return value >= 10 ? String.format(Locale.ROOT, "%.0f", value) : value >= 0.1 || value == 0 ? String.format(Locale.ROOT, "%.1f", value) : "under 0.1";
    }

    /// {@return whether the measured school flags it}
    boolean reachesDose() {
        var dose = Doses.of(substance);
        return milligram.isEmpty() || dose.isEmpty() || milligram.get().high() >= dose.getAsDouble();
    }
}
