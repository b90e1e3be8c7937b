package keenfork.web.label;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import keenfork.core.kitchen.Hold;
import keenfork.core.label.Kind;
import keenfork.core.label.Statement;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.kitchen.Paper;
import keenfork.web.page.NotHere;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.label.PrintJobs;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/// Fills the station's page.
@Component
class LabelsPage {
    private static final int SHOWN_OF_HISTORY = 20;
    private final Kitchen kitchen;
    private final Composing composing;
    private final PrintJobs jobs;
    private final Labels labels;
    private final Paper paper;
    private final Causes causes;

    LabelsPage(Kitchen kitchen, Composing composing, PrintJobs jobs, Labels labels, Paper paper, Causes causes) {
        this.kitchen = kitchen;
        this.composing = composing;
        this.jobs = jobs;
        this.labels = labels;
        this.paper = paper;
        this.causes = causes;
    }

    /// @param page  the page of a sheet, from 1
    /// @param see   the printed label that is looked at closely, or 0
    /// @param waits what did not print, and why
    /// @param wrong what was wrong with what was asked for; empty for nothing
    LabelsView of(LabelRequest asked, int page, long see, List<String> waits, String wrong) {
        var menu = kitchen.menu();
        var old = old(menu);
        var seen = old.stream().filter(o -> o.label().printed().id() == see && o.past().canSetAgain()).findFirst();
        var wanted = composing.wanted(menu, asked);
        if (asked.kindOf() == Kind.MENU) wanted = wanted.stream().limit(1).toList();
        return new LabelsView(asked, menu.dishes(), menu.onFile().guests(), page, waits, wrong, QueueView.of(jobs),
                composing.today(),
                seen.isPresent() ? "Print as it reads now" : press(asked.kindOf(), wanted.size()), old,
                seen.orElse(null), wanted, beside(menu, asked, wanted), unknown(asked.kindOf(), wanted),
                history(asked, wanted), UUID.randomUUID().toString(),
                jobs.last());
    }

    private List<OutOfDateView> old(Menu menu) {
        var outOfDate = paper.outOfDate();
        var since = causes.of(menu, outOfDate);
        return IntStream.range(0, since.size())
                .mapToObj(i -> new OutOfDateView(outOfDate.get(i), PastPrint.of(outOfDate.get(i).printed(), composing),
                        since.get(i)))
                .toList();
    }

    private static String press(Kind kind, int many) {
        if (kind == Kind.MENU) return "Print the whole menu";
        return many == 1 ? "Print" : "Print all " + many;
    }

    private LabelsView.@Nullable Beside beside(Menu menu, LabelRequest asked, List<LabelToPrint> wanted) {
        if (wanted.size() != 1 || !asked.kindOf().isOfOneDish()) return null;
        var label = wanted.getFirst();
        var dish = menu.dish(label.dish()).orElseThrow();
        var days = Held.holds(menu, label, asked, composing.today()).stream()
                .filter(h -> !(h instanceof Hold.NotKnown)).map(h -> Held.answer(h, label.name()));
        return new LabelsView.Beside(
                new Notes(label.unknown(), Stream.concat(days, label.checks().stream()).toList(),
                        Statement.compose(dish.derivation(), menu.ruleBook()),
                        Composing.isInRun(menu, dish)),
                menu.now(dish).keeps(), menu.now(dish).claims());
    }

    private static List<String> unknown(Kind kind, List<LabelToPrint> wanted) {
        return wanted.size() < 2 || !kind.isPacked() ? List.of()
                : wanted.stream().filter(w -> !w.unknown().isEmpty()).map(LabelToPrint::name).toList();
    }

    private LabelsView.@Nullable History history(LabelRequest asked, List<LabelToPrint> wanted) {
        if (wanted.size() != 1) return null;
        if (asked.kindOf().isOfOneDish()) return history("dish", wanted.getFirst().dish());
        return asked.kindOf().isForGuests() && asked.guestsId() != 0 ? history("guests", asked.guestsId()) : null;
    }

    /// {@return what came out of a dish, or for guests, the latest first}
    LabelsView.History history(String of, long id) {
        return new LabelsView.History("%s/%d".formatted(of, id), printed(of, id).stream().limit(SHOWN_OF_HISTORY)
                .map(p -> PastPrint.of(p, composing)).toList());
    }

    /// {@return all that was printed of a dish, or for guests}
    /// @throws NotHere when it is neither
    List<Labels.Printed> printed(String of, long id) {
        return switch (of) {
            case "dish" -> labels.history(id);
            case "guests" -> labels.historyOfGuests(id);
            default -> throw new NotHere("Labels are printed of a dish or for guests.");
        };
    }
}
