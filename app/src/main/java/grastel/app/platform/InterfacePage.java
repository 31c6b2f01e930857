package grastel.app.platform;

import grastel.core.words.Words;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.core.io.ClassPathResource;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The one page of the interface, for every address that is a place in it. */
@Controller
class InterfacePage {
    private static final String PLACEHOLDER = "__NONCE__";
    /** As the page is built. */
    private static final String ENGLISH = "<html lang=\"en\">";
    /** By it the interface takes its words, and a screen reader its voice. */
    private static final String SPOKEN = "<html lang=\"" + Words.language() + "\">";

    private final String page;

    InterfacePage() throws IOException {
        ClassPathResource built = new ClassPathResource("static/index.html");
        page = built.exists()
                ? built.getContentAsString(StandardCharsets.UTF_8).replace(ENGLISH, SPOKEN)
                : "<!doctype html><title>Grastel</title><p>The interface is not built.";
    }

    @GetMapping({
        "/",
        "/index.html",
        "/{place:(?!api$|v3$|actuator$)[^.]*}",
        "/{place:(?!api$|v3$|actuator$|assets$)[^.]*}/{*rest}"
    })
    ResponseEntity<String> page(HttpServletRequest request) {
        String nonce = String.valueOf(request.getAttribute(PagePolicyFilter.NONCE));
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .contentType(new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8))
                .body(page.replace(PLACEHOLDER, nonce));
    }
}
