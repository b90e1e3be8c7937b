package keenfork.web.label;

import jakarta.servlet.http.HttpServletRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import keenfork.core.label.Kind;
import keenfork.core.label.NetQuantity;
import keenfork.core.label.OnPaper;
import keenfork.core.label.PaperFormat;
import keenfork.core.label.PrintedStatement;
import keenfork.paper.LabelPdf;
import keenfork.paper.Press;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Cook;
import keenfork.web.persistence.label.Labels;
import keenfork.web.persistence.label.PrintJobs;
import org.springframework.stereotype.Component;

/// Decides what may print, and hands it to the queue.
@Component
class Printing {
    private final Kitchen kitchen;
    private final Composing composing;
    private final LabelPdf pdf;
    private final PrintJobs jobs;

    /// What came of asking.
    ///
    /// @param job    the key of what prints, or 0 where nothing does
    /// @param waits  labels that do not print, each with its reason
    record Answer(long job, List<String> waits) {
        Answer {
            waits = List.copyOf(waits);
        }
    }

    Printing(Kitchen kitchen, Composing composing, LabelPdf pdf, PrintJobs jobs) {
        this.kitchen = kitchen;
        this.composing = composing;
        this.pdf = pdf;
        this.jobs = jobs;
    }

    /// Prints what is asked for. Of many dishes those print that can; of the others it is told why not.
    /// @param asked checked by [LabelRequest#wrong] before
    Answer print(Menu menu, LabelRequest asked) {
        var kind = asked.kindOf();
        var prints = new ArrayList<Labels.Print>();
        var waits = new ArrayList<String>();
        var all = composing.wanted(menu, asked);
        var known = kind == Kind.MENU || pdf.allFit(all.stream().map(LabelToPrint::face).toList(), kind);
        for (var wanted : all) {
            var why = waits(menu, wanted, asked, known);
            if (why.isEmpty())
                prints.add(wanted.print(kind.id(), asked.many(), asked.placeTyped(), asked.byTyped(),
                        asked.whyTyped(), kind.isPacked()));
            else waits.add(why);
        }
        return new Answer(prints.isEmpty() ? 0 : ask(prints, kind, asked.on(), asked.byTyped()), waits);
    }

    private long ask(List<Labels.Print> prints, Kind kind, PaperFormat sheet, String by) {
        var copies = prints.stream().mapToInt(Labels.Print::copies).sum();
        var each = kind == Kind.MENU ? 0 : sheet.of(kind).each();
        // how many pages a whole menu takes is known once it is laid out
        return jobs.ask(title(prints, kind, copies), kind.id(), sheet.id(),
                kind == Kind.MENU ? 0 : (copies + each - 1) / each, prints, by);
    }

    private static String title(List<Labels.Print> prints, Kind kind, int copies) {
        if (kind == Kind.MENU) return "Whole menu, " + prints.getFirst().copies();
        if (prints.size() == 1)
            return "%s, %s, %d".formatted(name(prints.getFirst()), kind.words().toLowerCase(Locale.ROOT), copies);
        return "%s, %s, %d in all".formatted(kind.words(),
                prints.size() + (kind.isForGuests() ? " groups of guests" : " dishes"), copies);
    }

    private static String name(Labels.Print print) { return print.says().map(OnPaper::name).orElse("A label"); }

    /// {@return why a label does not print; empty where it does}
    /// @param fits whether its text is known to fit already
    private String waits(Menu menu, LabelToPrint wanted, LabelRequest asked, boolean fits) {
        var kind = asked.kindOf();
        var holds = Held.holds(menu, wanted, asked, composing.today());
        if (!holds.isEmpty()) return Held.answer(holds.getFirst(), wanted.name());
        var missing = Press.missing(wanted.face().text());
        if (!missing.isEmpty())
            return "%s holds letters that no face here has: %s. Write it in other letters."
                    .formatted(wanted.name(), String.join(" ", missing));
        if (!fits && !pdf.fits(wanted.face(), kind))
            return LabelPdf.tooLong(wanted.face(), kind);
        return "";
    }

    /// Prints as many of a label as are out, as it reads now, to the same place. The old ones stay on the list until
    /// they are taken back.
    Answer again(Labels.Printed then, String by) {
        return print(kitchen.menu(), asked(then, Math.max(1, then.out()), by));
    }

    /// {@return the same label asked for anew, in its language and with its claims; it is made and packed anew. A
    /// reason once given is not given for what was not known since}
    static LabelRequest asked(Labels.Printed then, int copies, String by) {
        var print = then.print();
        var said = print.paper() instanceof PrintedStatement label ? label : null;
        return new LabelRequest(String.valueOf(print.dish()), print.kind(), null, said == null ? null : said.language(),
                print.guests() == 0 ? null : print.guests(), said == null ? null : said.claims(),
                String.valueOf(copies), print.place(), by, null, null, null, null,
                print.pack().net().map(NetQuantity::typed).orElse(null), print.pack().use());
    }

    /// Throws away the rest of what is held, and prints so many as they read now.
    /// @return false where nothing is held under this key
    boolean anew(long id, HttpServletRequest request) {
        var job = jobs.find(id).filter(j -> j.state() == PrintJobs.State.HELD);
        if (job.isEmpty()) return false;
        var menu = kitchen.menu();
        var kind = Kind.named(job.get().kind()).orElseThrow();
        var prints = new ArrayList<Labels.Print>();
        var waits = new ArrayList<String>();
        for (var label : jobs.labels(id)) {
            var rest = label.print().copies() - label.cameOut();
            if (rest <= 0) continue;
            var asked = asked(label, rest, Cook.of(request));
            for (var wanted : kind == Kind.MENU ? List.<LabelToPrint>of() : wantedOf(menu, label, asked)) {
                var why = waits(menu, wanted, asked, false);
                if (why.isEmpty())
                    prints.add(wanted.print(kind.id(), rest, asked.placeTyped(), asked.byTyped(),
                            asked.whyTyped(), kind.isPacked()));
                else waits.add(why);
            }
        }
        if (!waits.isEmpty()) {
            jobs.hold(id, String.join(" ", waits));
            return true;
        }
        jobs.throwAway(id);
        if (kind == Kind.MENU)
            print(menu,
                    asked(jobs.labels(id).getFirst(), jobs.labels(id).getFirst().print().copies(), Cook.of(request)));
        else if (!prints.isEmpty())
            ask(prints, kind, PaperFormat.named(job.get().sheet()).orElseThrow(), Cook.of(request));
        return true;
    }

    /// A dish that is off the menu, or guests that are off the list, have no label any more.
    private List<LabelToPrint> wantedOf(Menu menu, Labels.Printed label, LabelRequest asked) {
        var isThere = label.print().guests() == 0 ? menu.dish(label.print().dish()).isPresent()
                : menu.guests(label.print().guests()).isPresent();
        return isThere ? composing.wanted(menu, asked) : List.of();
    }
}
