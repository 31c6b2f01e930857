package grastel.core.planning;

import java.util.List;
import org.hipparchus.special.Erf;
import org.hipparchus.util.FastMath;

/**
 * How fast a class is against the usual of its band: the speed of its middle student, learned from what came back and what was
 * logged. The logarithm of the speed is normal: prior median 1, σ {@value #PRIOR_SIGMA}; one observation tells it within σ
 * {@value #OBSERVED_SIGMA}. Where a student finished early only a least speed is known, and counts as no more than that: the
 * posterior is its peak (Newton's method; it has only one) and its curvature there (Laplace). Where all speeds are known this
 * is the conjugate normal.
 *
 * @param speed of the middle student, 1 = usual
 * @param sigma standard deviation of its logarithm that is left
 * @param seen how many observations it rests on
 */
public record Pace(double speed, double sigma, int seen) {
    public static final double PRIOR_SIGMA = 0.35;
    public static final double OBSERVED_SIGMA = 0.3;
    public static final Pace UNKNOWN = new Pace(1, PRIOR_SIGMA, 0);
    /** Slower or quicker than by this factor is a mistake in the record, not a pace. */
    private static final double UTMOST = 8;

    /** Pages of different lessons that tell as much as all of one together. */
    private static final double A_LESSON_TELLS = 2;

    private static final double NORMAL_90 = 1.6449;
    private static final int ROUNDS = 50;
    private static final double SETTLED = 1e-10;

    /**
     * One thing seen of a speed.
     *
     * @param speed usual minutes of what was done, by the minutes it was done in
     * @param atLeast true where all there was to do was done
     * @param weight how much it counts, 0…1; the power its likelihood is taken to
     */
    public record Observation(double speed, boolean atLeast, double weight) {
        public Observation {
            speed = Math.min(UTMOST, Math.max(1 / UTMOST, speed));
        }

        public Observation(double speed, boolean atLeast) {
            this(speed, atLeast, 1);
        }
    }

    /**
     * Pages of one lesson. What its plan's minutes are off is the same for all of them, so together they tell no more than a
     * few that have nothing to do with one another.
     */
    public static List<Observation> ofOneLesson(List<Observation> pages) {
        double weight = Math.min(1, A_LESSON_TELLS / pages.size());
        return pages.stream()
                .map(o -> new Observation(o.speed(), o.atLeast(), weight))
                .toList();
    }

    /**
     * What a page tells of a pace. The field begun last may be half done or done: half is taken. Where it is the last there is,
     * all before it was done at least, and that is all that is known.
     *
     * @param work stages in the order of work that its student could have come to
     * @param reached how many of them have been begun, by the last that has
     * @param minutes the time there was for it, over 0
     */
    public static Observation page(List<Stage> work, int reached, double minutes) {
        double before = 0;
        for (int i = 0; i + 1 < reached; i++) {
            before += work.get(i).minutes();
        }
        boolean all = reached == work.size();
        double underWay = all || reached == 0 ? 0 : work.get(reached - 1).minutes() / 2;
        return new Observation((before + underWay) / minutes, all);
    }

    /**
     * What the log of a period tells: three of four students had come so far, as plans have it.
     *
     * @param usual minutes of the paced work that was done, at the usual pace
     * @param minutes the time there was for it, over 0
     * @param atLeast true where there may have been time left
     */
    public static Observation logged(double usual, double minutes, boolean atLeast) {
        return new Observation(ClassTime.SLOWER * usual / minutes, atLeast);
    }

    public static Pace learned(List<Observation> seen) {
        if (seen.isEmpty()) {
            return UNKNOWN;
        }
        double at = 0;
        double curvature = 0;
        for (int round = 0; round < ROUNDS; round++) {
            double slope = -at / (PRIOR_SIGMA * PRIOR_SIGMA);
            curvature = 1 / (PRIOR_SIGMA * PRIOR_SIGMA);
            for (Observation one : seen) {
                double z = (Math.log(one.speed()) - at) / OBSERVED_SIGMA;
                double hazard = one.atLeast() ? hazard(z) : 0;
                slope += one.weight() * (one.atLeast() ? hazard : z) / OBSERVED_SIGMA;
                double bend = one.atLeast() ? hazard * (hazard - z) : 1;
                curvature += one.weight() * bend / (OBSERVED_SIGMA * OBSERVED_SIGMA);
            }
            double step = slope / curvature;
            at += step;
            if (Math.abs(step) < SETTLED) {
                break;
            }
        }
        return new Pace(Math.exp(at), 1 / Math.sqrt(curvature), seen.size());
    }

    /** Density over upper tail of the normal; its asymptote where both vanish. */
    private static double hazard(double z) {
        if (z > 25) {
            return z + 1 / z;
        }
        double density = FastMath.exp(-z * z / 2) / FastMath.sqrt(2 * FastMath.PI);
        return density / (0.5 * Erf.erfc(z / FastMath.sqrt(2)));
    }

    /** Lower end of the interval that holds the speed nine times in ten. */
    public double least() {
        return speed * Math.exp(-NORMAL_90 * sigma);
    }

    /** Its upper end. */
    public double most() {
        return speed * Math.exp(NORMAL_90 * sigma);
    }
}
