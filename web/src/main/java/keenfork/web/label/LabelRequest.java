package keenfork.web.label;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import keenfork.core.label.DateMark;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.core.label.NetQuantity;
import keenfork.core.label.OnPack;
import keenfork.core.label.PaperFormat;
import keenfork.web.page.NotHere;
import org.jspecify.annotations.Nullable;

/// What is asked of the station: which labels, of what, on what, in which language; and what is typed before they
/// print.
///
/// @param dish   the dish's key, or `all`
/// @param guests the guests' key for their card, or 0
/// @param claims diets the label is to claim, by their keys
/// @param why    why packed ones go out though not everything is known
/// @param made   the day the food was made, as typed; empty for today
/// @param keepBy the day packed ones keep until, as typed; empty for as long as the dish keeps
/// @param net    how much is in each pack, as typed; empty where it does not say
/// @param use    how packed ones are made ready; empty where nothing needs saying
record LabelRequest(@Nullable String dish, @Nullable String kind, @Nullable String sheet, @Nullable String lang,
        @Nullable Long guests, @Nullable List<String> claims,
        @Nullable String copies, @Nullable String place, @Nullable String by, @Nullable String why,
        @Nullable String batch, @Nullable String made, @Nullable String keepBy, @Nullable String net,
        @Nullable String use) {
    static final int MOST_COPIES = 1000;
    private static final int LONGEST = 200;

    /// {@return what is asked for by addresses of one label}
    static LabelRequest of(long dish, String kind) {
        return new LabelRequest(String.valueOf(dish), kind, null, null, null, null, null, null, null, null, null, null,
                null, null, null);
    }

    public boolean isAll() { return "all".equals(dish) || isOfEvent(); }

    /// {@return whether the dishes of the event in force are asked for, in serving order}
    public boolean isOfEvent() { return "event".equals(dish); }

    long dishId() {
        if (dish == null || dish.isBlank() || isAll()) return 0;
        if (!dish.matches("\\d{1,18}")) throw new NotHere("There is no dish “%s”.".formatted(dish));
        return Long.parseLong(dish);
    }

    Kind kindOf() {
        return kind == null || kind.isEmpty() ? Kind.CARD
                : Kind.named(kind).orElseThrow(() -> new NotHere("There is no label called “%s”.".formatted(kind)));
    }

    /// {@return what it is printed on; a whole menu has no size of its own and goes on A4}
    PaperFormat on() {
        var on = sheet == null || sheet.isEmpty() ? PaperFormat.OWN : PaperFormat.named(sheet)
                .orElseThrow(() -> new NotHere("Labels are printed on their own size, on a4 or on letter."));
        return kindOf() == Kind.MENU && on == PaperFormat.OWN ? PaperFormat.A4 : on;
    }

    Language language() {
        return lang == null || lang.isEmpty() ? Language.english()
                : Language.named(lang).orElseThrow(() -> new NotHere("No label is written in “%s”.".formatted(lang)));
    }

    long guestsId() { return guests == null ? 0 : guests; }

    public List<String> claimed() { return claims == null ? List.of() : claims; }

    private static String plain(@Nullable String typed) { return typed == null ? "" : typed.strip(); }

    public String copiesTyped() { return copies == null ? "1" : plain(copies); }

    public String placeTyped() { return plain(place); }

    public String byTyped() { return plain(by); }

    public String whyTyped() { return plain(why); }

    public String batchTyped() { return plain(batch); }

    public String madeTyped() { return plain(made); }

    public String keepByTyped() { return plain(keepBy); }

    public String netTyped() { return plain(net); }

    public String useTyped() { return plain(use); }

    /// {@return what is typed of the pack}
    /// @param mark what its day means
    OnPack pack(DateMark mark) {
        return kindOf().isPacked() ? new OnPack(mark, NetQuantity.parse(netTyped()), useTyped()) : OnPack.PLAIN;
    }

    LabelRequest by(String name) {
        return new LabelRequest(dish, kind, sheet, lang, guests, claims, copies, place, name, why, batch, made, keepBy,
                net, use);
    }

    int many() { return Integer.parseInt(copiesTyped()); }

    Optional<LocalDate> madeOn(LocalDate today) {
        return madeTyped().isEmpty() ? Optional.of(today) : day(madeTyped());
    }

    /// {@return the day that was typed; empty where it is none}
    static Optional<LocalDate> day(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /// {@return what is wrong with what was typed, in words; empty where nothing is}
    String wrong(LocalDate today) {
        if (!copiesTyped().matches("\\d{1,4}") || many() < 1 || many() > MOST_COPIES)
            return "Copies are a number from 1 to %,d, not “%s”. Nothing was printed.".formatted(MOST_COPIES,
                    copiesTyped());
        for (var text : List.of(placeTyped(), byTyped(), whyTyped(), batchTyped(), useTyped()))
            if (text.length() > LONGEST)
                return "Keep each field under %d letters. Nothing was printed.".formatted(LONGEST);
        var made = madeOn(today);
        if (made.isEmpty())
            return "The day it was made is written as 2026-11-27, not “%s”. Nothing was printed."
                    .formatted(madeTyped());
        if (kindOf().isPacked() && !netTyped().isEmpty() && NetQuantity.parse(netTyped()).isEmpty())
            return "How much is in a pack is a weight or a volume such as 250 g, 1.5 kg or 250 ml, not “%s”. Nothing "
                    .formatted(netTyped()) + "was printed.";
        if (!kindOf().isPacked() || keepByTyped().isEmpty()) return "";
        var until = day(keepByTyped());
        return until.isEmpty() || until.get().isBefore(today) || until.get().isBefore(made.get())
                ? "It keeps until a day to come, written as 2026-11-29, not “%s”. Nothing was printed."
                        .formatted(keepByTyped())
                : "";
    }

    /// {@return the address part that asks for the same labels; what is typed for printing stays out}
    public String query() {
        var parts = new ArrayList<String>();
        if (dish != null && !dish.isBlank()) parts.add("dish=" + URLEncoder.encode(dish, StandardCharsets.UTF_8));
        parts.add("kind=" + kindOf().id());
        if (on() != PaperFormat.OWN) parts.add("sheet=" + on().id());
        if (!language().equals(Language.english())) parts.add("lang=" + language().id());
        if (guestsId() != 0) parts.add("guests=" + guestsId());
        for (var claim : claimed()) parts.add("claims=" + URLEncoder.encode(claim, StandardCharsets.UTF_8));
        if (!batchTyped().isEmpty()) parts.add("batch=" + URLEncoder.encode(batchTyped(), StandardCharsets.UTF_8));
        if (!madeTyped().isEmpty()) parts.add("made=" + URLEncoder.encode(madeTyped(), StandardCharsets.UTF_8));
        if (!keepByTyped().isEmpty()) parts.add("keepBy=" + URLEncoder.encode(keepByTyped(), StandardCharsets.UTF_8));
        if (!netTyped().isEmpty()) parts.add("net=" + URLEncoder.encode(netTyped(), StandardCharsets.UTF_8));
        if (!useTyped().isEmpty()) parts.add("use=" + URLEncoder.encode(useTyped(), StandardCharsets.UTF_8));
        return String.join("&", parts);
    }
}
