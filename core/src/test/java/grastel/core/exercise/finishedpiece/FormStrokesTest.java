package grastel.core.exercise.finishedpiece;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grastel.core.colour.Lab;
import grastel.core.exercise.Piece.Made;
import grastel.core.exercise.Piece.Work;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.plan.PicturePlan;
import grastel.core.exercise.plan.PicturePlan.Line;
import grastel.core.exercise.plan.PicturePlan.Texture;
import grastel.core.layering.Layer;
import grastel.core.layering.PressureGrade;
import grastel.core.layering.Pressures;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleBinaryOperator;
import org.junit.jupiter.api.Test;

class FormStrokesTest {
    private static final int SIDE = 80;
    private static final int TONES = 4;

    /** One zone of four tones from light to dark. @param level 0 the lightest … 1 the darkest, by mm from the top left */
    private static FormStrokes strokes(DoubleBinaryOperator level) {
        List<Made> tones = new ArrayList<>();
        for (int i = 0; i < TONES; i++) {
            PressureGrade grade = PressureGrade.values()[i];
            Layer layer = new Layer.Colour(Pressures.TAUGHT.pass(Shipped.pencil("S16"), grade), 1);
            Lab colour = new Lab(85 - 12 * i, 0, 0);
            tones.add(new Made(1, 1.0 / TONES, colour, List.of(layer), colour));
        }
        byte[] places = new byte[SIDE * SIDE];
        for (int i = 0; i < places.length; i++) {
            double here = level.applyAsDouble(i % SIDE + 0.5, i / SIDE + 0.5);
            places[i] = (byte) Math.round(here * (TONES - 1) * PicturePlan.BETWEEN);
        }
        return FormStrokes.of(new Work(1, SIDE, SIDE, places, tones, 1, 1), Shipped.CARTRIDGE);
    }

    @Test
    void strokesRunFromTheLightIntoTheShadow() {
        assertThat(ways(strokes((x, y) -> x / SIDE))).hasSizeGreaterThan(200).allMatch(way -> way == 0);
        assertThat(ways(strokes((x, y) -> y / SIDE))).hasSizeGreaterThan(200).allMatch(way -> way == 90);
        // Darker to the right and down: from the upper left to the lower right, anticlockwise from the horizontal.
        assertThat(ways(strokes((x, y) -> (x + y) / (2 * SIDE)))).allMatch(way -> Math.abs(way - 135) <= 12);
    }

    @Test
    void roundABallTheyLeadToItsLight() {
        Texture texture =
                strokes((x, y) -> Math.min(1, Math.hypot(x - 40, y - 40) / 40)).texture();
        byte[] ways = texture.ways();
        int told = 0;
        for (int i = 0; i < ways.length; i++) {
            double x = (i % texture.columns() + 0.5) * Texture.WINDOW_MM - 40;
            double y = (i / texture.columns() + 0.5) * Texture.WINDOW_MM - 40;
            if ((ways[i] & 255) != Texture.NO_WAY && Math.hypot(x, y) > 10 && Math.hypot(x, y) < 32) {
                double radial = Math.toDegrees(Math.atan2(-y, x));
                assertThat(Math.IEEEremainder((ways[i] & 255) - radial, 180)).isCloseTo(0, within(12.0));
                told++;
            }
        }
        assertThat(told).isGreaterThan(80);
    }

    @Test
    void whereNothingTurnsNoWayIsAsked() {
        FormStrokes flat = strokes((x, y) -> 0.5);
        assertThat(ways(flat)).isEmpty();
        assertThat(flat.areAsked()).isFalse();
        assertThat(flat.lines()).isEmpty();
    }

    @Test
    void printedLinesRunAsTheStrokesAndStayInside() {
        List<Line> lines = strokes((x, y) -> x / SIDE).lines();

        assertThat(lines).hasSizeGreaterThan(20).allSatisfy(line -> {
            assertThat(line.to().y()).isCloseTo(line.from().y(), within(1e-9));
            assertThat(line.from().x()).isBetween(0.0, (double) SIDE);
            assertThat(line.to().x()).isBetween(0.0, (double) SIDE);
        });
    }

    private static List<Integer> ways(FormStrokes strokes) {
        List<Integer> ways = new ArrayList<>();
        for (byte way : strokes.texture().ways()) {
            if ((way & 255) != Texture.NO_WAY) {
                ways.add(way & 255);
            }
        }
        return ways;
    }
}
