package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A lesson on the projector and at the tables, by keyboard alone. */
@Tag("browser")
class ShowTest extends DemoTest {
    private static final int SMALLEST_WORDS = 28;

    @Test
    void aLessonIsShownByKeysFromItsOpeningToWhatToMind() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Course");
            link(desk, "Show to the class").first().press("Enter");
            Locator scene = desk.page.getByRole(AriaRole.STATUS);
            assertThat(scene).containsText("1 of ");
            desk.checkAccessibility("Show, opening");
            desk.page.keyboard().press("ArrowRight");
            assertThat(scene).containsText("layer 1 of");
            desk.checkAccessibility("Show, a layer");
            checkWordsAreLarge(desk);
            desk.page.keyboard().press("b");
            assertThat(scene).hasText("Blank");
            desk.page.keyboard().press("b");
            assertThat(scene).containsText("layer 1 of");
            until(desk, scene, "Your turn");
            Locator timer = desk.page.getByRole(AriaRole.TIMER);
            String before = timer.innerText();
            desk.page.keyboard().press("Space");
            assertThat(timer).containsText("Press Space to stop");
            assertThat(timer).not().containsText(before.split("\n")[0]);
            desk.page.keyboard().press("d");
            desk.checkAccessibility("Show, the students' turn, light");
            until(desk, scene, "Common mistake");
            desk.checkAccessibility("Show, a fault");
            until(desk, scene, "Watch out");
            desk.page.keyboard().press("PageUp");
            assertThat(scene).not().containsText("Watch out");
            desk.page.keyboard().press("Escape");
            desk.heading("Course").waitFor();
            desk.checkQuiet();
        }
    }

    /** As a presenter's keys send it. */
    private static void until(TestBrowser desk, Locator scene, String words) {
        for (int i = 0; i < 60 && !scene.innerText().contains(words); i++) {
            desk.page.keyboard().press("PageDown");
        }
        assertThat(scene).containsText(words);
    }

    private static void checkWordsAreLarge(TestBrowser desk) {
        Object smallest = desk.page.evaluate("""
                () => Math.min(...[...document.querySelectorAll('main *')]
                  .filter(e => e.offsetParent && [...e.childNodes].some(n => n.nodeType === 3 && n.data.trim())
                    && e.getBoundingClientRect().width > 1)
                  .map(e => parseFloat(getComputedStyle(e).fontSize)))""");
        assertThat(((Number) smallest).doubleValue()).isGreaterThanOrEqualTo(SMALLEST_WORDS);
    }

    @Test
    void whoTakesWhatWhenIsSaidWherePencilsAreFew() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Course");
            desk.button(Pattern.compile("^7 Kittiwake, .*?: lesson 5 ")).first().press("Enter");
            // until then another lesson's panel stands there, with a button of the same name
            assertThat(desk.page.getByText("7 Kittiwake, lesson 5 of")).isVisible();
            desk.button(Pattern.compile("^Who uses what when")).press("Enter");
            Locator rota =
                    desk.page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Who uses what when"));
            rota.getByRole(AriaRole.LIST, new Locator.GetByRoleOptions().setName("Seat A"))
                    .first()
                    .waitFor();
            assertThat(rota.getByText(Pattern.compile("saves .* min of waiting"))
                            .first())
                    .isVisible();
            assertThat(link(desk, "Table cards (PDF)")).isVisible();
            desk.checkAccessibility("who uses what when");
            desk.checkTargets("who uses what when");
            desk.checkQuiet();
        }
    }

    @Test
    void aWornOutPencilIsNotedInOnePressAndMoreAreOrdered() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/kit/stock");
            Locator row = desk.page.getByRole(
                    AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^S16 Tide Blue")));
            Locator order = row.getByRole(AriaRole.CELL).nth(4);
            row.waitFor();
            String before = order.innerText();
            desk.button(Pattern.compile("^S16 Tide Blue is worn out$")).press("Enter");
            assertThat(order).not().hasText(before, new LocatorAssertions.HasTextOptions().setUseInnerText(true));
            assertThat(desk.page.getByText(Pattern.compile("^To order: .*S16 Tide Blue")))
                    .isVisible();
            desk.checkAccessibility("stock");
            desk.checkTargets("stock");
            desk.checkWidth("stock");
            desk.button("S16 Tide Blue is new").press("Enter");
            assertThat(order).hasText(before, new LocatorAssertions.HasTextOptions().setUseInnerText(true));
            desk.checkQuiet();
        }
    }

    @Test
    void coloursAreSeenByOtherEyes() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Sheets");
            desk.page.getByLabel("Colour vision").press("Enter");
            desk.page
                    .getByRole(
                            AriaRole.OPTION,
                            new Page.GetByRoleOptions()
                                    .setName("green-blind (deutan)")
                                    .setExact(true))
                    .press("Enter");
            assertThat(desk.page.locator("#eyes feColorMatrix"))
                    .hasAttribute("values", Pattern.compile("^0\\.367322 0\\.860646 -0\\.227968 0 0 "));
            desk.checkQuiet();
        }
    }

    private static Locator link(TestBrowser desk, String name) {
        return desk.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }
}
