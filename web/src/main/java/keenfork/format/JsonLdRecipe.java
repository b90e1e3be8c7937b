package keenfork.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import keenfork.core.measure.Volumes;
import keenfork.core.pack.Law;
import keenfork.core.recipe.Line;
import keenfork.core.recipe.Recipe;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/// A schema.org Recipe (JSON-LD) and the same recipe as plain text. What both can hold goes both ways: name, yield,
/// ingredients and instructions. What JSON-LD holds beside that is kept in the original and written out again; what
/// only the text can hold (parts, packs, other dishes) stands in the extension property [#TEXT].
public final class JsonLdRecipe {
    /// the extension property that keeps the recipe text word for word
    static final String TEXT = "keenFork:text";
    private static final ObjectMapper JSON = JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();
    private static final String NAME = "name";
    private static final String YIELD = "recipeYield";
    private static final String INGREDIENTS = "recipeIngredient";
    private static final String INSTRUCTIONS = "recipeInstructions";

    private JsonLdRecipe() {}

    /// A recipe that was read.
    ///
    /// @param text     as recipe text
    /// @param original the Recipe object as it came, to be written out again with what the text cannot hold
    public record Imported(String text, String original) {}

    /// {@return whether a text looks like JSON rather than a recipe}
    public static boolean isLike(String text) {
        var start = text.stripLeading();
        return start.startsWith("{") || start.startsWith("[{") || start.startsWith("[\n") || start.startsWith("[ {");
    }

    /// Reads the first Recipe with ingredients in the JSON, in a list or an `@graph` too.
    /// @throws RecipeFile.Unreadable when it is not JSON or holds no such Recipe
    public static Imported read(String json) throws RecipeFile.Unreadable {
        JsonNode root;
        try {
            root = JSON.readTree(json);
        } catch (JacksonException e) {
            var at = e.getLocation();
            throw new RecipeFile.Unreadable("it is not JSON (line %d, column %d)"
                    .formatted(at == null ? 1 : at.getLineNr(), at == null ? 1 : at.getColumnNr()));
        }
        var recipe = find(root, 0)
                .orElseThrow(() -> new RecipeFile.Unreadable("it holds no schema.org Recipe with recipeIngredient"));
        if (!recipe.has("@context") && root.isObject() && root.has("@context"))
            recipe.set("@context", root.get("@context"));
        return new Imported(text(recipe), JSON.writeValueAsString(recipe));
    }

    /// Writes a recipe text as a schema.org Recipe.
    ///
    /// @param original the Recipe object the text once came from, or an empty string; what has not changed in the text
    ///                 is written as it stood there
    public static String write(String text, String original) {
        var recipe = original.isEmpty()
                ? JSON.createObjectNode().put("@context", "https://schema.org").put("@type", "Recipe")
                : (ObjectNode) JSON.readTree(original);
        if (!original.isEmpty() && text(recipe).equals(text)) return JSON.writeValueAsString(recipe);
        recipe.remove(TEXT);
        var read = Recipe.read(text, Volumes.METRIC, Law.UNKNOWN);
        if (!oneLine(recipe.path(NAME).asString("")).equals(read.name())) recipe.put(NAME, read.name());
        set(recipe, YIELD, made(read));
        set(recipe, INGREDIENTS, read.lines().stream().map(Line::text).toList());
        set(recipe, INSTRUCTIONS, read.steps());
        if (!text(recipe).equals(text)) recipe.put(TEXT, text);
        return JSON.writeValueAsString(recipe);
    }

    private static List<String> made(Recipe recipe) {
        if (recipe.serves() > 0) return List.of(String.valueOf(recipe.serves()));
        return recipe.makes().isEmpty() ? List.of() : List.of(recipe.makes());
    }

    /// Words that the recipe object holds already, in whatever shape, are left as they stand.
    private static void set(ObjectNode recipe, String property, List<String> words) {
        var stands = words(recipe.path(property));
        if (stands.equals(words)
                || property.equals(YIELD) && !stands.isEmpty() && List.of(stands.getFirst()).equals(words))
            return;
        if (words.isEmpty()) {
            recipe.remove(property);
        } else if (property.equals(YIELD)) {
            recipe.put(YIELD, words.getFirst());
        } else if (property.equals(INGREDIENTS)) {
            var list = recipe.putArray(INGREDIENTS);
            words.forEach(list::add);
        } else {
            var list = recipe.putArray(INSTRUCTIONS);
            words.forEach(w -> list.addObject().put("@type", "HowToStep").put("text", w));
        }
    }

    /// The text kept word for word, where its ingredients and steps are still those of the object; else a text made
    /// from the object.
    private static String text(ObjectNode recipe) {
        var kept = recipe.path(TEXT).asString("");
        if (!kept.isEmpty()) {
            var read = Recipe.read(kept, Volumes.METRIC, Law.UNKNOWN);
            if (read.lines().stream().map(Line::text).toList().equals(words(recipe.path(INGREDIENTS)))
                    && read.steps().equals(words(recipe.path(INSTRUCTIONS)))
                    && read.name().equals(oneLine(recipe.path(NAME).asString(""))))
                return kept;
        }
        var lines = new ArrayList<String>();
        lines.add(oneLine(recipe.path(NAME).asString("Dish without a name")));
        var makes = words(recipe.path(YIELD));
        if (!makes.isEmpty())
            lines.add(makes.getFirst().matches("\\d+") ? "Serves " + makes.getFirst() : "Makes " + makes.getFirst());
        lines.add("Base:");
        lines.addAll(words(recipe.path(INGREDIENTS)));
        var steps = words(recipe.path(INSTRUCTIONS));
        if (!steps.isEmpty()) lines.add("Method:");
        lines.addAll(steps);
        return String.join("\n", lines);
    }

    private static final int DEEPEST = 8;

    private static Optional<ObjectNode> find(JsonNode node, int depth) {
        if (depth > DEEPEST) return Optional.empty();
        if (node instanceof ObjectNode object) {
            if (words(node.path("@type")).contains("Recipe") && node.has(INGREDIENTS)) return Optional.of(object);
            for (var place : List.of("@graph", "mainEntity", "mainEntityOfPage")) {
                var found = find(node.path(place), depth + 1);
                if (found.isPresent()) return found;
            }
        }
        if (node.isArray()) for (var item : node) {
            var found = find(item, depth + 1);
            if (found.isPresent()) return found;
        }
        return Optional.empty();
    }

    private static List<String> words(JsonNode node) {
        var words = new ArrayList<String>();
        if (node.isValueNode() && !node.isNull())
            node.asString().lines().map(JsonLdRecipe::oneLine).filter(s -> !s.isEmpty()).forEach(words::add);
        else if (node.isArray()) for (var item : node) words.addAll(words(item));
        else if (node.isObject())
            words.addAll(words(Stream.of("itemListElement", "text").filter(node::has).findFirst().map(node::path)
                    .orElse(node.path(NAME))));
        return words;
    }

    private static String oneLine(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }
}
