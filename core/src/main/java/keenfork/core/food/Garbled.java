package keenfork.core.food;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/// Words of a pack that a scanner has broken: "rnilk", "mi lk", "5oya", "mlk". The maker named what is in it, and only
/// the text that was pasted does not.
final class Garbled {
    /// a piece of a word that stands before another, and behind it
    private static final Pattern BEFORE = Pattern.compile("(?U)(?<piece>[\\p{L}\\d]{1,12})(?:\\s|[.-]\\s?)$");
    private static final Pattern BEHIND = Pattern.compile("(?U)^(?:\\s|[.-]\\s?)(?<piece>[\\p{L}\\d]{1,12})");
    private static final int LONGEST_BEFORE = 14;
    /// a shorter word is a letter away from too many others
    private static final int SHORTEST = 3;
    private static final int LONGEST_SHORT = 4;
    private static final List<String> SHORT_NAMES = Foods.shipped().recipeWords().names().stream()
            .filter(n -> n.length() >= SHORTEST && n.length() <= LONGEST_SHORT && !held(n).isEmpty()).sorted().toList();

    private Garbled() {}

    /// {@return what a word may be of, where it was garbled; nothing where it is like no name}
    static List<Substance> of(String text, int start, int end) {
        // "5oya": a figure in front belongs to the word
        var from = start > 0 && Character.isDigit(text.charAt(start - 1)) ? start - 1 : start;
        var word = Words.key(text.substring(from, end));
        var found = new LinkedHashSet<Substance>();
        for (var meant : meant(word)) found.addAll(held(meant));
        // "saltegg"
        for (var at = SHORTEST; at <= word.length() - SHORTEST; at++)
            if (isName(word.substring(0, at)) && isName(word.substring(at))) {
                found.addAll(held(word.substring(0, at)));
                found.addAll(held(word.substring(at)));
            }
        var before = BEFORE.matcher(text.substring(Math.max(0, from - LONGEST_BEFORE), from));
        if (before.find()) found.addAll(held(Words.key(before.group("piece") + word)));
        var behind = BEHIND.matcher(text.substring(end));
        if (behind.find()) found.addAll(held(Words.key(word + behind.group("piece"))));
        if (found.isEmpty() && word.length() == SHORTEST
                && Dictionary.shipped().kind(word) == Dictionary.Edibility.NOT_HELD)
            for (var name : SHORT_NAMES) if (Foods.isSlip(word, name)) found.addAll(held(name));
        return List.copyOf(found);
    }

    /// a word as it was before each of the look-alikes, before all of them, and with one letter of a kind alone
    private static Set<String> meant(String word) {
        var meant = new LinkedHashSet<String>();
        var all = word;
        for (var pair : LookAlike.all()) {
            if (!word.contains(pair.read())) continue;
            meant.add(word.replace(pair.read(), pair.meant()));
            for (var at : places(word, pair.read()))
                meant.add(word.substring(0, at) + pair.meant() + word.substring(at + pair.read().length()));
            if (!pair.isLatin()) all = all.replace(pair.read(), pair.meant());
        }
        meant.add(all);
        meant.remove(word);
        return meant;
    }

    private static List<Integer> places(String word, String letters) {
        var places = new ArrayList<Integer>();
        for (var at = word.indexOf(letters); at >= 0; at = word.indexOf(letters, at + 1)) places.add(at);
        return places;
    }

    private static boolean isName(String word) { return Foods.shipped().recipeWords().ofKey(word) != null; }

    private static List<Substance> held(String word) {
        var meaning = Foods.shipped().recipeWords().ofKey(word);
        return meaning == null ? List.of() : meaning.holds();
    }
}
