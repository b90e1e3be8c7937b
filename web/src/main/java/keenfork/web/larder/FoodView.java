package keenfork.web.larder;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import keenfork.core.food.Food;
import keenfork.core.food.OwnWeights;
import keenfork.core.measure.Span;
import keenfork.web.persistence.settings.Weighings;
import org.jspecify.annotations.Nullable;

/// A food of the table as a page: what it holds and weighs, and what this kitchen weighed itself.
///
/// @param kind  whether its pack decides, in words
/// @param facts what the table says of it
/// @param typed a weight as it was typed
/// @param wrong what is wrong with that; empty where nothing is
record FoodView(String name, String kind, List<Fact> facts, List<Figure> figures, FoodController.Weighed typed,
        String wrong) {
    /// one thing the table says
    record Fact(String what, String words) {}

    /// one figure of a food: what the table says, and what the kitchen weighed
    record Figure(String noun, String words, String table, String source, Weighings.@Nullable Weighing own) {
        /// {@return what the kitchen weighed, with its range}
        public String weighed() {
            return own == null ? "" : "%s g (%s–%s)".formatted(own.grams().likely().toPlainString(),
                    own.grams().low().toPlainString(), own.grams().high().toPlainString());
        }
    }

    static FoodView of(Food food, List<Weighings.Weighing> own, FoodController.Weighed typed, String wrong) {
        var protein = food.protein();
        var facts = List.of(
                new Fact("Also called", orDash(String.join(", ", food.names().stream().skip(1).toList()))),
                new Fact("Holds", orDash(FoodList.names(food.holds()))),
                new Fact("Some makes hold", orDash(FoodList.names(food.sometimes()))),
                new Fact("Comes from", food.origin().name().toLowerCase(Locale.ROOT).replace('_', ' ')),
                new Fact("Protein", protein == null ? "none held" : FoodList.span(protein) + " in 100 g"),
                new Fact("Known from", food.source()));
        return new FoodView(food.name(), food.isCompound() ? "a product: its pack decides" : "a plain food", facts,
                figures(food, own), typed, wrong);
    }

    private static String orDash(String words) { return words.isEmpty() ? "–" : words; }

    private static List<Figure> figures(Food food, List<Weighings.Weighing> own) {
        var figures = new ArrayList<Figure>();
        if (food.density() != null || own.stream().anyMatch(w -> w.noun().equals(OwnWeights.MILLILITRE)))
            figures.add(figure(OwnWeights.MILLILITRE, "1 ml, as it lies in a spoon or cup", food.density(), food, own));
        var nouns = new TreeSet<>(food.counts().keySet());
        own.stream().map(Weighings.Weighing::noun).filter(n -> !n.equals(OwnWeights.MILLILITRE)).forEach(nouns::add);
        for (var noun : nouns) figures.add(figure(noun, "1 " + noun, food.counts().get(noun), food, own));
        return figures;
    }

    private static Figure figure(String noun, String words, @Nullable Span table, Food food,
            List<Weighings.Weighing> own) {
        return new Figure(noun, words, table == null ? "none held" : FoodList.span(table), food.source(),
                own.stream().filter(w -> w.noun().equals(noun)).findFirst().orElse(null));
    }
}
