package keenfork.web.page;

import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/// Who is at this screen.
@Controller
class ScreenController {
    @PostMapping("/screen")
    ResponseEntity<Void> use(@RequestParam(defaultValue = "") String cook) {
        return ResponseEntity.status(HttpStatus.SEE_OTHER).header(HttpHeaders.SET_COOKIE, Cook.kept(cook).toString())
                .header(HttpHeaders.LOCATION, "/today").build();
    }
}
