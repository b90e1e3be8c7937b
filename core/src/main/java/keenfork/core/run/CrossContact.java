package keenfork.core.run;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import keenfork.core.food.Substance;
import keenfork.core.trace.Fact;

/// Something left on shared kit that reached what went over it later.
///
/// @param from      the batch that left it
/// @param to        the batch it reached; the same one where what comes off left it before the rest went over
/// @param left      what of the one went over the kit
/// @param piece     the piece that brought it
/// @param use       which of the later batch's uses of that kit it reached, from 0
/// @param reached   what of the other it reached
/// @param substance what
/// @param clean     the strongest clean in between, weaker than the one that ends it
/// @param milligram mg of protein on one portion, or on one plate; empty where that cannot be told
public record CrossContact(Batch from, Batch to, Batch.Use left, Piece piece, int use, Batch.Use reached,
        Substance substance, Clean clean, Optional<Range> milligram) {

    /// {@return this as facts for the derivation of the dish it reached, one for each part}
    public List<Fact.Contact> facts() {
        return reached.parts().stream().map(part -> new Fact.Contact(to.dish(), part, List.of(substance), how()))
                .toList();
    }

    public Kit kit() { return piece.kit(); }

    public boolean isOwn() { return from.equals(to); }

    /// {@return the words of its thread}
    public String how() {
        return "after %s on the %s, %s".formatted(
                isOwn() ? "its own " + String.join(" and ", left.parts()) : from.dish(), piece.name(), clean.words());
    }

    /// {@return the estimate in words, with the reference dose where one is held}
    public String estimate() {
        var dose = dose();
        var where = kit().spreads() == Kit.Spreads.LUMP ? "all of it on one plate" : "a portion";
        var figure = milligram.map(r -> "%s–%s mg protein, %s".formatted(number(r.low()), number(r.high()), where))
                .orElse("no estimate: the weights are not all known");
        return figure + (dose.isPresent() ? "; reference dose %s mg".formatted(number(dose.getAsDouble()))
                : "; no reference dose is held");
    }

    /// {@return the reference dose of what travels, mg of protein}
    public OptionalDouble dose() { return Doses.of(substance); }

    private static String number(double value) {
        if (value >= 10) return String.format(Locale.ROOT, "%.0f", value);
        return value >= 0.1 || value == 0 ? String.format(Locale.ROOT, "%.1f", value) : "under 0.1";
    }
}
