package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.food.Meaning;
import keenfork.core.food.Table;
import keenfork.core.food.Words;
import keenfork.core.measure.Fraction;

/// What a step takes of a line where it says that it takes only some of it: "half of the dill", and later "the rest of
/// the dill". A cook measures by what stands beside the step, so that must be what goes in there.
///
/// @param of for each step the lines it takes only some of, by their places in the recipe, with the share of the whole
public record Shares(List<Map<Integer, Fraction>> of) {
    /// letters of what may be said of a food before its name: "toasted"
    private static final int LONGEST_TALK = 20;
    private static final String REST = "rest";
    private static final Map<String, String> WORDS = Table.read(Shares.class, "shares.txt", 3).stream()
            .collect(Collectors.toMap(r -> r.cell(0), r -> r.cell(1)));
    private static final Pattern SAID = Pattern.compile(
            ("(?iu)(?<![\\p{L}\\d])(?<share>%s)\\s+(?<joint>(?:of\\s+)?(?:the\\s+"
                    + "|your\\s+)?)(?=(?<what>[^.,;:()]{2,60}))")
                            .formatted(WORDS.keySet().stream().sorted((a, b) -> b.length() - a.length())
                                    .map(Pattern::quote)
                                    .collect(Collectors.joining("|"))));

    public Shares {
        of = of.stream().map(Map::copyOf).toList();
    }

    /// {@return what each step of a recipe takes only some of}
    public static Shares of(Recipe recipe) {
        var left = new HashMap<Integer, Fraction>();
        var all = new ArrayList<Map<Integer, Fraction>>();
        for (var step : recipe.steps()) {
            var taken = new HashMap<Integer, Fraction>();
            var said = SAID.matcher(step);
            while (said.find()) {
                var share = WORDS.getOrDefault(said.group("share").toLowerCase(Locale.ROOT), REST);
                // "cut in half and stir" takes half of nothing
                if (said.group("joint").isEmpty() && !share.equals(REST)) continue;
                line(recipe, said.group("what")).ifPresent(i -> take(i, share, left, taken));
            }
            all.add(taken);
        }
        return new Shares(all);
    }

    /// A rest is one only where something was taken before.
    private static void take(int line, String share, Map<Integer, Fraction> left, Map<Integer, Fraction> taken) {
        var before = left.get(line);
        var some = share.equals(REST) ? before : fraction(share);
        if (some == null) return;
        var whole = before == null ? Fraction.ONE : before;
        // more than there is: what is meant is not known, and the whole line stands
        if (some.compareTo(whole) > 0) return;
        var rest =
                new Fraction(whole.top() * some.bottom() - some.top() * whole.bottom(), whole.bottom() * some.bottom());
        left.put(line, rest);
        taken.put(line, some);
    }

    private static Fraction fraction(String share) {
        var slash = share.indexOf('/');
        return new Fraction(Long.parseLong(share.substring(0, slash)), Long.parseLong(share.substring(slash + 1)));
    }

    /// {@return the one line whose food stands right behind the share; empty where none does, or several do}
    private static Optional<Integer> line(Recipe recipe, String what) {
        var first = Foods.shipped().recipeWords().read(what).matches().stream().findFirst();
        if (first.isEmpty() || first.get().start() > LONGEST_TALK
                || !(first.get().meaning() instanceof Meaning.OfFood(var food)))
            return Optional.empty();
        var lines = new ArrayList<Integer>();
        for (var i = 0; i < recipe.lines().size(); i++)
            if (recipe.lines().get(i).food().filter(f -> isSame(f, food)).isPresent()) lines.add(i);
        return lines.size() == 1 ? Optional.of(lines.getFirst()) : Optional.empty();
    }

    /// "the beans" of white beans
    private static boolean isSame(Food line, Food said) {
        return line.equals(said) || Words.key(line.name()).endsWith(" " + Words.key(said.name()));
    }
}
