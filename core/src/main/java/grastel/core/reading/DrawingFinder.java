package grastel.core.reading;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayS32;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_I32;
import grastel.core.reading.light.UpperFit;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.Shrunk;
import grastel.core.reading.place.Quadrangle;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Proposes the four corners of a drawing without markers: of the largest area that is not bare paper and does not run out of the
 * picture, as the table does. A proposal only: whoever looks moves them.
 */
public final class DrawingFinder {
    /** Longer side of what is looked at, pixels. */
    private static final int SIDE = 240;
    /** Paper this much darker than its light carries something, natural logarithm; */
    private static final double DARKER = 0.18;
    /** the same of one channel against another. */
    private static final double COLOURED = 0.07;
    /** Gaps of a drawing so wide are closed, pixels of what is looked at. */
    private static final int GAP = 2;
    /** A drawing fills so much of a picture at least. */
    private static final double LEAST_SHARE = 0.05;

    private final int width;
    private final int height;
    private final double[][] logs;

    private DrawingFinder(Picture picture) {
        Shrunk small = Shrunk.of(picture, SIDE);
        this.width = small.width();
        this.height = small.height();
        this.logs = new double[small.light().length][width * height];
        for (int c = 0; c < logs.length; c++) {
            float[] light = small.light()[c];
            Arrays.setAll(logs[c], i -> Math.log(Math.max(1e-4, light[i])));
        }
    }

    /** From the top left clockwise, as shares of the picture's width and height; none where nothing like a drawing is seen. */
    public static Optional<List<double[]>> corners(Picture picture) {
        DrawingFinder finder = new DrawingFinder(picture);
        return finder.largest(closed(finder.drawn())).flatMap(finder::quadrangle);
    }

    /** What carries something. */
    private GrayU8 drawn() {
        double[][] basis = IntStream.range(0, width * height)
                .mapToObj(i -> UpperFit.basis(2.0 * (i % width) / width - 1, 2.0 * (i / width) / height - 1))
                .toArray(double[][]::new);
        UpperFit fit = new UpperFit(basis, logs[1], UpperFit.Prior.DRAWING);
        double[][] off = new double[3][];
        for (int c = 0; c < 3; c++) {
            off[c] = fit.off(c == 1 ? fit.terms : fit.also(logs[c]), logs[c]);
        }
        GrayU8 drawn = new GrayU8(width, height);
        for (int i = 0; i < drawn.data.length; i++) {
            double most = Math.max(off[0][i], Math.max(off[1][i], off[2][i]));
            double least = Math.min(off[0][i], Math.min(off[1][i], off[2][i]));
            drawn.data[i] = (byte) (off[1][i] < -DARKER || most - least > COLOURED ? 1 : 0);
        }
        return drawn;
    }

    /** Grown and shrunk again: gaps go, the outline stays. */
    private static GrayU8 closed(GrayU8 drawn) {
        return BinaryImageOps.erode4(BinaryImageOps.dilate4(drawn, GAP, null), GAP, null);
    }

    /** Places of the largest area that does not reach the picture's border. */
    private Optional<List<Point2D_I32>> largest(GrayU8 drawn) {
        GrayS32 labels = new GrayS32(width, height);
        int count = BinaryImageOps.contour(drawn, ConnectRule.FOUR, labels).size();
        return BinaryImageOps.labelToClusters(labels, count, null).stream()
                .filter(area -> area.size() >= LEAST_SHARE * width * height)
                .filter(area -> area.stream().noneMatch(this::isAtBorder))
                .max(Comparator.comparingInt(List::size));
    }

    private Optional<List<double[]>> quadrangle(List<Point2D_I32> area) {
        return Quadrangle.around(area)
                .map(corners -> corners.stream()
                        .map(c -> new double[] {within(c.x / width), within(c.y / height)})
                        .toList());
    }

    private static double within(double share) {
        return Math.max(0, Math.min(1, share));
    }

    private boolean isAtBorder(Point2D_I32 at) {
        return at.x < 1 || at.y < 1 || at.x > width - 2 || at.y > height - 2;
    }
}
