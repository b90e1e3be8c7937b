package keenfork.core.covers;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.covers.GuestList.Entry;
import keenfork.core.covers.GuestPieces.Piece;
import keenfork.core.people.Avoidances;
import keenfork.core.people.Avoidances.Refused;
import keenfork.core.people.FormField;
import keenfork.core.regime.RuleBook;
import org.jspecify.annotations.Nullable;

/// Reads a piece of a list of guests as a group: how many, who they are and what they avoid.
final class GroupReader {
    private static final Pattern SHARE = Pattern.compile("\\d+\\s?%");
    private static final Pattern ONLY_COUNT =
            Pattern.compile("[x×]?\\s?(?<many>\\d{1,5})[.!]?\\s*(?:\\((?<note>[^()]+)\\))?");

    private final RuleBook ruleBook;

    GroupReader(RuleBook ruleBook) {
        this.ruleBook = ruleBook;
    }

    /// {@return the group; null where a piece tells of nobody who avoids anything}
    @Nullable
    Entry read(Piece piece) {
        var written = piece.written();
        if (GuestWords.isTalk(written) || eatEverything(written)) return null;
        var only = ONLY_COUNT.matcher(piece.text());
        if (!piece.head().isEmpty() && only.matches()) {
            var many = Integer.parseInt(only.group("many"));
            return many == 0 ? null : entry(piece, counted(piece.head(), only.group("note")).ofMany(many, true));
        }
        var alone = piece.head().isEmpty() ? null : GuestCount.alone(piece.text(), piece.head());
        if (alone != null)
            return entry(piece, Said.of(piece.head(), piece.head()).ofMany(alone.people(), alone.isSure()));
        var front = GuestCount.ahead(piece.text());
        var count = front == null ? GuestCount.behind(piece.text()) : front;
        var inHead = count == null && !piece.head().isEmpty() ? GuestCount.inFront(piece.head()) : null;
        if (inHead != null) {
            var head = GuestWords.isTalk(inHead.words()) ? "" : inHead.words();
            return entry(piece, Said.of(new Piece(head, piece.text(), true), piece.text(), ruleBook)
                    .ofMany(inHead.people(), inHead.isSure()));
        }
        // of "10/60 vegetarian" nobody knows how many that is
        var isFigure = !piece.text().isEmpty() && Character.isDigit(piece.text().charAt(0));
        if (count == null) {
            var said = Said.of(piece, piece.text(), ruleBook);
            return entry(piece, isFigure ? said.ofMany(1, false) : said);
        }
        // "Ann: vegan - none" is Ann, and "Mains: vegan 0" nobody
        if (count.people() == 0 && !piece.head().isEmpty() && !GuestWords.tellsWhere(piece.head())
                && piece.text().chars().noneMatch(Character::isDigit))
            return entry(piece, Said.of(piece, count.words(), ruleBook));
        return count.people() == 0 ? null
                : entry(piece, Said.of(piece, count.words(), ruleBook).ofMany(count.people(), count.isSure()));
    }

    /// "Coeliac: 1 (Ann)", "Peanut: 1 (traces ok)"
    private Said counted(String head, @Nullable String note) {
        if (note == null) return Said.of(head, head);
        return GuestWords.isWho(note, ruleBook) ? Said.of(note, head) : Said.of(head, head + " (" + note + ")");
    }

    /// "the rest eat everything", but not "the rest are vegan"
    private boolean eatEverything(String written) {
        var rest = GuestWords.OTHERS.matcher(written);
        return rest.lookingAt() && Avoidances.of(written.substring(rest.end()), ruleBook).isEmpty();
    }

    private @Nullable Entry entry(Piece piece, Said said) {
        // "0: vegan" is nobody
        if (said.people() == 0) return null;
        // a dish that was chosen is eaten
        if (FormField.isOfDish(piece.head()) && !GuestWords.tellsDiet(said.words(), ruleBook)) return null;
        var avoided = Avoidances.of(said.words(), ruleBook);
        if (avoided.isEmpty() || piece.head().isEmpty() && GuestWords.isHeadline(piece.text(), avoided)) return null;
        var share = SHARE.matcher(said.words());
        // of a share, and of most of them, nobody knows how many they are
        if (share.find()) avoided = unsure(avoided, share.group());
        else if (!said.isSure()) avoided = unsure(avoided, said.words());
        return Entry.of(piece.written(), said.words(), said.name(), said.people(), avoided);
    }

    private static Avoidances unsure(Avoidances avoided, String words) {
        return new Avoidances(avoided.said(), Stream
                .concat(avoided.refused().stream(), Stream.of(new Refused(words, List.of("say how many they are"))))
                .toList());
    }
}
