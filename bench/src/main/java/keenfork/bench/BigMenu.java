package keenfork.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import keenfork.core.food.Food;
import keenfork.core.food.Foods;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Declaration;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;
import keenfork.core.regime.RuleBook;
import keenfork.core.trace.Fact;
import keenfork.core.trace.Facts;

/// A large menu made by a seed: the same seed makes the same menu on any machine. Dishes use dishes before them, four
/// deep at most.
///
/// @param dishes the dishes, in an order in which each uses only earlier ones
/// @param packs  the declarations in use, each under one or more lines
/// @param facts  that the dishes may use each other
public record BigMenu(List<Recipe> dishes, List<Declaration> packs, Facts facts) {
    static final int LINES = 30;
    private static final int DEEPEST = 4;
    /// as in a kitchen: three lines of four are plain food, and most bought products have their pack read
    private static final double SHARE_OF_PRODUCTS = 0.25;
    private static final double SHARE_READ = 0.8;
    private static final double SHARE_UNREAD = 0.005;
    private static final Law PRINTED_UNDER = new Law("uk");
    private static final List<Food> PLAIN = Foods.shipped().all().stream().filter(f -> !f.isCompound()).toList();
    private static final List<Food> PRODUCTS = Foods.shipped().all().stream().filter(Food::isCompound).toList();
    private static final String[] AMOUNTS = {"200 g", "1 tbsp", "2 tbsp", "3 tsp", "½ cup", "1½ cups", "150 ml",
            "2 x 400 g tins", "1", "2 large", "a handful of", "1-2 tbsp", "100 g (3½ oz)",
            "1 kg", "2", "a pinch of", "3", "1 (400 g) tin", "10 g", "half a"};
    private static final String[] WAYS = {"", "", "", ", finely chopped", ", rinsed", ", to serve",
            ", drained and rinsed", " (or more to taste)", ", soaked overnight", ", roughly torn"};
    private static final String[] SAYS = {"water", "salt", "sugar", "rapeseed oil", "wheat flour",
            "skimmed milk powder", "soya lecithin", "mustard seeds", "celery seed", "egg yolk", "spices",
            "natural flavouring", "cashew nuts", "sesame seeds", "spirit vinegar", "tomatoes", "garlic", "almonds",
            "barley malt extract", "anchovies", "preservative (E220)", "rice"};
    private static final String[] MAY = {"milk", "nuts", "sesame", "mustard", "soya", "peanuts", "egg", "wheat"};

    public static BigMenu of(long seed, int dishes, int packs) {
        var random = new Random(seed);
        var declarations = new ArrayList<Declaration>();
        for (var i = 0; i < packs; i++) declarations.add(Declaration.read(declaration(random), PRINTED_UNDER));
        var recipes = new ArrayList<Recipe>();
        var depths = new ArrayList<Integer>();
        for (var i = 0; i < dishes; i++) {
            var depth = 1;
            var parts = new ArrayList<Part>();
            for (var kind : PartKind.values()) {
                var lines = new ArrayList<Line>();
                for (var at = 0; at < LINES / PartKind.values().length; at++) {
                    var read = Recipe.read("x\n" + line(random), Volumes.METRIC, Law.UNKNOWN).lines().getFirst();
                    lines.add(read.food().map(Food::isCompound).orElse(false) && random.nextDouble() < SHARE_READ
                            ? read.withPack(declarations.get(random.nextInt(declarations.size()))) : read);
                }
                if (i > 0 && random.nextInt(4) == 0) {
                    var other = random.nextInt(i);
                    if (depths.get(other) < DEEPEST) {
                        lines.add(
                                Recipe.read("x\n200 g @Dish " + other, Volumes.METRIC, Law.UNKNOWN).lines().getFirst());
                        depth = Math.max(depth, depths.get(other) + 1);
                    }
                }
                parts.add(new Part(kind.word(), kind, lines));
            }
            recipes.add(new Recipe("Dish " + i, 1 + random.nextInt(60), "", parts, List.of()));
            depths.add(depth);
        }
        var facts = recipes.stream().map(r -> (Fact) new Fact.OtherDish(r)).toList();
        return new BigMenu(recipes, declarations, new Facts(RuleBook.uk(), facts));
    }

    /// {@return 1 for a dish that uses no other, else one more than the deepest of those it uses}
    int depth(Recipe dish) {
        return 1 + dish.lines().stream().filter(l -> !l.dish().isEmpty())
                .mapToInt(l -> depth(dishes.stream().filter(d -> d.name().equals(l.dish())).findFirst().orElseThrow()))
                .max().orElse(0);
    }

    /// {@return an ingredient line as a cook would write it, its food from the shipped table}
    static String line(Random random) {
        if (random.nextDouble() < SHARE_UNREAD) return "2 tbsp zugwort";
        return AMOUNTS[random.nextInt(AMOUNTS.length)] + " " + food(random).name() + WAYS[random.nextInt(WAYS.length)];
    }

    private static Food food(Random random) {
        var list = random.nextDouble() < SHARE_OF_PRODUCTS ? PRODUCTS : PLAIN;
        return list.get(random.nextInt(list.size()));
    }

    private static String declaration(Random random) {
        var words = new ArrayList<String>();
        for (var i = 0; i < 4 + random.nextInt(6); i++) words.add(SAYS[random.nextInt(SAYS.length)]);
        var may = random.nextInt(3) == 0 ? ". May contain " + MAY[random.nextInt(MAY.length)] : "";
        return "Ingredients: " + String.join(", ", words) + may + ".";
    }
}
