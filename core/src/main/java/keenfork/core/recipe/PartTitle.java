package keenfork.core.recipe;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Lexicon.Match;
import keenfork.core.food.Meaning;
import keenfork.core.food.Substance;
import keenfork.core.food.Substances;
import keenfork.core.food.UnitNames;
import keenfork.core.food.Words;

/// What the name of a part says is in it: the peanuts of "Peanut dressing", whose lines tell lime and sugar alone.
/// Whoever calls it so puts them in.
final class PartTitle {
    private static final Set<String> BY_PIECE = Grammar.words("sold-by-piece");
    /// "egg & cress 12", "30 cheese & onion": one figure, and no measure
    private static final Pattern COUNTED = Pattern.compile(
            "(?iU)\\D*(?<![\\d.,])\\d+(?![\\d.,])\\s*(?!(?:" + UnitNames.measures() + ")\\b)\\D*");
    private static final int KINDS = 2;
    /// the words of all lines, and what they surely hold; what only some makes of a product hold is no reason to leave
    /// out what the name says
    private final Set<String> said = new HashSet<>();
    private final Set<Substance> held = new HashSet<>();

    /// @param lines those of the whole recipe
    PartTitle(List<Line> lines) {
        for (var line : lines) {
            Words.of(line.text()).forEach(w -> said.add(w.text()));
            for (var choice : line.choices())
                Stream.concat(Stream.of(choice.main()), choice.others().stream()).forEach(m -> held.addAll(m.holds()));
        }
    }

    /// {@return whether a part's name names a food that the law or a diet asks about, and no line says it or holds the
    /// like}
    boolean saysMore(String title) {
        if (DishName.isNotAsSaid(title)) return false;
        return Foods.shipped().phrase(NoFood.blanked(title)).matches().stream()
                .filter(m -> !m.isTaken() && !Words.isDenied(title, m.end()) && !Words.isRuledOut(title, m.start()))
                .flatMap(DishName::plainly).anyMatch(this::isMissing);
    }

    /// {@return whether a list tells kinds by the piece, and measures nothing: "egg & cress 30, ham 30"}
    static boolean areKinds(List<String> pieces) {
        var counted = pieces.stream().filter(Numbers::hasFigure).toList();
        return !counted.isEmpty() && counted.stream().allMatch(p -> COUNTED.matcher(p).matches());
    }

    /// {@return whether a part lists kinds of one thing by the piece, and nobody says what that is made of: "Pies: 10
    /// steak, 10 chicken"}
    /// @param isListed whether its kinds stand behind its name, on one line: what follows below may be anything
    boolean isOfKinds(Part part, boolean isListed) {
        if (!isListed && (part.lines().size() < KINDS
                || !part.lines().stream().allMatch(l -> COUNTED.matcher(l.text()).matches())))
            return false;
        var named = Foods.shipped().phrase(part.name()).matches();
        if (named.isEmpty() || named.getLast().end() != part.name().length() || !isByPiece(named.getLast()))
            return false;
        var holds = named.getLast().meaning().holds();
        if (!isListed) return holds.stream().anyMatch(this::isHeldByNone);
        // a recipe of its own holds the flour; the egg of "quiches: leek 2, egg 2" is no crust
        var grains = holds.stream().filter(PartTitle::isOfGrain).toList();
        return grains.isEmpty() || grains.stream().allMatch(this::isHeldByNone);
    }

    private boolean isHeldByNone(Substance one) { return held.stream().noneMatch(h -> Mention.canMean(one, h)); }

    private static boolean isOfGrain(Substance one) {
        return Substances.shipped().isUnder(one, Substances.shipped().get("gluten"));
    }

    /// "sarnies" are sandwiches
    private static boolean isByPiece(Match named) {
        return isByPiece(Words.key(named.text()))
                || named.meaning() instanceof Meaning.OfFood(var food) && isByPiece(Words.key(food.name()));
    }

    private static boolean isByPiece(String name) {
        return BY_PIECE.stream().anyMatch(n -> name.equals(n) || name.endsWith(" " + n));
    }

    private boolean isMissing(String name) {
        var named = DishName.holds(name);
        return !named.isEmpty() && !said.containsAll(List.of(name.split(" ")))
                && held.stream().noneMatch(h -> named.stream().anyMatch(n -> Mention.canMean(n, h)));
    }
}
