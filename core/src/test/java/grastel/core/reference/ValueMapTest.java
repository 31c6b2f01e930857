package grastel.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.PictureFile;
import grastel.core.reading.picture.UnreadablePage;
import grastel.core.reference.Outlines.Area;
import grastel.core.reference.ValueMap.Step;
import grastel.core.reference.ValueMap.Wanted;
import grastel.core.stilllife.HarbourFind;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.coverage.CoverageValidator;
import org.locationtech.jts.geom.Polygon;

/** Laws of values and outlines. */
@Tag("picture")
class ValueMapTest {
    private static final Frame FRAME = new Frame(160, 200);
    private static final Wanted FIVE = new Wanted(5, 20, 1.5);

    private static Reference reference(BufferedImage image) {
        return Reference.of(Picture.of(image), View.WHOLE, FRAME);
    }

    private static BufferedImage plain(int width, int height, Color colour) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(colour);
        g.fillRect(0, 0, width, height);
        g.dispose();
        return image;
    }

    private static double agreement(ValueMap one, ValueMap other) {
        assertThat(other.steps()).hasSameSizeAs(one.steps());
        int same = 0;
        for (int i = 0; i < one.width() * one.height(); i++) {
            same += one.step(i) == other.step(i) ? 1 : 0;
        }
        return (double) same / (one.width() * one.height());
    }

    /** Whatever the picture, there are no more areas than can be drawn, and it says what was joined for it. */
    @Test
    void noiseIsParted() {
        BufferedImage noise = new BufferedImage(1600, 2000, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(7);
        for (int y = 0; y < noise.getHeight(); y++) {
            for (int x = 0; x < noise.getWidth(); x++) {
                noise.setRGB(x, y, 0x010101 * random.nextInt(256));
            }
        }
        ValueMap values = ValueMap.of(reference(noise), new Wanted(7, 0, 0));
        List<Area> areas = values.outlines(0.3).areas();
        assertThat(areas).hasSizeLessThanOrEqualTo(2 * ValueMap.MOST_AREAS);
        assertThat(values.used()).isNotEqualTo(new Wanted(7, 0, 0));
        assertThat(ValueMap.of(reference(plain(160, 200, Color.GRAY)), FIVE).used())
                .isEqualTo(FIVE);
    }

    @ParameterizedTest
    @EnumSource(HarbourFind.class)
    void outlinesPartTheFrameWithoutGapsOrSlivers(HarbourFind find) {
        ValueMap values = ValueMap.of(reference(find.picture(900, 1)), FIVE);
        for (double tolerance : new double[] {0, 0.5, 1.5, 4}) {
            Outlines outlines = values.outlines(tolerance);
            Polygon[] areas = outlines.areas().stream().map(Area::outline).toArray(Polygon[]::new);
            assertThat(CoverageValidator.isValid(areas))
                    .as("within %s mm", tolerance)
                    .isTrue();
            double area = outlines.areas().stream()
                    .mapToDouble(a -> a.outline().getArea())
                    .sum();
            assertThat(area).isCloseTo(160 * 200, within(160.0 * 200 / 500));
            assertThat(outlines.areas())
                    .allSatisfy(a -> assertThat(a.outline().isValid()).isTrue());
        }
        assertThat(values.outlines(0).areas())
                .as("no island is under 20 mm²")
                .allSatisfy(a -> assertThat(a.outline().getArea()).isGreaterThanOrEqualTo(20 - 1e-6))
                .as("nor a ribbon that no pencil draws")
                .allSatisfy(
                        a -> assertThat(2 * a.outline().getArea() / a.outline().getLength())
                                .isGreaterThan(0.8));
        assertThat(points(values.outlines(1.5))).isLessThan(points(values.outlines(0)) / 5);
    }

    private static int points(Outlines outlines) {
        return outlines.areas().stream()
                .mapToInt(a -> a.outline().getNumPoints())
                .sum();
    }

    @Test
    void areasAreThoseOnThePaper() {
        BufferedImage image = plain(800, 1000, Color.WHITE);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.DARK_GRAY);
        g.fillRect(100, 200, 200, 300);
        g.dispose();
        ValueMap values = ValueMap.of(reference(image), new Wanted(2, 20, 0));
        assertThat(values.steps()).hasSize(2);
        assertThat(values.steps().get(0).areaMm2()).as("40 × 60 mm").isCloseTo(2400, within(25.0));
        assertThat(values.steps().stream().mapToDouble(Step::areaMm2).sum()).isCloseTo(32_000, within(80.0));
        assertThat(values.steps().get(1).lightness()).isCloseTo(100, within(0.5));
    }

    @ParameterizedTest
    @EnumSource(HarbourFind.class)
    void valuesStayUnderPoorJpegAndAnotherExposure(HarbourFind find) throws IOException, UnreadablePage {
        BufferedImage image = find.picture(900, 2);
        ValueMap values = ValueMap.of(reference(image), FIVE);
        Picture poor = PictureFile.decode(jpeg(image, 0.5f), 0, new PictureFile.Limits(40_000_000, 1));
        ValueMap ofPoor = ValueMap.of(Reference.of(poor, View.WHOLE, FRAME), FIVE);
        assertThat(agreement(values, ofPoor)).isGreaterThan(0.97);
        for (double exposure : new double[] {0.95, 1.05}) {
            assertThat(agreement(values, ValueMap.of(reference(exposed(image, exposure)), FIVE)))
                    .as("exposed × %s", exposure)
                    .isGreaterThan(0.95);
        }
    }

    private static byte[] jpeg(BufferedImage image, float quality) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam param = writer.getDefaultWriteParam();
        param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        param.setCompressionQuality(quality);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        writer.setOutput(ImageIO.createImageOutputStream(out));
        writer.write(null, new IIOImage(image, null, null), param);
        writer.dispose();
        return out.toByteArray();
    }

    /** More or less light on every pixel, as a camera would give it. */
    private static BufferedImage exposed(BufferedImage image, double factor) {
        BufferedImage other = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int code = 0;
                for (int shift = 16; shift >= 0; shift -= 8) {
                    double light = Math.pow((image.getRGB(x, y) >> shift & 255) / 255.0, 2.2) * factor;
                    code = code << 8 | (int) Math.round(255 * Math.min(1, Math.pow(light, 1 / 2.2)));
                }
                other.setRGB(x, y, code);
            }
        }
        return other;
    }

    @Test
    void moreStepsLoseLessAndAreInOrder() {
        Reference reference = reference(HarbourFind.ENAMEL_MUG.picture(900, 3));
        double lost = Double.POSITIVE_INFINITY;
        for (int steps = 2; steps <= 7; steps++) {
            ValueMap values = ValueMap.of(reference, new Wanted(steps, 8, 1));
            assertThat(values.steps()).hasSizeBetween(2, steps);
            assertThat(values.steps()).extracting(Step::lightness).isSorted();
            double now = lost(reference, values);
            assertThat(now).as("%s steps", steps).isLessThanOrEqualTo(lost + 0.2);
            lost = now;
        }
        assertThat(lost).isLessThan(4);
    }

    /** Mean of what each place is off its step, L*. */
    private static double lost(Reference reference, ValueMap values) {
        double sum = 0;
        for (int i = 0; i < values.width() * values.height(); i++) {
            sum += Math.abs(
                    reference.lightness(i) - values.steps().get(values.step(i)).lightness());
        }
        return sum / (values.width() * values.height());
    }

    @Test
    void whatIsAllOneValueIsOneAreaAndNothingFails() {
        for (Color colour : List.of(Color.WHITE, Color.BLACK, new Color(120, 90, 40))) {
            ValueMap values = ValueMap.of(reference(plain(400, 500, colour)), FIVE);
            assertThat(values.steps()).hasSize(1);
            assertThat(values.outlines(1).areas()).hasSize(1);
        }
    }

    @Test
    void noiseAloneLeavesNoIsland() {
        BufferedImage image = new BufferedImage(400, 500, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(4);
        for (int y = 0; y < 500; y++) {
            for (int x = 0; x < 400; x++) {
                int grey = random.nextInt(256);
                image.setRGB(x, y, grey << 16 | grey << 8 | grey);
            }
        }
        ValueMap values = ValueMap.of(reference(image), new Wanted(7, 40, 0));
        assertThat(values.outlines(0).areas())
                .allSatisfy(a -> assertThat(a.outline().getArea()).isGreaterThanOrEqualTo(40 - 1e-6));
        for (double tolerance : new double[] {0, 1}) {
            Polygon[] areas = values.outlines(tolerance).areas().stream()
                    .map(Area::outline)
                    .toArray(Polygon[]::new);
            assertThat(CoverageValidator.isValid(areas))
                    .as("within %s mm", tolerance)
                    .isTrue();
        }
    }

    @Test
    void tooFewPixelsAndImpossibleWishesAreSaid() {
        Picture small = Picture.of(plain(10, 10, Color.GRAY));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Reference.of(small, View.WHOLE, FRAME))
                .withMessageContaining("at least 100 × 100");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Wanted(9, 20, 1))
                .withMessageContaining("not 9");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Frame(10, 200))
                .withMessageContaining("was 10");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new View(0, 0.5, 0.5, 0.5))
                .withMessageContaining("not 0.5");
    }
}
