package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** How long each place takes until its heading and its content stand, for {@code ./grastel bench screens}. */
@Tag("speed")
class PlacesSpeedTest extends DemoTest {
    private static final List<String> PLACES =
            List.of("Course", "Bench", "Sheets", "Returns", "Wall", "Projects", "Kit", "Classes", "Today");

    /** Clicks a place's name as a person does: the pointer comes first. @return ms to the heading and to the content */
    private static final String VISIT = """
            async (name) => {
              const link = [...document.querySelectorAll('nav a')].find((a) => a.textContent === name);
              link.dispatchEvent(new MouseEvent('mouseover', { bubbles: true }));
              await new Promise((resolve) => setTimeout(resolve, 150));
              const from = performance.now();
              link.click();
              const until = async (there) => {
                while (!there()) await new Promise(requestAnimationFrame);
                return performance.now() - from;
              };
              const heading = await until(() => document.querySelector('main h1')?.textContent === name);
              const content = await until(() => !document.querySelector('main [role=status] i'));
              return [heading, content];
            }""";

    @Test
    void eachPlaceTwice() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.page.waitForTimeout(4000);
            for (int round = 1; round <= 2; round++) {
                for (String place : PLACES) {
                    List<?> ms = (List<?>) desk.page.evaluate(VISIT, place);
                    assertThat(desk.heading(place)).isVisible();
                    System.out.printf(
                            "visit %d | %s | heading %.0f ms | content %.0f ms%n",
                            round, place, ((Number) ms.get(0)).doubleValue(), ((Number) ms.get(1)).doubleValue());
                    desk.page.waitForTimeout(500);
                }
            }
        }
    }
}
