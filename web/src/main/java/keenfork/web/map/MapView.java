package keenfork.web.map;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import keenfork.core.diet.Diet;
import keenfork.core.regime.Group;
import keenfork.core.trace.Derivation;
import keenfork.core.trace.Mark;
import keenfork.core.trace.Peel;
import keenfork.core.trace.Profile;
import keenfork.web.kitchen.Menu;
import keenfork.web.page.Format;

/// The map as drawn: dishes by groups, with the parts of the open dish below it.
record MapView(List<Group> groups, List<Diet> diets, List<Row> rows, Peel peel, List<Peel> peels, long open) {
    /// one dish, or one part of the open dish
    record Row(long dish, String name, String note, String swatch, boolean part, boolean last, List<Cell> cells, List<Bowl> bowls) {}

    private static final int MOST_WIDE = 16;
    private static final int LONGEST_NAME = 14;
    private static final List<String> ON_THE_MAP = List.of("vegan", "vegetarian");

    /// {@return how the table is drawn: `many` groups in narrow columns, `long` names under a high head}
    public String look() {
        var isLong = groups.stream().anyMatch(g -> g.name().length() > LONGEST_NAME);
        return (groups.size() > MOST_WIDE ? "many " : "") + (isLong ? "long" : "");
    }

    /// one mark
    record Cell(String group, String symbol, String label, int threads) {}

    /// one diet
    record Bowl(String symbol, String label, String because) {}

    static MapView of(Menu menu, Peel peel, long open, Format format) {
        var rows = new ArrayList<Row>();
        for (var dish : menu.dishes()) {
            var derivation = peeled(menu, dish, peel);
            rows.add(row(menu, dish.id(), dish.name(), "", "", false, false, derivation, format));
            if (dish.id() == open) addParts(menu, dish, derivation, rows, format);
        }
        return new MapView(menu.ruleBook().groups(), shown(), rows, peel, List.of(Peel.values()), open);
    }

    /// The diets most asked for that no column of the map says already; a dish's own page answers them all.
    private static List<Diet> shown() {
        return Diet.all().stream().filter(d -> ON_THE_MAP.contains(d.id())).toList();
    }

    static Derivation peeled(Menu menu, Menu.Dish dish, Peel peel) {
        return peel == Peel.COMPLETE ? dish.derivation() : Derivation.of(peel.of(dish.derivation().recipe()), menu.facts());
    }

    private static void addParts(Menu menu, Menu.Dish dish, Derivation derivation, List<Row> rows, Format format) {
        var parts = derivation.recipe().parts();
        for (var i = 0; i < parts.size(); i++) {
            var part = parts.get(i);
            var foods = String.join(", ", part.lines().stream().limit(2).map(l -> l.food().map(f -> f.name()).orElse(l.text())).toList());
            rows.add(row(menu, dish.id(), part.name(), foods, format.swatch(part.kind()), true, i == parts.size() - 1, derivation.ofPart(part.name()), format));
        }
    }

    private static Row row(Menu menu, long id, String name, String note, String swatch, boolean part, boolean last, Derivation derivation, Format format) {
        var profile = derivation.under(menu.ruleBook());
        return new Row(id, name, note, swatch, part, last, menu.ruleBook().groups().stream().map(g -> cell(name, g, profile, part, format)).toList(),
                shown().stream().map(d -> d.judge(derivation)).map(v -> new Bowl(format.bowl(v.answer()), name + ": " + v.diet().name() + " " + v.answer().words(),
                        v.because().isEmpty() ? "" : v.because().getFirst())).toList());
    }

    private static Cell cell(String name, Group group, Profile profile, boolean part, Format format) {
        Optional<Mark> mark = profile.mark(group);
        var symbol = part ? mark.map(m -> format.symbol(m.certainty(), m.assumed())).orElse("m-none") : format.symbol(mark);
        var threads = mark.map(m -> m.threads().size()).orElse(0);
        return new Cell(group.id(), symbol, "%s: %s %s%s".formatted(name, group.name(), format.words(mark), threads > 1 ? ", " + threads + " threads" : ""), threads);
    }
}
