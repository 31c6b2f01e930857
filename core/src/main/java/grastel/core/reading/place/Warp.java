package grastel.core.reading.place;

import java.util.Arrays;
import java.util.List;
import org.ejml.simple.SimpleMatrix;

/**
 * How a bent sheet moves what is printed on it: a displacement in mm on the page, each direction a polynomial of second
 * degree, which is what a sheet that bulges or rolls up shows.
 */
final class Warp {
    private static final int TERMS = 6;
    static final Warp NONE = new Warp(new double[TERMS], new double[TERMS]);

    private static final int ROUNDS = 8;
    /** Pull towards no bend, where too few lines are seen to tell; in sightings. */
    private static final double STIFFNESS = 0.02;
    /** What is known counts as so many sightings. */
    private static final double KNOWN = 8;
    /** Lengths are scaled by this so that all terms are of one size, mm. */
    private static final double SCALE = 150;

    private final double[] x;
    private final double[] y;

    private Warp(double[] x, double[] y) {
        this.x = x;
        this.y = y;
    }

    /**
     * Something printed found off its place.
     *
     * @param x where it should be, mm
     * @param y likewise
     * @param off how far off along one axis, mm
     * @param vertical true where {@code off} is down the page, false where it is to the right
     * @param known true where nothing was looked for: there the mapping was made
     */
    record Sighting(double x, double y, double off, boolean vertical, boolean known) {
        Sighting(double x, double y, double off, boolean vertical) {
            this(x, y, off, vertical, false);
        }
    }

    /** Robust least squares; sightings that disagree with the rest count for nothing. */
    static Warp fit(List<Sighting> sightings) {
        return new Warp(
                fitOne(sightings.stream().filter(s -> !s.vertical()).toList()),
                fitOne(sightings.stream().filter(Sighting::vertical).toList()));
    }

    double dx(double mmX, double mmY) {
        return value(x, mmX, mmY);
    }

    double dy(double mmX, double mmY) {
        return value(y, mmX, mmY);
    }

    /** Largest displacement among places, mm. */
    double most(List<Sighting> places) {
        return places.stream()
                .mapToDouble(s -> Math.hypot(dx(s.x(), s.y()), dy(s.x(), s.y())))
                .max()
                .orElse(0);
    }

    /** What four in five of the sightings stay within once this is taken off, mm. */
    double remaining(List<Sighting> sightings) {
        double[] off = sightings.stream()
                .mapToDouble(s -> Math.abs(s.off() - (s.vertical() ? dy(s.x(), s.y()) : dx(s.x(), s.y()))))
                .sorted()
                .toArray();
        return off.length == 0 ? 0 : off[off.length * 4 / 5];
    }

    private static double[] fitOne(List<Sighting> sightings) {
        double[] weights = new double[sightings.size()];
        Arrays.fill(weights, 1);
        double[] terms = new double[TERMS];
        for (int round = 0; round < ROUNDS && sightings.size() > TERMS; round++) {
            terms = solve(sightings, weights);
            double[] found = terms;
            double[] off = sightings.stream()
                    .mapToDouble(s -> s.off() - value(found, s.x(), s.y()))
                    .toArray();
            double[] sizes = Arrays.stream(off).map(Math::abs).sorted().toArray();
            double scale = Math.max(0.03, 1.4826 * sizes[sizes.length / 2]);
            for (int i = 0; i < off.length; i++) {
                double u = off[i] / (4.685 * scale);
                weights[i] = sightings.get(i).known() ? KNOWN : Math.abs(u) < 1 ? (1 - u * u) * (1 - u * u) : 0;
            }
        }
        return terms;
    }

    private static double[] solve(List<Sighting> sightings, double[] weights) {
        SimpleMatrix normal = SimpleMatrix.identity(TERMS).scale(STIFFNESS);
        SimpleMatrix right = new SimpleMatrix(TERMS, 1);
        for (int i = 0; i < weights.length; i++) {
            SimpleMatrix basis = new SimpleMatrix(
                    TERMS, 1, true, basis(sightings.get(i).x(), sightings.get(i).y()));
            normal = normal.plus(basis.mult(basis.transpose()).scale(weights[i]));
            right = right.plus(basis.scale(weights[i] * sightings.get(i).off()));
        }
        return normal.solve(right).getDDRM().data.clone();
    }

    private static double value(double[] terms, double mmX, double mmY) {
        double[] basis = basis(mmX, mmY);
        double sum = 0;
        for (int i = 0; i < TERMS; i++) {
            sum += terms[i] * basis[i];
        }
        return sum;
    }

    private static double[] basis(double mmX, double mmY) {
        double x = mmX / SCALE - 0.7;
        double y = mmY / SCALE - 1;
        return new double[] {1, x, y, x * x, x * y, y * y};
    }
}
