package keenfork.web.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import keenfork.web.persistence.WholeKitchen;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;

/// From an empty kitchen to the first event at which everyone is fed, by hand, on a desk and on a tablet.
@TestPropertySource(properties = {"keenfork.demo=false", "test.kitchen=empty"})
class FirstEventJourneyTest extends Browsing {
    @Autowired WholeKitchen whole;

    @AfterEach
    void emptyAgain() { whole.empty(); }

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void a_new_kitchen_feeds_its_first_guests(int width) {
        size(width);
        go("/today");
        isSound();
        link("Say who you are").click();
        page.getByLabel("Your kitchen’s name").fill("Capstan Café");
        isSound();
        button("That’s us").click();
        link("Write or paste a dish").click();
        page.getByLabel("The recipe, as you say it").fill("Rope slaw\nServes 10\n1 kg cabbage\n80 ml olive oil\n"
                + "Topping:\n100 g feta\nMethod:\nShred the cabbage, toss it with the oil.\nCrumble the feta over.");
        button("Put it on the menu").click();
        go("/covers");
        on("summary", new Page.LocatorOptions().setHasText("Begin an event")).click();
        page.getByLabel("Name").first().fill("Rope-makers’ lunch");
        page.getByLabel("Doors").fill("12:00");
        page.getByLabel("Covers", new Page.GetByLabelOptions().setExact(true)).fill("12");
        button("Begin it").click();
        page.getByLabel("The list as it came").fill("4 vegan, 1 sesame + egg");
        assertThat(on("#guests-read")).containsText("4 vegan");
        assertThat(on("#guests-read")).containsText("sesame, traces count; egg");
        isSound();
        button("Keep these groups").click();
        page.getByLabel("At least").fill("1");
        button("Feed everyone").click();
        button("Do all of plan 1").click();
        assertThat(on(".kf-short")).containsText("All 5 of the groups have at least 1");
        isSound();
        link("Service sheet").click();
        assertThat(on("main")).containsText("doors 12:00");
        assertThat(on("main")).containsText("4 without Topping");
        isSound();
        go("/covers/shopping");
        assertThat(on("main")).containsText("cabbage");
        isSound();
        go("/covers/prep");
        assertThat(on("main")).containsText("What is made");
        isSound();
    }
}
