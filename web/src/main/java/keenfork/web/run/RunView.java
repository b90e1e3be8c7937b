package keenfork.web.run;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import keenfork.core.food.Substance;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Batch;
import keenfork.core.run.Carried;
import keenfork.core.run.Clean;
import keenfork.core.run.Kit;
import keenfork.core.run.PrepRun;
import keenfork.core.swap.Avoidance;
import keenfork.core.swap.Avoidances;
import keenfork.core.trace.Certainty;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.persistence.Events;

/// A run drawn as a sheet: a lane for each kit, a column for each batch in its turn; waves where a kit is cleared, an arc for all that travels.
///
/// @param columns the batches in order
/// @param lanes   the kit that any of them goes over
/// @param trips   what travels, in words
/// @param width   px
/// @param height  px
/// @param worth   what the order is worth
/// @param summary the whole sheet as a reader hears it
record RunView(List<Column> columns, List<Lane> lanes, List<Trip> trips, int width, int height, String worth, String summary) {
    private static final int LABELS = 132;
    private static final int COLUMN = 80;
    private static final int HEAD = 92;
    private static final int LANE = 64;
    private static final int BLOCK = 30;
    private static final int WASH = 20;
    private static final int LETTERS = 10;
    private static final int MOST_LINES = 4;
    private static final int MOST_SQUARES = 3;

    /// One batch.
    ///
    /// @param lines its name, in lines that fit
    /// @param kit   what it goes over, each with what is done to it before
    record Column(int turn, String dish, List<String> lines, int x, List<Before> kit) {}

    /// what is done to a kit before a batch
    record Before(String id, String name, String clean, String words, boolean cleared, String ends) {}

    /// one kit
    record Lane(String name, int y, List<Block> blocks, List<Arc> arcs) {}

    /// A batch on a kit.
    ///
    /// @param squares one for each group it holds, as x; past the last of them a plus
    /// @param washX   where what is done before it is drawn; 0 where nothing is
    record Block(int x, int width, List<Integer> squares, boolean more, String words, boolean hit, int washX, boolean cleared) {}

    /// a hand-over between two blocks of a lane
    record Arc(String path, int x, int y, String words) {}

    /// a hand-over in words
    record Trip(int turn, String kit, String ends, String title, String how, String estimate, String people, String doing) {}

    /// @param worth what the order is worth; empty for the cook's own
    static RunView of(PrepRun run, String worth, Menu menu, List<Events.Guests> groups, Format format) {
        var book = menu.ruleBook();
        var columns = new ArrayList<Column>();
        for (var i = 0; i < run.turns().size(); i++) columns.add(column(run.turns().get(i), i));
        var lanes = new ArrayList<Lane>();
        for (var kit : run.kit()) lanes.add(lane(run, kit, HEAD + lanes.size() * LANE, book));
        return new RunView(columns, lanes, trips(run, menu, groups, format), LABELS + columns.size() * COLUMN + 4, HEAD + lanes.size() * LANE + 6, worth,
                "%s over %s, %s, %s left".formatted(format.count(columns.size(), "batch", "batches"), format.count(lanes.size(), "kit", "kits"), format.count(run.washes(), "wash", "washes"), format.count(run.contacts(), "contact", "contacts")));
    }

    private static Column column(PrepRun.Turn turn, int at) {
        return new Column(at, turn.batch().dish(), wrapped(turn.batch().dish()), LABELS + at * COLUMN, turn.batch().uses().stream().map(u -> before(u.kit(), turn.clean(u.kit()))).toList());
    }

    private static Before before(Kit kit, Clean clean) {
        return new Before(kit.id(), kit.name(), clean.name().toLowerCase(Locale.ROOT), clean.words(), kit.isClearedBy(clean), kit.endedBy().name().toLowerCase(Locale.ROOT));
    }

    /// A name in lines of a few letters; the last one ends in dots where it does not fit. The whole name is in the list beside it.
    private static List<String> wrapped(String name) {
        var lines = new ArrayList<String>();
        for (var word : name.split(" |(?<=-)")) {
            var last = lines.isEmpty() ? "" : lines.getLast() + (lines.getLast().endsWith("-") ? "" : " ");
            if (!lines.isEmpty() && last.length() + word.length() <= LETTERS) lines.set(lines.size() - 1, last + word);
            else lines.add(word);
        }
        if (lines.size() <= MOST_LINES) return lines;
        var first = new ArrayList<>(lines.subList(0, MOST_LINES));
        first.set(MOST_LINES - 1, first.getLast() + " …");
        return first;
    }

    private static Lane lane(PrepRun run, Kit kit, int y, RuleBook book) {
        var blocks = new ArrayList<Block>();
        var arcs = new ArrayList<Arc>();
        for (var i = 0; i < run.turns().size(); i++) {
            var turn = run.turns().get(i);
            var use = turn.batch().use(kit).orElse(null);
            if (use == null) continue;
            var carried = turn.carried().stream().filter(c -> c.kit() == kit).toList();
            blocks.add(block(use, turn.clean(kit), i, !carried.isEmpty(), kit, book));
            arcs.addAll(arcs(run, carried, i, y));
        }
        return new Lane(kit.name(), y, blocks, arcs);
    }

    private static Block block(Batch.Use use, Clean clean, int at, boolean hit, Kit kit, RuleBook book) {
        var x = LABELS + at * COLUMN + WASH + 4;
        var groups = groups(use, book);
        var squares = new ArrayList<Integer>();
        for (var i = 0; i < Math.min(groups.size(), MOST_SQUARES); i++) squares.add(x + 6 + i * 9);
        return new Block(x, COLUMN - WASH - 8, squares, groups.size() > MOST_SQUARES, groups.isEmpty() ? "holds nothing grouped" : String.join(", ", groups), hit, clean == Clean.NONE ? 0 : x - WASH - 2, kit.isClearedBy(clean));
    }

    private static List<Arc> arcs(PrepRun run, List<Carried> carried, int to, int y) {
        var byFrom = new LinkedHashMap<Integer, List<String>>();
        for (var c : carried)
            for (var j = to - 1; j >= 0; j--)
                if (run.turns().get(j).batch() == c.from()) {
                    byFrom.computeIfAbsent(j, _ -> new ArrayList<>()).add(c.substance().name());
                    break;
                }
        var arcs = new ArrayList<Arc>();
        byFrom.forEach((from, what) -> {
            var a = LABELS + from * COLUMN + WASH + 34;
            var b = LABELS + to * COLUMN + WASH + 26;
            var top = y + LANE - BLOCK - 6;
            arcs.add(new Arc("M%d %d C%d %d %d %d %d %d".formatted(a, top, a, top - 22, b, top - 22, b, top - 2), b + 8, top - 8, what.getFirst() + (what.size() > 1 ? " +" + (what.size() - 1) : "")));
        });
        return arcs;
    }

    private static List<String> groups(Batch.Use use, RuleBook book) {
        var groups = new LinkedHashSet<String>();
        for (var s : use.holds().keySet()) groups.addAll(names(s, book));
        for (var s : use.unsure()) for (var name : names(s, book)) if (!groups.contains(name)) groups.add(name + "?");
        return List.copyOf(groups);
    }

    private static List<String> names(Substance substance, RuleBook book) {
        return book.groups().stream().filter(g -> book.member(g, substance).isPresent()).map(g -> g.names(substance) ? substance.name() : g.name().toLowerCase()).toList();
    }

    private static List<Trip> trips(PrepRun run, Menu menu, List<Events.Guests> groups, Format format) {
        var trips = new ArrayList<Trip>();
        for (var i = 0; i < run.turns().size(); i++) {
            var byKit = new LinkedHashMap<Kit, List<Carried>>();
            for (var c : run.turns().get(i).carried()) byKit.computeIfAbsent(c.kit(), _ -> new ArrayList<>()).add(c);
            var turn = i;
            byKit.forEach((kit, carried) -> trips.add(trip(turn, kit, carried, menu, groups, format)));
        }
        return trips;
    }

    private static Trip trip(int turn, Kit kit, List<Carried> carried, Menu menu, List<Events.Guests> groups, Format format) {
        var what = carried.stream().map(c -> c.substance().name()).toList();
        var estimates = carried.stream().map(c -> c.substance().name() + ": " + c.estimate()).toList();
        var out = groups.stream().filter(g -> carried.stream().anyMatch(c -> shutsOut(c, g, menu))).map(g -> g.name() + " " + g.people()).toList();
        return new Trip(turn, kit.id(), kit.endedBy().name().toLowerCase(Locale.ROOT), "%s to %s, by the %s".formatted(format.list(what), carried.getFirst().to().dish(), kit.name()),
                String.join("; ", carried.stream().map(Carried::how).distinct().toList()) + ".", String.join(". ", estimates) + ".", out.isEmpty() ? "" : "Who goes without: " + format.list(out) + ".",
                kit.endedBy() == Clean.FRESH ? "Renew the " + kit.name() + " first" : "Wash the " + kit.name() + " first");
    }

    /// Whether a contact is what keeps people from a dish that they could eat otherwise.
    private static boolean shutsOut(Carried carried, Events.Guests group, Menu menu) {
        var avoid = Avoidances.of(group.avoids(), menu.ruleBook()).all();
        return menu.dishes().stream().filter(d -> d.name().equals(carried.to().dish())).anyMatch(d -> d.derivation().evidence().stream()
                .anyMatch(e -> e.certainty() == Certainty.CONTACT && e.substance().equals(carried.substance()) && avoid.stream().anyMatch(a -> a.against(e) == Avoidance.Answer.BREAKS))
                && d.derivation().evidence().stream().noneMatch(e -> e.certainty() != Certainty.CONTACT && avoid.stream().anyMatch(a -> a.against(e) == Avoidance.Answer.BREAKS)));
    }
}
