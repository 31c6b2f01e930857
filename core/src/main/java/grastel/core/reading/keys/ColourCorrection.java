package grastel.core.reading.keys;

import grastel.core.colour.LinearRgb;
import java.util.List;
import org.ejml.simple.SimpleMatrix;

/**
 * Takes the hue and chroma that a camera saw to those that were there: a matrix on linear light, after which luminance is what
 * it was. How light a place is, the bare paper around it tells better than pencils whose pressure nobody knows.
 */
public final class ColourCorrection {
    public static final ColourCorrection NONE = new ColourCorrection(SimpleMatrix.identity(3));
    /** Pull towards no change, in squared reflectance; a few key boxes outweigh it. */
    private static final double STIFFNESS = 0.02;
    /** Paper must stay paper: it counts as much as this many key boxes. */
    private static final double PAPER_WEIGHT = 4;

    private final SimpleMatrix matrix;

    private ColourCorrection(SimpleMatrix matrix) {
        this.matrix = matrix;
    }

    /** A colour seen, what it should be, and how much it counts. */
    record Pair(LinearRgb seen, LinearRgb real, double weight) {}

    /**
     * The matrix M with least Σ w |M seen − real|² + stiffness |M − I|² (ridge regression; Hastie, Tibshirani and Friedman
     * 2009, section 3.4).
     */
    static ColourCorrection fit(List<Pair> pairs, LinearRgb paper) {
        SimpleMatrix seenSeen = SimpleMatrix.identity(3).scale(STIFFNESS);
        SimpleMatrix realSeen = SimpleMatrix.identity(3).scale(STIFFNESS);
        SimpleMatrix white = column(paper);
        seenSeen = seenSeen.plus(white.mult(white.transpose()).scale(PAPER_WEIGHT));
        realSeen = realSeen.plus(white.mult(white.transpose()).scale(PAPER_WEIGHT));
        for (Pair pair : pairs) {
            SimpleMatrix seen = column(pair.seen());
            seenSeen = seenSeen.plus(seen.mult(seen.transpose()).scale(pair.weight()));
            realSeen = realSeen.plus(column(pair.real()).mult(seen.transpose()).scale(pair.weight()));
        }
        return new ColourCorrection(realSeen.mult(seenSeen.invert()));
    }

    public LinearRgb of(LinearRgb seen) {
        if (this == NONE) {
            return seen;
        }
        SimpleMatrix out = matrix.mult(column(seen));
        return new LinearRgb(Math.max(0, out.get(0)), Math.max(0, out.get(1)), Math.max(0, out.get(2)))
                .withLuminance(seen.luminance());
    }

    private static SimpleMatrix column(LinearRgb c) {
        return new SimpleMatrix(new double[][] {{c.red()}, {c.green()}, {c.blue()}});
    }
}
