package grastel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Composing sheets of many kinds. */
@Tag("browser")
class SheetsPlaceTest extends DemoTest {
    private static final String PACK = """
            {
              "grastelLessonPack": 1,
              "pencils": [
                {"key": "green", "range": "Elsewhere", "code": "E9", "name": "Wreck Green", "lab": {"l": 34, "a": -20, "b": 14}}
              ],
              "papers": [
                {"key": "p", "name": "Harbour Cartridge", "lab": {"l": 95, "a": 0, "b": 2}, "tooth": 1, "grainMm": 0.3}
              ],
              "sheets": [
                {"title": "Wreck in five steps", "pageSize": "A4", "paper": "p",
                 "exercises": [{"kind": "pressure-scale", "values": {"pencil": {"pencil": "green"}, "steps": {"number": 4}}}]}
              ]
            }
            """;

    @Test
    void aRecipeIsTriedOnTheBench() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Sheets");
            desk.page
                    .getByRole(AriaRole.LINK, named("try it: box 2 on the Bench"))
                    .click();
            desk.heading("Bench").waitFor();
            assertThat(desk.page.getByText(Pattern.compile("Pressure scale in .*, box 2")))
                    .isVisible();
            assertThat(desk.page.locator("[data-colour][data-stale=false]")).isVisible();
            desk.checkQuiet();
        }
    }

    @Test
    void composesATintHueShadeSheetByKeyboardAndPrintsIt() throws IOException {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Sheets");
            Locator kind = desk.button(Pattern.compile("Exercise$"));
            kind.focus();
            chooseByKeyboard(desk, "Tint");
            desk.heading("Tint, hue, shade").waitFor();
            Locator fields = desk.page.locator("[data-box]");
            assertThat(fields).not().hasCount(0);
            desk.checkAccessibility("Sheets, tint hue shade");

            desk.page.getByRole(AriaRole.CHECKBOX, named("brown")).focus();
            desk.page.keyboard().press("Space");
            assertThat(desk.page.getByText("19").first()).isVisible();
            desk.page.getByLabel("Title").fill("Harbour colours");

            Locator printFor = desk.button(Pattern.compile("Print for$"));
            printFor.focus();
            chooseByKeyboard(desk, "10 Avocet");
            Locator print = desk.button(Pattern.compile("Print \\d+ pages"));
            assertThat(print).isEnabled();
            print.focus();
            desk.page.keyboard().press("Enter");
            Locator pdf = desk.page.getByRole(AriaRole.LINK, named("Open the PDF"));
            pdf.waitFor();
            checkPdf(desk.page
                    .request()
                    .get(grastel.address() + pdf.getAttribute("href"))
                    .body());
            Locator teacher = desk.page.getByRole(AriaRole.LINK, named("Answers and rubric"));
            byte[] answers = desk.page
                    .request()
                    .get(grastel.address() + teacher.getAttribute("href"))
                    .body();
            try (PDDocument document = Loader.loadPDF(answers)) {
                assertThat(new PDFTextStripper().getText(document)).contains("Hue stays the same", "School rules");
            }
            desk.checkQuiet();
        }
    }

    /** Its surface is chosen, its goals change with it, and it is printed with what it is drawn by. */
    @Test
    void aTextureStudyIsChosenAndPrintedByKeyboard() throws IOException {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Sheets");
            desk.button(Pattern.compile("Exercise$")).focus();
            chooseByKeyboard(desk, "Texture");
            desk.page.getByText(Pattern.compile("^Fur in ")).first().waitFor();
            desk.button(Pattern.compile("Surface$")).focus();
            chooseByKeyboard(desk, "woven");
            desk.page.getByText(Pattern.compile("^Woven cloth in ")).first().waitFor();
            desk.checkAccessibility("Sheets, texture study");
            desk.button(Pattern.compile("Print for$")).focus();
            chooseByKeyboard(desk, "10 Avocet");
            Locator print = desk.button(Pattern.compile("Print \\d+ pages"));
            assertThat(print).isEnabled();
            print.focus();
            desk.page.keyboard().press("Enter");
            desk.page.getByRole(AriaRole.LINK, named("Open the PDF")).waitFor();
            byte[] answers = desk.page
                    .request()
                    .get(grastel.address()
                            + desk.page
                                    .getByRole(AriaRole.LINK, named("Answers and rubric"))
                                    .getAttribute("href"))
                    .body();
            try (PDDocument document = Loader.loadPDF(answers)) {
                assertThat(new PDFTextStripper().getText(document))
                        .contains("Strokes follow the surface", "Detail over base", "Light to dark: bare paper");
            }
            desk.checkQuiet();
        }
    }

    /** For cartridge and sketchbooks: one card and a label for each student; a form cannot be parted, and that is said. */
    @Test
    void aCompositionIsPrintedAsACardWithLabelsByKeyboard() throws IOException {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Sheets");
            desk.button(Pattern.compile("Exercise$")).focus();
            chooseByKeyboard(desk, "Faceted");
            desk.page.getByText(Pattern.compile("^Facets in ")).first().waitFor();
            desk.button(Pattern.compile("Print for$")).focus();
            chooseByKeyboard(desk, "10 Avocet");
            desk.page.getByRole(AriaRole.RADIO, named("pages")).focus();
            desk.page.keyboard().press("ArrowRight");
            desk.page.keyboard().press("Space");
            assertThat(desk.page.getByRole(AriaRole.RADIO, named("a different variant for each student")))
                    .isChecked();
            desk.page.keyboard().press("ArrowRight");
            desk.page.keyboard().press("Space");
            desk.checkAccessibility("Sheets, as a card");
            Locator print = desk.button("Print 1 card, 14 labels");
            assertThat(print).isEnabled();
            print.focus();
            desk.page.keyboard().press("Enter");
            Locator pdf = desk.page.getByRole(AriaRole.LINK, named("Open the PDF"));
            pdf.waitFor();
            byte[] file = desk.page
                    .request()
                    .get(grastel.address() + pdf.getAttribute("href"))
                    .body();
            try (PDDocument document = Loader.loadPDF(file)) {
                assertThat(document.getNumberOfPages()).isEqualTo(2);
                assertThat(new PDFTextStripper().getText(document)).contains("bare paper", "Cormac Reilly");
            }

            desk.button(Pattern.compile("Exercise$")).focus();
            chooseByKeyboard(desk, "Form");
            desk.button("Print 1 card, 14 labels").click();
            assertThat(desk.page
                            .getByText(Pattern.compile("The zones of a form touch"))
                            .first())
                    .isVisible();
            desk.checkQuiet();
        }
    }

    /** Types the beginning of an option's name and takes it. */
    @Test
    void linesOfAStudentsDrawingCutTheComposition() throws IOException {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Sheets");
            desk.button(Pattern.compile("Exercise$")).focus();
            chooseByKeyboard(desk, "Faceted");
            desk.page
                    .locator("input[type=file]")
                    .setInputFiles(new FilePayload("lines.png", "image/png", drawnLines()));
            assertThat(desk.page.getByRole(AriaRole.IMG, named("4 lines from the drawing")))
                    .isVisible();
            // Of four lines that cross as these do, nine parts.
            assertThat(desk.page.getByText(Pattern.compile("^9: |, 9: ")).first())
                    .isVisible();
            desk.checkAccessibility("Sheets, own lines");
            desk.button("Draw again").press("Enter");
            assertThat(desk.page.getByText(Pattern.compile("Each variant draws new lines")))
                    .isVisible();
            desk.checkQuiet();
        }
    }

    /** A frame on white paper with four lines across it. */
    private static byte[] drawnLines() throws IOException {
        BufferedImage image = new BufferedImage(800, 1000, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, 800, 1000);
        pen.setColor(new Color(80, 80, 84));
        pen.setStroke(new BasicStroke(3));
        pen.drawRect(100, 120, 600, 760);
        pen.drawLine(300, 120, 330, 880);
        pen.drawLine(520, 120, 500, 880);
        pen.drawLine(100, 380, 700, 330);
        pen.drawLine(100, 640, 700, 700);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static void chooseByKeyboard(TestBrowser desk, String beginning) {
        desk.page.keyboard().press("Enter");
        desk.page.getByRole(AriaRole.LISTBOX).waitFor();
        desk.page.keyboard().type(beginning);
        desk.page.keyboard().press("Enter");
    }

    private static void checkPdf(byte[] file) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(file)) {
            assertThat(pdf.getNumberOfPages() % 14)
                    .as("all pages for each of 14 students")
                    .isZero();
            assertThat(pdf.getPage(0).getMediaBox().getHeight() / 72 * 25.4).isCloseTo(297, within(0.1));
            PDFTextStripper text = new PDFTextStripper();
            text.setEndPage(1);
            assertThat(text.getText(pdf)).contains("Harbour colours", "tint", "shade", "1 / 2", "School rules");
        }
    }

    @Test
    void anInfeasibleScaleIsToldAndMendedWithOnePress() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Sheets");
            desk.page.locator("[data-box]").first().waitFor();
            desk.button(Pattern.compile("Pencil$")).click();
            desk.page.getByRole(AriaRole.OPTION, named("S05 Apricot Float")).click();
            for (int i = 5; i < 11; i++) {
                desk.button("Increase Steps (3–11)").click();
            }
            assertThat(desk.page.getByText(
                            Pattern.compile("Apricot Float makes \\d clear steps on this paper; 11 are planned")))
                    .isVisible();
            Locator remedy = desk.button(Pattern.compile("11 → \\d steps"));
            int possible = Integer.parseInt(remedy.innerText().replaceAll(".*→ (\\d) .*", "$1"));
            remedy.click();
            assertThat(desk.page.locator("[data-box]")).hasCount(possible);
            assertThat(desk.page.getByText("These pencils can do every box")).isVisible();

            desk.button("Add an exercise").click();
            assertThat(desk.page.getByText("A1").first()).isVisible();
            desk.checkQuiet();
        }
    }

    @Test
    void aPackWithAMissingPencilOffersStandIns() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Sheets");
            desk.button("Import a pack").click();
            desk.page
                    .locator("input[type=file]")
                    .setInputFiles(
                            new FilePayload("broken.json", "application/json", "{".getBytes(StandardCharsets.UTF_8)));
            assertThat(desk.page.getByText("Nothing was imported")).isVisible();
            desk.page
                    .locator("input[type=file]")
                    .setInputFiles(
                            new FilePayload("pack.json", "application/json", PACK.getBytes(StandardCharsets.UTF_8)));
            assertThat(desk.page.getByText("Instead of Wreck Green")).isVisible();
            desk.checkAccessibility("Sheets, pack");
            desk.button("Import 1 sheet").click();
            desk.button(Pattern.compile("Sheet$")).click();
            desk.page.getByRole(AriaRole.OPTION, named("Wreck in five steps")).click();
            assertThat(desk.page.locator("[data-box]")).hasCount(4);
            desk.checkQuiet();
        }
    }

    @Test
    void aMethodSaysWhatItWouldChange() {
        try (TestBrowser desk = new TestBrowser(grastel.address(), 1280, 800)) {
            enter(desk);
            desk.go("Classes");
            desk.page.getByRole(AriaRole.LINK, named("8 Dunlin")).first().click();
            desk.page.getByText("complement or dark over").click();
            Locator effect = desk.page.getByText(Pattern.compile("^This will change \\d+ sheets?:"));
            effect.waitFor();
            assertThat(effect).containsText("Tint, hue, shade");
            desk.checkAccessibility("Classes, method");
            desk.button("Save method").click();
            assertThat(desk.button("Save method")).isDisabled();
            desk.checkQuiet();
        }
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }
}
