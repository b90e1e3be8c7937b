package keenfork.core.swap;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Grammar;
import keenfork.core.food.Plurals;
import keenfork.core.recipe.Line;
import org.jspecify.annotations.Nullable;

/// The method of a dish as a plan changes it. Only the food that goes is replaced, in its own span: never a verb, never
/// a food that stays. A sentence that only makes ready what goes is left out once the swap brings its own step; one
/// that does not fit what goes in is kept as it is written and left to the cook.
final class Method {
    private static final String OUT = "(left out)";
    private static final Set<String> COLD = Grammar.words("cooling");
    private final NamedLines named;
    private final Map<Line, Move> byLine = new IdentityHashMap<>();
    private final Map<Move, String> own = new IdentityHashMap<>();
    private final Set<String> placed = new HashSet<>();
    private final List<MethodStep> steps = new ArrayList<>();
    /// the step that is looked at
    private int at;

    private Method(NamedLines named, List<Move> moves) {
        this.named = named;
        for (var move : moves) {
            if (isOut(move)) byLine.put(move.line(), move);
            if (move instanceof Move.Replace replace)
                own.put(move, OwnStep.of(replace, Liquid.of(named, move.line(), moves).flatMap(Line::food)
                        .map(Food::name).orElse(""), cools(move.line())));
        }
    }

    /// {@return the steps of a dish with some moves made; what is held back or taken off for some plates is cooked all
    /// the same}
    /// @param named the dish's steps, looked through
    /// @param split where portions are taken off, or null where none are
    static List<MethodStep> of(NamedLines named, List<Move> moves, @Nullable Split split) {
        var steps = new ArrayList<>(new Method(named, moves).read(moves));
        if (split == null || steps.size() < split.step()) return steps;
        var without = split.without().stream().map(l -> "the " + l.food().map(Food::name).orElse(l.text())).distinct()
                .collect(Collectors.joining(" and "));
        steps.add(split.step(), MethodStep.anew("Take off the portions that go out without %s.".formatted(without),
                steps.get(Math.min(split.step(), steps.size() - 1)).of()));
        return steps;
    }

    private boolean cools(Line line) {
        return named.sentences(line).stream().flatMap(s -> s.deeds().stream()).anyMatch(d -> COLD.contains(d.word()));
    }

    private static boolean isOut(Move move) {
        return move instanceof Move.Replace || move instanceof Move.Choose || move instanceof Move.LeaveOut;
    }

    private List<MethodStep> read(List<Move> moves) {
        for (at = 0; at < named.steps().size(); at++) step(named.steps().get(at));
        if (named.steps().isEmpty()) return List.of();
        at = 0;
        var first = new ArrayList<MethodStep>();
        for (var move : moves) place(move, first);
        first.addAll(steps);
        return List.copyOf(first);
    }

    private void step(List<Sentence> sentences) {
        var before = new ArrayList<MethodStep>();
        var text = new StringBuilder();
        var plain = new StringBuilder();
        var changed = false;
        var write = false;
        for (var sentence : sentences) {
            var now = sentence(sentence, before);
            text.append(now.text());
            plain.append(now.plain());
            changed |= now.changed();
            write |= now.write();
        }
        steps.addAll(before);
        if (!text.toString().isBlank())
            steps.add(new MethodStep(text.toString().strip(), changed, write, plain.toString().strip(), at));
    }

    private void place(Move move, List<MethodStep> into) {
        var step = own.remove(move);
        // two lines that become one food are made ready together
        if (step != null && !step.isEmpty() && placed.add(step)) into.add(MethodStep.anew(step, at));
    }

    private MethodStep sentence(Sentence sentence, List<MethodStep> before) {
        var hits = sentence.foods().stream().filter(this::isGone).toList();
        var gone = hits.stream().map(this::move).distinct().toList();
        if (hits.isEmpty()) return half(sentence, before);
        if (gone.size() == 1 && goesWhole(sentence, gone.getFirst())) {
            place(gone.getFirst(), before);
            return new MethodStep("", true, false, "", at);
        }
        for (var hit : hits) if (isDoneAlready(sentence, hit)) own.put(move(hit), "");
        for (var move : gone) place(move, before);
        return replaced(sentence, hits);
    }

    /// A word that means a line that goes and one that stays keeps standing; what goes in is named by its own step, or
    /// else by the cook.
    private MethodStep half(Sentence sentence, List<MethodStep> before) {
        var write = false;
        for (var food : sentence.foods())
            for (var line : named.meant(food)) {
                var move = byLine.get(line);
                if (!(move instanceof Move.Replace)) continue;
                write |= own.getOrDefault(move, " ").isEmpty();
                place(move, before);
            }
        return new MethodStep(sentence.text(), false, write, sentence.text(), at);
    }

    private boolean isGone(Sentence.Named food) {
        var meant = named.meant(food);
        return !meant.isEmpty() && meant.stream().allMatch(byLine::containsKey);
    }

    private Move move(Sentence.Named food) {
        return java.util.Objects.requireNonNull(byLine.get(named.meant(food).getFirst()));
    }

    /// "Toast the pine nuts": the step the swap brings stands in its place; "scatter with the walnuts" goes with them.
    private boolean goesWhole(Sentence sentence, Move move) {
        var others = sentence.foods().stream().filter(f -> !isGone(f)).flatMap(f -> named.meant(f).stream())
                .filter(l -> isNotIn(own.getOrDefault(move, ""), l)).findAny();
        if (others.isPresent()) return false;
        if (move instanceof Move.LeaveOut) return true;
        if (!(move instanceof Move.Replace replace) || OwnStep.of(replace, "", false).isEmpty()) return false;
        var readies = sentence.deeds().stream()
                .allMatch(d -> d.verb().work() == Verb.Work.PREPARES || d.verb().work() == Verb.Work.WAITS);
        return readies && (cooks(replace) && !sentence.deeds().isEmpty() || sentence.does(Verb.Work.PREPARES));
    }

    private static boolean isNotIn(String step, Line line) {
        return line.food().filter(f -> OwnStep.names(step, f)).isEmpty();
    }

    private static boolean cooks(Move.Replace move) {
        return move.swap().make().isEmpty() && Cooking.of(move.swap().main()).isPresent();
    }

    /// "Toast the nuts and the bread" toasts the seeds, too: no step of their own is wanted.
    private boolean isDoneAlready(Sentence sentence, Sentence.Named hit) {
        if (!(move(hit) instanceof Move.Replace replace) || replace.with().size() > 1 || cooks(replace)) return false;
        var verb = OwnStep.opens(own.getOrDefault(replace, ""));
        return verb.isPresent() && fits(sentence, hit)
                && sentence.deeds().stream().anyMatch(d -> d.verb() == verb.get() && d.objects().contains(hit));
    }

    private MethodStep replaced(Sentence sentence, List<Sentence.Named> hits) {
        var text = sentence.text();
        var plain = text;
        var fits = true;
        for (var hit : hits.reversed()) {
            var start = hit.match().start();
            var end = hit.match().end();
            var with = instead(hit);
            plain = plain.substring(0, start) + with + plain.substring(end);
            if (!fits) continue;
            var next = isNamedBefore(hits, hit) ? Enumeration.without(text, start, end) : Optional.<String>empty();
            if (next.isEmpty()) next = next(sentence, hit, text);
            fits = next.isPresent();
            text = next.orElse(text);
        }
        return fits ? new MethodStep(text, true, false, text, at)
                : new MethodStep(sentence.text(), false, true, plain, at);
    }

    /// "Pound the almonds and the hazelnuts", where seeds go in for both: they are named once
    private boolean isNamedBefore(List<Sentence.Named> hits, Sentence.Named hit) {
        var food = goesIn(move(hit));
        return food != null && hits.subList(0, hits.indexOf(hit)).stream()
                .anyMatch(h -> move(h) != move(hit) && food.equals(goesIn(move(h))));
    }

    private Optional<String> next(Sentence sentence, Sentence.Named hit, String text) {
        var start = hit.match().start();
        var end = hit.match().end();
        if (move(hit) instanceof Move.LeaveOut) return Enumeration.without(text, start, end);
        return fits(sentence, hit) ? Optional.of(text.substring(0, start) + instead(hit) + text.substring(end))
                : Optional.empty();
    }

    private String instead(Sentence.Named hit) {
        var food = goesIn(move(hit));
        if (food == null) return OUT;
        var name = Plurals.of(food);
        return Character.isUpperCase(hit.match().text().charAt(0))
                ? Character.toUpperCase(name.charAt(0)) + name.substring(1) : name;
    }

    private static @Nullable Food goesIn(Move move) {
        return move.goesIn().isEmpty() ? null : move.goesIn().getFirst().food().orElse(null);
    }

    private boolean fits(Sentence sentence, Sentence.Named hit) {
        var move = move(hit);
        var food = goesIn(move);
        if (food == null) return false;
        var becomes = move instanceof Move.Replace made ? made.swap().becomes() : "";
        if (hit.said().stream().anyMatch(v -> !v.fits(food, becomes))) return false;
        var cooks = move instanceof Move.Replace replace && cooks(replace);
        return sentence.deeds().stream().filter(d -> d.objects().contains(hit))
                .allMatch(d -> d.verb().fits(food, becomes) && !(cooks && d.verb().work() == Verb.Work.PREPARES));
    }
}
