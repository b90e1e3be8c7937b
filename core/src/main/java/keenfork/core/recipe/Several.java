package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.UnitNames;
import keenfork.core.recipe.MeasureWords.Does;

/// Several foods with their amounts on one line: "3 cucumbers, 4 tomatoes, 2 onions" are three lines.
final class Several {
    /// marks that stand between the items of a list and nowhere else
    private static final Pattern MARKS = Pattern.compile("\\s+(?://|\\||•|·|‣|▪)\\s+");

    /// "Pesto: 500 g basil, 300 g seeds"
    private static final Pattern LABEL = Pattern.compile("\\p{L}[\\p{L} ]{1,30}:\\s+(?=[\\d½⅓⅔¼¾])");
    /// "basil 200 g pine kernels 80 g", one behind the other without a mark
    private static final Pattern NEXT_BEHIND = Pattern.compile(
            "(?i)\\p{L}[^\\d,;:+&(/|]{1,40}\\s(?:\\d{1,5}(?:[.,]\\d{1,3})?\\s?(?:" + UnitNames.any()
                    + "|T)|[1-9]\\d{0,3})(?:\\s+|$)");
    /// "250 butter 250 flour"
    private static final Pattern NEXT_IN_FRONT = Pattern.compile(
            "(?i)(?:\\d{1,5}(?:[.,/]\\d{1,3})?|[½⅓⅔¼¾])\\s?(?:(?:" + UnitNames.measures()
                    + ")\\b)?\\s*\\p{L}[^\\d,;:+&(/|½⅓⅔¼¾]{1,40}");
    /// "lemons (4) limes (2)", "lemons x4 limes x2"
    private static final Pattern NEXT_COUNTED =
            Pattern.compile("(?i)\\p{L}[^\\d,;:+&(/|]{1,40}\\s(?:\\(\\d{1,5}(?:[.,]\\d{1,3})?"
                    + "\\s?(?:" + UnitNames.any() + ")?\\)|[x×]\\s?\\d{1,3})(?:\\s+|$)");
    private static final Pattern FEW =
            Pattern.compile("(?i)(?<![\\d.,])\\d(?:\\s(?!(?:" + UnitNames.any() + ")\\b)|$)");
    private static final Pattern BY_LETTER = Pattern.compile("\\d{2,4} ?\\p{L}(?<![gGlLtTcC])");
    private static final Pattern SEMICOLON = Pattern.compile("\\s*;\\s*");
    private static final Pattern COMMA = Pattern.compile(",\\s*");
    private static final Pattern SLASH = Pattern.compile("\\s/\\s|(?<=\\p{L}{3})/(?=\\d)");

    /// "1 clove garlic, juice of 1 lime"
    private static final Pattern PRESSED =
            Pattern.compile(
                    "(?:juice|zest) (?:and (?:juice|zest) )?(?:of )?(?:\\d|½|¼|(?:" + Grammar.anyOf("one") + ")\\b)");
    /// the bullets of lists stand behind every letter and fraction of Latin script
    private static final char LAST_LETTER = 0x2020;

    private Several() {}

    /// {@return the pieces of a line, each with an amount in front and a food behind it; the line itself where it is
    /// one}
    static List<String> of(String line) {
        var label = line.indexOf(':') < 0 ? null : LABEL.matcher(line);
        var labelled = label != null && label.lookingAt() ? of(line.substring(label.end())) : List.<String>of();
        if (labelled.size() > 1) return labelled;
        var each = Each.of(line);
        if (!each.isEmpty()) return each;
        var marked = byMarks(line);
        if (!marked.isEmpty()) return marked.stream().flatMap(p -> of(p).stream()).toList();
        var slashed = line.indexOf('/') < 0 ? new String[] {line} : SLASH.split(line);
        if (slashed.length > 1 && areSeveral(Arrays.stream(slashed).map(String::strip).toList()))
            return Arrays.stream(slashed).filter(p -> !p.isBlank()).flatMap(p -> of(p.strip()).stream()).toList();
        var behind =
                !line.isEmpty() && Character.isLetter(line.charAt(0)) ? MeasuredBehind.listed(line) : List.<String>of();
        if (!behind.isEmpty()) return behind;
        var unmarked = unmarked(line);
        if (unmarked.size() > 1) return unmarked;
        var listed = ofSemicolons(line);
        if (listed.size() > 1) return listed;
        if (!mayBe(line)) return List.of(line);
        var pieces = new ArrayList<String>();
        var start = 0;
        for (var cut = next(line, 0); cut != null; cut = next(line, cut.to)) {
            var before = line.substring(start, cut.from).strip();
            var after = line.substring(cut.to);
            if ((isMeasured(before) || MeasuredBehind.is(before)
                    || start == 0 && areFoods(before, line.charAt(cut.from) == ',')) && isMeasured(upToNext(after))
                    && AmountStart.isOwn(before, upToNext(after))) {
                pieces.add(before);
                start = cut.to;
            }
        }
        if (start == 0) return List.of(line);
        pieces.add(line.substring(start).strip());
        return pieces;
    }

    /// {@return whether what strokes part are foods with an amount each; two with one amount behind each may be one
    /// or the other: "butter 250 / marg 250"}
    private static boolean areSeveral(List<String> pieces) {
        if (isMeasured(pieces.getFirst()) && isMeasured(pieces.get(1))) return true;
        return pieces.size() > 2 ? MeasuredBehind.areSome(pieces)
                : pieces.stream().allMatch(MeasuredBehind::is)
                        && !figures(pieces.getFirst()).equals(figures(pieces.get(1)));
    }

    private static String figures(String piece) { return piece.replaceAll("\\D", ""); }

    /// {@return what marks part that stand between the items of a list alone; none where there are no such marks}
    static List<String> byMarks(String line) {
        return hasMark(line) && MARKS.matcher(line).find()
                ? MARKS.splitAsStream(line).map(String::strip).filter(p -> !p.isEmpty()).toList() : List.of();
    }

    /// "4 tins toms; 1 head garlic; harissa 3 T; cumin": what names no food goes with what stands before it
    private static List<String> ofSemicolons(String line) {
        if (line.indexOf(';') < 0) return List.of();
        if (line.indexOf(';') == line.lastIndexOf(';')) return ofTwo(line);
        var pieces = new ArrayList<String>();
        for (var piece : SEMICOLON.split(line))
            if (pieces.isEmpty() || namesFood(piece) || Numbers.at(piece, 0) != null) pieces.add(piece);
            else pieces.set(pieces.size() - 1, pieces.getLast() + "; " + piece);
        return pieces.stream().filter(Several::namesFood).count() > 1
                ? pieces.stream().flatMap(p -> of(p).stream()).toList() : List.of();
    }

    /// "cucumber 6 - peeled, salted; soft butter 1 kg", but not "lemon juice 50 ml; about 2 lemons"
    private static List<String> ofTwo(String line) {
        var two = SEMICOLON.splitAsStream(line).toList();
        return two.size() == 2 && two.stream().allMatch(p -> namesFood(p) && p.chars().anyMatch(Character::isDigit))
                && MeasuredBehind.is(two.getLast()) && !new Cursor(two.getLast(), 0).is(Does.HEDGE)
                        ? two.stream().flatMap(p -> of(p).stream()).toList() : List.of();
    }

    /// {@return the foods of a list without marks, each with its amount; none where anything else stands in it}
    private static List<String> unmarked(String line) {
        if (line.isEmpty() || !hasFigureWithin(line)) return List.of();
        var counted = line.indexOf('(') > 0 || line.indexOf(" x") > 0 ? pieces(line, NEXT_COUNTED) : List.<String>of();
        if (counted.size() > 1) return counted;
        var pieces = pieces(line, Character.isDigit(line.charAt(0)) ? NEXT_IN_FRONT : NEXT_BEHIND);
        return pieces.size() > 2 || isUnmistakable(line) ? pieces : List.of();
    }

    private static List<String> pieces(String line, Pattern one) {
        var next = one.matcher(line);
        var pieces = new ArrayList<String>();
        var from = 0;
        for (; from < line.length() && next.region(from, line.length()).lookingAt(); from = next.end()) {
            var piece = next.group().strip();
            if (!namesFood(piece)) return List.of();
            pieces.add(piece);
        }
        return from == line.length() ? pieces : List.of();
    }

    /// "onions 3 carrots 3" may be how many of what; three such are a list
    private static boolean isUnmistakable(String line) {
        return !Character.isLetter(line.charAt(0)) || !FEW.matcher(line).find();
    }

    /// a figure behind a blank, and a letter somewhere behind that one
    private static boolean hasFigureWithin(String line) {
        for (var at = 3; at + 2 < line.length(); at++)
            if ((Character.isDigit(line.charAt(at)) || "½⅓⅔¼¾".indexOf(line.charAt(at)) >= 0)
                    && " (x".indexOf(line.charAt(at - 1)) >= 0)
                return true;
        return false;
    }

    /// {@return whether a piece of a list is a figure and a letter: "180 f" is flour to whoever wrote it, and must not
    /// be lost}
    static boolean isByLetter(String piece) { return BY_LETTER.matcher(piece.strip()).matches(); }

    /// {@return whether words name a food}
    static boolean namesFood(String piece) {
        return !Foods.shipped().recipeWords().read(piece).matches().isEmpty()
                || !Foods.shipped().phrase(piece).matches().isEmpty() || Foods.shipped().alone(piece).isPresent();
    }

    private static boolean hasMark(String line) {
        for (var at = 0; at < line.length(); at++) {
            var c = line.charAt(at);
            if (c == '|' || c == '/' && at + 1 < line.length() && line.charAt(at + 1) == '/'
                    || c > LAST_LETTER)
                return true;
        }
        return false;
    }

    /// Most lines have no amount behind a comma, a plus or an "and".
    private static boolean mayBe(String line) {
        for (var at = 3; at < line.length(); at++) {
            var c = line.charAt(at);
            if (line.charAt(at - 1) == ' ' && ",;+&ds".indexOf(line.charAt(at - 2)) >= 0
                    && (c > 127 || c == 'j' || c == 'z' || AmountStart.mayBe(line, at)))
                return true;
        }
        return false;
    }

    /// "salt, pepper, 1 tbsp mustard", "salt & 1 tbsp mustard"; but not "tuna, 2 tins in oil", nor "warm wraps, smear
    /// hummus, 3 falafel each"
    private static boolean areFoods(String before, boolean isListed) {
        var pieces = COMMA.split(before);
        return pieces.length > (isListed ? 1 : 0)
                && Arrays.stream(pieces).allMatch(p -> Foods.shipped().meaning(p).isPresent());
    }

    private record Cut(int from, int to) {}

    /// A comma, a plus or an "and" outside brackets with an amount right behind it.
    private static @org.jspecify.annotations.Nullable Cut next(String line, int from) {
        var depth = 0;
        for (var at = from; at < line.length(); at++) {
            var c = line.charAt(at);
            if (c == '(' || c == '[') depth++;
            if (c == ')' || c == ']') depth = Math.max(0, depth - 1);
            if (depth > 0) continue;
            var length = joint(line, at);
            if (length > 0 && at + length < line.length() && startsAmount(line, at + length))
                return new Cut(at,
                        at + length);
        }
        return null;
    }

    private static int joint(String line, int at) {
        for (var joint : JOINTS) if (line.startsWith(joint, at)) return joint.length();
        return 0;
    }

    /// the longest first: ", and " before ", "
    private static final List<String> JOINTS = Stream.concat(
            Grammar.list("amount-joint").stream().flatMap(w -> Stream.of(", " + w + " ", " " + w + " ")),
            Stream.of(" + ", " & ", ", ", "; ")).toList();

    private static boolean startsAmount(String line, int at) {
        var c = line.charAt(at);
        if (c == 'j' || c == 'z') return PRESSED.matcher(line).region(at, line.length()).lookingAt();
        return AmountStart.mayBe(line, at) && AmountStart.end(line, at) >= 0;
    }

    private static String upToNext(String text) {
        var cut = next(text, 0);
        return cut == null ? text : text.substring(0, cut.from);
    }

    /// An amount in front, and a food before any comma.
    private static boolean isMeasured(String piece) {
        if (piece.isEmpty()) return false;
        var pressed = PRESSED.matcher(piece);
        if (pressed.lookingAt())
            return !Foods.shipped().recipeWords().read(piece.substring(pressed.end())).matches()
                    .isEmpty();
        var amount = AmountStart.end(piece, 0);
        if (amount < 0) return false;
        if (isByLetter(piece)) return true;
        var comma = piece.indexOf(',');
        var head = comma < 0 ? piece.substring(amount) : piece.substring(Math.min(amount, comma), comma);
        return Shorthand.isShortName(piece) || Foods.shipped().alone(head).isPresent()
                || !Foods.shipped().recipeWords().read(head).matches().isEmpty()
                || Foods.shipped().isShortForm(head)
                || !Foods.shipped().phrase(head.strip()).matches().isEmpty();
    }
}
