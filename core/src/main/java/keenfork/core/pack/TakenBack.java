package keenfork.core.pack;

import java.util.regex.Pattern;

/// What stands behind a "no" and takes it back: "absent but handled", "nil, same line", "no (stored)".
final class TakenBack {
    private static final Pattern BUT =
            Pattern.compile("(?iu)(?<!\\p{L})(?:%s)(?!\\p{L})".formatted(Tone.held("back-word")));
    /// no doubt where it is denied or set apart in the same breath: "not used on site", "no, own line"
    private static final Pattern PLACE =
            Pattern.compile("(?iu)(?<!(?<!\\p{L})(?:%s)(?!\\p{L})[^,;.(/–:-]{0,30})(?<!\\p{L})(?:%s)(?!\\p{L})"
                    .formatted(Tone.held("back-denied"), Tone.held("back-place")));

    private TakenBack() {}

    /// {@return whether an answer is taken back by the words behind it}
    /// @param answer the word of the answer, and what stands behind it
    static boolean is(String answer) {
        return Tone.doubts(answer) || BUT.matcher(answer).find() || PLACE.matcher(answer).find();
    }
}
