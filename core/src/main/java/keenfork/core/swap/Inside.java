package keenfork.core.swap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import keenfork.core.people.Avoidance;
import keenfork.core.people.Avoidances;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import keenfork.core.search.Budget;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;

/// The dishes that a dish uses as parts, with what could be used instead: the kitchen's own variants of them, and a
/// variant planned inside.
///
/// @param context the kitchen, with the planned variants as dishes of their own
/// @param planned the plan inside each used dish that needs one, by the dish's name
record Inside(Context context, Map<String, Inner> planned) {
    private static final int PLANS = 3;

    /// a variant of a used dish
    record Inner(String name, Plan plan) {}

    Inside {
        planned = Map.copyOf(planned);
    }

    /// @param depth how deep dishes that use dishes are still looked into
    static Inside of(Recipe recipe, Context context, List<Avoidance> avoid, int depth) {
        var planned = new HashMap<String, Inner>();
        var facts = new ArrayList<>(context.facts().all());
        for (var line : recipe.lines()) {
            if (line.dish().isEmpty() || depth == 0 || planned.containsKey(line.dish())) continue;
            dish(line.dish(), facts).ifPresent(used -> new SwapPlanner(context.withGuests(List.of()), avoid, depth - 1)
                    .plan(used, PLANS, Budget.USUAL).best().stream().filter(Inside::isWhole).findFirst()
                    .ifPresent(plan -> {
                        var inner = new Inner(name(used.name(), avoid), plan);
                        planned.put(line.dish(), inner);
                        facts.add(new Fact.OtherDish(renamed(plan.after().recipe(), inner.name)));
                    }));
        }
        return new Inside(planned.isEmpty() ? context
                : context.withFacts(new Facts(context.facts().home(), facts)), planned);
    }

    private static java.util.Optional<Recipe> dish(String name, List<Fact> facts) {
        return facts.stream().filter(f -> f instanceof Fact.OtherDish(var other) && other.name().equalsIgnoreCase(name))
                .map(f -> ((Fact.OtherDish) f).recipe()).findFirst();
    }

    private static boolean isWhole(Plan plan) {
        return plan.unknown() == 0 && !plan.changes().isEmpty()
                && plan.moves().stream().noneMatch(Move::isForSomePlates);
    }

    /// without a comma, behind which a line would say what is done to it
    private static String name(String used, List<Avoidance> avoid) {
        return used + " " + Avoidances.inWords(avoid).replace(", ", " and ");
    }

    private static Recipe renamed(Recipe recipe, String name) {
        return new Recipe(name, recipe.serves(), recipe.makes(), recipe.parts(), recipe.steps(), recipe.mentions());
    }

    /// {@return what could be used instead of the dish a line uses: the kitchen's own variants first}
    List<Move> moves(Line line) {
        if (line.dish().isEmpty()) return List.of();
        var moves = new ArrayList<Move>();
        for (var fact : context.facts().all())
            if (fact instanceof Fact.OtherDish(var other) && isVariant(other.name(), line.dish()))
                moves.add(new Move.Choose(line, line.usingInstead(other.name())));
        var inner = planned.get(line.dish());
        if (inner != null) moves.add(new Move.Inner(line, line.usingInstead(inner.name), inner.plan));
        return moves;
    }

    private boolean isVariant(String name, String of) {
        return name.length() > of.length() && name.regionMatches(true, 0, of, 0, of.length())
                && planned.values().stream().noneMatch(i -> i.name.equals(name));
    }
}
