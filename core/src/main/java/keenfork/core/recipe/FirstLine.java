package keenfork.core.recipe;

import java.util.regex.Pattern;
import keenfork.core.food.Foods;
import org.jspecify.annotations.Nullable;

/// The first line of a recipe: its name, and behind it the list or the whole recipe where somebody wrote it in one go.
///
/// @param name what the dish is called
/// @param list the line of the list that follows the name; empty where none does
/// @param told the recipe told behind it; null where it is the name, with or without a list
record FirstLine(String name, String list, @Nullable Told told) {
    private static final int LONGEST_HEADING = 90;
    private static final int LONGEST_NAME = 60;
    /// a name may have a stroke in it
    private static final int FEWEST_MARKED = 4;
    private static final Pattern DOTS = Pattern.compile("[.\\s]+$");
    private static final Pattern DASH = Pattern.compile("\\s[-–—]\\s");
    private static final Pattern BRACKETED = Pattern.compile("\\([^()]*\\)");
    private static final Pattern LISTED_TOO = Pattern.compile("[,;+&/]\\s*$");

    /// {@return the first line, parted}
    /// @param isOnly whether no other line follows, so that it is a whole recipe or none
    static FirstLine of(String line, boolean isOnly) {
        var found = line.indexOf(": ");
        var colon = found < LONGEST_NAME ? Math.max(0, found) : 0;
        var isNamed = colon > 0;
        // told in one breath: "romesco, the way we do it: char 6 red peppers and …"
        if (isNamed && line.length() > LONGEST_HEADING) {
            var told = Told.of(line.substring(colon + 2));
            if (told.isPresent()) return new FirstLine(line.substring(0, colon), "", told.get());
        }
        var list = InlineList.of(line, false).orElse(null);
        // a whole recipe on a single line: "Tartare: mayo 1 kg, gherkins 150, capers 100"
        if (isNamed && isOnly && list != null) return new FirstLine(line.substring(0, colon), line, null);
        // "Slaw: 2 carrots, 4 tbsp mayo" over what is done with it
        if (list != null && list.isMeasured()) return new FirstLine(list.name(), line, null);
        // "Trail mix: 50% almonds" over the rest
        if (isNamed && !isOnly && isMeasured(line.substring(colon + 2)))
            return new FirstLine(line.substring(0, colon), line.substring(colon + 2), null);
        var dash = DASH.matcher(line);
        // "Grain bowl - mozzarella 250 g; honey 400 g" over what is done with them
        if (dash.find() && !Numbers.hasFigure(BRACKETED.matcher(line.substring(0, dash.start())).replaceAll(""))
                && InlineList.isMadeOf(Several.of(line.substring(dash.end()))))
            return new FirstLine(line.substring(0, dash.start()).strip(), line.substring(dash.end()), null);
        if (isOnly) return only(line, colon);
        var behindStop = Numbers.hasFigure(line) ? behindStop(line, colon) : null;
        if (behindStop != null) return behindStop;
        var listed = listed(line);
        if (listed < 0) return new FirstLine(line, "", null);
        var name = line.substring(0, listed).strip();
        return new FirstLine(name.isEmpty() ? line : name, line.substring(listed), null);
    }

    /// {@return where a list of measured foods begins that nobody parted from the name, "slaw 500 g mayo, 2 kg
    /// cabbage"; -1 where there is none}
    private static int listed(String line) {
        var figure = 0;
        while (figure < line.length() && !Character.isDigit(line.charAt(figure))) figure++;
        if (!InlineList.isMadeOf(Several.of(line.substring(figure)))) return -1;
        // "peanut butter, 200 g feta, 3 eggs": what a comma parts from the next is one of the list
        return LISTED_TOO.matcher(line.substring(0, figure)).find() ? 0 : figure;
    }

    /// {@return "tarka dal - chana 1.5 kg // turmeric 10 g // onion 1 kg" as its name and its list; null where no marks
    /// part a list}
    private static @Nullable FirstLine marked(String line, int colon) {
        var pieces = Several.byMarks(line);
        // "Bircher pot | oats 60 g + apple juice 90 ml"
        if (pieces.size() == 2 && InlineList.isMadeOf(Several.of(pieces.getLast())))
            return new FirstLine(pieces.getFirst(), pieces.getLast(), null);
        if (pieces.size() < FEWEST_MARKED) return null;
        var first = pieces.getFirst();
        var dash = DASH.matcher(first);
        if (colon > 0) return new FirstLine(line.substring(0, colon), line.substring(colon + 2), null);
        if (dash.find()) return new FirstLine(first.substring(0, dash.start()), line.substring(dash.end()), null);
        return new FirstLine(first, Numbers.hasFigure(first) ? line : line.substring(line.indexOf(pieces.get(1))),
                null);
    }

    private static boolean isMeasured(String rest) {
        return Numbers.at(rest, 0) != null && !Foods.shipped().phrase(rest).matches().isEmpty();
    }

    /// "Chermoula. 4 bunches coriander, 8 cloves garlic. Blitz."
    private static @Nullable FirstLine behindStop(String line, int colon) {
        var stop = colon > 0 ? -1 : line.indexOf(". ");
        var name = stop > 0 && stop <= LONGEST_NAME ? DOTS.matcher(line.substring(0, stop)).replaceFirst("") : "";
        if (name.isEmpty() || Numbers.hasFigure(BRACKETED.matcher(name).replaceAll(""))) return null;
        var rest = line.substring(stop + 2);
        return Told.ofList(rest).or(() -> Told.ofOnly(rest)).map(told -> new FirstLine(name, "", told)).orElse(null);
    }

    private static FirstLine only(String line, int colon) {
        if (colon > 0) {
            var listed = Told.ofList(line.substring(colon + 2));
            if (listed.isPresent()) return new FirstLine(line.substring(0, colon), "", listed.get());
        }
        var marked = marked(line, colon);
        if (marked != null) return marked;
        var behindStop = behindStop(line, colon);
        if (behindStop != null) return behindStop;
        if (line.length() <= LONGEST_HEADING) return new FirstLine(line, "", null);
        var told = Told.ofOnly(line).orElse(null);
        return new FirstLine(told == null ? line : Told.name(line, LONGEST_NAME), "", told);
    }
}
