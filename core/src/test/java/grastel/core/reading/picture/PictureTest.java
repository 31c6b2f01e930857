package grastel.core.reading.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PictureTest {
    private static final int WIDTH = 7;
    private static final int HEIGHT = 5;

    static Stream<BufferedImage> kinds() {
        BufferedImage larger = noise(new BufferedImage(WIDTH + 4, HEIGHT + 3, BufferedImage.TYPE_3BYTE_BGR));
        return Stream.of(
                noise(Picture.blank(WIDTH, HEIGHT)),
                noise(new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_3BYTE_BGR)),
                noise(new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB)),
                larger.getSubimage(2, 1, WIDTH, HEIGHT));
    }

    /** In whatever order a kind of picture holds its channels, and whether it is a part of another. */
    @ParameterizedTest
    @MethodSource("kinds")
    void everyPixelKeepsItsColour(BufferedImage image) {
        Picture picture = Picture.of(image);
        assertThat(picture.rgb).hasSize(3 * WIDTH * HEIGHT);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                assertThat(picture.code(x, y)).isEqualTo(image.getRGB(x, y) & 0xffffff);
            }
        }
    }

    private static BufferedImage noise(BufferedImage image) {
        Random random = new Random(3);
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                image.setRGB(x, y, random.nextInt());
            }
        }
        return image;
    }
}
