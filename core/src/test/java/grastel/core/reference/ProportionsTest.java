package grastel.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.reading.picture.Picture;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@Tag("picture")
class ProportionsTest {
    private static Proportions of(Rectangle... others) {
        BufferedImage image = new BufferedImage(800, 1000, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(200, 190, 160));
        g.fillRect(0, 0, 800, 1000);
        for (int i = 0; i < others.length; i++) {
            g.setColor(i == 0 ? new Color(40, 80, 60) : new Color(150, 60, 50));
            g.fill(others[i]);
        }
        g.dispose();
        Reference reference = Reference.of(Picture.of(image), View.WHOLE, new Frame(160, 200));
        return Proportions.of(reference, Zones.of(reference, 3, 40));
    }

    @ParameterizedTest
    @CsvSource({"300, 300, 1, 1", "250, 500, 1, 2", "400, 200, 2, 1", "250, 300, 5, 6", "300, 400, 3, 4"})
    void aSubjectIsMeasuredInSmallParts(int width, int height, int wide, int high) {
        Proportions found = of(new Rectangle(200, 300, width, height));
        assertThat(found.widthMm()).isCloseTo(width * 0.2, within(1.5));
        assertThat(found.heightMm()).isCloseTo(height * 0.2, within(1.5));
        assertThat(found.left()).isCloseTo(40, within(1.5));
        assertThat(found.top()).isCloseTo(60, within(1.5));
        assertThat(new int[] {found.wide(), found.high()}).containsExactly(wide, high);
    }

    @Test
    void whereNothingStandsBeforeTheRestItIsTheFrame() {
        Proportions found = of(new Rectangle(0, 290, 800, 420), new Rectangle(0, 710, 800, 290));
        assertThat(found.widthMm()).isCloseTo(160, within(0.5));
        assertThat(new int[] {found.wide(), found.high()}).containsExactly(4, 5);
    }

    @Test
    void ratiosAreTheNearestOfSmallNumbers() {
        assertThat(Proportions.parts(1.02)).containsExactly(1, 1);
        assertThat(Proportions.parts(0.66)).containsExactly(2, 3);
        assertThat(Proportions.parts(40)).containsExactly(6, 1);
    }
}
