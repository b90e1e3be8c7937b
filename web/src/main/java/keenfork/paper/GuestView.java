package keenfork.paper;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.label.GuestCard;
import keenfork.core.regime.RuleBook;

/// A guest's own card as it prints.
///
/// @param avoids what they avoid, in words
/// @param day    the day it is for
/// @param part   its dishes, what they eat first; only those that have some
public record GuestView(String name, RuleBook ruleBook, String kitchen, String avoids, String day, List<Dishes> part)
        implements Face {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.UK);

    /// what stands above and below the dishes, and a line of them, mm
    private static final int AROUND = 60;
    private static final int A_LINE = 5;

    /// dishes under one head
    public record Dishes(String head, List<String> names) {}

    public static GuestView of(GuestCard card, String kitchen, LocalDate day) {
        var parts = Stream
                .of(new Dishes("Nothing found against it in", card.eats()),
                        new Dishes("Only without topping and side: ask us", card.without()),
                        new Dishes("We cannot say: ask us", card.asks()), new Dishes("Not for you", card.goes()))
                .filter(d -> !d.names.isEmpty()).toList();
        return new GuestView(card.name(), RuleBook.named(card.ruleBook()).orElse(RuleBook.uk()), kitchen, card.avoids(),
                DAY.format(day), parts);
    }

    /// {@return whether the menu is too long for a line a dish}
    /// @param height of the card, mm
    public boolean isLong(int height) {
        return part.stream().mapToInt(p -> p.names.size() + 1).sum() > (height - AROUND) / A_LINE;
    }

    @Override
    public String tag() { return "en-GB"; }

    @Override
    public String text() {
        return "%s, %s. ".formatted(name, avoids) + part.stream()
                .map(p -> "%s: %s.".formatted(p.head, String.join(", ", p.names))).collect(Collectors.joining(" "));
    }
}
