package keenfork.web.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import keenfork.core.covers.Eats;
import keenfork.core.diet.Diet;
import keenfork.core.food.Food;
import keenfork.core.trace.Beside;
import keenfork.core.trace.Certainty;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Peel;
import keenfork.core.trace.Profile;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;
import keenfork.web.page.MarkRow.Bowl;
import keenfork.web.page.MarkRow.Cell;
import keenfork.web.page.MarkRow;

/// The map as drawn: dishes by groups, with the parts of the open dish below it.
///
/// @param totals for each column how many dishes carry it, and of how many that is not known
/// @param people for whom it is shown, in words; empty for everyone
record MapView(List<Column> columns, List<Diet> diets, List<MapRow> rows, List<Total> totals, Peel peel,
        List<Peel> peels,
        long open, String people) {
    /// {@return for whom the rows are; empty where they are for everyone}
    public String forWhom() { return isFor() ? " Rows for: " + people + "." : ""; }

    String forWhomShort() { return isFor() ? ", for " + people : ""; }

    /// {@return the same map, so many rows at a time}
    List<MapView> pieces(int most) {
        if (rows.size() <= most + most / 2) return List.of(this);
        return IntStream.range(0, (rows.size() + most - 1) / most)
                .mapToObj(i -> new MapView(columns, diets,
                        rows.subList(i * most, Math.min(rows.size(), (i + 1) * most)), totals, peel, peels, open,
                        people))
                .toList();
    }

    /// {@return the key to its marks}
    public List<MapKey.Entry> key() { return isFor() ? MapKey.FOR_PEOPLE : MapKey.ENTRIES; }

    /// {@return how many columns there are, the dish's own and the people's among them}
    public int span() { return columns.size() + diets.size() + (isFor() ? 2 : 1); }

    private static final int MOST_WIDE = 16;
    private static final int LONGEST_NAME = 14;
    private static final List<String> ON_THE_MAP = List.of("vegan", "vegetarian", "pregnancy");

    /// One dish, or one part of the open dish.
    ///
    /// @param marks the marks, and the diets behind them
    /// @param eats  whether the people it is shown for eat it; empty where it is shown for everyone
    record MapRow(long dish, String name, String note, String swatch, boolean part, boolean last, MarkRow marks,
            Bowl eats,
            boolean without) {
        List<Cell> cells() { return marks.cells(); }

        List<Bowl> bowls() { return marks.bowls(); }

        /// {@return what it is of, a part with what it is made of}
        public String title() { return part ? name + ": " + note : name; }

        /// {@return whether it is of the dish that is open}
        public boolean isOpen(long open) { return dish == open; }

        /// {@return how the row looks, by which dish is open}
        public String look(long open) {
            var isOpen = !part && isOpen(open);
            var end = last ? "part last" : "part";
            return (part ? end : "dish") + (isOpen ? " is-open" : "") + (without ? " dim" : "");
        }
    }

    /// the foot of a column
    record Total(int carry, int unknown) {
        public String label(Column column) {
            return "%s: %d dishes carry it, of %d it is not known".formatted(column.name(), carry, unknown);
        }
    }

    /// {@return how the table is drawn: `many` groups in narrow columns, `long` names under a high head}
    public String look() {
        var isLong = columns.stream().anyMatch(c -> c.name().length() > LONGEST_NAME);
        return (columns.size() > MOST_WIDE ? "many " : "") + (isLong ? "long" : "");
    }

    public boolean isFor() { return !people.isEmpty(); }

    static MapView of(Menu menu, MapQuery asked, Diners diners, Format format) {
        var peel = asked.peeled();
        var rows = new ArrayList<MapRow>();
        var shown =
                menu.dishes().stream().filter(d -> d.name().toLowerCase(Locale.ROOT).contains(asked.words())).toList();
        var derived = shown.stream().map(d -> peeled(menu, d, peel)).toList();
        var profiles = derived.stream().map(d -> d.under(menu.ruleBook())).toList();
        var beside =
                profiles.stream().flatMap(p -> p.beside().stream()).map(Beside::substance).collect(Collectors.toSet());
        var columns = Column.of(menu.ruleBook(), asked.opened(), beside);
        for (var i = 0; i < shown.size(); i++) {
            var dish = shown.get(i);
            rows.add(
                    row(new Menu.Dish(dish.stored(), dish.read(), derived.get(i)), asked, columns, profiles.get(i),
                            diners, format));
            if (dish.id() == asked.dishId()) addParts(menu, dish, derived.get(i), columns, rows, format);
        }
        return new MapView(columns, shownDiets(), rows, columns.stream().map(c -> total(c, profiles)).toList(), peel,
                List.of(Peel.values()), asked.dishId(), diners.words());
    }

    private static Total total(Column column, List<Profile> profiles) {
        var marks = profiles.stream().map(column::mark).flatMap(Optional::stream).toList();
        var unknown = (int) marks.stream().filter(m -> m.certainty() == Certainty.NOT_KNOWN).count();
        return new Total(marks.size() - unknown, unknown);
    }

    /// The diets most asked for that no column of the map says already; a dish's own page answers them all.
    static List<Diet> shownDiets() {
        return Diet.all().stream().filter(d -> ON_THE_MAP.contains(d.id())).toList();
    }

    static Derivation peeled(Menu menu, Menu.Dish dish, Peel peel) {
        return peel == Peel.COMPLETE ? dish.derivation()
                : Derivation.of(peel.of(dish.derivation().recipe()), menu.facts());
    }

    private static void addParts(Menu menu, Menu.Dish dish, Derivation derivation, List<Column> columns,
            List<MapRow> rows,
            Format format) {
        var parts = derivation.recipe().parts();
        for (var i = 0; i < parts.size(); i++) {
            var part = parts.get(i);
            var foods = String.join(", ", part.lines().stream().limit(2)
                    .map(l -> l.food().map(Food::name).orElse(l.dish().isEmpty() ? l.text() : l.dish())).toList());
            var alone = derivation.ofPart(i);
            var profile = alone.under(menu.ruleBook());
            var cells = columns.stream().map(c -> partCell(part.name(), c, c.mark(profile), format)).toList();
            rows.add(new MapRow(dish.id(), part.name(), foods, format.swatch(part.kind()), true, i == parts.size() - 1,
                    new MarkRow("", cells, bowls(part.name(), alone, format)), Bowl.NONE, false));
        }
    }

    /// @param dish as it is peeled
    private static MapRow row(Menu.Dish dish, MapQuery asked, List<Column> columns, Profile profile, Diners diners,
            Format format) {
        var derivation = dish.derivation();
        var name = dish.name();
        var eats = diners.isEveryone() ? null : diners.eat(derivation);
        var bowl = eats == null ? Bowl.NONE
                : new Bowl(symbol(eats), name + ": " + diners.words() + " " + eats.words(), eats.words());
        var cells = columns.stream().map(c -> cell(name, c, profile, format)).toList();
        var marks = new MarkRow(asked.mark() + "dish=" + dish.id() + "&group=", cells, bowls(name, derivation, format));
        return new MapRow(dish.id(), name, "", "", false, false, marks, bowl, eats == Eats.GOES_WITHOUT);
    }

    private static String symbol(Eats eats) {
        return switch (eats) {
            case AS_MADE -> "p-full";
            case HELD_BACK -> "p-part";
            case CANNOT_SAY -> "p-ask";
            case GOES_WITHOUT -> "p-empty";
        };
    }

    private static List<Bowl> bowls(String name, Derivation derivation, Format format) {
        return shownDiets().stream().map(d -> d.judge(derivation))
                .map(v -> new Bowl(format.bowl(v.answer()), name + ": " + v.diet().name() + " " + v.answer().words(),
                        v.because().isEmpty() ? "" : v.because().getFirst().words()))
                .toList();
    }

    /// Where nothing of the law's list was found and something beside it was, the cell says so: its dot would be taken
    /// for an answer.
    private static Cell cell(String name, Column column, Profile profile, Format format) {
        var mark = column.mark(profile);
        var beside = mark.isPresent() || column.isMember() ? List.<Beside>of()
                : profile.beside().stream().filter(b -> b.group().equals(column.group())).toList();
        if (!beside.isEmpty())
            return new Cell(column.key(), "m-beside",
                    "%s: %s, nothing that the law lists; beside its list: %s".formatted(name, column.name(),
                            format.list(beside.stream()
                                    .map(b -> b.substance().name() + " " + format.words(b.certainty(), false))
                                    .toList())),
                    beside.size());
        var threads = mark.map(m -> m.threads().size()).orElse(0);
        return new Cell(column.key(), format.symbol(mark), "%s: %s %s%s".formatted(name, column.label(),
                format.words(mark), threads > 1 ? ", " + threads + " threads" : ""), threads);
    }

    /// A part is looked at by itself: there nothing comes off.
    private static Cell partCell(String name, Column column, Optional<Mark> mark, Format format) {
        var symbol =
                mark.map(m -> m.isPackToRead() ? "m-pack" : format.symbol(m.certainty(), m.assumed())).orElse("m-none");
        return new Cell(column.key(), symbol, "%s: %s %s".formatted(name, column.name(),
                mark.map(m -> format.words(m.certainty(), m.assumed())).orElse("nothing found")), 0);
    }

    /// {@return the dish rows alone}
    List<MapRow> dishRows() { return rows.stream().filter(r -> !r.part).toList(); }

}
