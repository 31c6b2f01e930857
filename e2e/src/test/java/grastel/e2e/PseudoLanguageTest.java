package grastel.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Route;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** In a made-up language with accents and about 40 % more letters, nothing is cut off: so other languages will fit. */
class PseudoLanguageTest extends DemoTest {
    private static final List<String> PLACES = List.of(
            "/", "/bench", "/kit", "/sheets", "/returns", "/course", "/wall", "/projects", "/classes", "/account");

    /** Headings, buttons and labels whose text is wider than they are and not scrolled. */
    private static final String CUT_OFF = """
            () => [...document.querySelectorAll('h1, h2, h3, button, label, th, dt, legend, a')]
              .filter(e => e.clientWidth > 0 && e.scrollWidth > e.clientWidth + 1)
              .filter(e => ['hidden', 'clip'].includes(getComputedStyle(e).overflowX) && !e.title)
              .map(e => `${e.tagName} ${e.textContent.slice(0, 40)}`)
            """;

    @ParameterizedTest
    @ValueSource(ints = {1280, 1024})
    void everyPlaceHasRoomForLongerTexts(int width) {
        try (TestBrowser browser = new TestBrowser(grastel.address(), width, 800)) {
            enter(browser);
            browser.page.route(url -> !url.contains("/api/"), PseudoLanguageTest::inPseudoLanguage);
            for (String place : PLACES) {
                browser.open(place);
                browser.page.locator("h1").first().waitFor();
                browser.waitUntilStill();
                assertThat(browser.page.locator("nav").first().innerText())
                        .as("the menu in the made-up language")
                        .contains("Shééééţţs");
                browser.checkWidth(place + " at " + width);
                assertThat((List<?>) browser.page.evaluate(CUT_OFF))
                        .as("cut off in %s at %d", place, width)
                        .isEmpty();
            }
            browser.checkQuiet();
        }
    }

    private static void inPseudoLanguage(Route route) {
        if (!route.request().resourceType().equals("document")) {
            route.resume();
            return;
        }
        APIResponse page = route.fetch();
        route.fulfill(new Route.FulfillOptions()
                .setResponse(page)
                .setBody(page.text().replaceFirst("<html lang=\"[^\"]*\"", "<html lang=\"en-XA\"")));
    }
}
