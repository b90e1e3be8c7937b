package keenfork.core.recipe;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.OwnWeights;
import keenfork.core.food.Words;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import org.jspecify.annotations.Nullable;

/// Reads a whole recipe, line by line.
final class RecipeReader {
    /// "→ all in the blender": what comes next, not what goes in
    private static final Pattern ARROW = Pattern.compile("(?:→|➔|[-=]+>)\\s*\\p{L}");
    private static final Pattern METHOD =
            Pattern.compile("(?i)^(?:" + Grammar.anyOf("method-head") + ")\\s*:?$");
    private static final Pattern METHOD_INLINE =
            Pattern.compile("(?i)^(?:" + Grammar.anyOf("method-head") + ")\\s*:\\s+(?<rest>\\S.*)$");
    private static final Pattern INGREDIENTS = Pattern.compile(
            "(?i)^(?:" + Grammar.anyOf("list-head") + ")\\s*:?$");
    private static final Pattern SANDWICH = Grammar.wordOf("sandwich");
    private static final Pattern MAKES = Pattern.compile("(?<=\\S\\s\\+\\s.{1,200})\\s=\\s\\p{L}[\\p{L} ]{2,30}$");
    private static final Pattern TITLE_NUMBER = Pattern.compile("^#+\\s*|^\\d{1,3}[.)]\\s+(?=\\p{L}[^.]*$)");
    private static final Pattern AROUND_HEADING = Pattern.compile("^[#*_=\\s]+|[*_=\\s]+$");
    private static final int LONGEST_HEADING = 90;
    private static final int LONGEST_METHOD = 26;
    /// how a heading of the whole method begins, its marks included
    private static final String HEADS_OF_ALL = "msdiphMSDIPH#*_= ";
    private final Volumes kitchen;
    private PartHeadline headline = new PartHeadline("");
    /// so many measured lines below its name make a part
    private static final int MEASURED_BELOW = 2;
    private LineReader lineReader;
    /// letters behind the lines that stand for allergens
    private Signs signs = Signs.of(List.of());
    private final Law home;
    private final OwnWeights own;
    private final List<Part> parts = new ArrayList<>();
    private final List<String> steps = new ArrayList<>();
    private final List<String> suggested = new ArrayList<>();
    private List<Line> lines = new ArrayList<>();
    private String partName = "";
    private String name = "";
    private boolean isOfSandwiches;
    /// what stands in the line of the name was read as a list
    private boolean isNameListed;
    private int serves;
    private String makes = "";
    private final PackBelow packBelow;
    private boolean inMethod;
    /// a step was read since the last heading, though none called it a method
    private boolean inSteps;
    /// the line is the name of a part amid measured lines
    private boolean isAmidMeasured;
    /// the line names no food, and the list is below it: "Cheeseboard" over "- brie, crackers", "WET" over "60 g maple"
    private boolean isOverList;
    /// the line is a step by its bullet, below a list without bullets
    private boolean isStepByBullet;
    /// the last that was read is a line of the list, or its pack
    private boolean isBelowLine;
    /// parts whose kinds stand behind their names: "Sarnies: egg & cress 30, ham 30"
    private final Set<String> ofKinds = new HashSet<>();
    /// an ingredient line with a bullet was read
    private boolean bulleted;

    RecipeReader(Volumes volumes, Law home, OwnWeights own) {
        this.kitchen = volumes;
        this.own = own;
        this.lineReader = new LineReader(volumes, own);
        this.home = home;
        this.packBelow = new PackBelow(home);
    }

    Recipe read(String text) {
        var plain = LineFeeds.only(text);
        var written = Scales.first(
                Sheet.asList(NumberedSteps.marked(AmountApart.joined(RunTogether.apart(plain.lines().toList())))));
        signs = Signs.of(written);
        headline = new PartHeadline(plain);
        lineReader = new LineReader(StatedVolumes.in(written).orElse(kitchen), own);
        var isOnly = written.stream().filter(l -> !l.isBlank()).count() == 1;
        var afterBlank = false;
        var bulletedSteps = BulletedSteps.in(written);
        var signedFrom = Signature.from(written);
        for (var at = 0; at < signedFrom; at++) {
            var line = Pasted.plain(written.get(at));
            isStepByBullet = bulletedSteps.get(at);
            isAmidMeasured = PartHeadline.isBare(line) && isAmidMeasured(written, at);
            isOverList = (Bullets.isOver(written, at) || afterBlank && isOverMeasured(written, at))
                    && !Numbers.hasFigure(line) && !isFood(line) && isFood(written.get(at + 1));
            if (!line.isEmpty() && name.isEmpty() && (isOnly || !takesYield(line) && !isNoteAbove(written, at)))
                takeName(title(line), isOnly);
            else if (!line.isEmpty() && !name.isEmpty()) take(line, afterBlank);
            afterBlank = line.isEmpty() || isListHead(line);
        }
        // a text that tells nothing but how many it feeds
        if (name.isEmpty()) name = written.stream().map(Pasted::plain).filter(l -> !l.isEmpty()).findFirst().orElse("");
        // nor was one that ends the text: whatever it names, nobody wrote it for nothing
        if (!inSteps && !inMethod && isUnused()) lines.add(lineReader.read(partName));
        endPart();
        var statedName = Stated.in(name);
        var titles = new PartTitle(parts.stream().flatMap(p -> p.lines().stream()).toList());
        parts.replaceAll(p -> withItsName(p, titles));
        putFirst(statedName.said().stream().flatMap(said -> Stated.line(said, home).stream()).toList());
        if (!isOnly && !isNameListed) putFirst(NameLine.of(statedName.words(), lineReader, titles));
        var people = serves > 0 ? serves : Served.inTitle(name);
        parts.replaceAll(p -> PerPerson.forAll(p, people));
        if (parts.stream().flatMap(p -> p.lines().stream()).anyMatch(Yields::mayChange)) {
            var said = Yields.said(steps);
            parts.replaceAll(p -> cooked(p, said));
        }
        return new Recipe(name, people, makes, parts, steps,
                Stream.of(Mention.in(steps), DishName.said(statedName.words(), suggested),
                        NamedBase.of(statedName.words(), parts.stream().flatMap(p -> p.lines().stream()).toList(),
                                suggested))
                        .flatMap(List::stream).toList(),
                suggested);
    }

    private void putFirst(List<Line> found) {
        if (found.isEmpty()) return;
        var first = parts.isEmpty() ? new Part("Base", PartKind.BASE, List.of()) : parts.removeFirst();
        parts.addFirst(first.withLines(Stream.concat(found.stream(), first.lines().stream()).toList()));
    }

    /// "Peanut dressing" over lime and sugar: the peanuts go in, too, and the pastry of "pies: 10 steak, 10 chicken"
    private Part withItsName(Part part, PartTitle titles) {
        return titles.saysMore(part.name()) || titles.isOfKinds(part, ofKinds.contains(part.name()))
                ? part.withLines(Stream.concat(part.lines().stream(), Stream.of(lineReader.read(part.name()))).toList())
                : part;
    }

    private void takeName(String line, boolean isOnly) {
        var first = FirstLine.of(line, isOnly);
        name = Emphasis.without(Bullets.withoutPictures(first.name()));
        isOfSandwiches = SANDWICH.matcher(name).find();
        if (first.told() != null) takeTold(first.told());
        else if (!first.list().isEmpty()) take(first.list(), false);
        isNameListed = !first.list().isEmpty();
    }

    /// "## 3. Recipe: Green goddess"
    private static String title(String line) {
        return CardNote.untitled(TITLE_NUMBER.matcher(line).replaceFirst("").replaceFirst("\\s*[:|]+$", ""));
    }

    private static boolean isListHead(String line) {
        return line.length() <= LONGEST_METHOD && "iywsIYWS".indexOf(line.charAt(0)) >= 0
                && INGREDIENTS.matcher(line).matches();
    }

    /// "Page 12" over the name; "Dish of the day" right over the list is the name itself
    private static boolean isNoteAbove(List<String> written, int at) {
        var line = Bullets.withoutBullet(Pasted.plain(written.get(at)));
        if (!CardNote.isAbove(line)) return false;
        var below = written.stream().skip(at + 1L).map(Pasted::plain).filter(l -> !l.isEmpty()).findFirst();
        return below.isPresent() && !isMeasured(below.get());
    }

    /// "Dressing" with measured lines only above it, and some right below: nobody leaves out the amount of one alone
    private boolean isAmidMeasured(List<String> written, int at) {
        if (lines.isEmpty() || !lines.stream().allMatch(l -> l.amount() != null) || at + 1 >= written.size())
            return false;
        var below = written.subList(at + 1, Math.min(written.size(), at + 1 + MEASURED_BELOW)).stream()
                .map(Pasted::plain).toList();
        return isMeasured(below.getFirst())
                && (below.size() < MEASURED_BELOW || isMeasured(below.getLast()) || endsList(below.getLast()));
    }

    /// "For later" behind a blank line, in words that surely are no food, with a measured line right below
    private static boolean isOverMeasured(List<String> written, int at) {
        var line = Pasted.plain(written.get(at));
        return line.length() <= LONGEST_METHOD && at + 1 < written.size()
                && isMeasured(Pasted.plain(written.get(at + 1))) && PartHeadline.isLabel(line);
    }

    /// an amount in front, or anywhere behind: "fish sauce 300"
    private static boolean isMeasured(String line) { return Numbers.hasFigure(line) && !StepLine.isHeat(line); }

    /// a blank line, or the headline of what comes next
    private static boolean endsList(String line) {
        return line.isEmpty() || line.endsWith(":") || METHOD.matcher(line).matches();
    }

    /// A part with what its dry foods weigh once soaked or cooked; most have none.
    private static Part cooked(Part part, Map<Yields.Change, Set<String>> said) {
        List<Line> changed = null;
        for (var i = 0; i < part.lines().size(); i++) {
            var becomes = Yields.becomes(part.lines().get(i), said).orElse(null);
            if (becomes == null) continue;
            if (changed == null) changed = new ArrayList<>(part.lines());
            changed.set(i, part.lines().get(i).withBecomes(becomes));
        }
        return changed == null ? part : part.withLines(changed);
    }

    private void take(String line, boolean afterBlank) {
        if (takesYield(line) || takesTitle(line) || takesPack(line)) return;
        endPack();
        isBelowLine = false;
        var bare = Bullets.withoutBullet(line);
        // a thumb up below what a colleague sent
        if (bare.isEmpty() || signs.isKey(bare) || Served.isPortion(bare)) return;
        if (Suggested.is(bare) || Suggested.isDenial(bare) || Suggested.isAside(bare) || Stated.isPromise(bare)) {
            suggested.add(bare);
            return;
        }
        var stated = Stated.line(bare, home).orElse(null);
        if (stated != null) {
            lines.add(stated);
            return;
        }
        var isShort = line.length() <= LONGEST_HEADING;
        // a heading of the whole list or method holds no figure, which spares most lines the patterns
        var mayBeHeadline = line.length() <= LONGEST_METHOD && !Numbers.hasFigure(line);
        if (mayBeHeadline && isListHead(line) || StatedVolumes.is(line)) return;
        if (mayBeHeadline && HEADS_OF_ALL.indexOf(line.charAt(0)) >= 0
                && METHOD.matcher(AROUND_HEADING.matcher(line).replaceAll("")).matches()) {
            inMethod = true;
            return;
        }
        if (takesMethod(line)) return;
        var found = isShort ? headline.of(line, afterBlank || isAmidMeasured, inMethod) : null;
        var heading =
                found == null && isOverList && isShort && !inMethod && !isStep(line, afterBlank) ? line : found;
        if (heading != null) {
            endPart();
            partName = heading;
            inMethod = false;
            inSteps = false;
        } else if (inMethod || isStep(line, afterBlank)) {
            inSteps = true;
            takeStepOrTold(Bullets.bare(line));
        } else if (!Things.isOnly(bare) && !CardNote.is(bare)) {
            var told = steps.size();
            if (!takesInline(line)) takeLine(line);
            isBelowLine = steps.size() == told;
        }
    }

    /// "Blend smooth. Lovely with bread." puts no bread in.
    private void takeStep(String step) {
        var only = Suggested.in(step);
        suggested.addAll(only);
        var done = step;
        for (var sentence : only) done = done.replace(sentence, "").strip();
        if (!done.isEmpty()) steps.add(done);
    }

    /// "Method: Combine the yolks and garlic. Stream in the oil."
    private boolean takesMethod(String line) {
        if (line.indexOf(':') < 0) return false;
        var inline = METHOD_INLINE.matcher(line);
        if (!inline.matches() || !StepLine.isDone(inline.group("rest"))) return false;
        inMethod = true;
        inSteps = true;
        for (var step : Told.sentences(inline.group("rest"))) takeStep(step);
        return true;
    }

    private void takeLine(String list) {
        // "oil + lemon + garlic = dressing" tells what they make
        var written = list.indexOf(" = ") < 0 ? list : MAKES.matcher(list).replaceFirst("");
        var line = isOfSandwiches ? OnBread.dashed(written) : written;
        bulleted = bulleted || Bullets.isBulleted(line);
        Told.of(line).ifPresentOrElse(this::takeTold, () -> {
            for (var piece : Several.of(Bullets.bare(line))) addLine(piece);
        });
    }

    private void takeStepOrTold(String step) {
        var told = inMethod ? Optional.<Told>empty() : Told.of(step).filter(this::tellsNew);
        told.ifPresentOrElse(this::takeTold, () -> NumberedSteps.parted(step).forEach(this::takeStep));
    }

    /// "cool, then 400 g mayo, 200 g sour cream" is done with what no line names yet
    private boolean tellsNew(Told told) {
        var named = Stream.concat(lines.stream(), parts.stream().flatMap(p -> p.lines().stream()))
                .flatMap(l -> l.food().stream()).collect(Collectors.toSet());
        return told.lines().stream().flatMap(l -> lineReader.read(l).food().stream()).noneMatch(named::contains);
    }

    private void takeTold(Told told) {
        for (var piece : told.lines()) lines.add(lineReader.read(piece));
        for (var step : told.steps()) if (!takesYield(step)) takeStep(step);
    }

    private boolean takesInline(String line) {
        var list = InlineList.of(Bullets.isBulleted(line) ? line : Bullets.bare(line), inSteps).orElse(null);
        if (list == null) return false;
        switch (list.kind()) {
            case STEP -> takeStep(Bullets.bare(line));
            case FOR_ONE -> {
                if (serves == 0) serves = 1;
            }
            case PART -> {
                endPart();
                partName = list.name();
                if (PartTitle.areKinds(list.lines())) ofKinds.add(partName);
            }
            case LINES -> {}
        }
        for (var piece : list.lines()) addLine(piece);
        return true;
    }

    private void addLine(String piece) {
        var stated = Stated.in(signs.spelt(piece));
        var line = stated.said().isEmpty() ? lineReader.read(piece) : lineReader.read(stated.words()).withText(piece);
        // before it: a pack below is the line's own
        lines.addAll(stated.beyond(line, home));
        lines.add(line);
    }

    private static boolean isFood(String words) { return Foods.shipped().recipeWords().isNamedIn(words); }

    /// "Serves 4-6 | Prep 10 min | Cook 25 min"
    private boolean takesYield(String line) {
        if (takesOneYield(line)) return true;
        var fields = CardNote.fields(line);
        var pieces = fields.size() < 2 ? Several.byMarks(line) : fields;
        if (pieces.size() < 2 || !pieces.stream()
                .allMatch(p -> Clock.isOnly(p) || Served.above(p).isPresent() || CardNote.is(p)))
            return false;
        pieces.forEach(this::takesOneYield);
        return true;
    }

    private boolean takesOneYield(String line) {
        var isBelow = inMethod || !lines.isEmpty() || !parts.isEmpty();
        if (!inMethod && Clock.isOnly(line)) return true;
        var found = isBelow ? Served.below(line).filter(_ -> serves == 0) : Served.above(line);
        found.ifPresent(s -> {
            if (s.people() > 0) serves = s.people();
            else makes = s.makes();
        });
        return found.isPresent() || isBelow && !inMethod && Served.isMade(line);
    }

    /// "Dish: Tahini dressing" below the name of the kitchen
    private boolean takesTitle(String line) {
        if (!lines.isEmpty() || !parts.isEmpty() || inMethod || line.indexOf(',') >= 0) return false;
        var titled = CardNote.untitled(line);
        if (titled.equals(line) || isMeasured(titled)) return false;
        name = titled;
        return true;
    }

    private boolean takesPack(String line) {
        // "Pack: into tubs" below a step says what is done
        return !lines.isEmpty() && isBelowLine && packBelow.takes(line);
    }

    /// The declarations under a line are read once all of them are there.
    private void endPack() {
        if (!packBelow.isEmpty()) lines.set(lines.size() - 1, lines.getLast().withPack(packBelow.read()));
    }

    private boolean isStep(String line, boolean afterBlank) {
        if (StepLine.isMeasured(line))
            return inSteps && !afterBlank && StepLine.isHeat(line) || !lines.isEmpty() && StepLine.isBareHeat(line);
        if (inSteps && InlineList.isPartOf(line)) return false;
        if (isStepByBullet || !lines.isEmpty() && ARROW.matcher(line).lookingAt()) return true;
        var bare = Bullets.withoutBullet(line);
        // "- blitz the seeds" under a list without bullets
        var bulletsStart = Bullets.isBulleted(line) && !lines.isEmpty() && !bulleted;
        if (!lines.isEmpty() && (afterBlank && StepLine.isTold(bare) || StepLine.isToldAtLength(bare))) return true;
        // "season w. soy" right below another step
        if (inSteps && !afterBlank
                && (StepLine.isNumbered(line) || StepLine.isDoneNext(bare) || StepLine.goesOn(bare)))
            return true;
        return StepLine.is(bare, !lines.isEmpty() || !parts.isEmpty(), afterBlank || inSteps || bulletsStart);
    }

    /// {@return whether nothing stands under the heading, which by its words could be an ingredient}
    private boolean isUnused() {
        if (!lines.isEmpty() || partName.isEmpty()) return false;
        return PartKind.guess(partName) == PartKind.BASE || !PartHeadline.isBare(partName) && !isListed(partName);
    }

    /// {@return whether each food that a headline names is in a line: "Tahini dressing" over the steps that make it}
    private boolean isListed(String headline) {
        var written = parts.stream().flatMap(p -> p.lines().stream()).map(l -> Words.key(l.text()))
                .collect(Collectors.joining(" ", " ", " "));
        return Words.of(headline).stream().map(w -> Words.key(w.text())).filter(RecipeReader::isFood)
                .allMatch(w -> PartHeadline.isBare(w) || written.contains(" " + w + " "));
    }

    /// "NOODLES" over "3 kg rice noodles": a headline in capitals, whose food is in the lines below it
    private boolean isHeadedByFood() {
        if (lines.size() < 2 || !partName.isEmpty()) return false;
        var first = lines.getFirst();
        var words = first.text();
        if (first.amount() != null || !words.equals(words.toUpperCase(Locale.ROOT)) || !words.matches("[A-Z ]+"))
            return false;
        var last = Words.key(words.substring(words.lastIndexOf(' ') + 1));
        return lines.stream().skip(1)
                .anyMatch(l -> l.amount() != null && !l.text().equals(l.text().toUpperCase(Locale.ROOT))
                        && (" " + Words.key(l.text()) + " ").contains(" " + last + " "));
    }

    private void endPart() {
        endPack();
        // a heading with nothing under it that names a food was no heading: "Butter:" is an ingredient
        if (isUnused() && isFood(partName)) lines.add(lineReader.read(partName));
        if (isHeadedByFood()) partName = lines.removeFirst().text();
        if (!lines.isEmpty()) {
            var shown = partName.isEmpty() ? "Base" : partName;
            parts.add(new Part(shown, PartKind.guess(shown), lines));
        }
        lines = new ArrayList<>();
    }
}
