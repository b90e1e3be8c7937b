package keenfork.core.recipe;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Meaning;
import keenfork.core.food.Words;

/// What a dish is made on by its name: a sandwich on bread, a quiche in pastry. A list of fillings alone forgets it.
final class NamedBase {
    private static final Map<String, Pattern> BASES = bases();
    /// "cottage pie", "lettuce wraps"
    private static final Pattern WITHOUT = Pattern.compile("(?iU)\\b(?:" + Grammar.anyOf("without-base") + ")\\b");
    /// words of lines that may be what it is made on, whatever that holds: "GF bread", "mash"
    private static final Set<String> CAN_BE = Grammar.words("can-be-base");

    private NamedBase() {}

    private static Map<String, Pattern> bases() {
        var bases = new LinkedHashMap<String, Pattern>();
        for (var base : Grammar.list("base"))
            bases.put(base, Pattern.compile("(?iU)\\b(?:" + Grammar.anyOf("made-on-" + base.replace(' ', '-'))
                    + ")(?:e?s)?(?=\\s*(?:$|[,(:;–—-]|(?:" + Grammar.anyOf("behind-base") + ")\\b|x\\s?\\d))"));
        return bases;
    }

    /// {@return what the name says it is made on, where no line is anything of that kind, and none denies it: "No
    /// bread"}
    static List<Mention> of(String name, List<Line> lines, List<String> suggested) {
        if (lines.isEmpty() || WITHOUT.matcher(name).find() || DishName.isNotAsSaid(name)) return List.of();
        return BASES.entrySet().stream().filter(b -> b.getValue().matcher(name).find()).map(Map.Entry::getKey).limit(1)
                .filter(_ -> lines.stream().noneMatch(NamedBase::canBe))
                .filter(b -> suggested.stream().noneMatch(l -> Suggested.isDenial(l) && Words.key(l).contains(b)))
                .map(b -> new Mention(Mention.OF_BASE, b, Foods.shipped().find(b).orElseThrow().holds(), null, false))
                .toList();
    }

    private static boolean canBe(Line line) {
        return !line.dish().isEmpty() || isSaid(line.text()) || line.choices().stream()
                .anyMatch(c -> c.main() instanceof Meaning.OfFood(var food) && isSaid(food.name()));
    }

    private static boolean isSaid(String words) {
        return Words.of(words).stream().anyMatch(w -> CAN_BE.contains(w.text()));
    }
}
