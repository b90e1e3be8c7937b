package keenfork.core.swap;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import keenfork.core.food.Food;
import keenfork.core.food.Table;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Part;
import keenfork.core.recipe.PartKind;
import keenfork.core.recipe.Recipe;

/// What each line of a dish does in it, from its food, its part, its share of the part and its steps; a cook may know
/// better.
public final class Roles {
    private static final double HUNDRED = 100;
    /// a fifth of a part is oil: it may be held together by an emulsion (common practice)
    private static final double MUCH_OIL = 20;
    /// from this share on, in per cent, a line of which no row speaks is the bulk of its part (common practice)
    private static final double BULKY = 30;
    private static final double SMALL = 3;
    private static final Map<String, List<Circumstance>> ROWS = rows();
    private final Map<Line, Role> roles = new IdentityHashMap<>();
    private final NamedLines told;
    private final Map<Line, List<Sentence>> sentences = new IdentityHashMap<>();

    /// a row of the table for one food
    private record Circumstance(List<String> when, Role role) {}

    private Roles(Recipe recipe, NamedLines told, Map<String, Role> corrected) {
        this.told = told;
        for (var part : recipe.parts())
            for (var line : part.lines()) {
                sentences.put(line, told.sentences(line));
                var said = corrected.get(line.text());
                roles.put(line, said != null ? said : derived(part, line));
            }
    }

    private static Map<String, List<Circumstance>> rows() {
        var rows = new HashMap<String, List<Circumstance>>();
        for (var row : Table.read(Roles.class, "roles.txt", 3)) {
            var when = Arrays.stream(row.cell(1).split(";")).map(String::strip).filter(s -> !s.isEmpty()).toList();
            var circumstance = new Circumstance(when, row.read(2, Role::of));
            for (var food : row.read(0, Families::keys))
                rows.computeIfAbsent(food, _ -> new ArrayList<>()).add(circumstance);
        }
        return Map.copyOf(rows);
    }

    /// {@return the roles of a dish's lines}
    public static Roles of(Recipe recipe) { return of(recipe, NamedLines.of(recipe), Map.of()); }

    /// The same, where a cook corrected some.
    ///
    /// @param named     the dish's steps, looked through
    /// @param corrected roles by the line as written
    static Roles of(Recipe recipe, NamedLines named, Map<String, Role> corrected) {
        return new Roles(recipe, named, corrected);
    }

    /// {@return what a line of the dish does}
    public Role of(Line line) { return roles.getOrDefault(line, Role.BODY); }

    @Override
    public String toString() {
        return roles.entrySet().stream().map(r -> r.getKey().text() + " is " + r.getValue().id()).sorted().toList()
                .toString();
    }

    private Role derived(Part part, Line line) {
        var rows = line.food().map(f -> ROWS.getOrDefault(f.id(), List.of())).orElse(List.of());
        for (var row : rows) if (row.when.stream().allMatch(w -> holds(w, part, line))) return row.role;
        var share = share(part, line);
        return switch (part.kind()) {
            case BESIDE -> Role.DIPPER;
            case TOPPING -> Role.GARNISH;
            case DRESSING -> share < SMALL ? Role.GARNISH : Role.BODY;
            case BASE -> share < SMALL ? Role.GARNISH : large(share);
        };
    }

    private static Role large(double share) { return share >= BULKY ? Role.BULK : Role.BODY; }

    private boolean holds(String when, Part part, Line line) {
        var space = when.indexOf(' ');
        var word = space < 0 ? when : when.substring(0, space);
        var rest = space < 0 ? "" : when.substring(space + 1);
        return switch (word) {
            case "topping" -> part.kind() == PartKind.TOPPING;
            case "beside" -> part.kind() == PartKind.BESIDE;
            case "dressing" -> part.kind() == PartKind.DRESSING;
            case "base" -> part.kind() == PartKind.BASE;
            case "on" -> does(Verb.Work.TOPS, line) && !does(Verb.Work.WORKS_IN, line);
            case "worked" -> does(Verb.Work.WORKS_IN, line);
            case "with" -> oil(part) >= MUCH_OIL;
            case "under" -> share(part, line) < Double.parseDouble(rest);
            case "over" -> share(part, line) >= Double.parseDouble(rest);
            case "says" -> Arrays.stream(rest.split(",")).anyMatch(w -> says(line, w.strip()));
            default -> throw new IllegalStateException("roles.txt: no circumstance is called “%s”".formatted(when));
        };
    }

    private static boolean says(Line line, String word) {
        return Arrays.asList(line.text().toLowerCase(Locale.ROOT).split("[^\\p{L}]+")).contains(word);
    }

    /// what is worked in may stand behind a "with": "blend the peppers with the nuts"
    private static boolean isDone(Sentence sentence, Verb.Work work, Sentence.Named food) {
        return sentence.does(work, food) || work == Verb.Work.WORKS_IN && sentence.does(work);
    }

    private boolean does(Verb.Work work, Line line) {
        return sentences.getOrDefault(line, List.of()).stream()
                .anyMatch(s -> s.foods().stream().anyMatch(f -> told.meant(f).contains(line) && isDone(s, work, f)));
    }

    /// {@return a line's share of its part, in per cent; 0 where it has no weight}
    static double share(Part part, Line line) {
        var mass = line.mass();
        var whole = part.mass().likelyGrams();
        return mass == null || whole <= 0 ? 0 : mass.likelyGrams() / whole * HUNDRED;
    }

    private static double oil(Part part) {
        return part.lines().stream().filter(l -> l.food().filter(Roles::isOil).isPresent())
                .mapToDouble(l -> share(part, l)).sum();
    }

    /// {@return whether a food is an oil}
    static boolean isOil(Food food) { return Oils.KEYS.contains(food.id()); }

    private static final class Oils {
        private static final java.util.Set<String> KEYS = Families.keys("any oil");
    }
}
