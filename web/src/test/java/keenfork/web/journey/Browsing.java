package keenfork.web.journey;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;
import keenfork.web.RunningKitchen;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.context.TestPropertySource;

/// A real browser on the real application. It must complain of nothing, the content policy included.
/// The journeys have a kitchen of their own: what other tests cook is not on its menu.
@TestPropertySource(properties = "test.kitchen=journeys")
abstract class Browsing extends RunningKitchen {
    private static final Set<String> GRAVE = Set.of("serious", "critical");
    /// only what is wrong is looked up and written out in full: the rest is most of axe's time. No page has a frame, so
    /// axe need not open a page of its own to put frames together.
    private static final AxeRunOptions ONLY_FAULTS = new AxeRunOptions();
    /// what makes the page wider than its window, named so that it is found again
    private static final String STICKS_OUT = """
            (() => {
                const page = document.documentElement;
                if (page.scrollWidth <= page.clientWidth) return [];
                const wide = [...document.querySelectorAll("body *")]
                    .filter(e => e.getBoundingClientRect().right > page.clientWidth + 0.5)
                    .map(e => e.outerHTML.slice(0, 200));
                return [page.scrollWidth + " of " + page.clientWidth, ...wide.slice(0, 12)];
            })()""";
    private static Playwright playwright;
    private static Browser browser;
    protected Page page;
    private final List<String> complaints = new ArrayList<>();

    @BeforeAll
    static void open() {
        // what is waited for comes late on a busy machine; nothing here measures how late
        PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
        ONLY_FAULTS.setResultTypes(List.of("violations"));
        playwright = Playwright
                .create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright.chromium()
                .launch(new BrowserType.LaunchOptions().setExecutablePath(program())
                        .setArgs(List.of("--no-sandbox", "--disable-background-networking",
                                "--disable-component-update", "--disable-sync")));
    }

    /// The build without windows does half the work; where it is not to be had, the whole browser serves.
    private static Path program() {
        return Stream.of("chromium-headless-shell", "chromium").map(Path.of("/usr/bin")::resolve)
                .filter(Files::isExecutable).findFirst()
                .orElseThrow(() -> new IllegalStateException("no chromium is there; ./keen-fork test installs it"));
    }

    @AfterAll
    static void close() {
        browser.close();
        playwright.close();
    }

    @BeforeEach
    void newPage() { page = listenedTo(context(1280, 800).newPage()); }

    @AfterEach
    void quiet() {
        page.context().close();
        assertThat(complaints).as("the browser complains of nothing, the content policy included").isEmpty();
    }

    protected static BrowserContext context(int width, int height) {
        return browser.newContext(new Browser.NewContextOptions().setViewportSize(width, height));
    }

    protected static BrowserContext withoutScripts() {
        return browser.newContext(new Browser.NewContextOptions().setJavaScriptEnabled(false));
    }

    private Page listenedTo(Page other) {
        other.onConsoleMessage(m -> {
            // a reading that was overtaken by what was typed later is given up on purpose, and htmx says so as of an
            // error
            var givenUp = m.text().equals("htmx:sendAbort") || m.text().equals("htmx:afterRequest");
            if (m.type().equals("error") && !givenUp && !m.text().contains("the server responded with a status of 4"))
                complaints.add(m.text());
        });
        other.onPageError(complaints::add);
        other.onDialog(d -> {
            if (d.type().equals("beforeunload")) d.accept();
        });
        return other;
    }

    /// A page that is not there, or not to be had, is looked at by no test unawares.
    protected void go(String path) {
        assertThat(Objects.requireNonNull(page.navigate(address(path))).status()).as(path).isEqualTo(200);
    }

    /// {@return the button of just that name}
    protected Locator button(String name) {
        return loaded().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /// {@return the links whose name has these words in it}
    protected Locator link(String words) {
        return loaded().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(words));
    }

    /// {@return the link of just that name}
    protected Locator linkOnly(String name) {
        return loaded().getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /// {@return what a selector of style sheets finds}
    protected Locator on(String selector) { return loaded().locator(selector); }

    /// {@return the same, among what fits}
    protected Locator on(String selector, Page.LocatorOptions fits) { return loaded().locator(selector, fits); }

    /// Before its style sheet is there a page shows what a tablet does not, and what was found then is waited for
    /// until it is seen, which never comes.
    private Page loaded() {
        page.waitForLoadState();
        return page;
    }

    protected void size(int width) { page.setViewportSize(width, width == 820 ? 1180 : 800); }

    /// Nothing grave for those who use the page another way, and nothing cut off sideways.
    protected void isSound() {
        // for these two axe writes imported sheets into the page, which the content policy rightly forbids; no sheet
        // asks how a screen is held, and nothing here is heard
        var found = new AxeBuilder(page).setLegacyMode(true).options(ONLY_FAULTS)
                .disableRules(List.of("css-orientation-lock", "no-autoplay-audio")).analyze().getViolations().stream()
                .filter(v -> GRAVE.contains(v.getImpact()))
                .map(v -> v.getId() + ": " + v.getHelp() + " "
                        + v.getNodes().stream().map(n -> n.getHtml()).limit(3).toList())
                .toList();
        assertThat(found).isEmpty();
        assertThat(page.evaluate(STICKS_OUT)).asInstanceOf(InstanceOfAssertFactories.LIST)
                .as("nothing is cut off sideways").isEmpty();
    }

    /// Presses Tab until something with that name has the focus, as a cook without a mouse does.
    protected void tabTo(String name) {
        for (var i = 0; i < 120; i++) {
            page.keyboard().press("Tab");
            var focused = String.valueOf(page.evaluate(
                    "(() => { const e = document.activeElement; return e.getAttribute('aria-label') || "
                            + "e.labels?.[0]?.textContent || e.textContent || ''; })()"));
            if (focused.strip().replaceAll("\\s+", " ").equals(name)) return;
        }
        throw new AssertionError("no way by Tab to “" + name + "” on " + page.url());
    }
}
