package keenfork.core.pack;

import java.util.regex.Pattern;

/// What stands behind a "no" and takes it back: "absent but handled", "nil, same line", "no (stored)".
final class TakenBack {
    private static final Pattern BUT =
            Pattern.compile("(?iu)(?<!\\p{L})(?:%s)(?!\\p{L})".formatted(Tone.held("back-word")));
    /// no doubt where it is denied or set apart in the same breath: "not used on site", "no, own line"
    private static final Pattern PLACE =
            Pattern.compile("(?iu)(?<!(?<!\\p{L})(?:%s)(?!\\p{L})[^,;.(/–:-]{0,30})(?<!\\p{L})(?:%s)(?!\\p{L})"
                    .formatted(Tone.held("back-denied"), Tone.held("back-place"))
                    + "(?![^,;.(/]{0,20}(?<!\\p{L})(?:%s)(?!\\p{L}))".formatted(Tone.held("back-free")));

    private static final String NOTES = "*†‡#^¹²³";

    private TakenBack() {}

    /// {@return whether a mark of a note stands right behind an answer, "N*": what it says may be anything}
    static boolean hasNote(String text, int end) { return end < text.length() && NOTES.indexOf(text.charAt(end)) >= 0; }

    /// {@return whether an answer is taken back by the words behind it}
    static boolean is(String answer, String behind) {
        return Tone.doubts(behind) || BUT.matcher(behind).find() || PLACE.matcher(answer + behind).find();
    }
}
