package keenfork.core.recipe;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import keenfork.core.food.Foods;
import keenfork.core.food.Grammar;
import keenfork.core.food.Substance;
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

    /// {@return whether a part lists kinds of one thing by the piece, and nobody says what that is made of: "Pies: 10
    /// steak, 10 chicken"}
    boolean isOfKinds(Part part) {
        if (part.lines().size() < KINDS || !part.lines().stream().allMatch(l -> COUNTED.matcher(l.text()).matches()))
            return false;
        var named = Foods.shipped().phrase(part.name()).matches();
        return !named.isEmpty() && named.getLast().end() == part.name().length()
                && BY_PIECE.contains(last(Words.key(named.getLast().text())))
                && named.getLast().meaning().holds().stream()
                        .anyMatch(n -> held.stream().noneMatch(h -> Mention.canMean(n, h)));
    }

    private static String last(String name) { return name.substring(name.lastIndexOf(' ') + 1); }

    private boolean isMissing(String name) {
        var named = DishName.holds(name);
        return !named.isEmpty() && !said.containsAll(List.of(name.split(" ")))
                && held.stream().noneMatch(h -> named.stream().anyMatch(n -> Mention.canMean(n, h)));
    }
}
