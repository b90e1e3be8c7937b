package keenfork.web.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// From a list of guests to everyone fed, by hand, on a desk and on a tablet.
class CoversJourneyTest extends Browsing {
    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void a_list_is_pasted_read_and_everyone_is_fed(int width) {
        size(width);
        go("/covers");
        isSound();
        on("summary", new Page.LocatorOptions().setHasText("Add guests")).click();
        page.getByLabel("The list as it came").fill("2 no celery, table %d: no lupin".formatted(width));
        button("Read it").click();
        assertThat(on(".kf-read")).containsText("celery, traces count");
        isSound();
        button("Keep these groups").click();
        assertThat(on(".kf-covers thead")).containsText("table " + width);
        page.getByLabel("At least").fill("2");
        button("Feed everyone").click();
        assertThat(on(".kf-plansfor article").first()).isVisible();
        isSound();
        on("summary", new Page.LocatorOptions().setHasText("The groups")).click();
        for (var name : new String[] {"no celery", "table " + width}) {
            page.onceDialog(d -> d.accept());
            button("Remove " + name).click();
            on("summary", new Page.LocatorOptions().setHasText("The groups")).click();
        }
    }
}
