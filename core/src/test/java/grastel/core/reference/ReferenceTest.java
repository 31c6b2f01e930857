package grastel.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.Sample;
import grastel.core.reading.picture.Picture;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What lies in the frame, turned and enlarged. */
@Tag("picture")
class ReferenceTest {
    private static final Frame SQUARE = new Frame(100, 100);

    /** Red left, blue right, green below. */
    private static Picture corners(int width, int height) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                image.setRGB(x, y, y > height / 2 ? 0x00ff00 : x < width / 2 ? 0xff0000 : 0x0000ff);
            }
        }
        return Picture.of(image);
    }

    private static int at(Reference reference, double x, double y) {
        return reference.code((int) (y * reference.height()) * reference.width() + (int) (x * reference.width()));
    }

    @Test
    void theFrameIsFilledFromTheMiddleAndKeepsItsShape() {
        Reference wide = Reference.of(corners(800, 400), View.WHOLE, SQUARE);
        assertThat(wide.width()).isEqualTo(wide.height());
        assertThat(wide.mmPerPx() * wide.width()).isCloseTo(100, within(1e-9));
        assertThat(at(wide, 0.25, 0.25)).isEqualTo(0xff0000);
        assertThat(at(wide, 0.75, 0.25)).isEqualTo(0x0000ff);
        assertThat(at(wide, 0.5, 0.75)).isEqualTo(0x00ff00);
    }

    @Test
    void fourQuarterTurnsComeRoundAndOneTurnsToTheRight() {
        Picture picture = corners(400, 400);
        Reference right = Reference.of(picture, new View(1, 1, 0.5, 0.5), SQUARE);
        assertThat(at(right, 0.25, 0.5)).as("what was below is left").isEqualTo(0x00ff00);
        assertThat(at(right, 0.75, 0.25))
                .as("what was upper left is upper right")
                .isEqualTo(0xff0000);
        Reference left = Reference.of(picture, new View(3, 1, 0.5, 0.5), SQUARE);
        assertThat(at(left, 0.75, 0.5)).isEqualTo(0x00ff00);
        Reference over = Reference.of(picture, new View(2, 1, 0.5, 0.5), SQUARE);
        assertThat(at(over, 0.5, 0.25)).isEqualTo(0x00ff00);
    }

    @Test
    void whatIsEnlargedStaysWithinThePicture() {
        Reference corner = Reference.of(corners(1000, 1000), new View(0, 4, 0, 0), SQUARE);
        for (int i = 0; i < corner.width() * corner.height(); i++) {
            assertThat(corner.code(i)).isEqualTo(0xff0000);
        }
        Random random = new Random(1);
        for (int i = 0; i < Sample.rounds(6, 20); i++) {
            View view =
                    new View(random.nextInt(4), 1 + 3 * random.nextDouble(), random.nextDouble(), random.nextDouble());
            Frame frame = new Frame(60 + 300 * random.nextDouble(), 60 + 300 * random.nextDouble());
            Reference any = Reference.of(corners(2000, 1500), view, frame);
            assertThat((double) any.width() / any.height()).isCloseTo(frame.widthMm() / frame.heightMm(), within(0.02));
        }
    }

    @Test
    void lightIsAveragedAndNotCodes() {
        BufferedImage image = new BufferedImage(2000, 2000, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 2000; y++) {
            for (int x = 0; x < 2000; x++) {
                image.setRGB(x, y, x % 2 == 0 ? 0xffffff : 0);
            }
        }
        Reference fine = Reference.of(Picture.of(image), View.WHOLE, SQUARE);
        double sum = 0;
        for (int i = 0; i < fine.width() * fine.height(); i++) {
            sum += fine.lightness(i);
        }
        assertThat(sum / (fine.width() * fine.height()))
                .as("half the light of white is L* 76, half its code would be 54")
                .isCloseTo(76, within(2.0));
    }
}
