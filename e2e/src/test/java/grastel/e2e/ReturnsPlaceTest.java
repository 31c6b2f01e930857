package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grastel.app.account.Accounts;
import grastel.app.classes.CalendarData;
import grastel.app.classes.Classes;
import grastel.app.kit.Kit;
import grastel.app.platform.Ownership;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.Printings;
import grastel.app.sheets.Sheets;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.pressurescale.PressureScale;
import grastel.core.page.PageLayout;
import grastel.core.scanner.SimulatedScanner;
import grastel.core.scanner.hand.FieldTask;
import grastel.core.scanner.hand.Hand;
import grastel.core.scanner.picture.ImageDefect;
import grastel.core.scanner.picture.ScanConditions;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.jdbc.core.JdbcTemplate;

/** A class of 28 comes back, good and bad, and is confirmed by keyboard. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@Tag("browser")
class ReturnsPlaceTest extends DemoTest {
    private static final int STUDENTS = 28;
    private static final int BAD = 5;
    private static final int GOOD = STUDENTS - BAD;
    /** The student whose sheet was photographed with a shadow over it. */
    private static final int SHADOWED = 3;

    private static final LocatorAssertions.IsVisibleOptions PATIENT =
            new LocatorAssertions.IsVisibleOptions().setTimeout(240_000);
    private static final ScanConditions FLATBED = new ScanConditions(150, 1, 0, 0, 0.05, 0, 1, 0.85, 0, 4);
    private static final ScanConditions PHOTO = new ScanConditions(190, 4, 8, 60, 0.3, 0.05, 2, 0.8, 1, 12);

    private static UUID run;
    private static List<byte[]> scans;
    private static byte[] photo;

    @BeforeAll
    static void printAndDraw() {
        SignedIn teacher = grastel.bean(Accounts.class).byName("m.okonjo").orElseThrow();
        Ownership.as(teacher.id(), () -> {
            Sheets sheets = grastel.bean(Sheets.class);
            Printings printings = grastel.bean(Printings.class);
            run = print(sheets, printings);
            List<UUID> pages =
                    printings.pages(run).stream().map(Printings.PageInfo::id).toList();
            scans = new ArrayList<>();
            Random random = new Random(4);
            for (int i = 0; i < GOOD; i++) {
                Hand hand = Hand.ofSkill(0.3 + 0.03 * i, random);
                boolean shadow = i == SHADOWED;
                scans.add(draw(
                        printings.printed(pages.get(i)),
                        hand,
                        shadow ? PHOTO : FLATBED,
                        shadow ? List.of(new ImageDefect.Shadow(0.4, 0.55, 20)) : List.of()));
            }
            photo = draw(printings.printed(pages.get(GOOD)), Hand.EXACT, PHOTO, List.of());
            scans.addAll(bad(printings, pages));
            return null;
        });
    }

    private static UUID print(Sheets sheets, Printings printings) {
        Kit kit = grastel.bean(Kit.class);
        List<String> names = IntStream.rangeClosed(1, STUDENTS)
                .mapToObj(i -> String.format("Student %02d", i))
                .toList();
        UUID schoolClass = grastel.bean(Classes.class)
                .create("9 Plover", GradeBand.DEVELOPING, names, CalendarData.NONE)
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
                        "Blue in five steps",
                        SheetData.of(paper, PressureScale.ID, Map.of("pencil", ValueData.of(pencil))))
                .id();
        return printings.print(sheet, schoolClass).id();
    }

    /** A letter, a cut file, a page with two markers torn off, one whose code is covered, one far too coarse. */
    private static List<byte[]> bad(Printings printings, List<UUID> pages) {
        byte[] whole = scans.get(0);
        Printings.PrintedSheet last = printings.printed(pages.get(STUDENTS - 1));
        PageLayout uncoded = last.layout();
        PageLayout covered = new PageLayout(
                uncoded.size(),
                uncoded.fields(),
                uncoded.keys(),
                uncoded.rules(),
                uncoded.texts(),
                uncoded.patches(),
                uncoded.bits().subList(0, 4));
        return List.of(
                "Dear teacher, the dog ate it".getBytes(),
                Arrays.copyOf(whole, whole.length / 3),
                draw(
                        last,
                        Hand.EXACT,
                        FLATBED,
                        List.of(new ImageDefect.Cropped(0, 60), new ImageDefect.Cropped(3, 60))),
                new SimulatedScanner(last.paper())
                        .scan(covered, FieldTask.of(last.plan(), covered), List.of(), Hand.EXACT, FLATBED, 9)
                        .jpeg(),
                draw(last, Hand.EXACT, new ScanConditions(85, 0, 0, 0, 0.05, 0, 1, 0.9, 0, 2), List.of()));
    }

    private static byte[] draw(
            Printings.PrintedSheet sheet, Hand hand, ScanConditions conditions, List<ImageDefect> spoils) {
        return new SimulatedScanner(sheet.paper())
                .scan(
                        sheet.layout(),
                        FieldTask.of(sheet.plan(), sheet.layout()),
                        sheet.plan().palette(),
                        hand,
                        conditions,
                        spoils,
                        sheet.page().number())
                .jpeg();
    }

    @Test
    @Order(1)
    void aClassWithBadPagesIsConfirmedByKeyboardAlone() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/returns/" + run);
            assertThat(desk.heading("No pages yet")).isVisible();
            desk.page.locator("input[type=file]").first().setInputFiles(files("page", scans));
            assertThat(desk.page.getByText("letter", new Page.GetByTextOptions().setExact(false)))
                    .hasCount(0);
            assertThat(desk.page.getByText(Pattern.compile("not a JPEG"))).isVisible(PATIENT);
            assertThat(desk.page.getByText(GOOD + " of 28 pages read")).isVisible(PATIENT);
            Locator list = desk.page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pages"));
            assertThat(list.getByText(Pattern.compile("damaged|ends too early")))
                    .hasCount(1);
            assertThat(list.getByText(Pattern.compile("corner markers"))).hasCount(1);
            assertThat(list.getByText(Pattern.compile("QR code cannot be read|dpi, too few")))
                    .hasCount(2);

            desk.open("/returns/" + run);
            Locator sheet =
                    desk.page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Pages ready to accept"));
            assertThat(sheet).isVisible(PATIENT);
            desk.checkAccessibility("Returns, sure pages");
            int sure = sheet.getByRole(AriaRole.LISTITEM).count();
            desk.page.keyboard().press("a");
            assertThat(desk.page.getByText(", " + sure + " confirmed")).isVisible();
            int presses = 1 + confirmAll(desk);
            assertThat(presses)
                    .as("one for those that are sure, one for each other")
                    .isLessThanOrEqualTo(2 * GOOD);
            assertThat(desk.page.getByText(", " + GOOD + " confirmed")).isVisible();
            byte[] slips = desk.page
                    .request()
                    .get(grastel.address() + "/api/returns/runs/" + run + "/slips.pdf")
                    .body();
            assertThat(new String(slips, 0, 5)).isEqualTo("%PDF-");
            desk.checkAccessibility("Returns, confirmed");
        }
    }

    /** A person waits until the key shows: another page, or the focus on another goal. */
    private static final String WHAT_A_CHANGES =
            "() => document.querySelector('main').textContent + document.activeElement?.closest('[data-mark]')?.dataset.goal";

    /**
     * A takes what is sure; where a call is close it puts the focus there, and a digit decides it.
     *
     * @return presses it took
     */
    private static int confirmAll(TestBrowser desk) {
        Locator done = desk.page.getByText(", " + GOOD + " confirmed");
        int presses = 0;
        while (done.count() == 0 && presses < 40 * GOOD) {
            Object focused = desk.page.evaluate(
                    "() => document.activeElement?.matches('[data-mark] input') ? document.activeElement.value : null");
            if (focused != null) {
                desk.page.keyboard().press(focused.toString());
                presses++;
            }
            Object before = desk.page.evaluate(WHAT_A_CHANGES);
            desk.page.keyboard().press("a");
            presses++;
            desk.page.waitForFunction("before => (" + WHAT_A_CHANGES + ")() !== before", before);
        }
        return presses;
    }

    @Test
    @Order(2)
    void aShadowedPhotoSaysSoAndIsReadAllTheSame() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/returns/" + run);
            desk.page
                    .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pages"))
                    .getByText("Student 04")
                    .click();
            desk.heading("Student 04").waitFor();
            assertThat(desk.page.getByText(Pattern.compile("A shadow lies across the sheet")))
                    .isVisible();
            assertThat(desk.page.locator("[data-goal=FULL_RANGE]")).isVisible();
            desk.checkQuiet();
        }
    }

    @Test
    @Order(3)
    void whatAnotherReadingWouldChangeIsShownFirst() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/returns/" + run);
            desk.page
                    .getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Pages"))
                    .getByText("Student 02")
                    .click();
            desk.heading("Student 02").waitFor();
            String page = desk.page.url().substring(desk.page.url().lastIndexOf('/') + 1);
            grastel.bean(JdbcTemplate.class)
                    .update(
                            "update goal_mark set proposed = 1, figure = 88 where goal = 'EVEN_INSIDE' and page_id = ?",
                            UUID.fromString(page));
            desk.button(Pattern.compile("Decisions")).click();
            desk.button("Preview another reading").click();
            Locator changes = desk.page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Changes"));
            assertThat(changes.getByText(Pattern.compile("Even inside.*suggested 1 →.*your level . stays")))
                    .isVisible(PATIENT);
            desk.button("Use the new reading").click();
            assertThat(changes).hasCount(0);
            desk.button("Preview another reading").click();
            assertThat(desk.page.getByText("Nothing will change.")).isVisible(PATIENT);
        }
    }

    /** From the key until the next student's page has been painted, for {@code ./grastel bench screens}. */
    @Test
    @Order(4)
    @Tag("speed")
    void theNextPageFollowsTheKey() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/returns/" + run);
            desk.heading("Student 01").waitFor();
            List<Double> times = new ArrayList<>();
            for (int i = 2; i <= GOOD - 1; i++) {
                desk.page.waitForTimeout(400);
                times.add(((Number) desk.page.evaluate("""
                                async () => {
                                  const name = () => document.querySelector('[aria-label=Judgement] h2')?.textContent;
                                  const before = name();
                                  const start = performance.now();
                                  document.body.dispatchEvent(new KeyboardEvent('keydown', { key: 'n', bubbles: true }));
                                  while (!name() || name() === before) {
                                    await new Promise(requestAnimationFrame);
                                    if (performance.now() - start > 30000) throw new Error('no next page');
                                  }
                                  const picture = new Image();
                                  picture.src = document.querySelector('svg image').getAttribute('href');
                                  await picture.decode();
                                  await new Promise(requestAnimationFrame);
                                  return performance.now() - start;
                                }""")).doubleValue());
                assertThat(desk.heading(String.format("Student %02d", i))).isVisible();
            }
            List<Double> sorted = times.stream().sorted().toList();
            System.out.printf(
                    "returns: the next page shows after %.0f ms (median), %.0f ms (95th percentile) of %d%n",
                    sorted.get(sorted.size() / 2), sorted.get((int) (sorted.size() * 0.95)), sorted.size());
        }
    }

    @Test
    @Order(5)
    void onANarrowScreenNothingIsCutOff() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 768, 900)) {
            enter(desk);
            desk.open("/returns/" + run);
            desk.heading("Student 01").waitFor();
            desk.checkWidth("Returns at 768 px");
            desk.checkTargets("Returns");
        }
    }

    @Test
    @Order(5)
    void whatTheFiguresAreReadFromCanBeLaidOverThePage() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/returns/" + run);
            desk.heading("Student 01").waitFor();
            for (String kind : List.of("paper showing", "light")) {
                String of = kind.equals("light") ? "LIGHT" : "SPECKS";
                Response answer = desk.page.waitForResponse(
                        Pattern.compile("/overlay\\?of=" + of),
                        () -> desk.page
                                .getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Show on the page"))
                                .getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName(kind))
                                .click());
                assertThat(answer.status()).isEqualTo(200);
                assertThat(desk.page.locator("svg image[href*=overlay]")).hasCount(1);
            }
            desk.checkAccessibility("Returns, light laid over");
            desk.checkQuiet();
        }
    }

    /** The demo's teacher wants more equal steps than proposed: for her class they are made the threshold. */
    @Test
    @Order(6)
    void aThresholdIsTakenOverForAClassAndItsNextSheetHasIt() {
        awaitConfirmed("10 Avocet");
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.open("/returns/agreement");
            desk.page.getByLabel("Class").first().click();
            option(desk, "10 Avocet");
            desk.checkAccessibility("Agreement");
            desk.button("Use it for 10 Avocet").click();
            assertThat(desk.page.getByText(Pattern.compile("New sheets of 10 Avocet use")))
                    .isVisible();

            desk.go("Sheets");
            desk.button("Made for").click();
            desk.page.getByLabel("Method of").click();
            option(desk, "10 Avocet");
            desk.button("Goals, notes and cautions").click();
            assertThat(desk.page.getByText(Pattern.compile("as usual for 10 Avocet; otherwise 20.0")))
                    .isVisible();
            Locator spread = desk.page.getByLabel("Equal steps, secure");
            spread.fill("15");
            spread.press("Tab");
            assertThat(desk.button("for all new sheets of 10 Avocet")).isVisible();
            desk.checkAccessibility("Sheets, thresholds");
            desk.checkQuiet();
        }
    }

    private static void option(TestBrowser desk, String name) {
        desk.page
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)))
                .click();
    }

    @Test
    @Order(7)
    void aPhoneSendsAPhotoWithoutSigningIn() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800);
                TestBrowser phone = new TestBrowser(grastel.address(), 390, 800)) {
            enter(desk);
            desk.open("/returns/" + run);
            desk.button("From a phone").click();
            desk.button("Show a QR code").click();
            Locator address = desk.page.locator("code");
            address.waitFor();
            String path = address.textContent().replaceAll("^https?://[^/]+", "");
            desk.checkAccessibility("Returns, code for a phone");

            phone.open(path);
            phone.heading("Sheets of 9 Plover").waitFor();
            phone.checkAccessibility("the phone's page");
            phone.page.locator("input[type=file]").setInputFiles(files("photo", List.of(photo)));
            assertThat(phone.page.getByText("1 page sent")).isVisible(PATIENT);
            phone.open("/returns");
            phone.button("Sign in").waitFor();
            assertThat(phone.page.getByText("Plover")).hasCount(0);

            assertThat(desk.page.getByText(GOOD + 1 + " of 28 pages read")).isVisible(PATIENT);
            desk.page.getByText("Close the link now").click();
            phone.open(path);
            assertThat(phone.page.getByText(Pattern.compile("This link has expired")))
                    .isVisible(PATIENT);
        }
    }

    private static FilePayload[] files(String name, List<byte[]> contents) {
        return IntStream.range(0, contents.size())
                .mapToObj(i -> new FilePayload(name + i + ".jpg", "image/jpeg", contents.get(i)))
                .toArray(FilePayload[]::new);
    }
}
