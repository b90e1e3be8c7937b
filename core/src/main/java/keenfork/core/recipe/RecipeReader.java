package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import org.jspecify.annotations.Nullable;

/// Reads a whole recipe, line by line.
final class RecipeReader {
    private static final Pattern YIELD = Pattern.compile("(?i)^(?:serves|feeds|for|makes|yields?)[:\\s]+(?:about |around )?(?<count>\\d{1,5})(?:\\s*[-–]\\s*\\d{1,5})?\\s*(?<what>[\\p{L} ]*)\\.?$");
    private static final Pattern MAKES = Pattern.compile("(?i)^(?:makes|yields?)[:\\s]+(?<what>.{1,80})$");
    private static final Pattern PACK = Pattern.compile("(?i)^pack(?:\\[(?<law>[\\p{L}]*)\\])?\\s*:\\s*(?<text>.*)$");
    private static final Pattern METHOD = Pattern.compile("(?i)^(?:method|steps?|directions|instructions|preparation|how to make it)\\s*:?$");
    private static final Pattern INGREDIENTS = Pattern.compile("(?i)^(?:ingredients|you need|what you need)\\s*:?$");
    private static final Pattern HEADING = Pattern.compile("^(?<name>[^:]{1,80}):$|^#+\\s*(?<hash>.{1,80})$|(?i)^(?<for>(?:for the|for|to) (?:dressing|topping|base|salad|dip|sauce|crumb|serve|garnish|finish)\\b[^\\d:]{0,40})$");
    private static final Pattern NUMBERED = Pattern.compile("^\\d{1,3}[.)]\\s+(?<rest>.*)$");
    private static final Pattern VERB = Pattern.compile("(?i)^(?:add|arrange|bake|beat|blanch|blend|blitz|boil|bring|chill|chop|combine|cook|cool|cover|crumble|cut|drain|dress|drizzle|fold|fry|grate|grill|grind|heat|leave|let|loosen|mash|mix|peel|pour|pound|preheat|press|pulse|put|reduce|remove|rinse|roast|rub|salt|scatter|season|serve|shave|simmer|slice|soak|spoon|spread|sprinkle|squeeze|stir|strain|take|taste|tear|tip|toast|top|toss|turn|warm|wash|whip|whisk|whizz)\\b");

    private final LineReader lineReader;
    private final Law home;
    private final List<Part> parts = new ArrayList<>();
    private final List<String> steps = new ArrayList<>();
    private List<Line> lines = new ArrayList<>();
    private String partName = "";
    private String name = "";
    private int serves;
    private String makes = "";
    private boolean inMethod;

    RecipeReader(Volumes volumes, Law home) {
        this.lineReader = new LineReader(volumes);
        this.home = home;
    }

    Recipe read(String text) {
        for (var raw : text.replace("\uFEFF", "").split("\\R")) {
            var line = raw.replaceAll("[\\s\\u00a0]+", " ").strip();
            if (line.isEmpty()) continue;
            if (name.isEmpty()) name = line.replaceFirst("^#+\\s*", "").replaceFirst(":$", "");
            else take(line);
        }
        endPart();
        return new Recipe(name, serves, makes, parts, steps);
    }

    private void take(String line) {
        if (takesYield(line) || takesPack(line) || INGREDIENTS.matcher(line).matches()) return;
        if (METHOD.matcher(line.replaceFirst("^#+\\s*", "")).matches()) {
            inMethod = true;
            return;
        }
        var heading = heading(line);
        if (heading != null) {
            endPart();
            partName = heading;
            inMethod = false;
        } else if (inMethod || isStep(line)) {
            steps.add(LineReader.bare(line));
        } else {
            lines.add(lineReader.read(line));
        }
    }

    private boolean takesYield(String line) {
        if (inMethod || !lines.isEmpty() || !parts.isEmpty()) return false;
        var yield = YIELD.matcher(line);
        if (yield.matches()) {
            var what = yield.group("what").strip().toLowerCase();
            if (what.isEmpty() || what.matches("people|portions?|covers|servings?|persons?|guests?")) serves = Integer.parseInt(yield.group("count"));
            else makes = yield.group("count") + " " + what;
            return true;
        }
        var other = MAKES.matcher(line);
        if (other.matches()) makes = other.group("what");
        return other.matches();
    }

    private boolean takesPack(String line) {
        var pack = PACK.matcher(line);
        if (!pack.matches()) return false;
        if (lines.isEmpty()) return false;
        var named = pack.group("law");
        var law = named == null ? home : named.equalsIgnoreCase("unknown") || named.isBlank() ? Law.UNKNOWN : new Law(named.toLowerCase());
        lines.set(lines.size() - 1, lines.getLast().withPack(together(lines.getLast().pack(), Declaration.read(pack.group("text"), law))));
        return true;
    }

    /// A second declaration under a line adds to the first; where their laws differ, neither is relied on.
    private static Declaration together(@Nullable Declaration first, Declaration second) {
        if (first == null) return second;
        return Declaration.read(first.text() + "\n" + second.text(), first.law().equals(second.law()) ? first.law() : Law.UNKNOWN);
    }

    private static @Nullable String heading(String line) {
        var matcher = HEADING.matcher(line);
        if (!matcher.matches()) return null;
        for (var group : List.of("name", "hash", "for")) {
            var found = matcher.group(group);
            if (found != null) return found.strip().replaceFirst(":$", "");
        }
        return null;
    }

    /// A numbered sentence after the ingredients is a step; a numbered ingredient stays an ingredient.
    private boolean isStep(String line) {
        var numbered = NUMBERED.matcher(line);
        if (!numbered.matches() || lines.isEmpty() && parts.isEmpty()) return false;
        var rest = numbered.group("rest");
        return Numbers.at(rest) == null && VERB.matcher(rest).find() && isSentence(rest);
    }

    /// "Toast, rubbed with garlic" may be an ingredient; "Toast the crumbs in the oil." is a step.
    private static boolean isSentence(String text) {
        var second = text.contains(" ") ? text.charAt(text.indexOf(' ') - 1) : ',';
        return text.endsWith(".") || second != ',' && text.split(" ").length >= 5;
    }

    private void endPart() {
        if (!lines.isEmpty()) {
            var shown = partName.isEmpty() ? "Base" : partName;
            parts.add(new Part(shown, PartKind.guess(shown), lines));
        }
        lines = new ArrayList<>();
    }
}
