package keenfork.core.label;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Certainty;

/// What a printed label does not say, or says no longer rightly.
///
/// @param missing what it does not say though it is so, or says too weakly: these copies can hurt somebody
/// @param gone    what it says though it is not found any more, or says too strongly
/// @param words   what else is worded otherwise: the name, the rule book, the list
/// @param byKit   whether something came by shared kit or went with it, so that the run may be why
public record Difference(List<String> missing, List<String> gone, List<String> words, boolean byKit) {

    public Difference {
        missing = List.copyOf(missing);
        gone = List.copyOf(gone);
        words = List.copyOf(words);
    }

    /// {@return what a label that was printed says otherwise than one that is printed now; under another rule book it
    /// is held against this one in substances}
    public static Difference between(PrintedStatement printed, PrintedStatement now) {
        var missing = new ArrayList<String>();
        var gone = new ArrayList<String>();
        var byKit = false;
        var then = RuleBook.named(now.ruleBook()).map(printed::under).orElse(printed);
        var wording = new Wording(RuleBook.named(now.ruleBook()).orElse(RuleBook.uk()), Language.english());
        var names = new LinkedHashSet<>(now.named());
        names.addAll(then.named());
        for (var name : names) {
            var was = then.level(name).orElse(null);
            var is = now.level(name).orElse(null);
            if (was == is) continue;
            byKit |= was == Certainty.CONTACT || is == Certainty.CONTACT;
            var said = upper(wording.one(name));
            if (is == null) gone.add("%s is not found any more.".formatted(said));
            else if (was == null) missing.add("%s %s. The label does not say so.".formatted(said, words(is)));
            else if (is.compareTo(was) < 0)
                missing.add("%s %s. The label says only that it %s.".formatted(said, words(is), words(was)));
            else gone.add("%s %s now. The label says that it %s.".formatted(said, words(is), words(was)));
        }
        for (var claim : printed.claims())
            if (!now.claims().contains(claim))
                missing.add(
                        "It claims “%s”. That does not stand any more.".formatted(Claim.words(claim).orElse(claim)));
        var words = new ArrayList<String>();
        if (!printed.language().equals(now.language())) words.add("It is in another language now.");
        if (!printed.name().equals(now.name()))
            words.add("It is called %s now, not %s.".formatted(now.name(), printed.name()));
        if (!printed.ruleBook().equals(now.ruleBook())) words.add("It follows another rule book now.");
        if (!printed.readsAs(now)) words.add("The list of ingredients reads otherwise now.");
        return new Difference(missing, gone, words, byKit);
    }

    private static String words(Certainty certainty) {
        return switch (certainty) {
            case CONTAINS -> "is in it";
            case MAY_CONTAIN -> "may be in it, a pack says";
            case CONTACT -> "may have come by shared kit";
            case NOT_KNOWN -> "is not known";
        };
    }

    private static String upper(String name) {
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }

    /// {@return the same where the label says as well that it keeps longer than it does}
    /// @param says  the day it says
    /// @param until the day until which it keeps by what is so now
    /// @param mark  what the day it says means
    public Difference keepingLonger(LocalDate says, LocalDate until, DateMark mark, RuleBook ruleBook) {
        var wording = new Wording(ruleBook, Language.english());
        var all = new ArrayList<>(missing);
        all.add((mark == DateMark.USE_BY ? "It says to use it by %s. It keeps until %s now."
                : "It says best before %s. It is to be used by %s now.")
                        .formatted(wording.day(says), wording.day(until)));
        return new Difference(all, gone, this.words, byKit);
    }

    /// {@return whether the label still says what is so}
    public boolean isNone() { return missing.isEmpty() && gone.isEmpty() && words.isEmpty(); }

    /// {@return whether something is missing on it that somebody may have to know}
    public boolean canHurt() { return !missing.isEmpty(); }

    /// {@return all of it, what can hurt first}
    public List<String> all() {
        var all = new ArrayList<>(missing);
        all.addAll(gone);
        all.addAll(words);
        return all;
    }
}
