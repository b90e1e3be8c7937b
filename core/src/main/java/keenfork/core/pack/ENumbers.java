package keenfork.core.pack;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import keenfork.core.food.Lexicon.Match;

/// Additives that a list names by their numbers: "emulsifier E471", "emulsifiers (481, 472e)".
final class ENumbers {
    private static final Pattern NUMBER = Pattern
            .compile("(?<![\\p{L}\\d])(?:E|INS)[\\s-]?(\\d{3,4})\\p{L}{0,4}(?![\\p{L}\\d])");
    /// without its letter, and alone in a term
    private static final Pattern BARE = Pattern.compile("^\\s*(\\d{3,4})[a-z]{0,3}\\s*$");

    private ENumbers() {}

    /// {@return the additives of a term}
    /// @param isInBrackets whether numbers alone are additives
    static List<Match> of(String words, boolean isInBrackets) {
        var found = new ArrayList<Match>();
        var numbers = NUMBER.matcher(words);
        while (numbers.find())
            found.add(new Match(numbers.group(), Foods.shipped().additive(Integer.parseInt(numbers.group(1))),
                    numbers.start(), numbers.end()));
        var bare = isInBrackets ? BARE.matcher(words) : null;
        if (found.isEmpty() && bare != null && bare.matches())
            Foods.shipped().listedAdditive(Integer.parseInt(bare.group(1)))
                    .ifPresent(m -> found.add(new Match(bare.group(1), m, bare.start(1), bare.end(1))));
        return found;
    }

    /// {@return whether a word is such a number}
    static boolean isOne(String word) { return NUMBER.matcher(word).matches(); }

    /// {@return whether a list names one: "E481", "481, 472e"}
    static boolean areIn(String list) { return NUMBER.matcher(list).find() || isBareFirst(list); }

    /// {@return whether a list begins with a number alone; of nothing but commas nothing is left}
    private static boolean isBareFirst(String list) {
        var comma = list.indexOf(',');
        return BARE.matcher(comma < 0 ? list : list.substring(0, comma)).matches();
    }
}
