package keenfork.core.pack;

import java.util.BitSet;
import java.util.regex.Pattern;

/// The name of a species as science writes it: a genus with a capital, a species without. Behind the food's own name it
/// says nothing new.
final class LatinName {
    private static final String ENDING = "(?:us|a|um|is|ii|i|ae|ensis|ens|os|or|ax|ix|es|on|ar|as|oides)";
    private static final Pattern SPECIES = Pattern.compile("\\b[A-Z][a-z]{3,}\\s+[a-z]{3,}" + ENDING + "\\b");
    private static final Pattern ALONE =
            Pattern.compile("\\s*[A-Z](?:[a-z]{2,}|\\.)\\s+[a-z]{3,}(?:\\s+[a-z]{3,})?\\s*");

    private LatinName() {}

    /// {@return whether some words in brackets are such a name and nothing else}
    static boolean isOne(String words) { return ALONE.matcher(words).matches() && SPECIES.matcher(words).find(); }

    /// {@return the places of a text that such names take}
    static BitSet in(String text) {
        var places = new BitSet();
        SPECIES.matcher(text).results().forEach(name -> places.set(name.start(), name.end()));
        return places;
    }
}
