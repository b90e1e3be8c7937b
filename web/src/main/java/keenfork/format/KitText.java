package keenfork.format;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.stream.Collectors;
import keenfork.core.people.Avoidances;
import keenfork.core.regime.RuleBook;
import keenfork.core.run.Effect;
import keenfork.core.run.Kit;
import keenfork.core.run.Pace;
import keenfork.core.run.Piece;
import keenfork.core.run.Range;
import keenfork.core.run.Residue;

/// A kitchen's kit as text: a piece a line, `board | green board | nuts, sesame` (its kind, its name, what it is kept
/// from), and figures such as `10-40; 3-15`.
public final class KitText {
    private static final int LONGEST_NAME = 60;
    private static final double LEAST_ROOM = 0.05;
    private static final double MOST_ROOM = 500;

    private KitText() {}

    /// @throws IllegalArgumentException saying which line cannot be read, and why
    public static List<Piece> pieces(String text, RuleBook ruleBook) {
        var pieces = new ArrayList<Piece>();
        var names = new LinkedHashSet<String>();
        var number = 0;
        for (var line : text.lines().toList()) {
            number++;
            if (line.isBlank() || line.startsWith("#")) continue;
            var cells = line.split("\\|", -1);
            try {
                if (cells.length < 2 || cells.length > 3)
                    throw new IllegalArgumentException("a piece is \"kind | name | kept from\"");
                var piece =
                        piece(String.valueOf(number), cells[0], cells[1], cells.length == 3 ? cells[2] : "", ruleBook);
                if (!names.add(piece.name().toLowerCase()))
                    throw new IllegalArgumentException("there is a %s already".formatted(piece.name()));
                pieces.add(piece);
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException("line %d: %s".formatted(number, e.getMessage()), e);
            }
        }
        return pieces;
    }

    /// {@return one piece}
    /// @throws IllegalArgumentException where the kind is unknown, the name is missing or too long, or what it is kept
    /// from cannot be read
    public static Piece piece(String id, String kind, String name, String keptFrom, RuleBook ruleBook) {
        var kit = Kit.named(kind.strip())
                .orElseThrow(() -> new IllegalArgumentException("there is no kit \"%s\"; there is %s"
                        .formatted(kind.strip(), Kit.all().stream().map(Kit::id).collect(Collectors.joining(", ")))));
        var plain = name.strip().replaceAll("\\s+", " ");
        if (plain.isEmpty() || plain.length() > LONGEST_NAME)
            throw new IllegalArgumentException("a piece has a name of 1 to %d letters".formatted(LONGEST_NAME));
        var avoid = Avoidances.of(keptFrom, ruleBook);
        if (!avoid.unread().isEmpty())
            throw new IllegalArgumentException("\"%s\" is no allergen we know".formatted(avoid.unread().getFirst()));
        var substances = new LinkedHashSet<>(avoid.substances());
        if (substances.isEmpty() && !avoid.isEmpty())
            throw new IllegalArgumentException(
                    "a piece is kept from allergens such as nuts or sesame, not from a diet or a food");
        return new Piece(id, kit, plain, substances);
    }

    /// Reads `10-40; 3-15`: g left by what is thick, and by what pours.
    /// @throws IllegalArgumentException saying what a residue looks like
    public static Residue residue(String figure, String source) {
        var two = two(figure, "10-40; 3-15, grams left by a dip and by a dressing");
        return new Residue(Range.parse(two[0]), Range.parse(two[1]), source);
    }

    /// Reads `0-0.001; 8`: the share that stays, and minutes.
    /// @throws IllegalArgumentException saying what a clean looks like
    public static Effect effect(String figure, String source) {
        var two = two(figure, "0-0.001; 8, the share that stays and the minutes it takes");
        if (!two[1].matches("\\d{1,3}"))
            throw new IllegalArgumentException("\"%s\" is no number of minutes".formatted(two[1]));
        return new Effect(Range.parse(two[0]), Integer.parseInt(two[1]), source);
    }

    /// Reads `1.5`: kg that kit holds at once.
    /// @throws IllegalArgumentException where it is no weight from 0.05 to 500 kg
    public static double room(String figure) {
        var plain = figure.strip().replaceFirst("\\s*kg$", "").replace(',', '.');
        var kilos = plain.matches("\\d{1,3}(\\.\\d{1,3})?") ? Double.parseDouble(plain) : 0;
        if (kilos < LEAST_ROOM || kilos > MOST_ROOM)
            throw new IllegalArgumentException(
                    "\"%s\" is no such figure; write 1.5, the kilograms it holds at once".formatted(figure.strip()));
        return kilos;
    }

    /// Reads `3; 2-5`: minutes to begin a work, and for each kilogram.
    /// @throws IllegalArgumentException saying what such minutes look like
    public static Pace pace(String act, String figure, String source) {
        var two = two(figure, "3; 2-5, the minutes to begin and for each kilogram");
        if (!two[0].matches("\\d{1,3}"))
            throw new IllegalArgumentException("\"%s\" is no number of minutes".formatted(two[0]));
        return new Pace(act, Integer.parseInt(two[0]), Range.parse(two[1]), source);
    }

    private static String[] two(String figure, String example) {
        var two = figure.strip().split("\\s*;\\s*", -1);
        if (two.length != 2)
            throw new IllegalArgumentException("\"%s\" is no such figure; write %s".formatted(figure.strip(), example));
        return two;
    }

    /// {@return a residue as it is read}
    public static String of(Residue residue) { return residue.thick() + "; " + residue.pourable(); }

    /// {@return how much kit holds, as it is read; in kg}
    public static String ofRoom(double kilos) { return BigDecimal.valueOf(kilos).stripTrailingZeros().toPlainString(); }

    /// {@return the minutes of a work as they are read}
    public static String of(Pace pace) { return pace.begin() + "; " + pace.kilo(); }

    /// {@return what a clean does as it is read}
    public static String of(Effect effect) { return effect.leaves() + "; " + effect.minutes(); }
}
