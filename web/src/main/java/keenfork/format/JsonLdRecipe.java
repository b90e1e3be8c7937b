package keenfork.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/// A schema.org Recipe (JSON-LD) as plain recipe text: name, yield, ingredients and instructions.
final class JsonLdRecipe {
    private static final ObjectMapper JSON = new ObjectMapper();

    private JsonLdRecipe() {}

    static String toText(String json) throws RecipeFile.Unreadable {
        JsonNode root;
        try {
            root = JSON.readTree(json);
        } catch (JacksonException e) {
            var at = e.getLocation();
            throw new RecipeFile.Unreadable("it is not JSON (line %d, column %d)".formatted(at == null ? 1 : at.getLineNr(), at == null ? 1 : at.getColumnNr()));
        }
        var recipe = find(root).orElseThrow(() -> new RecipeFile.Unreadable("it holds no schema.org Recipe with recipeIngredient"));
        var lines = new ArrayList<String>();
        lines.add(oneLine(recipe.path("name").asString("Dish without a name")));
        var yield = words(recipe.path("recipeYield"));
        if (!yield.isEmpty()) lines.add(yield.getFirst().matches("\\d+") ? "Serves " + yield.getFirst() : "Makes " + yield.getFirst());
        lines.add("Base:");
        lines.addAll(words(recipe.path("recipeIngredient")));
        var steps = words(recipe.path("recipeInstructions"));
        if (!steps.isEmpty()) lines.add("Method:");
        lines.addAll(steps);
        return String.join("\n", lines);
    }

    private static Optional<JsonNode> find(JsonNode node) {
        if (node.isObject() && words(node.path("@type")).contains("Recipe") && node.has("recipeIngredient")) return Optional.of(node);
        if (node.isObject() && node.has("@graph")) return find(node.path("@graph"));
        if (node.isArray()) for (var item : node) {
            var found = find(item);
            if (found.isPresent()) return found;
        }
        return Optional.empty();
    }

    private static List<String> words(JsonNode node) {
        var words = new ArrayList<String>();
        if (node.isValueNode() && !node.isNull()) words.add(oneLine(node.asString()));
        else if (node.isArray()) for (var item : node) words.addAll(words(item));
        else if (node.isObject()) words.addAll(words(node.has("itemListElement") ? node.path("itemListElement") : node.has("text") ? node.path("text") : node.path("name")));
        return words;
    }

    private static String oneLine(String text) {
        return text.replaceAll("\\s+", " ").strip();
    }
}
