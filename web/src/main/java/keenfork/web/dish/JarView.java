package keenfork.web.dish;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.measure.Mass;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.Recipe;
import keenfork.web.page.Format;

/// What goes in by weight, drawn as a jar filled from the bottom up, with brackets for where the level of each part may
/// stand.
///
/// @param height px from the rim to the foot
/// @param layers one a line, from the bottom up
/// @param tags   their names beside the jar, from the top down
/// @param levels the bracket of each part's level
/// @param unweighed the lines that have no weight and are not in it, in words
record JarView(int height, List<Layer> layers, List<Tag> tags, List<Level> levels, String unweighed) {
    private static final int FULL = 270;
    private static final int TOP = 14;
    private static final int APART = 21;
    private static final int MOST_TAGS = 13;
    /// so many letters have room beside the jar
    private static final int LONGEST = 24;
    private static final int LONGEST_GRAMS = 6;
    /// a layer thinner than this is named together with its neighbours
    private static final double THIN = 0.022;

    /// a layer: the part's swatch, and where it lies in px from the top
    record Layer(String swatch, double y, double height, boolean firstOfPart) {
        public double bottom() { return y + height; }
    }

    /// a name beside the jar: what it says, where it stands, and the middle of its layer
    record Tag(String name, String grams, double y, double from) {
        public String lead() { return String.format(Locale.ROOT, "M96 %.1f H102 L112 %.1f H116", from, y); }
    }

    /// how high a part may reach: likely, low and high in px
    record Level(double likely, double low, double high, int x) {
        /// {@return from low to high, with the stem to the glass}
        public String bracket() {
            return String.format(Locale.ROOT, "M%d %.1fh8M%d %.1fh8M%d %.1fH33", x - 4, low, x - 4, high, x, likely);
        }
    }

    /// {@return the outline of the jar}
    public String glass() {
        var side = height - 14;
        var foot = height - 9;
        return "M30 6H98M33 6V%d Q33 %d 39 %d H89 Q95 %d 95 %d V6".formatted(side, foot, foot, foot, side);
    }

    static JarView of(Recipe recipe, Format format) {
        var total = recipe.mass();
        var unweighed = recipe.lines().stream().filter(l -> l.mass() == null).map(JarView::name).toList();
        var words = unweighed.isEmpty() ? "" : format.list(atMostThree(unweighed));
        if (total.high() == 0) return new JarView(0, List.of(), List.of(), List.of(), words);
        var scale = FULL / total.highGrams();
        var layers = new ArrayList<Layer>();
        var levels = new ArrayList<Level>();
        var named = new ArrayList<Named>();
        var below = Mass.NONE;
        for (var part : recipe.parts()) {
            addLayers(part, below, total, layers, named, format);
            below = below.plus(part.mass());
            if (part.mass().likely() > 0 && below.isRange())
                levels.add(new Level(y(below.likelyGrams(), scale),
                        y(below.lowGrams(), scale), y(below.highGrams(), scale), 14 - levels.size() % 2 * 9));
        }
        return new JarView(FULL + TOP + 10, layers, tags(named), levels, words);
    }

    private static List<String> atMostThree(List<String> names) {
        return names.size() <= 3 ? names : List.of(names.get(0), names.get(1), (names.size() - 2) + " more");
    }

    /// lines named together
    private record Named(String name, Mass mass, double middle) {}

    private static void addLayers(Part part, Mass below, Mass total, List<Layer> layers, List<Named> named,
            Format format) {
        var scale = FULL / total.highGrams();
        var at = below;
        var thin = new ArrayList<Line>();
        var thinMass = Mass.NONE;
        var thinMiddle = 0.0;
        var isFirst = true;
        for (var line : part.lines()) {
            var mass = line.mass();
            if (mass == null || mass.likely() == 0) continue;
            var top = y(at.plus(mass).likelyGrams(), scale);
            var height = mass.likelyGrams() * scale;
            layers.add(new Layer(format.swatch(part.kind()), top, height, isFirst));
            isFirst = false;
            at = at.plus(mass);
            if (mass.likelyGrams() < THIN * total.likelyGrams()) {
                thin.add(line);
                thinMass = thinMass.plus(mass);
                thinMiddle = top + height / 2;
            } else {
                named.add(new Named(name(line), mass, top + height / 2));
            }
        }
        if (!thin.isEmpty()) named.add(new Named(together(thin), thinMass, thinMiddle));
    }

    /// "salt, sumac", "salt and 3 more", or where that is too long to stand beside the jar "4 lines"
    private static String together(List<Line> thin) {
        var names = thin.size() <= 2 ? thin.stream().map(JarView::name).collect(Collectors.joining(", "))
                : name(thin.getFirst()) + " and " + (thin.size() - 1) + " more";
        return names.length() + LONGEST_GRAMS <= LONGEST || thin.size() == 1 ? names : thin.size() + " lines";
    }

    /// a name that has room beside the jar with its grams behind it
    private static String fitting(String name, String grams) {
        var room = LONGEST - grams.length();
        return name.length() <= room ? name : name.substring(0, room - 1).strip() + "…";
    }

    private static String name(Line line) {
        return line.dish().isEmpty() ? line.food().map(Food::name).orElse(line.text()) : line.dish();
    }

    private static double y(double grams, double scale) { return TOP + FULL - grams * scale; }

    /// Names stand where their layers do, and are pushed apart where they would cover each other; the lightest go where
    /// there is no room.
    private static List<Tag> tags(List<Named> named) {
        var shown = named.stream().sorted((a, b) -> Long.compare(b.mass.likely(), a.mass.likely())).limit(MOST_TAGS)
                .sorted((a, b) -> Double.compare(a.middle, b.middle)).toList();
        var ys = new double[shown.size()];
        for (var i = 0; i < ys.length; i++) ys[i] = Math.max(shown.get(i).middle, i == 0 ? TOP + 4 : ys[i - 1] + APART);
        for (var i = ys.length - 1; i >= 0; i--)
            ys[i] = Math.min(ys[i], i == ys.length - 1 ? FULL + TOP : ys[i + 1] - APART);
        var tags = new ArrayList<Tag>();
        for (var i = 0; i < ys.length; i++) {
            var grams = Format.grams(shown.get(i).mass.likelyGrams());
            tags.add(new Tag(fitting(shown.get(i).name, grams), grams, ys[i], shown.get(i).middle));
        }
        return tags;
    }
}
