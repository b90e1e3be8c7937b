package keenfork.web.map;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import keenfork.core.regime.Group;
import keenfork.core.trace.Beside;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.EntryStep;
import keenfork.core.trace.Evidence;
import keenfork.core.trace.Link;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Peel;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;

/// Why a mark stands where it stands: its threads, drawn, and what would clear it.
///
/// @param threads the strongest
/// @param more    the rest of them, folded away
record WhyView(String title, String dish, String symbol, String words, List<ThreadView> threads, List<ThreadView> more,
        List<Way> ways) {
    /// px of a line of words, letters on one, and the room between two knots
    private static final int LINE = 19;
    private static final int LETTERS = 27;
    private static final int ROOM = 8;
    private static final int SHOWN = 3;
    /// px of the knot at the end of a thread, and of one between
    private static final int END = 8;
    private static final int BETWEEN = 5;

    /// {@return whether there is more than one thread}
    public boolean isSeveral() { return threads.size() + more.size() > 1; }

    /// {@return a thread's number, from 1}
    public int number(ThreadView thread) {
        var shown = threads.indexOf(thread);
        return 1 + (shown < 0 ? threads.size() + more.indexOf(thread) : shown);
    }

    /// a thread with its twine
    record ThreadView(String symbol, String words, List<Knot> knots, List<Twine> twine, int height) {}

    /// a knot: its words, what is known of it, and where it stands, in px
    record Knot(String text, String note, int y, int lines, boolean end) {
        /// {@return how far it reaches from its middle, px}
        public int radius() { return end ? END : BETWEEN; }
    }

    /// a stretch of twine between two knots
    record Twine(String path, String look) {}

    /// a way to clear the mark; no link where the answer is no
    record Way(String icon, String bold, String rest, String link) {}

    static WhyView of(Menu menu, Menu.Dish dish, Column column, Peel peel, Format format) {
        var derivation = MapView.peeled(menu, dish, peel);
        var profile = derivation.under(menu.ruleBook());
        var mark = column.mark(profile);
        if (mark.isEmpty() && !column.isMember()) {
            var beside = profile.beside().stream().filter(b -> b.group().equals(column.group())).toList();
            if (!beside.isEmpty()) return besides(menu, dish, column, beside, format);
        }
        var threads = mark.map(Mark::threads).orElse(List.of()).stream()
                .map(e -> thread(e, column.group(), menu, format)).toList();
        return new WhyView(title(column, mark), dish.name(), format.symbol(mark), format.words(mark),
                threads.stream().limit(SHOWN).toList(), threads.stream().skip(SHOWN).toList(),
                mark.map(m -> ways(menu, dish, m, derivation)).orElse(List.of()));
    }

    /// Nothing the law lists, and something beside its list: that is what the threads lead to.
    private static WhyView besides(Menu menu, Menu.Dish dish, Column column, List<Beside> beside, Format format) {
        var names = format.list(beside.stream().map(b -> b.substance().name()).toList());
        var threads = beside.stream().flatMap(b -> b.threads().stream())
                .map(e -> thread(e, column.group(), menu, format)).toList();
        return new WhyView("%s: nothing the law lists; beside its list: %s".formatted(column.name(), names),
                dish.name(), "m-beside", "beside the law’s list",
                threads.stream().limit(SHOWN).toList(), threads.stream().skip(SHOWN).toList(), List.of());
    }

    private static String title(Column column, Optional<Mark> mark) {
        var name = column.isMember() ? column.name() + ", " + column.group().name().toLowerCase() : column.name();
        return mark.map(m -> switch (m.certainty()) {
            case CONTAINS -> name + (m.assumed() ? ": assumed in it" : ": in it");
            case MAY_CONTAIN -> name + ": pack says may";
            case CONTACT -> name + ": contact";
            case NOT_KNOWN -> name + ": not known";
        }).orElse(name + ": nothing found");
    }

    private static ThreadView thread(Evidence evidence, Group group, Menu menu, Format format) {
        var knots = new ArrayList<Knot>();
        var path = evidence.path();
        for (var link : path)
            if (link.kind() != Link.Place.SUBSTANCE || !link.text().equalsIgnoreCase(group.name()))
                addKnot(knots, words(link), note(link, format), false);
        if (menu.ruleBook().isBeside(evidence.substance())) {
            addKnot(knots, "beside the law’s list of " + group.name().toLowerCase(Locale.ROOT),
                    menu.ruleBook().name() + " rule book", true);
            return new ThreadView(format.symbol(evidence.certainty(), evidence.assumed()),
                    format.words(evidence.certainty(), evidence.assumed()),
                    knots, twine(evidence, knots), bottom(knots));
        }
        addKnot(knots, group.name(), menu.ruleBook().name() + " rule book, " + group.source().replaceFirst(":.*", ""),
                true);
        return new ThreadView(format.symbol(evidence.certainty(), evidence.assumed()),
                format.words(evidence.certainty(), evidence.assumed()),
                knots, twine(evidence, knots), bottom(knots));
    }

    private static void addKnot(List<Knot> knots, String text, String note, boolean end) {
        var lines = Math.min(5, lines(text) + (note.isEmpty() ? 0 : lines(note)));
        knots.add(new Knot(text, note, bottom(knots), lines, end));
    }

    private static int lines(String text) {
        return 1 + (text.length() - 1) / LETTERS;
    }

    private static int bottom(List<Knot> knots) {
        return knots.isEmpty() ? 0 : knots.getLast().y + knots.getLast().lines * LINE + ROOM;
    }

    private static String words(Link link) {
        return link.kind() == Link.Place.LINE ? "“" + link.text() + "”" : link.text();
    }

    private static String note(Link link, Format format) {
        if (link.kind() == Link.Place.SUBSTANCE)
            return link.from().startsWith("No ") || link.from().endsWith("?") ? link.from() : "table of substances";
        var mass = link.mass();
        if (mass == null) return link.from();
        return format.likely(mass) + (link.from().isEmpty() ? "" : ", " + link.from());
    }

    /// Each stretch narrows from the width of the knot above to the one below: the log of grams, 2 to 16 px.
    private static List<Twine> twine(Evidence evidence, List<Knot> knots) {
        var twine = new ArrayList<Twine>();
        var width = 16.0;
        var last = knots.size() - 2;
        for (var i = 0; i <= last; i++) {
            var next =
                    i + 1 < evidence.path().size() ? width(evidence.path().get(i + 1), width) : Math.max(2, width - 2);
            var y = knots.get(i).y + 9;
            var until = knots.get(i + 1).y + 9;
            var look = i < last - 1 ? "solid" : look(evidence);
            twine.add(new Twine(look.equals("solid") ? ribbon(y, until, width, next) : "M16 %d V%d".formatted(y, until),
                    look));
            width = next;
        }
        return twine;
    }

    private static String look(Evidence evidence) {
        if (evidence.certainty() == Certainty.NOT_KNOWN) return "dotted";
        return evidence.assumed() ? "dashed" : "solid";
    }

    private static double width(Link link, double above) {
        var mass = link.mass();
        return mass == null ? Math.max(2, above - 2) : Math.clamp(2.9 * Math.log10(1 + mass.likelyGrams()), 2, above);
    }

    private static String ribbon(int y, int until, double top, double bottom) {
        return String.format(Locale.ROOT, "M%.1f %d H%.1f L%.1f %d H%.1f Z", 16 - top / 2, y, 16 + top / 2,
                16 + bottom / 2, until, 16 - bottom / 2);
    }

    private static List<Way> ways(Menu menu, Menu.Dish dish, Mark mark, Derivation derivation) {
        var ways = new ArrayList<Way>();
        if (mark.certainty() == Certainty.CONTACT)
            ways.add(new Way("k-wash", "Wash the blender first", " or change the order", "/run"));
        var foods = mark.threads().stream().filter(e -> e.certainty() == Certainty.NOT_KNOWN || e.assumed())
                .flatMap(e -> e.path().stream())
                .filter(l -> l.kind() == Link.Place.FOOD).map(Link::text).distinct().toList();
        for (var food : foods)
            menu.packFor(food).ifPresentOrElse(
                    p -> ways.add(new Way("k-pack", "Read the pack", ": " + p.value().label(), "/larder/" + p.id())),
                    () -> ways.add(new Way("k-pack", "Read the pack", ": " + food,
                            "/larder/new?food=" + URLEncoder.encode(food, StandardCharsets.UTF_8))));
        ways.add(new Way("k-swap", "Plan a swap", " without " + mark.group().name().toLowerCase(),
                "/swaps?dish=" + dish.id() + "&avoid=" + mark.group().id()));
        if (mark.certainty() == Certainty.NOT_KNOWN && foods.isEmpty())
            ways.add(new Way("k-ask", "Answer the question", " at the dish", "/dishes/" + dish.id()));
        EntryStep.of(derivation, menu.ruleBook()).stream()
                .filter(l -> l.mark().group().equals(mark.group()) && l.hasLastMoment()
                        && l.step() < derivation.recipe().steps().size())
                .findFirst()
                .ifPresent(l -> ways.add(new Way("k-split", "Take a portion off", " before step " + (l.step() + 1),
                        "/dishes/" + dish.id())));
        ways.add(mark.comesOff() ? new Way("k-back", "Hold back: ", "yes, it is all in what comes off", "")
                : new Way("k-back", "Hold back: ", "no, not all of it is in a topping or beside", ""));
        return ways;
    }
}
