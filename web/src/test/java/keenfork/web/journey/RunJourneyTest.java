package keenfork.web.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// The prep run, gone through by hand, on a tablet and by keyboard alone.
class RunJourneyTest extends Browsing {
    private Locator button(String name) { return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)); }

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void the_best_order_is_cooked_a_wash_is_left_out_and_put_back(int width) {
        size(width);
        go("/run");
        isSound();
        button("Cook in this order").click();
        assertThat(page.locator(".kf-trips h2")).hasText("Nothing travels");
        page.locator(".kf-order-list button[aria-pressed=true]").first().click();
        assertThat(page.locator(".kf-trips h2")).hasText("What still travels");
        assertThat(page.locator(".kf-trips .trip").first()).containsText("mg");
        assertThat(page.locator("svg.tl .arc").first()).isAttached();
        isSound();
        page.locator(".kf-trips .trip button").first().click();
        assertThat(page.locator(".kf-trips h2")).hasText("Nothing travels");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Wall sheet")).click();
        assertThat(page.locator(".kf-wall section")).hasCount(2);
        page.getByLabel("Cooks").fill("3");
        button("Lay it out").click();
        assertThat(page.locator(".kf-wall section")).hasCount(3);
        isSound();
    }

    @Test void a_batch_is_moved_by_keyboard_alone() {
        go("/run");
        button("Cook in this order").click();
        var first = page.locator(".kf-order-list .who b").first().textContent();
        tabTo(first + " later");
        page.keyboard().press("Enter");
        assertThat(page.locator(".kf-order-list .who b").nth(1)).hasText(first);
        tabTo(first + " earlier");
        page.keyboard().press("Enter");
        assertThat(page.locator(".kf-order-list .who b").first()).hasText(first);
    }
}
