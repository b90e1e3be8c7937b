package keenfork.core.trace;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// One question of a whole menu: asked once, wherever the same thing is open, and answered for every dish that asks it.
///
/// @param ask     the question
/// @param settles what answers it
/// @param places  where it is open, in menu order
public record MenuQuestion(String ask, Question.Settles settles, List<Place> places) {
    public MenuQuestion {
        places = List.copyOf(places);
    }

    /// a line of a dish, by the dish's name
    public record Place(String dish, String line) {}

    /// {@return the questions of some dishes, what words can settle first, then what most lines ask}
    public static List<MenuQuestion> across(List<Derivation> menu) {
        record Same(String ask, Question.Settles settles) {}
        Map<Same, List<Place>> asked = new LinkedHashMap<>();
        for (var dish : menu)
            for (var question : dish.ownQuestions())
                asked.computeIfAbsent(new Same(question.ask(), question.settles()), _ -> new ArrayList<>())
                        .add(new Place(question.dish(), question.line()));
        return asked.entrySet().stream()
                .map(e -> new MenuQuestion(e.getKey().ask, e.getKey().settles,
                        e.getValue().stream().distinct().toList()))
                .sorted(java.util.Comparator.comparing((MenuQuestion a) -> a.settles == Question.Settles.PACK)
                        .thenComparing(a -> -a.places.size()))
                .toList();
    }
}
