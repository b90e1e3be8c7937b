package keenfork.core.label;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// A guest's own card: what such people can eat tonight, as it is served. Like every label it is kept as printed and
/// held against what is so.
///
/// @param name     what they are called
/// @param ruleBook the key of the rule book it follows
/// @param avoids   what they avoid, in words
/// @param eats     dishes in which nothing they avoid was found
/// @param without  dishes they eat once topping and side are left off
/// @param asks     dishes of which nobody can say
/// @param goes     dishes they go without
public record GuestCard(String name, String ruleBook, String avoids, List<String> eats, List<String> without,
        List<String> asks, List<String> goes) implements OnPaper {
    public GuestCard {
        eats = List.copyOf(eats);
        without = List.copyOf(without);
        asks = List.copyOf(asks);
        goes = List.copyOf(goes);
    }

    @Override
    public String fingerprint() {
        var all = List.of(List.of(name, ruleBook, avoids), eats, without, asks, goes);
        return OnPaper.fingerprint(all.toString());
    }

    /// {@return what a printed card says otherwise than one that is printed now; a dish they must not eat any more can
    /// hurt}
    public static Difference between(GuestCard printed, GuestCard now) {
        var missing = new ArrayList<String>();
        var gone = new ArrayList<String>();
        var was = printed.answers();
        var is = now.answers();
        is.forEach((dish, answer) -> {
            var before = was.get(dish);
            if (before == null) gone.add("%s: %s. It was not on the menu.".formatted(dish, answer.words));
            else if (answer.compareTo(before) > 0)
                missing.add("%s: %s now. The card says: %s.".formatted(dish, answer.words, before.words));
            else if (answer.compareTo(before) < 0)
                gone.add("%s: %s now. The card says: %s.".formatted(dish, answer.words, before.words));
        });
        was.keySet().stream().filter(d -> !is.containsKey(d))
                .forEach(d -> gone.add("%s is not on the menu any more.".formatted(d)));
        var words = new ArrayList<String>();
        if (!printed.avoids.equals(now.avoids))
            missing.add("They avoid %s now. The card is for %s.".formatted(now.avoids, printed.avoids));
        if (!printed.name.equals(now.name))
            words.add("They are called %s now, not %s.".formatted(now.name, printed.name));
        if (!printed.ruleBook.equals(now.ruleBook)) words.add("It follows another rule book now.");
        return new Difference(missing, gone, words, !was.equals(is));
    }

    /// what such people can do with a dish, the best first
    private enum Answer {
        EATS("they eat it"), WITHOUT("only without topping and side"), ASKS("cannot say"), GOES("they go without");

        private final String words;

        Answer(String words) { this.words = words; }
    }

    private Map<String, Answer> answers() {
        var answers = new HashMap<String, Answer>();
        eats.forEach(d -> answers.put(d, Answer.EATS));
        without.forEach(d -> answers.put(d, Answer.WITHOUT));
        asks.forEach(d -> answers.put(d, Answer.ASKS));
        goes.forEach(d -> answers.put(d, Answer.GOES));
        return answers;
    }
}
