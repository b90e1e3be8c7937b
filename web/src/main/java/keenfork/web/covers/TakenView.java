package keenfork.web.covers;

import keenfork.core.covers.Appetite;
import keenfork.web.page.Format;

/// How much the guests take, as the form of it shows it.
///
/// @param helpings dishes of a course a guest takes; empty for all of them
/// @param spare    per cent that are made beyond that
/// @param tub      what a tub holds, in words
/// @param back     where the form leads
record TakenView(String helpings, int spare, String tub, String back) {
    static TakenView of(Appetite appetite, int tubGrams, String back) {
        return new TakenView(appetite.helpings() == 0 ? "" : String.valueOf(appetite.helpings()), appetite.spare(),
                Format.grams(tubGrams), back);
    }

    /// {@return what is reckoned with, in a sentence}
    public String words() {
        var taken = helpings.isEmpty() ? "A plate of each dish for everyone who can eat it"
                : "Each guest takes %s dishes of a course, shared over those they can eat".formatted(helpings);
        return spare == 0 ? taken + "." : "%s; %d %% more on top.".formatted(taken, spare);
    }
}
