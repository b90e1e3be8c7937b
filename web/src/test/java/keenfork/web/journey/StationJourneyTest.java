package keenfork.web.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitUntilState;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The stations where the work starts, each gone through by hand and on a tablet, and once by keyboard alone.
class StationJourneyTest extends Browsing {
    private Locator box() { return page.getByLabel("The recipe, as you say it"); }

    private void write(String text) {
        go("/dishes/new");
        box().fill(text);
        button("Put it on the menu").click();
        assertThat(button("Keep this text")).isVisible();
    }

    // --- dishes ------------------------------------------------------------------------------------------------------

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void a_dish_is_written_asked_answered_scaled_and_kept(int width) {
        size(width);
        var name = "Carob salad " + width;
        write(name
                + "\nServes 4\nBase:\n400 g chickpeas\n4 tbsp honey or date syrup\n1 tsp zugwort\nTopping:\n"
                + "50 g almonds\nMethod:\nMix the chickpeas.\nScatter the almonds.");
        var reading = on("#reading");
        assertThat(reading).containsText("Which is it?");
        assertThat(reading.locator(".kf-jar svg rect")).not().hasCount(0);
        button("date syrup").click();
        assertThat(box()).hasValue(Pattern.compile("[\\s\\S]*4 tbsp date syrup\n1 tsp zugwort[\\s\\S]*"));
        assertThat(reading).not().containsText("Which is it?");
        page.getByLabel("A food for “1 tsp zugwort”").fill("sumac");
        button("sumac").click();
        assertThat(box()).hasValue(Pattern.compile("[\\s\\S]*1 tsp sumac\nTopping[\\s\\S]*"));
        assertThat(reading).containsText("The last moment to take a portion off without nuts");
        assertThat(reading).containsText("Keeping it changes the map");
        isSound();
        button("Keep this text").click();
        assertThat(reading).not().containsText("Not kept yet");
        link("Versions").click();
        assertThat(on(".kf-compare")).containsText("4 tbsp date syrup");
        link("Back to the dish").click();
        link("Scale").click();
        page.getByLabel("For how many").fill("8");
        button("Work it out").click();
        assertThat(on(".kf-scaled")).containsText("800 g chickpeas");
        button("Write these amounts into the recipe").click();
        assertThat(box()).hasValue(Pattern.compile("[\\s\\S]*Serves 8\nBase:\n800 g chickpeas[\\s\\S]*"));
        button("Keep this text").click();
        linkOnly("Dishes").click();
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("carob salad " + width);
        assertThat(on(".kf-dishes li")).hasCount(1);
        isSound();
    }

    @Test
    void a_dish_is_written_and_answered_by_keyboard_alone() {
        go("/today");
        page.keyboard().press("2");
        page.waitForURL(address("/dishes"));
        tabTo("Write a dish");
        page.keyboard().press("Enter");
        page.waitForURL(address("/dishes/new"));
        tabTo("The recipe, as you say it");
        page.keyboard().type("Keyboard dip");
        page.keyboard().press("Enter");
        page.keyboard().type("2 tbsp honey or date syrup");
        assertThat(on("#reading")).containsText("Which is it?");
        tabTo("date syrup");
        page.keyboard().press("Enter");
        assertThat(box()).hasValue("Keyboard dip\n2 tbsp date syrup");
        assertThat(box()).isFocused();
        page.keyboard().press("Control+z");
        assertThat(box()).hasValue("Keyboard dip\n2 tbsp honey or date syrup");
        page.keyboard().press("Shift+Tab");
        assertThat(button("Put it on the menu")).isFocused();
        page.keyboard().press("Enter");
        assertThat(button("Keep this text")).isVisible();
    }

    @Test
    void an_answer_goes_into_its_own_line_and_no_other() {
        go("/dishes/new");
        box().fill("Twice sweet\n14 tbsp honey or date syrup\n- 4 tbsp honey or date syrup");
        button("date syrup").last().click();
        assertThat(box()).hasValue("Twice sweet\n14 tbsp honey or date syrup\n- 4 tbsp date syrup");
        assertThat(button("date syrup")).hasCount(1);
    }

    @Test
    void a_slow_answer_never_covers_what_was_typed_later() {
        go("/dishes/new");
        page.route("**/dishes/read", route -> {
            if (new String(route.request().postDataBuffer(), StandardCharsets.UTF_8).contains("slow"))
                page.waitForTimeout(1_200);
            route.resume();
        });
        box().fill("Slow dip\n1 egg slow");
        page.waitForTimeout(400);
        box().fill("Quick dip\n50 g feta");
        assertThat(on("#reading .kf-recipe")).containsText("50 g feta");
        page.waitForTimeout(1_500);
        assertThat(on("#reading .kf-recipe")).containsText("50 g feta");
        assertThat(box()).hasValue("Quick dip\n50 g feta");
    }

    @Test
    void what_is_typed_before_the_scripts_are_there_is_read_and_so_is_what_the_browser_puts_back() {
        var held = new ArrayList<Route>();
        page.route("**/htmx.min*.js", held::add);
        page.navigate(address("/dishes/new"), new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        box().fill("Early dip\n50 g feta");
        page.waitForCondition(() -> !held.isEmpty());
        held.forEach(Route::resume);
        var reading = on("#reading .kf-recipe");
        assertThat(reading).containsText("50 g feta");
        page.unroute("**/htmx.min*.js");
        box().fill("Early dip\n50 g walnuts");
        assertThat(reading).containsText("50 g walnuts");
        linkOnly("Larder").click();
        link("Read a pack").waitFor();
        page.goBack();
        assertThat(box()).hasValue("Early dip\n50 g walnuts");
        assertThat(reading).containsText("50 g walnuts");
    }

    @Test
    void two_cooks_on_one_dish_end_with_both_texts() {
        write("Shared relish\n1 kg quince");
        var mine = page.url();
        try (var other = context(820, 1180)) {
            var theirs = other.newPage();
            theirs.navigate(mine);
            theirs.getByLabel("The recipe, as you say it").fill("Shared relish\n1 kg quince\n3 tbsp tahini");
            box().fill("Shared relish\n2 kg quince\n100 g walnuts");
            theirs.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep this text")).click();
            assertThat(theirs.locator("#reading")).containsText("3 tbsp tahini");
            button("Keep this text").click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("Both texts are below");
            assertThat(on(".kf-theirs")).containsText("3 tbsp tahini");
            assertThat(box()).hasValue("Shared relish\n2 kg quince\n100 g walnuts");
            isSound();
            box().fill("Shared relish\n2 kg quince\n100 g walnuts\n3 tbsp tahini");
            button("Keep this text").click();
            assertThat(on("#reading")).not().containsText("Not kept yet");
            theirs.reload();
            assertThat(theirs.getByLabel("The recipe, as you say it"))
                    .hasValue("Shared relish\n2 kg quince\n100 g walnuts\n3 tbsp tahini");
        }
    }

    // --- larder ------------------------------------------------------------------------------------------------------

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void a_pack_is_read_asked_about_replaced_and_linked(int width) {
        size(width);
        var food = width == 820 ? "ponzu" : "teriyaki sauce";
        write("Glazed greens " + width + "\n1 kg kale\n4 tbsp " + food + "\n2 tbsp zugsauce " + width);
        linkOnly("Larder").click();
        link("Read a pack").click();
        page.getByLabel("What you call it").fill("Glaze " + width);
        page.getByLabel("Used for").fill(food);
        page.getByLabel("What is printed on it, all of it").fill("water, spices, sugar. May contain sesame.");
        page.getByLabel("Printed under").selectOption("unknown");
        var reading = on("#reading");
        assertThat(reading).containsText("Ask the supplier");
        page.getByText("As a message to send").click();
        assertThat(page.getByLabel("Message to the supplier"))
                .hasValue(Pattern.compile("About “Glaze " + width + "”[\\s\\S]*1\\. [\\s\\S]*"));
        isSound();
        button("Keep what it says").click();
        assertThat(on(".kf-packgrid")).containsText("4 tbsp " + food);
        page.getByLabel("What is printed on it, all of it").fill("water, soya beans, sugar. May contain sesame.");
        assertThat(reading).containsText("Against what is stored");
        assertThat(reading).containsText("Glazed greens " + width);
        button("Keep what it says").click();
        // the page as it is kept, not the one before
        assertThat(reading).not().containsText("Against what is stored");
        page.getByLabel("Find a line").fill("zugsauce " + width);
        button("Find").click();
        button("Link 2 tbsp zugsauce " + width + ", Glazed greens " + width).click();
        assertThat(button("Unlink 2 tbsp zugsauce " + width + ", Glazed greens " + width)).isVisible();
        link("Read another pack of it").click();
        page.getByLabel("What you call it").fill("Other glaze " + width);
        page.getByLabel("What is printed on it, all of it").fill("water, fish sauce (anchovy), sugar.");
        button("Keep what it says").click();
        assertThat(on(".kf-packgrid")).containsText("It stands by");
        button("The usual one is out: use this today").click();
        assertThat(on(".kf-packgrid")).containsText("It stands in today");
        button("The usual one is back").click();
        isSound();
        linkOnly("Larder").click();
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("glaze " + width);
        assertThat(on(".kf-packs li")).hasCount(2);
    }

    @Test
    void a_table_of_packs_is_taken_in_by_keyboard_alone() {
        go("/larder");
        tabTo("Table in");
        page.keyboard().press("Enter");
        page.waitForURL(address("/larder/intake"));
        tabTo("or paste it: your supplier’s own, with a line that names its columns, or one you took out here");
        page.keyboard().insertText("food,name,declaration\nhoisin sauce,Hoisin,\"soya beans, wheat\"\nzugwort,Zug,x");
        tabTo("Look at it first");
        page.keyboard().press("Enter");
        assertThat(on(".kf-fates")).containsText("1 to take in, 0 the same as in the larder, 1 refused");
        isSound();
        tabTo("Take in 1 pack");
        page.keyboard().press("Enter");
        page.waitForURL(address("/larder"));
        assertThat(on(".kf-packs")).containsText("Hoisin");
    }

    /// What each product is used for is told by its name; what a name does not tell, the cook does.
    @Test
    void a_suppliers_own_table_is_put_right_and_taken_in() {
        go("/larder/intake");
        page.locator("#table").fill("Product,Gluten,Milk,Egg\nTartare sauce 2 kg,N,M,Y\nHouse blend 4,Y,N,N");
        button("Look at it first").click();
        assertThat(on(".kf-fates")).containsText("Contains egg. May contain milk.");
        assertThat(page.getByLabel("What Tartare sauce 2 kg is used for")).hasValue("tartare sauce");
        isSound();
        page.getByLabel("What House blend 4 is used for").fill("breadcrumb");
        button("Look again").click();
        assertThat(on(".kf-fates")).containsText("2 to take in, 0 the same as in the larder, 0 refused");
        button("Take in 2 packs").click();
        page.waitForURL(address("/larder"));
        assertThat(on(".kf-packs")).containsText("House blend 4");
    }

    // --- map ---------------------------------------------------------------------------------------------------------

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void the_map_is_opened_peeled_filtered_and_asked_why(int width) {
        size(width);
        go("/map");
        link("Roast carrot and harissa dip: Celery in it").click();
        assertThat(on("#why")).containsText("celery seed");
        assertThat(page).hasURL(Pattern.compile(".*group=celery.*"));
        page.keyboard().press("Escape");
        assertThat(on("#why")).containsText("Choose a mark");
        link("Roast carrot and harissa dip").first().click();
        assertThat(on("tr.part")).hasCount(3);
        link("No topping").click();
        assertThat(on("tr.part")).hasCount(1);
        link("Complete").click();
        on("thead a[aria-expanded]").filter(new Locator.FilterOptions().setHasText("Nuts")).click();
        assertThat(link("White bean, lemon and thyme dip: Almond in it, comes off")).isVisible();
        page.getByText("Avoiding …").click();
        page.getByLabel("They avoid").fill("egg + sesame");
        button("Show").click();
        assertThat(on("tr.dim")).not().hasCount(0);
        // the rows are there before the script that finds them
        page.waitForLoadState();
        page.getByLabel("Find a dish").fill("fennel");
        assertThat(on("tr.dish:visible")).hasCount(1);
        page.getByLabel("Find a dish").fill("");
        isSound();
        page.getByLabel("Rows for").last()
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Vegan, 4"));
        assertThat(on("thead th.for")).containsText("Vegan");
        isSound();
    }

    // --- today -------------------------------------------------------------------------------------------------------

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void today_leads_to_the_place(int width) {
        size(width);
        go("/today");
        isSound();
        link("Flatbreads, 24").click();
        assertThat(page.getByLabel("What you call it")).hasValue("Flatbreads, 24");
        linkOnly("Today").click();
        on(".kf-need.wide").getByRole(AriaRole.LINK).filter(new Locator.FilterOptions().setHasText("Freekeh"))
                .click();
        assertThat(button("date syrup")).isVisible();
        go("/today");
        page.getByLabel("At this screen").fill("Ines");
        button("It’s me").click();
        assertThat(page.getByLabel("At this screen")).hasValue("Ines");
    }

    @Test
    void today_by_keyboard_alone() {
        go("/map");
        page.keyboard().press("?");
        assertThat(on(".kf-keys")).containsText("peel the dishes one step");
        page.keyboard().press("Escape");
        assertThat(on(".kf-keys")).isHidden();
        page.keyboard().press("1");
        page.waitForURL(address("/today"));
        tabTo("Flatbreads, 24Never read: 1 dish waits for it");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("What you call it")).hasValue("Flatbreads, 24");
    }
}
