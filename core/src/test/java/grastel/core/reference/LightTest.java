package grastel.core.reference;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.exercise.LightFrom;
import grastel.core.reading.picture.Picture;
import grastel.core.stilllife.HarbourFind;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@Tag("picture")
class LightTest {
    private static final Frame FRAME = new Frame(150, 150);

    private static LightDirection of(BufferedImage image) {
        Reference reference = Reference.of(Picture.of(image), View.WHOLE, FRAME);
        return LightDirection.proposed(reference, Zones.of(reference, 4, 40));
    }

    /** Balls before an even wall. @param degrees the light of each, from the right, anticlockwise */
    private static BufferedImage balls(double... degrees) {
        int size = 600;
        BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_INT_RGB);
        double radius = degrees.length == 1 ? 220 : 130;
        for (int i = 0; i < size * size; i++) {
            int x = i % size;
            int y = i / size;
            Color colour = new Color(90, 95, 100);
            for (int ball = 0; ball < degrees.length; ball++) {
                double cx = size * (ball + 0.5) / degrees.length;
                double dx = (x - cx) / radius;
                double dy = (y - size / 2.0) / radius;
                if (dx * dx + dy * dy < 1) {
                    double way = Math.toRadians(degrees[ball]);
                    double lit = Math.max(
                            0,
                            0.7 * (dx * Math.cos(way) - dy * Math.sin(way)) + 0.7 * Math.sqrt(1 - dx * dx - dy * dy));
                    int v = (int) (40 + 180 * lit);
                    colour = new Color(v, v / 2, v / 3);
                }
            }
            image.setRGB(x, y, colour.getRGB());
        }
        return image;
    }

    static List<LightFrom> directions() {
        return Sample.of(List.of(LightFrom.values()), 3);
    }

    @ParameterizedTest
    @MethodSource("directions")
    void oneBallTellsWhereItsLightIs(LightFrom from) {
        LightDirection light = of(balls(45.0 * from.ordinal() + 8));
        assertThat(light.from()).isEqualTo(from);
        assertThat(light.isClear()).isTrue();
    }

    @Test
    void twoBallsLitFromBothSidesHaveNoOneLight() {
        assertThat(of(balls(180, 0)).isClear()).isFalse();
    }

    @Test
    void whatIsFlatHasNone() {
        BufferedImage image = new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB);
        assertThat(of(image).clarity()).isZero();
        assertThat(of(image).isClear()).isFalse();
    }

    @Test
    void findsOfTheHarbourLieInTheLightTheyWereDrawnIn() {
        assertThat(of(HarbourFind.GLASS_FLOAT.picture(700, 1)).from())
                .isIn(LightFrom.UPPER_LEFT, LightFrom.LEFT, LightFrom.ABOVE);
    }

    @Test
    void degreesBelongToTheNearestSide() {
        assertThat(LightFrom.at(0)).isEqualTo(LightFrom.RIGHT);
        assertThat(LightFrom.at(-20)).isEqualTo(LightFrom.RIGHT);
        assertThat(LightFrom.at(-50)).isEqualTo(LightFrom.LOWER_RIGHT);
        assertThat(LightFrom.at(359)).isEqualTo(LightFrom.RIGHT);
        assertThat(LightFrom.at(112)).isEqualTo(LightFrom.ABOVE);
    }
}
