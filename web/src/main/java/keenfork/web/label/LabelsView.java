package keenfork.web.label;

import java.time.LocalDate;
import java.util.List;
import keenfork.core.label.Claim;
import keenfork.core.label.DateMark;
import keenfork.core.label.KeepBy;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.core.label.PaperFormat;
import keenfork.web.kitchen.Menu;
import keenfork.web.persistence.guest.Events;
import org.jspecify.annotations.Nullable;

/// The station as it is shown.
///
/// @param page    the page of a sheet that is shown, from 1
/// @param waits   what did not print, and why
/// @param wrong   what was wrong with what was asked for; empty for nothing
/// @param press   what the button says
/// @param old     the labels that are out of date
/// @param seen    the one of them that is looked at closely
/// @param wanted  the labels as they would print
/// @param beside  what is told of the dish beside its label, where there is one dish
/// @param unknown the dishes whose packed labels wait, as not all is known
/// @param once    a key of this showing of the page, so that each of its buttons prints once
/// @param last    what was asked of the printer last: until something else is, all who look print anew once together
/// @param history what was printed before, where one dish or one group is asked for
record LabelsView(LabelRequest asked, List<Menu.Dish> dishes, List<Events.Guests> guests, int page, List<String> waits,
        String wrong, QueueView queue, LocalDate today, String press, List<OutOfDateView> old,
        @Nullable OutOfDateView seen, List<LabelToPrint> wanted, @Nullable Beside beside, List<String> unknown,
        @Nullable History history, String once, long last) {

    /// what is told of one dish beside its label
    record Beside(Notes notes, KeepBy keeps, List<Claim> claims) {
        /// {@return how it is kept for so long}
        public String stored() { return keeps.mark() == DateMark.BEST_BEFORE ? "dry" : "chilled"; }

        /// {@return whether any diet can be said of it}
        public boolean someStand() { return claims.stream().anyMatch(Claim::stands); }

        /// {@return whether any diet cannot}
        public boolean someDoNot() { return !claims.stream().allMatch(Claim::stands); }
    }

    /// @param of     the dish or the guests, as the address has it: `dish/7`
    /// @param prints the latest first
    record History(String of, List<PastPrint> prints) {}

    /// {@return the key of printing a label anew: ten who saw the same print it once}
    public String again(long printed) { return "again/%d/%d".formatted(printed, last); }

    /// {@return the same of printing all of them anew}
    public String allAgain() { return "again/all/" + last; }

    /// {@return what the page says while there is nothing to label}
    public String none() { return kind().isForGuests() ? "No guests yet" : "No dish yet"; }

    /// {@return what it is printed on}
    public String caption() {
        return isOwnSize() ? "%s, %d × %d mm".formatted(kind().words(), kind().width(), kind().height())
                : kind().words() + " on " + on().words();
    }

    /// {@return whether each label is a page of its own}
    public boolean isOwnSize() { return on().id().equals("own"); }

    public String look() { return isOwnSize() && kind().width() > kind().height() ? "wide" : "tall"; }

    /// {@return the preview in words}
    public String preview() {
        return wanted.size() == 1 ? wanted.getFirst().face().text() : "%s, page %d".formatted(kind().words(), page);
    }

    /// {@return what becomes of a label whose dish is not wholly known}
    public String waitsFor() {
        return kind().isPacked()
                ? "A label on packed food waits: read the packs and answer the questions, or somebody answers for it "
                        + "above."
                : "It says so plainly. A label on packed food waits.";
    }

    /// {@return the day it is made, as typed or today}
    public String made() { return orElse(asked.madeTyped(), today.toString()); }

    /// {@return its batch, as typed or as proposed}
    public String batch() { return orElse(asked.batchTyped(), single() == null ? "" : single().batch()); }

    /// {@return what its last day means}
    public String day() {
        var one = single();
        return one != null && one.pack().mark() == DateMark.BEST_BEFORE ? "Best before" : "Use by";
    }

    /// {@return its last day, as typed or as proposed}
    public String keepBy() {
        var proposed = single() == null ? null : single().keepBy();
        return orElse(asked.keepByTyped(), proposed == null ? "" : proposed.toString());
    }

    private static String orElse(String typed, String other) { return typed.isEmpty() ? other : typed; }

    public Kind kind() { return asked.kindOf(); }

    public PaperFormat on() { return asked.on(); }

    public Language language() { return asked.language(); }

    public List<Kind> kinds() { return List.of(Kind.values()); }

    public List<Kind> alone() { return Kind.alone(); }

    public List<PaperFormat> sheets() { return List.of(PaperFormat.values()); }

    public List<Language> languages() {
        var label = first();
        return label == null ? Language.all()
                : Language.all().stream().filter(l -> l.isSpokenUnder(label.face().ruleBook())).toList();
    }

    /// {@return whether all that is asked for stands on one page}
    public boolean isOnePage() { return isOwnSize() && wanted.size() == 1; }

    /// {@return whether more than one label is out of date}
    public boolean isSeveralOld() { return old.size() > 1; }

    /// {@return whether a dish is the one asked for}
    public boolean isOf(Menu.Dish dish) {
        var one = single();
        return one != null && one.dish() == dish.id();
    }

    /// {@return the dish asked for, as it is asked again}
    public String dish() {
        var one = single();
        var several = asked.isOfEvent() ? "event" : "all";
        return one == null ? several : String.valueOf(one.dish());
    }

    /// {@return whether somebody has to say why it goes out though not all is known}
    public boolean asksWhy() {
        var one = single();
        return one != null && !one.unknown().isEmpty();
    }

    /// {@return whether it can be printed on that paper: a whole menu has no size of its own}
    public boolean takes(PaperFormat paper) { return kind() != Kind.MENU || paper != PaperFormat.OWN; }

    public @Nullable LabelToPrint first() { return wanted.isEmpty() ? null : wanted.getFirst(); }

    /// {@return the one label of one dish, or null where there are several or none}
    public @Nullable LabelToPrint single() {
        return wanted.size() == 1 && kind().isOfOneDish() ? wanted.getFirst() : null;
    }
}
