package keenfork.core.label;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/// What a label says, kept so that it can be held against what would be said now. Paper does not change.
public sealed interface OnPaper permits PrintedStatement, GuestCard {
    /// {@return what it is called: a dish, or guests}
    String name();

    /// {@return the key of the rule book it follows}
    String ruleBook();

    /// {@return a short mark of all it says: another one says something else. Nothing is read back from it}
    String fingerprint();

    /// {@return the mark of a text: the first 16 digits of its SHA-256}
    static String fingerprint(String text) {
        try {
            var digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest).substring(0, 16);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
