package grastel.core.reading.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import boofcv.struct.geo.AssociatedPair;
import grastel.core.reading.place.Warp.Sighting;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** A page photographed from anywhere, flat or bent, is found where it lies. */
class MappingPropertyTest {
    private static final double WIDTH = 210;
    private static final double HEIGHT = 297;

    /** A camera somewhere over a page: turned, tilted, from near or far. */
    private record Camera(double turn, double scale, double tiltX, double tiltY) {
        static Camera of(Random random) {
            return new Camera(
                    2 * Math.PI * random.nextDouble(),
                    3 + 9 * random.nextDouble(),
                    1.2e-3 * (random.nextDouble() - 0.5),
                    1.2e-3 * (random.nextDouble() - 0.5));
        }

        double[] sees(double mmX, double mmY) {
            double x = mmX - WIDTH / 2;
            double y = mmY - HEIGHT / 2;
            double w = 1 + tiltX * x + tiltY * y;
            return new double[] {
                2000 + scale * (Math.cos(turn) * x - Math.sin(turn) * y) / w,
                2000 + scale * (Math.sin(turn) * x + Math.cos(turn) * y) / w
            };
        }
    }

    private static Mapping mapped(Camera camera, Random noise, double px) {
        List<AssociatedPair> pairs = new ArrayList<>();
        for (double x : new double[] {10, 20, 190, 200}) {
            for (double y : new double[] {10, 20, 277, 287}) {
                double[] at = camera.sees(x, y);
                pairs.add(
                        new AssociatedPair(x, y, at[0] + px * noise.nextGaussian(), at[1] + px * noise.nextGaussian()));
            }
        }
        return Mapping.fit(pairs);
    }

    @Property(tries = 300, seed = "1")
    void cornersThatAreWellSeenTellEveryPlace(@ForAll long seed) {
        Random random = new Random(seed);
        Camera camera = Camera.of(random);
        Mapping mapping = mapped(camera, random, 0);
        double x = WIDTH * random.nextDouble();
        double y = HEIGHT * random.nextDouble();
        double[] at = camera.sees(x, y);
        assertThat(Math.hypot(mapping.x(x, y) - at[0], mapping.y(x, y) - at[1])).isLessThan(1e-5);
        assertThat(mapping.residualPx()).isLessThan(1e-5);
    }

    @Property(tries = 300, seed = "1")
    void cornersSeenBadlyAreSaidToBeAndMoveNoPlaceFurther(@ForAll long seed) {
        Random random = new Random(seed);
        Camera camera = Camera.of(random);
        Mapping mapping = mapped(camera, random, 0.4);
        assertThat(mapping.residualPx()).isBetween(0.15, 1.2);
        double x = 20 + (WIDTH - 40) * random.nextDouble();
        double y = 20 + (HEIGHT - 40) * random.nextDouble();
        double[] at = camera.sees(x, y);
        assertThat(Math.hypot(mapping.x(x, y) - at[0], mapping.y(x, y) - at[1])).isLessThan(2);
    }

    @Property(tries = 300, seed = "1")
    void aBendIsFoundThoughSomeOfWhatIsSeenIsSomethingElse(@ForAll long seed) {
        Random random = new Random(seed);
        double[] across = terms(random);
        double[] down = terms(random);
        List<Sighting> seen = new ArrayList<>();
        for (int i = 0; i < 160; i++) {
            double x = WIDTH * random.nextDouble();
            double y = HEIGHT * random.nextDouble();
            boolean vertical = i % 2 == 0;
            double off = random.nextInt(10) == 0
                    ? 6 * (random.nextDouble() - 0.5)
                    : bend(vertical ? down : across, x, y) + 0.05 * random.nextGaussian();
            seen.add(new Sighting(x, y, off, vertical));
        }
        Warp warp = Warp.fit(seen);
        double x = 15 + (WIDTH - 30) * random.nextDouble();
        double y = 15 + (HEIGHT - 30) * random.nextDouble();
        assertThat(warp.dx(x, y)).isCloseTo(bend(across, x, y), within(0.15));
        assertThat(warp.dy(x, y)).isCloseTo(bend(down, x, y), within(0.15));
        assertThat(warp.remaining(seen)).isLessThan(0.3);
    }

    /** Of a bend that moves no place by more than about 4 mm. */
    private static double[] terms(Random random) {
        return random.doubles(6, -0.7, 0.7).toArray();
    }

    private static double bend(double[] terms, double mmX, double mmY) {
        double x = (mmX - WIDTH / 2) / (WIDTH / 2);
        double y = (mmY - HEIGHT / 2) / (HEIGHT / 2);
        return terms[0] + terms[1] * x + terms[2] * y + terms[3] * x * x + terms[4] * x * y + terms[5] * y * y;
    }
}
