package grastel.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.reading.picture.Picture;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FocusTest {
    private static final Frame FRAME = new Frame(150, 200);

    /** Greys all over, black beside white in one place. */
    private static Reference reference(double x, double y) {
        BufferedImage image = new BufferedImage(450, 600, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        for (int i = 0; i < 450; i += 30) {
            pen.setColor(i % 60 == 0 ? new Color(120, 120, 120) : new Color(150, 150, 150));
            pen.fillRect(i, 0, 30, 600);
        }
        int left = (int) (450 * x);
        int top = (int) (600 * y);
        pen.setColor(Color.BLACK);
        pen.fillRect(left - 40, top - 40, 40, 80);
        pen.setColor(Color.WHITE);
        pen.fillRect(left, top - 40, 40, 80);
        pen.dispose();
        return Reference.of(Picture.of(image), new View(0, 1, 0.5, 0.5), FRAME);
    }

    @ParameterizedTest
    @CsvSource({"0.3, 0.3", "0.7, 0.4", "0.5, 0.8"})
    void whatIsStrongestIsProposed(double x, double y) {
        Focus focus = Focus.proposed(reference(x, y), FRAME);
        assertThat(focus.x()).isCloseTo(x, within(0.08));
        assertThat(focus.y()).isCloseTo(y, within(0.08));
        assertThat(focus.radiusMm()).isEqualTo(27);
    }
}
