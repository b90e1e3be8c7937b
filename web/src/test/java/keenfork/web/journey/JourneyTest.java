package keenfork.web.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// A cook's way through the stations, in a real browser.
class JourneyTest extends Browsing {
    @Test
    void from_a_pasted_recipe_to_a_printed_label() {
        go("/dishes/new");
        var text = page.getByLabel("The recipe, as you say it");
        text.fill(
                "Sorrel green dressing\nServes 10\nDressing:\n4 anchovy fillets\n2 egg yolks\n60 g parmesan\n"
                        + "200 ml olive oil\n1 cup zugwort\nMethod:\nBlend the dressing.");
        var reading = on("#reading");
        assertThat(reading).containsText("4 anchovy fillets");
        assertThat(reading).containsText("What is “zugwort”?");
        assertThat(text).hasValue(java.util.regex.Pattern.compile("Sorrel green dressing[\\s\\S]*"));
        text.fill(
                "Sorrel green dressing\nServes 10\nDressing:\n4 anchovy fillets\n2 egg yolks\n60 g parmesan\n"
                        + "200 ml olive oil\nMethod:\nBlend the dressing.");
        assertThat(reading).not().containsText("zugwort");
        assertThat(reading).containsText("Fish in it");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put it on the menu")).click();
        assertThat(page).hasTitle(java.util.regex.Pattern.compile("Sorrel green dressing.*"));

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Map").setExact(true)).click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Sorrel green dressing: Fish in it")).click();
        assertThat(on("#why")).containsText("“4 anchovy fillets”");
        assertThat(on("#why svg.twine path")).not().hasCount(0);

        on("#why")
                .getByRole(AriaRole.LINK,
                        new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Plan a swap without fish"))
                .click();
        page.getByLabel("Eggs", new Page.GetByLabelOptions().setExact(true)).check();
        page.getByLabel("Nuts", new Page.GetByLabelOptions().setExact(true)).check();
        page.getByLabel("Milk", new Page.GetByLabelOptions().setExact(true)).check();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Plan it")).click();
        assertThat(on(".kf-plan")).containsText("caper");
        assertThat(on(".kf-rej")).containsText("cashew");

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Prep run")).click();
        assertThat(on(".kf-left")).containsText("Not in this run: ");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take them in")).click();
        assertThat(on(".kf-left")).hasCount(0);
        assertThat(on(".kf-turnlist")).containsText("Sorrel green dressing");

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Labels").setExact(true)).click();
        assertThat(on("html")).hasClass(Pattern.compile("has-js"));
        page.getByLabel("Dish", new Page.GetByLabelOptions().setExact(true)).selectOption("Sorrel green dressing");
        assertThat(on("img[data-preview]")).hasAttribute("alt",
                Pattern.compile("Sorrel green dressing.*Contains: egg, fish, milk.*"));
        page.getByLabel("Copies", new Page.GetByLabelOptions().setExact(true)).fill("14");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Print").setExact(true)).click();
        assertThat(on("#queue")).containsText("14 pages, all came out");
        isSound();
        var pdf = on("#queue a[href$='.pdf']").first().getAttribute("href");
        assertThat(page.request().get(address(pdf)).body())
                .startsWith("%PDF".getBytes(java.nio.charset.StandardCharsets.US_ASCII));
    }

    @Test
    void the_map_by_keyboard_alone() {
        go("/map");
        page.keyboard().press("Tab");
        assertThat(on(".kf-skip")).isFocused();
        on(".kf-map tbody tr.dish").first().locator("a.kf-cell").first().focus();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowRight");
        assertThat(on(".kf-map tbody tr.dish").nth(1).locator("a.kf-cell").nth(1)).isFocused();
        page.keyboard().press("Enter");
        assertThat(on("#why h2")).containsText("Gluten cereals");
        page.waitForLoadState();
        page.keyboard().press("p");
        assertThat(on(".kf-peels a[aria-current]")).hasText("No beside");
        page.waitForLoadState();
        page.keyboard().press("Shift+P");
        assertThat(on(".kf-peels a[aria-current]")).hasText("Complete");
        page.waitForLoadState();
        page.keyboard().press("3");
        assertThat(page).hasURL(address("/larder"));
    }

    @Test
    void a_declaration_is_read_while_it_is_typed() {
        go("/larder/new");
        page.getByLabel("What is printed on it, all of it")
                .fill("wheat flour, spices, milk powder. May contain sesame.");
        var reading = on("#reading");
        assertThat(reading.locator(".u-in")).hasCount(2);
        assertThat(reading.locator(".u-may")).hasText("sesame");
        page.getByLabel("Printed under").selectOption("unknown");
        assertThat(reading).containsText("Which spices are in it");
    }

    @Test
    void without_scripts_everything_still_works() {
        var plain = withoutScripts().newPage();
        plain.navigate(address("/map"));
        plain.locator(".kf-map a.kf-cell").first().click();
        assertThat(plain.locator("#why h2")).containsText("Celery");
        follow(plain, "us");
        assertThat(plain.locator(".kf-map thead")).containsText("Tree nuts");
        follow(plain, "uk");
        plain.context().close();
    }

    /// Another law is chosen on a page of its own, which says first what it does to the labels that are out.
    private static void follow(Page page, String book) {
        page.locator(".kf-book").click();
        assertThat(page.locator("[role=note]").first()).containsText("out of date until they are printed anew");
        page.locator("input[name=id][value=" + book + "]").check();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Follow this rule book")).click();
    }

    @ParameterizedTest(name = "{0} at {1}")
    @CsvSource({"/rule-book,1280", "/rule-book,820", "/map?dish=2&group=gluten,1280", "/map,820",
            "/map?open=nuts&open=gluten&avoid=egg,1280", "/map?open=nuts&guests=1,820", "/dishes/5/versions,1280",
            "/dishes/5/versions,820",
            "/dishes/6/scale?covers=60,1280", "/dishes/6/scale?covers=60,820", "/larder/foods?q=sesame,1280",
            "/larder/foods,820", "/larder/food?name=mint,820", "/larder/1,1280", "/larder/1/versions,820",
            "/dishes/2,1280", "/larder,1280", "/larder/1,820",
            "/swaps?dish=6&avoid=gluten&avoid=sesame&avoid=nuts,1280", "/swaps?dish=6&avoid=sesame&avoid=nuts,820",
            "/swaps?dish=-1&for=1&for=4,820", "/swaps?dish=1&for=1&for=3&compare=1&compare=2,820", "/swaps/table,820",
            "/run?show=yours,1280", "/run,820", "/run/now,1280", "/run/now,820", "/run/sheet,820", "/run/day,820",
            "/labels?dish=2,1280", "/labels?dish=2&kind=tub,820", "/labels?kind=guest,1280",
            "/labels?dish=all&kind=card&sheet=a4,1280", "/labels/keeping?dish=2,820", "/labels/law,1280",
            "/labels/law,820"})
    void axe_finds_nothing_grave(String path, int width) {
        size(width);
        go(path);
        isSound();
    }
}
