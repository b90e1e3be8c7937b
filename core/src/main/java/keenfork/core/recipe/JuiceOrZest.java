package keenfork.core.recipe;

import java.util.EnumSet;
import java.util.Set;
import keenfork.core.recipe.MeasureWords.Does;
import org.jspecify.annotations.Nullable;

/// What is taken of a whole fruit: "juice and zest of 1 lemon", "2 limes, juiced".
enum JuiceOrZest {
    JUICE, ZEST;

    private static @Nullable JuiceOrZest of(Cursor cursor) {
        if (cursor.is(Does.JUICE)) return JUICE;
        return cursor.is(Does.ZEST) ? ZEST : null;
    }

    /// "the finely grated zest and juice of", with the cursor behind it; where it is nothing of the kind the cursor
    /// stays.
    static Set<JuiceOrZest> ahead(Cursor cursor) {
        var start = cursor.at;
        while (cursor.take(Does.BEFORE_JUICE)) {}
        if (of(cursor) == null) {
            cursor.at = start;
            return Set.of();
        }
        var pressed = EnumSet.noneOf(JuiceOrZest.class);
        for (var what = of(cursor); what != null || cursor.is(Does.AND) || "&+/,".indexOf(cursor.ahead()) >= 0
                && cursor.ahead() != 0; what = of(cursor)) {
            if (what != null) pressed.add(what);
            if (!cursor.isWord()) cursor.at++;
            else cursor.pass();
            cursor.blanks();
        }
        if (cursor.take(Does.OF, Does.FROM)) cursor.take(Does.THE);
        return pressed;
    }

    /// "1 lemon, zest and juice" and "2 limes, juiced": what is pressed stands behind a comma or in brackets.
    static Set<JuiceOrZest> behind(String rest) {
        if (!rest.contains("juic") && !rest.contains("zest")) return Set.of();
        var cut = firstOf(rest, ",(–");
        if (cut < 0 && rest.endsWith(" juiced")) return EnumSet.of(JUICE);
        if (cut < 0) return rest.endsWith(" zested") ? EnumSet.of(ZEST) : Set.of();
        var pressed = EnumSet.noneOf(JuiceOrZest.class);
        var cursor = new Cursor(rest, cut);
        while (cursor.at < rest.length()) {
            if (!cursor.isWord()) {
                cursor.at++;
                continue;
            }
            var what = of(cursor);
            if (what != null) pressed.add(what);
            else if (!cursor.is(Does.BESIDE_JUICE)) return Set.of();
            cursor.pass();
        }
        return pressed;
    }

    private static int firstOf(String text, String marks) {
        for (var at = 0; at < text.length(); at++) if (marks.indexOf(text.charAt(at)) >= 0) return at;
        return -1;
    }
}
