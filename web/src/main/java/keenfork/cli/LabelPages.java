package keenfork.cli;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.kitchen.DishNow;
import keenfork.core.kitchen.Hold;
import keenfork.core.label.Kind;
import keenfork.core.label.Language;
import keenfork.core.label.OnPack;
import keenfork.core.label.PaperFormat;
import keenfork.core.label.PrintedStatement;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Derivation;
import keenfork.paper.LabelPdf;
import keenfork.paper.LabelView;

/// The labels of some dishes as PDF. What a packed label waits for stands in its place.
final class LabelPages {
    private static final String NO_KITCHEN = "";

    private LabelPages() {}

    /// in what book and language labels are read, what they may claim, and when their food was made
    record Reading(RuleBook ruleBook, Language language, List<String> claimed, LocalDate made) {}

    /// @param dishes 1 or more
    static byte[] of(List<Derivation> dishes, Kind kind, Reading reading) {
        var labels = new ArrayList<LabelView>();
        var held = new ArrayList<String>();
        for (var dish : dishes) {
            var now = new DishNow(dish, reading.ruleBook, Map.of(), null);
            var statements = PrintedStatement.inLanguages(dish, reading.ruleBook, reading.language);
            var says = (kind.isPacked() ? PrintedStatement.packed(statements)
                    : now.says(kind.hasList(), reading.language))
                            .claiming(now.standing().stream().filter(reading.claimed::contains).toList());
            var until = kind.isPacked() ? now.keepsUntil(reading.made) : null;
            labels.add(LabelView.of(says, NO_KITCHEN, new LabelView.MadeOn(reading.made, "", until,
                    new OnPack(now.keeps().mark(), Optional.empty(), ""), false)));
            var waitsFor = statements.stream().limit(kind.isPacked() ? statements.size() : 1)
                    .flatMap(s -> s.waitsFor().stream()).distinct().toList();
            held.add(String.join(" ", Hold.of(now, kind, waitsFor, false,
                    new Hold.Days(reading.made, until, reading.made)).stream()
                    .map(h -> words(h, dish.recipe().name())).toList()));
        }
        var pdf = LabelPdf.alone();
        return kind == Kind.MENU ? pdf.menu(labels, NO_KITCHEN, reading.made.toString(), PaperFormat.A4)
                : pdf.of(labels, held, kind, PaperFormat.OWN);
    }

    private static String words(Hold hold, String name) {
        return switch (hold) {
            case Hold.NotKnown(var what) -> "%s may not be printed yet. Not known: %s.".formatted(name,
                    String.join(", ", what));
            case Hold.KeepsShorter(var days) -> "%s keeps for %d days.".formatted(name, days);
            case Hold.Over(var until) -> "%s kept until %s.".formatted(name, until);
        };
    }
}
