package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grastel.app.account.Accounts;
import grastel.app.classes.CalendarData;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.returns.Returns;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ScanConditions;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** One student from the first try through a page of her own to a grown standing, a report and a mark; her group into the course. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@Tag("browser")
class ProgressStoryTest extends DemoTest {
    private static final Hand PATCHY = new Hand(1, 0.25, 0.5, 0.35, 0.3, 2, 0, 20, 0);
    private static final ScanConditions FLATBED = new ScanConditions(150, 1, 0, 0, 0.05, 0, 1, 0.85, 0, 4);
    private static final LocatorAssertions.IsVisibleOptions PATIENT =
            new LocatorAssertions.IsVisibleOptions().setTimeout(120_000);

    private static UUID schoolClass;
    private static UUID run;
    private static FilePayload[] scans;

    @BeforeAll
    static void printAndDraw() {
        SignedIn teacher = grastel.bean(Accounts.class).byName("m.okonjo").orElseThrow();
        Ownership.as(teacher.id(), () -> {
            Kit kit = grastel.bean(Kit.class);
            Sheets sheets = grastel.bean(Sheets.class);
            Printings printings = grastel.bean(Printings.class);
            schoolClass = grastel.bean(Classes.class)
                    .create(
                            "9 Plover",
                            GradeBand.DEVELOPING,
                            List.of("Amara Diallo", "Björn Sæther", "Cian Walsh"),
                            CalendarData.NONE)
                    .id();
            UUID paper = kit.papers().stream()
                    .filter(p -> p.paper().name().equals("Harbour Cartridge"))
                    .findFirst()
                    .orElseThrow()
                    .id();
            UUID pencil = kit.pencils().stream()
                    .filter(p -> p.pencil().code().equals("S16"))
                    .findFirst()
                    .orElseThrow()
                    .id();
            UUID sheet = sheets.create(
                            "Blue in steps",
                            SheetData.of(
                                    paper,
                                    PressureScale.ID,
                                    Map.of("pencil", ValueData.of(pencil), "steps", ValueData.of(4))))
                    .id();
            run = printings.print(sheet, schoolClass).id();
            List<UUID> pages =
                    printings.pages(run).stream().map(Printings.PageInfo::id).toList();
            scans = new FilePayload[] {
                scan("amara.jpg", printings, pages.get(0), PATCHY),
                scan("bjoern.jpg", printings, pages.get(1), PATCHY),
                scan("cian.jpg", printings, pages.get(2), Hand.EXACT)
            };
            return null;
        });
    }

    private static FilePayload scan(String name, Printings printings, UUID page, Hand hand) {
        Printings.PrintedSheet sheet = printings.printed(page);
        byte[] jpeg = new SimulatedScanner(sheet.paper())
                .scan(
                        sheet.layout(),
                        FieldTask.of(sheet.plan(), sheet.layout()),
                        sheet.plan().palette(),
                        hand,
                        FLATBED,
                        sheet.page().number())
                .jpeg();
        return new FilePayload(name, "image/jpeg", jpeg);
    }

    /** As a teacher who agrees with what is proposed. */
    private static void confirm(UUID of) {
        SignedIn teacher = grastel.bean(Accounts.class).byName("m.okonjo").orElseThrow();
        Ownership.as(teacher.id(), () -> {
            Returns returns = grastel.bean(Returns.class);
            returns.attempts(of).forEach(a -> returns.confirm(a.page(), Map.of()));
            return null;
        });
    }

    @Test
    @Order(1)
    void aPageOfHerOwnComesBackAndSheHasGrown() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/returns/" + run);
            desk.page.locator("input[type=file]").first().setInputFiles(scans);
            assertThat(desk.page.getByText("3 of 3 pages read")).isVisible(PATIENT);
            confirm(run);

            desk.open("/wall/class/" + schoolClass);
            Locator amara = desk.page.getByRole(
                    AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Amara Diallo, even tone")));
            assertThat(amara).hasAttribute("aria-label", Pattern.compile("after 1 attempt"));
            desk.checkAccessibility("Wall over time");

            desk.page
                    .getByText("Redo sheets", new Page.GetByTextOptions().setExact(true))
                    .first()
                    .click();
            desk.heading("Redo sheets").waitFor();
            assertThat(desk.page.getByText("Cian Walsh")).hasCount(0);
            desk.checkAccessibility("Redo sheets");
            desk.checkWidth("Redo sheets");
            desk.page
                    .getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("Björn Sæther"))
                    .press("Space");
            desk.button("Make 1 page").click();
            desk.heading("1 page ready").waitFor();
            byte[] pdf = desk.page
                    .request()
                    .get(grastel.address()
                            + desk.page.getByText("Print the PDF").getAttribute("href"))
                    .body();
            assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");

            desk.page
                    .getByRole(AriaRole.MAIN)
                    .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Returns"))
                    .click();
            desk.button("Simulate the scan").click();
            assertThat(desk.page.getByText("1 of 1 page read")).isVisible(PATIENT);
            desk.heading("Amara Diallo").waitFor();
            assertThat(desk.page
                            .getByAltText(Pattern.compile("^Box \\d before$"))
                            .first())
                    .isVisible();
            desk.checkAccessibility("Returns, a redo page");
            confirm(UUID.fromString(desk.page.url().replaceFirst(".*/returns/([^/]+).*", "$1")));

            desk.open("/wall/class/" + schoolClass);
            assertThat(amara).hasAttribute("aria-label", Pattern.compile("after 2 attempts"));
            desk.button("By mistake").click();
            desk.page.getByText("first and latest").click();
            assertThat(desk.page.getByText(Pattern.compile("1 of 3 did it again")))
                    .isVisible();
            desk.checkAccessibility("Wall, first and latest");
            desk.checkWidth("Wall, first and latest");
            desk.page.getByText("Amara Diallo").first().click();
            desk.heading("Skills").waitFor();
            desk.checkAccessibility("Student with skills");
            desk.checkQuiet();
        }
    }

    @Test
    @Order(2)
    void herFamilyIsToldInWordsTheTeacherChanged() throws IOException {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/wall/class/" + schoolClass + "/reports");
            assertThat(desk.page.getByText("3 students have confirmed work")).isVisible();
            desk.checkAccessibility("Reports");
            desk.checkWidth("Reports");
            desk.page.getByLabel("What comes next").first().fill("Keep the pencil sharp.");
            Download pages =
                    desk.page.waitForDownload(() -> desk.button("Print 3 pages").click());
            assertThat(new String(Files.readAllBytes(pages.path()), 0, 5, StandardCharsets.US_ASCII))
                    .isEqualTo("%PDF-");
            desk.checkQuiet();
        }
    }

    @Test
    @Order(3)
    void marksFollowAScaleThatIsSeenFirstAndGroupsGoIntoTheCourse() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/wall/class/" + schoolClass + "/marks");
            Locator table = desk.page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Marks"));
            assertThat(table.getByText("Cian Walsh")).isVisible();
            desk.button("letters").click();
            assertThat(table.getByText(Pattern.compile("^[A-E]$")).first()).isVisible();
            desk.checkAccessibility("Marks");
            desk.checkWidth("Marks");
            desk.page.waitForResponse(
                    answer -> answer.request().method().equals("PUT"),
                    () -> desk.button("Save scale").click());
            assertThat(desk.button("Save scale")).isDisabled();
            String csv = desk.page
                    .request()
                    .get(grastel.address() + "/api/progress/classes/" + schoolClass + "/marks/export?format=MARKS")
                    .text();
            assertThat(csv).contains("Blue in steps", "Redo sheet: Blue in steps", "Cian Walsh,A");

            desk.open("/classes/" + schoolClass);
            desk.page.getByRole(AriaRole.RADIO).last().focus();
            Object scrolled = desk.page.evaluate("() => document.scrollingElement.scrollTop");
            assertThat(scrolled).as("what takes the focus is where it is seen").isEqualTo(0);
            desk.button("Use for planning sheets").click();
            desk.button("Use the taught pressures").click();
            assertThat(desk.button("Use the taught pressures")).hasCount(0);
            desk.checkAccessibility("A class with its pressures");

            desk.open("/wall/class/" + schoolClass);
            desk.button("Poster …").click();
            Locator poster = desk.page.getByText("Open to print");
            assertThat(desk.page
                            .request()
                            .get(grastel.address() + poster.getAttribute("href"))
                            .headers()
                            .get("content-type"))
                    .isEqualTo("application/pdf");
            desk.page.keyboard().press("Escape");
            desk.button("Add to the course").first().click();
            Locator lesson = desk.page.getByRole(
                    AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Lesson 1")));
            lesson.click();
            assertThat(desk.page.getByText(Pattern.compile("^Reteach: ")).first())
                    .isVisible();
            desk.checkQuiet();
        }
    }
}
