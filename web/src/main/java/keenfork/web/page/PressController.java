package keenfork.web.page;

import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;

/// How far a long paper is, and the paper.
@Controller
class PressController {
    private final PressRoom room;

    PressController(PressRoom room) { this.room = room; }

    /// How far a paper is, as the page says it.
    ///
    /// @param here    its own address
    /// @param says    in words
    /// @param set     parts that are set, of `all`
    /// @param goesOn  whether it can still be given up
    /// @param isReady whether it can be fetched
    record HowFar(String here, String title, String says, int set, int all, boolean goesOn, boolean isReady,
            String back) {
        /// {@return where to look next how far it is, or null where it goes no further}
        public @Nullable String again() { return goesOn ? here : null; }

        static HowFar of(String here, PressRoom.Setting setting) {
            var state = setting.state();
            var paper = setting.paper();
            return new HowFar(here, paper.title(), says(setting, state), setting.set(), setting.all(),
                    state == PressRoom.State.WAITS || state == PressRoom.State.IS_SET,
                    state == PressRoom.State.READY, paper.back());
        }

        private static String says(PressRoom.Setting setting, PressRoom.State state) {
            return switch (state) {
                case WAITS -> "Another paper is being set. This one is next.";
                case IS_SET -> "Part %d of %d is being set. You can leave this page; it goes on."
                        .formatted(Math.min(setting.set() + 1, setting.all()), setting.all());
                case READY -> "It is set.";
                case GIVEN_UP -> "It was given up. Nothing of it is kept.";
                case BROKE -> "It could not be set. Ask for it again; if it stays so, print fewer dishes at a time.";
            };
        }
    }

    @GetMapping("/paper/{id}")
    String howFar(@PathVariable String id, @RequestHeader(name = "HX-Request", defaultValue = "false") boolean isPart,
            Model model) {
        model.addAttribute("paper", HowFar.of("/paper/" + id, room.find(id)));
        return isPart ? "page/press :: how-far" : "page/press";
    }

    @PostMapping("/paper/{id}/stop")
    String stop(@PathVariable String id) {
        var setting = room.find(id);
        setting.stop();
        return "redirect:" + setting.paper().back();
    }

    @GetMapping("/paper/{id}.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable String id) {
        var setting = room.find(id);
        if (setting.state() != PressRoom.State.READY)
            throw new NotHere("This paper is not ready. Look how far it is, and ask again then.");
        var name = ContentDisposition.attachment().filename(setting.paper().file()).build().toString();
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).header(HttpHeaders.CONTENT_DISPOSITION, name)
                .body(setting.pdf());
    }
}
