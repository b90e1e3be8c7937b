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
    private static final Pattern EACH = Pattern.compile("(?i)\\beach(?:\\s+of)?\\s*[:,-]?\\s+");
    /// "coriander, parsley, mint - 1 bunch each"
    private static final Pattern BEHIND =
            Pattern.compile("(?i)^(?<foods>\\D+?)\\s*[-–:(,]\\s*(?<amount>[^-–:(,]{1,24}?)\\s+(?:of )?each\\)?\\.?$");
    private static final Pattern JOINT =
            Pattern.compile("(?i)\\s*[,;+&/]\\s*(?:and\\s+)?|\\s+(?:" + Grammar.anyOf("food-joint") + ")\\s+");

    private Each() {}

    /// {@return a line for each food; empty where the line does not give one amount to several}
    static List<String> of(String line) {
        if (!line.contains("each") && !line.contains("Each") && !line.contains("EACH")) return List.of();
        var behind = BEHIND.matcher(line);
        if (behind.matches() && Numbers.at(behind.group("amount"), 0) != null)
            return apart(behind.group("amount"),
                    behind.group("foods"));
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

    private static List<String> apart(String amount, String foods) {
        var pieces = List.of(JOINT.split(foods));
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
        return !Foods.shipped().recipeWords().read(words).matches().isEmpty();
    }
}
