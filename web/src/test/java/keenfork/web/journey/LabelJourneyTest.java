package keenfork.web.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import keenfork.web.persistence.label.PrintJobs;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/// The labels station, from a card on the counter to its call-back.
class LabelJourneyTest extends Browsing {
    @Autowired PrintJobs jobs;

    @AfterEach
    void aFreshPrinter() {
        for (var job : jobs.open()) jobs.throwAway(job.id());
        jobs.use(new PrintJobs.Printer(true, 200, false));
    }

    private Locator picture() { return on("img[data-preview]"); }

    private long write(String text) {
        post("/dishes/new", "/dishes/new", "text", text);
        go("/dishes");
        var href = on("a", new Page.LocatorOptions().setHasText(text.lines().findFirst().orElseThrow()))
                .first().getAttribute("href");
        return Long.parseLong(href.replaceAll("\\D+", ""));
    }

    @ParameterizedTest @ValueSource(ints = {1280, 820})
    void tubs_are_labelled_called_back_and_labelled_anew(int width) {
        page.setViewportSize(width, width == 820 ? 1180 : 800);
        var name = "Capstan dip " + width;
        var dish = write(name + "\n1 kg peas\n50 g feta");
        go("/labels?dish=" + dish);
        page.getByLabel("Which label").selectOption("Tub label");
        // its scripts, too: what is typed before them is shown on no label
        page.waitForURL(Pattern.compile(".*kind=tub.*"));
        assertThat(picture()).hasAttribute("alt", Pattern.compile(".*Ingredients: pea.*milk.*"));
        page.getByLabel("Batch").fill("27-05");
        page.getByLabel("Batch").press("Tab");
        assertThat(picture()).hasAttribute("src", Pattern.compile(".*batch=27-05.*"));
        page.getByLabel("Copies", new Page.GetByLabelOptions().setExact(true)).fill("3");
        page.getByLabel("Where they go").fill("fridge 2");
        button("Print").click();
        assertThat(on("#queue")).containsText("3 pages, all came out");
        assertThat(on(".kf-lbside")).containsText("3 × Tub label");
        isSound();

        post("/dishes/" + dish, "/dishes/" + dish, "version", "0", "text",
                name + "\n1 kg peas\n50 g feta\n30 g tahini");
        go("/labels?dish=" + dish + "&kind=tub");
        var old = on(".kf-oldlabels article", new Page.LocatorOptions().setHasText(name));
        assertThat(old).containsText("3 of 3 still out, fridge 2");
        assertThat(old).containsText("Sesame is in it. The label does not say so.");
        assertThat(old.locator(".c")).containsText(name + ": written");
        old.getByRole(AriaRole.LINK).click();
        assertThat(on(".kf-lbpaper .old")).containsText("Out of date");
        assertThat(on(".kf-lbpaper ins")).containsText("Sesame is in it");
        assertThat(page.getByLabel("Dish", new Page.GetByLabelOptions().setExact(true))).hasValue(String.valueOf(dish));
        isSound();
        old.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Print again: " + name + ", 3")).click();
        assertThat(on("#queue")).containsText("Nothing waits");
        old.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Taken back: " + name)).click();
        assertThat(old).hasCount(0);
    }

    @Test
    void the_printer_runs_dry_and_stops_in_the_middle_of_a_page() {
        var dish = write("Windlass dip\n1 kg peas");
        jobs.use(new PrintJobs.Printer(true, 1, false));
        go("/labels?dish=" + dish);
        page.getByLabel("Copies", new Page.GetByLabelOptions().setExact(true)).fill("2");
        button("Print").click();
        assertThat(on("#queue")).containsText("Out of paper");
        assertThat(on("#queue")).containsText("1 of 2 pages came out");
        isSound();
        jobs.use(new PrintJobs.Printer(true, 0, true));
        button("New roll loaded").click();
        assertThat(on("#queue")).containsText("Nobody saw whether page 2 came out");
        isSound();
        button("It did not, print it again").click();
        button("Switched on again").click();
        assertThat(on("#queue")).containsText("2 pages, all came out");
    }

    @Test
    void a_guest_s_card_and_a_label_in_another_language_by_keyboard() {
        go("/labels");
        page.getByLabel("Which label").focus();
        page.getByLabel("Which label").selectOption("Guest’s own card, large");
        page.waitForLoadState();
        assertThat(on(".kf-pages")).containsText("page 1 of");
        page.getByLabel("Guests", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(1));
        page.waitForLoadState();
        assertThat(picture()).hasAttribute("alt", Pattern.compile(".*Nothing found against it in: .*"));
        go("/labels?dish=2&kind=tub");
        page.getByLabel("Language").selectOption("Français");
        page.waitForLoadState();
        assertThat(picture()).hasAttribute("alt", Pattern.compile(".*Ingrédients.: .*Peut contenir.: .*"));
        on("label.kf-chip", new Page.LocatorOptions().setHasText("Vegetarian")).click();
        page.waitForLoadState();
        assertThat(picture()).hasAttribute("src", Pattern.compile(".*claims=vegetarian.*"));
        isSound();
    }
}
