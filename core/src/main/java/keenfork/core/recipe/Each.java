package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.recipe.MeasureWords.Does;

/// One amount for each of several foods: "1 tsp each cumin and coriander", "1 can each kidney and navy beans". Each
/// becomes a line with the amount in front.
final class Each {
    /// how many words may stand between the number and "each": "1 heaped level tsp each"
    private static final int MOST_BEFORE = 30;
    private static final String WORD = "(?:each|ea)\\b\\.?";
    private static final Pattern EACH = Pattern.compile("(?i)\\b" + WORD + "(?:\\s+of)?\\s*[:,-]?\\s+");
    private static final String EACH_ENDS = "[^-–:(,]{1,24}?)\\s+(?:of )?" + WORD + "\\)?\\.?$";
    /// "coriander, parsley, mint - 1 bunch each"
    private static final Pattern BEHIND =
            Pattern.compile("(?i)^(?<foods>\\D+?)\\s*[-–:(,]\\s*(?<amount>" + EACH_ENDS);
    /// "mustard, honey, soy 1 tbsp each"
    private static final Pattern BARE_BEHIND =
            Pattern.compile("(?i)^(?<foods>[^\\d(]+?)\\s(?<amount>(?=[\\d½¼¾⅓⅔])" + EACH_ENDS);
    private static final Pattern SAID = Pattern.compile("(?i)(?<!\\p{L})" + WORD);
    private static final Pattern JOINT =
            Pattern.compile("(?i)\\s*[,;+&/]\\s*(?:and\\s+)?|\\s+(?:" + Grammar.anyOf("food-joint") + ")\\s+");

    private Each() {}

    /// {@return a line for each food; empty where the line does not give one amount to several}
    static List<String> of(String line) {
        if (line.indexOf("ea") < 0 && line.indexOf("EA") < 0 && line.indexOf("Ea") < 0 || !SAID.matcher(line).find())
            return List.of();
        var bare = BARE_BEHIND.matcher(line);
        if (bare.matches() && areApart(bare.group("foods"))) return apart(bare.group("amount"), bare.group("foods"));
        var behind = BEHIND.matcher(line);
        if (behind.matches()
                && (Numbers.at(behind.group("amount"), 0) != null || opensWithUnit(behind.group("amount"))))
            return apart(behind.group("amount"), behind.group("foods"));
        var number = Numbers.at(line, 0);
        var each = EACH.matcher(line);
        // "handful each of mint and dill"
        if (number == null && !opensWithUnit(line)) return List.of();
        var from = number == null ? 0 : number.end();
        if (!each.find(from) || each.start() - from > MOST_BEFORE) return List.of();
        var amount = line.substring(0, each.start()).strip();
        if (amount.length() > from && names(amount.substring(from))) return List.of();
        return apart(amount, line.substring(each.end()));
    }

    /// "parmesan & pecorino 50 g each" are two; "salt & pepper squid 150 g each" is one
    private static boolean areApart(String foods) {
        return Foods.shipped().meaning(foods).isEmpty()
                && CalledAfter.tail(foods, Foods.shipped().recipeWords().read(foods).matches()).isEmpty()
                && pieces(foods).stream().allMatch(p -> Foods.shipped().phrase(p).matches().size() == 1);
    }

    /// what commas part, or where there are none, foods that stand side by side: "parsley mint dill"
    private static List<String> pieces(String foods) {
        var joined = List.of(JOINT.split(foods));
        if (joined.size() > 1) return joined;
        var matches = Foods.shipped().recipeWords().read(foods).matches();
        for (var i = 1; i < matches.size(); i++)
            if (!foods.substring(matches.get(i - 1).end(), matches.get(i).start()).isBlank()) return joined;
        return matches.size() < 2 || !CalledAfter.tail(foods, matches).isEmpty() ? joined
                : matches.stream().map(m -> foods.substring(m.start(), m.end())).toList();
    }

    private static List<String> apart(String amount, String foods) {
        var pieces = pieces(foods);
        // commas and nothing between them
        if (pieces.isEmpty()) return List.of();
        var tail = tail(pieces.getLast());
        var lines = new ArrayList<String>();
        for (var piece : pieces) {
            var shared = piece + " " + tail;
            if (!piece.equals(pieces.getLast()) && Foods.shipped().meaning(shared)
                    .isPresent())
                lines.add(amount + " " + shared);
            else if (names(piece)) lines.add(amount + " " + piece);
            // what is done to the food in front: "cumin, toasted"
            else if (!lines.isEmpty()) lines.set(lines.size() - 1, lines.getLast() + ", " + piece);
            else return List.of();
        }
        return lines.size() > 1 ? lines : List.of();
    }

    /// {@return the last word, which an earlier food may share: the beans of "kidney and navy beans"}
    private static String tail(String last) {
        var bare = last.replaceFirst("[,(].*", "").strip();
        return bare.substring(bare.lastIndexOf(' ') + 1);
    }

    private static boolean opensWithUnit(String line) {
        var cursor = new Cursor(line, 0);
        while (cursor.take(Does.SIZE, Does.ARTICLE)) {}
        return cursor.said().unit() != null;
    }

    private static boolean names(String words) {
        return !Foods.shipped().recipeWords().read(words).matches().isEmpty()
                || !Foods.shipped().phrase(words).matches().isEmpty();
    }
}
