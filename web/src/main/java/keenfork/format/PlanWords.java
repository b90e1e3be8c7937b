package keenfork.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Plurals;
import keenfork.core.recipe.Line;
import keenfork.core.run.Batch;
import keenfork.core.run.Clean;
import keenfork.core.swap.Balance;
import keenfork.core.swap.DishSalt;
import keenfork.core.swap.Move;
import keenfork.core.swap.OwnStep;
import keenfork.core.swap.Plan;
import keenfork.core.swap.Swap;

/// A plan in words: what is made ready for it, how salt and acid were set right, and what a guest will notice.
public final class PlanWords {
    /// lead times are told in hours from here on
    private static final int HOURS_FROM = 120;
    /// nobody tells smaller differences apart: prices move by more in a week (common practice)
    private static final double SAME = 0.03;
    /// nobody counts pence from here on
    private static final double WHOLE = 100;

    private PlanWords() {}

    /// {@return what to start, the longest first, with how, how long and what to know; then what others may not have
    /// been cooked in before}
    public static List<String> prepare(Plan plan) {
        var made = plan.moves().stream()
                .flatMap(m -> m instanceof Move.Inner(_, _, var inner) ? inner.moves().stream() : Stream.of(m))
                .filter(Move.Replace.class::isInstance).map(Move.Replace.class::cast)
                .sorted((a, b) -> Integer.compare(b.lead().high(), a.lead().high())).flatMap(m -> prepare(m).stream())
                .distinct();
        return Stream.concat(made, keptApart(plan)).toList();
    }

    /// What no wash clears passes on whatever was cooked in it before.
    private static Stream<String> keptApart(Plan plan) {
        if (plan.changes().isEmpty()) return Stream.empty();
        return Batch.of(plan.after()).stream().flatMap(b -> b.uses().stream()).map(Batch.Use::kit).distinct()
                .filter(k -> k.endedBy() == Clean.FRESH)
                .map(k -> "%s: fresh, or what nothing that they avoid has been in; no wash clears it"
                        .formatted(k.name()));
    }

    private static List<String> prepare(Move.Replace move) {
        var swap = move.swap();
        var step = OwnStep.of(move, "", false);
        var how = step.isEmpty() ? "" : ": " + withoutStop(step);
        var note = swap.note().isEmpty() ? "" : ". " + withoutStop(swap.note());
        if (how.isEmpty() && note.isEmpty() && swap.lead().equals(Swap.Lead.NONE)) return List.of();
        return List.of(food(move.with().getFirst()) + how + ", "
                + minutes(swap.lead().low(), swap.lead().high()) + note);
    }

    private static String withoutStop(String text) {
        return text.endsWith(".") ? text.substring(0, text.length() - 1) : text;
    }

    /// {@return salt and acid of the lines that change: as written, once swapped, and set right; and the salt of the
    /// whole dish as it is then}
    public static List<String> balance(Plan plan) {
        var words = new ArrayList<>(plan.balance().stream().map(PlanWords::words).toList());
        var salt = DishSalt.of(plan.after().recipe());
        if (salt.salt().likely() > 0) words.add(words(salt));
        return words;
    }

    /// {@return what the changes cost at this batch size: how much more or less, or which prices are wanting; empty
    /// where nothing is changed for everyone}
    /// @param money the sign of its money, or an empty string
    public static String cost(Plan plan, String money) {
        var bill = plan.bill();
        if (!bill.isKnown())
            return "What it costs is not known: no price for %s.".formatted(String.join(", ", bill.unpriced()));
        if (bill.in() == 0 && bill.out() == 0) return "";
        var more = bill.in() - bill.out();
        var figures = "%s in place of %s".formatted(paid(bill.in(), money), paid(bill.out(), money));
        if (Math.abs(more) <= SAME * Math.max(bill.in(), bill.out()))
            return "It costs about the same: " + figures + ".";
        return "It costs about %s %s for this batch: %s.".formatted(paid(Math.abs(more), money),
                more > 0 ? "more" : "less", figures);
    }

    /// {@return the same in three words: `£3.40 more`; empty where nothing is known of it, or it comes to the same}
    public static String costShort(Plan plan, String money) {
        var bill = plan.bill();
        var more = bill.in() - bill.out();
        if (!bill.isKnown() || Math.abs(more) <= SAME * Math.max(bill.in(), bill.out())) return "";
        return paid(Math.abs(more), money) + (more > 0 ? " more" : " less");
    }

    /// {@return an amount as it is paid: `£8.40`, `£120`}
    public static String paid(double amount, String money) {
        return money + String.format(Locale.ROOT, amount >= WHOLE ? "%,.0f" : "%.2f", amount);
    }

    private static String words(DishSalt salt) {
        var portion = salt.serves() == 0 ? "" : ", %s a portion".formatted(grams(salt.perPortion()));
        var more = more(salt.unknown().size());
        var slip = salt.isSalty() ? " That is very salty: look at the weights again." : "";
        return String.format(Locale.ROOT, "Salt of the whole dish: %.1f %% (%.1f to %.1f %%)%s.", salt.percent(),
                salt.percentLow(), salt.percentHigh(), portion) + more + slip;
    }

    private static String more(int lines) {
        if (lines == 0) return "";
        return " Of %d %s no table holds it.".formatted(lines, lines == 1 ? "line" : "lines");
    }

    private static String words(Balance balance) {
        var figures = "%s of these lines: %s as written, %s once swapped".formatted(balance.taste().word(),
                grams(balance.before().likelyGrams()), grams(balance.swapped().likelyGrams()));
        var asItComes = balance.advice().isEmpty() ? ", too little a change to notice." : ".";
        return figures
                + (balance.after().equals(balance.swapped()) ? asItComes
                        : ", %s set right.".formatted(grams(balance.after().likelyGrams())))
                + (balance.advice().isEmpty() ? "" : " " + balance.advice());
    }

    /// {@return what a guest will notice, in one plain sentence}
    public static String notice(Plan plan) {
        var said = plan.changes().stream().map(PlanWords::notice).filter(s -> !s.isEmpty()).distinct().toList();
        if (said.isEmpty()) return "Nothing: the dish stays as it is, once the pack is read.";
        var sentence = String.join("; ", said);
        return sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1) + ".";
    }

    private static String notice(Move move) {
        return switch (move) {
            case Move.Replace(var line, var with, var swap, _) -> "%s in place of %s, %s".formatted(
                    with.stream().limit(1).map(PlanWords::food).collect(Collectors.joining()), food(line),
                    change(swap.effects()));
            case Move.Choose(_, var with) -> food(with);
            case Move.Inner(_, _, var plan) -> withoutStop(notice(plan)).toLowerCase(Locale.ROOT);
            case Move.ChangePack(var line, _) -> food(line) + " from another pack";
            case Move.LeaveOut(var line) -> "no " + food(line);
            case Move.TakeOff(var line, _) -> "no " + food(line);
            case Move.HoldBack(_, var part) -> "no " + part.toLowerCase(Locale.ROOT);
            case Move.ReadPack _,Move.Adjust _ -> "";
        };
    }

    private static String change(Swap.Effects effects) {
        var words = new ArrayList<String>();
        add(words, effects.body(), "thinner", "fuller");
        add(words, effects.salt(), "less salty", "saltier");
        add(words, effects.acid(), "softer in acid", "sharper");
        add(words, effects.sweet(), "less sweet", "sweeter");
        add(words, effects.crunch(), "softer to the bite", "crunchier");
        return words.isEmpty() ? "much the same" : String.join(" and ", words);
    }

    private static void add(List<String> words, int value, String less, String more) {
        if (value == 0) return;
        words.add((Math.abs(value) > 1 ? "much " : "a little ") + (value < 0 ? less : more));
    }

    /// {@return a line by its food, as a kitchen names it}
    public static String food(Line line) {
        return line.food().map(Plurals::of).orElse(line.text());
    }

    private static String grams(double grams) {
        if (grams >= 1000) return String.format(Locale.ROOT, "%.2f kg", grams / 1000);
        return String.format(Locale.ROOT, grams >= 10 ? "%.0f g" : "%.1f g", grams);
    }

    /// {@return minutes as a lead time: `10 min`, `2 h`, `9–13 h`}
    public static String minutes(int low, int high) {
        if (low == high) return high < HOURS_FROM ? low + " min" : hours(low) + " h";
        if (high < HOURS_FROM) return low + "–" + high + " min";
        return low < HOURS_FROM ? low + " min–" + hours(high) + " h" : hours(low) + "–" + hours(high) + " h";
    }

    private static long hours(int minutes) { return Math.round(minutes / 60.0); }
}
