package keenfork.core.food;

import java.util.regex.Pattern;
import keenfork.core.measure.Unit;

/// Words with an amount of their own behind a comma: "cheddar, marmite 1 tbsp". Nobody measures how something is done.
final class Measured {
    private static final String FIGURE = "(?:\\d{1,5}(?:[.,/]\\d{1,3})?[½¼¾⅓⅔]?|[½¼¾⅓⅔])";
    private static final String POURED = UnitNames.anyOf(u -> u.kind() == Unit.Kind.VOLUME);
    private static final String ANY = UnitNames.measures();
    private static final Pattern BEHIND =
            Pattern.compile("(?iU)(?:[\\s-]+\\p{L}+)?[\\s:–-]+%s\\s?(?:%s)\\b".formatted(FIGURE, ANY));
    private static final Pattern OPENED = Pattern.compile("[,;+&]\\s*$");
    private static final Pattern BEFORE =
            Pattern.compile("(?iU)[,;+&]\\s*%s\\s?(?:(?<poured>%s)|(?:%s))\\s+$".formatted(FIGURE, POURED, ANY));
    /// longer than any amount that stands before a word
    private static final int LONGEST = 24;

    private Measured() {}

    /// {@return whether an amount stands beside an unknown word, in a part of the line that begins with either; a
    /// weight before a word that is nothing to eat may tell how large it is cut: "mince, 30 g discs"}
    static boolean is(String text, Lexicon.Unread word, Dictionary.Edibility kind) {
        var before = text.substring(Math.max(0, word.start() - LONGEST), word.start());
        if (OPENED.matcher(before).find())
            return BEHIND.matcher(text).region(word.end(), text.length()).lookingAt();
        var amount = BEFORE.matcher(before);
        return amount.find() && (amount.group("poured") != null || kind != Dictionary.Edibility.INEDIBLE);
    }
}
