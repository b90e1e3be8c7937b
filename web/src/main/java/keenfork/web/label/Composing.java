package keenfork.web.label;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.kitchen.DishNow;
import keenfork.core.label.GuestCard;
import keenfork.core.label.Kind;
import keenfork.core.label.OnPack;
import keenfork.core.label.PaperFormat;
import keenfork.core.label.PrintedStatement;
import keenfork.core.label.Statement;
import keenfork.core.regime.RuleBook;
import keenfork.paper.Face;
import keenfork.paper.GuestView;
import keenfork.paper.LabelPdf;
import keenfork.paper.LabelView;
import keenfork.web.kitchen.EventMenu;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.guest.Events;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.settings.Settings;
import org.springframework.stereotype.Component;

/// Makes labels of what is asked for, and of what was printed.
@Component
class Composing {
    private final LabelPdf pdf;
    private final Format format;
    private final Clock clock;
    private final Settings settings;
    private final EventMenu served;

    Composing(LabelPdf pdf, Format format, Clock clock, Settings settings, EventMenu served) {
        this.pdf = pdf;
        this.format = format;
        this.clock = clock;
        this.settings = settings;
        this.served = served;
    }

    private String kitchenName() { return settings.identity().name(); }

    LocalDate today() { return LocalDate.now(clock); }

    /// {@return the labels that are asked for, as they read now, one of each}
    /// @throws NotHere when there is no such dish or no such guests
    List<LabelToPrint> wanted(Menu menu, LabelRequest asked) {
        return switch (asked.kindOf()) {
            case GUEST, GUEST_LARGE -> guests(menu, asked).stream().map(g -> card(menu, g)).toList();
            case MENU -> menu.dishes().stream().filter(menu::isServed).map(d -> label(menu, d, asked)).toList();
            case CARD, BIG, TENT, TUB, ROLL, LARGE, LINE, FOLDER ->
                    dishes(menu, asked).stream().map(d -> label(menu, d, asked)).toList();
        };
    }

    private List<Menu.Dish> dishes(Menu menu, LabelRequest asked) {
        if (asked.isOfEvent()) return served.inOrder(menu);
        if (asked.isAll()) return menu.dishes().stream().filter(menu::isServed).toList();
        if (asked.dishId() == 0) return menu.dishes().stream().limit(1).toList();
        return List
                .of(menu.dish(asked.dishId()).orElseThrow(() -> new NotHere("This dish is not on the menu any more.")));
    }

    private static List<Events.Guests> guests(Menu menu, LabelRequest asked) {
        if (asked.guestsId() == 0) return menu.onFile().guests();
        return List.of(menu.guests(asked.guestsId())
                .orElseThrow(() -> new NotHere("These guests are not on the list any more.")));
    }

    private LabelToPrint card(Menu menu, Events.Guests guests) {
        var card = menu.card(guests);
        return new LabelToPrint(0, guests.id(), guests.name(), card, GuestView.of(card, menu.kitchenName(), today()),
                List.of(),
                List.of(), today(), null, "", OnPack.PLAIN);
    }

    private LabelToPrint label(Menu menu, Menu.Dish dish, LabelRequest asked) {
        var kind = asked.kindOf();
        var now = menu.now(dish);
        var statements = kind.isPacked()
                ? PrintedStatement.inLanguages(dish.derivation(), menu.ruleBook(), asked.language())
                : List.of(Statement.compose(dish.derivation(), menu.ruleBook(), asked.language()));
        var says = (kind.isPacked() ? PrintedStatement.packed(statements)
                : PrintedStatement.of(statements.getFirst(), kind.hasList())).claiming(standing(menu, dish, asked))
                        .wording(settings.contactWording());
        var made = asked.madeOn(today()).orElse(today());
        // what was typed is for the dish that was looked at
        var dayTyped = asked.isAll() ? "" : asked.keepByTyped();
        var batchTyped = asked.isAll() ? "" : asked.batchTyped();
        var until = kind.isPacked() ? LabelRequest.day(dayTyped).orElse(now.keepsUntil(made)) : null;
        var own = batchTyped.isEmpty() ? batch(menu, dish, made) : batchTyped;
        var batch = kind.isPacked() ? own : "";
        var pack = asked.pack(now.keeps().mark());
        return new LabelToPrint(dish.id(), 0, dish.name(), says,
                LabelView.of(says, by(menu.ruleBook(), kind, pack),
                        new LabelView.MadeOn(made, batch, until, pack, isInRun(menu, dish))),
                statements.stream().flatMap(s -> s.waitsFor().stream()).distinct().toList(),
                Stream.concat(statements.stream().flatMap(s -> s.checks().stream()).distinct(),
                        kind.isPacked() ? missing(now, pack) : Stream.empty()).toList(),
                made, until, batch, pack);
    }

    /// {@return the kitchen's name, on packs that are sold on with its address}
    private String by(RuleBook ruleBook, Kind kind, OnPack pack) {
        var who = settings.identity();
        var isSaid = kind.isPacked() && (pack.net().isPresent() || ruleBook.asks().packerSaid());
        return isSaid && !who.address().isEmpty() ? who.name() + ", " + who.address() : who.name();
    }

    /// What a pack still has to say before somebody else may sell it, or under some rule books at all.
    private Stream<String> missing(DishNow dish, OnPack pack) {
        var missing = new ArrayList<String>();
        if (dish.ruleBook().asks().packerSaid() && pack.net().isEmpty())
            missing.add(
                    "The %s rule book asks how much is in a pack. Type it below.".formatted(dish.ruleBook().name()));
        if ((dish.ruleBook().asks().packerSaid() || pack.net().isPresent()) && settings.identity().address().isEmpty())
            missing.add("A pack that is sold on says who made it, with the address. Say it on the kitchen’s page.");
        return missing.stream();
    }

    private static List<String> standing(Menu menu, Menu.Dish dish, LabelRequest asked) {
        if (asked.claimed().isEmpty()) return List.of();
        return menu.now(dish).standing().stream().filter(asked.claimed()::contains).toList();
    }

    /// {@return whether a dish is in the run, so that what shared kit may leave in it is known}
    static boolean isInRun(Menu menu, Menu.Dish dish) {
        return menu.run().kept().turns().stream().anyMatch(t -> t.dish() == dish.id());
    }

    /// {@return the batch a dish is by its turn in the run: `27-05` is the fifth of the 27th; empty where it is not in
    /// the run}
    String batch(Menu menu, Menu.Dish dish, LocalDate made) {
        var turns = menu.run().kept().turns();
        return IntStream.range(0, turns.size()).filter(i -> turns.get(i).dish() == dish.id())
                .mapToObj(i -> "%02d-%02d".formatted(made.getDayOfMonth(), i + 1)).findFirst().orElse("");
    }

    /// {@return a label as it was printed, whatever has changed since}
    /// @throws NotHere when it was printed before its words were kept apart
    Face printed(Labels.Printed then) {
        var print = then.print();
        var says = print.says().orElseThrow(
                () -> new NotHere("This label was printed before its words were kept apart; it cannot be set again."));
        var made = print.made() == null ? LocalDate.ofInstant(then.printed(), clock.getZone()) : print.made();
        return switch (says) {
            case GuestCard card -> GuestView.of(card, kitchenName(), made);
            case PrintedStatement label ->
                    LabelView.of(label,
                            by(RuleBook.named(label.ruleBook()).orElse(RuleBook.uk()), kind(print), print.pack()),
                            new LabelView.MadeOn(made, print.batch(), print.keepBy(), print.pack(), true));
        };
    }

    private static Kind kind(Labels.Print print) { return Kind.named(print.kind()).orElse(Kind.CARD); }

    /// {@return labels set for paper, with the reason in the place of each that may not print}
    /// @param held for each label why it may not print, empty where it may
    byte[] set(List<? extends Face> faces, List<String> held, Kind kind, PaperFormat sheet) {
        return kind == Kind.MENU ? set(faces, kind, sheet) : pdf.of(faces, held, kind, sheet);
    }

    /// {@return labels set for paper}
    byte[] set(List<? extends Face> faces, Kind kind, PaperFormat sheet) {
        if (kind != Kind.MENU) return pdf.of(faces, kind, sheet);
        var lines = new ArrayList<LabelView>();
        for (var face : faces) if (face instanceof LabelView line) lines.add(line);
        return pdf.menu(lines, kitchenName(), format.day(today()), sheet);
    }
}
