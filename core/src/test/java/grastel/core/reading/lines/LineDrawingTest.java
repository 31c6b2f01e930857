package grastel.core.reading.lines;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.reading.lines.LineDrawing.Crossing;
import grastel.core.reading.picture.Picture;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Drawings of straight lines as hands make them, from pictures: every line is found where it is, and no other. */
@Tag("picture")
class LineDrawingTest {
    private static final double WIDE = 900;
    private static final double HIGH = 1100;

    /** Lines by four numbers: side and place of both ends. */
    private static List<Crossing> lines(Random random, int count) {
        List<Crossing> lines = new ArrayList<>();
        while (lines.size() < count) {
            int from = random.nextInt(4);
            int to = (from + 1 + random.nextInt(3)) % 4;
            double[] a = on(from, random.nextDouble(0.15, 0.85));
            double[] b = on(to, random.nextDouble(0.15, 0.85));
            Crossing line = new Crossing(a[0], a[1], b[0], b[1]);
            boolean apart = lines.stream().allMatch(l -> off(l, line) > 0.08);
            if (apart && Math.hypot(a[0] - b[0], a[1] - b[1]) > 0.4) {
                lines.add(line);
            }
        }
        return lines;
    }

    private static double[] on(int side, double along) {
        return switch (side) {
            case 0 -> new double[] {along, 0};
            case 1 -> new double[] {1, along};
            case 2 -> new double[] {along, 1};
            default -> new double[] {0, along};
        };
    }

    /** How far the ends of one line are from those of another, the further ones. */
    private static double off(Crossing one, Crossing other) {
        double straight = Math.max(
                Math.hypot(one.fromX() - other.fromX(), one.fromY() - other.fromY()),
                Math.hypot(one.toX() - other.toX(), one.toY() - other.toY()));
        double crossed = Math.max(
                Math.hypot(one.fromX() - other.toX(), one.fromY() - other.toY()),
                Math.hypot(one.toX() - other.fromX(), one.toY() - other.fromY()));
        return Math.min(straight, crossed);
    }

    /** On paper on a dark table, photographed a little askew. */
    private static Picture photographed(List<Crossing> lines, Random random, boolean frame) {
        BufferedImage image = new BufferedImage(1500, 1800, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(96, 74, 58));
        g.fillRect(0, 0, 1500, 1800);
        g.transform(AffineTransform.getRotateInstance(random.nextDouble(-0.08, 0.08), 750, 900));
        g.shear(random.nextDouble(-0.03, 0.03), random.nextDouble(-0.03, 0.03));
        g.setColor(new Color(232, 228, 218));
        g.fillRect(150, 180, 1200, 1450);
        g.translate(300, 320);
        g.setColor(new Color(70, 70, 74));
        g.setStroke(new BasicStroke(4, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        if (frame) {
            draw(g, 0, 0, WIDE, 0, random);
            draw(g, WIDE, 0, WIDE, HIGH, random);
            draw(g, WIDE, HIGH, 0, HIGH, random);
            draw(g, 0, HIGH, 0, 0, random);
        }
        lines.forEach(l -> draw(g, l.fromX() * WIDE, l.fromY() * HIGH, l.toX() * WIDE, l.toY() * HIGH, random));
        g.dispose();
        // Darker to one side, and noise.
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                double light = (1 - 0.35 * x / image.getWidth()) * (1 + 0.03 * random.nextGaussian());
                int code = image.getRGB(x, y);
                image.setRGB(
                        x,
                        y,
                        dim(code >> 16 & 255, light) << 16 | dim(code >> 8 & 255, light) << 8 | dim(code & 255, light));
            }
        }
        return Picture.of(image);
    }

    private static int dim(int code, double light) {
        return (int) Math.max(0, Math.min(255, code * light));
    }

    /** A line that a hand draws along no ruler: up to 4 px off, and now and then a gap. */
    private static void draw(Graphics2D g, double x0, double y0, double x1, double y1, Random random) {
        Path2D path = new Path2D.Double();
        double bow = random.nextDouble(-4, 4);
        double length = Math.hypot(x1 - x0, y1 - y0);
        int steps = 120;
        path.moveTo(x0, y0);
        for (int i = 1; i <= steps; i++) {
            double t = i / (double) steps;
            double off = bow * Math.sin(Math.PI * t) + random.nextGaussian() * 0.5;
            double x = x0 + (x1 - x0) * t - (y1 - y0) / length * off;
            double y = y0 + (y1 - y0) * t + (x1 - x0) / length * off;
            if (i % 37 == 5) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        g.draw(path);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 5, 6, 7})
    void everyLineIsFoundWhereItIsAndNoOther(int count) {
        for (int seed = 1; seed <= Sample.rounds(1, 3); seed++) {
            Random random = new Random(100L * count + seed);
            List<Crossing> drawn = lines(random, count);
            List<Crossing> found =
                    LineDrawing.of(photographed(drawn, random, true)).lines();
            assertThat(found)
                    .as("%d lines, seed %d: %s of %s", count, seed, found, drawn)
                    .hasSize(count);
            drawn.forEach(d -> assertThat(found).anyMatch(f -> off(f, d) < 0.05));
        }
    }

    /** A scan that was cut to the frame has no frame drawn. */
    @Test
    void withoutAFrameThePictureIsIt() {
        Random random = new Random(5);
        List<Crossing> drawn = lines(random, 4);
        BufferedImage image = new BufferedImage((int) WIDE, (int) HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, (int) WIDE, (int) HIGH);
        g.setColor(Color.GRAY);
        g.setStroke(new BasicStroke(3));
        drawn.forEach(l -> draw(g, l.fromX() * WIDE, l.fromY() * HIGH, l.toX() * WIDE, l.toY() * HIGH, random));
        g.dispose();
        List<Crossing> found = LineDrawing.of(Picture.of(image)).lines();

        assertThat(found).hasSize(4);
        drawn.forEach(d -> assertThat(found).anyMatch(f -> off(f, d) < 0.025));
    }

    @Test
    void whatHasNoLinesFromSideToSideHasNone() {
        BufferedImage blank = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        assertThat(LineDrawing.of(Picture.of(blank)).lines()).isEmpty();

        BufferedImage noise = new BufferedImage(600, 800, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(3);
        for (int i = 0; i < 600 * 800; i++) {
            noise.setRGB(i % 600, i / 600, 0x010101 * random.nextInt(256));
        }
        BufferedImage scribble = new BufferedImage(600, 800, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = scribble.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, 600, 800);
        g.setColor(Color.BLACK);
        for (int i = 0; i < 12; i++) {
            g.drawOval(100 + random.nextInt(200), 100 + random.nextInt(300), 50 + random.nextInt(200), 90);
        }
        g.dispose();
        assertThat(LineDrawing.of(Picture.of(scribble)).lines()).isEmpty();
        assertThat(LineDrawing.of(Picture.of(new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB)))
                        .lines())
                .isEmpty();
    }
}
