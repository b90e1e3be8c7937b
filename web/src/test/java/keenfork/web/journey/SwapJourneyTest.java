package keenfork.web.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The swap bench, gone through by hand, on a tablet and by keyboard alone.
class SwapJourneyTest extends Browsing {
    private void write(String text) {
        go("/dishes/new");
        page.getByLabel("The recipe, as you say it").fill(text);
        button("Put it on the menu").click();
        assertThat(button("Keep this text")).isVisible();
    }

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void groups_are_served_plans_compared_and_a_variant_is_kept_and_asks(int width) {
        size(width);
        var name = "Capstan salad " + width;
        write(name
                + "\nServes 20\nBase:\n2 kg farro\n500 g carrots\nDressing:\n300 g tahini\n200 ml lemon juice\n"
                + "Topping:\n200 g pistachios\nMethod:\nSimmer the farro.\nPour the dressing over.\n"
                + "Scatter the pistachios.");
        link("Plan a swap").click();
        on("label.kf-chip", new Page.LocatorOptions().setHasText("Sesame")).first().click();
        on("label.kf-chip", new Page.LocatorOptions().setHasText("Coeliac")).click();
        button("Plan it").click();
        assertThat(on(".kf-plans li")).hasCount(5);
        assertThat(on(".kf-plans li").first()).containsText("nothing is left unknown");
        assertThat(on(".kf-plan")).containsText("2 kg farro");
        assertThat(on(".kf-start .kf-turns")).containsText("Sesame");
        isSound();
        page.getByLabel("Compare plan 1").check();
        page.getByLabel("Compare plan 3").check();
        button("Compare the ticked").click();
        assertThat(on(".kf-compared thead")).containsText("Plan 3");
        isSound();
        on(".kf-compared thead a", new Page.LocatorOptions().setHasText("Plan 3")).click();
        assertThat(on(".kf-plans li.on .no")).hasText("3");
        button("Keep as a variant").click();
        assertThat(page.getByRole(AriaRole.STATUS))
                .containsText("“" + name + ", without gluten cereals, sesame” is on the menu now");
        assertThat(on(".kf-asides")).containsText("Variant: " + name);
        link("Open it").click();
        assertThat(on(".kf-kin")).containsText("A variant");
        isSound();
        link(name).first().click();
        var box = page.getByLabel("The recipe, as you say it");
        box.fill(box.inputValue().replace("500 g carrots", "700 g carrots"));
        button("Keep this text").click();
        assertThat(on(".kf-kin")).containsText("was made before the last change");
        go("/today");
        on("section[aria-label='Variants and plates'] a", new Page.LocatorOptions().setHasText(name)).click();
        assertThat(on(".kf-kin")).containsText("The original was changed since");
        link("Plan it again").click();
        button("Write over the variant").click();
        link("Open it").click();
        assertThat(page.getByLabel("The recipe, as you say it"))
                .hasValue(java.util.regex.Pattern.compile("[\\s\\S]*700 g carrots[\\s\\S]*"));
        assertThat(on(".kf-kin")).not().containsText("changed since");
    }

    @Test
    void a_change_is_kept_and_undone_by_keyboard_alone() {
        write("Keyboard swap\n1 kg chickpeas\n200 g tahini");
        var dish = page.url().replaceAll("\\D+", " ").strip().replaceAll(".* ", "");
        go("/today");
        page.keyboard().press("6");
        page.waitForURL(address("/swaps"));
        on("#dish").focus();
        // a list is chosen from by typing the beginning of a name, as every browser does
        page.keyboard().type("Keyboard swap");
        tabTo("Sesame1");
        page.keyboard().press("Space");
        tabTo("Plan it");
        page.keyboard().press("Enter");
        assertThat(on(".kf-plan")).containsText("200 g tahini");
        tabTo("Change the dish for everyone");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.STATUS)).containsText("is changed, for everyone who eats it");
        go("/dishes/" + dish);
        assertThat(page.getByLabel("The recipe, as you say it")).not()
                .hasValue("Keyboard swap\n1 kg chickpeas\n200 g tahini");
        page.goBack();
        tabTo("Undo");
        page.keyboard().press("Enter");
        assertThat(on(".kf-done")).hasCount(0);
        go("/dishes/" + dish);
        assertThat(page.getByLabel("The recipe, as you say it"))
                .hasValue("Keyboard swap\n1 kg chickpeas\n200 g tahini");
    }

    @Test
    void a_swap_of_our_own_is_written_by_hand() {
        go("/swaps/table");
        page.getByText("Add a swap of your own").click();
        page.getByLabel("Replaces").fill("labneh");
        page.getByLabel("With, g for each g replaced").fill("butter bean much");
        page.getByLabel("How", new Page.GetByLabelOptions().setExact(true)).fill("Crush and season");
        page.getByLabel("Minutes before it is ready").fill("5-8");
        button("Keep this swap").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("how many g go in");
        isSound();
        page.getByLabel("With, g for each g replaced").fill("butter bean 0.9-1.0");
        button("Keep this swap").click();
        assertThat(on(".kf-swaptable tbody tr").first()).containsText("this kitchen");
        isSound();
        on(".kf-swaptable tbody tr").first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Turn off")).click();
        assertThat(on(".kf-swaptable tbody tr").first()).containsText("Use it again");
    }
}
