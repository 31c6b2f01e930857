package grastel.core.reading.lines;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.alg.filter.blur.BlurImageOps;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayS32;
import boofcv.struct.image.GrayU8;
import georegression.struct.point.Point2D_I32;
import grastel.core.reading.picture.Picture;
import grastel.core.reading.picture.Shrunk;
import grastel.core.reading.place.Quadrangle;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Where lines are drawn in a picture: darker than the paper around them. Places are pixels of a picture made smaller. */
final class Ink {
    /** Longer side of what is looked at, pixels. */
    private static final int SIDE = 1200;
    /** Lines are this much darker than what lies around them, natural logarithm of light. */
    private static final double DARKER = 0.12;
    /** The channel that is looked at. */
    private static final int GREEN = 1;
    /** Less light is as good as none. */
    private static final double DIM = 1e-4;
    /** How far around is looked at, share of the longer side. */
    private static final double AROUND = 0.02;
    /** A frame fills so much of a picture. */
    private static final double LEAST_SHARE = 0.08;
    /** What is smaller is none of a line, pixels. */
    private static final int SPECK = 24;
    /** Gaps of twice this are closed, pixels. */
    private static final int GAP = 5;

    private final int width;
    private final int height;
    private final GrayU8 ink;

    private Ink(int width, int height) {
        this.width = width;
        this.height = height;
        this.ink = new GrayU8(width, height);
    }

    static Ink of(Picture picture) {
        Shrunk small = Shrunk.of(picture, SIDE);
        Ink ink = new Ink(small.width(), small.height());
        GrayF32 light = new GrayF32(small.width(), small.height());
        light.data = small.light()[GREEN];
        int around = (int) Math.max(3, Math.round(AROUND * Math.max(small.width(), small.height())));
        GrayF32 here = BlurImageOps.mean(light, null, 1, null, null);
        GrayF32 there = BlurImageOps.mean(light, null, around, null, null);
        for (int i = 0; i < ink.ink.data.length; i++) {
            double darker = Math.log(Math.max(DIM, there.data[i]) / Math.max(DIM, here.data[i]));
            ink.ink.data[i] = (byte) (darker > DARKER ? 1 : 0);
        }
        ink.takeSpecksOut();
        return ink;
    }

    private void takeSpecksOut() {
        GrayS32 labels = new GrayS32(width, height);
        int count = BinaryImageOps.contour(ink, ConnectRule.EIGHT, labels).size();
        int[] sizes = new int[count + 1];
        for (int label : labels.data) {
            sizes[label]++;
        }
        for (int i = 0; i < labels.data.length; i++) {
            ink.data[i] = (byte) (ink.data[i] != 0 && sizes[labels.data[i]] >= SPECK ? 1 : 0);
        }
    }

    /** Of a place in pixels. */
    boolean isAt(double x, double y) {
        int px = (int) Math.max(0, Math.min(width - 1.0, x));
        int py = (int) Math.max(0, Math.min(height - 1.0, y));
        return ink.data[py * width + px] != 0;
    }

    /** The picture's own. */
    List<Coordinate> corners() {
        return List.of(
                new Coordinate(0, 0),
                new Coordinate(width, 0),
                new Coordinate(width, height),
                new Coordinate(0, height));
    }

    /** Around what hangs together and is as large as a frame, the smallest first. */
    List<List<Coordinate>> quadrangles() {
        GrayU8 closed = BinaryImageOps.dilate4(ink, GAP, null);
        GrayS32 labels = new GrayS32(width, height);
        int count = BinaryImageOps.contour(closed, ConnectRule.EIGHT, labels).size();
        double least = LEAST_SHARE * width * height;
        return BinaryImageOps.labelToClusters(labels, count, null).stream()
                .map(part -> part.stream().filter(p -> ink.get(p.x, p.y) != 0).toList())
                .filter(part -> isWide(part, least))
                .map(Quadrangle::around)
                .flatMap(Optional::stream)
                .map(corners -> Map.entry(area(corners), corners))
                .filter(e -> e.getKey() >= least)
                .sorted(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .toList();
    }

    private static boolean isWide(List<Point2D_I32> part, double least) {
        int left = Integer.MAX_VALUE;
        int right = 0;
        int top = Integer.MAX_VALUE;
        int bottom = 0;
        for (Point2D_I32 p : part) {
            left = Math.min(left, p.x);
            right = Math.max(right, p.x);
            top = Math.min(top, p.y);
            bottom = Math.max(bottom, p.y);
        }
        return (double) (right - left) * (bottom - top) >= least;
    }

    private static double area(List<Coordinate> corners) {
        Coordinate[] ring =
                Stream.concat(corners.stream(), Stream.of(corners.get(0))).toArray(Coordinate[]::new);
        Polygon polygon = new GeometryFactory().createPolygon(ring);
        return polygon.getArea();
    }
}
