package keenfork.web.demo;

import java.io.IOException;
import keenfork.web.persistence.WholeKitchen;
import keenfork.web.persistence.settings.Settings;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;

/// Takes the made-up kitchen in to play with, and out again.
@Controller
class DemoController {
    private static final String TODAY = "redirect:/today";
    private final DemoKitchen demo;
    private final Settings settings;
    private final WholeKitchen whole;

    DemoController(DemoKitchen demo, Settings settings, WholeKitchen whole) {
        this.demo = demo;
        this.settings = settings;
        this.whole = whole;
    }

    /// Into a kitchen in which nothing was kept yet only, for it goes out with all there is. Where it cannot be
    /// taken in as a whole, nothing of it stays.
    @PostMapping("/demo/in")
    String in() throws IOException {
        if (!whole.isUntouched()) return TODAY;
        settings.beDemo();
        try {
            demo.load();
        } catch (IOException | RuntimeException e) {
            whole.empty();
            throw e;
        }
        return TODAY;
    }

    /// Everything goes, what was written meanwhile, too; only where it was taken in like this.
    @PostMapping("/demo/out")
    String out() {
        if (settings.isDemo()) whole.empty();
        return TODAY;
    }
}
