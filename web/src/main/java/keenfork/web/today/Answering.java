package keenfork.web.today;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import keenfork.core.food.Meaning;
import keenfork.core.recipe.Answer;
import keenfork.core.recipe.Line;
import keenfork.core.trace.MenuQuestion;
import keenfork.web.kitchen.Menu;

/// One answer for every dish that asks the same.
final class Answering {
    private static final int MOST = 4;

    private Answering() {}

    /// A dish's text with an answer written into each line of it that asks.
    record Written(Menu.Dish dish, String text) {}

    /// {@return the answers that every line that asks could be given, in the order of the first one; none where a pack
    /// or another recipe settles it}
    static List<String> common(MenuQuestion asked, Map<String, Menu.Dish> byName, Menu menu) {
        LinkedHashSet<String> common = null;
        for (var place : asked.places()) {
            var answers = answers(place, byName, menu).stream().map(Answer::words).toList();
            if (common == null) common = new LinkedHashSet<>(answers);
            else common.retainAll(answers);
        }
        return common == null ? List.of() : common.stream().limit(MOST).toList();
    }

    /// {@return every dish that asks, with the answer written into its lines}
    static List<Written> written(MenuQuestion asked, String answer, Map<String, Menu.Dish> byName, Menu menu) {
        var texts = new java.util.LinkedHashMap<Menu.Dish, String>();
        for (var place : asked.places()) {
            var dish = byName.get(place.dish());
            if (dish == null) continue;
            var chosen = answers(place, byName, menu).stream().filter(a -> a.words().equals(answer)).findFirst();
            var text = texts.getOrDefault(dish, dish.stored().value().text());
            chosen.ifPresent(a -> texts.put(dish, a.into(text, place.line())));
        }
        var written = new ArrayList<Written>();
        texts.forEach((dish, text) -> written.add(new Written(dish, text)));
        return written.stream().filter(w -> !w.text.equals(w.dish.stored().value().text())).toList();
    }

    private static boolean isBought(Line line) {
        return line.choices().getFirst().main() instanceof Meaning.OfFood(var food) && food.isCompound()
                && line.unread().isEmpty() && line.words().as().isEmpty();
    }

    private static List<Answer> answers(MenuQuestion.Place place, Map<String, Menu.Dish> byName, Menu menu) {
        // what is in a bought thing its pack says: no other product is proposed in its place
        return line(place, byName).filter(l -> l.choices().size() != 1 || !isBought(l))
                .map(l -> Answer.to(l, menu.volumes())).orElse(List.of());
    }

    private static Optional<Line> line(MenuQuestion.Place place, Map<String, Menu.Dish> byName) {
        var dish = byName.get(place.dish());
        return dish == null ? Optional.empty()
                : dish.derivation().recipe().lines().stream().filter(l -> l.text().equals(place.line())).findFirst();
    }
}
