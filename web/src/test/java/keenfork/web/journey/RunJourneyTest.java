package keenfork.web.journey;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import keenfork.web.kitchen.Kitchen;
import keenfork.web.persistence.run.Runs;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/// The prep run, gone through by hand, on a tablet and by keyboard alone.
class RunJourneyTest extends Browsing {
    @Autowired Kitchen kitchen;
    @Autowired Runs runs;

    /// The demo's dishes in menu order, nothing washed: other tests may have left another run.
    @BeforeEach
    void menuOrder() {
        var turns = kitchen.menu().dishes().stream().limit(6)
                .map(d -> new Runs.Turn(d.id(), 0, false, Map.of(), Map.of())).toList();
        runs.use(kitchen.menu().run().kept().id(), List.copyOf(turns), "began anew", "");
    }

    private Locator first() { return on(".kf-turnlist .nm").first(); }

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void the_best_order_is_cooked_a_wash_is_left_out_looked_into_and_put_back(int width) {
        size(width);
        go("/run");
        assertThat(on(".kf-order[aria-current] .nm")).hasText("Best order");
        isSound();
        button("Cook in this order").click();
        assertThat(on(".kf-trips h2")).containsText("Nothing travels");
        on(".kf-turnlist li:has-text('clean') a").first().click();
        on(".kf-opened .overs li:has(button[value=wash][aria-pressed=true]) button[value=none]").first()
                .click();
        assertThat(on(".kf-trips h2")).containsText("What still travels");
        on(".day .arc").first().press("Enter");
        assertThat(on(".kf-trip")).containsText("mg");
        assertThat(on(".kf-trip")).containsText("What would clear it");
        isSound();
        on(".kf-trip button").first().click();
        assertThat(on(".kf-trips h2")).containsText("Nothing travels");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Take back.*"))).click();
        assertThat(on(".kf-trips h2")).containsText("What still travels");
        button("Wash where it must be").click();
        assertThat(on(".kf-trips h2")).containsText("Nothing travels");
    }

    @ParameterizedTest(name = "at {0}") @ValueSource(ints = {1280, 820})
    void the_day_the_kit_and_the_wall_sheet_are_sound(int width) {
        size(width);
        go("/run?show=yours");
        linkOnly("Day and cooks").click();
        page.getByLabel("Cooks").fill("3");
        isSound();
        button("Keep it so").click();
        assertThat(on(".day .kt", new Page.LocatorOptions().setHasText("Cook 3"))).hasCount(1);
        linkOnly("Wall sheet").click();
        assertThat(on(".kf-wall section")).hasCount(3);
        isSound();
        go("/run/day");
        page.getByLabel("Cooks").fill("2");
        button("Keep it so").click();
        linkOnly("Our kit").click();
        isSound();
    }

    @Test
    void a_batch_is_dragged_to_another_turn_and_the_score_is_told_on_the_way() {
        go("/run?show=yours");
        var name = first().textContent();
        var block = box(".day .b.task[data-turn='0']");
        var over = box(".day .b.task[data-turn='2']");
        page.mouse().move(block.x + block.width / 2, block.y + 12);
        page.mouse().down();
        page.mouse().move(over.x + over.width / 2 - 3, over.y + 12, new Mouse.MoveOptions().setSteps(6));
        page.mouse().move(over.x + over.width / 2, over.y + 12);
        assertThat(on(".kf-moves")).containsText("Turn 3:");
        page.mouse().up();
        assertThat(on(".kf-turnlist .nm").nth(2)).hasText(name);
    }

    private BoundingBox box(String block) { return on(block).first().locator(".bx").boundingBox(); }

    @Test
    void a_batch_is_moved_looked_at_and_locked_by_keyboard_alone() {
        go("/run?show=yours");
        var name = first().textContent();
        on(".day .b.task[data-turn='0']").first().focus();
        page.keyboard().press("Shift+ArrowRight");
        assertThat(on(".kf-turnlist .nm").nth(1)).hasText(name);
        assertThat(on(".day .b.open").first()).isFocused();
        page.keyboard().press("Shift+ArrowLeft");
        assertThat(first()).hasText(name);
        assertThat(on(".day .b.open").first()).isFocused();
        page.keyboard().press("ArrowDown");
        assertThat(on(".day .b.open").first()).not().isFocused();
        page.keyboard().press("Enter");
        assertThat(on(".kf-opened")).isVisible();
        tabTo("Lock its turn");
        page.keyboard().press("Enter");
        assertThat(on(".kf-turnlist .lk")).hasCount(1);
        tabTo(name + " later");
        page.keyboard().press("Enter");
        assertThat(on(".kf-turnlist .nm").nth(1)).hasText(name);
    }
}
