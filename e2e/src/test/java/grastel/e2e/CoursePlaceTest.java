package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A term of lessons, by keyboard alone. */
@Tag("browser")
class CoursePlaceTest extends DemoTest {
    /** Moves after a start that are told apart: the Java machine has not yet compiled what they run through. */
    private static final int COLD = 10;

    private static final int MOVES = 40;

    @Test
    void aLessonIsMovedByKeysAndTheMoveTakenBack() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Course");
            Locator last =
                    periods(desk, Pattern.compile("^7 Kittiwake, .*lesson 6")).first();
            last.focus();
            desk.page.keyboard().press("Alt+ArrowLeft");
            assertThat(desk.page.getByText("Two colours meet is now lesson 5 of 7 Kittiwake."))
                    .isAttached();
            assertThat(periods(desk, Pattern.compile("^7 Kittiwake, .*lesson 5 Two colours meet"))
                            .first())
                    .isVisible();
            desk.page.keyboard().press("Control+z");
            assertThat(periods(desk, Pattern.compile("^7 Kittiwake, .*lesson 6 Two colours meet"))
                            .first())
                    .isVisible();
            desk.checkQuiet();
        }
    }

    @Test
    void aWarningIsSeenAndItsRemedyTaken() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Course");
            Locator last = periods(desk, Pattern.compile("^8 Dunlin, .*lesson 10 Round"))
                    .last();
            last.focus();
            desk.page.keyboard().press("Enter");
            lesson(desk, "lesson 10 of 10.*Round").waitFor();
            for (int i = 0; i < 9; i++) {
                desk.button("Move earlier").press("Enter");
                lesson(desk, "lesson " + (9 - i) + " of 10.*Round").waitFor();
            }
            Locator remedy =
                    desk.button(Pattern.compile("^Move “.*” before it")).first();
            remedy.waitFor();
            int before = desk.button(Pattern.compile("^Move “.*” before it")).count();
            remedy.press("Enter");
            lesson(desk, "lesson 2 of 10.*Round").waitFor();
            assertThat(desk.button(Pattern.compile("^Move “.*” before it")).count())
                    .isLessThan(before);
            desk.checkQuiet();
        }
    }

    @Test
    void aLessonIsDraggedToAnotherPeriod() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Course");
            Locator boxes = periods(desk, Pattern.compile("^10 Avocet, .*?: lesson \\d+"));
            boxes.first().waitFor();
            List<String> labels = boxes.all().stream()
                    .map(box -> box.getAttribute("aria-label"))
                    .filter(label -> !label.contains("logged"))
                    .toList();
            String onto = labels.get(0);
            String from = labels.stream()
                    .filter(label -> firstLesson(label) > firstLesson(onto))
                    .reduce((one, next) -> next)
                    .orElseThrow();

            desk.button(from).dragTo(desk.button(onto));

            assertThat(desk.page.getByText(Pattern.compile("is now lesson " + firstLesson(onto) + " of 10 Avocet")))
                    .isAttached();
            desk.button("Undo").click();
            assertThat(desk.button(onto)).isVisible();
            desk.checkQuiet();
        }
    }

    private static int firstLesson(String label) {
        return Integer.parseInt(label.replaceFirst("^.*?: lesson (\\d+) .*", "$1"));
    }

    private static Locator lesson(TestBrowser desk, String title) {
        return desk.page.getByRole(AriaRole.HEADING, named(Pattern.compile(title)));
    }

    @Test
    void aCourseIsMadeFromAnOutlineForANewClassAndAPeriodIsCancelled() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Classes");
            desk.page.getByRole(AriaRole.LINK, named("New class")).press("Enter");
            desk.field("Class name").fill("9 Plover");
            desk.page.getByLabel(Pattern.compile("^Students, one on each line")).fill("Ana Silva\nUgo Bassi");
            desk.button("Create class").press("Enter");
            desk.heading("When 9 Plover meets").waitFor();
            desk.button("Add a period").press("Enter");
            desk.field("First day").fill("2026-08-31");
            desk.field("Last day").fill("2026-12-18");
            desk.checkAccessibility("when a class meets");
            desk.button("Save calendar").press("Enter");
            assertThat(desk.button("Save calendar")).isEnabled();

            desk.open("/course");
            desk.heading("Course").waitFor();
            periods(desk, Pattern.compile("^9 Plover, ")).first().press("Enter");
            desk.heading("Lessons for 9 Plover").waitFor();
            assertThat(desk.button("Add these lessons")).isEnabled();
            // the term has begun, and this course is to use all of it
            desk.page
                    .getByRole(AriaRole.CHECKBOX, named(Pattern.compile("^Start today or later")))
                    .press("Space");
            desk.button("Add these lessons").press("Enter");
            Locator first = periods(desk, Pattern.compile("^9 Plover, .*lesson 1 Whisper to full"));
            first.waitFor();
            String was = first.getAttribute("aria-label");
            desk.checkAccessibility("Course");
            desk.checkTargets("Course");
            desk.checkWidth("Course");

            desk.go("Classes");
            desk.page
                    .getByRole(AriaRole.LINK, named(Pattern.compile("^9 Plover")))
                    .press("Enter");
            desk.button("Add a change").press("Enter");
            desk.page
                    .getByRole(AriaRole.GROUP, named("Change 1"))
                    .getByLabel("Date", new Locator.GetByLabelOptions().setExact(true))
                    .fill("2026-09-01");
            desk.button("Save calendar").press("Enter");
            assertThat(desk.page.getByRole(AriaRole.ALERT)).hasCount(0);
            desk.open("/course");
            assertThat(periods(desk, Pattern.compile("^9 Plover, .*cancelled"))).hasCount(1);
            Locator moved = periods(desk, Pattern.compile("^9 Plover, .*lesson 1 Whisper to full"));
            moved.waitFor();
            assertThat(moved.getAttribute("aria-label")).as("a week later").isNotEqualTo(was);
            desk.checkQuiet();
        }
    }

    @Test
    void aLessonIsLoggedOnAPhoneInTwoPresses() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 360, 740)) {
            enter(desk);
            desk.checkWidth("Today on a phone");
            Locator kittiwake = desk.page.getByRole(AriaRole.REGION, named("10 Avocet"));
            kittiwake
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Open"))
                    .press("Enter");
            kittiwake
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done"))
                    .press("Enter");
            assertThat(kittiwake.getByText("logged")).isVisible();
            desk.checkAccessibility("Today on a phone");
            desk.checkTargets("Today on a phone");
            kittiwake
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Change"))
                    .press("Enter");
            assertThat(kittiwake.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Done")))
                    .isVisible();
            desk.checkQuiet();
        }
    }

    /** From the key to the frame that shows the move, for {@code ./grastel bench screens}. */
    @Test
    @Tag("speed")
    void aMoveIsSeenAtOnce() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Course");
            List<Double> times = new ArrayList<>();
            for (int i = 0; i < COLD + MOVES; i++) {
                boolean back = i % 2 == 1;
                periods(desk, Pattern.compile("^7 Kittiwake, .*Two colours meet"))
                        .first()
                        .focus();
                Object ms = desk.page.evaluate("""
                        back => new Promise(done => {
                          const strip = document.querySelector('[data-strip]');
                          const from = performance.now();
                          new MutationObserver((_, seen) => {
                            seen.disconnect();
                            requestAnimationFrame(() => setTimeout(() => done(performance.now() - from)));
                          }).observe(strip, { subtree: true, attributes: true, childList: true, characterData: true });
                          document.activeElement.dispatchEvent(new KeyboardEvent('keydown',
                            { key: back ? 'ArrowRight' : 'ArrowLeft', altKey: true, bubbles: true, cancelable: true }));
                        })""", back);
                times.add(((Number) ms).doubleValue());
                assertThat(desk.page.getByText("Two colours meet is now lesson " + (back ? 6 : 5) + " of 7 Kittiwake."))
                        .isAttached();
            }
            List<Double> cold = times.subList(0, COLD).stream().sorted().toList();
            List<Double> sorted =
                    times.subList(COLD, COLD + MOVES).stream().sorted().toList();
            System.out.printf(
                    java.util.Locale.ROOT,
                    "course move to painted strip: median %.0f ms, 95th percentile %.0f ms of %d; the first %d after a"
                            + " start: median %.0f ms, slowest %.0f ms%n",
                    sorted.get(MOVES / 2),
                    sorted.get(MOVES * 95 / 100 - 1),
                    MOVES,
                    COLD,
                    cold.get(COLD / 2),
                    cold.get(COLD - 1));
        }
    }

    private static Locator periods(TestBrowser desk, Pattern name) {
        return desk.button(name);
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private static Page.GetByRoleOptions named(Pattern name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
