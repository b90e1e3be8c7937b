package keenfork.core.swap;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import keenfork.core.food.Food;
import keenfork.core.food.Table;

/// What is done to a food in a step, and what it can be done to.
///
/// @param forms    its forms, the plain one first
/// @param textures the textures it fits; [#ALL] where it fits any
/// @param work     what it does to the dish
record Verb(List<String> forms, Set<String> textures, Work work) {
    /// what a verb does: it makes a food ready, waits, puts it on top, works it in, or anything else
    enum Work { PREPARES, WAITS, TOPS, WORKS_IN, OTHER }

    static final Set<String> ALL = Set.of("all");
    private static final Map<String, List<String>> TEXTURES = byFood();
    private static final Map<String, Verb> BY_FORM = byForm();

    private static Map<String, List<String>> byFood() {
        var byFood = new HashMap<String, List<String>>();
        for (var row : Table.read(Verb.class, "textures.txt", 2))
            for (var food : row.read(1, Families::keys))
                byFood.merge(food, List.of(row.cell(0)), (a, b) -> java.util.stream.Stream
                        .concat(a.stream(), b.stream()).toList());
        return Map.copyOf(byFood);
    }

    private static Map<String, Verb> byForm() {
        var known = TEXTURES.values().stream().flatMap(List::stream).collect(Collectors.toSet());
        var byForm = new HashMap<String, Verb>();
        for (var row : Table.read(Verb.class, "verbs.txt", 3)) {
            var verb = new Verb(row.list(0), row.read(1, cell -> fitting(cell, known)), row.read(2, Verb::work));
            for (var form : verb.forms) byForm.putIfAbsent(form, verb);
        }
        return Map.copyOf(byForm);
    }

    private static Set<String> fitting(String cell, Set<String> known) {
        var named = Arrays.stream(cell.split(",")).map(String::strip).filter(s -> !s.isEmpty())
                .collect(Collectors.toSet());
        for (var texture : named)
            if (!known.contains(texture) && !ALL.contains(texture))
                throw new IllegalArgumentException("no texture is called “%s”".formatted(texture));
        return named;
    }

    private static Work work(String cell) {
        return cell.isEmpty() ? Work.OTHER : Work.valueOf(cell.toUpperCase(Locale.ROOT).replace(' ', '_'));
    }

    /// {@return the verb of a word, whatever its form}
    static Optional<Verb> of(String word) { return Optional.ofNullable(BY_FORM.get(word.toLowerCase(Locale.ROOT))); }

    /// {@return the texture of that name, or an empty text}
    /// @throws IllegalArgumentException where none is called that
    static String texture(String name) {
        if (!name.isEmpty() && TEXTURES.values().stream().noneMatch(t -> t.contains(name)))
            throw new IllegalArgumentException("no texture is called “%s”".formatted(name));
        return name;
    }

    /// {@return whether it can be done to a food, or to what was made of it}
    /// @param becomes the texture of what was made of it; empty where it is as it was
    boolean fits(Food food, String becomes) {
        return textures.equals(ALL) || textures.contains(becomes)
                || TEXTURES.getOrDefault(food.id(), List.of()).stream().anyMatch(textures::contains);
    }
}
