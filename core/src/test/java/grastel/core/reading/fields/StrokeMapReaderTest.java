package grastel.core.reading.fields;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.page.Rect;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Strokes painted by Java's own lines, not by the simulated hand: another width, another end, another ground. */
class StrokeMapReaderTest {
    private static final double SIDE_MM = 72;

    /** Grain alone has no direction and no length. */
    @Test
    void grainIsNoStroke() {
        StrokeMap map = painted(0, 0, 6, 0.4, 0, 4);
        assertThat(Arrays.stream(map.windows())
                        .mapToDouble(StrokeMap.Window::coherence)
                        .average()
                        .orElseThrow())
                .isLessThan(0.35);
        assertThat(Arrays.stream(map.windows())
                        .mapToDouble(StrokeMap.Window::detail)
                        .average()
                        .orElseThrow())
                .isLessThan(Arrays.stream(map.windows())
                                .mapToDouble(StrokeMap.Window::grain)
                                .average()
                                .orElseThrow()
                        / 2);
    }

    /** @param jitter of single strokes, degrees; @param grain of the paper, standard deviation of L* */
    private static StrokeMap painted(
            double direction, double jitter, double lengthMm, double widthMm, double depth, double grain) {
        int ring = (int) (FieldSamples.RING_MM * FieldSamples.PER_MM);
        int side = (int) (SIDE_MM * FieldSamples.PER_MM) + 2 * ring;
        BufferedImage image = new BufferedImage(side, side, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setStroke(new BasicStroke(
                (float) (widthMm * FieldSamples.PER_MM), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        g.setColor(Color.WHITE);
        Random random = new Random(3);
        int count = (int) (0.45 * SIDE_MM * SIDE_MM / (lengthMm * widthMm));
        for (int i = 0; i < count; i++) {
            double way = Math.toRadians(direction + jitter * random.nextGaussian());
            double x = random.nextDouble(side);
            double y = random.nextDouble(side);
            double half = lengthMm * (1 + 0.2 * random.nextGaussian()) * FieldSamples.PER_MM / 2;
            g.draw(new Line2D.Double(
                    x - half * Math.cos(way),
                    y + half * Math.sin(way),
                    x + half * Math.cos(way),
                    y - half * Math.sin(way)));
        }
        g.dispose();
        Plane lightness = new Plane(side, side);
        for (int i = 0; i < lightness.data.length; i++) {
            int mark = image.getRaster().getSample(i % side, i / side, 0);
            lightness.data[i] = (float) (70 - depth * mark / 255 + grain * 2.5 * random.nextGaussian());
        }
        Plane seen = lightness.blurred(Specks.SPOT_MM * FieldSamples.PER_MM);
        Rect field = new Rect(FieldSamples.RING_MM, FieldSamples.RING_MM, SIDE_MM, SIDE_MM);
        Rect area = new Rect(0, 0, side / FieldSamples.PER_MM, side / FieldSamples.PER_MM);
        return StrokeMapReader.of(seen, Mask.of(field.inset(1), area, FieldSamples.PER_MM), field, 0);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 3, 6, 0.4, 20",
        "20, 3, 6, 0.3, 12",
        "45, 6, 5, 0.6, 20",
        "90, 4, 8, 0.5, 15",
        "135, 8, 4, 0.7, 25",
        "170, 5, 7, 0.4, 10"
    })
    void directionAndLengthAreReadWhateverTheStroke(
            double direction, double jitter, double length, double width, double depth) {
        StrokeMap map = painted(direction, jitter, length, width, depth, 1.5);
        double[] off = Arrays.stream(map.windows())
                .filter(w -> w.grain() > 0)
                .mapToDouble(w -> Math.abs(Math.IEEEremainder(w.direction() - direction, 180)))
                .toArray();
        assertThat(off.length).isGreaterThan(300);
        assertThat(Arrays.stream(off).average().orElseThrow()).as("degrees off").isLessThan(6);
        double[] lengths = map.lengths().stream().mapToDouble(mm -> mm).sorted().toArray();
        assertThat(lengths.length).isGreaterThanOrEqualTo(7);
        assertThat(lengths[lengths.length / 2] / length).isBetween(0.7, 1.35);
        assertThat(Arrays.stream(map.windows())
                        .mapToDouble(StrokeMap.Window::coherence)
                        .average()
                        .orElseThrow())
                .isGreaterThan(0.6);
    }
}
