package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** The bench and the kit as a teacher uses them before a lesson. */
@Tag("browser")
class BenchAndKitTest extends DemoTest {
    private static final int MEASURED_CHANGES = 40;
    private static final String CGATS = """
            CGATS.17
            BEGIN_DATA_FORMAT
            SAMPLE_ID SAMPLE_NAME LAB_L LAB_A LAB_B
            END_DATA_FORMAT
            BEGIN_DATA
            Q1 "Harbour Light" 71.5 4.2 30.1
            Q2 "Barnacle" 55 1 4
            END_DATA
            """;

    @Test
    void triesLayersByKeyboardAndKeepsThem() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Bench");
            swatch(desk).waitFor();
            desk.checkAccessibility("Bench");
            desk.checkTargets("Bench");
            buildByKeyboard(desk);
            compareOrders(desk);
            goBackAndForth(desk);
            remedyAWarning(desk);
            printACard(desk);
            keepAndMeetTheOtherWindow(desk);
            desk.checkQuiet();
        }
    }

    /** For {@code ./grastel bench screens}. */
    @Test
    @Tag("speed")
    void aChangeShowsAtOnce() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Bench");
            swatch(desk).waitFor();
            List<Double> times = changeAndMeasure(desk);
            List<Double> sorted = times.stream().sorted().toList();
            System.out.printf(
                    "bench: a change shows after %.0f ms (median), %.0f ms (95th percentile) of %d%n",
                    sorted.get(sorted.size() / 2), sorted.get((int) (sorted.size() * 0.95)), sorted.size());
            desk.checkQuiet();
        }
    }

    @Test
    void importsMeasurementsAndCalibratesAPencil() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Kit");
            pencil(desk, "Buoy Red").waitFor();
            desk.checkAccessibility("Kit");
            calibrate(desk);
            importAFile(desk);
            workAReachOut(desk);
            for (String view : List.of("sets", "papers")) {
                show(desk, view);
                desk.page.waitForTimeout(300);
                desk.checkAccessibility("Kit, " + view);
            }
            findATooth(desk);
            desk.checkQuiet();
        }
    }

    private static void buildByKeyboard(TestBrowser desk) {
        tabTo(desk, "Add a layer");
        desk.page.keyboard().press("Enter");
        Locator layers = layers(desk);
        assertThat(layers).hasCount(3);
        tabTo(desk, "Layer 3: pencil");
        desk.page.keyboard().press("Enter");
        desk.page.keyboard().type("S23");
        desk.page.keyboard().press("Enter");
        assertThat(layers.first()).containsText("Kelp");
        tabTo(desk, "whisper");
        for (int i = 0; i < 3; i++) {
            desk.page.keyboard().press("ArrowRight");
        }
        desk.page.keyboard().press("Enter");
        assertThat(layers.first()).containsText("firm");
        desk.page.keyboard().press("Alt+ArrowDown");
        assertThat(layers.nth(1)).containsText("Kelp");
        desk.page.keyboard().press("Delete");
        assertThat(layers).hasCount(2);
        assertThat(layers.first()).containsText("Buoy Red");
    }

    private static void compareOrders(TestBrowser desk) {
        String before = colour(desk);
        Locator reversed = desk.page.locator("[data-what-if=ORDER_REVERSED]");
        assertThat(reversed).containsText("layers reversed");
        awaitWhatIf(desk);
        desk.page.keyboard().press("1");
        assertThat(layers(desk).first()).containsText("Mussel Violet");
        assertThat(swatch(desk)).not().hasAttribute("data-colour", before);
    }

    private static void goBackAndForth(TestBrowser desk) {
        desk.page.keyboard().press("Control+z");
        assertThat(layers(desk).first()).containsText("Buoy Red");
        desk.page.keyboard().press("Control+y");
        assertThat(layers(desk).first()).containsText("Mussel Violet");
        desk.page.keyboard().press("Control+z");
    }

    private static void remedyAWarning(TestBrowser desk) {
        awaitWhatIf(desk);
        desk.page.keyboard().press("7");
        assertThat(layers(desk).first()).containsText("Burnish: Foam");
        desk.button("Add a layer").click();
        Locator warning = desk.page.locator("[data-warning=LAYER_AFTER_BURNISH]");
        assertThat(warning).containsText("comes after burnishing");
        warning.getByRole(AriaRole.BUTTON).click();
        assertThat(layers(desk).first()).containsText("Burnish");
        assertThat(desk.page.locator("[data-warning=LAYER_AFTER_BURNISH]")).hasCount(0);
    }

    private static void printACard(TestBrowser desk) {
        Download card =
                desk.page.waitForDownload(() -> desk.button("Print a card").click());
        assertThat(card.suggestedFilename()).isEqualTo("Bench card.pdf");
    }

    private static void keepAndMeetTheOtherWindow(TestBrowser desk) {
        desk.button("Save as …").click();
        desk.field("Name").fill("Red in shade");
        desk.button(Pattern.compile("^Save$")).click();
        assertThat(desk.page.getByText("Red in shade").first()).isVisible();
        Page other = desk.page.context().newPage();
        other.navigate(desk.page.url());
        change(other, "darker");
        change(desk.page, "lighter");
        assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("changed in another window");
        desk.button("Save as new").click();
        assertThat(desk.page.getByText("A stack of that name").or(desk.page.getByText("already")))
                .isVisible();
        desk.field("Name").fill("Red in light");
        desk.button("Save as new").click();
        desk.page.getByText("Red in light").first().waitFor();
        other.close();
    }

    private static void change(Page page, String note) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Save as …"))
                .click();
        page.getByLabel("Note").fill(note);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Save").setExact(true))
                .click();
        page.waitForTimeout(500);
    }

    /**
     * Eight layers, on each the top one gets five passes more, by its number key. No stack is looked at twice, so nothing
     * comes from the browser's memory. The clock stops when the frame with the new picture has been painted.
     */
    private static List<Double> changeAndMeasure(TestBrowser desk) {
        List<Double> times = new ArrayList<>();
        for (int layer = 0; layer < MEASURED_CHANGES / 5; layer++) {
            desk.button("Add a layer").click();
            assertThat(layers(desk)).hasCount(layer + 3);
            for (int pass = 0; pass < 5; pass++) {
                awaitWhatIf(desk);
                desk.page.waitForTimeout(100);
                times.add(((Number) desk.page.evaluate("""
                                async () => {
                                  const picture = document.querySelector('canvas[data-colour]');
                                  const more = [...document.querySelectorAll('[data-what-if]')].findIndex((w) => w.dataset.whatIf === 'ONE_PASS_MORE');
                                  const drawn = new Promise((resolve, reject) => {
                                    new MutationObserver(resolve).observe(picture, { attributeFilter: ['data-drawn'] });
                                    setTimeout(() => reject(new Error('nothing changed')), 30000);
                                  });
                                  const start = performance.now();
                                  document.body.dispatchEvent(new KeyboardEvent('keydown', { key: String(more + 1), bubbles: true }));
                                  await drawn;
                                  await new Promise((painted) => requestAnimationFrame(() => {
                                    const { port1, port2 } = new MessageChannel();
                                    port1.onmessage = painted;
                                    port2.postMessage(0);
                                  }));
                                  return performance.now() - start;
                                }""")).doubleValue());
            }
        }
        return times;
    }

    private static void calibrate(TestBrowser desk) {
        pencil(desk, "Buoy Red").click();
        assertThat(desk.heading("Buoy Red")).isVisible();
        assertThat(desk.page.getByText("If this pencil is missing")).isVisible();
        desk.button("Calibrate").click();
        desk.button("Read with the meter").click();
        assertThat(desk.page.getByRole(AriaRole.STATUS)).containsText("The prediction was off by");
        desk.checkAccessibility("Kit, calibrating");
        desk.button("Save").click();
        desk.button("Calibrate").waitFor();
    }

    private static void findATooth(TestBrowser desk) {
        desk.button("Edit").first().click();
        desk.button("Measure the tooth from swatches").click();
        desk.button("Read with the meter").click();
        assertThat(desk.page.getByRole(AriaRole.STATUS)).containsText("The prediction was off by");
        desk.checkAccessibility("Kit, finding a tooth");
        String found =
                desk.page.getByRole(AriaRole.STATUS).locator("[data-tooth]").textContent();
        desk.button("Use this depth").click();
        desk.button("Save").click();
        assertThat(desk.page.getByRole(AriaRole.ROW).nth(1)).containsText(found);
    }

    private static void importAFile(TestBrowser desk) {
        show(desk, "import, export");
        choose(desk, "wrong.txt", CGATS.replace("71.5 4.2", "bright 4.2"));
        assertThat(desk.page.getByRole(AriaRole.ALERT)).containsText("Line 6: “bright” is not a number.");
        choose(desk, "harbour.txt", CGATS);
        assertThat(desk.page.getByText("will add 2 pencils to Measured")).isVisible();
        desk.checkAccessibility("Kit, import");
        desk.button("Add 2 pencils").click();
        assertThat(desk.page.getByText("2 pencils added to the kit.")).isVisible();
        show(desk, "pencils");
        assertThat(pencil(desk, "Harbour Light")).isVisible();
    }

    private static void workAReachOut(TestBrowser desk) {
        show(desk, "gamut");
        desk.button("Cancel").click();
        desk.button("Calculate").waitFor();
        desk.checkAccessibility("Kit, reach");
    }

    private static void choose(TestBrowser desk, String name, String text) {
        desk.page
                .waitForFileChooser(() -> desk.button("Choose a file").click())
                .setFiles(new FilePayload(name, "text/plain", text.getBytes(StandardCharsets.UTF_8)));
    }

    private static void show(TestBrowser desk, String view) {
        desk.page
                .getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName(view).setExact(true))
                .click();
    }

    private static Locator pencil(TestBrowser desk, String name) {
        return desk.button(Pattern.compile("^\\w+ [\\d.]+ " + name + ","));
    }

    private static Locator layers(TestBrowser desk) {
        return desk.page
                .getByRole(AriaRole.GRID, new Page.GetByRoleOptions().setName("Layers, top layer first"))
                .getByRole(AriaRole.ROW);
    }

    /** The row belongs to the stack as it is now, so that its keys count. */
    private static void awaitWhatIf(TestBrowser desk) {
        desk.page.waitForTimeout(50);
        desk.page.locator("[aria-label='What if'][data-stale=false]").waitFor();
    }

    private static Locator swatch(TestBrowser desk) {
        return desk.page.locator("canvas[data-colour][data-drawn]");
    }

    private static String colour(TestBrowser desk) {
        return swatch(desk).getAttribute("data-colour");
    }

    /** Presses Tab until what has the focus carries a name. */
    private static void tabTo(TestBrowser desk, String name) {
        for (int i = 0; i < 80; i++) {
            desk.page.keyboard().press("Tab");
            Object label = desk.page.evaluate("""
                    () => {
                      const e = document.activeElement;
                      const by = (e.getAttribute('aria-labelledby') ?? '').split(' ').map((id) => document.getElementById(id)?.textContent ?? '');
                      return [e.getAttribute('aria-label') ?? '', e.textContent ?? '', ...by].join(' | ');
                    }""");
            if (label.toString().contains(name)) {
                return;
            }
        }
        throw new AssertionError("No way by Tab to “" + name + "”");
    }
}
