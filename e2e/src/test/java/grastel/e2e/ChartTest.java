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

/** Pencils that nobody has described come into the kit by a chart that is printed, coloured and scanned. */
@Tag("browser")
class ChartTest extends DemoTest {
    private static final double READ_AND_FITTED_MS = 90_000;

    @Test
    void aRangeOfNamesBecomesASetOfMeasuredPencils() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/kit/chart?chart=new&pencils=new");
            desk.field("Range name").fill("Lantern");
            desk.page.getByLabel("Codes and names").fill("101 Ember\n101 Dusk");
            assertThat(desk.page.getByText("Line 2: the code 101 is already in line 1."))
                    .isVisible();
            assertThat(desk.button("Create chart")).isDisabled();
            desk.page.getByLabel("Codes and names").fill("101 Ember\n102 Deep water\nRope\n104;Moss");
            assertThat(desk.page.getByLabel("As used")).containsText("03 Rope");
            desk.checkAccessibility("Kit, a new chart");
            desk.button("Create chart").click();
            desk.heading("Chart of Lantern").waitFor();
            desk.checkAccessibility("Kit, a chart that waits");
            byte[] pdf = desk.page
                    .context()
                    .request()
                    .get(grastel.address()
                            + desk.page.getByText("Print the PDF").getAttribute("href"))
                    .body();
            assertThat(new String(pdf, 0, 5)).isEqualTo("%PDF-");

            desk.button("Simulate filling in and scanning").click();
            assertThat(desk.button(Pattern.compile("^Use \\d+ pencils?")))
                    .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(READ_AND_FITTED_MS));
            // those that this hand left less sure are found all the same, but not chosen beforehand
            Locator all = desk.button("All");
            if (all.isVisible()) {
                all.click();
            }
            assertThat(desk.button("Use 4 pencils")).isVisible();
            desk.checkAccessibility("Kit, a fitted chart");
            desk.button(Pattern.compile("^page 1")).click();
            // a picture that comes later moves what lies below it, and a press on that is lost
            desk.page.getByAltText("Page 1 as scanned").evaluate("img => img.decode()");
            desk.page
                    .getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^03 Rope")))
                    .press("Space");
            desk.button("Use 3 pencils").click();
            assertThat(desk.page.getByRole(
                            AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^101 Ember"))))
                    .isDisabled(new LocatorAssertions.IsDisabledOptions().setTimeout(READ_AND_FITTED_MS));
            desk.button("All").click();
            assertThat(desk.button("Use 1 pencil")).isVisible();

            desk.open("/kit/pencils");
            desk.button(Pattern.compile("Deep water, Lantern")).click();
            desk.heading("Deep water").waitFor();
            assertThat(desk.page.getByText("measured by chart")).isVisible();
            desk.checkQuiet();
        }
    }
}
