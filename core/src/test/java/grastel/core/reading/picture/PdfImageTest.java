package grastel.core.reading.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import grastel.core.reading.picture.UnreadablePage.Problem;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.util.Matrix;
import org.junit.jupiter.api.Test;

/** Scanned PDFs: their images are taken as they were scanned, and only such. */
class PdfImageTest {
    private static final PictureFile.Limits LIMITS = new PictureFile.Limits(60_000_000, 80);
    private static final PDRectangle PAGE = new PDRectangle(420, 595);
    private static final int WIDTH = 840;
    private static final int HEIGHT = 1190;
    private static final byte[] JPEG = jpeg();

    /** Light from the left, a dark corner at the top left. */
    private static BufferedImage image() {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D graphics = image.createGraphics();
        graphics.setPaint(new GradientPaint(0, 0, new Color(250, 240, 230), WIDTH, 0, new Color(90, 120, 160)));
        graphics.fillRect(0, 0, WIDTH, HEIGHT);
        graphics.setColor(Color.BLACK);
        graphics.fillRect(0, 0, 80, 80);
        graphics.dispose();
        return image;
    }

    private static byte[] jpeg() {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image(), "jpeg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private interface Drawing {
        void on(PDPageContentStream content, PDDocument pdf) throws IOException;
    }

    private static byte[] pdf(int rotation, Drawing drawing) throws IOException {
        try (PDDocument pdf = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(PAGE);
            page.setRotation(rotation);
            pdf.addPage(page);
            try (PDPageContentStream content = new PDPageContentStream(pdf, page)) {
                drawing.on(content, pdf);
            }
            pdf.save(out);
            return out.toByteArray();
        }
    }

    private static void whole(PDPageContentStream content, PDDocument pdf) throws IOException {
        content.drawImage(JPEGFactory.createFromByteArray(pdf, JPEG), 0, 0, PAGE.getWidth(), PAGE.getHeight());
    }

    private static Picture decoded(byte[] pdf) throws UnreadablePage {
        return PictureFile.decode(pdf, 0, LIMITS);
    }

    /** At 250 dpi. */
    private static boolean isDrawn(Picture picture) {
        return picture.width() == Math.round(PAGE.getWidth() / 72 * 250);
    }

    @Test
    void aScanIsThePixelsOfItsJpeg() throws Exception {
        assertThat(decoded(pdf(0, PdfImageTest::whole)).rgb).isEqualTo(PictureFile.decode(JPEG, 0, LIMITS).rgb);
    }

    @Test
    void aPageThatIsTurnedIsTurned() throws Exception {
        Picture turned = decoded(pdf(90, PdfImageTest::whole));
        assertThat(turned.width()).isEqualTo(HEIGHT);
        assertThat(turned.height()).isEqualTo(WIDTH);
        assertThat(turned.code(HEIGHT - 20, 20) & 255)
                .as("the dark corner, top left before, is top right")
                .isLessThan(20);
        Picture over = decoded(pdf(180, PdfImageTest::whole));
        assertThat(over.code(WIDTH - 20, HEIGHT - 20) & 255).isLessThan(20);
        Picture left = decoded(pdf(270, PdfImageTest::whole));
        assertThat(left.code(20, WIDTH - 20) & 255).isLessThan(20);
    }

    @Test
    void whatWasScannedWithoutLossIsTakenToo() throws Exception {
        Picture picture = decoded(pdf(
                0,
                (content, pdf) -> content.drawImage(
                        LosslessFactory.createFromImage(pdf, image()), 0, 0, PAGE.getWidth(), PAGE.getHeight())));
        assertThat(picture.rgb).isEqualTo(Picture.of(image()).rgb);
    }

    @Test
    void recognisedWordsThatAreNotSeenDoNotCount() throws Exception {
        byte[] searchable = pdf(0, (content, pdf) -> {
            whole(content, pdf);
            write(content, RenderingMode.NEITHER);
        });
        assertThat(decoded(searchable).width()).isEqualTo(WIDTH);
    }

    @Test
    void whateverElseIsOnAPageIsDrawnWithIt() throws Exception {
        assertThat(isDrawn(decoded(pdf(0, (content, pdf) -> {
                    whole(content, pdf);
                    write(content, RenderingMode.FILL);
                }))))
                .as("words")
                .isTrue();
        assertThat(isDrawn(decoded(pdf(0, (content, pdf) -> {
                    whole(content, pdf);
                    content.addRect(10, 10, 50, 50);
                    content.fill();
                }))))
                .as("a filled box")
                .isTrue();
        assertThat(isDrawn(decoded(pdf(0, (content, pdf) -> {
                    whole(content, pdf);
                    whole(content, pdf);
                }))))
                .as("two images")
                .isTrue();
        assertThat(isDrawn(decoded(pdf(0, (content, pdf) -> {})))).as("nothing").isTrue();
    }

    @Test
    void anImageThatLiesOtherwiseIsDrawnAsItLies() throws Exception {
        assertThat(isDrawn(decoded(pdf(0, (content, pdf) -> {
                    PDImageXObject image = JPEGFactory.createFromByteArray(pdf, JPEG);
                    content.drawImage(image, new Matrix(PAGE.getWidth(), 0, 0, -PAGE.getHeight(), 0, PAGE.getHeight()));
                }))))
                .as("upside down")
                .isTrue();
        assertThat(isDrawn(decoded(pdf(
                        0,
                        (content, pdf) ->
                                content.drawImage(JPEGFactory.createFromByteArray(pdf, JPEG), 100, 100, 210, 297)))))
                .as("small on a large page")
                .isTrue();
        assertThat(isDrawn(decoded(pdf(
                        0,
                        (content, pdf) -> content.drawImage(
                                JPEGFactory.createFromByteArray(pdf, JPEG),
                                0,
                                0,
                                PAGE.getWidth(),
                                0.92f * PAGE.getHeight())))))
                .as("pressed flat")
                .isTrue();
    }

    @Test
    void moreThanIsTakenIsRefusedBeforeItIsDecoded() throws Exception {
        byte[] pdf = pdf(0, PdfImageTest::whole);
        assertThatExceptionOfType(UnreadablePage.class)
                .isThrownBy(() -> PictureFile.decode(pdf, 0, new PictureFile.Limits(900_000, 80)))
                .satisfies(e -> assertThat(e.problem()).isEqualTo(Problem.TOO_MANY_PIXELS));
    }

    private static void write(PDPageContentStream content, RenderingMode mode) throws IOException {
        content.beginText();
        content.setRenderingMode(mode);
        content.setFont(new PDType1Font(FontName.HELVETICA), 12);
        content.newLineAtOffset(50, 50);
        content.showText("Amara Diallo");
        content.endText();
    }
}
