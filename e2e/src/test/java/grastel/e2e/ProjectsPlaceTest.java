package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.FileChooser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grastel.app.account.Accounts;
import grastel.app.classes.Classes;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.RunInfo;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import grastel.core.stilllife.HarbourFind;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.UUID;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A picture from the file to the printed guide, by keyboard once it is there. */
@Tag("browser")
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
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
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
            desk.button("Add picture").click();
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
            desk.button("Save").click();
            Locator print = desk.page.getByText("Outlines, values, picture");
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

    /** What to do with a sketchbook, asked by keyboard alone. */
    @Test
    void theGuideIsFoundAndRead() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.page.keyboard().press("/");
            desk.page.keyboard().type("sketchbook");
            assertThat(desk.page.getByRole(
                            AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("guide, Sheets"))))
                    .isVisible();
            desk.page.keyboard().press("Enter");
            desk.page.waitForURL(Pattern.compile("/help#sheets"));
            assertThat(desk.heading("Sheets")).isInViewport();
            desk.checkAccessibility("Help");
            desk.checkWidth("Help");
            desk.checkQuiet();
        }
    }

    @Test
    void aPieceIsSeenFinishedHandedOutDrawnJudgedAndConfirmed() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/projects");
            desk.page.getByText("Glass float").first().click();
            desk.page
                    .getByText("finished", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(desk.page.getByText("with its grain")).isVisible();
            desk.checkAccessibility("Seen finished");
            desk.checkWidth("Seen finished");
            desk.button("Make a sheet").click();
            desk.page.waitForURL(Pattern.compile("/sheets/"));
            assertThat(desk.page.getByText("zone by zone: see the colour plan")).isVisible();
            desk.checkAccessibility("The sheet of a piece");

            String address = desk.page.url();
            UUID sheet = UUID.fromString(address.substring(address.lastIndexOf('/') + 1));
            Printed printed = printed(sheet);
            desk.open("/returns/" + printed.run());
            desk.page
                    .locator("input[type=file]")
                    .first()
                    .setInputFiles(new FilePayload("piece.jpg", "image/jpeg", printed.scan()));
            assertThat(desk.page.getByText(Pattern.compile("^1 of \\d+ pages read")))
                    .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(120_000));
            desk.page
                    .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pages"))
                    .getByText(printed.name())
                    .click();
            assertThat(desk.page.getByText("Light to dark").first()).isVisible();
            desk.page
                    .getByText("difference from the plan", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(desk.page.getByText("Middle grey: as planned")).isVisible();
            desk.checkAccessibility("A piece in Returns");
            desk.button(Pattern.compile("^Confirm")).first().click();
            assertThat(desk.page.getByText(Pattern.compile("1 confirmed"))).isVisible();
            desk.open("/students/" + printed.student());
            assertThat(desk.page.getByText("reading a reference").first()).isVisible();
            desk.checkQuiet();
        }
    }

    /** @param scan of the first student's page */
    private record Printed(UUID run, UUID student, String name, byte[] scan) {}

    private static Printed printed(UUID sheet) {
        SignedIn teacher = grastel.bean(Accounts.class).byName("m.okonjo").orElseThrow();
        return Ownership.as(teacher.id(), () -> {
            Sheets sheets = grastel.bean(Sheets.class);
            Printings printings = grastel.bean(Printings.class);
            UUID to = grastel.bean(Classes.class)
                    .byName("10 Avocet")
                    .orElseThrow()
                    .id();
            RunInfo run = printings.print(sheet, to);
            Printings.PageInfo first = printings.pages(run.id()).get(0);
            Printings.PrintedSheet page = printings.printed(first.id());
            byte[] scan = new SimulatedScanner(page.paper())
                    .file(
                            page.layout(),
                            FieldTask.of(page.plan(), page.layout()),
                            page.plan().palette(),
                            Hand.EXACT,
                            new ScanConditions(150, 1, 0, 0, 0.05, 0, 1, 0.85, 0, 4),
                            5);
            String name = page.schoolClass().students().stream()
                    .filter(s -> s.id().equals(first.student()))
                    .findFirst()
                    .orElseThrow()
                    .name();
            return new Printed(run.id(), first.student(), name, scan);
        });
    }
}
