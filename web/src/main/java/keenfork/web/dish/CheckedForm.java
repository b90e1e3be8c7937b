package keenfork.web.dish;

import keenfork.format.JsonLdRecipe;
import keenfork.format.RecipeFile;
import keenfork.web.kitchen.Menu;

/// A form looked over once: the recipe as text with the object it came as, or what is wrong with it.
record CheckedForm(JsonLdRecipe.Imported recipe, String wrong) {
    private static final int LONGEST_NAME = 200;
    private static final String TOO_LONG =
            ("This is longer than %,d letters or %d lines. Cut it into dishes that use each other: write @ and the "
                    + "other dish's name as a line.")
                            .formatted(DishForm.LONGEST, DishForm.MOST_LINES);

    static CheckedForm at(DishForm form) {
        if (form.isTooLong()) return refused(TOO_LONG);
        try {
            var recipe = form.recipe();
            return DishForm.of(recipe.text(), "").isTooLong() ? refused(TOO_LONG) : new CheckedForm(recipe, "");
        } catch (RecipeFile.Unreadable e) {
            return refused("This looks like JSON, but " + e.getMessage()
                    + ". Paste the whole recipe object, or write the recipe as text.");
        }
    }

    /// {@return the form looked over as something to put on the menu}
    static CheckedForm forTheMenu(DishForm form, Menu menu) {
        if (form.text().isBlank())
            return refused("Write the dish's name on the first line, then one ingredient on each line.");
        if (form.text().indexOf('\0') >= 0)
            return refused("There is a sign in the text that is no letter (a null byte). Paste it as plain text.");
        var looked = at(form);
        if (!looked.wrong.isEmpty()) return looked;
        var recipe = menu.read(looked.recipe.text());
        if (recipe.name().length() > LONGEST_NAME)
            return refused(
                    "The name on the first line is longer than 200 letters. Put the name alone on the first line.");
        return recipe.lines().isEmpty()
                ? refused("“%s” has no ingredient yet. Write one on each line below the name.".formatted(recipe.name()))
                : looked;
    }

    private static CheckedForm refused(String wrong) {
        return new CheckedForm(new JsonLdRecipe.Imported("", ""), wrong);
    }
}
