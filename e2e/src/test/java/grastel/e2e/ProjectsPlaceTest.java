package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grastel.core.stilllife.HarbourFind;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** A picture from the file to the printed guide, by keyboard once it is there. */
class ProjectsPlaceTest extends DemoTest {
    private static byte[] shell() {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(HarbourFind.MUSSEL.picture(900, 5), "jpeg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aPictureIsTakenInMeasuredAndPrinted() {
        try (Desk desk = new Desk(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/projects");
            assertThat(desk.page.getByText("Glass float").first()).isVisible();
            assertThat(desk.page.getByText(Pattern.compile("\\d+ areas to draw")))
                    .isVisible();
            desk.checkAccessibility("Projects");
            desk.checkWidth("Projects");

            desk.button("New project").click();
            desk.checkAccessibility("A new project");
            FileChooser chooser = desk.page.waitForFileChooser(
                    () -> desk.button(Pattern.compile("^Choose a picture")).click());
            chooser.setFiles(new FilePayload("shell.jpg", "image/jpeg", shell()));
            desk.page
                    .getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Title"))
                    .fill("Shell on the sill");
            desk.button("Take it in").click();
            Locator areas = desk.page.getByText(Pattern.compile("\\d+ areas to draw"));
            assertThat(areas).isVisible();
            assertThat(desk.page
                            .getByText("Shell on the sill, ")
                            .or(desk.page.getByText("Shell on the sill"))
                            .first())
                    .isVisible();

            String before = areas.textContent();
            Locator frame = desk.page.getByRole(
                    AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^The frame")));
            frame.focus();
            for (int i = 0; i < 5; i++) {
                desk.page.keyboard().press("+");
            }
            desk.page.keyboard().press("ArrowRight");
            assertThat(areas).not().hasText(before);
            desk.button("Keep").click();
            Locator print = desk.page.getByText("Guide, values, picture");
            assertThat(print).isVisible();
            byte[] pdf = desk.page
                    .request()
                    .get(grastel.address() + print.getAttribute("href"))
                    .body();
            assertThat(new String(pdf, 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                    .isEqualTo("%PDF-");
            desk.checkQuiet();
        }
    }

    @Test
    void aPieceIsSeenFinishedHandedOutDrawnJudgedAndConfirmed() {
        try (Desk desk = new Desk(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/projects");
            desk.page.getByText("Glass float").first().click();
            desk.page
                    .getByText("finished", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(desk.page.getByText("with its grain")).isVisible();
            desk.checkAccessibility("Seen finished");
            desk.checkWidth("Seen finished");
            desk.button("Make it a sheet").click();
            desk.page.waitForURL(Pattern.compile("/sheets/"));
            assertThat(desk.page.getByText("zone by zone: see the colour plan")).isVisible();
            desk.checkAccessibility("The sheet of a piece");
            desk.checkQuiet();
        }
    }
}
