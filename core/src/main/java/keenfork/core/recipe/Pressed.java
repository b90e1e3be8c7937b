package keenfork.core.recipe;

import java.util.EnumSet;
import java.util.Map;
import java.util.Set;

/// What is taken of a whole fruit: "juice and zest of 1 lemon", "2 limes, juiced".
enum Pressed {
    JUICE, ZEST;

    private static final Map<String, Pressed> WORDS = Map.of("juice", JUICE, "juiced", JUICE, "zest", ZEST, "zested", ZEST, "rind", ZEST);
    /// words that may stand around "juice" and "zest" behind the fruit
    private static final Set<String> TALK = Set.of("and", "only", "finely", "grated", "the", "of", "its", "plus", "strained", "sieved", "needed", "just", "freshly", "squeezed", "from", "about", "a", "an");
    private static final Set<String> BEFORE = Set.of("the", "finely", "grated", "freshly", "squeezed");
    private static final Set<String> OF_OR_FROM = Set.of("of", "from");
    private static final Set<String> THE = Set.of("the");

    /// "the finely grated zest and juice of", with the cursor behind it; where it is nothing of the kind the cursor stays.
    static Set<Pressed> ahead(Cursor cursor) {
        var start = cursor.at;
        while (cursor.take(BEFORE)) { }
        var pressed = EnumSet.noneOf(Pressed.class);
        while (WORDS.containsKey(cursor.word()) || !pressed.isEmpty() && (cursor.word().equals("and") || "&+/,".indexOf(cursor.ahead()) >= 0 && cursor.ahead() != 0)) {
            var what = WORDS.get(cursor.word());
            if (what != null) pressed.add(what);
            if (cursor.word().isEmpty()) cursor.at++;
            else cursor.pass();
            cursor.blanks();
        }
        if (pressed.isEmpty()) cursor.at = start;
        else if (cursor.take(OF_OR_FROM)) cursor.take(THE);
        return pressed;
    }

    /// "1 lemon, zest and juice" and "2 limes, juiced": what is pressed stands behind a comma or in brackets.
    static Set<Pressed> behind(String rest) {
        if (!rest.contains("juic") && !rest.contains("zest")) return Set.of();
        var cut = firstOf(rest, ",(–");
        if (cut < 0) return rest.endsWith(" juiced") ? EnumSet.of(JUICE) : rest.endsWith(" zested") ? EnumSet.of(ZEST) : Set.of();
        var pressed = EnumSet.noneOf(Pressed.class);
        var cursor = new Cursor(rest, cut);
        while (cursor.at < rest.length()) {
            var word = cursor.word();
            if (word.isEmpty()) {
                cursor.at++;
                continue;
            }
            var what = WORDS.get(word);
            if (what != null) pressed.add(what);
            else if (!TALK.contains(word)) return Set.of();
            cursor.pass();
        }
        return pressed;
    }

    private static int firstOf(String text, String marks) {
        for (var at = 0; at < text.length(); at++) if (marks.indexOf(text.charAt(at)) >= 0) return at;
        return -1;
    }
}
