package keenfork.cli;

import java.io.PrintStream;
import java.util.List;
import java.util.Set;
import keenfork.format.JsonLdRecipe;
import keenfork.format.RecipeFile;

/// `convert`: a recipe as plain text, or as schema.org Recipe JSON-LD, whichever it came as.
final class Convert {
    private Convert() {}

    static boolean run(List<String> words, PrintStream out, PrintStream errors) throws Options.Wrong {
        var options = Options.of(words, Set.of("to"));
        var to = options.oneOf("to", "json", List.of("json", "txt"));
        if (options.files().size() != 1) throw new Options.Wrong("name one recipe file (.txt or .json)");
        var file = options.files().getFirst();
        try {
            var recipe = RecipeFile.load(file);
            out.println(to.equals("txt") ? recipe.text().stripTrailing()
                    : JsonLdRecipe.write(recipe.text(), recipe.original()));
            return true;
        } catch (RecipeFile.Unreadable e) {
            errors.println(file + ": " + e.getMessage());
            return false;
        }
    }
}
